package graykite.reading;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.text.Phone;
import graykite.text.Pronunciation;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class TimingEditsTest {
    private static TimedWord word(String text, double start, double end, Phone... phones) {
        List<TimedPhone> timed = PhoneSpread.over(List.of(phones), start, end).stream()
                .map(p -> new TimedPhone(p.phone(), p.start(), p.end(), false))
                .toList();
        return new TimedWord(text, "", timed, false, 0.9);
    }

    /** "fog bell", then 0.4 s of silence, then "rang"; "the" was not found before "bell". */
    private final Timing line = new Timing(
            List.of(
                    word("fog", 0.1, 0.5, Phone.F, Phone.AO, Phone.G),
                    word("bell", 0.5, 0.9, Phone.B, Phone.EH, Phone.L),
                    word("rang", 1.3, 1.7, Phone.R, Phone.AE, Phone.NG)),
            List.of(new MissingWord("the", "", 1)),
            2);

    private static List<String> texts(Timing timing) {
        return timing.words().stream().map(TimedWord::text).toList();
    }

    private static Pronunciation said(Phone... phones) {
        return new Pronunciation(List.of(phones));
    }

    @Test
    void splittingKeepsAllSoundsAndTimes() {
        Timing split = TimingEdits.splitWord(line, 1, 2, "be", "ll");
        assertEquals(List.of("fog", "be", "ll", "rang"), texts(split));
        assertEquals(
                line.words().get(1).phones().get(2).start(),
                split.words().get(2).start());
        assertEquals(0.9, split.words().get(2).end());
        assertTrue(split.words().get(1).phones().stream().allMatch(TimedPhone::pinned));
        assertFalse(split.words().get(0).phones().getFirst().pinned());
        assertThrows(IllegalArgumentException.class, () -> TimingEdits.splitWord(line, 1, 0, "", "bell"));
    }

    /** What was heard by name takes the place of what was missed right there; words that were missed elsewhere stay. */
    @Test
    void whatWasHeardIsWritten() {
        TimedWord horn = new TimedWord(
                "horn",
                "",
                word("horn", 1, 1.2, Phone.HH, Phone.AO, Phone.R, Phone.N).phones(),
                WordSource.SOUND,
                0);
        List<TimedWord> words = new ArrayList<>(line.words());
        words.add(2, horn);
        Timing heard = new Timing(
                words,
                List.of(
                        new MissingWord("the", "", 1),
                        new MissingWord("whistle", ",", 3),
                        new MissingWord("twice", "", 4)),
                2);
        Timing written = TimingEdits.write(heard, 2);
        assertEquals("fog the bell horn rang twice", written.text());
        assertEquals(WordSource.DICTIONARY, written.words().get(2).source());
        assertEquals(horn.phones(), written.words().get(2).phones());
        assertEquals(
                List.of(), Doubt.of(written).stream().filter(d -> d.word() == 2).toList());
        assertEquals(written, TimingEdits.write(written, 2), "it is in the script already");
        words.set(2, new TimedWord(TimedWord.UNSCRIPTED, "", horn.phones(), WordSource.SOUND, 0));
        assertThrows(IllegalArgumentException.class, () -> TimingEdits.write(line.withWords(words), 2));
    }

    @Test
    void joiningTakesThePauseIn() {
        Timing joined = TimingEdits.mergeWords(line, 1);
        assertEquals(List.of("fog", "bell rang"), texts(joined));
        assertEquals(1.3, joined.words().get(1).phones().get(2).end());
        assertThrows(IllegalArgumentException.class, () -> TimingEdits.mergeWords(line, 2));
        // What was split joins again to the same sounds.
        Timing back = TimingEdits.mergeWords(TimingEdits.splitWord(line, 1, 1, "b", "ell"), 1);
        assertEquals(
                line.words().get(1).phones().stream().map(TimedPhone::start).toList(),
                back.words().get(1).phones().stream().map(TimedPhone::start).toList());
    }

    @Test
    void aNewWordTakesThePause() {
        Timing longer = TimingEdits.insertWord(line, 2, "it", said(Phone.IH, Phone.T));
        assertEquals(List.of("fog", "bell", "it", "rang"), texts(longer));
        TimedWord added = longer.words().get(2);
        assertTrue(added.start() >= 0.9 && added.end() <= 1.3);
        assertEquals(0.9, longer.words().get(1).end());
    }

    @Test
    void neighboursGiveWayWhereThereIsNoPause() {
        Timing longer = TimingEdits.insertWord(line, 1, "the", said(Phone.DH, Phone.AH));
        assertEquals(List.of("fog", "the", "bell", "rang"), texts(longer));
        assertTrue(longer.words().get(0).end() < 0.5);
        assertTrue(longer.words().get(2).start() > 0.5);
        assertEquals(0.1, longer.words().get(0).start());
        assertEquals(0.9, longer.words().get(2).end());
        // The word that was missing here stays missing before "bell".
        assertEquals(1, longer.missing().getFirst().before());
    }

    @Test
    void soundsAreChangedAddedAndTakenOut() {
        Timing changed = TimingEdits.withPhone(line, 0, 1, Phone.AA);
        assertEquals(Phone.AA, changed.words().get(0).phones().get(1).phone());
        Timing added = TimingEdits.insertPhone(line, 0, 2, Phone.Z);
        assertEquals(4, added.words().get(0).phones().size());
        assertEquals(0.5, added.words().get(0).end());
        Timing without = TimingEdits.deletePhone(added, 0, 3);
        assertEquals(
                line.words().get(0).phones().stream().map(TimedPhone::phone).toList(),
                without.words().get(0).phones().stream().map(TimedPhone::phone).toList());
        assertEquals(0.5, without.words().get(0).end());
        Timing headless = TimingEdits.deletePhone(line, 0, 0);
        assertEquals(0.1, headless.words().get(0).start());
        Timing one = TimingEdits.deletePhone(headless, 0, 0);
        assertThrows(IllegalArgumentException.class, () -> TimingEdits.deletePhone(one, 0, 0));
    }

    @Test
    void wordsMoveOnlyAsFarAsTheirNeighboursLet() {
        assertEquals(0.9, TimingEdits.moveWord(line, 2, -5).words().get(2).start(), 1e-9);
        assertEquals(2, TimingEdits.moveWord(line, 2, 5).words().get(2).end(), 1e-9);
        assertEquals(0.0, TimingEdits.moveWord(line, 0, -1).words().get(0).start(), 1e-9);
    }

    @Test
    void marksPlaceWordsOneAfterTheOther() {
        Timing marked = Timing.empty(3);
        marked = TimingEdits.mark(marked, "fog", "", said(Phone.F, Phone.AO, Phone.G), 0.5);
        marked = TimingEdits.mark(marked, "bell", ".", said(Phone.B, Phone.EH, Phone.L), 0.7);
        assertEquals(0.7, marked.words().get(0).end(), 1e-9);
        assertEquals(0.7, marked.words().get(1).start(), 1e-9);
        marked = TimingEdits.endWord(marked, 1.5);
        assertEquals(1.5, marked.words().get(1).end(), 1e-9);
        Timing before = marked;
        assertThrows(IllegalArgumentException.class, () -> TimingEdits.endWord(before, 0.705));
        assertThrows(IllegalArgumentException.class, () -> TimingEdits.endWord(Timing.empty(1), 0.5));
        assertEquals("fog bell.", marked.text());
    }

    @Test
    void theTextHoldsMissingWordsAtTheirPlaces() {
        assertEquals("fog the bell rang", line.text());
        assertEquals("fog the rang", TimingEdits.deleteWord(line, 1).text());
    }

    @Test
    void doubtsSayWhatToLookAt() {
        TimedWord weak = new TimedWord("bell", "", line.words().get(1).phones(), false, 0.2);
        TimedWord guessed = new TimedWord("rang", "", line.words().get(2).phones(), true, 0.9);
        Timing timing = new Timing(List.of(line.words().get(0), weak, guessed), line.missing(), 2);
        assertEquals(
                List.of(Doubt.Reason.MISSING, Doubt.Reason.WEAK, Doubt.Reason.UNKNOWN),
                Doubt.of(timing).stream().map(Doubt::reason).toList());
        // What a hand has settled is not doubted any more.
        assertEquals(
                List.of(Doubt.Reason.MISSING, Doubt.Reason.UNKNOWN),
                Doubt.of(TimingEdits.pin(timing, 1, -1, true)).stream()
                        .map(Doubt::reason)
                        .toList());
        assertTrue(Doubt.stranger(timing).isEmpty());
        Timing strange = new Timing(
                List.of(weak, guessed), List.of(new MissingWord("a", "", 0), new MissingWord("b", "", 0)), 2);
        assertTrue(Doubt.stranger(strange).orElseThrow().contains("3 of 4"));
    }

    /** A neutral vowel usually takes 95 ms: in the middle of a pause, beside the ends of the line, between words that touch. */
    @Test
    void whereANewWordStands() {
        TimedWord inPause =
                TimingEdits.insertWord(line, 2, "a", said(Phone.AH)).words().get(2);
        assertEquals(1.1 - 0.0475, inPause.start(), 1e-9);
        assertEquals(1.1 + 0.0475, inPause.end(), 1e-9);
        TimedWord atTheEnd =
                TimingEdits.insertWord(line, 3, "a", said(Phone.AH)).words().get(3);
        assertEquals(1.85 - 0.0475, atTheEnd.start(), 1e-9);
        TimedWord atTheStart =
                TimingEdits.insertWord(line, 0, "a", said(Phone.AH)).words().getFirst();
        assertEquals(0.05 - 0.0475, atTheStart.start(), 1e-9);
        // Between words that touch it gets three fifths of that, half from each.
        Timing between = TimingEdits.insertWord(line, 1, "a", said(Phone.AH));
        assertEquals(0.5 - 0.0285, between.words().get(0).end(), 1e-9);
        assertEquals(0.5 - 0.0285, between.words().get(1).start(), 1e-9);
        assertEquals(0.5 + 0.0285, between.words().get(1).end(), 1e-9);
        assertEquals(0.5 + 0.0285, between.words().get(2).start(), 1e-9);
        // At the start only the word behind gives way: a sixth of 0.26 s less the tenth that is free, half of it.
        Timing first = TimingEdits.insertWord(line, 0, "ah", said(Phone.F, Phone.AO, Phone.G));
        double lack = 0.6 * 0.26 - 0.1;
        assertEquals(0, first.words().get(0).start(), 1e-9);
        assertEquals(0.1 + lack / 2, first.words().get(0).end(), 1e-9);
        assertEquals(0.1 + lack / 2, first.words().get(1).start(), 1e-9);
        assertEquals(0.5, first.words().get(1).end(), 1e-9);
    }

    @Test
    void aWordThatGivesWayKeepsItsShares() {
        TimedWord before = line.words().get(0);
        TimedWord after =
                TimingEdits.insertWord(line, 1, "a", said(Phone.AH)).words().get(0);
        double factor = (after.end() - after.start()) / 0.4;
        for (int p = 0; p < 3; p++) {
            assertEquals(
                    before.phones().get(p).length() * factor,
                    after.phones().get(p).length(),
                    1e-9);
            assertTrue(after.phones().get(p).pinned());
        }
    }

    /** Nobody gives more than half, nor so much that a sound would be left with less than twice the shortest. */
    @Test
    void whereThereIsNoRoomNothingIsPutIn() {
        Timing tight = new Timing(
                List.of(
                        word("fog", 0, 0.06, Phone.F, Phone.AO, Phone.G),
                        word("bell", 0.06, 0.12, Phone.B, Phone.EH, Phone.L)),
                0.12);
        String why = assertThrows(
                        IllegalArgumentException.class, () -> TimingEdits.insertWord(tight, 1, "a", said(Phone.AH)))
                .getMessage();
        assertTrue(why.startsWith("There is no room for \"a\" here."), why);
        Timing half = new Timing(List.of(word("oh", 0, 0.05, Phone.OW), word("oh", 0.05, 0.1, Phone.OW)), 0.1);
        Timing put = TimingEdits.insertWord(half, 1, "a", said(Phone.AH, Phone.AH));
        assertEquals(0.025, put.words().get(0).end(), 1e-9);
        assertEquals(0.075, put.words().get(2).start(), 1e-9);
    }

    @Test
    void soundsTooShortAreNotCut() {
        Timing quick = new Timing(List.of(word("oh", 0, 0.0199, Phone.OW)), 1);
        assertThrows(IllegalArgumentException.class, () -> TimingEdits.insertPhone(quick, 0, 0, Phone.Z));
        Timing enough = new Timing(List.of(word("oh", 0, 0.02, Phone.OW)), 1);
        TimedWord cut = TimingEdits.insertPhone(enough, 0, 0, Phone.Z).words().getFirst();
        assertEquals(0.01, cut.phones().get(0).end(), 1e-9);
        assertEquals(0.01, cut.phones().get(1).start(), 1e-9);
        assertThrows(IllegalArgumentException.class, () -> TimingEdits.splitWord(line, 0, 3, "fog", ""));
    }

    @Test
    void oneSoundIsPinnedAndLetGo() {
        Timing one = TimingEdits.pin(line, 0, 1, true);
        assertEquals(
                List.of(false, true, false),
                one.words().get(0).phones().stream().map(TimedPhone::pinned).toList());
        assertEquals(line, TimingEdits.pin(one, 0, 1, false));
        Timing first = TimingEdits.pin(line, 0, 0, true);
        assertTrue(first.words().get(0).phones().getFirst().pinned());
    }

    @Test
    void marksInPausesAndWithinWords() {
        Timing inPause = TimingEdits.mark(line, "a", "", said(Phone.AH), 1.0);
        assertEquals(1.3, inPause.words().get(2).end(), 1e-9, "until the next word");
        assertEquals(0.9, inPause.words().get(1).end(), 1e-9, "and what came before stays");
        Timing within = TimingEdits.mark(line, "a", "", said(Phone.AH), 0.7);
        assertEquals(List.of("fog", "bell", "a", "rang"), texts(within));
        assertEquals(0.7, within.words().get(1).end(), 1e-9);
        assertEquals(1.3, within.words().get(2).end(), 1e-9);
        assertThrows(
                IllegalArgumentException.class, () -> TimingEdits.mark(line, "a", "", said(Phone.AH, Phone.T), 1.281));
        assertEquals(
                4,
                TimingEdits.mark(line, "a", "", said(Phone.AH, Phone.T), 1.28)
                        .words()
                        .size());
        assertEquals(
                2.0,
                TimingEdits.mark(line, "a", "", said(Phone.AH), 1.8)
                        .words()
                        .getLast()
                        .end(),
                1e-9);
    }

    @Test
    void anEndInThePauseDrawsTheWordBeforeOut() {
        assertEquals(1.1, TimingEdits.endWord(line, 1.1).words().get(1).end(), 1e-9);
        assertEquals(1.9, TimingEdits.endWord(line, 1.9).words().get(2).end(), 1e-9);
        assertEquals(0.3, TimingEdits.endWord(line, 0.3).words().get(0).end(), 1e-9);
        assertThrows(IllegalArgumentException.class, () -> TimingEdits.endWord(line, 0.05));
    }

    @Test
    void missingWordsStandBeforeTheirWordsWhateverComesAndGoes() {
        List<TimedWord> words = line.words();
        List<MissingWord> all = List.of(
                new MissingWord("a", "", 0),
                new MissingWord("b", "", 1),
                new MissingWord("c", "", 2),
                new MissingWord("d", "", 3));
        Timing four = new Timing(words, all, 2);
        assertEquals("a b bell c rang d", TimingEdits.deleteWord(four, 0).text());
        assertEquals("a fog b c rang d", TimingEdits.deleteWord(four, 1).text());
        assertEquals(
                "a fog b be ll c rang d",
                TimingEdits.splitWord(four, 1, 1, "be", "ll").text());
        assertEquals(
                "a fog b it bell c rang d",
                TimingEdits.insertWord(four, 1, "it", said(Phone.IH)).text());
        // What was missing between two words that are joined stands before both of them.
        assertEquals("a b fog bell c rang d", TimingEdits.mergeWords(four, 0).text());
    }

    @Test
    void joinedWordsKeepWhereTheirSoundsComeFrom() {
        TimedWord letters = new TimedWord("fog", ",", line.words().get(0).phones(), WordSource.LETTERS, 0.3);
        TimedWord also = new TimedWord("bell", "", line.words().get(1).phones(), WordSource.LETTERS, 0.5);
        Timing both = new Timing(List.of(letters, also, line.words().get(2)), 2);
        TimedWord joined = TimingEdits.mergeWords(both, 0).words().get(0);
        assertEquals("fog, bell", joined.text());
        assertEquals(WordSource.LETTERS, joined.source());
        assertEquals(0.3, joined.fit());
        assertEquals(
                WordSource.DICTIONARY,
                TimingEdits.mergeWords(both, 1).words().get(1).source());
    }
}
