package graykite.hearing;

import static org.junit.jupiter.api.Assertions.assertEquals;

import graykite.reading.HeardPhone;
import graykite.text.Phone;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Which words answer for sound that is in no script, by rows of words: a number is a word of the script, s such sound, a dot a pause. */
class UnexplainedSoundTest {
    private static final int WORDS = 5;

    /** The higher the number of a phone's frames, the more speaks against its word. */
    private static Set<Integer> blamed(String row, int... frames) {
        List<HeardPhone> heard = new ArrayList<>();
        int at = 0;
        for (char c : row.toCharArray()) {
            int word = c == 's' ? HeardPhone.UNSCRIPTED : c == '.' ? HeardPhone.PAUSE : c - '0';
            int length = word >= 0 && word < frames.length ? frames[word] : 1;
            heard.add(new HeardPhone(word, 0, 0, Phone.AA, at, at + length, 0));
            at += length;
        }
        return UnexplainedSound.blamed(PhoneRuns.runs(heard), WORDS, PhoneRuns::frames);
    }

    @Test
    void ofTwoWordsTheOneThatFitsWorse() {
        assertEquals(Set.of(1), blamed("01s234", 1, 3, 2, 1, 1));
        assertEquals(Set.of(2), blamed("01s234", 1, 2, 3, 1, 1));
        assertEquals(Set.of(2), blamed("01.s.234", 1, 2, 3, 1, 1), "over pauses too");
        assertEquals(Set.of(1), blamed("01s.s234", 1, 3, 2, 1, 1), "two stretches with a pause between are one");
        assertEquals(Set.of(0, 4), blamed("0s123s4", 3, 2, 2, 2, 3), "each stretch for itself");
        assertEquals(Set.of(), blamed("0123.4", 3, 2, 1, 2, 3));
        assertEquals(Set.of(), blamed("", 1));
        assertEquals(Set.of(), blamed(".s.", 1), "no word was heard");
    }

    @Test
    void theFirstAndTheLastWordForWhatIsAroundTheScript() {
        assertEquals(Set.of(0), blamed("s01234", 1, 9));
        assertEquals(Set.of(4), blamed("01234s.", 1, 9, 9, 9, 1));
        assertEquals(Set.of(0, 4), blamed("s01234s", 1, 1, 1, 1, 1));
    }

    /** Whoever replaced the word that is missing there said it. */
    @Test
    void nobodyWhereAWordIsMissing() {
        assertEquals(Set.of(), blamed("01s34", 1, 9, 0, 9, 9));
        assertEquals(Set.of(), blamed("s1234", 0, 9, 1, 1, 1), "the first");
        assertEquals(Set.of(), blamed("0123s", 1, 1, 1, 9, 0), "the last");
    }
}
