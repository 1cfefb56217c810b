package graykite.reading;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.text.Phone;
import graykite.time.TimeMap;
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

    @Test
    void theWordAtATime() {
        Timing line = sample();
        int[] at = {-1, 0, 1, -1, -1, 2, -1};
        double[] times = {0.1, 0.3, 0.6, 0.9, 1.19, 1.3, 1.6};
        for (int i = 0; i < at.length; i++) {
            assertEquals(at[i], line.wordAt(times[i]), "at " + times[i]);
        }
        assertEquals(1, line.wordAt(0.5), "where two words meet the second begins");
        assertEquals(-1, Timing.empty(3).wordAt(1));
    }

    @Test
    void theTextKeepsPunctuationAndLeavesOutWhatNobodyWrote() {
        TimedWord fog = new TimedWord("Fog", ",", sample().words().get(0).phones(), false, 1);
        TimedWord unknown =
                new TimedWord(TimedWord.UNSCRIPTED, "", sample().words().get(1).phones(), WordSource.SOUND, 1);
        TimedWord map = new TimedWord("map", ".", sample().words().get(2).phones(), false, 1);
        List<MissingWord> missing =
                List.of(new MissingWord("the", "", 0), new MissingWord("old", "", 2), new MissingWord("again", "!", 3));
        assertEquals("the Fog, old map. again!", new Timing(List.of(fog, unknown, map), missing, 2).text());
        assertEquals("", Timing.empty(1).text());
        assertThrows(
                IllegalArgumentException.class,
                () -> new Timing(sample().words(), List.of(new MissingWord("x", "", 4)), 2));
        assertThrows(IllegalArgumentException.class, () -> new Timing(sample().words(), 1.4));
    }

    /** A line that plays at half its speed, and one into which half a second of nothing was put at 0.5 s, where two words meet. */
    @Test
    void onAnotherClock() {
        TimeMap slow = new TimeMap(List.of(new TimeMap.Pair(0, 0), new TimeMap.Pair(2, 4)));
        Timing slower = sample().retimed(TimeMap.SAME, slow);
        assertEquals(4, slower.duration(), 1e-9);
        for (int w = 0; w < 3; w++) {
            for (int p = 0; p < 3; p++) {
                TimedPhone before = sample().words().get(w).phones().get(p);
                TimedPhone after = slower.words().get(w).phones().get(p);
                assertEquals(2 * before.start(), after.start(), 1e-9);
                assertEquals(2 * before.end(), after.end(), 1e-9);
            }
        }
        Timing back = slower.retimed(slow, TimeMap.SAME);
        assertEquals(2, back.duration(), 1e-9);
        assertEquals(1.2, back.words().get(2).start(), 1e-9);
        Timing paused = sample().retimed(TimeMap.SAME, TimeMap.pausing(0.5, 0.5));
        assertEquals(0.5, paused.words().get(0).end(), 1e-9, "the pause lies behind the word");
        assertEquals(1.0, paused.words().get(1).start(), 1e-9);
        assertEquals(2.5, paused.duration(), 1e-9);
        Timing within = sample().retimed(TimeMap.SAME, TimeMap.pausing(0.6, 0.5));
        assertEquals(
                1.1, within.words().get(1).phones().get(0).end(), 1e-9, "within a word it holds the sound before it");
        assertEquals(1.1, within.words().get(1).phones().get(1).start(), 1e-9);
    }

    @Test
    void boundariesStopAtTheirNeighbours() {
        Timing line = sample();
        assertEquals(
                0.2 + Timing.SHORTEST_PHONE,
                line.withStart(0, 1, 0).words().get(0).phones().get(1).start(),
                1e-9);
        assertEquals(
                0.4 - Timing.SHORTEST_PHONE,
                line.withStart(0, 1, 9).words().get(0).phones().get(1).start(),
                1e-9);
        assertEquals(0, line.withStart(0, 0, -3).words().get(0).start(), 1e-9);
        assertEquals(0.8, line.withStart(2, 0, 0).words().get(2).start(), 1e-9);
        assertEquals(1.2, line.withEnd(1, 9).words().get(1).end(), 1e-9);
        assertEquals(
                0.7 + Timing.SHORTEST_PHONE, line.withEnd(1, 0).words().get(1).end(), 1e-9);
        assertEquals(2, line.withEnd(2, 9).words().get(2).end(), 1e-9);
        Timing together = line.withEnd(0, 0.45);
        assertEquals(0.45, together.words().get(0).end(), 1e-9);
        assertEquals(0.45, together.words().get(1).start(), 1e-9, "words that touch move together");
        assertTrue(line.withEnd(1, 0.9).words().get(1).phones().getLast().pinned());
    }
}
