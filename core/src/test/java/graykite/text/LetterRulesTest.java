package graykite.text;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Words of regular spelling that are said in more ways than one, and letters that are named. */
class LetterRulesTest {
    private static String said(Pronunciation way) {
        return way.phones().stream().map(Phone::name).collect(Collectors.joining(" "));
    }

    private static List<String> ways(String language, String word) {
        Script.Word written = Script.of(word).words().getFirst();
        return Pronouncer.of(Language.parse(language).orElseThrow()).choice(written, Map.of()).pronunciations().stream()
                .map(LetterRulesTest::said)
                .toList();
    }

    @Test
    void theUsualWayComesFirst() {
        LetterRules rules = LetterRules.read("(t) t\n(a) a\n(e) -|ə\n(p)_ p|-", "own");
        assertEquals("T AA P", said(rules.guess("tap")));
        assertEquals(
                Set.of("T AA P", "T AA", "T AA AH P", "T AA AH"),
                rules.guesses("taep").stream().map(LetterRulesTest::said).collect(Collectors.toSet()));
        assertEquals("T AA P", said(rules.guesses("taep").getFirst()));
        assertEquals(
                List.of("T"),
                rules.guesses("t").stream().map(LetterRulesTest::said).toList());
    }

    @Test
    void someSoundsAreHeardAsOthers() {
        LetterRules rules = LetterRules.read("~r = HH AH\n~AA=AE\n(a) a", "own");
        assertEquals(Map.of(Phone.R, List.of(Phone.HH, Phone.AH), Phone.AA, List.of(Phone.AE)), rules.alike());
        assertEquals(Map.of(), LetterRules.read("(a) a", "own").alike());
        Pronouncer french = Pronouncer.of(Language.FRENCH);
        assertTrue(french.alike().get(Phone.R).contains(Phone.HH), "an r from the throat");
        assertEquals(Map.of(), Pronouncer.shipped().alike());
    }

    /** However many letters may be said in two ways: the sound chooses from a few. */
    @Test
    void waysAreBounded() {
        LetterRules rules = LetterRules.read("(a) a|e\n(b) b", "own");
        List<Pronunciation> ways = rules.guesses("a".repeat(200));
        assertEquals(6, ways.size());
        assertTrue(ways.stream().allMatch(w -> w.phones().size() == 200));
        assertEquals("AA ".repeat(200).strip(), said(ways.getFirst()));
    }

    /** Grammar's own words: the last letters of French numbers are heard before a vowel or a pause only (from memory). */
    @ParameterizedTest
    @CsvSource({
        "fr, dix, D IY S",
        "fr, dix, D IY",
        "fr, six, S IY",
        "fr, huit, W IY",
        "fr, sept, S EH T",
        "fr, dix-huit, D IY Z W IY T",
        "fr, quarante, K AA R AA T",
        "fr, quarante, K AA R AA T AH",
        "fr, hiver, IY V EH R",
        "fr, cap, K AA P",
        "fr, urgent, UW R ZH AA",
        "fr, S, EH S",
        "fr, X, IY K S",
        "fr, y, IY",
        "fr, y, IY G R EH K",
        "fr, iris, IY R IY S",
        "fr, amis, AA M IY",
        "fr, direct, D IY R EH K T",
        "fr, contient, K AO T Y EH",
        "fr, client, K L Y AA",
        "fr, changement, SH AA ZH M AA",
        "fr, contenu, K AO T N UW",
        "nl, lopen, L OW P AH",
        "nl, proberen, P R OW B IH R AH N",
        "nl, kinderen, K IH N D AH R AH N",
        "nl, het, HH AH T",
        "de, Garage, G AA R AA ZH AH",
        "de, Familie, F AA M IY L Y AH",
        "de, Harmonie, HH AA AH M OW N IY",
        "es, y, IY",
        "es, y, IY G R IY EY G AA",
        "it, S, EH S S EY",
        "de, W, V EY",
        "pt, e, IY",
        "pt, nariz, N AA R IY S",
        "pt, nariz, N AA R IY SH",
        "pt, estrada, EY SH T R AA D AH",
        "pt, sol, S OW L",
        "pt, bigode, B IY G OW D AH",
        "de, Olive, OW L IY V AH",
        "nl, S, EH S",
        "pl, w, V",
        "sv, K, K OW",
        "tr, c, JH EY"
    })
    void someWaysToSayAWord(String language, String word, String phones) {
        assertTrue(ways(language, word).contains(phones), word + " is said " + ways(language, word));
    }

    /** Small and common words, which rules for long ones get wrong first (any dictionary of these languages). */
    @ParameterizedTest
    @CsvSource({
        "fr, c'est, S EH",
        "fr, aujourd'hui, OW ZH UW R D W IY",
        "fr, d'un, D ER",
        "fr, l'exemple, L EH G Z AA P L",
        "fr, monsieur, M AH S Y ER",
        "fr, clef, K L EY",
        "fr, femme, F AA M",
        "fr, ville, V IY L",
        "fr, envoyer, AA V W AY EY",
        "fr, recherche, R AH SH EH R SH",
        "fr, meilleur, M EH Y ER R",
        "de, geht, G EY T",
        "de, gehört, G AH HH ER AH T",
        "de, beim, B AY M",
        "de, besser, B EH S AH",
        "de, bestehen, B AH SH T EY AH N",
        "de, der, D EY AH",
        "de, jedem, Y EY D AH M",
        "de, werden, V EH R D AH N",
        "de, findet, F IH N D AH T",
        "de, richtig, R IH HH T IH HH",
        "de, wachsen, V AA K S AH N",
        "de, machst, M AA HH S T",
        "fr, compter, K AO T EY",
        "fr, paysage, P EY IY Z AA ZH",
        "de, geheim, G AH HH AY M",
        "de, geordnet, G AH AO AH D N AH T",
        "de, erste, EY AH S T AH",
        "de, erstaunen, AH SH T AW N AH N",
        "de, erblicken, AH B L IH K AH N",
        "de, je, Y EY",
        "de, schwer, SH V EY AH",
        "de, daher, D AA HH EY AH",
        "de, früher, F R UW AH",
        "de, ziehen, T S IY AH N",
        "de, Freiheit, F R AY HH AY T",
        "de, Eingang, AY N G AA NG",
        "de, angekommen, AA N G AH K AO M AH N",
        "de, Angel, AA NG AH L",
        "de, Klavier, K L AA V IY AH",
        "de, offene, AO F AH N AH",
        "fr, long, L AO",
        "fr, symbole, S EH B AO L",
        "fr, album, AA L B AO M",
        "fr, accueil, AA K ER Y",
        "fr, bouillon, B UW Y AO",
        "fr, moyen, M W AY EH",
        "it, c'era, CH EY R AA",
        "es, excelente, EY K S EY L EY N T EY",
        "nl, wel, V EH L",
        "nl, beter, B EY T AH R",
        "nl, bestaan, B AH S T AA N",
        "nl, beneden, B AH N EY D AH N",
        "nl, bekeken, B AH K EY K AH N",
        "nl, ongeluk, AO N HH AH L UW K",
        "nl, makkelijk, M AA K AH L AH K",
        "nl, ’t, AH T",
        "nl, en, EH N",
        "nl, mens, M EH N S",
        "nl, bellen, B EH L AH N",
        "nl, lig, L IH HH",
        "nl, blijk, B L EY K",
        "nl, keer, K IH R",
        "nl, onderwater, AO N D AH R V AA T AH R",
        "nl, eruit, EH R ER UW T",
        "nl, spelletje, S P EH L AH CH AH",
        "nl, actie, AA K S IY",
        "nl, hou, HH AW",
        "sv, när, N AE R",
        "sv, ber, B EY R",
        "sv, behöver, B AH HH ER V AH R",
        "sv, mer, M EY R",
        "sv, tre, T R EY",
        "sv, som, S AO M",
        "sv, fisken, F IH S K AH N",
        "sv, sked, SH EY D",
        "sv, maskin, M AA SH IY N",
        "sv, igen, IY Y EH N",
        "sv, försök, F ER SH ER K",
        "pt, com, K OW",
        "pt, também, T AA M B EY Y"
    })
    void commonWordsAreSaidRight(String language, String word, String phones) {
        assertEquals(phones, ways(language, word).getFirst());
    }

    /** A vowel that follows may call for the last consonant of a small word in French: the sound decides. */
    @ParameterizedTest
    @CsvSource({"vous, V UW, V UW Z", "est, EH, EH T", "on, AO, AO N", "grand, G R AA, G R AA T"})
    void lastConsonantsAreLent(String word, String alone, String lent) {
        assertEquals(List.of(alone, lent), ways("fr", word));
    }

    /** What is written with dots, or in capitals without a vowel, is spelt; other capitals are words. */
    @ParameterizedTest
    @CsvSource({
        "fr, SMS, EH S EH M EH S",
        "fr, A.M., AA EH M",
        "it, P.M., P IY EH M M EY",
        "fr, NATO, N AA T OW",
        "es, S.A, EY S EY AA"
    })
    void initialsAreSpelt(String language, String word, String phones) {
        assertEquals(phones, ways(language, word).getFirst());
    }

    /** A rule that stands there twice is never asked the second time. */
    @ParameterizedTest
    @ValueSource(strings = {"de", "es", "fr", "it", "ja", "nl", "pl", "pt", "sv", "tr"})
    void noRuleStandsThereTwice(String language) throws IOException {
        try (InputStream in = LetterRules.class.getResourceAsStream("letters-" + language + ".txt")) {
            List<String> rules = new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .filter(line -> line.matches("\\S*\\(\\S+\\)\\S*\\s.*"))
                    .map(line -> line.split("\\s")[0])
                    .toList();
            assertTrue(rules.size() > 50, rules.size() + " rules");
            assertEquals(List.copyOf(new LinkedHashSet<>(rules)), rules);
        }
    }
}
