package graykite.motion;

import static graykite.base.Require.requireThat;

import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;

/**
 * Turns a dense curve into few keys: begins with its ends and its turning points, adds a key where the smooth curve
 * through them is furthest off until it is nowhere further off than allowed, then leaves out every key that is not needed
 * (after Schneider, "An Algorithm for Automatically Fitting Digitized Curves", Graphics Gems 1990, with given slopes).
 */
public final class KeyReduction {
    private KeyReduction() {}

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
        TreeSet<Integer> chosen = new TreeSet<>(List.of(0, samples.length - 1));
        int worst = worst(chosen, start, step, samples, allowed);
        while (worst >= 0) {
            chosen.add(worst);
            worst = worst(chosen, start, step, samples, allowed);
        }
        for (int candidate : List.copyOf(chosen)) {
            if (candidate != 0 && candidate != samples.length - 1) {
                chosen.remove(candidate);
                if (worst(chosen, start, step, samples, allowed) >= 0) {
                    chosen.add(candidate);
                }
            }
        }
        Curve curve = curve(chosen, start, step, samples);
        double error = 0;
        for (int i = 0; i < samples.length; i++) {
            error = Math.max(error, Math.abs(curve.at(start + i * step) - samples[i]));
        }
        return new Result(curve, error);
    }

    /** Index of the sample that is furthest off beyond what is allowed, or -1. */
    private static int worst(TreeSet<Integer> chosen, double start, double step, double[] samples, double allowed) {
        Curve curve = curve(chosen, start, step, samples);
        int worst = -1;
        double furthest = allowed;
        for (int i = 0; i < samples.length; i++) {
            double off = Math.abs(curve.at(start + i * step) - samples[i]);
            if (off > furthest && !chosen.contains(i)) {
                furthest = off;
                worst = i;
            }
        }
        return worst;
    }

    private static Curve curve(TreeSet<Integer> chosen, double start, double step, double[] samples) {
        List<Key> keys = new ArrayList<>();
        for (int i : chosen) {
            int before = Math.max(0, i - 1);
            int after = Math.min(samples.length - 1, i + 1);
            double slope = (samples[after] - samples[before]) / ((after - before) * step);
            keys.add(new Key(start + i * step, samples[i], Key.Way.SMOOTH, slope, slope));
        }
        return new Curve(keys);
    }
}
