package graykite.hearing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.base.Progress;
import graykite.reading.Timing;
import graykite.sound.Sound;
import graykite.text.Phone;
import graykite.text.Pronouncer;
import graykite.text.Pronunciation;
import graykite.text.Script;
import graykite.text.WordChoice;
import graykite.time.TimeRange;
import java.util.List;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
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

    /**
     * Sentences that follow each other after 20 ms of silence, too short to be a pause by itself: where the script ends one, the
     * next is heard to begin where it does. The voice tells when that is.
     */
    @Test
    void aMarkFindsShortPauses() throws Exception {
        Reader reader = Reader.of(Pronouncer.shipped());
        List<String> sentences = List.of("awb-9", "awb-11", "awb-16");
        double marked = 0;
        double unmarked = 0;
        for (String first : sentences) {
            for (String next : sentences) {
                if (!first.equals(next)) {
                    marked += late(reader, first, next, UnaryOperator.identity());
                    unmarked += late(reader, first, next, text -> text.replaceAll("[.,;:!?]", ""));
                }
            }
        }
        // Measured: 11.6 ms with the marks, 19.8 ms without.
        assertTrue(marked / 6 < 0.013, "with marks " + marked / 6 + " s from where it begins");
        assertTrue(unmarked > 1.5 * marked, "without them " + unmarked / 6 + " s");
    }

    /** How far from its true place the second of two sentences is heard to begin, in seconds. */
    private static double late(Reader reader, String first, String next, UnaryOperator<String> script)
            throws Exception {
        Sound before = spoken(first);
        Sound after = spoken(next);
        double start = before.duration() + 0.02;
        int words = Script.of(Recordings.text(first + ".txt")).words().size();
        String text = Recordings.text(first + ".txt").strip() + " " + Recordings.text(next + ".txt");
        Timing timing = reader.read(
                Sound.together(List.of(before, after), List.of(0.0, start)),
                Script.of(script.apply(text)),
                Progress.none());
        return Math.abs(timing.scripted().get(words).start() - start);
    }

    /** A sentence from its first sound to its last. */
    private static Sound spoken(String name) throws Exception {
        List<SimulatedVoice.Said> sounds = Recordings.truth(name).stream()
                .filter(s -> s.phone() != Phone.SIL)
                .toList();
        return Recordings.sound(name)
                .cut(new TimeRange(sounds.getFirst().start(), sounds.getLast().end()));
    }
}
