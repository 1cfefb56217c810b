package graykite.text;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.time.TimeRange;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Lines of a script that say when words are spoken. */
class TimeLineTest {
    private static List<String> words(Script script) {
        return script.written();
    }

    /** Times as WebVTT and SubRip write them: hours may be left out, and settings may follow. */
    @ParameterizedTest
    @CsvSource({
        "00:01.000 --> 00:04.500, 1, 4.5",
        "'  00:00:01,600 --> 00:00:04,200', 1.6, 4.2",
        "1:00:00.000 --> 01:01:01.001 line:0 align:left, 3600, 3661.001"
    })
    void timesAreUnderstood(String line, double start, double end) {
        TimeRange time = TimeLine.parse(line).orElseThrow();
        assertEquals(start, time.start(), 1e-9);
        assertEquals(end, time.end(), 1e-9);
        assertEquals(Optional.of(time), TimeLine.parse(TimeLine.written(time)));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"", "00:01.000", "00:04.000 --> 00:01.000", "say 00:01.000 --> 00:02.000", "1 --> 2", "a --> b"})
    void otherLinesAreWords(String line) {
        assertEquals(Optional.empty(), TimeLine.parse(line));
    }

    @Test
    void wordsKnowTheirSections() {
        Script script = Script.of("""
                [sigh] First of all.
                00:01.000 --> 00:02.000
                The fog bell,
                rang twice.
                00:00:02.500 --> 00:00:03.000
                00:03.000 --> 00:04.000
                Hush! [pause]

                Nobody knows when.
                """);
        assertEquals(
                List.of("First", "of", "all", "The", "fog", "bell", "rang", "twice", "Hush", "Nobody", "knows", "when"),
                words(script));
        assertEquals(
                List.of(new Script.Section(3, 8, new TimeRange(1, 2)), new Script.Section(8, 9, new TimeRange(3, 4))),
                script.sections());
        assertEquals(List.of("sigh"), Tags.before(script.words().getFirst().mark()));
        assertEquals(List.of("pause"), Tags.after(script.words().get(8).mark()));
        assertTrue(Script.of("No times --> here.").sections().isEmpty());
    }

    @Test
    void peopleReadTheWordsAlone() {
        assertEquals(
                "One.\nTwo\nthree.",
                TimeLine.without("00:01.000 --> 00:02.000\nOne.\n\n00:02.000 --> 00:03.000\nTwo\nthree.\n"));
        assertEquals("a --> b", TimeLine.without("a --> b"));
    }
}
