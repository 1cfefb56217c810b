package graykite.rig;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.rig.Coupling.Point;
import graykite.rig.Coupling.Rule;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Left and right in names, poses and rules between channels. */
class SidesTest {
    /** How people write sides (common practice). */
    @ParameterizedTest
    @CsvSource({
        "lidClose.L, LEFT, lidClose.R",
        "browUp_r, RIGHT, browUp_l",
        "MouthSmileLeft, LEFT, MouthSmileRight",
        "left_eye_blink, LEFT, right_eye_blink",
        "BROW_RIGHT_UP, RIGHT, BROW_LEFT_UP",
        "L_blink, LEFT, R_blink",
        "eye-l-close, LEFT, eye-r-close",
        "lft_brow, LEFT, rgt_brow",
        "jawDrop, NONE, jawDrop",
        "bright, NONE, bright",
        "upright, NONE, upright",
        "clever, NONE, clever",
        "roll, NONE, roll"
    })
    void sidesAreReadAndExchanged(String name, Sides.Side side, String other) {
        assertEquals(side, Sides.of(name));
        assertEquals(other, Sides.other(name));
        assertEquals(name, Sides.other(Sides.other(name)), "twice is back");
        assertEquals(Sides.without(name), Sides.without(other), "both are of one thing");
    }

    @Test
    void aMirroredPoseLooksTheOtherWay() {
        Pose wry = Figures.ODILE.poses().get("Wry").plus(Pose.of("headYaw", 5, "headPitch", 3, "eyeYaw", -4), 1);
        Pose mirrored = wry.mirrored(Figures.ODILE);
        assertEquals(wry.of("lipCornerPuller.L"), mirrored.of("lipCornerPuller.R"));
        assertEquals(0, mirrored.of("lipCornerPuller.L"));
        assertEquals(-5, mirrored.of("headYaw"));
        assertEquals(3, mirrored.of("headPitch"), "up stays up");
        assertEquals(4, mirrored.of("eyeYaw"));
        assertEquals(wry, mirrored.mirrored(Figures.ODILE));
    }

    @Test
    void posesMixAndAreMasked() {
        Pose a = Pose.of("jawDrop", 0.4, "lipPucker", 1);
        Pose b = Pose.of("jawDrop", 0.8);
        assertEquals(0.6, a.blended(b, 0.5).of("jawDrop"), 1e-12);
        assertEquals(0.5, a.blended(b, 0.5).of("lipPucker"), 1e-12, "what the other leaves alone fades out");
        assertEquals(0.8, a.plus(b, 0.5).of("jawDrop"), 1e-12);
        assertEquals(Pose.of("jawDrop", 0.2, "lipPucker", 0.5), a.times(0.5));
        assertEquals(Pose.of("lipPucker", 1), a.only(n -> n.startsWith("lip")));
        assertEquals(0, Pose.REST.of("anything"));
        double[] values = Figures.ODILE.values(a);
        assertEquals(a, Pose.of(Figures.ODILE, values), "from a character's values it comes back");
    }

    @Test
    void couplingsFollowTheirCurve() {
        Coupling half = Coupling.of("jawDrop", "cheekSuck.L", Rule.DRIVES, 0.5);
        assertEquals(0.25, half.figureAt(0.5), 1e-12);
        assertEquals(0, half.figureAt(-1), "held beyond its ends");
        assertEquals(0.5, half.figureAt(9));
        Coupling bent = new Coupling(
                "jawDrop",
                "lipPucker",
                Rule.HOLDS_BACK,
                List.of(new Point(0.2, 0), new Point(0.4, 1), new Point(1, 0.5)));
        assertEquals(0.5, bent.figureAt(0.3), 1e-12);
        assertEquals(0.75, bent.figureAt(0.7), 1e-12);
        assertTrue(bent.inWords().contains("50 %"), bent.inWords());
        assertThrows(IllegalArgumentException.class, () -> Coupling.of("a", "a", Rule.DRIVES, 1));
        assertThrows(IllegalArgumentException.class, () -> Coupling.of(" ", "a", Rule.DRIVES, 1));
        assertThrows(IllegalArgumentException.class, () -> new Coupling("a", "b", Rule.DRIVES, List.of()));
        assertThrows(
                IllegalArgumentException.class,
                () -> new Coupling("a", "b", Rule.DRIVES, List.of(new Point(1, 0), new Point(1, 1))));
    }

    @Test
    void aChannelRestsWithinItsRange() {
        assertThrows(IllegalArgumentException.class, () -> new Channel("x", Channel.Group.JAW, 0.1, 1, ""));
        assertThrows(IllegalArgumentException.class, () -> new Channel("x", Channel.Group.JAW, 0, 0, ""));
        assertThrows(IllegalArgumentException.class, () -> new Channel("", Channel.Group.JAW, 0, 1, ""));
        assertEquals("x", new Channel("x", Channel.Group.JAW, -1, 0, "").name());
    }

    @Test
    void aCharacterSaysWhatIsWrongWithIt() {
        Character odile = Figures.ODILE;
        Channel jaw = odile.channels().getFirst();
        assertThrows(
                IllegalArgumentException.class,
                () -> Character.modelled(
                        "Twins",
                        List.of(jaw, jaw),
                        odile.joints(),
                        List.of(),
                        List.of(),
                        java.util.Optional.empty(),
                        Map.of()));
        assertThrows(
                IllegalArgumentException.class,
                () -> Character.modelled(
                        "Upside down",
                        List.of(jaw),
                        List.of(new Joint("a", 0, graykite.geometry.Vec.ZERO, List.of())),
                        List.of(),
                        List.of(),
                        java.util.Optional.empty(),
                        Map.of()));
    }
}
