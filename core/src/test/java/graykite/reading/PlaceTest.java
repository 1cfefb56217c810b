package graykite.reading;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.text.Phone;
import graykite.time.TimeMap;
import graykite.time.TimeRange;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Places and moorings: "fog" 0.2 to 0.5 s, "bell" 0.5 to 0.8 s, "map" 1.2 to 1.5 s, and the same words a second later. */
class PlaceTest {
    private static final WordFinder LINE = new WordFinder(TimingTest.sample());
    private static final WordFinder LATER = new WordFinder(new Timing(
            List.of(
                    TimingTest.word("fog", 1.2, Phone.F, Phone.AA, Phone.G),
                    TimingTest.word("bell", 1.7, Phone.B, Phone.EH, Phone.L, Phone.L, Phone.L, Phone.L),
                    TimingTest.word("map", 2.5, Phone.M, Phone.AE, Phone.P)),
            3.0));
    private static final WordFinder WITHOUT_BELL = new WordFinder(new Timing(
            List.of(TimingTest.word("fog", 0.2, Phone.F, Phone.AA, Phone.G), TimingTest.word("map", 1.2, Phone.M)), 2));
    private static final WordFinder NO_WORDS = new WordFinder(Timing.empty(2));

    @Test
    void theNearestWord() {
        assertEquals(0, LINE.nearest(0));
        assertEquals(0, LINE.nearest(0.3));
        assertEquals(1, LINE.nearest(0.6));
        assertEquals(1, LINE.nearest(0.95));
        assertEquals(2, LINE.nearest(1.05));
        assertEquals(2, LINE.nearest(99));
        assertEquals(-1, NO_WORDS.nearest(1));
    }

    @Test
    void whatStandsInAWordMovesAndStretchesWithIt() {
        Place middle = Place.at(0.65, LINE);
        assertEquals(0.5, middle.part(), 1e-9);
        assertEquals(0, middle.offset(), 1e-9);
        assertEquals(0.65, middle.in(LINE), 1e-9);
        assertEquals(2.0, middle.in(LATER), 1e-9);
    }

    @Test
    void whatStandsBesideAWordKeepsItsDistance() {
        Place before = Place.at(1.1, LINE);
        assertEquals(-0.1, before.offset(), 1e-9);
        assertEquals(0, before.part(), 1e-9);
        assertEquals(2.4, before.in(LATER), 1e-9);
        Place behind = Place.at(0.9, LINE);
        assertEquals(0.1, behind.offset(), 1e-9);
        assertEquals(1, behind.part(), 1e-9);
        assertEquals(2.4, behind.in(LATER), 1e-9);
        Place early = new Place(Optional.of(LINE.anchor(0)), 0, -0.7, 0);
        assertEquals(0, early.in(LINE), "never before the line begins");
        assertEquals(0.5, early.in(LATER), 1e-9);
    }

    @Test
    void whoseWordIsGoneStaysAtItsTime() {
        Place bell = Place.at(0.65, LINE);
        assertTrue(bell.isLost(WITHOUT_BELL));
        assertFalse(bell.isLost(LATER));
        assertEquals(0.65, bell.in(WITHOUT_BELL), 1e-9);
        Place plain = Place.at(0.65, NO_WORDS);
        assertEquals(Optional.empty(), plain.word());
        assertFalse(plain.isLost(LATER));
        assertEquals(0.65, plain.in(LATER), 1e-9);
    }

    @Test
    void onAnotherClock() {
        TimeMap twice = new TimeMap(List.of(new TimeMap.Pair(0, 0), new TimeMap.Pair(1, 2)));
        assertEquals(1.3, Place.at(0.65).retimed(twice).time(), 1e-9);
        TimeMap earlier = new TimeMap(List.of(new TimeMap.Pair(0, -1), new TimeMap.Pair(1, 0)));
        assertEquals(0, Place.at(0.65).retimed(earlier).time(), 1e-9);
        assertEquals(
                Place.at(0.65, LINE).word(), Place.at(0.65, LINE).retimed(twice).word());
    }

    @Test
    void whatIsNoPlaceIsRefused() {
        assertThrows(IllegalArgumentException.class, () -> Place.at(-0.1));
        assertThrows(IllegalArgumentException.class, () -> new Place(Optional.empty(), 1.1, 0, 0));
        assertThrows(IllegalArgumentException.class, () -> new Place(Optional.empty(), 0, Double.NaN, 0));
        Anchor sound = Anchor.of(LINE.timing(), 0, 1);
        assertThrows(IllegalArgumentException.class, () -> new Place(Optional.of(sound), 0, 0, 0));
    }

    // --- movement that hangs on words --------------------------------------------------------------------------------

    @Test
    void movementIsTiedToTheWordsAlongIt() {
        assertEquals(1, Moorings.of(new TimeRange(0.5, 0.8), LINE).words().size(), "one word, not its neighbours");
        Moorings all = Moorings.of(new TimeRange(0.1, 1.4), LINE);
        assertEquals(
                List.of("fog", "bell", "map"),
                all.words().stream().map(m -> m.word().word()).toList());
        TimeMap map = all.in(LATER).orElseThrow();
        assertEquals(1.2, map.after(0.2), 1e-9);
        assertEquals(1.35, map.after(0.35), 1e-9);
        assertEquals(2.0, map.after(0.65), 1e-9, "the middle of a word that lasts twice as long");
        assertEquals(2.65, map.after(1.35), 1e-9);
        for (double t = 0.2; t < 1.5; t += 0.05) {
            assertEquals(t, all.in(LINE).orElseThrow().after(t), 1e-9);
        }
    }

    @Test
    void aWordInTheMiddleMayBeMissingAndOneAtAnEndMayNot() {
        Moorings all = Moorings.of(new TimeRange(0.2, 1.4), LINE);
        TimeMap map = all.in(WITHOUT_BELL).orElseThrow();
        assertEquals(0.2, map.after(0.2), 1e-9);
        assertEquals(1.2, map.after(1.2), 1e-9);
        assertEquals(
                Optional.empty(), Moorings.of(new TimeRange(0.55, 1.4), LINE).in(WITHOUT_BELL));
        assertEquals(Optional.empty(), all.in(NO_WORDS));
        assertThrows(IllegalArgumentException.class, () -> Moorings.of(new TimeRange(0, 1), NO_WORDS));
        assertThrows(IllegalArgumentException.class, () -> new Moorings(List.of()));
    }
}
