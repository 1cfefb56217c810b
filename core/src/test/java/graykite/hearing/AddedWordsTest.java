package graykite.hearing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.base.Progress;
import graykite.reading.TimedWord;
import graykite.reading.Timing;
import graykite.reading.WordSource;
import graykite.sound.Sound;
import graykite.text.Script;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** What somebody says before the script begins or after it has ended is heard, and the script stays where it is. */
class AddedWordsTest {
    private static final List<String> SAID = List.of(
            "Well, the ferry leaves at midnight.",
            "Fasten the ropes and come below, captain.",
            "Listen, nobody rang the bell.",
            "The harbour lights went out one by one, honestly.");

    private static Reader reader;

    @BeforeAll
    static void load() {
        reader = Reader.shipped();
    }

    /** Of words left out of scripts, beside how many something is heard in their place, and beside how many the next word keeps its place. */
    record Added(int words, int heard, int kept) {
        static final Added NONE = new Added(0, 0, 0);

        Added plus(Added other) {
            return new Added(words + other.words, heard + other.heard, kept + other.kept);
        }

        /** The same line with its first word left out of the script, and with its last one. */
        static Added around(Reader reader, Sound sound, String text) {
            List<String> words = Script.of(text).written();
            Timing exact = reader.read(sound, Script.of(text), Progress.none());
            assertEquals(words.size(), exact.words().size(), "an exact script loses and gains nothing: " + text);
            int last = words.size() - 1;
            return left(reader, sound, exact, words, 0, 1).plus(left(reader, sound, exact, words, last, last - 1));
        }

        private static Added left(Reader reader, Sound sound, Timing exact, List<String> words, int out, int next) {
            List<String> others = new ArrayList<>(words);
            others.remove(out);
            Timing read = reader.read(sound, Script.of(String.join(" ", others)), Progress.none());
            TimedWord gone = exact.words().get(out);
            double heard = read.words().stream()
                    .filter(w -> w.source() == WordSource.SOUND)
                    .mapToDouble(w -> Math.max(0, Math.min(w.end(), gone.end()) - Math.max(w.start(), gone.start())))
                    .sum();
            TimedWord truth = exact.words().get(next);
            boolean kept = read.words().stream()
                    .anyMatch(w -> w.source() != WordSource.SOUND
                            && Math.abs(w.start() - truth.start()) <= 0.03
                            && Math.abs(w.end() - truth.end()) <= 0.03);
            return new Added(1, heard > 0.5 * (gone.end() - gone.start()) ? 1 : 0, kept ? 1 : 0);
        }
    }

    @Test
    void wordsAroundTheScriptAreHeard() {
        Added all = Added.NONE;
        for (String text : SAID) {
            all = all.plus(Added.around(reader, SimulatedVoice.speak(text).sound(), text));
        }
        // Without looking for them, 6 of 8 are heard.
        assertEquals(8, all.words);
        assertTrue(all.heard >= 7 && all.kept >= 7, all.toString());
    }

    /** The same with people who read aloud, on whom nothing of this was tuned. */
    @Test
    void peoplesWordsToo() throws Exception {
        Added all = Added.NONE;
        for (Recordings.Spoken line : Recordings.people()) {
            all = all.plus(Added.around(reader, line.sound(), line.text()));
        }
        // Without looking for them, 5 of 10 are heard, and 4 have their neighbours in place.
        assertEquals(10, all.words);
        assertTrue(all.heard >= 8 && all.kept >= 7, all.toString());
    }
}
