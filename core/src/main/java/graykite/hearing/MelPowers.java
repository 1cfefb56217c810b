package graykite.hearing;

import graykite.sound.RealTransform;
import graykite.sound.Sound;
import java.util.Arrays;
import java.util.SplittableRandom;

/** The power of a sound in mel bands, frame by frame. Holds working memory, so one serves one thread. */
final class MelPowers {
    /**
     * How a sound is cut into frames and bands.
     *
     * @param bands how many
     * @param lowest frequency in hertz at which the first band begins
     * @param highest frequency at which the last ends
     * @param window samples that a frame looks at
     * @param fft length of the transform, at least that of the window
     * @param emphasis share of the sample before that is taken from each, which lifts the high frequencies
     * @param scale that samples from -1 to 1 are multiplied by
     * @param dither magnitude of the noise that is added after that; it keeps digital silence away from the logarithm of nothing
     */
    record Settings(
            int bands,
            double lowest,
            double highest,
            int window,
            int fft,
            double emphasis,
            double scale,
            double dither) {}

    private final Settings settings;
    private final float[] samples;
    private final float[] window;
    private final float[][] filters;
    private final int[][] reach;
    private final RealTransform transform;
    private final double[] buffer;
    private final double[] powers;
    /** By frame; null for most. */
    private final double[][] remembered;

    private final SplittableRandom random = new SplittableRandom(7);

    /** @param sound one channel at 16 kHz */
    MelPowers(Sound sound, Settings settings) {
        this.settings = settings;
        samples = sound.mixed();
        window = MelBank.hamming(settings.window);
        filters = MelBank.filters(settings.bands, settings.lowest, settings.highest, settings.fft, Features.RATE);
        reach = MelBank.reach(filters);
        transform = new RealTransform(settings.fft);
        buffer = new double[settings.fft];
        powers = new double[settings.fft / 2];
        remembered = new double[frames()][];
    }

    int bands() {
        return settings.bands;
    }

    /** Frames of 5 ms; at least one. */
    int frames() {
        return Math.max(1, samples.length / Features.HOP);
    }

    /** The same as {@link #at}, and what is asked for later of this frame need not be worked out again. */
    void remember(int frame, double[] out) {
        at(frame, out);
        remembered[frame] = out.clone();
    }

    /** Fills in the power by band of a window about the middle of a frame, in squares of the scale. */
    void at(int frame, double[] out) {
        if (remembered[frame] != null) {
            System.arraycopy(remembered[frame], 0, out, 0, out.length);
            return;
        }
        int from = frame * Features.HOP + Features.HOP / 2 - window.length / 2;
        Arrays.fill(buffer, 0);
        for (int i = 0; i < window.length; i++) {
            double emphasised = sample(from + i) - settings.emphasis * sample(from + i - 1);
            double noise = settings.dither * (2 * random.nextDouble() - 1);
            buffer[i] = (emphasised * settings.scale + noise) * window[i];
        }
        transform.of(buffer);
        // Each lies in two bands.
        for (int k = reach[0][0]; k < reach[filters.length - 1][1]; k++) {
            powers[k] = transform.power(k);
        }
        for (int b = 0; b < filters.length; b++) {
            double sum = 0;
            float[] filter = filters[b];
            for (int k = reach[b][0]; k < reach[b][1]; k++) {
                sum += filter[k] * powers[k];
            }
            out[b] = sum;
        }
    }

    private float sample(int index) {
        return index < 0 || index >= samples.length ? 0 : samples[index];
    }
}
