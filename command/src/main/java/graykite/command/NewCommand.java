package graykite.command;

import graykite.base.BadInput;
import graykite.format.ProjectFiles;
import graykite.project.Project;
import graykite.time.FrameRate;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;

/** Makes an empty project, to be filled by a script of edits or in the window. */
@Command(name = "new", description = "Makes an empty project.", mixinStandardHelpOptions = true)
final class NewCommand implements Callable<Integer> {
    @Option(names = "--title", paramLabel = "TITLE", description = "Name of the project (default: that of the file).")
    private String title;

    @Option(names = "--fps", description = "Frames a second (default: 30)", defaultValue = "30")
    private String fps;

    @Option(names = "--overwrite", description = "Replace a project that is there already.")
    private boolean overwrite;

    @Option(
            names = {"-o", "--out"},
            required = true,
            paramLabel = "PROJECT",
            description = "A file that ends in .kite.")
    private Path out;

    @Override
    public Integer call() {
        ProjectPaths.check(out);
        if (Files.exists(out) && !overwrite) {
            throw BadInput.inFile(out, "is there already. Choose another name, or add --overwrite.");
        }
        String name = out.getFileName().toString().replace(ProjectFiles.EXTENSION, "");
        Project project =
                Project.empty().withTitle(title == null ? name : title).withRate(FrameRate.parse(fps));
        ProjectFiles.save(project, out);
        System.out.println("An empty project in " + out);
        return 0;
    }
}
