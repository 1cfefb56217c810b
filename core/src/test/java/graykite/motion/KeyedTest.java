package graykite.motion;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import graykite.motion.Key.Way;
import java.util.List;
import org.junit.jupiter.api.Test;

class KeyedTest {
    private static Key key(double time, double value) {
        return new Key(time, value, Way.LINEAR, 0, 0);
    }

    private static final Curve LONG = new Curve(List.of(key(0, 0), key(1, 2), key(2, 0), key(4, 8)));
    private static final Curve SHORT = new Curve(List.of(key(3, 5)));
    private static final Keyed MOTION = new Keyed(4, List.of("a", "b"), List.of(LONG, SHORT));

    @Test
    void partsAreCutWhereTheyAreAskedFor() {
        Keyed part = MOTION.part(0.5, 3);
        assertEquals(2.5, part.duration(), 1e-9);
        assertEquals(
                List.of(0.0, 0.5, 1.5, 2.5),
                part.curves().getFirst().keys().stream().map(Key::time).toList());
        for (double t = 0; t <= 2.5; t += 0.1) {
            assertEquals(MOTION.at(0, 0.5 + t), part.at(0, t), 1e-9);
            assertEquals(5, part.at(1, t), 1e-9);
        }
    }

    @Test
    void keysAreCounted() {
        assertEquals(5, MOTION.keys());
        assertEquals(4, MOTION.only(List.of("a")).keys());
        assertEquals(0, LONG.start());
        assertEquals(4, LONG.end());
        assertEquals("Linear", Way.LINEAR.title());
    }

    @Test
    void outsideItStaysWhatItIsAtItsEnds() {
        Keyed shorter = new Keyed(3, List.of("a"), List.of(LONG));
        assertEquals(4, shorter.at(0, 3), 1e-9);
        assertEquals(4, shorter.at(0, 3.9), 1e-9, "keys behind the end do not sound on");
        assertEquals(0, shorter.at(0, -1), 1e-9);
    }

    @Test
    void whatIsNoMotionIsRefused() {
        assertThrows(IllegalArgumentException.class, () -> new Keyed(0, List.of("a"), List.of(LONG)));
        assertThrows(IllegalArgumentException.class, () -> new Keyed(Motion.LONGEST + 1, List.of("a"), List.of(LONG)));
        assertThrows(IllegalArgumentException.class, () -> new Keyed(1, List.of(), List.of()));
        assertThrows(IllegalArgumentException.class, () -> new Keyed(1, List.of("a", "b"), List.of(LONG)));
        assertThrows(IllegalArgumentException.class, () -> new Keyed(1, List.of("a", "a"), List.of(LONG, LONG)));
        assertThrows(IllegalArgumentException.class, () -> new Key(0, Double.NaN, Way.LINEAR, 0, 0));
        assertThrows(IllegalArgumentException.class, () -> new Key(0, 0, Way.LINEAR, Double.POSITIVE_INFINITY, 0));
        assertEquals(Motion.LONGEST, new Keyed(Motion.LONGEST, List.of("a"), List.of(LONG)).duration());
    }
}
