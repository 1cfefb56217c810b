package graykite.hearing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.base.Progress;
import graykite.reading.Timing;
import graykite.sound.Sound;
import graykite.text.Script;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** Steady noise under a recording: found, taken away, and no cause to lose words. */
class NoiseTest {
    private static final String SAID = "The yellow lantern swings above the door, and nobody knows why it never stops.";
    private static Reader reader;
    private static Sound clean;
    private static Timing exact;

    @BeforeAll
    static void load() {
        reader = Reader.shipped();
        clean = SimulatedVoice.speak(SAID).sound();
        exact = reader.read(clean, Script.of(SAID), Progress.none());
    }

    /** White noise so many decibels below the power of a sound. */
    private static Sound noisy(Sound sound, double decibels) {
        float[] samples = sound.mixed().clone();
        double power = 0;
        for (float sample : samples) {
            power += sample * sample;
        }
        double level = Math.sqrt(power / samples.length * Math.pow(10, -decibels / 10));
        SplittableRandom random = new SplittableRandom(5);
        for (int i = 0; i < samples.length; i++) {
            samples[i] += (float) (level * random.nextGaussian());
        }
        return Sound.mono(samples, sound.rate());
    }

    private static Sound silence(double seconds) {
        return Sound.mono(new float[(int) (seconds * 16_000)], 16_000);
    }

    private static double[] powers(Sound sound, int frame) {
        double[] powers = new double[Features.BANDS.bands()];
        new MelPowers(sound, Features.BANDS).at(frame, powers);
        return powers;
    }

    @Test
    void whatIsNoiseAloneBecomesSoft() {
        SplittableRandom random = new SplittableRandom(1);
        float[] hiss = new float[32_000];
        for (int i = 0; i < hiss.length; i++) {
            hiss[i] = (float) (0.02 * random.nextGaussian());
        }
        Sound sound = Sound.mono(hiss, 16_000);
        NoiseFloor noise = NoiseFloor.of(sound);
        double before = 0;
        double after = 0;
        for (int frame = 20; frame < 380; frame++) {
            double[] powers = powers(sound, frame);
            before += Arrays.stream(powers).sum();
            noise.takenFrom(powers);
            after += Arrays.stream(powers).sum();
        }
        assertTrue(after < before / 2, "less than half of the noise stays: " + after / before);
    }

    @Test
    void cleanSpeechStaysAsItIs() {
        NoiseFloor noise = NoiseFloor.of(clean.mixedAt(Features.RATE));
        double[] powers = powers(clean.mixedAt(Features.RATE), 150);
        double[] kept = powers.clone();
        noise.takenFrom(kept);
        for (int b = 0; b < powers.length; b++) {
            assertEquals(powers[b], kept[b], 0.1 * powers[b], "band " + b);
        }
    }

    /** The noise of a long recording is that of all of it, wherever the speech lies. */
    @Test
    void aLongRecordingIsLookedAtAllOver() {
        int frames = 1_000_003;
        int[] first = {frames};
        int[] last = {0};
        NoiseFloor noise = NoiseFloor.of(1, frames, (frame, out) -> {
            first[0] = Math.min(first[0], frame);
            last[0] = Math.max(last[0], frame);
            // Three quarters of the time somebody speaks, a second on end.
            out[0] = frame / 200 % 4 == 0 ? 10 : 1000;
        });
        assertEquals(0, first[0]);
        assertTrue(last[0] < frames && last[0] > 0.98 * frames, "up to " + last[0]);
        double[] power = {1000};
        noise.takenFrom(power);
        assertEquals(988, power[0], 1);
    }

    @Test
    void aMomentIsTooShortToTellNoise() {
        double[] powers = new double[Features.BANDS.bands()];
        Arrays.fill(powers, 7);
        NoiseFloor.of(silence(0.3)).takenFrom(powers);
        assertTrue(Arrays.stream(powers).allMatch(p -> p == 7));
    }

    @Test
    void wordsAreFoundInNoise() {
        Timing timing = reader.read(noisy(clean, 15), Script.of(SAID), Progress.none());
        assertEquals(List.of(), timing.missing());
        long near = 0;
        for (int w = 0; w < exact.words().size(); w++) {
            double off = timing.words().get(w).start() - exact.words().get(w).start();
            near += Math.abs(off) <= 0.03 ? 1 : 0;
        }
        assertTrue(
                near >= exact.words().size() - 2, near + " of " + exact.words().size() + " words begin in place");
    }

    @Test
    void aSectionKnowsTheNoiseOfItsLine() {
        Sound sound = noisy(clean, 12);
        Timing line = reader.read(sound, Script.of(SAID), Progress.none());
        Timing again =
                reader.readSection(sound, line, 2, 4, Script.of("lantern swings above"), Map.of(), Progress.none());
        assertEquals(line.words().size(), again.words().size());
        for (int w = 0; w < line.words().size(); w++) {
            assertEquals(line.words().get(w).text(), again.words().get(w).text());
            assertEquals(line.words().get(w).start(), again.words().get(w).start(), 0.04, "word " + w);
        }
    }
}
