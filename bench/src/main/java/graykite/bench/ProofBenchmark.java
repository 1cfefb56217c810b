package graykite.bench;

import graykite.acting.Clip;
import graykite.base.Progress;
import graykite.edit.ClipEdit;
import graykite.edit.MouthEdit;
import graykite.mouth.TouchUp;
import graykite.project.Line;
import graykite.project.Project;
import graykite.project.SoundFile;
import graykite.proof.Proof;
import graykite.proof.checks.Checks;
import graykite.reading.Anchor;
import graykite.reading.Timing;
import graykite.sound.Sound;
import graykite.time.FrameRate;
import graykite.workbench.Figures;
import graykite.workbench.Proofs;
import graykite.workbench.Workbench;
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
import org.openjdk.jmh.annotations.Warmup;

/** The proof of a line of ten minutes at 24 frames a second: the whole of it, and again after an edit. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 3)
@Measurement(iterations = 4, time = 3)
public class ProofBenchmark {
    private final Timing timing = MotionBenchmark.timing();
    private final Workbench workbench =
            new Workbench((file, progress) -> Sound.silence(timing.duration(), 8000), new Figures());
    private final Project plain = Project.empty()
            .withRate(FrameRate.FILM)
            .with(Line.empty("a", "a")
                    .withSound(new SoundFile("a.wav", new byte[] {1}))
                    .withTiming(timing));
    private final Proofs going = new Proofs(workbench, Checks.shipped());
    private Project edited = plain;
    private int count;

    public ProofBenchmark() {
        of(going, plain);
    }

    private static Proof of(Proofs proofs, Project project) {
        return proofs.of(project, project.line("a").orElseThrow(), Optional.empty(), Progress.none());
    }

    @Benchmark
    public Proof whole() {
        return of(new Proofs(workbench, Checks.shipped()), plain);
    }

    /** A clip that comes somewhere else each time. */
    @Benchmark
    public Proof afterAClip() {
        double at = 10 + 30 * (++count % 19);
        edited = new ClipEdit.AddClip("a", "", at, at + 1.5, Clip.Look.of("Wry")).apply(plain);
        return of(going, edited);
    }

    /** A touch-up on another sound each time, over those before it. */
    @Benchmark
    public Proof afterATouchUp() {
        int word = 20 + 40 * (++count % 19);
        TouchUp touch = TouchUp.on(Anchor.of(timing, word, 0)).withStrength(1.2 + 0.001 * (count % 100));
        edited = new MouthEdit.Touch("a", word, 0, touch).apply(edited);
        return of(going, edited);
    }
}
