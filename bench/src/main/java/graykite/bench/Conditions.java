package graykite.bench;

import graykite.sound.Resampler;
import graykite.sound.Sound;
import java.util.List;
import java.util.SplittableRandom;
import org.jtransforms.fft.DoubleFFT_1D;

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
        double[] a = new double[size];
        double[] b = new double[size];
        for (int i = 0; i < samples.length; i++) {
            a[i] = samples[i];
        }
        System.arraycopy(response, 0, b, 0, response.length);
        DoubleFFT_1D transform = new DoubleFFT_1D(size);
        transform.realForward(a);
        transform.realForward(b);
        a[0] *= b[0];
        a[1] *= b[1];
        for (int k = 1; k < size / 2; k++) {
            double re = a[2 * k] * b[2 * k] - a[2 * k + 1] * b[2 * k + 1];
            a[2 * k + 1] = a[2 * k] * b[2 * k + 1] + a[2 * k + 1] * b[2 * k];
            a[2 * k] = re;
        }
        transform.realInverse(a, true);
        float[] out = new float[samples.length];
        for (int i = 0; i < out.length; i++) {
            out[i] = (float) a[i];
        }
        return out;
    }
}
