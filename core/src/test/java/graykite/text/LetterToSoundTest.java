package graykite.text;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LetterToSoundTest {
    /** Every fiftieth word of the dictionary was kept back when the letter model learnt it. */
    private static final int EVERY = 50;

    private static LetterToSound letters;

    @BeforeAll
    static void load() {
        letters = LetterToSound.shipped();
    }

    private static Pronunciation said(String phones) {
        return new Pronunciation(Arrays.stream(phones.split(" "))
                .map(p -> Phone.parse(p).orElseThrow())
                .toList());
    }

    /** Bisani and Ney 2008 report 75.5 % of whole words on another edition of the dictionary. */
    @Test
    void threeInFourUnknownWordsAreSaidAsTheDictionaryHasThem() {
        CmuDictionary dictionary = CmuDictionary.shipped();
        List<String> words = dictionary.words().stream()
                .filter(w -> w.matches("[a-z']*[a-z]"))
                .toList();
        int count = 0;
        int right = 0;
        int among = 0;
        for (int i = EVERY - 1; i < words.size(); i += EVERY) {
            List<Pronunciation> truth = dictionary.pronunciations(words.get(i));
            List<Pronunciation> guesses = letters.guesses(words.get(i), 3);
            count++;
            right += truth.contains(guesses.getFirst()) ? 1 : 0;
            among += guesses.stream().anyMatch(truth::contains) ? 1 : 0;
        }
        assertTrue(count > 2000, count + " words");
        assertTrue(right >= 0.75 * count, right + " of " + count);
        assertTrue(among >= 0.88 * count, among + " of " + count + " among the first three");
    }

    /** Made-up words and names that no dictionary holds, as an English speaker says them (common practice). */
    @ParameterizedTest
    @CsvSource({
        "blicket, B L IH K AH T",
        "splunge, S P L AH N JH",
        "phenty, F EH N T IY",
        "knabe, N EY B",
        "quizzify, K W IH Z AH F AY",
        "Pim, P IH M",
        "tarrant, T AE R AH N T",
        "cutchester, K AH CH EH S T ER"
    })
    void namesAreSaidAsOneWouldReadThem(String word, String phones) {
        assertTrue(
                letters.guesses(word, 3).contains(said(phones)),
                () -> word + ": "
                        + letters.guesses(word, 3).stream()
                                .map(Pronunciation::phones)
                                .toList());
    }

    @Test
    void theLikeliestWayComesFirstAndEachOnce() {
        List<Pronunciation> ways = letters.guesses("bowline", 5);
        assertEquals(5, ways.size());
        assertEquals(5, ways.stream().distinct().count());
        assertEquals(letters.guess("bowline"), ways.getFirst());
        assertEquals(ways.subList(0, 2), letters.guesses("bowline", 2));
    }

    @Test
    void whatHoldsNoLetterIsANeutralVowel() {
        assertEquals(List.of(Phone.AH), letters.guess("…").phones());
        assertEquals(letters.guess("boat"), letters.guess("BOAT!"));
        assertEquals(letters.guess("gull's"), letters.guess("gull’s"));
        assertTrue(letters.guess("a".repeat(200)).phones().size() > 3, "however long it is");
    }
}
