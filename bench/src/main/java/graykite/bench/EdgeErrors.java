package graykite.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** How far found edges lie from true ones, in seconds; later is above 0. */
final class EdgeErrors {
    private final List<Double> errors = new ArrayList<>();

    void add(double found, double truth) {
        errors.add(found - truth);
    }

    /** Median, where nine in ten lie, and shares within 20, 50 and 100 ms. */
    String figures() {
        List<Double> sorted = errors.stream().sorted().toList();
        int n = sorted.size();
        return n == 0
                ? "none"
                : String.format(
                        Locale.ROOT,
                        "median %+.0f ms, nine in ten %+.0f to %+.0f ms, within 20/50/100 ms: %.1f / %.1f / %.1f %%",
                        1000 * sorted.get(n / 2),
                        1000 * sorted.get(n / 20),
                        1000 * sorted.get(n - 1 - n / 20),
                        within(0.02),
                        within(0.05),
                        within(0.1));
    }

    private double within(double limit) {
        return 100.0 * errors.stream().filter(e -> Math.abs(e) <= limit).count() / errors.size();
    }
}
