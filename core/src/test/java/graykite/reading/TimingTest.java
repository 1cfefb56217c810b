package graykite.reading;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.text.Phone;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

public class TimingTest {
    /** Two words that touch, "fog" and "bell", and one after a pause. */
    public static Timing sample() {
        return new Timing(
                List.of(
                        word("fog", 0.2, Phone.F, Phone.AA, Phone.G),
                        word("bell", 0.5, Phone.B, Phone.EH, Phone.L),
                        word("map", 1.2, Phone.M, Phone.AE, Phone.P)),
                2.0);
    }

    static TimedWord word(String text, double start, Phone... phones) {
        List<TimedPhone> timed = new ArrayList<>();
        for (int i = 0; i < phones.length; i++) {
            timed.add(new TimedPhone(phones[i], tenths(start, i), tenths(start, i + 1), false));
        }
        return new TimedWord(text, "", timed, false, 1);
    }

    private static double tenths(double start, int steps) {
        return Math.round(start * 10 + steps) / 10.0;
    }

    @Test
    void segmentsCoverTheLine() {
        List<Timing.Segment> segments = sample().segments();
        assertEquals(0, segments.getFirst().start());
        assertEquals(2.0, segments.getLast().end());
        for (int i = 1; i < segments.size(); i++) {
            assertEquals(segments.get(i - 1).end(), segments.get(i).start(), 1e-9);
        }
        assertEquals(3, segments.stream().filter(Timing.Segment::isSilence).count());
        assertEquals(0, sample().wordAt(0.25));
        assertEquals(-1, sample().wordAt(1.0));
    }

    @Test
    void aBoundaryMovesItsTwoNeighboursOnly() {
        Timing moved = sample().withStart(0, 1, 0.27);
        assertEquals(0.27, moved.words().get(0).phones().get(0).end());
        assertEquals(0.27, moved.words().get(0).phones().get(1).start());
        assertTrue(moved.words().get(0).phones().get(0).pinned());
        assertFalse(moved.words().get(0).phones().get(2).pinned());
        assertEquals(sample().words().subList(1, 3), moved.words().subList(1, 3));
    }

    @Test
    void touchingWordsMoveTogetherAndOthersDoNot() {
        Timing moved = sample().withStart(1, 0, 0.55);
        assertEquals(0.55, moved.words().get(0).end(), 1e-9);
        Timing apart = sample().withStart(2, 0, 1.1);
        assertEquals(0.8, apart.words().get(1).end(), 1e-9);
        assertEquals(1.1, apart.words().get(2).start(), 1e-9);
        assertEquals(0.95, sample().withEnd(1, 0.95).words().get(1).end(), 1e-9);
    }

    /** Wherever a hand drags, the reading stays whole. */
    @Test
    void noDragBreaksAReading() {
        Random random = new Random(5);
        Timing timing = sample();
        for (int i = 0; i < 3000; i++) {
            int word = random.nextInt(3);
            double time = random.nextDouble(-1, 3);
            timing =
                    random.nextBoolean() ? timing.withStart(word, random.nextInt(3), time) : timing.withEnd(word, time);
            for (TimedWord w : timing.words()) {
                for (TimedPhone p : w.phones()) {
                    assertTrue(p.length() >= Timing.SHORTEST_PHONE - 1e-6, p.toString());
                }
            }
        }
    }

    @Test
    void brokenReadingsAreRefused() {
        assertThrows(
                IllegalArgumentException.class,
                () -> new Timing(sample().words().reversed(), 2));
        assertThrows(IllegalArgumentException.class, () -> new TimedPhone(Phone.SIL, 0, 1, false));
        assertThrows(IllegalArgumentException.class, () -> new TimedPhone(Phone.F, 1, 1, false));
    }

    @Test
    void phoneNamesOfAllKinds() {
        assertEquals(Phone.AH, Phone.parse("ax").orElseThrow());
        assertEquals(Phone.IY, Phone.parse("IY1").orElseThrow());
        assertEquals(Phone.SIL, Phone.parse("pau").orElseThrow());
        assertTrue(Phone.parse("Q9").isEmpty());
        assertEquals(40, Phone.values().length);
    }
}
