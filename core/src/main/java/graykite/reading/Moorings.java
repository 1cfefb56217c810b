package graykite.reading;

import static graykite.base.Require.requireThat;

import graykite.time.TimeMap;
import graykite.time.TimeRange;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What a stretch of movement is tied to: the words that sounded along it and when. In another reading the movement stretches
 * between the same words.
 *
 * @param words in order, at least one
 */
public record Moorings(List<Mooring> words) {
    /** Words that one stretch may be tied to; longer stretches are tied to some of theirs. */
    private static final int MOST = 2_000;

    /** A word, and when it sounded, in seconds. */
    public record Mooring(Anchor word, double start, double end) {
        public Mooring {
            requireThat(word.isWord() && end >= start, "Movement is tied to words.");
        }
    }

    public Moorings {
        words = List.copyOf(words);
        requireThat(!words.isEmpty() && words.size() <= MOST, "Movement is tied to words, up to %d of them.", MOST);
        requireThat(words.getLast().end() > words.getFirst().start(), "The words of a stretch follow one another.");
    }

    /** Ties a stretch to the words that sound along it, or lie nearest. */
    public static Moorings of(TimeRange stretch, WordFinder finder) {
        List<TimedWord> all = finder.timing().words();
        requireThat(!all.isEmpty(), "A curve hangs on words, and the line has none.");
        // A little inside: what covers one word must not hang on the next one for a hair's breadth.
        double inset = Math.min(0.02, stretch.length() / 4);
        int first = finder.nearest(stretch.start() + inset);
        int last = Math.max(first, finder.nearest(stretch.end() - inset));
        int step = 1 + (last - first) / (MOST / 2);
        List<Mooring> words = new ArrayList<>();
        for (int w = first; w <= last; w = w < last ? Math.min(last, w + step) : w + 1) {
            words.add(
                    new Mooring(finder.anchor(w), all.get(w).start(), all.get(w).end()));
        }
        return new Moorings(words);
    }

    /** From the times it was made in to those of a reading; nothing when its first or last word is not there. */
    public Optional<TimeMap> in(WordFinder finder) {
        List<TimeMap.Pair> pairs = new ArrayList<>();
        double latest = Double.NEGATIVE_INFINITY;
        for (int i = 0; i < words.size(); i++) {
            Mooring mooring = words.get(i);
            Optional<TimedWord> now = finder.word(mooring.word());
            boolean end = i == 0 || i == words.size() - 1;
            if (now.isEmpty() || now.get().start() < latest - 1e-9) {
                if (end) {
                    return Optional.empty();
                }
                continue;
            }
            pairs.add(
                    new TimeMap.Pair(mooring.start(), Math.max(latest, now.get().start())));
            pairs.add(new TimeMap.Pair(mooring.end(), now.get().end()));
            latest = now.get().end();
        }
        return Optional.of(new TimeMap(pairs));
    }
}
