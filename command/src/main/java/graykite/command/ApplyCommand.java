package graykite.command;

import graykite.base.BadInput;
import graykite.base.Progress;
import graykite.format.EditJson;
import graykite.format.ProjectFiles;
import graykite.format.TrackStore;
import graykite.media.SoundReader;
import graykite.project.Project;
import graykite.session.ProjectLock;
import graykite.text.Language;
import graykite.workbench.EditScript;
import graykite.workbench.Figures;
import graykite.workbench.LineReader;
import graykite.workbench.ScriptShelf;
import graykite.workbench.Workbench;
import java.io.IOException;
import java.nio.charset.MalformedInputException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** Runs a file of edits on a project: whatever the window can do to it. */
@Command(
        name = "apply",
        description = "Applies a file of edits, one a line, to a project; docs/edits.md lists them.",
        mixinStandardHelpOptions = true)
final class ApplyCommand implements Callable<Integer> {
    private static final long LONGEST = 256L << 20;

    @Parameters(index = "0", paramLabel = "PROJECT", description = "A .kite file.")
    private Path project;

    @Parameters(index = "1", paramLabel = "EDITS", description = "A file with one edit (JSON) a line.")
    private Path edits;

    @Option(
            names = {"-o", "--out"},
            required = true,
            paramLabel = "NEW",
            description = "Where the changed project goes; may be the project itself.")
    private Path out;

    @Option(names = "--overwrite", description = "Replace another project that is there already.")
    private boolean overwrite;

    @Override
    public Integer call() throws IOException {
        ProjectPaths.check(out);
        boolean itself = Files.exists(out) && Files.exists(project) && Files.isSameFile(project, out);
        if (Files.exists(out) && !itself && !overwrite) {
            throw BadInput.inFile(out, "is there already. Choose another name, or add --overwrite.");
        }
        ProjectLock.holder(out).ifPresent(who -> {
            throw BadInput.inFile(out, "is open: " + who + " works on it. Close it there first.");
        });
        Project before = ProjectFiles.open(project);
        List<String> lines = lines();
        ScriptShelf shelf = new ScriptShelf(edits.toAbsolutePath().getParent());
        before.lines().stream().flatMap(l -> l.sound().stream()).forEach(s -> shelf.take(s.content(), s.hash()));
        before.tracks().map(TrackStore::bytes).forEach(t -> shelf.take(t, TrackStore.hash(t)));
        Workbench workbench = new Workbench(SoundReader::read, new Figures());
        EditScript script = new EditScript(
                new EditJson(shelf), new LineReader(workbench, Once.of(() -> HowToRead.reader(Language.ENGLISH))));
        Project after = script.run(before, lines, edits.getFileName().toString(), Progress.none());
        ProjectFiles.save(after, out);
        long count = lines.stream()
                .filter(l -> !l.isBlank() && !l.strip().startsWith("#"))
                .count();
        System.out.println(count + (count == 1 ? " edit" : " edits") + " applied; " + out);
        return 0;
    }

    private List<String> lines() throws IOException {
        try {
            if (Files.size(edits) > LONGEST) {
                throw BadInput.inFile(edits, "is larger than 256 MB: split it.");
            }
            return Files.readAllLines(edits);
        } catch (MalformedInputException foreign) {
            throw BadInput.inFile(edits, "is no text in UTF-8.", foreign);
        } catch (IOException missing) {
            throw BadInput.inFile(edits, "cannot be read. Check that it exists and may be opened.", missing);
        }
    }
}
