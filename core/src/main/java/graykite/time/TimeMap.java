package graykite.time;

import static graykite.base.Require.requireThat;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * A way from one clock to another: straight between pairs of times, one second a second outside them. Two pairs with the
 * same time on the first clock are a pause that was put in on the second.
 *
 * @param pairs in the order of both clocks; none where both clocks agree
 */
public record TimeMap(List<Pair> pairs) {
    /** Both clocks agree. */
    public static final TimeMap SAME = new TimeMap(List.of());

    private static final double NEAR = 1e-9;

    /** A moment on both clocks, in seconds. */
    public record Pair(double from, double to) {
        public Pair {
            requireThat(Double.isFinite(from) && Double.isFinite(to), "Times are finite.");
        }
    }

    public TimeMap {
        pairs = List.copyOf(pairs);
        for (int i = 1; i < pairs.size(); i++) {
            requireThat(
                    pairs.get(i).from() >= pairs.get(i - 1).from() - NEAR
                            && pairs.get(i).to() >= pairs.get(i - 1).to() - NEAR,
                    "Time never runs backwards.");
        }
    }

    public boolean isSame() {
        return pairs.stream().allMatch(p -> p.from() == p.to());
    }

    /** The time on the second clock; where a pause was put in, its end. */
    public double after(double from) {
        return along(from, true, Pair::from, Pair::to);
    }

    /** The time on the second clock; where a pause was put in, its start. */
    public double before(double from) {
        return along(from, false, Pair::from, Pair::to);
    }

    /** The time on the first clock. */
    public double back(double to) {
        return along(to, true, Pair::to, Pair::from);
    }

    /** The other way round. */
    public TimeMap inverse() {
        return new TimeMap(pairs.stream().map(p -> new Pair(p.to(), p.from())).toList());
    }

    private interface Side {
        double of(Pair pair);
    }

    private double along(double time, boolean late, Side known, Side wanted) {
        if (pairs.isEmpty()) {
            return time;
        }
        Pair first = pairs.getFirst();
        Pair last = pairs.getLast();
        boolean before = late ? time < known.of(first) : time <= known.of(first);
        if (before) {
            return wanted.of(first) + time - known.of(first);
        }
        int low = 0;
        int high = pairs.size() - 1;
        while (low < high) {
            int middle = (low + high + 1) / 2;
            boolean reached = late ? known.of(pairs.get(middle)) <= time : known.of(pairs.get(middle)) < time;
            if (reached) {
                low = middle;
            } else {
                high = middle - 1;
            }
        }
        if (low == pairs.size() - 1) {
            return wanted.of(last) + time - known.of(last);
        }
        Pair a = pairs.get(low);
        Pair b = pairs.get(low + 1);
        double length = known.of(b) - known.of(a);
        double share = length < NEAR ? 1 : (time - known.of(a)) / length;
        return wanted.of(a) + share * (wanted.of(b) - wanted.of(a));
    }

    /**
     * Another map after this one. Where this one lets a stretch vanish and the other puts a pause in at that very place,
     * the stretch becomes the pause.
     */
    public TimeMap then(TimeMap next) {
        if (next.pairs.isEmpty()) {
            return this;
        }
        List<Pair> all = new ArrayList<>();
        for (int i = 0; i < pairs.size(); i++) {
            Pair pair = pairs.get(i);
            boolean vanishesBefore = i > 0 && vanishes(pairs.get(i - 1), pair);
            boolean vanishesAfter = i + 1 < pairs.size() && vanishes(pair, pairs.get(i + 1));
            if (!vanishesBefore) {
                all.add(new Pair(pair.from(), next.before(pair.to())));
            }
            if (!vanishesAfter) {
                all.add(new Pair(pair.from(), next.after(pair.to())));
            }
        }
        for (Pair pair : next.pairs) {
            if (pairs.stream().noneMatch(p -> Math.abs(p.to() - pair.from()) < NEAR)) {
                all.add(new Pair(back(pair.from()), pair.to()));
            }
        }
        all.sort(Comparator.comparingDouble(Pair::from).thenComparingDouble(Pair::to));
        List<Pair> kept = new ArrayList<>();
        for (Pair pair : all) {
            boolean twin = !kept.isEmpty()
                    && pair.from() - kept.getLast().from() < NEAR
                    && Math.abs(pair.to() - kept.getLast().to()) < NEAR;
            if (!twin) {
                kept.add(pair);
            }
        }
        return new TimeMap(kept);
    }

    private static boolean vanishes(Pair a, Pair b) {
        return b.from() - a.from() > NEAR && b.to() - a.to() < NEAR;
    }

    // --- ways to change a clock ----------------------------------------------------------------------------------

    /** A stretch becomes so many times as long; what follows comes later or earlier. */
    public static TimeMap stretching(TimeRange range, double factor) {
        requireThat(factor > 0, "A stretch becomes longer or shorter, not %.2f times as long.", factor);
        return new TimeMap(List.of(
                new Pair(range.start(), range.start()),
                new Pair(range.end(), range.start() + factor * range.length())));
    }

    /** A pause comes in; what follows comes later. */
    public static TimeMap pausing(double at, double seconds) {
        requireThat(seconds >= 0, "A pause has a length, not %.3f s.", seconds);
        return new TimeMap(List.of(new Pair(at, at), new Pair(at, at + seconds)));
    }

    /** How many times as long the quickest and the slowest stretch become; pauses do not count. */
    public double[] extremes() {
        double least = 1;
        double most = 1;
        for (int i = 1; i < pairs.size(); i++) {
            double length = pairs.get(i).from() - pairs.get(i - 1).from();
            if (length > 1e-6) {
                double factor = (pairs.get(i).to() - pairs.get(i - 1).to()) / length;
                least = Math.min(least, factor);
                most = Math.max(most, factor);
            }
        }
        return new double[] {least, most};
    }
}
