package graykite.scene;

import graykite.mouth.FittedChart;
import graykite.reading.TimedWord;
import graykite.rig.Character;
import graykite.rig.Deformer;
import graykite.time.TimeRange;
import java.util.ArrayList;
import java.util.List;

/**
 * Somebody to be put on a stage.
 *
 * @param member id in the cast
 * @param deformer of the character; making one takes a moment, so whoever has one hands it over
 * @param stand where
 * @param lines what is said; none for one who only listens
 */
public record Role(
        String member, Character character, FittedChart chart, Deformer deformer, Stand stand, List<Entry> lines) {
    /** Pauses in a line that are no end of it, in seconds. */
    private static final double BREATH = 0.8;

    /**
     * A line on a stage.
     *
     * @param line id of the line
     * @param start when it begins, in seconds of the stage
     */
    public record Entry(String line, Performance performance, double start) {
        public double end() {
            return start + performance.duration();
        }
    }

    public Role {
        lines = List.copyOf(lines);
    }

    /** When they speak, from first to last sound between pauses, in seconds of the stage. */
    List<TimeRange> speeches() {
        List<TimeRange> speeches = new ArrayList<>();
        for (Entry entry : lines) {
            for (TimedWord word : entry.performance().timing().words()) {
                double start = entry.start() + word.start();
                double end = entry.start() + word.end();
                if (!speeches.isEmpty()
                        && start - speeches.getLast().end() < BREATH
                        && start >= speeches.getLast().start()) {
                    double last = Math.max(end, speeches.getLast().end());
                    speeches.set(
                            speeches.size() - 1,
                            new TimeRange(speeches.getLast().start(), last));
                } else {
                    speeches.add(new TimeRange(start, end));
                }
            }
        }
        return speeches;
    }
}
