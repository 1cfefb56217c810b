package graykite.media.ear;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.sound.Sound;
import graykite.time.TimeRange;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class StretchesTest {
    private static final int RATE = 16_000;

    /** Noise with silence in these ranges. */
    private static Sound noise(double seconds, TimeRange... pauses) {
        float[] samples = new float[(int) (seconds * RATE)];
        Random chance = new Random(7);
        for (int i = 0; i < samples.length; i++) {
            samples[i] = (float) (0.1 * chance.nextGaussian());
            for (TimeRange pause : pauses) {
                if (pause.contains(i / (double) RATE)) {
                    samples[i] = 0;
                }
            }
        }
        return Sound.mono(samples, RATE);
    }

    private static void assertCovers(Sound sound, List<TimeRange> stretches) {
        double at = 0;
        for (TimeRange stretch : stretches) {
            assertEquals(at, stretch.start());
            assertTrue(stretch.length() <= 24 + 1e-9, stretch.toString());
            at = stretch.end();
        }
        assertEquals(sound.duration(), at);
    }

    @Test
    void aShortRecordingIsOneStretch() {
        Sound sound = noise(23.5, new TimeRange(11, 12));
        assertEquals(List.of(new TimeRange(0, 23.5)), Stretches.of(sound));
    }

    @Test
    void cutsInPausesNotInTheSilenceOfAStop() {
        TimeRange stop = new TimeRange(20, 20.08);
        TimeRange pause = new TimeRange(13, 13.6);
        TimeRange later = new TimeRange(33, 33.5);
        Sound sound = noise(48, stop, pause, later);
        List<TimeRange> stretches = Stretches.of(sound);
        assertCovers(sound, stretches);
        assertEquals(3, stretches.size(), stretches.toString());
        assertTrue(pause.contains(stretches.get(0).end()), stretches.toString());
        assertTrue(later.contains(stretches.get(1).end()), stretches.toString());
    }

    @Test
    void speechWithoutAPauseIsCutAllTheSame() {
        Sound sound = noise(70);
        List<TimeRange> stretches = Stretches.of(sound);
        assertCovers(sound, stretches);
        assertTrue(stretches.size() <= 9, stretches.toString());
    }

    @Test
    void silenceIsCutAsSeldomAsCanBe() {
        Sound sound = Sound.silence(60, RATE);
        List<TimeRange> stretches = Stretches.of(sound);
        assertCovers(sound, stretches);
        assertEquals(3, stretches.size(), stretches.toString());
    }
}
