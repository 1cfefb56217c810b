package graykite.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * Something in a reading that a person should look at.
 *
 * @param reason why
 * @param word index of the heard word it is about; for a missing one, of the word that comes next, which may be the number of
 *     words
 * @param text the word
 * @param fit how well it fits the sound, 0 to 1
 */
public record Doubt(Reason reason, int word, String text, double fit) {
    /** A word that fits its sound less well is doubtful. */
    public static final double WEAK = 0.4;

    /** Why something is doubtful. */
    public enum Reason {
        MISSING("not found in the sound"),
        UNSCRIPTED("said, but not in the script"),
        WEAK("does not fit its sound"),
        UNKNOWN("not in the dictionary");

        private final String title;

        Reason(String title) {
            this.title = title;
        }

        public String title() {
            return title;
        }
    }

    /** All doubts of a reading in order of time. Words that were settled by hand are not doubted. */
    public static List<Doubt> of(Timing timing) {
        List<Doubt> doubts = new ArrayList<>();
        int missing = 0;
        for (int w = 0; w <= timing.words().size(); w++) {
            while (missing < timing.missing().size()
                    && timing.missing().get(missing).before() <= w) {
                doubts.add(new Doubt(
                        Reason.MISSING, w, timing.missing().get(missing++).text(), 0));
            }
            if (w < timing.words().size()) {
                about(timing.words().get(w), w, doubts);
            }
        }
        return List.copyOf(doubts);
    }

    private static void about(TimedWord word, int index, List<Doubt> doubts) {
        if (word.source() == WordSource.SOUND) {
            doubts.add(new Doubt(Reason.UNSCRIPTED, index, word.text(), 0));
        } else if (word.phones().stream().allMatch(TimedPhone::pinned)) {
            return;
        } else if (word.fit() < WEAK) {
            doubts.add(new Doubt(Reason.WEAK, index, word.text(), word.fit()));
        } else if (word.guessed()) {
            doubts.add(new Doubt(Reason.UNKNOWN, index, word.text(), word.fit()));
        }
    }

    /**
     * What to say when script and sound do not belong together: more than half of the words were not found or fit badly.
     *
     * @return empty when they do
     */
    public static Optional<String> stranger(Timing timing) {
        int scripted = timing.scripted().size() + timing.missing().size();
        long bad = of(timing).stream()
                .filter(d -> d.reason() == Reason.MISSING || d.reason() == Reason.WEAK)
                .count();
        if (scripted < 3 || 2 * bad <= scripted) {
            return Optional.empty();
        }
        return Optional.of(String.format(
                Locale.ROOT,
                "These words do not fit this sound: %d of %d were not found or fit badly. Check that script and recording belong"
                        + " together.",
                bad,
                scripted));
    }
}
