package graykite.studio.model;

import graykite.reading.TimedWord;
import graykite.reading.Timing;
import graykite.time.TimeRange;
import java.util.Optional;

/** A word of the line, or a sound in it: indices, or -1 for none. */
public record Selection(int word, int phone) {
    public static final Selection NONE = new Selection(-1, -1);

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
