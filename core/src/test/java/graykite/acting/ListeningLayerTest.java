package graykite.acting;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.acting.ListeningLayer.Speaking;
import graykite.layer.LayerSetting;
import graykite.layer.LayerSetting.Blend;
import graykite.rig.Character;
import graykite.rig.Figures;
import graykite.time.TimeRange;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Who listens looks at the one who speaks: the eyes first, then the head, with a blink over the turn (common practice). */
class ListeningLayerTest {
    private static final Character ODILE = Figures.ODILE;

    private static ListeningLayer to(double yaw) {
        return new ListeningLayer(
                LayerSetting.of("Listening", Blend.ADD), ODILE, List.of(new Speaking(new TimeRange(1, 3), yaw)));
    }

    private static double at(ListeningLayer layer, String channel, double time) {
        double[] asked = new double[ODILE.channels().size()];
        layer.ask(time, new double[asked.length], asked);
        return asked[ODILE.channelIndex().get(channel)];
    }

    private static double gaze(ListeningLayer layer, double time) {
        return at(layer, "eyeYaw", time) + at(layer, "headYaw", time) + at(layer, "bodyYaw", time);
    }

    @Test
    void nobodyTurnsBeforeSomethingIsHeard() {
        ListeningLayer left = to(20);
        assertEquals(0, gaze(left, 1.1), 1e-9, "a listener reacts late, by 200 to 500 ms (common practice)");
        assertEquals(20, gaze(left, 2), 1e-6);
        assertEquals(0, gaze(left, 4.5), 1e-6, "and turns back some time after the last word");
    }

    @Test
    void theEyesLeadAndTheHeadFollows() {
        ListeningLayer left = to(20);
        double eyesThere = 0;
        double headThere = 0;
        for (double t = 1; t < 3; t += 0.005) {
            eyesThere = eyesThere == 0 && gaze(left, t) > 18 ? t : eyesThere;
            headThere = headThere == 0 && at(left, "headYaw", t) > 0.9 * 0.62 * 20 ? t : headThere;
        }
        assertTrue(headThere - eyesThere > 0.2 && headThere - eyesThere < 0.5, eyesThere + ", " + headThere);
    }

    /** Listeners look at the one who speaks about 70 % of the time (Argyle & Cook 1976; 75 % in two-person talk). */
    @Test
    void mostOfTheTimeAndNotAllOfIt() {
        double looked = 0;
        double all = 0;
        for (int speech = 0; speech < 40; speech++) {
            double start = 1 + 3.7 * speech;
            ListeningLayer layer = new ListeningLayer(
                    LayerSetting.of("Listening", Blend.ADD),
                    ODILE,
                    List.of(new Speaking(new TimeRange(start, start + 20), 20)));
            for (double t = start + 0.5; t < start + 20; t += 0.05) {
                all++;
                looked += Math.abs(gaze(layer, t) - 20) < 4 ? 1 : 0;
            }
        }
        assertTrue(looked / all > 0.62 && looked / all < 0.8, "looked " + looked / all);
    }

    /** They nod at the ends of what is said, more often than not, once it has been heard. */
    @Test
    void nodsComeAtTheEnds() {
        int nods = 0;
        for (int speech = 0; speech < 60; speech++) {
            double start = 1 + 0.37 * speech;
            ListeningLayer layer = new ListeningLayer(
                    LayerSetting.of("Listening", Blend.ADD),
                    ODILE,
                    List.of(new Speaking(new TimeRange(start, start + 2), 20)));
            assertEquals(0, at(layer, "headPitch", start + 1), 1e-9, "not while somebody speaks");
            assertEquals(0, at(layer, "headPitch", start + 2.2), 1e-9, "a listener reacts late");
            nods += at(layer, "headPitch", start + 2 + 0.28 + 0.25) < -4 ? 1 : 0;
        }
        assertTrue(nods > 30 && nods < 54, nods + " of 60");
    }

    @Test
    void aBlinkCoversTheTurn() {
        ListeningLayer left = to(20);
        double most = 0;
        for (double t = 1; t < 2; t += 0.005) {
            most = Math.max(most, at(left, "lidClose.L", t));
            assertEquals(at(left, "lidClose.L", t), at(left, "lidClose.R", t));
        }
        assertEquals(1, most, 0.01);
        assertEquals(0, at(left, "lidClose.L", 2), 1e-9);
    }

    @Test
    void theTurnHasItsLimitAndItsSide() {
        assertEquals(ListeningLayer.TURN, gaze(to(120), 2), 1e-6);
        assertEquals(-ListeningLayer.TURN, gaze(to(-120), 2), 1e-6);
        assertTrue(at(to(-20), "headYaw", 2) < 0);
    }

    @Test
    void nothingMovesByLeaps() {
        ListeningLayer layer = new ListeningLayer(
                LayerSetting.of("Listening", Blend.ADD),
                ODILE,
                List.of(
                        new Speaking(new TimeRange(0.5, 1.2), 25),
                        new Speaking(new TimeRange(1.3, 2.2), -25),
                        new Speaking(new TimeRange(2.2, 3), 25)));
        double before = at(layer, "headYaw", 0);
        for (double t = 0; t < 5; t += 0.01) {
            double now = at(layer, "headYaw", t);
            assertTrue(Math.abs(now - before) < 2.5, "the head goes " + (now - before) + " degrees in 10 ms at " + t);
            assertTrue(Math.abs(gaze(layer, t)) <= ListeningLayer.TURN + 1e-9);
            before = now;
        }
    }
}
