package graykite.motion;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.motion.Key.Way;
import graykite.motion.KeyWork.Ref;
import graykite.motion.KeyWork.Snippet;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
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

    private static final Keyed RISING =
            new Keyed(4, List.of("a"), List.of(new Curve(List.of(key(0, 0), key(1, 1), key(3, 2), key(4, 2)))));

    private static List<Double> slopes(Keyed motion) {
        return keys(motion, "a").stream().map(Key::out).toList();
    }

    /** The harmonic mean of the slopes to both neighbours (Fritsch & Butland 1984), here 2 · 1 · 0.5 / 1.5; level at an end and a rest. */
    @Test
    void smoothSlopesByHand() {
        Keyed smooth = KeyWork.going(RISING, KeyWork.all(RISING), Way.SMOOTH);
        assertEquals(0, slopes(smooth).get(0));
        assertEquals(2 / 3.0, slopes(smooth).get(1), 1e-12);
        assertEquals(0, slopes(smooth).get(2));
        keys(smooth, "a").forEach(k -> assertEquals(k.out(), k.in()));
        Keyed one = KeyWork.going(RISING, Set.of(new Ref("a", 3)), Way.SMOOTH);
        assertEquals(List.of(0.0, 0.0, 0.0, 0.0), slopes(one), "those that were not chosen keep theirs");
        assertEquals(
                List.of(Way.LINEAR, Way.LINEAR, Way.SMOOTH, Way.LINEAR),
                keys(one, "a").stream().map(Key::way).toList());
    }

    /** What is scaled as a whole is the same curve, so many times as long and as high, also between its keys. */
    @Test
    void aScaledCurveKeepsItsShape() {
        Keyed smooth = KeyWork.going(RISING, KeyWork.all(RISING), Way.SMOOTH);
        Keyed scaled = KeyWork.scaled(smooth, KeyWork.all(smooth), 1, 0.5, 3);
        for (double t = 0; t <= 4; t += 0.05) {
            assertEquals(3 * smooth.at(0, t), scaled.at(0, 1 + (t - 1) * 0.5), 1e-9, "at " + t);
        }
        assertThrows(IllegalArgumentException.class, () -> KeyWork.scaled(RISING, KeyWork.all(RISING), 1, 0, 1));
    }

    @Test
    void aSmoothKeySmoothsItsNeighboursToo() {
        Keyed smooth = KeyWork.going(RISING, KeyWork.all(RISING), Way.SMOOTH);
        Keyed set = KeyWork.set(smooth, "a", 2, 1.2, Way.SMOOTH);
        // Slopes to the neighbours of the key at 1 s are now 1 and 0.2, of the new one 0.2 and 0.8.
        assertEquals(2 * 0.2 / 1.2, slopes(set).get(1), 1e-9);
        assertEquals(2 * 0.2 * 0.8 / 1.0, slopes(set).get(2), 1e-9);
        Keyed stepped = KeyWork.set(smooth, "a", 2, 1.2, Way.STEPPED);
        assertEquals(2 / 3.0, slopes(stepped).get(1), 1e-12, "one that jumps leaves them");
        Keyed far = KeyWork.set(smooth, "a", 9, 1, Way.LINEAR);
        assertEquals(4, keys(far, "a").getLast().time(), "it stays in the motion");
        Keyed apart = KeyWork.set(KeyWork.set(smooth, "a", 3.5, 2.5, Way.LINEAR), "a", 0.5, 0.1, Way.SMOOTH);
        assertEquals(0, slopes(apart).get(4), "those farther away keep theirs");
    }

    @Test
    void theLastKeyHasNothingToFavour() {
        Set<Ref> ends = Set.of(new Ref("a", 0), new Ref("a", 4));
        assertEquals(2, KeyWork.favoured(RISING, ends, 1).at(0, 4));
        assertEquals(1, KeyWork.favoured(RISING, ends, 1).at(0, 0));
        assertEquals(0, KeyWork.favoured(RISING, ends, -1).at(0, 0));
        assertEquals(RISING, KeyWork.favoured(RISING, KeyWork.all(RISING), 0));
    }

    @Test
    void aHoldNeedsRoom() {
        assertEquals(RISING, KeyWork.movingHold(RISING, KeyWork.all(RISING), 2.5, 0.1));
        Keyed held = KeyWork.movingHold(RISING, Set.of(new Ref("a", 1)), 0.5, 0.1);
        assertEquals(
                List.of(0.0, 1.0, 2.5, 3.0, 4.0),
                keys(held, "a").stream().map(Key::time).toList());
        assertEquals(1.1, held.at(0, 2.5), 1e-9);
    }

    @Test
    void onlyWhatIsChosenIsCopiedAndOnlyWhatFitsIsPasted() {
        Snippet two = KeyWork.copied(TWO, Set.of(new Ref("smile.L", 1), new Ref("smile.L", 3)));
        assertEquals(Set.of("smile.L"), two.keys().keySet());
        assertEquals(
                List.of(0.0, 2.0),
                two.keys().get("smile.L").stream().map(Key::time).toList());
        Keyed atTheEnd = KeyWork.pasted(TWO, two, 4);
        assertEquals(
                List.of(0.0, 1.0, 2.0, 3.0, 4.0),
                keys(atTheEnd, "smile.L").stream().map(Key::time).toList());
        Keyed beforeTheStart = KeyWork.pasted(TWO, two, -2);
        assertEquals(
                List.of(0.0, 1.0, 2.0, 3.0),
                keys(beforeTheStart, "smile.L").stream().map(Key::time).toList());
        assertEquals(TWO, KeyWork.pasted(TWO, two, 4.5));
        assertEquals(TWO, KeyWork.pasted(TWO, KeyWork.copied(TWO, Set.of()), 1));
    }

    @Test
    void slopesTurnWithTheirSide() {
        Snippet sloped = new Snippet(Map.of("headYaw", List.of(new Key(0, 4, Way.SMOOTH, 1, -2))));
        Snippet turned = KeyWork.mirrored(sloped, c -> c, c -> true);
        assertEquals(List.of(new Key(0, -4, Way.SMOOTH, -1, 2)), turned.keys().get("headYaw"));
        assertEquals(sloped, KeyWork.mirrored(sloped, c -> c, c -> false));
    }
}
