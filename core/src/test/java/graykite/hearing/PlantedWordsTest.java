package graykite.hearing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.base.Progress;
import graykite.reading.Doubt;
import graykite.reading.Timing;
import graykite.sound.Sound;
import graykite.text.Script;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/**
 * Doubts against what people said (LibriVox, public domain): nothing was tuned on these sentences. A word that was not said is
 * pointed at, and the words that were said are mostly left alone.
 */
class PlantedWordsTest {
    private static final List<String> OTHERS = List.of("lantern", "winter", "picture", "harbour", "evening", "bottle");
    private static Reader reader;

    @BeforeAll
    static void load() {
        reader = Reader.shipped();
    }

    private static List<Doubt> doubts(Sound sound, List<String> words) {
        Timing timing = reader.read(sound, Script.of(String.join(" ", words)), Progress.none());
        return Doubt.of(timing).stream()
                .filter(d -> d.reason() == Doubt.Reason.MISSING || d.reason() == Doubt.Reason.WEAK)
                .toList();
    }

    @Test
    void wordsThatWereNotSaidArePointedAtAndOthersAreLeftAlone() throws Exception {
        int planted = 0;
        int found = 0;
        int accused = 0;
        for (Recordings.Spoken sentence : Recordings.people()) {
            Sound sound = sentence.sound();
            List<String> said = Arrays.asList(sentence.text().split(" "));
            for (int w = 1; w < said.size(); w += 3) {
                String other = OTHERS.get(planted++ % OTHERS.size());
                List<String> words = new ArrayList<>(said);
                words.set(w, other);
                List<Doubt> doubts = doubts(sound, words);
                found += (int)
                        doubts.stream().filter(d -> d.text().equals(other)).count();
                accused += (int)
                        doubts.stream().filter(d -> !d.text().equals(other)).count();
            }
        }
        assertEquals(24, planted);
        assertTrue(found >= 22, found + " of " + planted + " were pointed at");
        assertTrue(accused <= 16, accused + " words that were said were pointed at too");
    }

    @Test
    void exactScriptsAreHardlyDoubted() throws Exception {
        int doubted = 0;
        int words = 0;
        for (Recordings.Spoken sentence : Recordings.people()) {
            List<String> said = Arrays.asList(sentence.text().split(" "));
            words += said.size();
            doubted += doubts(sentence.sound(), said).size();
        }
        assertTrue(doubted <= 2, doubted + " of " + words + " words are doubted");
    }

    /** A word that is said to be the whole of what is only its neighbour's tail: sound beside it is left over. */
    @Test
    void aSmallWordLaidOverALongOneIsPointedAt() {
        Sound sound = SimulatedVoice.speak("we followed yesterday's ferry home").sound();
        Timing timing = reader.read(sound, Script.of("we followed and ferry home"), Map.of(), Progress.none());
        assertEquals(
                List.of("and"),
                Doubt.of(timing).stream()
                        .filter(d -> d.reason() != Doubt.Reason.UNSCRIPTED)
                        .map(Doubt::text)
                        .toList());
    }
}
