package graykite.layer;

import graykite.time.TimeRange;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;

/**
 * Where in time something differs from what it was.
 *
 * @param everywhere true when no stretch can be told to be the same
 * @param ranges stretches that differ, in seconds; they may overlap
 */
public record Changes(boolean everywhere, List<TimeRange> ranges) {
    public static final Changes NONE = new Changes(false, List.of());
    public static final Changes EVERYWHERE = new Changes(true, List.of());

    public Changes {
        ranges = everywhere ? List.of() : List.copyOf(ranges);
    }

    public static Changes in(TimeRange range) {
        return new Changes(false, List.of(range));
    }

    /** The stretches of what is in one list and not in the other. */
    public static <T> Changes between(List<T> before, List<T> after, Function<T, TimeRange> stretch) {
        List<TimeRange> ranges = new ArrayList<>();
        int head = 0;
        int most = Math.min(before.size(), after.size());
        while (head < most && before.get(head).equals(after.get(head))) {
            head++;
        }
        int tail = 0;
        while (tail < most - head && before.get(before.size() - 1 - tail).equals(after.get(after.size() - 1 - tail))) {
            tail++;
        }
        before.subList(head, before.size() - tail).forEach(t -> ranges.add(stretch.apply(t)));
        after.subList(head, after.size() - tail).forEach(t -> ranges.add(stretch.apply(t)));
        return new Changes(false, ranges);
    }

    public boolean none() {
        return !everywhere && ranges.isEmpty();
    }

    public Changes and(Changes other) {
        if (everywhere || other.everywhere) {
            return EVERYWHERE;
        }
        List<TimeRange> all = new ArrayList<>(ranges);
        all.addAll(other.ranges);
        return new Changes(false, all);
    }

    /** True when anything between two times may differ. */
    public boolean touch(double from, double to) {
        return everywhere || ranges.stream().anyMatch(r -> r.start() <= to && r.end() >= from);
    }

    /** The same on a clock that shows so many seconds more. */
    public Changes later(double seconds) {
        return new Changes(
                everywhere,
                ranges.stream()
                        .map(r -> new TimeRange(r.start() + seconds, r.end() + seconds))
                        .toList());
    }
}
