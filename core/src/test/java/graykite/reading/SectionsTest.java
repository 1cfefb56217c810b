package graykite.reading;

import static org.junit.jupiter.api.Assertions.assertEquals;

import graykite.text.Phone;
import java.util.List;
import org.junit.jupiter.api.Test;

/** "fog" 0.2 to 0.5 s, "bell" 0.5 to 0.8 s, "map" 1.2 to 1.5 s; words that were missed stand at four places. */
class SectionsTest {
    private static final List<TimedWord> WORDS = TimingTest.sample().words();
    private static final List<MissingWord> MISSING = List.of(
            new MissingWord("a", "", 0),
            new MissingWord("b", "", 1),
            new MissingWord("c", "", 2),
            new MissingWord("d", ".", 3));
    private static final Timing LINE = new Timing(WORDS, MISSING, 2);
    /** Two words in place of "bell", read by themselves from 0 on; a third was not found. */
    private static final Timing SECTION = new Timing(
            List.of(TimingTest.word("up", 0, Phone.AH), TimingTest.word("there", 0.1, Phone.DH, Phone.EH)),
            List.of(new MissingWord("x", ",", 1)),
            0.4);

    private static List<String> missing(Timing timing) {
        return timing.missing().stream()
                .map(m -> m.text() + m.mark() + m.before())
                .toList();
    }

    @Test
    void newWordsTakeThePlaceOfOld() {
        Timing after = Sections.replaced(LINE, 1, 1, SECTION, 0.5, 0.75);
        assertEquals(
                List.of("fog", "up", "there", "map"),
                after.words().stream().map(TimedWord::text).toList());
        assertEquals(WORDS.get(0), after.words().get(0));
        assertEquals(WORDS.get(2), after.words().get(3));
        assertEquals(0.5, after.words().get(1).start(), 1e-9);
        assertEquals(0.6, after.words().get(2).start(), 1e-9);
        assertEquals(0.75, after.words().get(2).end(), 1e-9, "nothing reaches beyond the section");
        assertEquals(2, after.duration());
    }

    @Test
    void missingWordsStandWhereTheyStood() {
        Timing after = Sections.replaced(LINE, 1, 1, SECTION, 0.5, 0.8);
        assertEquals(List.of("a0", "b1", "x,2", "c3", "d.4"), missing(after));
        Timing atTheStart = Sections.replaced(LINE, 0, 0, SECTION, 0.2, 0.5);
        assertEquals(List.of("a0", "x,1", "b2", "c3", "d.4"), missing(atTheStart));
        Timing fewer = Sections.replaced(LINE, 0, 2, new Timing(List.of(WORDS.get(0)), 2), 0, 2);
        assertEquals(List.of("a0", "d.1"), missing(fewer), "those within are replaced with the rest");
    }

    /** What was missed right beside sound that nobody knew is what is typed for it now. */
    @Test
    void missingWordsBesideUnknownSoundAreReplacedWithIt() {
        TimedWord bell = WORDS.get(1);
        TimedWord unknown = new TimedWord(TimedWord.UNSCRIPTED, "", bell.phones(), WordSource.SOUND, 1);
        Timing heard = new Timing(List.of(WORDS.get(0), unknown, WORDS.get(2)), MISSING, 2);
        assertEquals(List.of("a0", "x,2", "d.4"), missing(Sections.replaced(heard, 1, 1, SECTION, 0.5, 0.8)));
    }
}
