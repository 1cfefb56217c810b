package graykite.scene;

/**
 * The smallest change that keeps to inequalities: weighted least squares with upper limits on linear measures and ranges of
 * the unknowns, solved on the dual, a measure at a time (Hildreth, "A quadratic programming procedure", 1957).
 */
final class LeastChange {
    private static final int SWEEPS = 80;

    private LeastChange() {}

    /**
     * Finds x nearest to where it was, so that each measure {@code slopes[i] · x} is at most its limit.
     *
     * @param slopes [measure][unknown]
     * @param limits of each measure
     * @param from where the unknowns were
     * @param freedom of each unknown; the square of a change counts divided by it
     * @param low of each unknown
     * @param high of each unknown
     * @param exact by how much a measure may miss its limit
     * @return x; where the limits cannot all be met, near to them
     */
    static double[] of(
            double[][] slopes,
            double[] limits,
            double[] from,
            double[] freedom,
            double[] low,
            double[] high,
            double exact) {
        double[] pull = new double[from.length];
        double[] press = new double[limits.length];
        double[] x = new double[from.length];
        place(from, pull, low, high, x);
        for (int sweep = 0; sweep < SWEEPS; sweep++) {
            double most = 0;
            for (int i = 0; i < limits.length; i++) {
                double left = -limits[i];
                double curvature = 1e-9;
                for (int m = 0; m < x.length; m++) {
                    left += slopes[i][m] * x[m];
                    curvature += slopes[i][m] * slopes[i][m] * freedom[m];
                }
                // A measure presses only against its limit, and lets go when others have taken over.
                double more = Math.max(-press[i], left / curvature);
                if (more != 0) {
                    press[i] += more;
                    for (int m = 0; m < x.length; m++) {
                        pull[m] -= more * slopes[i][m] * freedom[m];
                    }
                    place(from, pull, low, high, x);
                    most = Math.max(most, Math.abs(left));
                }
            }
            if (most < exact) {
                break;
            }
        }
        return x;
    }

    private static void place(double[] from, double[] pull, double[] low, double[] high, double[] x) {
        for (int m = 0; m < x.length; m++) {
            x[m] = Math.clamp(from[m] + pull[m], low[m], high[m]);
        }
    }
}
