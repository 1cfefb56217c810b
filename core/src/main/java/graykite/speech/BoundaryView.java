package graykite.speech;

import graykite.sound.Sound;
import java.util.Arrays;
import org.jtransforms.fft.FloatFFT_1D;

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

    private static final int WINDOW = 256;
    private static final double LOWEST = 100;
    private static final double HIGHEST = 7600;
    private static final float FLOOR = 14;
    private static final float SCALE = 0.25f;

    private final float[][] bands;

    private BoundaryView(float[][] bands) {
        this.bands = bands;
    }

    /** @param sound one channel at 16 kHz */
    public static BoundaryView of(Sound sound) {
        float[] samples = sound.mixed();
        int frames = Math.max(1, samples.length / Features.HOP);
        float[][] bands = new float[frames][BANDS];
        float[][] filters = MelBank.filters(BANDS, LOWEST, HIGHEST, WINDOW, Features.RATE);
        int[][] reach = MelBank.reach(filters);
        float[] window = MelBank.hamming(WINDOW);
        FloatFFT_1D transform = new FloatFFT_1D(WINDOW);
        float[] buffer = new float[WINDOW];
        for (int f = 0; f < frames; f++) {
            int from = f * Features.HOP + Features.HOP / 2 - WINDOW / 2;
            for (int i = 0; i < WINDOW; i++) {
                int at = from + i;
                buffer[i] = at < 1 || at >= samples.length ? 0 : (samples[at] - 0.9f * samples[at - 1]) * window[i];
            }
            transform.realForward(buffer);
            for (int b = 0; b < BANDS; b++) {
                float sum = 1e-10f;
                for (int k = reach[b][0]; k < reach[b][1]; k++) {
                    sum += filters[b][k] * (buffer[2 * k] * buffer[2 * k] + buffer[2 * k + 1] * buffer[2 * k + 1]);
                }
                bands[f][b] = sum;
            }
        }
        quieten(bands);
        normalise(bands);
        return new BoundaryView(bands);
    }

    /** Takes away steady noise, and the logarithm of the rest. */
    private static void quieten(float[][] bands) {
        NoiseFloor noise = NoiseFloor.of(BANDS, bands.length, (frame, out) -> {
            for (int b = 0; b < BANDS; b++) {
                out[b] = bands[frame][b];
            }
        });
        double[] powers = new double[BANDS];
        for (float[] frame : bands) {
            Arrays.setAll(powers, b -> frame[b]);
            noise.takenFrom(powers);
            for (int b = 0; b < BANDS; b++) {
                frame[b] = (float) Math.log(powers[b]);
            }
        }
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
