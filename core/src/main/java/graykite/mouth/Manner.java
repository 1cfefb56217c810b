package graykite.mouth;

import graykite.reading.Anchor;
import graykite.reading.Timing;
import graykite.time.TimeRange;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** How a line is spoken at any time: the line's own diction with its sections laid over. */
public final class Manner {
    /** A section in a reading. */
    private record Stretch(TimeRange range, Section section) {}

    private final MouthSettings settings;
    private final MotionStyle usual;
    private final List<Stretch> stretches = new ArrayList<>();

    /** @param usual motion where neither line nor section says otherwise */
    Manner(Timing timing, MouthWork work, MotionStyle usual) {
        this.settings = work.settings();
        this.usual = work.settings().motion().orElse(usual);
        double lead = settings.lead();
        for (Section section : work.sections()) {
            // A section whose words are not there waits.
            range(section, timing)
                    .ifPresent(range -> stretches.add(new Stretch(
                            new TimeRange(Math.max(0, range.start() - lead), Math.max(0, range.end() - lead)),
                            section)));
        }
    }

    /** When a section is spoken in a reading; nothing when its words are not there. */
    public static Optional<TimeRange> range(Section section, Timing timing) {
        Optional<Anchor.Spot> first = section.first().in(timing);
        Optional<Anchor.Spot> last = section.last().in(timing);
        if (first.isEmpty() || last.isEmpty() || last.get().word() < first.get().word()) {
            return Optional.empty();
        }
        return Optional.of(new TimeRange(
                timing.words().get(first.get().word()).start(),
                timing.words().get(last.get().word()).end()));
    }

    /** The diction at a time of the movement. */
    public Diction at(double time) {
        Diction now = settings.diction();
        for (Stretch stretch : stretches) {
            now = now.blended(stretch.section.diction(), share(stretch, time));
        }
        return now;
    }

    /** How much of a kind of motion there is at a time, 0 to 1; those of all kinds sum to 1. */
    double of(MotionStyle style, double time) {
        double share = style == usual ? 1 : 0;
        for (Stretch stretch : stretches) {
            double over = share(stretch, time);
            share += over * ((stretch.section.motion().orElse(usual) == style ? 1 : 0) - share);
        }
        return share;
    }

    /** True when a kind of motion is used anywhere. */
    boolean uses(MotionStyle style) {
        return style == usual
                || stretches.stream().anyMatch(s -> s.section.motion().orElse(usual) == style);
    }

    /** Half of the blend lies before the first word and after the last one, half within. */
    private static double share(Stretch stretch, double time) {
        double blend = stretch.section.blend();
        double in = (time - stretch.range.start()) / blend + 0.5;
        double out = (stretch.range.end() - time) / blend + 0.5;
        double t = Math.clamp(Math.min(in, out), 0, 1);
        return t * t * (3 - 2 * t);
    }
}
