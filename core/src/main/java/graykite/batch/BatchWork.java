package graykite.batch;

import graykite.base.BadInput;
import graykite.base.Progress;
import graykite.batch.BatchResult.Written;
import graykite.delivery.Item;
import graykite.delivery.Kind;
import graykite.delivery.Order;
import graykite.delivery.Output;
import graykite.delivery.Subject;
import graykite.delivery.Subjects;
import graykite.format.EditJson;
import graykite.format.character.FigureFiles;
import graykite.hearing.Reader;
import graykite.picture.Png;
import graykite.project.Line;
import graykite.project.Member;
import graykite.project.Project;
import graykite.project.SoundFile;
import graykite.proof.Proof;
import graykite.proof.ProofNote;
import graykite.proof.Severity;
import graykite.proof.checks.Checks;
import graykite.reading.Doubt;
import graykite.reading.Timing;
import graykite.rig.Character;
import graykite.text.TimeLine;
import graykite.workbench.EditScript;
import graykite.workbench.Figures;
import graykite.workbench.LineReader;
import graykite.workbench.Moments;
import graykite.workbench.Proofs;
import graykite.workbench.ScriptShelf;
import graykite.workbench.Workbench;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Supplier;

/**
 * Does one row of a table: reads the recording, acts the line, proofs it and writes it. What is large, models and characters,
 * is loaded once for all rows; everything else is forgotten after each. Safe for several threads.
 */
public final class BatchWork {
    /** Writes one output of a line; what does it depends on the machine. */
    public interface Writes {
        void write(Subject subject, Order order, Output output, Progress progress);
    }

    /** Name of the line in files of edits. */
    static final String LINE = "line";

    private static final int PICTURE = 96;

    private final BatchTable table;
    private final BatchSettings settings;
    private final Path folder;
    private final Workbench.Decoder decoder;
    private final Supplier<Reader> english;
    private final Writes writes;
    private final Figures figures = new Figures();
    private final Map<String, Member> members = new ConcurrentHashMap<>();

    /**
     * @param folder of the delivery
     * @param english the reader of English
     */
    public BatchWork(
            BatchTable table,
            BatchSettings settings,
            Path folder,
            Workbench.Decoder decoder,
            Supplier<Reader> english,
            Writes writes) {
        this.table = table;
        this.settings = settings;
        this.folder = folder;
        this.decoder = decoder;
        this.english = english;
        this.writes = writes;
    }

    /** What a row depends on. @throws BadInput with row and column when it cannot be understood */
    String inputs(BatchRow row) {
        BatchLine line = BatchLine.of(row, table, settings);
        List<Path> files = new ArrayList<>(List.of(line.audio()));
        line.edits().ifPresent(files::add);
        if (ours(line.character()).isEmpty()) {
            files.add(figureFile(row, line.character()));
        }
        // A diction of one's own is a file too.
        row.cell("diction")
                .map(table.folder()::resolve)
                .filter(Files::isRegularFile)
                .ifPresent(files::add);
        return Inputs.hash(List.of(line.words().toString(), row.cells().toString(), settings.toString()), files);
    }

    /** Files that a row would write and that are there already. */
    List<Path> there(BatchRow row) {
        return BatchLine.of(row, table, settings).order().kinds().stream()
                .map(kind -> folder.resolve(row.out() + kind.ending()))
                .filter(Files::exists)
                .toList();
    }

    /** Does a row. @throws BadInput when it cannot be done */
    BatchResult run(BatchRow row, String inputs, Progress progress) {
        long began = System.nanoTime();
        BatchLine asked = BatchLine.of(row, table, settings);
        Workbench workbench = new Workbench(decoder, figures);
        LineReader reader = new LineReader(workbench, english);
        Member speaker = members.computeIfAbsent(asked.character(), name -> member(row, name));
        Project project = project(row, asked, speaker);
        Line line = project.line(LINE).orElseThrow();
        Timing timing =
                asked.words().isPresent() ? reader.read(project, line, progress) : reader.listen(line, progress);
        project = project.with(line.withTiming(timing));
        if (asked.edits().isPresent()) {
            project = edited(row, project, asked.edits().get(), reader);
        }
        line = project.line(LINE).orElseThrow();
        Proof proof = new Proofs(workbench, Checks.shipped()).of(project, line, Optional.empty(), progress.quiet());
        Subject subject = new Subjects(workbench, Map.of())
                .of(project, Item.line(LINE), needsNotes(asked.order()), progress.quiet());
        List<Written> written = new ArrayList<>();
        for (Kind kind : asked.order().kinds()) {
            Path path = folder.resolve(row.out() + kind.ending());
            writes.write(
                    subject,
                    asked.order(),
                    Output.single(kind, asked.order(), subject.title(), LINE, path),
                    progress.quiet());
            written.add(written(path));
        }
        List<ProofNote> open = proof.open();
        Timing read = line.timing().orElse(timing);
        return new BatchResult(
                row.number(),
                row.out(),
                inputs,
                BatchResult.State.GOOD,
                "",
                speaker.name(),
                TimeLine.without(line.script()),
                read.duration(),
                read.words().size(),
                Doubt.of(read).size(),
                (int) proof.count(Severity.FAULT),
                open.size(),
                open.isEmpty() ? "" : open.getFirst().rule().title(),
                written,
                (System.nanoTime() - began) / 1e9,
                new Moments(workbench)
                        .of(project, line, false, read.duration() * 0.4, PICTURE)
                        .map(Png::bytes));
    }

    private static boolean needsNotes(Order order) {
        return order.kinds().contains(Kind.SHEET_CSV) || order.kinds().contains(Kind.SHEET_PDF);
    }

    private Project project(BatchRow row, BatchLine asked, Member speaker) {
        try {
            SoundFile sound = new SoundFile(asked.audio().getFileName().toString(), Files.readAllBytes(asked.audio()));
            Line line = Line.empty(LINE, BatchRow.stem(row.out()))
                    .withSpeaker(speaker.id())
                    .withSound(sound)
                    .withVoice(asked.voice())
                    .withScript(asked.words().orElse(""))
                    .withMouth(asked.mouth())
                    .withSeed(asked.seed());
            return Project.empty()
                    .withTitle(BatchRow.stem(table.file().toString()))
                    .withRate(asked.order().rate().orElseThrow())
                    .withDictionary(settings.words())
                    .with(speaker)
                    .with(line);
        } catch (IOException unreadable) {
            throw row.mistake("audio", asked.audio().getFileName() + " cannot be read.");
        }
    }

    private static Optional<Member> ours(String name) {
        return Project.OUR_CAST.stream()
                .filter(m -> m.id().equalsIgnoreCase(name) || m.name().equalsIgnoreCase(name))
                .findFirst();
    }

    private Member member(BatchRow row, String name) {
        Optional<Member> ours = ours(name);
        if (ours.isPresent()) {
            return ours.get();
        }
        try {
            Character figure = FigureFiles.read(figureFile(row, name), Optional.empty(), Progress.none())
                    .character();
            return new Member("own", figure.name(), new Member.Own(figure), Optional.empty());
        } catch (BadInput damaged) {
            throw row.mistake("character", damaged.getMessage());
        }
    }

    private Path figureFile(BatchRow row, String name) {
        Path file = table.folder().resolve(name);
        if (!Files.exists(file)) {
            throw row.mistake(
                    "character", "there is no \"" + name + "\". Name one of ours, odile, pim or brine, or a file.");
        }
        return file;
    }

    private static Project edited(BatchRow row, Project project, Path edits, LineReader reader) {
        try {
            ScriptShelf shelf = new ScriptShelf(edits.toAbsolutePath().getParent());
            return new EditScript(new EditJson(shelf), reader)
                    .run(project, Files.readAllLines(edits), edits.getFileName().toString(), Progress.none());
        } catch (IOException unreadable) {
            throw row.mistake("edits", edits.getFileName() + " is no text in UTF-8, or cannot be read.");
        } catch (BadInput refused) {
            throw row.mistake("edits", refused.getMessage());
        }
    }

    private Written written(Path path) {
        try {
            String from = folder.relativize(path).toString().replace('\\', '/');
            return new Written(from, Files.isDirectory(path) ? -1 : Files.size(path));
        } catch (IOException vanished) {
            throw BadInput.inFile(path, "was written and is gone.", vanished);
        }
    }
}
