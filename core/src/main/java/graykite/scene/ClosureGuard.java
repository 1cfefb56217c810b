package graykite.scene;

import graykite.mouth.Beat;
import graykite.mouth.Beats;
import graykite.mouth.FittedChart;
import graykite.mouth.PhoneShape.Closure;
import graykite.rig.Channel;
import graykite.rig.Character;
import graykite.rig.Couplings;
import graykite.rig.LipGap;
import graykite.rig.Pose;
import graykite.rig.Roles;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * The last word on closures: after everything else it measures lips on the mesh and shuts what must be shut, whatever smile,
 * jaw or curve lies on top. It changes as little as it can: the least squares of all channel changes that bring the lip line
 * within its limit, solved anew as the mesh bends (sequential least squares with inequalities, couplings included). Round a
 * closure the limit rises with the speed of lips, so that nothing jumps.
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

    private static final int STEPS = 8;

    /** How much dearer it is to move a channel than one that exists to shut. */
    private static final double SEAL_COST = 0.15;

    /** What the guard did at a moment. */
    record Deed(Closure kind, int beat, double before, double after) {}

    private final Character character;
    private final Couplings couplings;
    private final Optional<LipGap> lips;
    private final int[] movable;
    private final double[] freedom;
    private final double[] low;
    private final double[] high;
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
                case BROWS, LIDS, EYES, HEAD, BODY -> true;
                default -> false;
            };
        }
        movable = lips.map(new LipChannels(character, turns)::of).orElse(new int[0]);
        freedom = new double[movable.length];
        low = new double[movable.length];
        high = new double[movable.length];
        for (int m = 0; m < movable.length; m++) {
            Channel channel = character.channels().get(movable[m]);
            boolean seals = channel.name().equals(Roles.SEAL) || channel.name().equals(Roles.BITE);
            double range = channel.max() - channel.min();
            freedom[m] = range * range / (seals ? SEAL_COST : 1);
            low[m] = channel.min();
            high[m] = channel.max();
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
        return IntStream.range(0, used.length).filter(c -> used[c]).toArray();
    }

    /** Values as they are seen: head and body straight, couplings applied. */
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
        List<Deed> deeds = new ArrayList<>(0);
        List<Beats.Shut> shuts = beats.shuts();
        for (int s = firstNear(shuts, time); s < shuts.size() && shuts.get(s).from() < time + WIDEST / SPEED; s++) {
            Beats.Shut shut = shuts.get(s);
            Optional<Deed> deed = lips.isPresent()
                    ? onMesh(lips.get(), beats, shut, time, values)
                    : onDrawing(beats, shut, time, values);
            deed.ifPresent(deeds::add);
        }
        return deeds;
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
        Optional<Pose> pose = beats.list().get(shut.beat()).targets().stream()
                .findFirst()
                .map(target -> beats.chart().poses().get(target.shape()));
        if (pose.isEmpty()) {
            return Optional.empty();
        }
        ClosureLimit limit = switch (shut.kind()) {
            case LIPS -> new ClosureLimit.LipsShut(measure, shutGaps.get(pose.get()), slack);
            case LIP_TO_TEETH -> new ClosureLimit.LipOnTeeth(measure, bitePlaces.get(pose.get()), ONE_LIP * slack);
            case NONE -> throw new IllegalStateException("A closure is of a kind.");
        };
        double before = limit.over(coupled(values));
        if (before <= TOUCH) {
            return Optional.empty();
        }
        double after = bring(limit, values);
        return Optional.of(new Deed(shut.kind(), shut.beat(), before, after));
    }

    /** Changes values as little as brings them within the limit; tells what is left over. */
    private double bring(ClosureLimit limit, double[] values) {
        double[] seen = coupled(values);
        double over = limit.over(seen);
        double[] start = values.clone();
        for (int step = 0; step < STEPS && over > TOUCH / 2; step++) {
            double[] excess = limit.excess(seen);
            double[][] slopes = slopes(limit, values, excess);
            double[] goal = goal(slopes, excess, values, start);
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
    private double[][] slopes(ClosureLimit limit, double[] values, double[] excess) {
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

    private double[] goal(double[][] slopes, double[] excess, double[] values, double[] start) {
        double[] wanted = new double[excess.length];
        for (int i = 0; i < excess.length; i++) {
            // Aimed a little within the limit, so that what bends on the way still ends inside.
            wanted[i] = TOUCH / 4 - excess[i];
            for (int m = 0; m < movable.length; m++) {
                wanted[i] += slopes[i][m] * values[movable[m]];
            }
        }
        double[] from = new double[movable.length];
        for (int m = 0; m < movable.length; m++) {
            from[m] = start[movable[m]];
        }
        return LeastChange.of(slopes, wanted, from, freedom, low, high, TOUCH / 20);
    }
}
