package graykite.sound;

import static graykite.base.Require.requireThat;

import java.util.Arrays;

/**
 * How loud a sound is over time: root mean square in decibels below full scale, a value every hundredth of a second.
 */
public final class Loudness {
    /** Seconds between two values. */
    public static final double STEP = 0.01;

    private static final double WINDOW = 0.04;
    private static final double FLOOR_DB = -90;
    private final float[] decibels;

    private Loudness(float[] decibels) {
        this.decibels = decibels;
    }

    public static Loudness of(Sound sound) {
        float[] samples = sound.centred();
        int count = (int) Math.ceil(sound.duration() / STEP) + 1;
        float[] decibels = new float[count];
        int half = (int) (WINDOW / 2 * sound.rate());
        for (int i = 0; i < count; i++) {
            int centre = (int) (i * STEP * sound.rate());
            int from = Math.clamp(centre - half, 0, samples.length);
            int to = Math.clamp(centre + half, 0, samples.length);
            double sum = 0;
            for (int k = from; k < to; k++) {
                sum += samples[k] * (double) samples[k];
            }
            double mean = to > from ? sum / (to - from) : 0;
            decibels[i] = (float) Math.max(FLOOR_DB, 10 * Math.log10(mean + 1e-12));
        }
        return new Loudness(decibels);
    }

    /** That of silence which lasts so many seconds. */
    public static Loudness silent(double seconds) {
        float[] decibels = new float[(int) Math.ceil(seconds / STEP) + 1];
        Arrays.fill(decibels, (float) FLOOR_DB);
        return new Loudness(decibels);
    }

    /** Decibels at a time in seconds; the nearest value outside the sound. */
    public double at(double seconds) {
        return decibels[Math.clamp(Math.round(seconds / STEP), 0, decibels.length - 1)];
    }

    public int count() {
        return decibels.length;
    }

    /** The value below which a share (0 to 1) of all values lie. */
    public double percentile(double share) {
        requireThat(share >= 0 && share <= 1, "A share lies between 0 and 1.");
        float[] sorted = decibels.clone();
        Arrays.sort(sorted);
        return sorted[(int) Math.round(share * (sorted.length - 1))];
    }
}
