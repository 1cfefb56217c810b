package graykite.hearing;

import graykite.sound.Sound;
import java.util.Arrays;

/**
 * What the placing of boundaries looks at: logarithms of the energy in 20 mel bands, every 5 ms, from windows so short (16
 * ms) that the burst of a stop stays apart from its closure. The average spectrum of the speech is taken out, so that
 * microphones and distances matter less, so is a steady noise, and what lies 60 dB below the loudest counts as silence.
 */
public final class BoundaryView {
    static final int BANDS = 20;
    /** The frames seen around one, by their distance. */
    private static final int[] AROUND = {-16, -12, -9, -6, -4, -3, -2, -1, 0, 1, 2, 3, 4, 6, 9, 12, 16};
    /** Values that describe one frame with its surroundings. */
    public static final int VALUES = BANDS * AROUND.length;

    private static final MelPowers.Settings SHORT = new MelPowers.Settings(BANDS, 100, 7600, 256, 256, 0.9, 1, 0);
    /** Added to powers, so that digital silence has a logarithm. */
    private static final double LEAST = 1e-10;

    private static final float FLOOR = 14;
    private static final float SCALE = 0.25f;

    private final float[][] bands;

    private BoundaryView(float[][] bands) {
        this.bands = bands;
    }

    /** @param sound one channel at 16 kHz */
    public static BoundaryView of(Sound sound) {
        MelPowers powers = new MelPowers(sound, SHORT);
        NoiseFloor noise = NoiseFloor.of(powers);
        float[][] bands = new float[powers.frames()][BANDS];
        double[] now = new double[BANDS];
        for (int f = 0; f < bands.length; f++) {
            powers.at(f, now);
            noise.takenFrom(now);
            for (int b = 0; b < BANDS; b++) {
                bands[f][b] = (float) Math.log(now[b] + LEAST);
            }
        }
        normalise(bands);
        return new BoundaryView(bands);
    }

    private static void normalise(float[][] bands) {
        float[] levels = new float[bands.length];
        for (int f = 0; f < bands.length; f++) {
            for (float value : bands[f]) {
                levels[f] += value / BANDS;
            }
        }
        float[] sorted = levels.clone();
        Arrays.sort(sorted);
        float high = sorted[(int) (0.98 * (sorted.length - 1))];
        float low = Math.max(sorted[(int) (0.05 * (sorted.length - 1))], high - FLOOR);
        float floor = high - FLOOR;
        float loud = low + 0.4f * (high - low);
        double[] mean = new double[BANDS];
        int count = 0;
        for (int f = 0; f < bands.length; f++) {
            for (int b = 0; b < BANDS; b++) {
                bands[f][b] = softMaximum(bands[f][b], floor);
            }
            if (levels[f] >= loud) {
                count++;
                for (int b = 0; b < BANDS; b++) {
                    mean[b] += bands[f][b];
                }
            }
        }
        for (float[] frame : bands) {
            for (int b = 0; b < BANDS; b++) {
                frame[b] = (float) (frame[b] - mean[b] / Math.max(1, count)) * SCALE;
            }
        }
    }

    private static float softMaximum(float value, float floor) {
        float high = Math.max(value, floor);
        return high + (float) Math.log1p(Math.exp(-Math.abs(value - floor)));
    }

    public int frames() {
        return bands.length;
    }

    /** Fills {@link #VALUES} values for a frame, from its own and those around it; beyond the ends the outermost repeats. */
    public void around(int frame, float[] out) {
        int at = 0;
        for (int distance : AROUND) {
            System.arraycopy(bands[Math.clamp(frame + distance, 0, bands.length - 1)], 0, out, at, BANDS);
            at += BANDS;
        }
    }
}
