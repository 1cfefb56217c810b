package graykite.text;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** How figures are said: number words as any grammar of the language has them (common knowledge, from memory). */
class SpokenFiguresTest {
    private static List<String> ways(String language, String written) {
        return SpokenFigures.of(Language.parse(language).orElseThrow()).ways(written).stream()
                .map(words -> String.join(" ", words))
                .collect(Collectors.toList());
    }

    /** One of the ways is the one that people say. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "en | 104 | one hundred four",
                "en | 104 | one hundred and four",
                "en | 1984 | nineteen eighty four",
                "en | 1984 | one thousand nine hundred eighty four",
                "en | 1984 | one nine eight four",
                "en | 2005 | two thousand five",
                "en | 6079 | six zero seven nine",
                "en | 6079 | six oh seven nine",
                "en | $5 | five dollars",
                "en | $1 | one dollar",
                "en | 50% | fifty percent",
                "en | 90s | nineties",
                "en | 22nd | twenty second",
                "en | 5:30 | half past five",
                "en | 5:30 | five thirty",
                "en | 5:05 | five oh five",
                "en | 5:00 | five o'clock",
                "en | 10km | ten kilometres",
                "en | B12 | b twelve",
                "en | 1,204.5 | one thousand two hundred four point five",
                "fr | 91 | quatre vingt onze",
                "fr | 71 | soixante et onze",
                "fr | 21 | vingt et une",
                "fr | 3,14 | trois virgule quatorze",
                "fr | 3,14 | trois virgule un quatre",
                "fr | 5h30 | cinq heures trente",
                "en | 1.2.3 | one point two point three",
                "en | 6'2 | six two",
                "en | 12.11.2026 | twelve eleven twenty twenty six",
                "fr | 1er | premier",
                "fr | 1ère | première",
                "fr | 1.000 | mille",
                "fr | 12€ | douze euros",
                "de | 21 | einundzwanzig",
                "pt | 21 | vinte e um",
                "pt | 5€ | cinco euros",
                "nl | 21 | eenentwintig",
                "nl | 3,5 | drie komma vijf",
                "pl | 21 | dwadzieścia jeden",
                "pl | 50% | pięćdziesiąt procent",
                "sv | 21 | tjugoen",
                "sv | 10km | tio kilometer",
                "tr | 21 | yirmi bir",
                "tr | 100 | yüz",
                "ja | 21 | 二十一",
                "de | 1984 | neunzehnhundertvierundachtzig",
                "de | 7:30 | sieben uhr dreißig",
                "de | 50% | fünfzig prozent",
                "es | 16 | dieciséis",
                "es | 500 | quinientos",
                "es | 500 | quinientas",
                "es | 2,5 | dos coma cinco",
                "es | 8:15 | ocho y quince",
                "it | 28 | ventotto",
                "it | 1000000 | un milione",
                "it | 3kg | tre chilogrammi"
            })
    void peopleSayOneOfThem(String language, String written, String said) {
        assertTrue(
                ways(language, written).contains(said),
                () -> ways(language, written).toString());
    }

    @Test
    void waysDifferAreFewAndHoldNoFigures() {
        for (String language : List.of("en", "es", "it", "de", "fr")) {
            for (String written : List.of(
                    "0",
                    "007",
                    "12345678901234567890",
                    "1.234.567,89",
                    "3-4",
                    "1",
                    "1111",
                    "5%5",
                    "5'",
                    "'5'",
                    "1..2",
                    "1,,2",
                    "7'n",
                    "1.2.3.4.5.6.7.8.9")) {
                List<String> ways = ways(language, written);
                assertTrue(ways.size() <= SpokenFigures.MOST_WAYS && !ways.isEmpty(), written);
                assertEquals(ways.size(), ways.stream().distinct().count(), written);
                ways.forEach(w -> assertFalse(SpokenFigures.concern(w), w));
            }
        }
    }

    /** All ways are offered to the sound; what the project says of a number comes before them. */
    @Test
    void theSoundIsOfferedAllOfThem() {
        Pronouncer english = Pronouncer.shipped();
        Script.Word year = Script.of("1984").words().getFirst();
        List<Pronunciation> ways = english.choice(year, Map.of()).pronunciations();
        for (String said : List.of("nineteen eighty four", "one nine eight four")) {
            Pronunciation whole = Script.of(said).words().stream()
                    .map(w -> english.ways(w.written()).getFirst())
                    .reduce(Pronunciation::then)
                    .orElseThrow();
            assertTrue(ways.contains(whole), said + " in " + ways);
        }
        Pronunciation own = english.ways("orwell").getFirst();
        assertEquals(List.of(own), english.choice(year, Map.of("1984", own)).pronunciations());
        Pronouncer french = Pronouncer.of(Language.FRENCH);
        Script.Word number = Script.of("91").words().getFirst();
        Pronunciation said = french.choice(Script.of("quatre").words().getFirst(), Map.of())
                .pronunciations()
                .getFirst();
        assertEquals(
                said.phones(),
                french.choice(number, Map.of())
                        .pronunciations()
                        .getFirst()
                        .phones()
                        .subList(0, said.phones().size()),
                "it begins with quatre");
    }
}
