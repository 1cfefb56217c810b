package graykite.text;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** How English endings are said after the last sound of a word (common practice, as in every grammar of English). */
class WordFormsTest {
    private static final Map<String, Pronunciation> OWN = Map.of(
            "bosun", said("B OW S AH N"),
            "luff", said("L AH F"),
            "winch", said("W IH N CH"),
            "ferry", said("F EH R IY"),
            "trim", said("T R IH M"),
            "bate", said("B EY T"),
            "haul", said("HH AO L"),
            "hos", said("HH AA S"));

    private static Pronunciation said(String phones) {
        return new Pronunciation(Arrays.stream(phones.split(" "))
                .map(p -> Phone.parse(p).orElseThrow())
                .toList());
    }

    private static List<Pronunciation> known(String word) {
        return OWN.containsKey(word) ? List.of(OWN.get(word)) : List.of();
    }

    @ParameterizedTest
    @CsvSource({
        "bosun's, B OW S AH N Z",
        "bosuns, B OW S AH N Z",
        "bosuns', B OW S AH N Z",
        "luffs, L AH F S",
        "luffed, L AH F T",
        "winches, W IH N CH IH Z",
        "winch's, W IH N CH IH Z",
        "winched, W IH N CH T",
        "ferries, F EH R IY Z",
        "ferried, F EH R IY D",
        "trimming, T R IH M IH NG",
        "trimmers, T R IH M ER Z",
        "bated, B EY T IH D",
        "bating, B EY T IH NG",
        "hauled, HH AO L D",
        "hauler's, HH AO L ER Z"
    })
    void endingsDependOnTheLastSound(String form, String phones) {
        assertEquals(List.of(said(phones)), new WordForms(WordFormsTest::known).of(form));
    }

    @ParameterizedTest
    @ValueSource(strings = {"bosun", "hoss", "ing", "'s", "s", "", "mizzens", "luffings off"})
    void otherWordsAreNoForms(String word) {
        assertEquals(List.of(), new WordForms(WordFormsTest::known).of(word));
    }

    /** What the user told about a word holds for its forms, and is no guess any more. */
    @Test
    void theUsersWordsHaveForms() {
        Pronouncer pronouncer = Pronouncer.shipped();
        Script.Word written = Script.of("the krennik's").words().getLast();
        WordChoice told = pronouncer.choice(written, Map.of("krennik", said("K R EH N IY K")));
        assertEquals(List.of(said("K R EH N IY K S")), told.pronunciations());
        assertFalse(told.guessed());
        assertTrue(pronouncer.choice(written, Map.of()).guessed());
        List<Pronunciation> ways = pronouncer.ways("krennik's", Map.of("krennik", said("K R EH N IY K")));
        assertEquals(said("K R EH N IY K S"), ways.getFirst());
        assertTrue(ways.size() > 1, "and what its letters say");
        assertTrue(Pronouncer.concerns("krennik", "krenniks"));
        assertFalse(Pronouncer.concerns("krennik", "kren"));
    }

    @Test
    void possessivesOfTheDictionaryAreMade() {
        WordChoice made =
                Pronouncer.shipped().choice(Script.of("ferryman's").words().getFirst(), Map.of());
        assertTrue(
                made.pronunciations().getFirst().toString().endsWith("M AH N Z"),
                made.pronunciations().toString());
        assertTrue(made.guessed());
    }
}
