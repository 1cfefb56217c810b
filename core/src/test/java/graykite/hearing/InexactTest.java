package graykite.hearing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.base.BadInput;
import graykite.base.Progress;
import graykite.reading.Doubt;
import graykite.reading.MissingWord;
import graykite.reading.PhoneSpread;
import graykite.reading.TimedPhone;
import graykite.reading.TimedWord;
import graykite.reading.Timing;
import graykite.reading.TimingEdits;
import graykite.reading.WordSource;
import graykite.sound.Sound;
import graykite.text.Phone;
import graykite.text.Script;
import graykite.text.TimeLine;
import graykite.time.TimeRange;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** Scripts that do not say what the recording says, pins, sections, new takes, and no script at all. */
class InexactTest {
    private static Reader reader;
    private static final String SAID = "The yellow lantern swings above the wheelhouse door and nobody knows why.";
    private static SimulatedVoice.Speech speech;
    private static Timing exact;

    @BeforeAll
    static void load() {
        reader = Reader.shipped();
        speech = SimulatedVoice.speak(SAID);
        exact = read(SAID);
    }

    private static Timing read(String text) {
        return reader.read(speech.sound(), Script.of(text), Progress.none());
    }

    private static TimedWord find(Timing timing, String word) {
        return timing.words().stream()
                .filter(w -> w.text().equalsIgnoreCase(word))
                .findFirst()
                .orElseThrow(() -> new AssertionError(word + " is lost"));
    }

    /** The words that were spoken and scripted keep the places that the exact script gives them. */
    private static void keeps(Timing wrong, String... words) {
        for (String word : words) {
            assertEquals(find(exact, word).start(), find(wrong, word).start(), 0.03, word);
            assertEquals(find(exact, word).end(), find(wrong, word).end(), 0.03, word);
        }
    }

    @Test
    void anExactScriptLosesNothing() {
        assertEquals(List.of(), exact.missing());
        assertTrue(exact.words().stream().noneMatch(w -> w.source() == WordSource.SOUND));
        assertTrue(
                Doubt.of(exact).stream().allMatch(d -> d.text().equals("wheelhouse")),
                Doubt.of(exact).toString());
    }

    @Test
    void aWordThatWasNotSaidIsMissing() {
        Timing timing = read("The yellow lantern swings majestically above the wheelhouse door and nobody knows why.");
        assertEquals(
                List.of("majestically"),
                timing.missing().stream().map(MissingWord::text).toList());
        assertEquals(4, timing.missing().getFirst().before());
        keeps(timing, "lantern", "swings", "above", "wheelhouse", "door", "nobody", "why");
    }

    @Test
    void aWordThatIsNotInTheScriptIsReadByItsSound() {
        Timing timing = read("The yellow lantern swings above the door and nobody knows why.");
        assertTrue(timing.words().stream().anyMatch(w -> w.source() == WordSource.SOUND));
        TimedWord heard = timing.words().stream()
                .filter(w -> w.source() == WordSource.SOUND)
                .findFirst()
                .orElseThrow();
        TimeRange spoken = find(exact, "wheelhouse").range();
        assertTrue(heard.range().middle() > spoken.start() && heard.range().middle() < spoken.end());
        keeps(timing, "lantern", "swings", "above", "nobody", "knows", "why");
    }

    @Test
    void anotherWordInItsPlaceDisturbsNobody() {
        Timing timing = read("The yellow lantern swings above the Mississippi door and nobody knows why.");
        assertEquals(
                List.of("Mississippi"),
                timing.missing().stream().map(MissingWord::text).toList());
        keeps(timing, "lantern", "swings", "above", "nobody", "knows", "why");
    }

    /** One sound is too little to say that a word was not spoken, and enough to have somebody look at it. */
    @Test
    void aWordThatDiffersByOneSoundIsPointedAt() {
        Sound fog = SimulatedVoice.speak("the fog bell rang").sound();
        Timing timing = reader.read(fog, Script.of("The dog bell rang."), Progress.none());
        assertTrue(
                Doubt.of(timing).stream().anyMatch(d -> d.text().equals("dog")),
                Doubt.of(timing).toString());
        assertTrue(Doubt.of(timing).stream().noneMatch(d -> d.text().equals("bell")));
    }

    @Test
    void aStrangeScriptIsCalledStrange() {
        Timing timing = read("Pim, fetch five fresh mackerel for supper before Captain Marsh comes back on board.");
        assertTrue(Doubt.stranger(timing).orElseThrow().contains("do not fit this sound"));
    }

    @Test
    void pinsStayThroughReadingAgain() {
        Timing pinned =
                exact.withStart(2, 2, exact.words().get(2).phones().get(2).start() + 0.02);
        Timing again = reader.reread(speech.sound(), Script.of(SAID), Map.of(), pinned, Progress.none());
        for (int p = 1; p <= 2; p++) {
            assertEquals(
                    pinned.words().get(2).phones().get(p),
                    again.words().get(2).phones().get(p));
        }
        // Elsewhere it is read as ever.
        assertEquals(exact.words().get(7).start(), again.words().get(7).start(), 0.011);
        // A word with other sounds, set by hand, keeps them.
        Timing other = TimingEdits.withPhone(exact, 4, 0, Phone.EH);
        Timing kept = reader.reread(speech.sound(), Script.of(SAID), Map.of(), other, Progress.none());
        assertEquals(Phone.EH, kept.words().get(4).phones().getFirst().phone());
        // Pins follow their word when words are added before it.
        Timing longer = reader.reread(speech.sound(), Script.of("Oh " + SAID), Map.of(), pinned, Progress.none());
        assertEquals(
                pinned.words().get(2).phones().get(2).start(),
                find(longer, "lantern").phones().get(2).start());
    }

    @Test
    void aSectionIsReadAlone() {
        Timing moved = exact.withStart(9, 0, exact.words().get(9).start() + 0.03);
        Timing section = reader.readSection(
                speech.sound(), moved, 1, 3, Script.of("yellow lantern swings"), Map.of(), Progress.none());
        assertEquals(moved.words().get(9), section.words().get(9));
        assertEquals(moved.words().size(), section.words().size());
        assertEquals(exact.words().get(2).start(), section.words().get(2).start(), 0.02);
    }

    /** The same words by another speaker: a voice of flite, whose phone times are known. */
    @Test
    void aNewTakeCarriesTheWordsOver() throws Exception {
        Script script = Script.of(Recordings.text("awb-9.txt"));
        Sound first = SimulatedVoice.speak(script.spokenText()).sound();
        Timing before = reader.read(first, script, Progress.none());
        Timing changed = TimingEdits.pin(before, 1, -1, true);
        Timing after = reader.carry(Recordings.sound("awb-9"), changed, Map.of(), Progress.none());
        assertEquals(
                before.words().stream().map(TimedWord::text).toList(),
                after.words().stream().map(TimedWord::text).toList());
        ReadingError error = ReadingError.between(after, Recordings.truth("awb-9"));
        assertTrue(error.within(0.05) > 0.9, error.toString());
    }

    /** Without words the sound gives mouths: most vowels of the truth fall on a vowel, closures of the lips on one. */
    @Test
    void soundAloneGivesPhonesForAMouth() {
        Timing timing = reader.listen(speech.sound(), Progress.none());
        int vowels = 0;
        int heard = 0;
        for (SimulatedVoice.Said said : speech.phones()) {
            if (said.phone().isVowel()) {
                double middle = (said.start() + said.end()) / 2;
                vowels++;
                heard += timing.segments().stream()
                                .anyMatch(s -> s.phone().isVowel() && s.start() <= middle && middle <= s.end())
                        ? 1
                        : 0;
            }
        }
        assertTrue(heard > 0.75 * vowels, heard + " of " + vowels);
        assertTrue(timing.words().stream().allMatch(w -> w.source() == WordSource.SOUND));
    }

    @Test
    void noiseIsNotTakenForTheWords() {
        float[] noise = new float[5 * 16_000];
        SplittableRandom random = new SplittableRandom(1);
        for (int i = 0; i < noise.length; i++) {
            noise[i] = (float) (0.2 * (random.nextDouble() - 0.5));
        }
        Timing timing = reader.read(Sound.mono(noise, 16_000), Script.of(SAID), Progress.none());
        assertTrue(Doubt.stranger(timing).isPresent(), timing.words().size() + " words found in noise");
    }

    @Test
    void pinsWithoutRoomAreRefusedPlainly() {
        List<TimedPhone> phones = PhoneSpread.over(
                exact.words().getLast().phones().stream().map(TimedPhone::phone).toList(), 0.02, 0.1);
        List<TimedPhone> more = PhoneSpread.over(List.of(Phone.B), 0, 0.015);
        Timing squeezed = new Timing(
                List.of(
                        exact.words().get(3).withPhones(more),
                        exact.words().getLast().withPhones(phones)),
                exact.duration());
        BadInput refused = assertThrows(
                BadInput.class,
                () -> reader.reread(speech.sound(), Script.of(SAID), Map.of(), squeezed, Progress.none()));
        assertTrue(refused.getMessage().contains("Release some pins"), refused.getMessage());
    }

    // --- times that a script says ---

    private static final String BOAT = "The boat is late again.";

    /** The same sentence twice, a second apart: from 0 s on and from this time on. */
    private static double second;

    private static Sound twice() {
        Sound once = SimulatedVoice.speak(BOAT).sound();
        second = once.duration() + 1;
        return Sound.together(List.of(once, once), List.of(0.0, second));
    }

    private static TimedWord boat(Sound sound, String script) {
        Timing timing = reader.read(sound, Script.of(script), Progress.none());
        assertEquals(
                List.of("The", "boat", "is", "late", "again"),
                timing.words().stream()
                        .filter(w -> w.source() != WordSource.SOUND)
                        .map(TimedWord::text)
                        .toList());
        return find(timing, "boat");
    }

    /** Of two places that fit alike, the words are found in the one whose time is written above them. */
    @Test
    void wordsAreFoundWhereTheirTimeIs() {
        Sound sound = twice();
        double early = boat(sound, "00:00.000 --> 00:02.000\n" + BOAT).start();
        double late = boat(sound, TimeLine.written(new TimeRange(second, second + 2)) + "\n" + BOAT)
                .start();
        assertTrue(early < 1, early + " s");
        assertEquals(second, late - early, 0.03);
    }

    /** What is said outside the times of a script is heard too, as words without a text. */
    @Test
    void whatIsSaidAtOtherTimesIsHeard() {
        Timing timing = reader.read(twice(), Script.of("00:00.000 --> 00:02.000\n" + BOAT), Progress.none());
        List<TimedWord> others = timing.words().stream()
                .filter(w -> w.source() == WordSource.SOUND)
                .toList();
        assertTrue(!others.isEmpty() && others.stream().allMatch(w -> w.start() > second - 0.1), others.toString());
        assertTrue(others.stream().mapToDouble(w -> w.end() - w.start()).sum() > 0.8, others.toString());
    }

    /** Times of another cut are worse than none. */
    @Test
    void timesThatFitNothingAreNotBelieved() {
        Sound once = SimulatedVoice.speak(BOAT).sound();
        Sound padded = Sound.together(List.of(once), List.of(6.0));
        double where = boat(padded, "00:01.000 --> 00:03.000\n" + BOAT).start();
        assertEquals(boat(padded, BOAT).start(), where, 0.03);
        assertEquals(
                boat(padded, BOAT).start(),
                boat(padded, "10:00.000 --> 10:03.000\n" + BOAT).start(),
                0.03);
    }
}
