package graykite.scene;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Arrays;
import java.util.Random;
import java.util.stream.IntStream;
import org.hipparchus.linear.LUDecomposition;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

class LeastChangeTest {
    private static final double[] FREE_LOW = {-100, -100, -100};
    private static final double[] FREE_HIGH = {100, 100, 100};
    private static final double[] EVEN = {1, 1, 1};

    private static double[] solved(double[][] slopes, double[] limits, double[] from) {
        int n = from.length;
        return LeastChange.of(
                slopes,
                limits,
                from,
                Arrays.copyOf(EVEN, n),
                Arrays.copyOf(FREE_LOW, n),
                Arrays.copyOf(FREE_HIGH, n),
                1e-10);
    }

    @Test
    void whatIsWithinItsLimitsStays() {
        assertArrayEquals(new double[] {1, 2}, solved(new double[][] {{1, 1}}, new double[] {4}, new double[] {1, 2}));
    }

    /** By hand: x + y at most 1 from (1, 1) is the foot of the perpendicular, (0.5, 0.5). */
    @Test
    void goesStraightToTheLimit() {
        assertArrayEquals(
                new double[] {0.5, 0.5}, solved(new double[][] {{1, 1}}, new double[] {1}, new double[] {1, 1}), 1e-9);
    }

    /** By hand: what is four times as free moves four times as far. */
    @Test
    void movesWhatIsFree() {
        double[] x = LeastChange.of(
                new double[][] {{1, 1}},
                new double[] {1},
                new double[] {1, 1},
                new double[] {4, 1},
                FREE_LOW,
                FREE_HIGH,
                1e-10);
        assertArrayEquals(new double[] {0.2, 0.8}, x, 1e-9);
    }

    /** By hand: where x may not go below 0.9, y makes up for it. */
    @Test
    void keepsWithinRanges() {
        double[] x = LeastChange.of(
                new double[][] {{1, 1}},
                new double[] {1},
                new double[] {1, 1},
                new double[] {1, 1},
                new double[] {0.9, -1},
                new double[] {2, 2},
                1e-9);
        assertArrayEquals(new double[] {0.9, 0.1}, x, 1e-6);
    }

    /** What cannot be met is met as nearly as the ranges let it. */
    @Test
    void doesWhatCanBeDone() {
        double[] x = LeastChange.of(
                new double[][] {{1, 0}},
                new double[] {-5},
                new double[] {1, 1},
                new double[] {1, 1},
                new double[] {0, 0},
                new double[] {2, 2},
                1e-9);
        assertArrayEquals(new double[] {0, 1}, x, 1e-9);
    }

    /** Against exhaustive search over which limits are met exactly, each case a dense system solved with Hipparchus. */
    @RepeatedTest(40)
    void agreesWithEverySetOfActiveLimits(RepetitionInfo info) {
        Random random = new Random(info.getCurrentRepetition());
        double[][] slopes = new double[3][3];
        double[] limits = new double[3];
        double[] from = new double[3];
        for (int i = 0; i < 3; i++) {
            from[i] = random.nextGaussian();
            limits[i] = 0.5 * random.nextGaussian();
            for (int j = 0; j < 3; j++) {
                slopes[i][j] = random.nextGaussian() + (i == j ? 2 : 0);
            }
        }
        double[] best = exhaustive(slopes, limits, from);
        double[] x = solved(slopes, limits, from);
        assertEquals(change(from, best), change(from, x), 1e-4 * (1 + change(from, best)));
        for (int i = 0; i < 3; i++) {
            assertTrue(measure(slopes[i], x) <= limits[i] + 1e-5, "limit " + i);
        }
    }

    private static double measure(double[] slopes, double[] x) {
        return slopes[0] * x[0] + slopes[1] * x[1] + slopes[2] * x[2];
    }

    private static double change(double[] from, double[] x) {
        double sum = 0;
        for (int i = 0; i < x.length; i++) {
            sum += (x[i] - from[i]) * (x[i] - from[i]);
        }
        return sum;
    }

    private static double[] exhaustive(double[][] slopes, double[] limits, double[] from) {
        double[] best = null;
        for (int set = 0; set < 8; set++) {
            int[] active = activeOf(set);
            double[] candidate = from.clone();
            if (active.length > 0) {
                // The smallest change that meets them: Aᵀ (A Aᵀ)⁻¹ b.
                double[][] rows = new double[active.length][];
                double[] right = new double[active.length];
                for (int r = 0; r < active.length; r++) {
                    rows[r] = slopes[active[r]];
                    right[r] = limits[active[r]] - measure(rows[r], from);
                }
                RealMatrix a = MatrixUtils.createRealMatrix(rows);
                RealVector press = new LUDecomposition(a.multiply(a.transpose()))
                        .getSolver()
                        .solve(MatrixUtils.createRealVector(right));
                candidate = MatrixUtils.createRealVector(from)
                        .add(a.transpose().operate(press))
                        .toArray();
            }
            boolean fits = true;
            for (int i = 0; i < 3; i++) {
                fits &= measure(slopes[i], candidate) <= limits[i] + 1e-9;
            }
            if (fits && (best == null || change(from, candidate) < change(from, best))) {
                best = candidate;
            }
        }
        return best;
    }

    private static int[] activeOf(int set) {
        return IntStream.range(0, 3).filter(i -> (set >> i & 1) == 1).toArray();
    }
}
