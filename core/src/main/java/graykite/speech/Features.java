package graykite.speech;

import graykite.sound.Sound;
import org.jtransforms.fft.FloatFFT_1D;

/**
 * What the acoustic model hears: 13 mel-frequency cepstra with first and second differences (Davis & Mermelstein 1980),
 * with the settings that the shipped model was trained with. Frames are taken twice as often as in training, so that
 * boundaries fall on a 5 ms grid; the differences still span the training distances.
 */
final class Features {
    static final int RATE = 16_000;
    static final int CEPSTRA = 13;
    /** Samples between frames: 5 ms. */
    static final int HOP = 80;

    private static final int HOPS_A_TRAINING_FRAME = 2;
    private static final int WINDOW = 410;
    private static final int FFT = 512;
    private static final int FILTERS = 25;
    private static final double LOWEST = 130;
    private static final double HIGHEST = 6800;
    private static final double LIFTER = 22;
    private static final float PRE_EMPHASIS = 0.97f;
    private static final double SCALE = 32768;

    private final float[][] cepstra;

    private Features(float[][] cepstra) {
        this.cepstra = cepstra;
    }

    /** @param sound one channel at 16 kHz */
    static Features of(Sound sound) {
        float[] samples = sound.mixed();
        int frames = Math.max(1, samples.length / HOP);
        float[][] cepstra = new float[frames][];
        float[] window = MelBank.hamming(WINDOW);
        float[][] filters = MelBank.filters(FILTERS, LOWEST, HIGHEST, FFT, RATE);
        int[][] reach = MelBank.reach(filters);
        float[][] cosines = cosines();
        FloatFFT_1D transform = new FloatFFT_1D(FFT);
        float[] buffer = new float[FFT];
        double[] mel = new double[FILTERS];
        java.util.SplittableRandom dither = new java.util.SplittableRandom(7);
        for (int f = 0; f < frames; f++) {
            int from = f * HOP + HOP / 2 - WINDOW / 2;
            java.util.Arrays.fill(buffer, 0);
            for (int i = 0; i < WINDOW; i++) {
                double now = sample(samples, from + i);
                double before = sample(samples, from + i - 1);
                // Half a step of noise keeps digital silence away from the logarithm of nothing.
                buffer[i] = (float) ((now - PRE_EMPHASIS * before) * SCALE + dither.nextDouble() - 0.5) * window[i];
            }
            transform.realForward(buffer);
            for (int b = 0; b < FILTERS; b++) {
                double sum = 0;
                float[] filter = filters[b];
                for (int k = reach[b][0]; k < reach[b][1]; k++) {
                    float re = buffer[2 * k];
                    float im = buffer[2 * k + 1];
                    sum += filter[k] * (re * re + im * im);
                }
                mel[b] = Math.log(Math.max(sum, 1e-5));
            }
            float[] c = new float[CEPSTRA];
            for (int i = 0; i < CEPSTRA; i++) {
                double sum = 0;
                for (int b = 0; b < FILTERS; b++) {
                    sum += mel[b] * cosines[i][b];
                }
                c[i] = (float) (sum * (1 + LIFTER / 2 * Math.sin(Math.PI * i / LIFTER)));
            }
            cepstra[f] = c;
        }
        subtractMean(cepstra);
        return new Features(cepstra);
    }

    /** The frames from one to, not including, another, as features of their own. */
    Features between(int from, int to) {
        return new Features(java.util.Arrays.copyOfRange(cepstra, from, to));
    }

    int frames() {
        return cepstra.length;
    }

    float[] cepstrum(int frame) {
        return cepstra[clamp(frame)];
    }

    /** Fills three streams of 13: cepstra, first differences, second differences. */
    void vector(int frame, float[] out) {
        int u = HOPS_A_TRAINING_FRAME;
        float[] now = cepstra[clamp(frame)];
        float[] p1 = cepstra[clamp(frame + u)];
        float[] m1 = cepstra[clamp(frame - u)];
        float[] p2 = cepstra[clamp(frame + 2 * u)];
        float[] m2 = cepstra[clamp(frame - 2 * u)];
        float[] p3 = cepstra[clamp(frame + 3 * u)];
        float[] m3 = cepstra[clamp(frame - 3 * u)];
        for (int i = 0; i < CEPSTRA; i++) {
            out[i] = now[i];
            out[CEPSTRA + i] = p2[i] - m2[i];
            out[2 * CEPSTRA + i] = (p3[i] - m1[i]) - (p1[i] - m3[i]);
        }
    }

    private int clamp(int frame) {
        return Math.clamp(frame, 0, cepstra.length - 1);
    }

    private static float sample(float[] samples, int index) {
        return index < 0 || index >= samples.length ? 0 : samples[index];
    }

    /** The mean is taken over the louder half of the frames, so that long pauses do not shift the speech. */
    private static void subtractMean(float[][] cepstra) {
        float[] energies = new float[cepstra.length];
        for (int f = 0; f < cepstra.length; f++) {
            energies[f] = cepstra[f][0];
        }
        java.util.Arrays.sort(energies);
        float high = energies[(int) (0.95 * (energies.length - 1))];
        float low = energies[(int) (0.05 * (energies.length - 1))];
        float threshold = low + 0.35f * (high - low);
        double[] mean = new double[CEPSTRA];
        int count = 0;
        for (float[] c : cepstra) {
            if (c[0] >= threshold) {
                count++;
                for (int i = 0; i < CEPSTRA; i++) {
                    mean[i] += c[i];
                }
            }
        }
        for (float[] c : cepstra) {
            for (int i = 0; i < CEPSTRA; i++) {
                c[i] -= (float) (mean[i] / Math.max(1, count));
            }
        }
    }

    private static float[][] cosines() {
        float[][] cosines = new float[CEPSTRA][FILTERS];
        for (int i = 0; i < CEPSTRA; i++) {
            double norm = Math.sqrt((i == 0 ? 1.0 : 2.0) / FILTERS);
            for (int b = 0; b < FILTERS; b++) {
                cosines[i][b] = (float) (norm * Math.cos(Math.PI * i * (b + 0.5) / FILTERS));
            }
        }
        return cosines;
    }
}
