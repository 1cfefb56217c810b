package graykite.bench;

import graykite.base.Progress;
import graykite.hearing.Reader;
import graykite.hearing.SimulatedVoice;
import graykite.reading.Timing;
import graykite.sound.Sound;
import graykite.text.Script;
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

/** Loading the speech model, and reading a minute of speech (the score over 60 s is the speed against real time). */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 2, time = 5)
@Measurement(iterations = 3, time = 5)
public class ReadingBenchmark {
    private static final int REPEATS = 20;

    private final Reader reader = Reader.shipped();
    private final Sound minute;
    private final Script script;

    public ReadingBenchmark() {
        String text = "Pim, the fog bell rang before we moved the buoy. ";
        float[] once = SimulatedVoice.speak(text).sound().mixed();
        float[] all = new float[60 * 16_000];
        int count = Math.min(REPEATS, all.length / once.length);
        for (int i = 0; i < count; i++) {
            System.arraycopy(once, 0, all, i * once.length, once.length);
        }
        minute = Sound.mono(all, 16_000);
        script = Script.of(text.repeat(count));
    }

    @Benchmark
    public Reader load() {
        return Reader.shipped();
    }

    @Benchmark
    public Timing readAMinute() {
        return reader.read(minute, script, Progress.none());
    }
}
