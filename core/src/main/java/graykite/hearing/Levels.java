package graykite.hearing;

import graykite.sound.Sound;

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
}
