package graykite.bench;

import graykite.picture.Camera;
import graykite.picture.Renderer;
import graykite.rig.Cast;
import graykite.rig.Character;
import graykite.rig.Deformer;
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

/** A moving frame of the face, deformed and drawn, at 720 x 720. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 4, time = 3)
@Measurement(iterations = 4, time = 3)
public class PictureBenchmark {
    private final Character odile = Cast.byName("odile");
    private final Deformer deformer = new Deformer(odile);
    private final Renderer renderer = new Renderer();
    private final int[] pixels = new int[720 * 720];
    private int frame;

    @Benchmark
    public int[] face720() {
        double[] values = odile.values(odile.poses().get("Ah"));
        values[odile.channelIndex().get("jawDrop")] = (frame++ % 30) / 30.0;
        renderer.draw(deformer.deform(values), Camera.FRONT, 720, 720, pixels);
        return pixels;
    }
}
