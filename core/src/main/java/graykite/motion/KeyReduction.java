package graykite.motion;

import static graykite.base.Require.requireThat;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.TreeSet;

/**
 * Turns a dense curve into few keys: begins with its ends and adds a key where the smooth curve through them is furthest off
 * until it is nowhere further off than allowed, then leaves out every key that is not needed (after Schneider, "An Algorithm
 * for Automatically Fitting Digitized Curves", Graphics Gems 1990, with given slopes). A piece between two keys depends on
 * those two alone, so each is worked on by itself.
 */
public final class KeyReduction {
    private final double start;
    private final double step;
    private final double[] samples;
    private final double allowed;

    private KeyReduction(double start, double step, double[] samples, double allowed) {
        this.start = start;
        this.step = step;
        this.samples = samples;
        this.allowed = allowed;
    }

    /**
     * What came out.
     *
     * @param curve the keys
     * @param error the largest difference to a sample, in the channel's own unit
     */
    public record Result(Curve curve, double error) {}

    /**
     * @param start seconds of the first sample
     * @param step seconds between samples
     * @param samples at least two
     * @param allowed the largest difference that is accepted, above 0
     */
    public static Result reduce(double start, double step, double[] samples, double allowed) {
        requireThat(samples.length >= 2, "A curve of fewer than two samples needs no reduction.");
        requireThat(allowed > 0 && step > 0, "An allowed error is above 0.");
        return new KeyReduction(start, step, samples, allowed).reduced();
    }

    private Result reduced() {
        TreeSet<Integer> chosen = new TreeSet<>(List.of(0, samples.length - 1));
        Deque<int[]> pieces = new ArrayDeque<>();
        pieces.add(new int[] {0, samples.length - 1});
        while (!pieces.isEmpty()) {
            int[] piece = pieces.poll();
            int worst = worst(piece[0], piece[1]);
            if (off(piece[0], piece[1], worst) > allowed) {
                chosen.add(worst);
                pieces.add(new int[] {piece[0], worst});
                pieces.add(new int[] {worst, piece[1]});
            }
        }
        for (int candidate : List.copyOf(chosen)) {
            if (candidate != 0 && candidate != samples.length - 1) {
                int before = chosen.lower(candidate);
                int after = chosen.higher(candidate);
                if (off(before, after, worst(before, after)) <= allowed) {
                    chosen.remove(candidate);
                }
            }
        }
        double error = 0;
        for (int from : chosen.headSet(samples.length - 1)) {
            int to = chosen.higher(from);
            error = Math.max(error, off(from, to, worst(from, to)));
        }
        return new Result(new Curve(chosen.stream().map(this::key).toList()), error);
    }

    /** The sample of a piece that its curve misses most. */
    private int worst(int from, int to) {
        int worst = from;
        double furthest = -1;
        double low = slope(from);
        double high = slope(to);
        for (int i = from; i <= to; i++) {
            double off = off(from, to, i, low, high);
            if (off > furthest) {
                furthest = off;
                worst = i;
            }
        }
        return worst;
    }

    private double off(int from, int to, int sample) {
        return off(from, to, sample, slope(from), slope(to));
    }

    /** As {@link Curve#at} has it between two smooth keys, without making them: this is asked millions of times. */
    private double off(int from, int to, int sample, double low, double high) {
        double length = (to - from) * step;
        double t = (double) (sample - from) / (to - from);
        double t2 = t * t;
        double t3 = t2 * t;
        double value = (2 * t3 - 3 * t2 + 1) * samples[from]
                + (t3 - 2 * t2 + t) * length * low
                + (3 * t2 - 2 * t3) * samples[to]
                + (t3 - t2) * length * high;
        return Math.abs(value - samples[sample]);
    }

    private double slope(int i) {
        int before = Math.max(0, i - 1);
        int after = Math.min(samples.length - 1, i + 1);
        return (samples[after] - samples[before]) / ((after - before) * step);
    }

    private Key key(int i) {
        return new Key(start + i * step, samples[i], Key.Way.SMOOTH, slope(i), slope(i));
    }
}
