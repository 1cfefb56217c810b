package graykite.hearing;

import static org.junit.jupiter.api.Assertions.assertEquals;

import graykite.reading.HeardPhone;
import graykite.sound.Sound;
import graykite.text.Phone;
import graykite.time.TimeRange;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Where a voice is heard first and last, on sounds whose rise and fading are known. */
class SoundingEdgesTest {
    private static final int RATE = 16_000;
    private static final double[] FREE = {Double.NaN, Double.NaN, Double.NaN, Double.NaN};

    /** How loud a sound is at a time, in decibels below its loudest. */
    private interface Level {
        double at(double seconds);
    }

    /** A hum of 120 Hz with overtones over a noise 50 dB below it, two seconds long. */
    private static Sound hum(Level level) {
        return hum(level, 0.0006);
    }

    private static Sound hum(Level level, double noise) {
        Random random = new Random(8);
        float[] samples = new float[2 * RATE];
        for (int i = 0; i < samples.length; i++) {
            double t = i / (double) RATE;
            double wave = 0;
            for (int k = 1; k <= 6; k++) {
                wave += Math.sin(2 * Math.PI * 120 * k * t + k) / k;
            }
            samples[i] = (float) (0.2 * wave * Math.pow(10, level.at(t) / 20) + noise * random.nextGaussian());
        }
        return Sound.mono(samples, RATE);
    }

    private static HeardPhone phone(int word, Phone phone, double from, double to) {
        return new HeardPhone(word, 0, 0, phone, (int) Math.round(from * 200), (int) Math.round(to * 200), -1);
    }

    /** A word from 0.4 s on, heard to end at 1 s; then a pause, and another word from a time on. */
    private static double end(Sound sound, Phone last, double nextWord, double[] given) {
        List<HeardPhone> heard = List.of(
                phone(0, last, 0.4, 1),
                phone(HeardPhone.PAUSE, Phone.SIL, 1, nextWord),
                phone(1, Phone.AA, nextWord, 2));
        double[] times = {0.4, 1, nextWord, 2};
        SoundingEdges.of(sound).lengthen(heard, times, given);
        assertEquals(0.4, times[0]);
        assertEquals(nextWord, times[2]);
        return times[1];
    }

    /** A voice that fades by 30 dB in 200 ms after it was said to have ended is followed down to there. */
    @Test
    void aFadingVoiceIsFollowed() {
        Sound fading = hum(t -> t < 0.4 ? -90 : t < 1 ? 0 : -150 * (t - 1));
        assertEquals(1.2, end(fading, Phone.N, 1.8, FREE), 0.025);
        assertEquals(1.2, end(fading, Phone.AA, 1.8, FREE), 0.025);
    }

    @Test
    void whatHasEndedStays() {
        Sound cut = hum(t -> t > 0.4 && t < 1 ? 0 : -90);
        assertEquals(1, end(cut, Phone.N, 1.8, FREE), 0.02);
    }

    /** A breath after the word is not the word: the level rises again. */
    @Test
    void aBreathIsNotTheWord() {
        Sound breath = hum(t -> t < 0.4 || t > 1.35
                ? -90
                : t < 1 ? 0 : t < 1.1 ? -260 * (t - 1) : Math.min(-14, -26 + 120 * (t - 1.1)));
        double end = end(breath, Phone.N, 1.8, FREE);
        assertEquals(1.1, end, 0.03, "where it was quietest");
    }

    @Test
    void stopsAreLengthenedLittleAndNothingReachesTheNextWord() {
        Sound ringing = hum(t -> t < 0.4 || t > 1.6 ? -90 : -10 * Math.max(0, t - 1));
        assertEquals(1.15, end(ringing, Phone.T, 1.8, FREE), 0.006);
        assertEquals(1.45, end(ringing, Phone.N, 1.8, FREE), 0.006);
        Sound brief = hum(t -> t < 0.4 || t > 1.25 ? -90 : 0);
        assertEquals(1.25, end(brief, Phone.N, 1.3, FREE), 0.02);
        Sound steady = hum(t -> t < 0.4 ? -90 : t < 1 ? 0 : -12);
        assertEquals(1, end(steady, Phone.N, 1.8, FREE), 0.02, "what sounds all through the pause is its noise");
    }

    @Test
    void whatIsHeldStays() {
        Sound fading = hum(t -> t < 0.4 ? -90 : t < 1 ? 0 : -150 * (t - 1));
        double[] held = FREE.clone();
        held[1] = 1;
        assertEquals(1, end(fading, Phone.N, 1.8, held));
    }

    /** A short pause is nothing but the fading word: it goes on until the next begins, though nowhere in the pause is it quiet. */
    @Test
    void aShortPauseThatNeverFallsQuietIsTheWord() {
        Sound fading = hum(t -> t < 0.4 ? -90 : t < 1 ? 0 : t < 1.15 ? -120 * (t - 1) : 0);
        assertEquals(1.14, end(fading, Phone.N, 1.15, FREE), 0.006);
        Sound quiet = hum(t -> t < 0.4 || t > 1.03 && t < 1.15 ? -90 : 0);
        assertEquals(1.03, end(quiet, Phone.N, 1.15, FREE), 0.025);
    }

    /** A last t, p or k is let go after its closure, which is as quiet as a pause: the word ends with its burst. */
    @Test
    void aStopEndsWithItsRelease() {
        Sound released = burst(1.14, 1.18);
        assertEquals(1.18, end(released, Phone.T, 1.8, FREE), 0.012);
        assertEquals(1, end(released, Phone.N, 1.8, FREE), 0.02, "a nasal is not let go");
        assertEquals(1, end(burst(1.1, 1.35), Phone.T, 1.8, FREE), 0.02, "a breath lasts longer");
        assertEquals(1, end(burst(1.4, 1.44), Phone.T, 1.8, FREE), 0.02, "no closure lasts so long");
        assertEquals(1, end(released, Phone.T, 1.19, FREE), 0.02, "what the next word follows at once is its own");
        double[] held = FREE.clone();
        held[1] = 1;
        assertEquals(1, end(released, Phone.T, 1.8, held));
    }

    /** A burst is rough: it falls below what is heard and comes back. A recording may end right behind it. */
    @Test
    void aRoughReleaseIsTheWordUpToItsLastSound() {
        Sound rough = hum(t -> t > 0.4 && t < 1 ? 0 : t > 1.14 && t < 1.16 || t > 1.175 && t < 1.19 ? -18 : -90);
        assertEquals(1.19, end(rough, Phone.K, 1.8, FREE), 0.012);
        Sound trimmed = rough.cut(new TimeRange(0, 1.205));
        double[] times = {0.4, 1, 1.205};
        List<HeardPhone> heard = List.of(phone(0, Phone.K, 0.4, 1), phone(HeardPhone.PAUSE, Phone.SIL, 1, 1.205));
        SoundingEdges.of(trimmed).lengthen(heard, times, FREE);
        assertEquals(1.19, times[1], 0.012);
    }

    /** A word up to 1 s, and a softer sound after it. */
    private static Sound burst(double from, double to) {
        return hum(t -> t > 0.4 && t < 1 ? 0 : t > from && t < to ? -18 : -90);
    }

    // --- where it begins ---

    /** A pause up to a time, then a word whose first phone was found at another. */
    private static double start(Sound sound, Phone first, double pauseFrom, double found, double given) {
        List<HeardPhone> heard = List.of(
                phone(0, Phone.AA, 0, pauseFrom),
                phone(HeardPhone.PAUSE, Phone.SIL, pauseFrom, found),
                phone(1, first, found, 1.6),
                phone(1, Phone.N, 1.6, 2));
        double[] times = {0, pauseFrom, found, 1.6, 2};
        double[] held = {Double.NaN, Double.NaN, given, Double.NaN, Double.NaN};
        SoundingEdges.of(sound).begin(heard, times, held);
        assertEquals(pauseFrom, times[1]);
        assertEquals(1.6, times[3]);
        return times[2];
    }

    @Test
    void aWordBeginsWhereItRisesOutOfThePause() {
        Sound sound = hum(t -> t < 0.3 || t > 1 ? 0 : -90);
        assertEquals(1, start(sound, Phone.AA, 0.3, 0.95, Double.NaN), 0.012, "found too early");
        assertEquals(1, start(sound, Phone.AA, 0.3, 1.06, Double.NaN), 0.012, "found too late");
        assertEquals(1, start(sound, Phone.F, 0.3, 1.06, Double.NaN), 0.012);
        assertEquals(0.95, start(sound, Phone.AA, 0.3, 0.95, 0.95), "held by hand");
    }

    /** The mouth is shut before a p is heard; and no beginning is sought far away. */
    @Test
    void stopsBeginInSilence() {
        Sound sound = hum(t -> t < 0.3 || t > 1 ? 0 : -90);
        assertEquals(0.95, start(sound, Phone.P, 0.3, 0.95, Double.NaN));
        assertEquals(0.95, start(sound, Phone.CH, 0.3, 0.95, Double.NaN));
        assertEquals(0.8, start(sound, Phone.AA, 0.3, 0.8, Double.NaN));
    }

    /** A vowel that swells slowly begins with its first tone. */
    @Test
    void softBeginningsAreTheWord() {
        Sound swelling = hum(t -> t < 0.3 ? 0 : t < 1 ? -120 : t < 1.06 ? -36 : 0);
        assertEquals(1, start(swelling, Phone.AA, 0.3, 1.05, Double.NaN), 0.012);
    }

    /** In silence a fricative's first breath is left to where its hiss was found; in noise it begins where it is heard. */
    @Test
    void softHissesAreLeftWhereNothingElseSounds() {
        Level breath = t -> t < 0.3 ? 0 : t < 1.02 ? -120 : t < 1.06 ? -70 : 0;
        assertEquals(1, start(hum(breath, 0), Phone.HH, 0.3, 1, Double.NaN));
        assertEquals(1.06, start(hum(breath), Phone.HH, 0.3, 1, Double.NaN), 0.012);
        assertEquals(1.06, start(hum(breath, 0), Phone.AA, 0.3, 1, Double.NaN), 0.012);
    }

    /** What sounds in a short pause may be the word before. */
    @Test
    void aShortPauseIsNotTakenFromTheWordBefore() {
        Sound sound = hum(t -> 0);
        assertEquals(0.4, start(sound, Phone.AA, 0.3, 0.4, Double.NaN));
    }
}
