package graykite.proof;

import graykite.project.Line;
import graykite.time.FrameRate;
import java.util.List;

/**
 * What a strict supervisor says about several lines.
 *
 * @param title of the project
 * @param rate frames a second in which times are told
 */
public record ProofReport(String title, FrameRate rate, List<OfLine> lines) {
    /**
     * One line of it.
     *
     * @param speaker name of who speaks it
     */
    public record OfLine(Line line, String speaker, Proof proof) {}

    public ProofReport {
        lines = List.copyOf(lines);
    }

    /** How many notes there are that nobody said were meant so. */
    public int open() {
        return lines.stream().mapToInt(l -> l.proof().open().size()).sum();
    }
}
