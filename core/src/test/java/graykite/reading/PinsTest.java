package graykite.reading;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.text.Phone;
import graykite.text.Pronunciation;
import graykite.text.Script;
import graykite.text.WordChoice;
import graykite.time.TimeMap;
import graykite.time.TimeRange;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** "fog bell map", of which the hand set the first sound of "bell", 0.5 to 0.6 s. Frames last 5 ms. */
class PinsTest {
    private static final Timing LINE = set(TimingTest.sample(), 0.6);
    private static final Script SCRIPT = Script.of("fog bell map");

    /** The first sound of the second word ends at a time, by hand. */
    private static Timing set(Timing timing, double end) {
        List<TimedPhone> phones = timing.words().get(1).phones();
        TimedPhone first = new TimedPhone(phones.get(0).phone(), 0.5, end, true);
        TimedPhone second = new TimedPhone(phones.get(1).phone(), end, 0.7, false);
        TimedWord bell = timing.words().get(1).withPhones(List.of(first, second, phones.get(2)));
        return timing.withWords(
                List.of(timing.words().get(0), bell, timing.words().get(2)));
    }

    private static WordChoice choice(String word) {
        return new WordChoice(
                Script.of(word).words().getFirst(), List.of(new Pronunciation(List.of(Phone.AE, Phone.EH))), true);
    }

    @Test
    void theWordsThatAreSetByHandAreFoundInAScript() {
        Pins pins = Pins.of(LINE, Script.of("The fog bell, map!"));
        assertTrue(pins.holds(2));
        assertFalse(pins.holds(1), "nothing of fog was set by hand");
        assertFalse(pins.holds(3));
        assertFalse(pins.isEmpty());
        assertTrue(Pins.of(LINE, Script.of("fog map")).isEmpty());
        assertTrue(Pins.of(TimingTest.sample(), SCRIPT).isEmpty());
        assertTrue(Pins.none().isEmpty());
    }

    @Test
    void onlyWhatWasSetIsHeld() {
        Pins pins = Pins.of(LINE, SCRIPT);
        assertEquals(Phone.B, pins.at(1, 0).orElseThrow().phone());
        assertEquals(Optional.empty(), pins.at(1, 1));
        assertEquals(Optional.empty(), pins.at(0, 0));
        assertEquals(
                "B EH L",
                pins.held(1, choice("bell")).pronunciations().getFirst().toString());
        assertFalse(pins.held(1, choice("bell")).guessed());
        assertEquals(choice("fog"), pins.held(0, choice("fog")));
    }

    @Test
    void aHeldSoundMayBeginAndEndOneFrameBesideItsTime() {
        Pins pins = Pins.of(LINE, SCRIPT);
        for (int frame = 95; frame < 106; frame++) {
            assertEquals(Math.abs(frame - 100) <= 1, pins.mayBegin(1, 0, frame), "begins at frame " + frame);
            assertEquals(Math.abs(frame - 100) <= 1, pins.mayEnd(1, 0, frame + 20), "ends at frame " + (frame + 20));
            assertTrue(pins.mayBegin(1, 1, frame) && pins.mayEnd(1, 1, frame));
        }
    }

    /** The search needs three frames a sound: one of two gets room. */
    @Test
    void aShortSoundMayLieThreeFramesBesideItsTime() {
        Pins pins = Pins.of(set(TimingTest.sample(), 0.51), SCRIPT);
        for (int frame = 95; frame < 106; frame++) {
            assertEquals(Math.abs(frame - 100) <= 3, pins.mayBegin(1, 0, frame), "begins at frame " + frame);
        }
    }

    @Test
    void withoutTimesTheSoundsStay() {
        Pins pins = Pins.of(LINE, SCRIPT).withoutTimes();
        assertTrue(pins.isEmpty());
        assertFalse(pins.holds(1));
        assertTrue(pins.mayBegin(1, 0, 7));
        assertEquals(
                "B EH L",
                pins.held(1, choice("bell")).pronunciations().getFirst().toString());
    }

    /** Subtitles linger: eight tenths of a second on either side of what is said. */
    @Test
    void aScriptMaySayWhenItsWordsAreSpoken() {
        Script timed =
                new Script(SCRIPT.text(), SCRIPT.words(), List.of(new Script.Section(1, 3, new TimeRange(2, 3))));
        Pins pins = Pins.none().within(timed);
        assertTrue(pins.hasRooms());
        assertTrue(pins.isEmpty());
        assertTrue(pins.mayBegin(0, 0, 0) && pins.mayEnd(0, 0, 9999), "the first word has no time");
        for (int word : new int[] {1, 2}) {
            assertFalse(pins.mayBegin(word, 0, 239));
            assertTrue(pins.mayBegin(word, 0, 240));
            assertTrue(pins.mayEnd(word, 0, 760));
            assertFalse(pins.mayEnd(word, 0, 761));
        }
        assertFalse(pins.anywhere().hasRooms());
        assertTrue(pins.anywhere().mayBegin(1, 0, 0));
        Script early =
                new Script(SCRIPT.text(), SCRIPT.words(), List.of(new Script.Section(0, 1, new TimeRange(0.2, 0.4))));
        assertTrue(Pins.none().within(early).mayBegin(0, 0, 0));
    }

    /** The words have their time from 1.2 to 3.8 s; in a cut that begins at 1.5 s with the second word, until 2.3 s. */
    @Test
    void timesOfAScriptHoldInACut() {
        Script timed =
                new Script(SCRIPT.text(), SCRIPT.words(), List.of(new Script.Section(1, 3, new TimeRange(2, 3))));
        Pins cut = Pins.of(LINE, SCRIPT).within(timed).roomsFrom(1, 1.5);
        assertTrue(cut.isEmpty(), "what is held is not heard again");
        assertTrue(cut.mayBegin(0, 0, 0) && cut.mayBegin(1, 0, 0));
        assertTrue(cut.mayEnd(0, 0, 459) && cut.mayEnd(1, 0, 459));
        assertFalse(cut.mayEnd(0, 0, 462));
        assertFalse(cut.mayEnd(1, 0, 462));
        Pins later = Pins.none().within(timed).roomsFrom(2, 0.2);
        assertFalse(later.mayBegin(0, 0, 198));
        assertTrue(later.mayBegin(0, 0, 202) && later.mayEnd(1, 0, 9999), "there is one more word");
        assertFalse(Pins.none().within(timed).roomsFrom(1, 3.9).hasRooms(), "their time has gone by");
    }

    /** Everything after 0.2 s comes a second later. */
    @Test
    void pinsAndTimesOfAScriptMoveWithTheClock() {
        Script timed =
                new Script(SCRIPT.text(), SCRIPT.words(), List.of(new Script.Section(2, 3, new TimeRange(2, 3))));
        Pins pins = Pins.of(LINE, SCRIPT).within(timed).retimed(TimeMap.pausing(0.2, 1));
        TimedPhone held = pins.at(1, 0).orElseThrow();
        assertEquals(1.5, held.start(), 1e-9);
        assertEquals(1.6, held.end(), 1e-9);
        assertTrue(held.pinned());
        assertEquals(Optional.empty(), pins.at(1, 1));
        assertTrue(pins.mayBegin(1, 0, 300));
        assertFalse(pins.mayBegin(1, 0, 100));
        assertFalse(pins.mayBegin(2, 0, 439));
        assertTrue(pins.mayBegin(2, 0, 441) && pins.mayEnd(2, 0, 959));
        assertTrue(Pins.of(LINE, SCRIPT)
                .withoutTimes()
                .retimed(TimeMap.pausing(0.2, 1))
                .isEmpty());
    }

    @Test
    void pinsFollowTheirWordsWhenOthersAreLeftOutOrPutIn() {
        Script timed =
                new Script(SCRIPT.text(), SCRIPT.words(), List.of(new Script.Section(1, 2, new TimeRange(2, 3))));
        Pins pins = Pins.of(LINE, SCRIPT).within(timed).on(List.of(-1, 1, 2));
        assertTrue(pins.holds(1));
        Pins moved = Pins.of(LINE, SCRIPT).within(timed).on(List.of(1, -1, 0));
        assertTrue(moved.holds(0));
        assertFalse(moved.holds(1));
        assertFalse(moved.mayBegin(0, 1, 239));
        assertTrue(moved.mayBegin(1, 0, 0));
    }
}
