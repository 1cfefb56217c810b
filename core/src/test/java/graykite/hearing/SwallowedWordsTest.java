package graykite.hearing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.base.Progress;
import graykite.reading.TimedWord;
import graykite.reading.Timing;
import graykite.reading.TimingEdits;
import graykite.reading.WordSource;
import graykite.sound.Sound;
import graykite.text.Script;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.CancellationException;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** A short word that the script leaves out is noticed, and its neighbours stay where they are. */
class SwallowedWordsTest {
    private static final Set<String> SHORT =
            Set.of("a", "and", "at", "by", "for", "in", "is", "of", "the", "to", "was");

    private static final List<String> SAID = List.of(
            "We painted the old boat in the harbour and sold it to a farmer.",
            "Turn left at the tower and follow the road to the station.",
            "There is a lantern on the table by the door.",
            "My brother was late for the concert in the park.");

    private static Reader reader;

    @BeforeAll
    static void load() {
        reader = Reader.shipped();
    }

    private static Timing read(Sound sound, String text) {
        return reader.read(sound, Script.of(text), Progress.none());
    }

    private static List<TimedWord> scripted(Timing timing) {
        return timing.words().stream()
                .filter(w -> w.source() != WordSource.SOUND)
                .toList();
    }

    private static long unscripted(Timing timing) {
        return timing.words().size() - scripted(timing).size();
    }

    private static String without(List<String> words, int one) {
        List<String> others = new ArrayList<>(words);
        others.remove(one);
        return String.join(" ", others);
    }

    /** Of short words left out one by one, how many are noticed, and beside how many both neighbours keep their inner ends. */
    private record Left(int out, int noticed, int kept) {
        Left plus(Left other) {
            return new Left(out + other.out, noticed + other.noticed, kept + other.kept);
        }

        static Left outOf(Sound sound, String text) {
            List<String> words = Script.of(text).written();
            Timing exact = read(sound, text);
            assertEquals(words.size(), exact.words().size(), "an exact script loses and gains nothing: " + text);
            Left all = new Left(0, 0, 0);
            for (int w = 1; w + 1 < words.size(); w++) {
                if (SHORT.contains(words.get(w).toLowerCase(Locale.ROOT))) {
                    Timing read = read(sound, without(words, w));
                    boolean kept = read.missing().isEmpty()
                            && near(
                                    exact.words().get(w - 1).end(),
                                    scripted(read).get(w - 1).end())
                            && near(
                                    exact.words().get(w + 1).start(),
                                    scripted(read).get(w).start());
                    all = all.plus(new Left(1, unscripted(read) > 0 ? 1 : 0, kept ? 1 : 0));
                }
            }
            return all;
        }

        private static boolean near(double one, double other) {
            return Math.abs(one - other) <= 0.03;
        }
    }

    @Test
    void shortWordsThatAreLeftOutAreNoticed() {
        Left all = new Left(0, 0, 0);
        for (String text : SAID) {
            all = all.plus(Left.outOf(SimulatedVoice.speak(text).sound(), text));
        }
        // Without looking for them, 11 of 22 are noticed, and 8 have their neighbours in place.
        assertEquals(22, all.out);
        assertTrue(all.noticed >= 17 && all.kept >= 13, all.toString());
    }

    /** The same with people who read aloud, on whom nothing of this was tuned. */
    @Test
    void peoplesShortWordsToo() throws Exception {
        Left all = new Left(0, 0, 0);
        for (Recordings.Spoken line : Recordings.people()) {
            all = all.plus(Left.outOf(line.sound(), line.text()));
        }
        // Without looking for them, 5 of 11 are noticed.
        assertEquals(11, all.out);
        assertTrue(all.noticed >= 9 && all.kept >= 9, all.toString());
    }

    /** What the animator set by hand is not taken apart. */
    @Test
    void pinnedWordsStayWhole() {
        Sound sound = SimulatedVoice.speak(SAID.getFirst()).sound();
        String wrong = SAID.getFirst().replace("painted the old", "painted old");
        Timing open = read(sound, wrong);
        assertEquals(1, unscripted(open));
        Timing stretched = new Timing(scripted(open), open.duration());
        Timing pinned = TimingEdits.pin(stretched, 1, -1, true);
        Timing again = reader.reread(sound, Script.of(wrong), Map.of(), pinned, Progress.none());
        assertEquals(pinned.words().get(1).range(), scripted(again).get(1).range());
    }

    /** It can be stopped like all reading: somebody does as soon as the borders are looked at. */
    @Test
    void theSearchCanBeStopped() {
        Sound sound = SimulatedVoice.speak(SAID.getFirst()).sound();
        Progress impatient = new Progress() {
            private double reached;

            @Override
            public void at(double fraction) {
                reached = fraction;
            }

            @Override
            public boolean cancelled() {
                return reached > 0.626 && reached < 0.7;
            }
        };
        assertThrows(CancellationException.class, () -> reader.read(sound, Script.of(SAID.getFirst()), impatient));
    }
}
