package graykite.geometry;

import java.util.function.DoublePredicate;

/** Finds where something changes along a line (bisection). */
public final class Halving {
    /** A metre is cut down to less than a ten-thousandth of a millimetre; more rounds cost, since places are looked for within places. */
    private static final int ROUNDS = 24;

    private Halving() {}

    /**
     * The place from which on something is no longer so, to the 24th half of the way.
     *
     * @param from where it is so
     * @param to where it is not; may lie below from
     */
    public static double between(double from, double to, DoublePredicate so) {
        double a = from;
        double b = to;
        for (int i = 0; i < ROUNDS; i++) {
            double middle = (a + b) / 2;
            if (so.test(middle)) {
                a = middle;
            } else {
                b = middle;
            }
        }
        return (a + b) / 2;
    }
}
