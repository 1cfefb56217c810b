package graykite.hearing;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.sound.Sound;
import java.util.Arrays;
import org.junit.jupiter.api.Test;

/** Mel filters worked out by hand, and where tones and clicks show in them. */
class MelTest {
    /** A tone of half the full scale. */
    private static Sound tone(double hertz, double seconds) {
        float[] samples = new float[(int) (16_000 * seconds)];
        for (int i = 0; i < samples.length; i++) {
            samples[i] = (float) (0.5 * Math.sin(2 * Math.PI * hertz * i / 16_000));
        }
        return Sound.mono(samples, 16_000);
    }

    /**
     * Two filters from 0 to 4000 Hz in bins of 500 Hz. 4000 Hz are 2146 mel (2595 log10(1 + f / 700); O'Shaughnessy 1987), so
     * the edges between lie at 715 and 1431 mel: 621 and 1791 Hz, nearest bins 500 and 2000 Hz.
     */
    @Test
    void twoFiltersByHand() {
        float[][] filters = MelBank.filters(2, 0, 4000, 16, 8000);
        double first = 2 / 2000.0;
        double second = 2 / 3500.0;
        assertArrayEquals(
                new float[] {0, (float) first, (float) (first * 2 / 3), (float) (first / 3), 0, 0, 0, 0},
                filters[0],
                1e-9f);
        assertArrayEquals(
                new float[] {
                    0,
                    0,
                    (float) (second / 3),
                    (float) (second * 2 / 3),
                    (float) second,
                    (float) (second * 0.75),
                    (float) (second * 0.5),
                    (float) (second * 0.25)
                },
                filters[1],
                1e-9f);
        assertArrayEquals(new int[][] {{1, 4}, {2, 8}}, MelBank.reach(filters));
        assertArrayEquals(new int[][] {{0, 0}}, MelBank.reach(new float[][] {{}}));
    }

    /** Where bins are wider than filters, each still has a place of its own. */
    @Test
    void narrowFiltersDoNotFallTogether() {
        int[][] reach = MelBank.reach(MelBank.filters(4, 100, 1000, 16, 8000));
        for (int b = 0; b < 4; b++) {
            assertEquals(b + 1, reach[b][0], "filter " + b);
            assertEquals(b + 2, reach[b][1]);
        }
    }

    @Test
    void aHammingWindow() {
        float[] window = MelBank.hamming(5);
        assertArrayEquals(new float[] {0.08f, 0.54f, 1, 0.54f, 0.08f}, window, 1e-6f);
    }

    private static final MelPowers.Settings PLAIN = new MelPowers.Settings(20, 100, 7600, 256, 256, 0, 1, 0);

    private static int loudest(double hertz) {
        MelPowers powers = new MelPowers(tone(hertz, 0.5), PLAIN);
        double[] bands = new double[20];
        powers.at(50, bands);
        int best = 0;
        for (int b = 1; b < 20; b++) {
            best = bands[b] > bands[best] ? b : best;
        }
        return best;
    }

    /** Bands are spaced by 127 mel from 150 on: 500 Hz are 607 mel, 2000 Hz 1521, 5000 Hz 2364. */
    @Test
    void aToneShowsInItsBand() {
        double step = (2595 * Math.log10(1 + 7600 / 700.0) - 150.5) / 21;
        for (double hertz : new double[] {500, 2000, 5000}) {
            double mel = 2595 * Math.log10(1 + hertz / 700);
            assertEquals((mel - 150.5) / step - 1, loudest(hertz), 0.75, hertz + " Hz");
        }
        MelPowers half = new MelPowers(tone(2000, 0.5), PLAIN);
        MelPowers twice = new MelPowers(tone(2000, 0.5), new MelPowers.Settings(20, 100, 7600, 256, 256, 0, 2, 0));
        double[] one = new double[20];
        double[] other = new double[20];
        half.at(50, one);
        twice.at(50, other);
        assertEquals(4, other[loudest(2000)] / one[loudest(2000)], 1e-6, "powers go with the square");
        assertEquals(20, half.bands());
        assertEquals(100, half.frames(), "of 5 ms");
        assertEquals(1, new MelPowers(tone(500, 0.001), PLAIN).frames());
    }

    /** A window of 256 samples lies about the middle of its frame of 80: a click at 1000 is seen from frames 11 to 13. */
    @Test
    void aClickIsSeenWhereItIs() {
        float[] samples = new float[4000];
        samples[1000] = 1;
        MelPowers powers = new MelPowers(Sound.mono(samples, 16_000), PLAIN);
        double[] bands = new double[20];
        for (int f = 0; f < powers.frames(); f++) {
            powers.at(f, bands);
            assertEquals(f >= 11 && f <= 13, bands[10] > 1e-12, "frame " + f);
        }
        // Emphasis takes the sample before from each: of a low tone little is left, a high one grows.
        MelPowers.Settings emphasised = new MelPowers.Settings(20, 100, 7600, 256, 256, 0.9, 1, 0);
        assertTrue(ratio(200, emphasised) < 0.05);
        assertTrue(ratio(7000, emphasised) > 2);
    }

    private static double ratio(double hertz, MelPowers.Settings settings) {
        double[] plain = new double[20];
        double[] changed = new double[20];
        new MelPowers(tone(hertz, 0.5), PLAIN).at(50, plain);
        new MelPowers(tone(hertz, 0.5), settings).at(50, changed);
        int b = loudest(hertz);
        return changed[b] / plain[b];
    }

    /** A frame that is remembered is not worked out again: not even its dither changes. */
    @Test
    void whatIsRememberedStays() {
        MelPowers powers = new MelPowers(tone(2000, 0.5), new MelPowers.Settings(20, 100, 7600, 256, 256, 0, 1, 0.1));
        double[] one = new double[20];
        double[] other = new double[20];
        powers.at(50, one);
        powers.at(50, other);
        assertFalse(Arrays.equals(one, other), "the dither is new each time");
        powers.remember(50, one);
        powers.at(50, other);
        assertArrayEquals(one, other);
        powers.at(51, other);
        assertFalse(Arrays.equals(one, other), "and of other frames nothing is remembered");
    }

    // --- what the acoustic model and the placing of boundaries see ---

    private static Sound speech(float factor) {
        float[] samples = SimulatedVoice.speak("The fog bell rang.")
                .sound()
                .mixedAt(16_000)
                .mixed()
                .clone();
        for (int i = 0; i < samples.length; i++) {
            samples[i] *= factor;
        }
        return Sound.mono(samples, 16_000);
    }

    private static final NoiseFloor NO_NOISE = NoiseFloor.of(1, 0, (frame, out) -> {});

    /** Differences are those over the training's frames of 10 ms, which are two of ours. */
    @Test
    void differences() {
        Sound sound = speech(1);
        Features features = Features.of(sound);
        float[] out = new float[3 * Features.CEPSTRA];
        for (int f : new int[] {40, 77, 120}) {
            features.vector(f, out);
            for (int i = 0; i < Features.CEPSTRA; i++) {
                assertEquals(features.cepstrum(f)[i], out[i]);
                assertEquals(
                        features.cepstrum(f + 4)[i] - features.cepstrum(f - 4)[i], out[Features.CEPSTRA + i], 1e-4);
                assertEquals(
                        features.cepstrum(f + 6)[i]
                                - features.cepstrum(f - 2)[i]
                                - features.cepstrum(f + 2)[i]
                                + features.cepstrum(f - 6)[i],
                        out[2 * Features.CEPSTRA + i],
                        1e-4);
            }
        }
        assertArrayEquals(features.cepstrum(0), features.cepstrum(-3), "beyond the ends the outermost repeats");
        Features part = features.between(30, 60);
        assertEquals(30, part.frames());
        assertArrayEquals(features.cepstrum(30), part.cepstrum(0));
    }

    /** Louder or softer by a third, a voice looks the same, but for the floor under it, which stays as it is. */
    @Test
    void loudnessDoesNotMatter() {
        BoundaryView one = BoundaryView.of(speech(0.9f));
        BoundaryView other = BoundaryView.of(speech(0.6f));
        assertEquals(other.frames(), one.frames());
        float[] a = new float[BoundaryView.VALUES];
        float[] b = new float[BoundaryView.VALUES];
        for (int f = 60; f < 140; f += 20) {
            one.around(f, a);
            other.around(f, b);
            assertArrayEquals(a, b, 0.05f, "frame " + f);
        }
        one.around(100, a);
        one.around(104, b);
        // 17 frames are seen; the tenth of them is the next one, the thirteenth the fourth.
        float[] ahead = new float[BoundaryView.BANDS];
        System.arraycopy(a, 12 * BoundaryView.BANDS, ahead, 0, ahead.length);
        float[] there = new float[BoundaryView.BANDS];
        System.arraycopy(b, 8 * BoundaryView.BANDS, there, 0, there.length);
        assertArrayEquals(there, ahead);
    }

    // --- steady noise ---

    private static double left(int frames, NoiseFloor.Powers powers, double power) {
        double[] frame = {power};
        NoiseFloor.of(1, frames, powers).takenFrom(frame);
        return frame[0];
    }

    /** A band that always has the power of 100 is noise: a fifth more than that is taken, but 15 % of anything stays. */
    @Test
    void steadyNoiseIsTaken() {
        NoiseFloor.Powers steady = (frame, out) -> out[0] = 100;
        assertEquals(880, left(400, steady, 1000), 1e-9);
        assertEquals(15, left(400, steady, 100), 1e-9);
        assertEquals(1000, left(199, steady, 1000), 0, "a second is needed to tell");
        assertEquals(880, left(200, steady, 1000), 1e-9);
        assertEquals(7, left(400, (frame, out) -> out[0] = 0, 7), 0);
    }

    /** Between the quietest twentieth and the quietest fifth: 3 dB and less are steady, 6 and more are not. */
    @Test
    void whatRingsOnIsNoNoise() {
        // A power that grows by so many decibels from the quietest frame to the loudest, evenly.
        assertEquals(1000, left(6000, (f, out) -> out[0] = Math.pow(10, 4.05 * f / 6000), 1000), 0.01);
        double half = 0.5 * 1.2 * Math.pow(10, 0.3);
        assertEquals(1000 - half, left(6000, (f, out) -> out[0] = Math.pow(10, 3.0 * f / 6000), 1000), 0.02 * half);
        double all = 1.2 * Math.pow(10, 0.15);
        assertEquals(1000 - all, left(6000, (f, out) -> out[0] = Math.pow(10, 1.5 * f / 6000), 1000), 0.02 * all);
        double[] unchanged = {5};
        NO_NOISE.takenFrom(unchanged);
        assertEquals(5, unchanged[0]);
    }
}
