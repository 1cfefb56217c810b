package graykite.bench;

import graykite.acting.Clip;
import graykite.acting.ClipsPlan;
import graykite.acting.Pass;
import graykite.acting.Performed;
import graykite.base.Progress;
import graykite.edit.ActingEdit;
import graykite.edit.History;
import graykite.edit.PassEdit;
import graykite.format.ProjectFiles;
import graykite.format.character.Cast;
import graykite.layer.LayerSetting;
import graykite.layer.LayerSetting.Blend;
import graykite.live.LiveLayer;
import graykite.live.MadeUpFace;
import graykite.media.MovieWriter;
import graykite.media.ReferenceFilm;
import graykite.motion.Keyed;
import graykite.motion.Motion;
import graykite.motion.Thinning;
import graykite.motion.Track;
import graykite.picture.Picture;
import graykite.project.Line;
import graykite.project.Project;
import graykite.project.SoundFile;
import graykite.reading.Place;
import graykite.reading.Timing;
import graykite.rig.Roles;
import graykite.scene.Scene;
import graykite.session.Session;
import graykite.sound.Sound;
import graykite.time.FrameRate;
import graykite.workbench.Figures;
import graykite.workbench.Staged;
import graykite.workbench.Workbench;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
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
 * Acting on a line of ten minutes: a layer added, a moment of five layers and a performing hand, a captured minute of 52 controls
 * edited, saved and thinned, and a film of 1080 lines scrubbed.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 4, time = 2)
public class ActingBenchmark {
    private final Timing timing = MotionBenchmark.timing();
    private final Workbench workbench =
            new Workbench((file, progress) -> Sound.silence(timing.duration(), 8000), new Figures());
    private final Track capture = capture();
    private final Project plain = Project.empty()
            .with(Line.empty("a", "a")
                    .withSound(new SoundFile("a.wav", new byte[] {1}))
                    .withTiming(timing));
    private final Project acted = acted();
    private final Scene five;
    private final Scene performed;
    private final LiveLayer hand;
    private final Path folder;
    private final Path film;
    private final Session session;
    private final ReferenceFilm reference;
    private final SplittableRandom random = new SplittableRandom(1);
    private History history = History.of(acted);
    private int count;

    public ActingBenchmark() {
        five = workbench.line(acted, "a", Progress.none()).scene().orElseThrow();
        hand = new LiveLayer(Cast.byName("odile"), MadeUpFace.of(1, 0, 1).controls(), true, 1);
        performed = five.with(0, hand);
        workbench.line(plain, "a", Progress.none());
        try {
            folder = Files.createTempDirectory("kite-bench");
        } catch (IOException unwritable) {
            throw new UncheckedIOException(unwritable);
        }
        film = film();
        reference = ReferenceFilm.open(film, FrameRate.FILM);
        session = new Session(folder.resolve("sessions"), System.err::println);
        session.begin(history, Optional.empty(), false);
    }

    /** A minute of 52 controls at 60 a second that tremble as a camera's do. */
    private static Track capture() {
        Motion face = MadeUpFace.of(60, 0.01, 5);
        List<String> controls = new ArrayList<>(face.controls());
        Roles.all().stream()
                .filter(r -> !controls.contains(r))
                .limit(52 - controls.size())
                .forEach(controls::add);
        SplittableRandom noise = new SplittableRandom(9);
        float[] values = new float[3601 * controls.size()];
        for (int s = 0; s < 3601; s++) {
            for (int c = 0; c < controls.size(); c++) {
                double own = c < face.controls().size()
                        ? face.at(c, s / 60.0)
                        : 0.3 + 0.3 * Math.sin(s / 60.0 * (0.4 + 0.1 * c)) + 0.01 * noise.nextDouble();
                values[s * controls.size() + c] = (float) own;
            }
        }
        return new Track(60, controls, values);
    }

    private Project acted() {
        List<Clip> clips = new ArrayList<>();
        for (int i = 0; i < 200; i++) {
            clips.add(new Clip(
                    Place.at(3.0 * i), Place.at(3.0 * i + 2.4), Clip.Look.of(i % 2 == 0 ? "Glad" : "Worried")));
        }
        Project project = plain;
        for (int i = 0; i < 4; i++) {
            LayerSetting setting = LayerSetting.of("Feel " + i, Blend.ADD).withWeight(LayerSetting.always(0.3));
            project = new ActingEdit.AddLayer("a", 99, new ClipsPlan(setting, clips)).apply(project);
        }
        return pass(10).apply(project);
    }

    private PassEdit.AddPass pass(double at) {
        PassEdit.Look look =
                new PassEdit.Look(Performed.whole("Capture", capture), false, Pass.USUAL_EASE, 0, Map.of());
        return new PassEdit.AddPass("a", "", at, at + 60, look);
    }

    private Path film() {
        Path file = folder.resolve("film.mp4");
        int[] pixels = new int[1920 * 1080];
        try (MovieWriter writer =
                new MovieWriter(file, MovieWriter.Codec.H264, 1920, 1080, FrameRate.FILM, Sound.silence(10, 48_000))) {
            for (int f = 0; f < 240; f++) {
                Arrays.fill(pixels, 0xFF000000 | f << 8);
                for (int i = 0; i < pixels.length; i += 7) {
                    pixels[i] ^= i * 31 + f;
                }
                writer.add(new Picture(1920, 1080, pixels));
            }
        }
        return file;
    }

    /** A layer of 200 clips is added: until the scene stands. */
    @Benchmark
    public Staged aLayerIsAdded() {
        ClipsPlan plan = new ClipsPlan(
                LayerSetting.of("New " + count++, Blend.ADD),
                List.of(new Clip(Place.at(5), Place.at(8), Clip.Look.of("Glad"))));
        return workbench.line(new ActingEdit.AddLayer("a", 99, plan).apply(plain), "a", Progress.none());
    }

    /** What everybody's channels are at a moment, five layers over speech. */
    @Benchmark
    public List<double[]> aMomentOfFiveLayers() {
        return five.at(10 + 0.01 * (count++ % 6000));
    }

    /** The same while a hand performs 18 controls on top. */
    @Benchmark
    public List<double[]> aMomentWhilePerforming() {
        hand.set(new double[18]);
        return performed.at(10 + 0.01 * (count++ % 6000));
    }

    /** The captured minute is moved: until the entry is on disk. */
    @Benchmark
    public History theMinuteIsMoved() {
        PassEdit.Look look =
                new PassEdit.Look(Performed.whole("Capture", capture), false, 0.1 + 1e-7 * count++, 0, Map.of());
        PassEdit edit = new PassEdit.ChangePass("a", "", 0, 10, 70, look);
        history = history.edited(edit, 1);
        session.did(edit, 1, history, Optional.empty());
        session.flush();
        return history;
    }

    /** The project with it is saved. */
    @Benchmark
    public Path theMinuteIsSaved() {
        Path file = folder.resolve("saved.kite");
        ProjectFiles.save(acted, file);
        return file;
    }

    /** It becomes keys, within two per cent of what each control can do. */
    @Benchmark
    public Keyed theMinuteBecomesKeys() {
        return Thinning.thinned(capture, c -> 0.02 * (Roles.turns(c) ? 30 : 1)).motion();
    }

    /** Any frame of a film of 1920 x 1080. */
    @Benchmark
    public Optional<ReferenceFilm.Still> aFilmIsScrubbed() {
        return reference.at(random.nextDouble(0, 9.9));
    }

    /** The next frame, as it plays. */
    @Benchmark
    public Optional<ReferenceFilm.Still> aFilmPlays() {
        return reference.at(count++ % 236 / 24.0);
    }

    @TearDown
    public void tidy() throws IOException {
        reference.close();
        session.closeClean();
        try (var files = Files.walk(folder)) {
            for (Path file : files.sorted(Comparator.reverseOrder()).toList()) {
                Files.delete(file);
            }
        }
    }
}
