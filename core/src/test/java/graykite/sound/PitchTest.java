package graykite.sound;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.reading.GapSound;
import graykite.reading.Timing;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PitchTest {
    private static final int RATE = 16_000;

    /** A voice-like buzz: harmonics that fall off by their number. */
    private static float buzz(double hertz, int sample) {
        double value = 0;
        for (int harmonic = 1; harmonic * hertz < 4000; harmonic++) {
            value += Math.sin(2 * Math.PI * harmonic * hertz * sample / RATE) / harmonic;
        }
        return (float) (0.2 * value);
    }

    /** The pitch of a sound of known period is known. */
    @ParameterizedTest
    @ValueSource(doubles = {80, 120, 210, 330, 440})
    void pitchOfABuzzIsItsFrequency(double hertz) {
        float[] samples = new float[RATE];
        for (int i = 0; i < samples.length; i++) {
            samples[i] = buzz(hertz, i);
        }
        Pitch pitch = Pitch.of(Sound.mono(samples, RATE));
        for (double t = 0.1; t < 0.9; t += 0.05) {
            assertEquals(hertz, pitch.at(t), 0.015 * hertz);
        }
    }

    @Test
    void noiseAndSilenceHaveNone() {
        float[] samples = new float[2 * RATE];
        SplittableRandom random = new SplittableRandom(2);
        for (int i = 0; i < RATE; i++) {
            samples[i] = (float) (0.3 * (random.nextDouble() - 0.5));
        }
        Pitch pitch = Pitch.of(Sound.mono(samples, RATE));
        int voiced = 0;
        for (double t = 0; t < 2; t += Pitch.STEP) {
            voiced += pitch.at(t) > 0 ? 1 : 0;
        }
        assertTrue(voiced < 10, voiced + " of 200 values have a pitch");
    }

    /** Silence, a soft hiss as long as a breath, silence, a loud buzz, silence: each is called what it is. */
    @Test
    void gapsAreCalledWhatTheyAre() {
        float[] samples = new float[6 * RATE];
        SplittableRandom random = new SplittableRandom(4);
        for (int i = 0; i < samples.length; i++) {
            double t = i / (double) RATE;
            double hiss = 0.02 * (random.nextDouble() - 0.5);
            samples[i] = t > 1 && t < 1.6 ? (float) hiss : t > 2.5 && t < 5 ? buzz(150, i) : (float) (hiss / 200);
        }
        Sound sound = Sound.mono(samples, RATE);
        List<GapSound> gaps = GapSound.of(Timing.empty(6), Loudness.of(sound), Pitch.of(sound));
        assertEquals(
                List.of(
                        GapSound.Kind.SILENCE,
                        GapSound.Kind.BREATH,
                        GapSound.Kind.SILENCE,
                        GapSound.Kind.SPEECH,
                        GapSound.Kind.SILENCE),
                gaps.stream().map(GapSound::kind).toList());
        assertEquals(1, gaps.get(1).start(), 0.05);
        assertEquals(1.6, gaps.get(1).end(), 0.05);
    }
}
