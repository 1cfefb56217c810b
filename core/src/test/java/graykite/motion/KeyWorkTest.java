package graykite.motion;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.motion.Key.Way;
import graykite.motion.KeyWork.Ref;
import graykite.motion.KeyWork.Snippet;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.hipparchus.analysis.interpolation.AkimaSplineInterpolator;
import org.junit.jupiter.api.Test;

class KeyWorkTest {
    private static Key key(double time, double value) {
        return new Key(time, value, Way.LINEAR, 0, 0);
    }

    private static final Keyed TWO = new Keyed(
            4,
            List.of("smile.L", "headYaw"),
            List.of(
                    new Curve(List.of(key(0, 0), key(1, 1), key(2, 0.5), key(3, 0))),
                    new Curve(List.of(key(0, 10), key(2, -10)))));

    private static final Set<Ref> MIDDLE = Set.of(new Ref("smile.L", 1), new Ref("smile.L", 2), new Ref("headYaw", 2));

    private static List<Key> keys(Keyed motion, String control) {
        return motion.curves().get(motion.controls().indexOf(control)).keys();
    }

    @Test
    void keysAreMovedAcrossControls() {
        Keyed moved = KeyWork.moved(TWO, MIDDLE, 0.25, 0.1);
        assertEquals(
                List.of(0.0, 1.25, 2.25, 3.0),
                keys(moved, "smile.L").stream().map(Key::time).toList());
        assertEquals(1.1, moved.at(0, 1.25), 1e-9);
        assertEquals(-9.9, moved.at(1, 2.25), 1e-9);
        Keyed onAnother = KeyWork.moved(TWO, Set.of(new Ref("smile.L", 1)), 1, 0);
        assertEquals(3, keys(onAnother, "smile.L").size(), "one that lands on another takes its place");
        assertEquals(1, onAnother.at(0, 2), 1e-9);
        Keyed far = KeyWork.moved(TWO, Set.of(new Ref("smile.L", 3)), 99, 0);
        assertEquals(4, keys(far, "smile.L").getLast().time(), 1e-9, "it stays in the motion");
    }

    @Test
    void keysAreStretchedAndScaled() {
        Keyed scaled = KeyWork.scaled(TWO, MIDDLE, 1, 0.5, 2);
        assertEquals(
                List.of(0.0, 1.0, 1.5, 3.0),
                keys(scaled, "smile.L").stream().map(Key::time).toList());
        assertEquals(2, scaled.at(0, 1), 1e-9);
        assertEquals(-20, scaled.at(1, 1.5), 1e-9);
    }

    @Test
    void blockingIsSteppedAllAtOnce() {
        Keyed stepped = KeyWork.going(TWO, KeyWork.all(TWO), Way.STEPPED);
        assertEquals(1, stepped.at(0, 1.9), 1e-9);
        assertEquals(10, stepped.at(1, 1.9), 1e-9);
    }

    /** Smooth curves never overshoot their keys (Fritsch & Carlson 1980). */
    @Test
    void smoothKeysDoNotOvershoot() {
        double[] times = {0, 1, 2, 3, 4, 5};
        double[] values = {0, 0, 1, 1, 0.2, 0.2};
        List<Key> all = new ArrayList<>();
        for (int i = 0; i < times.length; i++) {
            all.add(key(times[i], values[i]));
        }
        Keyed smooth = new Keyed(5, List.of("a"), List.of(new Curve(all)));
        smooth = KeyWork.going(smooth, KeyWork.all(smooth), Way.SMOOTH);
        var akima = new AkimaSplineInterpolator().interpolate(times, values);
        for (double t = 0; t <= 5; t += 0.01) {
            int k = Math.min(4, (int) t);
            double low = Math.min(values[k], values[k + 1]);
            double high = Math.max(values[k], values[k + 1]);
            assertTrue(smooth.at(0, t) >= low - 1e-9 && smooth.at(0, t) <= high + 1e-9, "at " + t);
            // Where the spline of Hipparchus does not overshoot itself, it is much the same curve.
            double other = Math.clamp(akima.value(t), low, high);
            assertEquals(other, smooth.at(0, t), 0.12, "at " + t);
        }
    }

    @Test
    void favourHoldAndMovingHold() {
        Set<Ref> peak = Set.of(new Ref("smile.L", 1));
        assertEquals(0.75, KeyWork.favoured(TWO, peak, 0.5).at(0, 1), 1e-9, "half way to the one after");
        assertEquals(0.5, KeyWork.favoured(TWO, peak, -0.5).at(0, 1), 1e-9);
        Keyed moving = KeyWork.movingHold(TWO, peak, 0.2, 0.04);
        assertEquals(5, keys(moving, "smile.L").size());
        assertEquals(0.98, moving.at(0, 1.8), 1e-9, "a little on towards the next");
        assertTrue(moving.at(0, 1.5) > 0.98 && moving.at(0, 1.5) < 1, "and never dead still");
        assertEquals(0.4, KeyWork.held(TWO, "smile.L", 0.4).at(0, 3.3), 1e-9);
    }

    @Test
    void setAndDeleted() {
        Keyed set = KeyWork.set(TWO, "smile.L", 1.5, 0.2, Way.SMOOTH);
        assertEquals(0.2, set.at(0, 1.5), 1e-9);
        Keyed again = KeyWork.set(set, "smile.L", 1.501, 0.3, Way.SMOOTH);
        assertEquals(5, keys(again, "smile.L").size(), "one that stands there gets the value");
        Keyed third = KeyWork.set(TWO, "jawDrop", 2, 0.7, Way.STEPPED);
        assertEquals(3, third.controls().size());
        assertEquals(2, keys(KeyWork.without(TWO, MIDDLE), "smile.L").size());
        Keyed emptied = KeyWork.without(TWO, KeyWork.all(TWO));
        assertEquals(1, keys(emptied, "smile.L").size(), "a control keeps its last key");
    }

    @Test
    void copiedPastedAndMirrored() {
        Snippet snippet = KeyWork.copied(TWO, MIDDLE);
        Keyed pasted = KeyWork.pasted(TWO, snippet, 2.5);
        assertEquals(1, pasted.at(0, 2.5), 1e-9);
        assertEquals(-10, pasted.at(1, 3.5), 1e-9);
        Snippet other =
                KeyWork.mirrored(snippet, c -> c.endsWith(".L") ? c.replace(".L", ".R") : c, c -> c.equals("headYaw"));
        Keyed mirrored = KeyWork.pasted(TWO, other, 0);
        assertEquals(3, mirrored.controls().size());
        assertEquals(1, mirrored.at(2, 0), 1e-9, "the other side smiles");
        assertEquals(10, mirrored.at(1, 1), 1e-9, "and the head turns to the other side");
    }
}
