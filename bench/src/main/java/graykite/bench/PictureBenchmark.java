package graykite.bench;

import graykite.format.character.Cast;
import graykite.picture.Camera;
import graykite.picture.Renderer;
import graykite.rig.Character;
import graykite.rig.Deformer;
import graykite.rig.Pose;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** A moving frame of each face, deformed and drawn, at 720 x 720. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 4, time = 3)
@Measurement(iterations = 4, time = 3)
public class PictureBenchmark {
    /** Who is drawn. */
    @Param({"odile", "pim", "brine"})
    public String name;

    private Character figure;
    private Deformer deformer;
    private final Renderer renderer = new Renderer();
    private final int[] pixels = new int[720 * 720];
    private int frame;

    @Setup
    public void open() {
        figure = Cast.byName(name);
        deformer = new Deformer(figure);
    }

    @Benchmark
    public int[] face720() {
        Pose ah = figure.poses().get("Ah");
        Pose moved = figure.has("jawDrop") ? ah.plus(Pose.of("jawDrop", 1), -(frame++ % 30) / 40.0) : ah;
        double[] values = figure.values(moved);
        renderer.draw(deformer.deform(values), Camera.FRONT, 720, 720, pixels);
        return pixels;
    }
}
