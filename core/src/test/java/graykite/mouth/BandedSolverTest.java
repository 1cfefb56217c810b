package graykite.mouth;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.Arrays;
import java.util.Random;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.LUDecomposition;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

class BandedSolverTest {
    /** The same problem written out as a dense matrix and solved by Hipparchus. */
    private static double[] dense(double[] weights, double[] targets, double[] bend) {
        int n = weights.length;
        RealMatrix a = new Array2DRowRealMatrix(n, n);
        RealVector b = new ArrayRealVector(n);
        for (int i = 0; i < n; i++) {
            double w = Double.isInfinite(weights[i]) ? 1e9 : weights[i] + 1e-9;
            a.addToEntry(i, i, w);
            b.addToEntry(i, w * targets[i]);
        }
        for (int k = 1; k < n - 1; k++) {
            double[] row = {1, -2, 1};
            for (int i = 0; i < 3; i++) {
                for (int j = 0; j < 3; j++) {
                    a.addToEntry(k - 1 + i, k - 1 + j, bend[k] * row[i] * row[j]);
                }
            }
        }
        return new LUDecomposition(a).getSolver().solve(b).toArray();
    }

    private static double[] bends(double bend, int n) {
        double[] all = new double[n];
        Arrays.fill(all, bend);
        return all;
    }

    @RepeatedTest(12)
    void agreesWithADenseSolution(RepetitionInfo info) {
        Random random = new Random(info.getCurrentRepetition());
        int n = 40 + random.nextInt(60);
        double[] weights = new double[n];
        double[] targets = new double[n];
        for (int i = 0; i < n; i++) {
            weights[i] = random.nextInt(9) == 0 ? Double.POSITIVE_INFINITY : random.nextDouble();
            targets[i] = random.nextDouble();
        }
        // A bend of its own for every sample, as where one diction gives way to another.
        double[] bend = random.doubles(n, -1, 2.5).map(e -> Math.pow(10, e)).toArray();
        double[] x = new double[n];
        new BandedSolver(n).solve(weights, targets, bend, 0, n, x);
        double[] expected = dense(weights, targets, bend);
        for (int i = 0; i < n; i++) {
            assertEquals(expected[i], x[i], 2e-5);
            if (Double.isInfinite(weights[i])) {
                assertEquals(targets[i], x[i]);
            }
        }
    }

    /** Solving a window between samples that are already right changes nothing. */
    @Test
    void aWindowFitsIntoTheWhole() {
        Random random = new Random(8);
        int n = 120;
        double[] weights = random.doubles(n).toArray();
        double[] targets = random.doubles(n).toArray();
        double[] whole = new double[n];
        new BandedSolver(n).solve(weights, targets, bends(30, n), 0, n, whole);
        double[] again = whole.clone();
        Arrays.fill(again, 40, 80, 0);
        new BandedSolver(40).solve(weights, targets, bends(30, n), 40, 80, again);
        for (int i = 0; i < n; i++) {
            assertEquals(whole[i], again[i], 1e-9);
        }
    }

    /** By hand: with no bending cost every sample lies on its target; three equal targets stay straight. */
    @Test
    void smallCases() {
        double[] x = new double[3];
        new BandedSolver(3).solve(new double[] {1, 1, 1}, new double[] {0, 1, 0}, bends(0, 3), 0, 3, x);
        assertEquals(1, x[1], 1e-6);
        new BandedSolver(3).solve(new double[] {1, 1, 1}, new double[] {2, 2, 2}, bends(100, 3), 0, 3, x);
        assertEquals(2, x[0], 1e-6);
        // Minimise (x0)^2 + (x1-1)^2 + (x2)^2 + (x0-2x1+x2)^2: x0 = x2 = 2/7, x1 = 3/7.
        new BandedSolver(3).solve(new double[] {1, 1, 1}, new double[] {0, 1, 0}, bends(1, 3), 0, 3, x);
        assertEquals(2.0 / 7, x[0], 1e-6);
        assertEquals(3.0 / 7, x[1], 1e-6);
    }
}
