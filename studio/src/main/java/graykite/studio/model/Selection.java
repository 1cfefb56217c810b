package graykite.studio.model;

import graykite.reading.TimedWord;
import graykite.reading.Timing;
import graykite.time.TimeRange;
import java.util.Optional;

/** A word of the line, or a sound in it: indices, or -1 for none. */
public record Selection(int word, int phone) {
    public static final Selection NONE = new Selection(-1, -1);

    /** As much of it as a reading still has: words may be gone after an undo. */
    Selection still(Optional<Timing> timing) {
        int words = timing.map(t -> t.words().size()).orElse(0);
        if (word < 0 || word >= words) {
            return NONE;
        }
        return phone < timing.orElseThrow().words().get(word).phones().size() ? this : new Selection(word, -1);
    }

    /** When it is spoken. */
    Optional<TimeRange> in(Timing timing) {
        if (word < 0 || word >= timing.words().size()) {
            return Optional.empty();
        }
        TimedWord chosen = timing.words().get(word);
        return Optional.of(
                phone >= 0 && phone < chosen.phones().size()
                        ? chosen.phones().get(phone).range()
                        : chosen.range());
    }
}
