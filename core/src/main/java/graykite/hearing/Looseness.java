package graykite.hearing;

import graykite.reading.HeardPhone;
import java.util.Arrays;
import java.util.List;

/**
 * How loosely words are looked for of which some may not have been said.
 *
 * @param allowance what is forgiven of words, a step of 10 ms, before sound is taken for unscripted
 * @param missing what it costs to pass over each of them, in natural logarithm
 */
record Looseness(double allowance, double[] missing) {
    /** Where all words are taken as said. */
    static Looseness none() {
        return new Looseness(0, new double[0]);
    }

    /** Where nothing is known of the words but their number. */
    static Looseness unknown(int words, Tongue tongue) {
        double[] missing = new double[words];
        Arrays.fill(missing, tongue.wordMissing);
        return new Looseness(0, missing);
    }

    /** Where the words were laid into the sound already: one against which much speaks is passed over more easily. */
    static Looseness of(LineFit fit, List<List<HeardPhone>> words) {
        return new Looseness(
                fit.allowance(), words.stream().mapToDouble(fit::missing).toArray());
    }
}
