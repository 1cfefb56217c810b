package graykite.reading;

import java.util.List;
import java.util.Optional;

/** Finds anchored words in one reading; what it needs of the reading is worked out once. */
public final class WordFinder {
    private final Timing timing;
    private final List<String> texts;

    public WordFinder(Timing timing) {
        this.timing = timing;
        this.texts = Anchor.texts(timing);
    }

    public Timing timing() {
        return timing;
    }

    /** Where a word or sound stands; nothing when it is not there any more. */
    public Optional<Anchor.Spot> find(Anchor anchor) {
        return anchor.in(timing, texts, new double[1], 0);
    }

    /** The word of an anchor, with its times; nothing when it is not there any more. */
    public Optional<TimedWord> word(Anchor anchor) {
        return find(anchor).map(spot -> timing.words().get(spot.word()));
    }

    /** An anchor on a word. */
    public Anchor anchor(int word) {
        return Anchor.of(timing, texts, word, -1);
    }

    /** Index of the word that sounds at a time, or lies nearest to it; -1 where there are no words. */
    public int nearest(double time) {
        List<TimedWord> words = timing.words();
        int best = -1;
        double least = Double.MAX_VALUE;
        for (int w = 0; w < words.size(); w++) {
            double away = Math.max(
                    0, Math.max(words.get(w).start() - time, time - words.get(w).end()));
            if (away < least) {
                least = away;
                best = w;
            }
        }
        return best;
    }
}
