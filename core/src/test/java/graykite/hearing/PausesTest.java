package graykite.hearing;

import static org.junit.jupiter.api.Assertions.assertEquals;

import graykite.text.Phone;
import graykite.text.Pronunciation;
import graykite.text.Script;
import graykite.text.WordChoice;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A script's marks say where a pause is likely. */
class PausesTest {
    /** Words after which one pauses are told by a cross, others by a dot. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Pim, the bell rang. Who put it there? | #..#...#",
                "Wake up wake up | ....",
                "Off the bow … softly! | ..##",
                "well-known words (so they say) and 'quoted' ones | ........",
                "Hush [sigh] now [laugh], please; go: on | .###.",
                "¡Nuestro planeta! ¿El sol? | .#.#",
                "そう、 です。 | ##"
            })
    void marksTell(String text, String expected) {
        List<WordChoice> words = Script.of(text).words().stream()
                .map(w -> new WordChoice(w, List.of(new Pronunciation(List.of(Phone.AH))), false))
                .toList();
        Pauses pauses = new Pauses(words);
        String told = IntStream.range(0, words.size())
                .mapToObj(w -> pauses.after(w) == Pauses.MARKED ? "#" : pauses.after(w) == Pauses.WITHIN ? "." : "?")
                .collect(Collectors.joining());
        assertEquals(
                expected,
                told,
                () -> words.stream()
                        .map(w -> w.word().written() + "{" + w.word().mark() + "}")
                        .collect(Collectors.joining(" ")));
    }
}
