package graykite.command;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.base.BadInput;
import java.util.Arrays;
import java.util.List;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ChosenTest {
    private static final List<String> LINES = List.of("Fog", "Bell", "3", "Boat ahead", "Winch");

    /** Names go before numbers: a line that is called 3 is meant by 3. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "all | Fog;Bell;3;Boat ahead;Winch",
                "2-3 | Bell;3",
                "boat AHEAD, 1 | Boat ahead;Fog",
                "5,5,4-5 | Winch;Boat ahead",
                "3 | 3",
                "fog, | Fog",
            })
    void namesAndNumbers(String asked, String expected) {
        assertEquals(Arrays.asList(expected.split(";")), Chosen.of(asked, LINES, UnaryOperator.identity(), "line"));
    }

    @ParameterizedTest
    @CsvSource({"6", "0", "4-2", "Gull", "1-9"})
    void whatIsNotThereIsSaid(String asked) {
        BadInput refused =
                assertThrows(BadInput.class, () -> Chosen.of(asked, LINES, UnaryOperator.identity(), "line"));
        assertTrue(refused.getMessage().contains(asked), refused.getMessage());
    }

    @Test
    void nothingOfNothing() {
        assertEquals(List.of(), Chosen.of("all", List.of(), UnaryOperator.identity(), "line"));
    }

    @ParameterizedTest
    @CsvSource({"12.4, 12 s", "89, 89 s", "600, 10 min", "9000, 2.5 h"})
    void timeLeftInWords(double seconds, String text) {
        assertEquals(text, BatchVoice.left(seconds));
    }
}
