package graykite.mouth;

/**
 * Finds the curve that passes near its targets and bends little: minimises the sum of {@code weight (x - target)²} plus
 * {@code bend} times the squared second differences, with a bend of its own for each of them. The matrix is symmetric,
 * positive definite and has five diagonals, so one Cholesky pass (L D Lᵀ) solves it in time proportional to its length.
 */
final class BandedSolver {
    private final double[] diagonal;
    private final double[] first;
    private final double[] second;

    /** @param longest number of samples of the longest curve that will be solved */
    BandedSolver(int longest) {
        diagonal = new double[longest];
        first = new double[longest];
        second = new double[longest];
    }

    /**
     * Solves for samples from one index up to, not including, another.
     *
     * @param weights non-negative; an infinite weight fixes the sample at its target
     * @param bend of the second difference centred at each sample
     * @param x receives the curve; two samples on either side of the range, where they exist, are taken as given
     */
    void solve(double[] weights, double[] targets, double[] bend, int from, int to, double[] x) {
        int n = to - from;
        int length = weights.length;
        for (int i = 0; i < n; i++) {
            int at = from + i;
            if (Double.isInfinite(weights[at])) {
                diagonal[i] = 1;
                x[at] = targets[at];
                continue;
            }
            double d = 1e-9 + weights[at];
            double right = weights[at] * targets[at];
            // Row of the second differences centred at each k that holds this sample.
            for (int k = at - 1; k <= at + 1; k++) {
                if (k < 1 || k > length - 2) {
                    continue;
                }
                double own = k == at ? -2 : 1;
                d += bend[k] * own * own;
                for (int o = k - 1; o <= k + 1; o++) {
                    if (o != at && (o < from || o >= to || Double.isInfinite(weights[o]))) {
                        double other = o == k ? -2 : 1;
                        double known = o < from || o >= to ? x[o] : targets[o];
                        right -= bend[k] * own * other * known;
                    }
                }
            }
            diagonal[i] = d;
            x[at] = right;
        }
        factor(weights, bend, from, n, length);
        substitute(from, n, x);
    }

    private double coupling(double[] weights, double[] bend, int a, int b, int length) {
        if (Double.isInfinite(weights[a]) || Double.isInfinite(weights[b])) {
            return 0;
        }
        double sum = 0;
        for (int k = Math.max(1, b - 1); k <= Math.min(length - 2, a + 1); k++) {
            sum += bend[k] * (k == a ? -2 : 1) * (k == b ? -2 : 1);
        }
        return sum;
    }

    /** In place: diagonal becomes D, first and second the sub-diagonals of L. */
    private void factor(double[] weights, double[] bend, int from, int n, int length) {
        for (int i = 0; i < n; i++) {
            double l1 = 0;
            double l2 = 0;
            if (i >= 2) {
                l2 = coupling(weights, bend, from + i - 2, from + i, length) / diagonal[i - 2];
            }
            if (i >= 1) {
                double c = coupling(weights, bend, from + i - 1, from + i, length);
                double carried = i >= 2 ? l2 * diagonal[i - 2] * first[i - 1] : 0;
                l1 = (c - carried) / diagonal[i - 1];
            }
            first[i] = l1;
            second[i] = l2;
            if (i >= 1) {
                diagonal[i] -= l1 * l1 * diagonal[i - 1];
            }
            if (i >= 2) {
                diagonal[i] -= l2 * l2 * diagonal[i - 2];
            }
        }
    }

    private void substitute(int from, int n, double[] x) {
        for (int i = 0; i < n; i++) {
            double value = x[from + i];
            if (i >= 1) {
                value -= first[i] * x[from + i - 1];
            }
            if (i >= 2) {
                value -= second[i] * x[from + i - 2];
            }
            x[from + i] = value;
        }
        for (int i = 0; i < n; i++) {
            x[from + i] /= diagonal[i];
        }
        for (int i = n - 1; i >= 0; i--) {
            double value = x[from + i];
            if (i + 1 < n) {
                value -= first[i + 1] * x[from + i + 1];
            }
            if (i + 2 < n) {
                value -= second[i + 2] * x[from + i + 2];
            }
            x[from + i] = value;
        }
    }
}
