package graykite.mouth;

import graykite.rig.Channel;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Flowing motion: each channel follows the smoothest curve near the targets of its beats (regularised trajectories; Ezzat,
 * Geiger & Poggio 2002), with weights that say how much each beat minds each channel (dominance; Cohen & Massaro 1993) and
 * with closures as fixed points that smoothing cannot open.
 */
final class MouthSolver {
    /** Seconds between samples. */
    static final double STEP = 0.01;

    /** Beyond this distance from an edit, in seconds, a curve does not change by more than a thousandth. */
    static final double REACH = 0.6;

    /** Seconds by which vowels that mind the lips are heard coming, and by which every shape dies away. */
    private static final double ANTICIPATION = 0.07;

    private static final double FOLLOW = 0.045;

    private final ShapeValues values;
    private final Beats beats;
    private final int samples;

    MouthSolver(ShapeValues values, Beats beats, int samples) {
        this.values = values;
        this.beats = beats;
        this.samples = samples;
    }

    /** Solves one channel from one sample up to, not including, another. */
    void solve(int channel, int from, int to, double[] curve) {
        Plan plan = new Plan(channel, from, to);
        double[] x = Arrays.copyOfRange(curve, plan.low, plan.high);
        plan.solve(plan.targets, x);
        System.arraycopy(x, from - plan.low, curve, from, to - from);
    }

    /** What each beat near a moment adds to a channel there: the curve is linear in what beats ask. */
    List<Pull> pulls(int channel, int at, double value) {
        int from = Math.max(0, at - (int) (REACH / STEP));
        int to = Math.min(samples, at + (int) (REACH / STEP) + 1);
        Plan plan = new Plan(channel, from, to);
        List<Pull> pulls = new ArrayList<>();
        double rest = value;
        for (int b = plan.first; b <= plan.last; b++) {
            double[] part = new double[plan.high - plan.low];
            plan.solve(plan.targetsOf(b), part);
            rest -= part[at - plan.low];
            pulls.add(new Pull(b, plan.askedOf(b), part[at - plan.low]));
        }
        pulls.add(new Pull(-1, 0, rest));
        return pulls;
    }

    /** The time over which a channel smooths: the heavy jaw longest, the seal of the lips shortest. */
    private double bend(Channel channel, double smooth) {
        double seconds = switch (channel.name()) {
            case ShapeValues.SEAL -> 0.020;
            case ShapeValues.BITE -> 0.030;
            default ->
                switch (channel.group()) {
                    case JAW -> 0.046;
                    case TONGUE -> 0.024;
                    default -> 0.034;
                };
        };
        return Math.pow(seconds * smooth / STEP, 4);
    }

    /** Targets, weights and bends of a channel round a window; arrays begin at sample low. */
    private final class Plan {
        final int low;
        final int high;
        final int first;
        final int last;
        final double[] targets;
        private final double[] weights;
        private final double[] bend;
        private final int channel;
        private final int from;
        private final int to;

        Plan(int channel, int from, int to) {
            this.channel = channel;
            this.from = from;
            this.to = to;
            low = Math.max(0, from - 2);
            high = Math.min(samples, to + 2);
            weights = new double[high - low];
            targets = new double[high - low];
            bend = new double[high - low];
            first = Math.max(0, beats.indexAt(low * STEP - 0.2) - 1);
            last = Math.min(beats.list().size() - 1, beats.indexAt(high * STEP + 0.2) + 1);
            for (int b = first; b <= last; b++) {
                add(b, targets, weights);
            }
            for (int i = 0; i < weights.length; i++) {
                if (weights[i] > 0) {
                    targets[i] /= weights[i];
                }
            }
            fix(-1, targets);
            for (int i = 0, b = first; i < bend.length; i++) {
                while (b < last && beats.list().get(b).end() <= (low + i) * STEP) {
                    b++;
                }
                bend[i] = bend(
                        values.channel(channel), beats.list().get(b).diction().smooth());
            }
        }

        void solve(double[] wanted, double[] x) {
            new BandedSolver(to - from).solve(weights, wanted, bend, from - low, to - low, x);
        }

        /** What one beat alone asks for, weighted as it is among all. */
        double[] targetsOf(int beat) {
            double[] alone = new double[targets.length];
            add(beat, alone, new double[targets.length]);
            for (int i = 0; i < alone.length; i++) {
                alone[i] = Double.isInfinite(weights[i]) || weights[i] == 0 ? 0 : alone[i] / weights[i];
            }
            fix(beat, alone);
            return alone;
        }

        double askedOf(int b) {
            Beat beat = beats.list().get(b);
            if (beat.closure() != PhoneShape.Closure.NONE && values.fixes(channel, beat.closure())) {
                return values.shut(channel, beat);
            }
            return beat.targets().stream()
                    .mapToDouble(t -> values.asked(channel, beat, t))
                    .max()
                    .orElse(0);
        }

        private void add(int b, double[] sums, double[] weightSums) {
            Beat beat = beats.list().get(b);
            double firmness = values.firmness(channel, beat);
            if (firmness == 0) {
                return;
            }
            boolean early = beat.phone().isVowel()
                    && beat.firm().lips() >= 0.65
                    && values.channel(channel).group() != Channel.Group.JAW
                    && values.channel(channel).group() != Channel.Group.TONGUE;
            // Shapes that are asked for together add up instead of meeting half-way.
            for (Beat.Target target : beat.targets()) {
                long alike = beat.targets().stream().filter(target::lastsAs).count();
                double value = values.askedTogether(channel, beat, target);
                spread(beat, target, early, firmness / alike, value, sums, weightSums);
            }
            if (values.names().get(channel).equals(ShapeValues.SEAL)) {
                beats.shutOf(b)
                        .filter(shut -> shut.kind() == PhoneShape.Closure.LIPS)
                        .ifPresent(shut -> peel(shut, sums, weightSums));
            }
        }

        /** The frames after a closure still favour it: what was shut lets go little by little. */
        private void peel(Beats.Shut shut, double[] sums, double[] weightSums) {
            double length = shut.free() - shut.to();
            for (int i = indexFrom(shut.to()); i < sums.length && (low + i) * STEP < shut.free(); i++) {
                double left = 1 - ((low + i) * STEP - shut.to()) / length;
                double w = 1.6 * Math.clamp(left, 0, 1);
                weightSums[i] += w;
                sums[i] += w * Math.clamp(left, 0, 1);
            }
        }

        private int indexFrom(double time) {
            return Math.max(0, (int) Math.ceil(time / STEP) - low);
        }

        /** Weights rise quickly, are full a little before the middle and die away past the end. */
        private void spread(
                Beat beat,
                Beat.Target target,
                boolean early,
                double firmness,
                double value,
                double[] sums,
                double[] weightSums) {
            double before = early && target.from() == beat.start() ? ANTICIPATION : 0;
            double after = beat.isSilence() ? 0 : FOLLOW;
            int begin = indexFrom(target.from() - before);
            int end = Math.min(sums.length - 1, (int) Math.floor((target.to() + after) / STEP) - low);
            double length = Math.max(target.to() - target.from(), STEP);
            for (int i = begin; i <= end; i++) {
                double now = (low + i) * STEP;
                double bell;
                if (now < target.from()) {
                    bell = 0.07 * (1 - (target.from() - now) / before);
                } else if (now > target.to()) {
                    bell = 0.12 * (1 - (now - target.to()) / after);
                } else if (beat.isSilence()) {
                    bell = restBell(now - target.from(), target.to() - now);
                } else {
                    double t = (now - target.from()) / length;
                    bell = 0.2 + 0.8 * Math.sin(Math.PI * Math.pow(t, 0.86));
                }
                double w = firmness * Math.max(0.02, bell);
                weightSums[i] += w;
                sums[i] += w * value;
            }
        }

        /** In a pause the mouth comes to rest slowly and leaves rest slowly. */
        private double restBell(double since, double until) {
            return 0.06 + 0.94 * Math.clamp((Math.min(since, until) - 0.04) / 0.22, 0, 1);
        }

        /**
         * Fixes what is shut.
         *
         * @param only the beat whose closures get their value; others are fixed at 0; -1 for all
         */
        private void fix(int only, double[] into) {
            for (Beats.Shut shut : beats.shuts()) {
                if (shut.to() < low * STEP || shut.from() > high * STEP || !values.fixes(channel, shut.kind())) {
                    continue;
                }
                Beat beat = beats.list().get(shut.beat());
                double value = only < 0 || only == shut.beat() ? values.shut(channel, beat) : 0;
                int begin = indexFrom(shut.from());
                int end = Math.min(into.length - 1, (int) Math.floor(shut.to() / STEP) - low);
                if (begin <= end) {
                    Arrays.fill(into, begin, end + 1, value);
                    if (only < 0) {
                        Arrays.fill(weights, begin, end + 1, Double.POSITIVE_INFINITY);
                    }
                }
            }
        }
    }
}
