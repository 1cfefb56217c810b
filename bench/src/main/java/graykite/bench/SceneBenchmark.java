package graykite.bench;

import graykite.acting.PoseKey;
import graykite.base.Progress;
import graykite.edit.History;
import graykite.edit.ReadingEdit;
import graykite.format.ProjectFiles;
import graykite.project.Line;
import graykite.project.Project;
import graykite.project.SceneWork;
import graykite.project.SoundFile;
import graykite.reading.Timing;
import graykite.session.Session;
import graykite.sound.Sound;
import graykite.workbench.Figures;
import graykite.workbench.Staged;
import graykite.workbench.Workbench;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.TearDown;
import org.openjdk.jmh.annotations.Warmup;

/**
 * A line of ten minutes with 30 keyed poses among three people on one stage: what an edit costs until the new scene stands,
 * and until its entry in the journal is on disk.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 4, time = 2)
public class SceneBenchmark {
    private final Timing timing = MotionBenchmark.timing();
    private final Workbench workbench =
            new Workbench((file, progress) -> Sound.silence(timing.duration(), 8000), new Figures());
    private final Project conversation = conversation();
    private final Project twoHundred = twoHundred();
    private final Path folder;
    private final Path saved;
    private final Session session;
    private History history = History.of(conversation);
    private int edits;

    public SceneBenchmark() {
        try {
            folder = Files.createTempDirectory("kite-bench");
            saved = folder.resolve("two-hundred.kite");
            ProjectFiles.save(twoHundred, saved);
        } catch (IOException unwritable) {
            throw new UncheckedIOException(unwritable);
        }
        workbench.scene(conversation, "scene", Progress.none());
        session = new Session(folder.resolve("sessions"), System.err::println);
        session.begin(history, Optional.empty(), false);
    }

    private Line line(String id, String speaker) {
        return Line.empty(id, id)
                .withSound(new SoundFile(id + ".wav", id.getBytes(StandardCharsets.UTF_8)))
                .withSpeaker(speaker)
                .withTiming(timing);
    }

    private Project conversation() {
        List<PoseKey> keys = new ArrayList<>();
        for (int i = 0; i < 30; i++) {
            keys.add(new PoseKey(10 + 15 * i, i % 2 == 0 ? "Glad" : "Worried", 0.6, 0.3));
        }
        List<Line> lines = List.of(line("a", "odile").withKeys(keys), line("b", "pim"), line("c", "brine"));
        SceneWork scene = SceneWork.empty("scene", "Scene");
        for (Line line : lines) {
            scene = scene.with(new SceneWork.Block(line.id(), 5));
        }
        return Project.empty().withLines(lines).with(scene);
    }

    private Project twoHundred() {
        List<Line> lines = new ArrayList<>();
        Timing short_ = new Timing(timing.words().subList(0, 20), 8);
        for (int i = 0; i < 200; i++) {
            lines.add(line("l" + i, "odile").withTiming(short_));
        }
        return Project.empty().withLines(lines);
    }

    /** Each time another one, so that nothing is at hand. */
    private ReadingEdit dragged() {
        double start = timing.words().get(900).phones().get(1).start();
        return new ReadingEdit.MoveStart("a", 900, 1, start + 0.01 + 1e-7 * edits++);
    }

    /** A boundary dragged; everything that follows for three people. */
    @Benchmark
    public Staged afterOneDrag() {
        return workbench.scene(dragged().on(conversation), "scene", Progress.none());
    }

    /** The same edit in the journal, on disk. */
    @Benchmark
    public History journalEntry() {
        ReadingEdit edit = dragged();
        history = history.edited(edit, 1);
        session.did(edit, 1, history, Optional.empty());
        session.flush();
        return history;
    }

    /** A saved project of 200 lines is opened. */
    @Benchmark
    public Project openTwoHundredLines() {
        return ProjectFiles.open(saved);
    }

    @TearDown
    public void tidy() throws IOException {
        session.closeClean();
        try (var files = Files.walk(folder)) {
            for (Path file : files.sorted(Comparator.reverseOrder()).toList()) {
                Files.delete(file);
            }
        }
    }
}
