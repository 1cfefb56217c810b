package graykite.bench;

import java.util.Arrays;
import java.util.List;
import org.ejml.data.DMatrixRMaj;
import org.ejml.dense.row.CommonOps_DDRM;

/**
 * Weights by which signs tell one kind of things from another: the logarithm of the odds is their weighted sum. Found by Newton's
 * method; a little is taken from large weights, so that kinds which never meet have finite ones (Hastie, Tibshirani & Friedman 2009,
 * 4.4).
 *
 * @param weights one a sign, and last that of having none
 */
record LogisticRegression(double[] weights) {
    private static final int ROUNDS = 25;
    private static final double RIDGE = 0.5;

    /** A thing with its signs. @param kind true for what the odds are of */
    record Example(double[] signs, boolean kind) {}

    static LogisticRegression of(List<Example> examples) {
        int n = examples.getFirst().signs.length + 1;
        LogisticRegression found = new LogisticRegression(new double[n]);
        for (int round = 0; round < ROUNDS; round++) {
            DMatrixRMaj slope = new DMatrixRMaj(n, 1);
            DMatrixRMaj bend = CommonOps_DDRM.identity(n);
            CommonOps_DDRM.scale(RIDGE, bend);
            for (int i = 0; i < n - 1; i++) {
                slope.set(i, 0, RIDGE * found.weights[i]);
            }
            for (Example example : examples) {
                double[] signs = Arrays.copyOf(example.signs, n);
                signs[n - 1] = 1;
                double share = 1 / (1 + Math.exp(-found.odds(example.signs)));
                for (int i = 0; i < n; i++) {
                    slope.add(i, 0, signs[i] * (share - (example.kind ? 1 : 0)));
                    for (int j = 0; j < n; j++) {
                        bend.add(i, j, signs[i] * signs[j] * share * (1 - share));
                    }
                }
            }
            DMatrixRMaj step = new DMatrixRMaj(n, 1);
            if (!CommonOps_DDRM.solve(bend, slope, step)) {
                throw new IllegalStateException("The signs cannot be told from one another.");
            }
            double[] next = found.weights.clone();
            for (int i = 0; i < n; i++) {
                next[i] -= step.get(i, 0);
            }
            found = new LogisticRegression(next);
        }
        return found;
    }

    /** Natural logarithm of the odds. */
    double odds(double[] signs) {
        double sum = weights[weights.length - 1];
        for (int i = 0; i < signs.length; i++) {
            sum += weights[i] * signs[i];
        }
        return sum;
    }
}
