package graykite.studio.live;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.acting.Performed;
import graykite.edit.PassEdit;
import graykite.motion.Keyed;
import graykite.motion.Motion;
import graykite.motion.Track;
import graykite.rig.Roles;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

/** What becomes of a recording. */
class TakeTest {
    /** Two seconds in which a head turns and a brow rises, trembling. */
    private static Track raw() {
        SplittableRandom random = new SplittableRandom(2);
        float[] values = new float[2 * 121];
        for (int s = 0; s < 121; s++) {
            double t = s / 60.0;
            values[2 * s] = (float) (15 * Math.sin(2 * t) + random.nextDouble(-0.6, 0.6));
            values[2 * s + 1] = (float) (0.5 - 0.5 * Math.cos(3 * t) + random.nextDouble(-0.02, 0.02));
        }
        return new Track(60, List.of("headYaw", "innerBrowRaiser.L"), values);
    }

    private static double roughness(Motion motion, int control) {
        double sum = 0;
        for (int s = 1; s < 120; s++) {
            double bend = motion.at(control, (s - 1) / 60.0)
                    - 2 * motion.at(control, s / 60.0)
                    + motion.at(control, (s + 1) / 60.0);
            sum += bend * bend;
        }
        return sum;
    }

    @Test
    void leftAloneItStaysAsItIs() {
        Track track = raw();
        assertSame(track, Take.worked(track, 0, 0));
    }

    @Test
    void smoothedItTremblesLessAndGoesTheSameWay() {
        Track track = raw();
        Motion smooth = Take.worked(track, 0.5, 0);
        for (int c = 0; c < 2; c++) {
            assertTrue(roughness(smooth, c) < 0.3 * roughness(track, c), "control " + c);
            double reach = Roles.reach(track.controls().get(c));
            for (double t = 0.1; t < 1.9; t += 0.05) {
                assertEquals(track.at(c, t), smooth.at(c, t), 0.08 * reach);
            }
        }
    }

    @Test
    void thinnedItHasFewKeysWithinTheError() {
        Track track = raw();
        Keyed keyed = (Keyed) Take.worked(track, 0.5, 0.02);
        Motion smooth = Take.worked(track, 0.5, 0);
        assertTrue(keyed.keys() < 60, keyed.keys() + " keys for 242 samples");
        for (int c = 0; c < 2; c++) {
            for (int s = 0; s <= 120; s++) {
                double allowed = 0.02 * Roles.reach(track.controls().get(c));
                assertEquals(smooth.at(c, s / 60.0), keyed.at(c, s / 60.0), allowed * 1.001);
            }
        }
    }

    @Test
    void performedOnItIsJoined() {
        Track track = raw();
        Track both = Take.joined(new Performed("a", track, 0.5, 1.5), track);
        assertEquals(1 + 1 / 60.0 + 2, both.duration(), 0.02);
        assertEquals(track.at(0, 0.5), both.at(0, 0), 0.01, "from where it was trimmed to");
        assertEquals(track.at(0, 2), both.at(0, both.duration()), 0.01);
    }

    @Test
    void itIsLaidAsItWasRecorded() {
        PassEdit.Look look = Take.look("Head", raw(), true, 0.3);
        assertEquals("Head", look.what().name());
        assertTrue(look.adds() && look.mouth() == 0.3);
        assertEquals(2, look.what().length(), 1e-6);
    }
}
