package graykite.proof;

import static graykite.base.Require.requireThat;

import graykite.reading.Place;
import graykite.time.TimeRange;
import java.util.List;
import java.util.Optional;

/**
 * Something that a strict supervisor would point at.
 *
 * @param rule what was broken
 * @param range when, in seconds of the line; all of it for what is about the whole line
 * @param place where it hangs, by the word that sounds there
 * @param says the reason in plain words with figures
 * @param fixes what would mend it, the best first
 * @param meantSo why it is meant so, when somebody said that it is
 */
public record ProofNote(
        Rule rule, TimeRange range, Place place, String says, List<Fix> fixes, Optional<String> meantSo) {
    public ProofNote {
        fixes = List.copyOf(fixes);
        requireThat(!says.isBlank(), "A note says something.");
    }

    /** When it begins, in seconds of the line. */
    public double time() {
        return range.start();
    }

    /** True while nobody said that it is meant so. */
    public boolean isOpen() {
        return meantSo.isEmpty();
    }

    public ProofNote meant(String reason) {
        return new ProofNote(rule, range, place, says, fixes, Optional.of(reason));
    }
}
