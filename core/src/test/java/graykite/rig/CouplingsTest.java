package graykite.rig;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.geometry.Vec;
import graykite.picture.Material;
import graykite.rig.Coupling.Point;
import graykite.rig.Coupling.Rule;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Couplings, roles and poses by hand-worked figures. */
class CouplingsTest {
    private static Channel channel(String name, double min, double max) {
        return new Channel(name, Channel.Group.LIPS, min, max, name);
    }

    private static Character figure(Coupling... couplings) {
        return Character.modelled(
                        "f",
                        List.of(channel("a", 0, 1), channel("b", -1, 1), channel("s.L", 0, 1), channel("s.R", 0, 1)),
                        List.of(new Joint("root", -1, Vec.ZERO, List.of())),
                        List.of(),
                        List.of(),
                        Optional.empty(),
                        Map.of())
                .withRoles(Map.of("smile", Pose.of("a", 0.5, "b", -1)))
                .withCouplings(List.of(couplings));
    }

    private static double[] applied(Character c, double... values) {
        new Couplings(c).apply(values);
        return values;
    }

    /** a drives b: 0 up to 0.2, then to 0.8 at 1; 0.6 lies in the middle: 0.4. Results stay in range. */
    @Test
    void driving() {
        Character c = figure(new Coupling("a", "b", Rule.DRIVES, List.of(new Point(0.2, 0), new Point(1, 0.8))));
        assertArrayEquals(new double[] {0.6, 0.4 + 0.1, 0, 0}, applied(c, 0.6, 0.1, 0, 0), 1e-12);
        assertArrayEquals(new double[] {0.1, 0.3, 0, 0}, applied(c, 0.1, 0.3, 0, 0), 1e-12);
        assertArrayEquals(new double[] {1, 1, 0, 0}, applied(c, 1, 0.9, 0, 0), 1e-12);
    }

    /** a at 1 takes 75 % off both sides of s. */
    @Test
    void holdingBack() {
        Character c = figure(Coupling.of("a", "s", Rule.HOLDS_BACK, 0.75));
        assertArrayEquals(new double[] {1, 0, 0.2, 0.1}, applied(c, 1, 0, 0.8, 0.4), 1e-12);
        assertArrayEquals(new double[] {0, 0, 0.8, 0.4}, applied(c, 0, 0, 0.8, 0.4), 1e-12);
    }

    @Test
    void theyActInOrderAndIdleOnesAreListed() {
        Coupling gone = Coupling.of("a", "nothing", Rule.DRIVES, 1);
        Character c = figure(Coupling.of("a", "b", Rule.DRIVES, 1), Coupling.of("b", "s.L", Rule.DRIVES, 1), gone);
        assertArrayEquals(new double[] {0.5, 0.5, 0.5, 0}, applied(c, 0.5, 0, 0, 0), 1e-12);
        assertEquals(List.of(gone), Couplings.idle(c));
    }

    @Test
    void rolesSpreadOverChannels() {
        Character c = figure();
        assertArrayEquals(new double[] {0.4, -0.8, 0.3, 0.3}, c.values(Pose.of("smile", 0.8, "s", 0.3)), 1e-12);
        assertTrue(c.has("s") && c.has("smile") && !c.has("frown"));
        assertThrows(IllegalArgumentException.class, () -> c.values(Pose.of("frown", 1)));
    }

    @Test
    void posesBlendMirrorAndMask() {
        Character c = figure();
        Pose left = Pose.of("s.L", 1, "a", 0.4);
        assertEquals(Pose.of("s.R", 1, "a", 0.4), left.mirrored(c));
        assertEquals(Pose.of("s.L", 0.75, "a", 0.55), left.blended(Pose.of("a", 1), 0.25));
        assertEquals(Pose.of("a", 0.4), left.only(n -> n.equals("a")));
        assertEquals(Pose.of("b", -0.5), Pose.of(c, new double[] {0, -0.5, 0, 0}));
        Character odile = Figures.ODILE;
        assertEquals(
                Pose.of("headYaw", -9, "headPitch", 4),
                Pose.of("headYaw", 9, "headPitch", 4).mirrored(odile));
    }

    @Test
    void nonsenseIsRefused() {
        assertThrows(IllegalArgumentException.class, () -> Coupling.of("a", "a", Rule.DRIVES, 1));
        assertThrows(IllegalArgumentException.class, () -> new Coupling("a", "b", Rule.DRIVES, List.of()));
        assertThrows(
                IllegalArgumentException.class,
                () -> new Coupling("a", "b", Rule.DRIVES, List.of(new Point(1, 0), new Point(0, 1))));
    }

    /** Two joints share a vertex half and half: it goes half as far as each alone would carry it. */
    @Test
    void skinsBlendJoints() {
        Joint still = new Joint("root", -1, Vec.ZERO, List.of());
        Joint slid = new Joint("slid", 0, Vec.ZERO, List.of(), List.of(new Joint.Slide("a", Joint.Axis.X, 10)));
        Part part = new Part(
                "p",
                new Material("m", 0.5f, 0, 0, 0, false),
                0,
                new float[] {0, 0, 0, 1, 0, 0, 0, 1, 0},
                new float[9],
                new int[] {0, 1, 2},
                List.of(),
                new Part.Looks(
                        Optional.of(new Skin(
                                new int[] {0, 1, 0, 0, 0, 1, 0, 0, 0, 1, 0, 0},
                                new float[] {1, 0, 0, 0, 0.5f, 0.5f, 0, 0, 0, 1, 0, 0})),
                        Optional.empty(),
                        new float[0],
                        new int[0],
                        Optional.empty()));
        Character c = Character.modelled(
                "skinned",
                List.of(channel("a", 0, 1)),
                List.of(still, slid),
                List.of(part),
                List.of(),
                Optional.empty(),
                Map.of());
        float[] p = new Deformer(c).placed(part, new double[] {1});
        assertArrayEquals(new float[] {0, 6, 10}, new float[] {p[0], p[3], p[6]}, 1e-6f);
    }
}
