package graykite.bench;

import graykite.acting.Layers;
import graykite.acting.PoseKey;
import graykite.acting.Score;
import graykite.format.character.Cast;
import graykite.mouth.FittedChart;
import graykite.mouth.MouthSettings;
import graykite.mouth.MouthWork;
import graykite.mouth.PhoneShape;
import graykite.mouth.TouchUp;
import graykite.reading.Anchor;
import graykite.reading.TimedPhone;
import graykite.reading.TimedWord;
import graykite.reading.Timing;
import graykite.rig.Character;
import graykite.scene.Performance;
import graykite.scene.Scene;
import graykite.scene.Why;
import graykite.sound.Loudness;
import graykite.sound.Sound;
import graykite.text.Phone;
import graykite.time.FrameRate;
import java.util.ArrayList;
import java.util.List;
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
import org.openjdk.jmh.annotations.Warmup;

/** The movement of a line of ten minutes (about 7,500 phones): all of it, and what one dragged boundary changes. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 4, time = 2)
public class MotionBenchmark {
    private static final double SECONDS = 600;

    private final Character odile = Cast.byName("odile");
    private final FittedChart chart = FittedChart.standard(odile);
    private final Timing timing = timing();
    private final Loudness loudness = Loudness.of(Sound.silence(SECONDS, 8000));
    private final Performance whole =
            Performance.of(odile, chart, new Score(timing, loudness, MouthSettings.STANDARD, FrameRate.THIRTY, 1));
    private final Timing moved =
            timing.withStart(900, 1, timing.words().get(900).phones().get(1).start() + 0.01);

    private final MouthWork touched = whole.score()
            .work()
            .plus(TouchUp.on(Anchor.of(timing, 900, 1)).withStrength(1.4).withHold(0.05));
    private final Performance smiling = whole.after(whole.score()
            .withLayers(Layers.usual()
                    .withKeys(List.of(new PoseKey(0, "Laughing", 1, 0.1)))
                    .plans()));
    private final double closure = whole.beats().shuts().stream()
            .filter(s -> s.kind() == PhoneShape.Closure.LIPS && s.from() > 300)
            .mapToDouble(s -> (s.from() + s.to()) / 2)
            .findFirst()
            .orElseThrow();
    private final Scene alone = Scene.solo(whole);
    private final Scene laughing = Scene.solo(smiling);
    private final int jaw = odile.channelIndex().get("jawDrop");

    static Timing timing() {
        SplittableRandom random = new SplittableRandom(3);
        Phone[] phones = Phone.values();
        List<TimedWord> words = new ArrayList<>();
        double time = 0.3;
        while (time < SECONDS - 1) {
            List<TimedPhone> sounds = new ArrayList<>();
            for (int i = 0; i < 4; i++) {
                double length = random.nextDouble(0.04, 0.12);
                Phone phone = phones[random.nextInt(phones.length - 1)];
                sounds.add(new TimedPhone(phone, time, time + length, false));
                time = sounds.getLast().end();
            }
            words.add(new TimedWord("word", "", sounds, false, 1));
        }
        return new Timing(words, SECONDS);
    }

    @Benchmark
    public Performance tenMinutes() {
        return Performance.of(odile, chart, new Score(timing, loudness, MouthSettings.STANDARD, FrameRate.THIRTY, 1));
    }

    @Benchmark
    public Performance afterOneDrag() {
        return whole.after(whole.score().withTiming(moved));
    }

    /** A touch-up on one of 1,900 words while the others stay. */
    @Benchmark
    public Performance afterOneTouchUp() {
        return whole.after(whole.score().withWork(touched));
    }

    /** All channels between closures: the guard only looks. */
    @Benchmark
    public double[] oneFrame() {
        return alone.at(0, 301.5);
    }

    /** All channels in a closure with a smile and a wide jaw on top: the guard measures the mesh and shuts the lips. */
    @Benchmark
    public double[] oneGuardedFrame() {
        return laughing.at(0, closure);
    }

    /** The whole answer to why the jaw is where it is. */
    @Benchmark
    public Why why() {
        return alone.why(0, jaw, 301.5);
    }
}
