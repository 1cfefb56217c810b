package graykite.edit;

import static graykite.edit.Edited.READING;
import static graykite.edit.Edited.START;
import static graykite.edit.Edited.after;
import static graykite.edit.Edited.line;
import static graykite.edit.Edited.reading;
import static graykite.edit.Edited.refused;
import static graykite.edit.Edited.words;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.edit.ReadingEdit.ChangeSound;
import graykite.edit.ReadingEdit.ClearReading;
import graykite.edit.ReadingEdit.DeleteSound;
import graykite.edit.ReadingEdit.DeleteWord;
import graykite.edit.ReadingEdit.EndWord;
import graykite.edit.ReadingEdit.InsertSound;
import graykite.edit.ReadingEdit.InsertWord;
import graykite.edit.ReadingEdit.JoinWords;
import graykite.edit.ReadingEdit.MarkWord;
import graykite.edit.ReadingEdit.MoveEnd;
import graykite.edit.ReadingEdit.MoveStart;
import graykite.edit.ReadingEdit.MoveWord;
import graykite.edit.ReadingEdit.Pin;
import graykite.edit.ReadingEdit.SetReading;
import graykite.edit.ReadingEdit.SplitWord;
import graykite.edit.ReadingEdit.WriteWord;
import graykite.mouth.Lines;
import graykite.project.Project;
import graykite.reading.TimedPhone;
import graykite.reading.TimedWord;
import graykite.reading.Timing;
import graykite.reading.WordSource;
import graykite.text.Phone;
import graykite.text.Pronunciation;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class ReadingEditTest {
    private static final Pronunciation BIG = new Pronunciation(List.of(Phone.B, Phone.IH, Phone.G));

    private static TimedWord word(Project project, int index) {
        return reading(project).words().get(index);
    }

    private static List<Phone> sounds(TimedWord word) {
        return word.phones().stream().map(TimedPhone::phone).toList();
    }

    @Test
    void aReadingIsTakenOnWithOrWithoutItsWords() {
        Timing other = Lines.spoken("the fog horn", 0.08);
        assertEquals(
                READING.text(), line(after(new SetReading("a", other, false))).script());
        assertEquals(
                "the fog horn", line(after(new SetReading("a", other, true))).script());
        Project cleared = after(new ClearReading("a", 3));
        assertTrue(reading(cleared).words().isEmpty());
        assertEquals(3, reading(cleared).duration());
        assertEquals(READING.text(), line(cleared).script(), "the script stays to be marked by hand");
    }

    @Test
    void aBoundaryMovesItsTwoNeighboursOnly() {
        double start = READING.words().get(2).phones().get(1).start();
        Project now = after(new MoveStart("a", 2, 1, start + 0.02));
        assertEquals(start + 0.02, word(now, 2).phones().get(1).start(), 1e-9);
        assertEquals(start + 0.02, word(now, 2).phones().get(0).end(), 1e-9, "they touched before");
        for (int w = 0; w < READING.words().size(); w++) {
            if (w != 2) {
                assertEquals(READING.words().get(w), word(now, w), "word " + w);
            }
        }
        double end = READING.words().getLast().end();
        Project longer = after(new MoveEnd("a", READING.words().size() - 1, end + 0.05));
        assertEquals(end + 0.05, reading(longer).words().getLast().end(), 1e-9);
    }

    @Test
    void noBoundaryPassesAnother() {
        Project far = after(new MoveStart("a", 2, 1, 99));
        TimedWord bell = word(far, 2);
        for (int p = 1; p < bell.phones().size(); p++) {
            assertTrue(bell.phones().get(p).start() >= bell.phones().get(p - 1).end() - 1e-9);
            assertTrue(bell.phones().get(p).length() > 0);
        }
        assertEquals(word(START, 3), word(far, 3), "nor pushes the next word on");
        Project early = after(new MoveStart("a", 0, 0, -5));
        assertTrue(word(early, 0).start() >= 0);
    }

    @Test
    void aWordMovesAsFarAsItsNeighboursLetIt() {
        Project spaced = after(new MoveWord("a", 8, 0.1));
        assertEquals(READING.words().get(8).start() + 0.1, word(spaced, 8).start(), 1e-9);
        assertEquals(READING.words().get(8).end() + 0.1, word(spaced, 8).end(), 1e-9);
        Project held = after(new MoveWord("a", 8, 50));
        assertTrue(word(held, 8).end() <= READING.duration() + 1e-9);
    }

    @Test
    void pinsHoldAWordOrASound() {
        Project word = after(new Pin("a", 1, -1, true));
        assertTrue(word(word, 1).phones().stream().allMatch(TimedPhone::pinned));
        Project sound = after(new Pin("a", 1, 2, true));
        assertTrue(word(sound, 1).phones().get(2).pinned());
        assertFalse(word(sound, 1).phones().get(0).pinned());
        Project free = after(word, new Pin("a", 1, -1, false));
        assertTrue(word(free, 1).phones().stream().noneMatch(TimedPhone::pinned));
    }

    @Test
    void soundsAreChangedPutInAndTakenOut() {
        assertEquals(
                Phone.D,
                word(after(new ChangeSound("a", 1, 2, Phone.D)), 1)
                        .phones()
                        .get(2)
                        .phone());
        Project more = after(new InsertSound("a", 1, 1, Phone.R));
        assertEquals(List.of(Phone.F, Phone.AA, Phone.R, Phone.G), sounds(word(more, 1)));
        assertEquals(READING.words().get(1).start(), word(more, 1).start(), 1e-9, "in the time of the word");
        assertEquals(READING.words().get(1).end(), word(more, 1).end(), 1e-9);
        Project fewer = after(more, new DeleteSound("a", 1, 2));
        assertEquals(sounds(READING.words().get(1)), sounds(word(fewer, 1)));
        assertEquals(READING.text(), line(fewer).script(), "sounds are not spelling");
    }

    @Test
    void wordsAreSplitJoinedPutInAndTakenOutAndTheScriptFollows() {
        Project split = after(new SplitWord("a", 4, 2, "be", "fore"));
        assertEquals(List.of("the", "fog", "bell", "rang", "be", "fore", "we", "moved", "the", "map"), words(split));
        assertEquals("the fog bell rang be fore we moved the map", line(split).script());
        assertEquals(
                sounds(READING.words().get(4)),
                Stream.concat(sounds(word(split, 4)).stream(), sounds(word(split, 5)).stream())
                        .toList());
        Project joined = after(split, new JoinWords("a", 4));
        assertEquals(READING.words().size(), reading(joined).words().size());
        assertEquals(sounds(READING.words().get(4)), sounds(word(joined, 4)));
        Project fewer = after(new DeleteWord("a", 0));
        assertEquals("fog bell rang before we moved the map", line(fewer).script());
        Project more = after(new InsertWord("a", 2, "big", BIG));
        assertEquals("the fog big bell rang before we moved the map", line(more).script());
        assertEquals(BIG.phones(), sounds(word(more, 2)));
        Project last = after(new InsertWord("a", 9, "big", BIG));
        assertEquals("big", words(last).getLast());
        checkOrder(reading(more));
        checkOrder(reading(last));
    }

    @Test
    void whatWasHeardIsWrittenIntoTheScript() {
        List<TimedWord> words = new ArrayList<>(READING.words());
        TimedWord bell = words.get(2);
        words.set(2, new TimedWord("horn", "", bell.phones(), WordSource.SOUND, 0));
        Project heard = after(new SetReading("a", READING.withWords(words), true));
        assertEquals("the fog rang before we moved the map", line(heard).script());
        assertEquals(
                "the fog horn rang before we moved the map",
                line(after(heard, new WriteWord("a", 2))).script());
        words.set(2, new TimedWord(TimedWord.UNSCRIPTED, "", bell.phones(), WordSource.SOUND, 0));
        Project unknown = after(new SetReading("a", READING.withWords(words), true));
        refused(unknown, "Type it", new WriteWord("a", 2));
    }

    private static void checkOrder(Timing timing) {
        double before = 0;
        for (TimedWord word : timing.words()) {
            for (TimedPhone phone : word.phones()) {
                assertTrue(phone.start() >= before - 1e-9, word.text());
                assertTrue(phone.length() > 0, word.text());
                before = phone.end();
            }
        }
        assertTrue(before <= timing.duration() + 1e-9);
    }

    @Test
    void wordsAreMarkedWhileOneListens() {
        Project now = after(
                new ClearReading("a", 3),
                new MarkWord("a", "Big", "", BIG, 0.5, 3),
                new MarkWord("a", "big", ",", BIG, 1.5, 3),
                new EndWord("a", 2.2));
        assertEquals(List.of("Big", "big"), words(now));
        assertEquals(0.5, word(now, 0).start(), 1e-9);
        assertEquals(1.5, word(now, 1).start(), 1e-9);
        assertEquals(2.2, word(now, 1).end(), 1e-9);
        assertEquals(",", word(now, 1).mark());
        checkOrder(reading(now));
        Project unread = after(new MarkWord("b", "big", "", BIG, 1, 4));
        assertEquals(4, unread.line("b").orElseThrow().timing().orElseThrow().duration());
    }

    /** Whatever is pointed at must be there; a line that is not read says so. */
    @ParameterizedTest
    @MethodSource("nowhere")
    void nothingIsChangedWhereNothingIs(ReadingEdit edit) {
        refused("There is no", edit);
    }

    static Stream<ReadingEdit> nowhere() {
        return Stream.of(
                new MoveStart("a", 9, 0, 1),
                new MoveStart("a", -1, 0, 1),
                new MoveStart("a", 1, 3, 1),
                new MoveEnd("a", 9, 1),
                new MoveWord("a", 12, 1),
                new Pin("a", 9, -1, true),
                new ChangeSound("a", 1, 3, Phone.AA),
                new InsertSound("a", 9, 0, Phone.AA),
                new DeleteSound("a", 0, 2),
                new SplitWord("a", 9, 1, "x", "y"),
                new JoinWords("a", 9),
                new DeleteWord("a", -2),
                new InsertWord("a", 10, "big", BIG));
    }

    @Test
    void whatIsNotReadSaysSo() {
        refused("\"Second\" is not read yet", new MoveStart("b", 0, 0, 1));
        refused("not read yet", new JoinWords("b", 0));
    }

    @Test
    void theLastWordHasNoneToJoin() {
        refused("no word after this one", new JoinWords("a", 8));
    }

    @Test
    void nothingChangedIsTheSameProject() {
        double start = READING.words().get(2).phones().get(1).start();
        assertSame(START, new Pin("a", 1, -1, false).apply(START));
        assertEquals(START, new SetReading("a", READING, false).apply(START));
        assertEquals(
                start,
                reading(new MoveStart("a", 2, 1, start).apply(START))
                        .words()
                        .get(2)
                        .phones()
                        .get(1)
                        .start());
    }
}
