package graykite.performance;

import graykite.mouth.Beat;
import graykite.mouth.Beats;
import graykite.mouth.FittedChart;
import graykite.mouth.PhoneShape.Closure;
import graykite.rig.Channel;
import graykite.rig.Character;
import graykite.rig.Couplings;
import graykite.rig.LipGap;
import graykite.rig.Pose;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The last word on closures: after everything else it measures lips on the mesh and shuts what must be shut, whatever smile,
 * jaw or curve lies on top. It changes as little as it can: the least squares of all channel changes that bring the lip line
 * within its limit, solved anew as the mesh bends (sequential least squares with inequalities, couplings included). Round a closure the limit rises
 * with the speed of lips, so that nothing jumps.
 */
final class ClosureGuard {
    /** Speed in millimetres a second at which the limit opens: two lips, each at the peak of its speed in speech. */
    private static final double SPEED = 290;

    /** Millimetres by which a lip may be off and still counts as touching. */
    private static final double TOUCH = 0.2;

    /** Lips are never further apart than this. */
    private static final double WIDEST = 45;

    /** Of the speed at which two lips part, what one of them may do. */
    private static final double ONE_LIP = 0.9;

    private static final double BITE = 0.8;
    private static final int STEPS = 8;
    private static final int SWEEPS = 80;

    /** How much dearer it is to move a channel than one that exists to shut. */
    private static final double SEAL_COST = 0.15;

    /** What the guard did at a moment. */
    record Deed(Closure kind, int beat, double before, double after) {}

    private final Character character;
    private final Couplings couplings;
    private final Optional<LipGap> lips;
    private final int[] movable;
    private final double[] cost;
    private final boolean[] turns;
    private final int[] drawings;
    private final Map<Pose, double[]> shutGaps = new HashMap<>();
    private final Map<Pose, double[]> bitePlaces = new HashMap<>();

    ClosureGuard(Character character, FittedChart chart, Couplings couplings) {
        this.character = character;
        this.couplings = couplings;
        boolean modelled = character.kind() == Character.Kind.MODELLED;
        lips = modelled && character.lips().isPresent() ? Optional.of(new LipGap(character)) : Optional.empty();
        int count = character.channels().size();
        turns = new boolean[count];
        for (int c = 0; c < count; c++) {
            turns[c] = switch (character.channels().get(c).group()) {
                case BROWS, LIDS, EYES, HEAD -> true;
                default -> false;
            };
        }
        movable = lips.map(this::channelsThatMoveLips).orElse(new int[0]);
        cost = new double[movable.length];
        for (int m = 0; m < movable.length; m++) {
            String name = character.channels().get(movable[m]).name();
            boolean seals = name.equals("lipsTogether") || name.equals("lipToTeeth");
            cost[m] = seals ? SEAL_COST : 1;
        }
        drawings = modelled ? new int[0] : drawingChannels(chart);
        for (Pose pose : chart.poses().values()) {
            lips.ifPresent(l -> {
                double[] shown = coupled(character.values(pose));
                // Where lips are nearer at rest than in its shut shape, rest is the measure.
                double[] gaps = l.gaps(shown);
                double[] still = l.gaps(coupled(new double[count]));
                for (int i = 0; i < gaps.length; i++) {
                    gaps[i] = Math.min(gaps[i], still[i]);
                }
                shutGaps.put(pose, gaps);
                bitePlaces.put(pose, l.lowerLip(shown));
            });
        }
    }

    private int[] drawingChannels(FittedChart chart) {
        boolean[] used = new boolean[character.channels().size()];
        for (Pose pose : chart.poses().values()) {
            double[] values = character.values(pose);
            for (int c = 0; c < used.length; c++) {
                used[c] |= values[c] != 0;
            }
        }
        return java.util.stream.IntStream.range(0, used.length)
                .filter(c -> used[c])
                .toArray();
    }

    private int[] channelsThatMoveLips(LipGap measure) {
        double[] rest = new double[character.channels().size()];
        double[] gaps = measure.gaps(rest);
        double[] places = measure.lowerLip(rest);
        return java.util.stream.IntStream.range(0, rest.length)
                .filter(c -> !turns[c])
                .filter(c -> {
                    double[] moved = rest.clone();
                    moved[c] = character.channels().get(c).max();
                    return furthest(gaps, measure.gaps(moved)) > 0.02
                            || furthest(places, measure.lowerLip(moved)) > 0.02
                            || seals(c);
                })
                .toArray();
    }

    /** A seal alone moves nothing: it undoes what opens. */
    private boolean seals(int c) {
        String name = character.channels().get(c).name();
        return character.correctives().stream()
                        .anyMatch(k -> k.first().equals(name) || k.second().equals(name))
                && character.channels().get(c).group() == Channel.Group.LIPS;
    }

    private static double furthest(double[] a, double[] b) {
        double most = 0;
        for (int i = 0; i < a.length; i++) {
            most = Math.max(most, Math.abs(a[i] - b[i]));
        }
        return most;
    }

    /** Values as they are seen: the head straight, couplings applied. */
    private double[] coupled(double[] values) {
        double[] seen = values.clone();
        for (int c = 0; c < seen.length; c++) {
            seen[c] = turns[c] ? 0 : seen[c];
        }
        couplings.apply(seen);
        return seen;
    }

    /**
     * Shuts what must be shut at a time.
     *
     * @param values before couplings; changed in place
     */
    List<Deed> apply(Beats beats, double time, double[] values) {
        if (lips.isEmpty() && drawings.length == 0) {
            return List.of();
        }
        Deed[] deeds = new Deed[2];
        int count = 0;
        List<Beats.Shut> shuts = beats.shuts();
        for (int s = firstNear(shuts, time); s < shuts.size() && shuts.get(s).from() < time + WIDEST / SPEED; s++) {
            Beats.Shut shut = shuts.get(s);
            Optional<Deed> deed = lips.isPresent()
                    ? onMesh(lips.get(), beats, shut, time, values)
                    : onDrawing(beats, shut, time, values);
            if (deed.isPresent() && count < deeds.length) {
                deeds[count++] = deed.get();
            }
        }
        return List.of(Arrays.copyOf(deeds, count));
    }

    /** Closures before this one ended too long ago to matter. */
    private static int firstNear(List<Beats.Shut> shuts, double time) {
        int low = 0;
        int high = shuts.size();
        while (low < high) {
            int middle = (low + high) / 2;
            if (shuts.get(middle).to() < time - 0.35) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        // Neighbours may overlap a little where touch-ups moved them.
        return Math.max(0, low - 2);
    }

    private Optional<Deed> onDrawing(Beats beats, Beats.Shut shut, double time, double[] values) {
        Beat beat = beats.list().get(shut.beat());
        boolean now = beats.rate().frameAt(time + 1e-6) == beats.rate().frameAt(beat.middle());
        if (!now || beat.targets().isEmpty()) {
            return Optional.empty();
        }
        double[] wanted = character.values(
                beats.chart().poses().get(beat.targets().getFirst().shape()));
        double before = 0;
        for (int c : drawings) {
            before = Math.max(before, Math.abs(values[c] - wanted[c]));
            values[c] = wanted[c];
        }
        return before == 0 ? Optional.empty() : Optional.of(new Deed(shut.kind(), shut.beat(), 1, 0));
    }

    private Optional<Deed> onMesh(LipGap measure, Beats beats, Beats.Shut shut, double time, double[] values) {
        double away = Math.max(shut.from() - time, time - shut.to());
        double slack = 0;
        if (away > 0) {
            // Lips that were shut part slowly at first: they stick.
            boolean sticks = time > shut.to() && shut.kind() == Closure.LIPS;
            double peel = sticks ? Math.max(1e-3, (shut.free() - shut.to()) / 2) : 1e-3;
            slack = SPEED * (away < peel ? away * away / (2 * peel) : away - peel / 2);
            if (slack > WIDEST) {
                return Optional.empty();
            }
        }
        Beat beat = beats.list().get(shut.beat());
        Pose pose = beat.targets().isEmpty()
                ? null
                : beats.chart().poses().get(beat.targets().getFirst().shape());
        if (pose == null) {
            return Optional.empty();
        }
        Limit limit =
                switch (shut.kind()) {
                    case LIPS -> new LipsShut(measure, shutGaps.get(pose), slack);
                    case LIP_TO_TEETH -> new LipOnTeeth(measure, bitePlaces.get(pose), ONE_LIP * slack);
                    case NONE -> throw new IllegalStateException("A closure is of a kind.");
                };
        double before = limit.over(coupled(values));
        if (before <= TOUCH) {
            return Optional.empty();
        }
        double after = bring(limit, values);
        return Optional.of(new Deed(shut.kind(), shut.beat(), before, after));
    }

    /** How far something is beyond where it may be. */
    private interface Limit {
        /** What is over the limit, in millimetres, for each measure; at most 0 where all is well. */
        double[] excess(double[] seen);

        default double over(double[] seen) {
            return Arrays.stream(excess(seen)).max().orElse(0);
        }
    }

    private record LipsShut(LipGap measure, double[] own, double slack) implements Limit {
        @Override
        public double[] excess(double[] seen) {
            double[] gaps = measure.gaps(seen);
            for (int i = 0; i < gaps.length; i++) {
                // A character whose own shut shape leaves a gap cannot do better than that.
                gaps[i] -= Math.max(0, own[i]) + slack;
            }
            return gaps;
        }
    }

    private record LipOnTeeth(LipGap measure, double[] own, double slack) implements Limit {
        @Override
        public double[] excess(double[] seen) {
            double[] places = measure.lowerLip(seen);
            int pairs = places.length / 2;
            double[] excess = new double[2 * pairs];
            Arrays.fill(excess, -1);
            // The middle of the lip meets the teeth; its corners are free.
            for (int i = pairs / 3; i < pairs - pairs / 3; i++) {
                excess[2 * i] = Math.abs(places[2 * i] - own[2 * i]) - BITE - slack;
                excess[2 * i + 1] = Math.abs(places[2 * i + 1] - own[2 * i + 1]) - 2 * BITE - slack;
            }
            return excess;
        }
    }

    /** Changes values as little as brings them within the limit; tells what is left over. */
    private double bring(Limit limit, double[] values) {
        double[] seen = coupled(values);
        double over = limit.over(seen);
        double[] start = values.clone();
        for (int step = 0; step < STEPS && over > TOUCH / 2; step++) {
            double[] excess = limit.excess(seen);
            double[][] slopes = slopes(limit, values, excess);
            double[] goal = leastChange(slopes, excess, values, start);
            double[] tried = values.clone();
            double now = over;
            for (double scale = 1; scale > 0.1 && now >= over; scale *= 0.5) {
                for (int m = 0; m < movable.length; m++) {
                    int c = movable[m];
                    tried[c] = values[c] + scale * (goal[m] - values[c]);
                }
                seen = coupled(tried);
                now = limit.over(seen);
            }
            if (now >= over - 1e-6) {
                break;
            }
            System.arraycopy(tried, 0, values, 0, values.length);
            over = now;
        }
        return over;
    }

    /** How each measure changes with each channel, by differences: [measure][channel]. */
    private double[][] slopes(Limit limit, double[] values, double[] excess) {
        double[][] slopes = new double[excess.length][movable.length];
        double[] tried = values.clone();
        for (int m = 0; m < movable.length; m++) {
            Channel channel = character.channels().get(movable[m]);
            double by = 0.02 * (channel.max() - channel.min());
            double was = tried[movable[m]];
            // Towards the inside of its range, so that a channel at its end may still come back.
            double side = was - by >= channel.min() ? -1 : 1;
            tried[movable[m]] = was + side * by;
            double[] moved = limit.excess(coupled(tried));
            tried[movable[m]] = was;
            for (int i = 0; i < excess.length; i++) {
                slopes[i][m] = (moved[i] - excess[i]) / (side * by);
            }
        }
        return slopes;
    }

    /**
     * The values nearest to where they started, in the weighted square sense, that keep every measure within its limit and
     * every channel in its range, with measures taken as straight. Solved on the dual, a measure at a time (Hildreth 1957).
     */
    private double[] leastChange(double[][] slopes, double[] excess, double[] values, double[] start) {
        int count = movable.length;
        double[] weight = new double[count];
        for (int m = 0; m < count; m++) {
            Channel channel = character.channels().get(movable[m]);
            double range = channel.max() - channel.min();
            weight[m] = range * range / cost[m];
        }
        double[] pull = new double[count];
        double[] press = new double[excess.length];
        double[] x = new double[count];
        place(pull, start, x);
        for (int sweep = 0; sweep < SWEEPS; sweep++) {
            double most = 0;
            for (int i = 0; i < excess.length; i++) {
                double left = excess[i] - TOUCH / 4;
                double curvature = 1e-9;
                for (int m = 0; m < count; m++) {
                    left += slopes[i][m] * (x[m] - values[movable[m]]);
                    curvature += slopes[i][m] * slopes[i][m] * weight[m];
                }
                double more = Math.max(-press[i], left / curvature);
                if (more != 0) {
                    press[i] += more;
                    for (int m = 0; m < count; m++) {
                        pull[m] -= more * slopes[i][m] * weight[m];
                    }
                    place(pull, start, x);
                    most = Math.max(most, Math.abs(left));
                }
            }
            if (most < TOUCH / 20) {
                break;
            }
        }
        return x;
    }

    private void place(double[] pull, double[] start, double[] x) {
        for (int m = 0; m < x.length; m++) {
            Channel channel = character.channels().get(movable[m]);
            x[m] = Math.clamp(start[movable[m]] + pull[m], channel.min(), channel.max());
        }
    }
}
