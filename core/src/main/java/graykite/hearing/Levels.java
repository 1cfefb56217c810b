package graykite.hearing;

import graykite.sound.Sound;
import java.util.Arrays;

/** How loud a sound is from moment to moment, more finely than people hear it. */
final class Levels {
    private Levels() {}

    /**
     * Decibels of full scale, the first at the beginning of the sound.
     *
     * @param hop seconds from one to the next
     * @param window samples around each that count
     */
    static double[] of(Sound sound, double hop, int window) {
        float[] samples = sound.mixed();
        int step = (int) Math.round(hop * sound.rate());
        double[] levels = new double[samples.length / step + 1];
        for (int f = 0; f < levels.length; f++) {
            int middle = f * step;
            double power = 0;
            int from = Math.max(0, middle - window / 2);
            int to = Math.min(samples.length, middle + window / 2);
            for (int i = from; i < to; i++) {
                power += samples[i] * (double) samples[i];
            }
            levels[f] = 10 * Math.log10(power / Math.max(1, to - from) + 1e-12);
        }
        return levels;
    }

    /** The level of a stretch, of one at least, that a share of its levels lie below. */
    static double quantile(double[] levels, int from, int to, double share) {
        double[] stretch = Arrays.copyOfRange(levels, Math.max(0, from), Math.clamp(to, from + 1, levels.length));
        Arrays.sort(stretch);
        return stretch[(int) (share * stretch.length)];
    }
}
