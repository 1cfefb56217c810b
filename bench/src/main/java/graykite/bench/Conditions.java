package graykite.bench;

import graykite.sound.Resampler;
import graykite.sound.Sound;
import java.util.List;
import java.util.SplittableRandom;
import org.hipparchus.transform.DftNormalization;
import org.hipparchus.transform.FastFourierTransformer;
import org.hipparchus.transform.TransformType;

/** Makes clean recordings bad in known ways: noise, other voices, a room, a narrow band, another microphone. */
final class Conditions {
    private Conditions() {}

    /** Adds noise so that the recording's power lies so many decibels above it. */
    static Sound noisy(Sound clean, float[] noise, double decibels) {
        float[] samples = clean.mixed().clone();
        double factor = Math.sqrt(power(samples) / Math.max(1e-12, power(noise)) * Math.pow(10, -decibels / 10));
        for (int i = 0; i < samples.length; i++) {
            samples[i] += (float) (factor * noise[i % noise.length]);
        }
        return Sound.mono(quietEnough(samples), clean.rate());
    }

    /** Noise whose power halves with each octave: the economical filter of Kellet, as published on the music-dsp list. */
    static float[] pink(int length, SplittableRandom random) {
        float[] out = new float[length];
        double[] b = new double[7];
        for (int i = 0; i < length; i++) {
            double white = 2 * random.nextDouble() - 1;
            b[0] = 0.99886 * b[0] + white * 0.0555179;
            b[1] = 0.99332 * b[1] + white * 0.0750759;
            b[2] = 0.96900 * b[2] + white * 0.1538520;
            b[3] = 0.86650 * b[3] + white * 0.3104856;
            b[4] = 0.55000 * b[4] + white * 0.5329522;
            b[5] = -0.7616 * b[5] - white * 0.0168980;
            out[i] = (float) (b[0] + b[1] + b[2] + b[3] + b[4] + b[5] + b[6] + white * 0.5362);
            b[6] = white * 0.115926;
        }
        return out;
    }

    /** Many voices at once: each of the given recordings, begun at a random place and repeated. */
    static float[] babble(List<float[]> voices, int length, SplittableRandom random) {
        float[] out = new float[length];
        for (float[] voice : voices) {
            double level = Math.sqrt(Math.max(1e-12, power(voice)));
            int start = random.nextInt(voice.length);
            for (int i = 0; i < length; i++) {
                out[i] += (float) (voice[(start + i) % voice.length] / level);
            }
        }
        return out;
    }

    /** A room that dies away by 60 dB in so many seconds: direct sound and noise that decays, as loud as the direct sound. */
    static Sound room(Sound clean, double seconds, SplittableRandom random) {
        int rate = clean.rate();
        double[] room = new double[(int) (seconds * rate)];
        double energy = 0;
        for (int i = rate / 200; i < room.length; i++) {
            room[i] = (2 * random.nextDouble() - 1) * Math.pow(10, -3.0 * i / room.length);
            energy += room[i] * room[i];
        }
        for (int i = 0; i < room.length; i++) {
            room[i] /= Math.sqrt(energy);
        }
        room[0] = 1;
        return Sound.mono(quietEnough(convolve(clean.mixed(), room)), rate);
    }

    /** Played at another speed, pitch and head size with it. */
    static Sound faster(Sound clean, double speed) {
        int rate = (int) Math.round(clean.rate() * speed);
        return speed == 1 ? clean : Sound.mono(clean.mixed(), rate).mixedAt(clean.rate());
    }

    /** As a telephone line hears it: sampled at 8 kHz. */
    static Sound narrow(Sound clean) {
        float[] low = Resampler.resample(clean.mixed(), clean.rate(), 8000);
        return Sound.mono(low, 8000);
    }

    /** As a telephone lets it through: 300 to 3400 Hz, eight thousand steps of a logarithmic scale a second (ITU-T G.711, mu-law). */
    static Sound telephone(Sound clean) {
        float[] low = Resampler.resample(clean.mixed(), clean.rate(), 8000);
        double warped = Math.tan(Math.PI * 300 / 8000);
        double scale = 1 / (1 + Math.sqrt(2) * warped + warped * warped);
        double feedBack = 2 * (warped * warped - 1) * scale;
        double feedBackTwo = (1 - Math.sqrt(2) * warped + warped * warped) * scale;
        double x1 = 0;
        double x2 = 0;
        double y1 = 0;
        double y2 = 0;
        for (int i = 0; i < low.length; i++) {
            double y = scale * (low[i] - 2 * x1 + x2) - feedBack * y1 - feedBackTwo * y2;
            x2 = x1;
            x1 = low[i];
            y2 = y1;
            y1 = y;
            double step = Math.rint(127 * Math.log1p(255 * Math.min(1, Math.abs(y))) / Math.log(256)) / 127;
            low[i] = (float) (Math.signum(y) * (Math.pow(256, step) - 1) / 255);
        }
        return Sound.mono(low, 8000);
    }

    /** Chords of three notes with overtones, another every half second. */
    static float[] music(int length, int rate, SplittableRandom random) {
        float[] out = new float[length];
        int chord = rate / 2;
        for (int from = 0; from < length; from += chord) {
            double root = 110 * Math.pow(2, random.nextInt(12) / 12.0);
            for (double interval : new double[] {1, Math.pow(2, 4 / 12.0), Math.pow(2, 7 / 12.0)}) {
                for (int overtone = 1; overtone <= 8; overtone++) {
                    double turn = 2 * Math.PI * root * interval * overtone / rate;
                    for (int i = from; i < Math.min(length, from + chord); i++) {
                        double fading = Math.exp(-2.0 * (i - from) / chord);
                        out[i] += (float) (fading * Math.sin(turn * (i - from)) / overtone);
                    }
                }
            }
        }
        return out;
    }

    /** Another microphone: bass and treble turned by up to 12 dB. */
    static Sound tilted(Sound clean, double slope) {
        float[] samples = clean.mixed().clone();
        float before = 0;
        for (int i = 0; i < samples.length; i++) {
            float now = samples[i];
            samples[i] = (float) (now + slope * before);
            before = now;
        }
        return Sound.mono(quietEnough(samples), clean.rate());
    }

    private static double power(float[] samples) {
        double sum = 0;
        for (float sample : samples) {
            sum += sample * sample;
        }
        return sum / Math.max(1, samples.length);
    }

    private static float[] quietEnough(float[] samples) {
        float peak = 0;
        for (float sample : samples) {
            peak = Math.max(peak, Math.abs(sample));
        }
        if (peak > 0.98f) {
            for (int i = 0; i < samples.length; i++) {
                samples[i] *= 0.98f / peak;
            }
        }
        return samples;
    }

    private static float[] convolve(float[] samples, double[] response) {
        int size = Integer.highestOneBit(samples.length + response.length) * 2;
        // Both are real, so one can be the real part of one number and the other its imaginary part.
        double[][] both = new double[2][size];
        for (int i = 0; i < samples.length; i++) {
            both[0][i] = samples[i];
        }
        System.arraycopy(response, 0, both[1], 0, response.length);
        FastFourierTransformer.transformInPlace(both, DftNormalization.STANDARD, TransformType.FORWARD);
        double[][] product = new double[2][size];
        for (int k = 0; k < size; k++) {
            int mirrored = (size - k) % size;
            double aRe = (both[0][k] + both[0][mirrored]) / 2;
            double aIm = (both[1][k] - both[1][mirrored]) / 2;
            double bRe = (both[1][k] + both[1][mirrored]) / 2;
            double bIm = (both[0][mirrored] - both[0][k]) / 2;
            product[0][k] = aRe * bRe - aIm * bIm;
            product[1][k] = aRe * bIm + aIm * bRe;
        }
        FastFourierTransformer.transformInPlace(product, DftNormalization.STANDARD, TransformType.INVERSE);
        float[] out = new float[samples.length];
        for (int i = 0; i < out.length; i++) {
            out[i] = (float) product[0][i];
        }
        return out;
    }
}
