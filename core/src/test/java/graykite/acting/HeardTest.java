package graykite.acting;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.acting.Instincts.Kind;
import graykite.sound.Loudness;
import graykite.sound.Pitch;
import graykite.sound.Sound;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What acting hears in sounds whose pitch, loudness and rate are known. */
class HeardTest {
    private static final int RATE = 16_000;

    /** Something like a voice: harmonics of a pitch that swings, in so many pulses a second, with a rest in the middle. */
    private static Sound voice(double seconds, double hertz, double swing, double pulses, double level) {
        float[] samples = new float[(int) (seconds * RATE)];
        double phase = 0;
        for (int i = 0; i < samples.length; i++) {
            double t = i / (double) RATE;
            double pitch = hertz * Math.pow(2, swing / 12 * Math.sin(2 * Math.PI * 0.7 * t));
            phase += 2 * Math.PI * pitch / RATE;
            double wave = 0;
            for (int h = 1; h <= 6; h++) {
                wave += Math.sin(h * phase) / h;
            }
            double pulse = 0.08 + 0.92 * Math.pow(Math.sin(Math.PI * pulses * t), 2);
            boolean rest = t > seconds * 0.45 && t < seconds * 0.55;
            samples[i] = (float) (rest ? 0 : level * 0.4 * pulse * wave);
        }
        return Sound.mono(samples, RATE);
    }

    private static Mood mood(Sound sound) {
        return Mood.of(Loudness.of(sound), Optional.of(Pitch.of(sound)));
    }

    @ParameterizedTest
    @ValueSource(doubles = {3, 4, 5, 6})
    void pulsesAreCountedAsSyllables(double pulses) {
        assertEquals(pulses, mood(voice(4, 140, 1, pulses, 0.5)).rate(), 0.35 * pulses);
    }

    @Test
    void aWiderPitchAndMoreSoundAreMoreExcited() {
        Mood flat = mood(voice(4, 140, 0.5, 4.5, 0.3));
        Mood lively = mood(voice(4, 140, 6, 4.5, 0.3));
        assertTrue(lively.range() > flat.range() + 2, flat.range() + ", " + lively.range());
        assertTrue(lively.arousal() > flat.arousal() + 0.2);
        assertTrue(mood(voice(4, 140, 0.5, 4.5, 0.05)).arousal() < flat.arousal() - 0.2);
        assertEquals(
                flat.level() - 20 * Math.log10(6),
                mood(voice(4, 140, 0.5, 4.5, 0.05)).level(),
                0.5,
                "decibels");
    }

    @Test
    void nothingIsMadeOfNothing() {
        assertEquals(Mood.NONE, mood(Sound.silence(2, RATE)));
        assertEquals("no mood is heard", Mood.NONE.inWords());
        for (Kind kind : Kind.values()) {
            assertEquals(1, Mood.NONE.factor(kind, 1), kind.title());
        }
        assertEquals(Melody.NONE, Melody.of(Pitch.of(Sound.silence(2, RATE))));
        Mood unpitched = Mood.of(Loudness.of(voice(2, 140, 2, 4, 0.4)), Optional.empty());
        assertTrue(!unpitched.whispered(), "a voice whose pitch was not measured is not called a whisper");
    }

    /** The head rises with the pitch, within its bounds, without leaps, and rests where nobody speaks. */
    @Test
    void theMelodyIsSmoothAndBounded() {
        Melody melody = Melody.of(Pitch.of(voice(6, 150, 7, 3, 0.5)));
        double before = melody.at(0);
        double most = 0;
        for (double t = 0.005; t < 6; t += 0.005) {
            double now = melody.at(t);
            assertTrue(Math.abs(now - before) < 0.12, "a leap at " + t + ": " + before + " to " + now);
            most = Math.max(most, Math.abs(now));
            before = now;
        }
        assertTrue(most > 0.8 && most <= 2.2, "as far as " + most);
        assertEquals(0, melody.at(3), 0.15, "at rest in the pause");
        assertEquals(0, melody.times(0).at(1), 1e-12);
        assertTrue(melody.at(0.36) > 0, "up with the pitch");
        assertTrue(melody.at(1.07) < 0, "down with it");
    }
}
