package graykite.text;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.base.BadInput;
import java.util.Arrays;
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
        "zucchero, ˈdzukkero, D Z UW K K EY R OW",
        "Pferd, pfeːɐ̯t, P F EY AH T"
    })
    void otherLanguagesMapToTheNearestSounds(String word, String ipa, String expected) {
        String read = Ipa.read(ipa).toString();
        assertEquals(expected, read, word);
    }

    @Test
    void nearWordsAreNear() {
        assertTrue(pronouncer.near("boatswane", 4).contains("boatswain"));
        assertTrue(pronouncer.near("hose", 6).stream().allMatch(w -> NearWords.distance("hose", w, 3) <= 2));
        assertEquals(3, NearWords.distance("kitten", "sitting", 5)); // Levenshtein's usual example
        assertEquals(List.of(), new NearWords(List.of("anchor")).to("zzzzzzzz", 3));
    }

    /** How words of other languages are said (any dictionary of theirs), through the shipped rules. */
    @ParameterizedTest
    @CsvSource({
        "es, niña, N IY N Y AA",
        "es, zapato, S AA P AA T OW",
        "es, guitarra, G IY T AA R AA",
        "it, gabbiani, G AA B Y AA N IY",
        "it, spiaggia, S P Y AA JH AA",
        "it, chiudere, K Y UW D EY R EY",
        "de, schiff, SH IH F",
        "de, über, UW B AH",
        "de, weißen, V AY S AH N",
        "fr, bateau, B AA T OW",
        "fr, vieux, V Y ER",
        "fr, fille, F IY Y",
        "pt, coração, K OW R AA S AH W",
        "pt, gente, ZH EY N CH IY",
        "pt, brasil, B R AA Z IY W",
        "nl, schip, S HH IH P",
        "nl, vrouw, V R AW",
        "nl, huizen, HH ER UW Z AH N",
        "pl, dziękuję, JH EH NG K UW Y EH",
        "pl, chrząszcz, HH SH AO N SH CH",
        "pl, łódź, W UW CH",
        "sv, sjö, SH ER",
        "sv, kött, S ER T",
        "sv, flicka, F L IH K AA",
        "tr, ISPARTA, UW S P AA R T AA",
        "tr, İstanbul, IY S T AA N B UW L",
        "tr, çocuk, CH AO JH UW K",
        "ja, さくら, S AA K UW R AA",
        "ja, サッカー, S AA K AA",
        "ja, しんぶん, S IY M B UW N",
        "ja, きょうと, K Y OW T OW"
    })
    void regularSpellingsTellTheirSounds(String language, String word, String expected) {
        Pronouncer rules = Pronouncer.of(Language.parse(language).orElseThrow());
        assertEquals(expected, rules.ways(word).getFirst().toString());
    }

    @ParameterizedTest
    @CsvSource({
        "'(a a', line 1",
        "'(a) a|~Q = R', 'line 2: there is no sound Q'",
        "'~R = HH SIL', no sound SIL",
        "'(a) a|(b):X b', line 2",
        "'(a) ☃', line 1",
        "'# nothing', holds no rules"
    })
    void brokenRulesAreNamedWithTheirPlace(String text, String part) {
        String message = assertThrows(BadInput.class, () -> LetterRules.read(text.replace('|', '\n'), "own.txt"))
                .getMessage();
        assertTrue(message.startsWith("own.txt") && message.contains(part), message);
    }

    /**
     * The two alphabets beside each other as they are published (Jurafsky &amp; Martin, "Speech and Language Processing", second edition,
     * figures 7.1 and 7.2, from memory); length and rhotic hooks, which the figures write in more than one way, apart.
     */
    @ParameterizedTest
    @CsvSource({
        "p, P", "t, T", "k, K", "b, B", "d, D", "ɡ, G", "m, M", "n, N", "ŋ, NG", "f, F", "v, V", "θ, TH", "ð, DH",
        "s, S", "z, Z", "ʃ, SH", "ʒ, ZH", "tʃ, CH", "dʒ, JH", "l, L", "w, W", "ɹ, R", "j, Y", "h, HH", "i, IY", "ɪ, IH",
        "eɪ, EY", "ɛ, EH", "æ, AE", "ɑ, AA", "ɔ, AO", "ʊ, UH", "oʊ, OW", "u, UW", "ʌ, AH", "ɝ, ER", "aɪ, AY", "aʊ, AW",
        "ɔɪ, OY", "ə, AH"
    })
    void theAlphabetsStandBesideEachOther(String ipa, Phone phone) {
        assertEquals(List.of(phone), Ipa.read(ipa).phones());
        assertEquals(
                39, Arrays.stream(Phone.values()).filter(p -> p != Phone.SIL).count());
    }

    /** Every sound of the alphabet reads back from its own sign. */
    @Test
    void everyPhoneHasItsSign() {
        for (Phone phone : Phone.values()) {
            if (phone != Phone.SIL) {
                assertEquals(List.of(phone), Ipa.read(phone.ipa()).phones());
            }
        }
    }
}
