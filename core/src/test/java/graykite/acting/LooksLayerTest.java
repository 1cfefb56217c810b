package graykite.acting;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.acting.LookPoint.Person;
import graykite.acting.LookPoint.Spot;
import graykite.acting.LookPoint.Toward;
import graykite.acting.LookPoint.Viewer;
import graykite.acting.Surroundings.Direction;
import graykite.geometry.Vec;
import graykite.layer.LayerSetting;
import graykite.layer.LayerSetting.Blend;
import graykite.reading.Place;
import graykite.reading.Timing;
import graykite.reading.WordFinder;
import graykite.rig.Character;
import graykite.rig.Figures;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class LooksLayerTest {
    private static final Character ODILE = Figures.ODILE;

    private static LookBlock look(double from, double to, LookPoint point, double head) {
        return new LookBlock(Place.at(from), Place.at(to), point, head);
    }

    private static LooksLayer layer(LookBlock... looks) {
        return new LooksLayer(
                LayerSetting.of("Look", Blend.ADD),
                ODILE,
                List.of(looks),
                new WordFinder(Timing.empty(20)),
                Surroundings.ALONE);
    }

    private static double at(LooksLayer layer, String channel, double time) {
        double[] asked = new double[ODILE.channels().size()];
        layer.ask(time, new double[asked.length], asked);
        return asked[ODILE.channelIndex().get(channel)];
    }

    private static double gaze(LooksLayer layer, double time) {
        return at(layer, "eyeYaw", time) + head(layer, time);
    }

    /** Where the head points: the body carries it. */
    private static double head(LooksLayer layer, double time) {
        return at(layer, "headYaw", time) + at(layer, "bodyYaw", time);
    }

    private static double first(LooksLayer layer, double from, java.util.function.DoublePredicate reached) {
        for (double t = from; t < from + 3; t += 0.001) {
            if (reached.test(t)) {
                return t;
            }
        }
        throw new AssertionError("never");
    }

    /** One who looks away and then at somebody who is not there does not stay with what was before. */
    @Test
    void whoeverIsNotThereIsNotLookedAt() {
        LooksLayer layer = layer(look(1, 2, new Toward("Left", 26, 0), 0.5), look(2.05, 4, new Person("pim"), 0.5));
        assertEquals(26, gaze(layer, 1.9), 0.1);
        assertEquals(0, gaze(layer, 3.5), 0.1);
    }

    /** Carpenter 1988: a dart of so many degrees takes 2.2 ms a degree and 21 ms; common practice: the head follows. */
    @Test
    void eyesDartAndTheHeadFollows() {
        LooksLayer left = layer(look(1, 4, new Toward("There", 20, 0), 0.5));
        assertEquals(0, gaze(left, 0.999), 1e-9);
        assertEquals(20, gaze(left, 1 + EyeDarts.seconds(20)), 1e-6);
        double eyes = first(left, 1, t -> gaze(left, t) > 18);
        double head = first(left, 1, t -> head(left, t) > 9);
        assertTrue(head - eyes > 0.2 && head - eyes < 0.5, "the head comes " + (head - eyes) + " s later");
        assertEquals(10, head(left, 2), 1e-6, "by its share");
        assertEquals(20, gaze(left, 2), 1e-6, "and the eyes stay aimed");
    }

    /** Common practice: eyes lead, the head follows, the body comes last, and only where the turn is large. */
    @Test
    void theShouldersFollowALargeTurnLast() {
        LooksLayer far = layer(look(1, 5, new Toward("There", 40, 0), 0.5));
        double there = at(far, "bodyYaw", 4);
        assertTrue(there > 4 && there < 12, "they turn by " + there);
        double head = first(far, 1, t -> head(far, t) > 18);
        double body = first(far, 1, t -> at(far, "bodyYaw", t) > 0.9 * there);
        assertTrue(body - head > 0.15 && body - head < 0.8, "they come " + (body - head) + " s after the head");
        assertEquals(40, gaze(far, 4), 1e-6, "and the eyes stay aimed");
        assertEquals(0, at(layer(look(1, 5, new Toward("Near", 8, 0), 0.5)), "bodyYaw", 4), 1e-9);
        assertEquals(0, at(layer(look(1, 5, new Toward("Eyes alone", 25, 0), 0)), "bodyYaw", 4), 1e-9);
    }

    @Test
    void theyComeBackUnlessTheNextLookFollows() {
        LooksLayer one = layer(look(1, 2, new Toward("There", 20, 0), 0.5));
        assertEquals(0, gaze(one, 3), 1e-6);
        LooksLayer two =
                layer(look(1, 2, new Toward("There", 20, 0), 0.5), look(2.1, 3, new Toward("Here", -15, 0), 0.3));
        assertEquals(20, gaze(two, 2.05), 1e-6, "no glance ahead between them");
        assertEquals(-15, gaze(two, 2.8), 1e-6);
        LooksLayer over =
                layer(look(1, 5, new Toward("There", 20, 0), 0.5), look(2, 3, new Toward("Here", -15, 0), 0.3));
        assertEquals(-15, gaze(over, 2.5), 1e-6, "what begins later goes first");
    }

    @Test
    void aBlinkCoversALargeTurnOnly() {
        LooksLayer large = layer(look(1, 4, new Toward("Far", 40, 0), 0.5));
        assertEquals(1, at(large, "lidClose.L", 1.1), 0.02);
        assertEquals(0, at(large, "lidClose.L", 1.3), 1e-9);
        LooksLayer small = layer(look(1, 4, new Toward("Near", 12, 0), 0.5));
        assertEquals(0, at(small, "lidClose.L", 1.1), 1e-9);
    }

    @Test
    void lidsFollowUpAndDown() {
        LooksLayer down = layer(look(1, 4, new Toward("Map", 0, -20), 0.2));
        assertTrue(at(down, "lidClose.L", 2) > 0.15 && at(down, "lidClose.L", 2) < 0.5);
        LooksLayer up = layer(look(1, 4, new Toward("Mast", 0, 20), 0.2));
        assertTrue(at(up, "upperLidRaiser.R", 2) > 0.15);
        assertEquals(0, at(up, "lidClose.R", 2), 1e-9);
    }

    /** Eyes 63 mm apart meet at what is near: each turns in by the angle that half of it makes there (geometry). */
    @Test
    void eyesConvergeOnWhatIsNear() {
        LooksLayer near = layer(look(1, 4, new Spot("Map", new Vec(0, 14, 300)), 0.3));
        double viewer = Math.toDegrees(Math.atan(31.5 / 1400));
        assertEquals(Math.toDegrees(Math.atan(31.5 / 300)) - viewer, at(near, "eyeConverge", 2), 0.01);
        LooksLayer far = layer(look(1, 4, new Spot("Buoy", new Vec(2000, 14, 9000)), 0.3));
        assertEquals(0, at(far, "eyeConverge", 2), 1e-9);
        assertEquals(0, at(near, "eyeConverge", 5), 1e-6, "and part again");
    }

    /** Eyes do not turn out of the head: what is too far is the head's. */
    @Test
    void theHeadMakesUpForWhatEyesCannotReach() {
        LooksLayer far = layer(look(1, 4, new Toward("Behind", 70, 0), 0));
        assertEquals(70, gaze(far, 3), 1e-6);
        assertTrue(Math.abs(at(far, "eyeYaw", 3)) <= 30 + 1e-6);
    }

    @Test
    void nothingJumps() {
        LooksLayer busy = layer(
                look(0.5, 1, new Toward("A", 30, 10), 0.6),
                look(1.1, 1.6, new Toward("B", -30, -15), 0.2),
                look(1.7, 3, new Viewer(), 0.5));
        double before = 0;
        for (double t = 0; t < 4; t += 0.005) {
            double now = head(busy, t);
            assertTrue(Math.abs(now - before) < 1.5, "the head leaps at " + t + " from " + before + " to " + now);
            before = now;
        }
    }

    /** Who and what is around decides; who is not there is not looked at. */
    @Test
    void peopleAndPlacesAreFoundOnTheStage() {
        Surroundings stage = point -> switch (point) {
            case Person p -> p.member().equals("pim") ? Optional.of(new Direction(-25, 0)) : Optional.empty();
            default -> Surroundings.ALONE.toward(point);
        };
        LooksLayer pim = layer(look(1, 4, new Person("pim"), 0.5));
        assertEquals(0, gaze(pim, 2), 1e-9, "alone nobody is there");
        assertEquals(-25, gaze((LooksLayer) pim.in(stage), 2), 1e-6);
        assertEquals(
                0, gaze((LooksLayer) layer(look(1, 4, new Person("brine"), 0.5)).in(stage), 2), 1e-9);
        LooksLayer bell = layer(look(1, 4, new Spot("Bell", new Vec(500, Surroundings.EYES, 500)), 0.5));
        assertEquals(45, gaze(bell, 2), 1e-6, "to the viewer's right is one's left");
    }

    @Test
    void figuresHaveTheirLimits() {
        assertThrows(IllegalArgumentException.class, () -> new Toward("x", 81, 0));
        assertThrows(IllegalArgumentException.class, () -> new Toward("x", 0, Double.NaN));
        assertThrows(IllegalArgumentException.class, () -> new Person(" "));
        assertThrows(IllegalArgumentException.class, () -> new Spot("x", new Vec(1e6, 0, 0)));
        assertThrows(IllegalArgumentException.class, () -> look(0, 1, new Viewer(), 1.5));
    }
}
