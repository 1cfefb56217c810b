package graykite.speech;

import java.util.List;

/**
 * Openly corrects where the speech model places boundaries by habit. A hidden Markov model says "vowel" only once the
 * window is full of it, so onsets after nasals, glides and stops come late, and a stop after a pause begins for it with
 * the burst, though its closure came before.
 *
 * <p>The figures are medians of (reading - truth) over 24 own sentences spoken by the voices flite slt, flite rms and
 * kevin16, rounded to a millisecond; pairs with fewer than 12 cases use 3 ms, the overall shift. The voices flite awb and
 * kal16 took no part and serve as the check (docs/benchmarks.md).
 */
final class BoundaryShift {
    private enum Sort {
        PAUSE,
        VOWEL,
        GLIDE,
        NASAL,
        VOICED_STOP,
        PLAIN_STOP,
        VOICED_FRICATIVE,
        PLAIN_FRICATIVE
    }

    private BoundaryShift() {}

    /**
     * The times of the boundaries between heard parts.
     *
     * @param secondsAFrame length of an analysis frame
     * @return one more value than parts: the start of each and the end of the last
     */
    static double[] times(List<Aligner.Heard> heard, double secondsAFrame, double duration) {
        double[] times = new double[heard.size() + 1];
        for (int i = 1; i < heard.size(); i++) {
            double shift = lateness(heard.get(i - 1).phone(), heard.get(i).phone());
            times[i] = heard.get(i).startFrame() * secondsAFrame - shift;
        }
        times[heard.size()] = duration;
        for (int i = 1; i < heard.size(); i++) {
            times[i] = Math.max(times[i], times[i - 1] + Timing.SHORTEST_PHONE);
        }
        for (int i = heard.size() - 1; i > 0; i--) {
            times[i] = Math.min(times[i], times[i + 1] - Timing.SHORTEST_PHONE);
        }
        return times;
    }

    /** By how many seconds the model is late at the boundary between two phones; negative when it is early. */
    static double lateness(Phone left, Phone right) {
        Sort after = sort(right);
        int milliseconds =
                switch (sort(left)) {
                    case PAUSE ->
                        switch (after) {
                            case PLAIN_STOP -> 19;
                            case VOICED_STOP -> 10;
                            case GLIDE -> -5;
                            case VOWEL -> -3;
                            case PLAIN_FRICATIVE, VOICED_FRICATIVE -> 0;
                            default -> 3;
                        };
                    case VOWEL ->
                        switch (after) {
                            case NASAL -> -8;
                            case VOICED_FRICATIVE -> -6;
                            case PLAIN_FRICATIVE -> -2;
                            case VOICED_STOP -> 6;
                            default -> 3;
                        };
                    case GLIDE ->
                        switch (after) {
                            case NASAL -> -5;
                            case VOWEL -> 6;
                            case PLAIN_STOP -> 9;
                            default -> 4;
                        };
                    case NASAL ->
                        switch (after) {
                            case VOWEL -> 11;
                            case PAUSE -> 23;
                            case VOICED_STOP -> 6;
                            case PLAIN_STOP, PLAIN_FRICATIVE -> 2;
                            default -> 3;
                        };
                    case VOICED_STOP ->
                        switch (after) {
                            case VOWEL -> 7;
                            case GLIDE -> 0;
                            case VOICED_FRICATIVE -> -5;
                            default -> 3;
                        };
                    case PLAIN_STOP ->
                        switch (after) {
                            case PAUSE -> -15;
                            case VOICED_FRICATIVE -> -8;
                            case GLIDE -> -5;
                            default -> 2;
                        };
                    case VOICED_FRICATIVE ->
                        switch (after) {
                            case GLIDE -> -2;
                            case VOWEL -> 5;
                            default -> 5;
                        };
                    case PLAIN_FRICATIVE ->
                        switch (after) {
                            case GLIDE -> 0;
                            case VOWEL -> 7;
                            case PAUSE -> 6;
                            default -> 4;
                        };
                };
        return milliseconds / 1000.0;
    }

    private static Sort sort(Phone phone) {
        return switch (phone) {
            case SIL -> Sort.PAUSE;
            case P, T, K, CH -> Sort.PLAIN_STOP;
            case B, D, G, JH -> Sort.VOICED_STOP;
            case F, TH, S, SH, HH -> Sort.PLAIN_FRICATIVE;
            case V, DH, Z, ZH -> Sort.VOICED_FRICATIVE;
            case M, N, NG -> Sort.NASAL;
            case L, R, W, Y, ER -> Sort.GLIDE;
            default -> Sort.VOWEL;
        };
    }
}
