package graykite.text;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Article 1 of the Universal Declaration of Human Rights (United Nations 1948, from memory), cut to its first sentence. */
class LanguageGuessTest {
    private static final LanguageGuess GUESS = LanguageGuess.shipped();

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "en | All human beings are born free and equal in dignity and rights.",
                "es | Todos los seres humanos nacen libres e iguales en dignidad y derechos.",
                "it | Tutti gli esseri umani nascono liberi ed eguali in dignità e diritti.",
                "de | Alle Menschen sind frei und gleich an Würde und Rechten geboren.",
                "fr | Tous les êtres humains naissent libres et égaux en dignité et en droits.",
                "pt | Todas as pessoas nascem livres e iguais em dignidade e em direitos.",
                "nl | Alle mensen worden vrij en gelijk in waardigheid en rechten geboren.",
                "pl | Wszyscy ludzie rodzą się wolni i równi pod względem swej godności i swych praw.",
                "sv | Alla människor är födda fria och lika i värde och rättigheter.",
                "tr | Bütün insanlar hür, haysiyet ve haklar bakımından eşit doğarlar.",
                "ja | すべての にんげんは、うまれながらにして じゆうであり"
            })
    void theFirstArticleIsRecognised(String code, String text) {
        assertEquals(Language.parse(code), GUESS.of(text));
    }

    @Test
    void whatTellsNothingIsNotGuessed() {
        assertEquals(Optional.empty(), GUESS.of(""));
        assertEquals(Optional.empty(), GUESS.of("Pim. Brine. Saltmere, 1984!"));
        assertEquals(Optional.empty(), GUESS.of("Die, die!"), "one small word is no language");
        assertEquals(Optional.empty(), GUESS.of("Las Vegas!"));
        assertEquals(Optional.of(Language.ENGLISH), GUESS.of("[sigh] Who put my map up by the lamp? [está aquí]"));
    }

    /** Where no blanks stand, words are found by ICU's dictionary; marks stay with the word before them. */
    @Test
    void japaneseFallsIntoWords() {
        Script script = Script.of("みずがくるまえに、ドアをしめてください。");
        List<String> words = script.written();
        assertEquals("みずがくるまえにドアをしめてください", String.join("", words));
        assertEquals(true, words.size() >= 5 && words.contains("ドア"), words.toString());
        assertEquals("。", script.words().getLast().mark());
        assertEquals("Fog bell.", Spaceless.spaced("Fog bell."));
    }

    /** Where blanks stand, words are what lies between them: はし (a bridge) is not the little word は and a rest. */
    @Test
    void wordsThatAreSetApartStay() {
        String apart = "おんなのこ が はし の うえ の とり を みます";
        assertEquals(apart, Spaceless.spaced(apart));
        String sentences = "みずがくるまえに　ドアをしめてください";
        assertNotEquals(sentences, Spaceless.spaced(sentences), "one blank between sentences does not set words apart");
    }
}
