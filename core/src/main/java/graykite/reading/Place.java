package graykite.reading;

import static graykite.base.Require.requireThat;

import graykite.time.TimeMap;
import java.util.Optional;

/**
 * Where something that an animator put on a line stands: by a word, so that it moves with it through dragging, re-reading,
 * retiming and new takes, or at a plain time where there are no words.
 *
 * @param word the word it stands by; nothing for a plain time
 * @param part how far through the word it stands, 0 its start, 1 its end
 * @param offset seconds by which it lies before the word's start (negative) or after its end
 * @param time where it stood when it was put there, in seconds: used where there are no words, and for one whose word is gone
 */
public record Place(Optional<Anchor> word, double part, double offset, double time) {
    public Place {
        requireThat(part >= 0 && part <= 1, "A place lies in its word or beside it.");
        requireThat(Double.isFinite(offset) && Double.isFinite(time) && time >= 0, "A place lies on the line.");
        requireThat(word.map(Anchor::isWord).orElse(true), "A place stands by a word.");
    }

    /** A plain time. */
    public static Place at(double time) {
        return new Place(Optional.empty(), 0, 0, time);
    }

    /** A time of a reading, by the word that sounds there or lies nearest. */
    public static Place at(double time, WordFinder words) {
        int nearest = words.nearest(time);
        if (nearest < 0) {
            return at(time);
        }
        TimedWord word = words.timing().words().get(nearest);
        double part = Math.clamp((time - word.start()) / Math.max(1e-6, word.end() - word.start()), 0, 1);
        double offset = time < word.start() ? time - word.start() : Math.max(0, time - word.end());
        return new Place(Optional.of(words.anchor(nearest)), part, offset, time);
    }

    /** Where it stands in a reading, in seconds; never before the line begins. */
    public double in(WordFinder words) {
        return word.flatMap(words::word)
                .map(w -> Math.max(0, w.start() + part * (w.end() - w.start()) + offset))
                .orElse(time);
    }

    /** True when it stood by a word that the reading does not have. */
    public boolean isLost(WordFinder words) {
        return word.isPresent() && words.find(word.get()).isEmpty();
    }

    /** On another clock: a plain time moves along, and one by a word remembers where it would be without it. */
    public Place retimed(TimeMap change) {
        return new Place(word, part, offset, Math.max(0, change.after(time)));
    }
}
