package graykite.speech;

import graykite.sound.Sound;
import java.util.Arrays;
import java.util.SplittableRandom;
import org.jtransforms.fft.FloatFFT_1D;

/**
 * The power of a sound in the mel bands that the acoustic model was trained with, frame by frame. Holds working memory, so one
 * serves one thread.
 */
final class MelPowers {
    static final int BANDS = 25;

    private static final int WINDOW = 410;
    private static final int FFT = 512;
    private static final double LOWEST = 130;
    private static final double HIGHEST = 6800;
    private static final float PRE_EMPHASIS = 0.97f;
    private static final double SCALE = 32768;

    private final float[] samples;
    private final float[] window = MelBank.hamming(WINDOW);
    private final float[][] filters = MelBank.filters(BANDS, LOWEST, HIGHEST, FFT, Features.RATE);
    private final int[][] reach = MelBank.reach(filters);
    private final FloatFFT_1D transform = new FloatFFT_1D(FFT);
    private final float[] buffer = new float[FFT];
    private final SplittableRandom dither = new SplittableRandom(7);

    /** @param sound one channel at 16 kHz */
    MelPowers(Sound sound) {
        samples = sound.mixed();
    }

    /** Frames of 5 ms; at least one. */
    int frames() {
        return Math.max(1, samples.length / Features.HOP);
    }

    /** Fills in the power by band, in squared steps of 16 bit, of a window about the middle of a frame. */
    void at(int frame, double[] out) {
        int from = frame * Features.HOP + Features.HOP / 2 - WINDOW / 2;
        Arrays.fill(buffer, 0);
        for (int i = 0; i < WINDOW; i++) {
            double now = sample(from + i);
            double before = sample(from + i - 1);
            // Half a step of noise keeps digital silence away from the logarithm of nothing.
            buffer[i] = (float) ((now - PRE_EMPHASIS * before) * SCALE + dither.nextDouble() - 0.5) * window[i];
        }
        transform.realForward(buffer);
        for (int b = 0; b < BANDS; b++) {
            double sum = 0;
            float[] filter = filters[b];
            for (int k = reach[b][0]; k < reach[b][1]; k++) {
                float re = buffer[2 * k];
                float im = buffer[2 * k + 1];
                sum += filter[k] * (re * re + im * im);
            }
            out[b] = sum;
        }
    }

    private float sample(int index) {
        return index < 0 || index >= samples.length ? 0 : samples[index];
    }
}
