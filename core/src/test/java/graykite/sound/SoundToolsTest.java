package graykite.sound;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.time.TimeRange;
import java.util.Arrays;
import java.util.Random;
import org.hipparchus.complex.Complex;
import org.hipparchus.transform.DftNormalization;
import org.hipparchus.transform.FastFourierTransformer;
import org.hipparchus.transform.TransformType;
import org.junit.jupiter.api.Test;

class SoundToolsTest {
    private static float[] sine(double hertz, double seconds, int rate, double level) {
        float[] samples = new float[(int) (seconds * rate)];
        for (int i = 0; i < samples.length; i++) {
            samples[i] = (float) (level * Math.sin(2 * Math.PI * hertz * i / rate));
        }
        return samples;
    }

    /** The strongest frequency, by Hipparchus. */
    private static double strongest(float[] samples, int rate) {
        int n = 16_384;
        double[] data = new double[n];
        for (int i = 0; i < n && i < samples.length; i++) {
            data[i] = samples[i] * (0.5 - 0.5 * Math.cos(2 * Math.PI * i / n));
        }
        Complex[] spectrum = spectrum(data);
        int best = 1;
        for (int k = 1; k < n / 2; k++) {
            best = spectrum[k].norm() > spectrum[best].norm() ? k : best;
        }
        return best * (double) rate / n;
    }

    private static Complex[] spectrum(double[] samples) {
        return new FastFourierTransformer(DftNormalization.STANDARD).transform(samples, TransformType.FORWARD);
    }

    /** The transform of half the length gives what the whole one gives, and what the sum of the definition gives. */
    @Test
    void aRealTransformIsTheWholeOne() {
        Random random = new Random(12);
        for (int n : new int[] {4, 8, 512}) {
            double[] samples = random.doubles(n, -1, 1).toArray();
            RealTransform transform = new RealTransform(n);
            transform.of(samples);
            Complex[] whole = spectrum(samples);
            for (int k = 0; k <= n / 2; k++) {
                double re = 0;
                double im = 0;
                for (int i = 0; i < n; i++) {
                    re += samples[i] * Math.cos(-2 * Math.PI * i * k / n);
                    im += samples[i] * Math.sin(-2 * Math.PI * i * k / n);
                }
                assertEquals(re, transform.real(k), 1e-9);
                assertEquals(im, transform.imaginary(k), 1e-9);
                assertEquals(whole[k].getRealPart(), transform.real(k), 1e-9);
                assertEquals(whole[k].norm() * whole[k].norm(), transform.power(k), 1e-9);
            }
        }
        assertThrows(IllegalArgumentException.class, () -> new RealTransform(12));
        assertThrows(IllegalArgumentException.class, () -> new RealTransform(8).of(new double[4]));
    }

    @Test
    void resamplingKeepsATone() {
        float[] there = Resampler.resample(sine(1000, 2, 44_100, 0.5), 44_100, 16_000);
        assertEquals(32_000, there.length);
        for (int i = 500; i < there.length - 500; i++) {
            assertEquals(0.5 * Math.sin(2 * Math.PI * 1000 * i / 16_000.0), there[i], 2e-3);
        }
    }

    @Test
    void resamplingRemovesWhatTheNewRateCannotHold() {
        float[] there = Resampler.resample(sine(9500, 1, 44_100, 0.5), 44_100, 16_000);
        for (int i = 500; i < there.length - 500; i++) {
            assertEquals(0, there[i], 2e-3);
        }
    }

    @Test
    void slowPlaybackKeepsThePitch() {
        Sound tone = Sound.mono(sine(220, 2, 16_000, 0.5), 16_000);
        for (double speed : new double[] {0.5, 0.25, 1.5}) {
            Sound stretched = Stretch.atSpeed(tone, speed);
            assertEquals(2 / speed, stretched.duration(), 0.01);
            assertEquals(220, strongest(stretched.cut(new TimeRange(0.2, 1.3)).mixed(), 16_000), 3);
        }
        assertThrows(IllegalArgumentException.class, () -> Stretch.atSpeed(tone, 0));
    }

    @Test
    void envelopeAgreesWithTheSamples() {
        Random random = new Random(3);
        float[] samples = new float[100_000];
        for (int i = 0; i < samples.length; i++) {
            samples[i] = random.nextFloat() * 2 - 1;
        }
        Envelope envelope = new Envelope(Sound.mono(samples, 1000));
        float[] extremes = new float[2];
        for (int n = 0; n < 300; n++) {
            int from = random.nextInt(samples.length - 10);
            int to = Math.min(samples.length, from + 1 + random.nextInt(20_000));
            envelope.between(from / 1000.0, to / 1000.0, extremes);
            float low = 9;
            float high = -9;
            for (int i = from; i < to; i++) {
                low = Math.min(low, samples[i]);
                high = Math.max(high, samples[i]);
            }
            // Coarse levels may look a little beyond the range, never miss a part of it.
            assertTrue(extremes[0] <= low && extremes[1] >= high);
            assertTrue(extremes[0] >= -1 && extremes[1] <= 1);
        }
        envelope.between(-5, -4, extremes);
        assertEquals(0, extremes[1]);
        samples[77_777] = -1.5f;
        assertEquals(1.5f, new Envelope(Sound.mono(samples, 1000)).peak());
    }

    /** A full-scale sine has an RMS of -3.01 dB. */
    @Test
    void loudnessOfASine() {
        Loudness loudness = Loudness.of(Sound.mono(sine(440, 1, 16_000, 1), 16_000));
        assertEquals(-3.01, loudness.at(0.5), 0.1);
        assertEquals(-3.01, loudness.percentile(0.5), 0.1);
    }

    @Test
    void healthNamesWhatIsWrong() {
        assertTrue(SoundHealth.warnings(Sound.silence(1, 8000)).getFirst().contains("silent"));
        float[] clipped = sine(200, 1, 16_000, 3);
        for (int i = 0; i < clipped.length; i++) {
            clipped[i] = Math.clamp(clipped[i], -1f, 1f);
        }
        assertTrue(SoundHealth.warnings(Sound.mono(clipped, 16_000)).stream().anyMatch(w -> w.contains("clipped")));
        assertTrue(SoundHealth.warnings(Sound.mono(sine(200, 2, 16_000, 0.005), 16_000))
                .getFirst()
                .contains("nearly"));
    }

    @Test
    void cuttingPadsWithSilence() {
        Sound sound = new Sound(new float[][] {{1, 1, 1, 1}, {0, 0, 0, 0}}, 1000);
        Sound cut = sound.cut(new TimeRange(0.002, 0.008));
        assertEquals(6, cut.length());
        assertEquals(1, cut.channel(0)[1]);
        assertEquals(0, cut.channel(0)[2]);
        assertEquals(0.5f, sound.mixed()[0]);
    }

    private static float[] offCentre(float[] samples, float by) {
        float[] off = samples.clone();
        for (int i = 0; i < off.length; i++) {
            off[i] += by;
        }
        return off;
    }

    /** What a recorder adds all the time is no sound. */
    @Test
    void aConstantIsNotHeard() {
        float[] sine = sine(200, 1, 16_000, 0.2);
        Sound centred = Sound.mono(sine, 16_000);
        Sound off = Sound.mono(offCentre(sine, 0.1f), 16_000);
        assertSame(sine, centred.centred(), "nothing to take away");
        float[] hardly = offCentre(sine, 0.0005f);
        assertSame(hardly, Sound.mono(hardly, 16_000).centred(), "nothing that matters");
        assertArrayEquals(sine, off.centred(), 1e-4f);
        assertArrayEquals(sine, off.mixedAt(16_000).mixed(), 1e-4f);
        assertEquals(Loudness.of(centred).at(0.5), Loudness.of(off).at(0.5), 0.01);
        assertTrue(Sound.mono(offCentre(new float[800], 0.1f), 8000).silent());
        assertFalse(off.silent());
    }

    /** A voice that swings further up than down, with quiet before it. */
    @Test
    void whatAVoiceDoesIsNoConstant() {
        float[] voice = offCentre(sine(200, 1, 16_000, 0.2), 0.05f);
        Arrays.fill(voice, 0, 4000, 0);
        assertSame(voice, Sound.mono(voice, 16_000).centred());
    }

    @Test
    void aRecordingOffCentreIsTold() {
        float[] sine = sine(200, 1, 16_000, 0.2);
        assertTrue(SoundHealth.warnings(Sound.mono(offCentre(sine, -0.09f), 16_000)).stream()
                .anyMatch(w -> w.contains("off centre by 9 %")));
        assertTrue(SoundHealth.warnings(Sound.mono(offCentre(sine, 0.01f), 16_000)).stream()
                .noneMatch(w -> w.contains("off centre")));
    }
}
