package graykite.rig;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import graykite.geometry.Vec;
import graykite.picture.Material;
import graykite.rig.Joint.Axis;
import graykite.rig.Joint.Turn;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** The arithmetic of targets, correctives and joints on a figure of one triangle. */
class DeformerTest {
    private static final Material CLAY = new Material("clay", 0.8f, 0, 0, 0, true);

    private static Channel channel(String name, double max) {
        return new Channel(name, Channel.Group.HEAD, -max, max, name);
    }

    private static Character figure() {
        Part part = new Part(
                "triangle",
                CLAY,
                1,
                new float[] {0, 0, 0, 1, 0, 0, 0, 1, 0},
                new float[9],
                new int[] {0, 1, 2},
                List.of(
                        new MorphTarget("lift", new int[] {1}, new float[] {0, 2, 0}),
                        new MorphTarget("push", new int[] {1, 2}, new float[] {0, 0, 1, 0, 0, 3}),
                        new MorphTarget("lift*push", new int[] {1}, new float[] {0, -2, 0})));
        return Character.modelled(
                "clay",
                List.of(channel("lift", 1), channel("push", 1), channel("nod", 90), channel("turn", 90)),
                List.of(
                        new Joint("root", -1, Vec.ZERO, List.of(new Turn("turn", Axis.Y, 1))),
                        new Joint("head", 0, new Vec(0, 1, 0), List.of(new Turn("nod", Axis.X, 1)))),
                List.of(part),
                List.of(new Corrective("lift*push", "lift", "push")),
                Optional.of(new LipLine(0, new int[] {0, 1, 2}, new int[] {0, 1, 2})),
                Map.of("half", Pose.of("lift", 0.5)));
    }

    private static float[] at(double... values) {
        return new Deformer(figure()).deform(values).getFirst().positions();
    }

    /** Targets add up; a corrective counts with the product of its channels. By hand: y of vertex 1 is 2 l - 2 l p. */
    @Test
    void targetsAndCorrectives() {
        for (double lift : new double[] {0, 0.3, 1}) {
            for (double push : new double[] {0, 0.5, 1}) {
                float[] p = at(lift, push, 0, 0);
                assertEquals(2 * lift - 2 * lift * push, p[4], 1e-6);
                assertEquals(push, p[5], 1e-6);
                assertEquals(3 * push, p[8], 1e-6);
            }
        }
    }

    /** A quarter turn about x at (0, 1, 0): the origin, 1 below the pivot, comes to lie 1 behind it. */
    @Test
    void jointsTurnAboutTheirPivots() {
        assertArrayEquals(new float[] {0, 1, -1}, Arrays.copyOf(at(0, 0, 90, 0), 3), 1e-6f);
        // The parent turns what the child has turned: behind becomes to the right.
        assertArrayEquals(new float[] {-1, 1, 0}, Arrays.copyOf(at(0, 0, 90, 90), 3), 1e-6f);
    }

    @Test
    void normalsFollow() {
        float[] normals = new Deformer(figure())
                .deform(new double[] {0, 0, 0, 90})
                .getFirst()
                .normals();
        assertArrayEquals(new float[] {1, 0, 0}, Arrays.copyOf(normals, 3), 1e-6f);
        float[] lonely = Normals.of(new float[] {5, 5, 5}, new int[0]);
        assertArrayEquals(new float[] {0, 0, 1}, lonely);
    }

    @Test
    void brokenFiguresAreRefused() {
        assertThrows(IllegalArgumentException.class, () -> new Deformer(figure()).deform(new double[3]));
        assertThrows(
                IllegalArgumentException.class,
                () -> new Part("p", CLAY, 0, new float[3], new float[3], new int[] {0, 0, 1}, List.of()));
        assertThrows(IllegalArgumentException.class, () -> new MorphTarget("m", new int[] {0, 1}, new float[3]));
        assertThrows(
                IllegalArgumentException.class, () -> new Channel("c", Channel.Group.JAW, 0.5, 1, "does not hold 0"));
        Character good = figure();
        assertThrows(
                IllegalArgumentException.class,
                () -> Character.modelled(
                        "twice",
                        List.of(channel("a", 1), channel("a", 1)),
                        good.joints(),
                        good.parts(),
                        List.of(),
                        good.lips(),
                        Map.of()));
        assertThrows(
                IllegalArgumentException.class,
                () -> Character.modelled(
                        "loop",
                        good.channels(),
                        List.of(new Joint("a", 0, Vec.ZERO, List.of())),
                        good.parts(),
                        List.of(),
                        good.lips(),
                        Map.of()));
        assertEquals(0.5, good.values(good.poses().get("half"))[0]);
    }
}
