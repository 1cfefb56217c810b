package graykite.hearing;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.base.Progress;
import graykite.reading.HeardPhone;
import graykite.reading.Timing;
import graykite.sound.Sound;
import graykite.text.Phone;
import graykite.text.Script;
import graykite.time.TimeRange;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Recordings that were trimmed into their last word. */
class CutShortTest {
    private static final int RATE = 16_000;

    /** Seconds of quiet before it hums. */
    private static final double BEFORE = 0.1;

    private static float[] humming(double seconds) {
        float[] samples = new float[(int) (seconds * RATE)];
        for (int i = (int) (BEFORE * RATE); i < samples.length; i++) {
            samples[i] = (float) Math.sin(0.05 * i);
        }
        return samples;
    }

    @Test
    void whatStillSoundsAtItsEndIsHeardWithQuietBehindIt() {
        float[] humming = humming(1);
        float[] heard = CutShort.of(Sound.mono(humming, RATE)).heard().mixed();
        assertEquals(1.1, heard.length / (double) RATE, 1e-9);
        assertArrayEquals(humming, Arrays.copyOf(heard, humming.length));
        assertEquals(0, heard[heard.length - 1]);
    }

    /** It hums, and from one time to another there is next to nothing. */
    private static Sound hummingBut(double from, double to) {
        float[] samples = humming(1);
        for (int i = (int) (from * RATE); i < (int) (to * RATE); i++) {
            samples[i] *= 0.005f;
        }
        return Sound.mono(samples, RATE);
    }

    @Test
    void whatHasDiedAwayIsHeardAsItIs() {
        Sound faded = hummingBut(0.5, 1);
        assertSame(faded, CutShort.of(faded).heard());
        Sound silent = Sound.silence(0.5, RATE);
        assertSame(silent, CutShort.of(silent).heard());
        Sound click = Sound.mono(humming(0.2), RATE);
        assertSame(click, CutShort.of(click).heard(), "which has no room for a word");
        Sound part = Sound.mono(humming(1), RATE);
        assertSame(part, CutShort.not(part).heard(), "which goes on");
    }

    /** Noise 20 dB below the voice, which stops at a time; with a voice that fades for as long as is told behind it. */
    private static Sound inNoise(double stops, double fades) {
        float[] samples = new float[RATE];
        Random chance = new Random(5);
        for (int i = 0; i < samples.length; i++) {
            double time = i / (double) RATE;
            double voice = time < 0.2 ? 0 : time < stops ? 1 : Math.max(0, 1 - (time - stops) / Math.max(1e-9, fades));
            samples[i] = (float) (voice * Math.sin(0.05 * i) * 0.7 + 0.05 * chance.nextGaussian());
        }
        return Sound.mono(samples, RATE);
    }

    @Test
    void noiseThatGoesOnBehindTheVoiceIsNoneOfIt() {
        Sound stopped = inNoise(0.8, 0);
        assertSame(stopped, CutShort.of(stopped).heard());
        Sound cut = inNoise(1, 0);
        assertEquals(1.1, CutShort.of(cut).heard().duration(), 1e-9);
        Sound fading = inNoise(0.88, 0.12);
        assertEquals(1.1, CutShort.of(fading).heard().duration(), 1e-9, "which falls into the noise just there");
    }

    private static HeardPhone phone(int word, Phone phone, int from, int to) {
        return new HeardPhone(word, 0, 0, phone, from, to, 0);
    }

    /** @param held when a hand ended the last word; NaN when none did */
    private static double[] ended(Sound recording, double held, double... times) {
        List<HeardPhone> heard = List.of(
                phone(0, Phone.AA, 0, 190),
                phone(0, Phone.N, 190, 203),
                phone(0, Phone.S, 203, 210),
                phone(HeardPhone.PAUSE, Phone.SIL, 210, 220));
        CutShort.of(recording).end(heard, times, new double[] {Double.NaN, Double.NaN, Double.NaN, held, Double.NaN});
        return times;
    }

    @Test
    void whatWasHeardInTheQuietEndsWithTheRecording() {
        Sound humming = Sound.mono(humming(1), RATE);
        assertArrayEquals(
                new double[] {0, 0.95, 0.99, 1, 1}, ended(humming, Double.NaN, 0, 0.95, 1.015, 1.05, 1.1), 1e-9);
    }

    @Test
    void whatSoundsOnIsOfTheLastWord() {
        Sound humming = Sound.mono(humming(1), RATE);
        assertArrayEquals(new double[] {0, 0.3, 0.5, 1, 1}, ended(humming, Double.NaN, 0, 0.3, 0.5, 0.7, 1.1), 1e-9);
        assertArrayEquals(
                new double[] {0, 0.3, 0.5, 0.7, 1},
                ended(humming, 0.7, 0, 0.3, 0.5, 0.7, 1.1),
                1e-9,
                "a hand has ended it");
        assertArrayEquals(
                new double[] {0, 0.3, 0.5, 0.7, 1},
                ended(hummingBut(0.75, 0.9), Double.NaN, 0, 0.3, 0.5, 0.7, 1.1),
                1e-9,
                "something else sounds at the end");
    }

    @Test
    void theLastWordEndsWhereTheRecordingIsCut() {
        SimulatedVoice.Speech spoken = SimulatedVoice.speak("The ferry leaves at noon.");
        double end = spoken.phones().stream()
                .filter(p -> p.phone() != Phone.SIL)
                .mapToDouble(SimulatedVoice.Said::end)
                .max()
                .orElseThrow();
        double cut = end - 0.05;
        Timing timing = Reader.shipped()
                .read(
                        spoken.sound().cut(new TimeRange(0, cut)),
                        Script.of("The ferry leaves at noon."),
                        Progress.none());
        assertEquals(cut, timing.duration(), 1e-3);
        assertTrue(timing.missing().isEmpty());
        assertEquals(timing.duration(), timing.words().getLast().end(), 0.02);
    }
}
