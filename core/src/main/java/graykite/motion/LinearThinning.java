package graykite.motion;

import static graykite.base.Require.requireThat;

import java.util.ArrayDeque;
import java.util.BitSet;
import java.util.Deque;

/**
 * Chooses the samples of a motion that are enough when what lies between is filled by straight lines, for formats that know no
 * other curves (Ramer 1972; Douglas and Peucker 1973, with the error measured along the value).
 */
public final class LinearThinning {
    private LinearThinning() {}

    /**
     * Samples that are to be kept, the first and last among them.
     *
     * @param times of the samples, rising
     * @param values [sample * width + component]
     * @param width components of a sample
     * @param allowed the largest difference of any component
     */
    public static int[] kept(float[] times, float[] values, int width, double allowed) {
        requireThat(times.length > 0 && values.length == times.length * width, "There is a value for each time.");
        requireThat(allowed >= 0, "An error is not negative.");
        BitSet kept = new BitSet(times.length);
        kept.set(0);
        kept.set(times.length - 1);
        Deque<int[]> pieces = new ArrayDeque<>();
        pieces.push(new int[] {0, times.length - 1});
        while (!pieces.isEmpty()) {
            int[] piece = pieces.pop();
            int worst = -1;
            double most = allowed;
            for (int i = piece[0] + 1; i < piece[1]; i++) {
                double off = off(times, values, width, piece, i);
                if (off > most) {
                    most = off;
                    worst = i;
                }
            }
            if (worst >= 0) {
                kept.set(worst);
                pieces.push(new int[] {piece[0], worst});
                pieces.push(new int[] {worst, piece[1]});
            }
        }
        return kept.stream().toArray();
    }

    private static double off(float[] times, float[] values, int width, int[] piece, int at) {
        double part = (times[at] - times[piece[0]]) / (double) (times[piece[1]] - times[piece[0]]);
        double most = 0;
        for (int c = 0; c < width; c++) {
            double from = values[piece[0] * width + c];
            double to = values[piece[1] * width + c];
            most = Math.max(most, Math.abs(from + part * (to - from) - values[at * width + c]));
        }
        return most;
    }
}
