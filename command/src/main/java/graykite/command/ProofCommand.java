package graykite.command;

import graykite.base.BadInput;
import graykite.base.Progress;
import graykite.edit.Edit;
import graykite.format.CommentFiles;
import graykite.format.ProjectFiles;
import graykite.format.ProofFiles;
import graykite.media.ReferenceFilm;
import graykite.media.SoundReader;
import graykite.picture.Png;
import graykite.project.Line;
import graykite.project.Project;
import graykite.project.SoundFile;
import graykite.proof.Proof;
import graykite.proof.ProofNote;
import graykite.proof.ProofReport;
import graykite.proof.ProofReport.OfLine;
import graykite.proof.Shot;
import graykite.proof.checks.Checks;
import graykite.reading.Timing;
import graykite.session.ProjectLock;
import graykite.sound.Sound;
import graykite.text.Script;
import graykite.time.FrameRate;
import graykite.time.Timecode;
import graykite.workbench.Figures;
import graykite.workbench.Moments;
import graykite.workbench.Proofs;
import graykite.workbench.Workbench;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** Says what is still wrong with speaking faces: of a project's lines, or of recordings as they would be animated. */
@Command(
        name = "proof",
        description = "Looks at lines as a strict supervisor would; a note a line on the standard output.",
        mixinStandardHelpOptions = true)
final class ProofCommand implements Callable<Integer> {
    private static final int PICTURE = 256;

    @Parameters(arity = "1..*", paramLabel = "PROJECT|AUDIO", description = "A .kite file, or recordings.")
    private List<Path> files = List.of();

    @Option(names = "--script", paramLabel = "FILE", description = "The words of one recording; else a file beside it.")
    private Path script;

    @Option(names = "--text", paramLabel = "WORDS", description = "The words of one recording themselves.")
    private String text;

    @Mixin
    private HowToRead how;

    @Option(
            names = "--character",
            paramLabel = "NAME",
            description = "Who speaks recordings: odile, pim or brine (default: odile).",
            defaultValue = "odile")
    private String character;

    @Option(names = "--fps", description = "Frames a second for recordings (default: 30)", defaultValue = "30")
    private String fps;

    @Option(
            names = "--fix",
            paramLabel = "CHECK",
            description = "Mends every note of this check with its first fix and saves the project.")
    private String fix;

    @Option(names = "--comments", paramLabel = "FILE", description = "Writes the project's comments as CSV.")
    private Path comments;

    @Option(names = "--take-comments", paramLabel = "FILE", description = "Reads comments from CSV into the project.")
    private Path taken;

    @Option(
            names = {"-o", "--out"},
            paramLabel = "OUT",
            description =
                    "The notes as .html, .pdf, .csv or .json; with --fix or --take-comments a .kite for the changed project.")
    private List<Path> outs = List.of();

    @Option(names = "--overwrite", description = "Replace files that are there already.")
    private boolean overwrite;

    private final Workbench workbench = new Workbench(SoundReader::read, new Figures());

    @Override
    public Integer call() throws IOException {
        checkOuts();
        boolean ofProject = isProject(files.getFirst());
        if (ofProject && files.size() > 1) {
            throw new BadInput("Give one project at a time, or any number of recordings.");
        }
        if (!ofProject && (fix != null || comments != null || taken != null)) {
            throw new BadInput("Only a project can be mended, and has comments. Give a .kite file.");
        }
        Project project = ofProject ? ProjectFiles.open(files.getFirst()) : recordings();
        Proofs proofs = new Proofs(workbench, Checks.shipped());
        Project changed = taken == null ? project : commented(project);
        changed = fix == null ? changed : mended(changed, proofs);
        if (fix != null || taken != null) {
            save(changed);
        }
        ProofReport report = report(changed, proofs);
        report.lines().forEach(l -> print(l, report.rate()));
        for (Path out : outs) {
            if (!out.toString().endsWith(ProjectFiles.EXTENSION)) {
                Project seen = changed;
                Moments moments = new Moments(workbench);
                ProofFiles.write(
                        report,
                        (line, time) -> moments.of(seen, line.line(), false, time, PICTURE)
                                .map(Png::bytes),
                        out);
            }
        }
        if (comments != null) {
            CommentFiles.write(changed, comments);
        }
        return 0;
    }

    private static boolean isProject(Path file) {
        return file.toString().endsWith(ProjectFiles.EXTENSION);
    }

    private void checkOuts() {
        List<Path> written = new ArrayList<>(outs);
        if (comments != null) {
            written.add(comments);
        }
        for (Path out : written) {
            String name = out.getFileName().toString().toLowerCase(Locale.ROOT);
            boolean known = isProject(out)
                    || out.equals(comments)
                    || ProofFiles.ENDINGS.stream().anyMatch(name::endsWith);
            if (!known) {
                throw BadInput.inFile(out, "ends in none of .html .pdf .csv .json. Choose one of them.");
            }
            if (Files.exists(out) && !overwrite) {
                throw BadInput.inFile(out, "is there already. Choose another name, or add --overwrite.");
            }
        }
        if (fix != null && !Checks.names().contains(fix)) {
            throw new IllegalArgumentException(
                    "--fix is one of " + String.join(", ", Checks.names()) + ", not \"" + fix + "\".");
        }
    }

    // --- what is looked at -------------------------------------------------------------------------------------------

    /** Recordings as lines of a project that nobody worked on. One that cannot be read is said, the rest is looked at. */
    private Project recordings() throws IOException {
        HowToRead.Readings readings = how.readings();
        Project project = Project.empty().withRate(FrameRate.parse(fps));
        if (project.member(character).isEmpty()) {
            throw new IllegalArgumentException("--character is odile, pim or brine, not \"" + character + "\".");
        }
        int n = 0;
        for (Path file : files) {
            LineInput input = new LineInput();
            input.audio = file;
            input.script = script;
            input.text = text;
            Sound sound = SoundReader.read(file, Progress.none());
            Optional<Script> words = input.written();
            Timing timing = words.isEmpty() && how.bySound
                    ? readings.bySound(sound)
                    : readings.read(
                            sound,
                            words.orElseThrow(input::wordless),
                            file.getFileName().toString());
            SoundFile content = new SoundFile(file.getFileName().toString(), Files.readAllBytes(file));
            workbench.keep(content, sound);
            Line line = Line.empty("line-" + ++n, file.getFileName().toString())
                    .withSpeaker(character)
                    .withSound(content)
                    .withScript(words.map(Script::text).orElse(""))
                    .withTiming(timing);
            project = project.with(line);
        }
        return project;
    }

    private ProofReport report(Project project, Proofs proofs) {
        List<OfLine> lines = new ArrayList<>();
        for (Line line : project.lines()) {
            lines.add(new OfLine(line, project.speakerOf(line).name(), proof(project, line, proofs)));
        }
        return new ProofReport(project.title(), project.rate(), lines);
    }

    private static Proof proof(Project project, Line line, Proofs proofs) {
        Optional<Shot.Film> film = line.reference().map(ReferenceFilm::known);
        try {
            return proofs.of(project, line, film, Progress.none());
        } catch (BadInput damaged) {
            System.err.println("kite: " + line.title().strip() + ": " + damaged.getMessage());
            return Proof.NONE;
        }
    }

    private static void print(OfLine line, FrameRate rate) {
        line.proof()
                .unmeasured()
                .forEach(u -> System.err.println("kite: " + line.line().title().strip() + ": " + u));
        if (line.line().timing().isEmpty()) {
            System.err.println(
                    "kite: " + line.line().title().strip() + ": is not read yet; only its recording was looked at.");
        }
        for (ProofNote note : line.proof().open()) {
            System.out.printf(
                    Locale.ROOT,
                    "%s\t%s\t%s\t%s\t%s%n",
                    Timecode.at(note.time(), 0, rate),
                    note.rule().id(),
                    note.rule().severity().name().toLowerCase(Locale.ROOT),
                    line.line().title().strip(),
                    note.says());
        }
    }

    // --- what is changed ---------------------------------------------------------------------------------------------

    private Project commented(Project project) {
        Project changed = project;
        for (Edit edit : CommentFiles.read(project, taken)) {
            changed = edit.apply(changed);
        }
        return changed;
    }

    /** With every open note of a check mended. */
    private Project mended(Project project, Proofs proofs) {
        Project changed = project;
        int used = 0;
        for (Line line : project.lines()) {
            Optional<Shot.Film> film = line.reference().map(ReferenceFilm::known);
            List<Edit> edits = proofs.mending(changed, line.id(), fix, film, Progress.none());
            for (Edit edit : edits) {
                changed = edit.apply(changed);
            }
            used += edits.size();
        }
        System.err.println("kite: " + used + (used == 1 ? " edit" : " edits") + " made.");
        return changed;
    }

    private void save(Project project) {
        Path target = outs.stream().filter(ProofCommand::isProject).findFirst().orElse(files.getFirst());
        ProjectLock.holder(target).ifPresent(who -> {
            throw BadInput.inFile(target, "is open: " + who + " works on it. Close it there first.");
        });
        ProjectFiles.save(project, target);
    }
}
