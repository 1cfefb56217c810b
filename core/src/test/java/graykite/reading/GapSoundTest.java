package graykite.reading;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.reading.GapSound.Kind;
import graykite.sound.Loudness;
import graykite.sound.Pitch;
import graykite.sound.Sound;
import graykite.text.Phone;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** A line made by hand: a voice of 120 Hz where the words are, and between them what each test puts there. */
class GapSoundTest {
    private static final int RATE = 16_000;
    private static final double LENGTH = 4;
    private static final double VOICE = 0.4;

    private final float[] samples = new float[(int) (LENGTH * RATE)];
    private final Random random = new Random(3);

    GapSoundTest() {
        hiss(0, LENGTH, 0.0003);
        hum(0.5, 1, VOICE);
        hum(3, 3.5, VOICE);
    }

    private void hiss(double from, double to, double amplitude) {
        for (int i = (int) (from * RATE); i < (int) (to * RATE); i++) {
            samples[i] += (float) (amplitude * (2 * random.nextDouble() - 1));
        }
    }

    private void hum(double from, double to, double amplitude) {
        for (int i = (int) (from * RATE); i < (int) (to * RATE); i++) {
            for (int k = 1; k <= 8; k++) {
                samples[i] += (float) (amplitude / 4 / k * Math.sin(2 * Math.PI * 120 * k * i / RATE));
            }
        }
    }

    private List<GapSound> gaps() {
        Timing timing = new Timing(List.of(word(0.5, 1), word(3, 3.5)), LENGTH);
        Sound sound = Sound.mono(samples, RATE);
        return GapSound.of(timing, Loudness.of(sound), Pitch.of(sound));
    }

    private static TimedWord word(double from, double to) {
        return new TimedWord("oh", "", List.of(new TimedPhone(Phone.OW, from, to, false)), false, 1);
    }

    private List<Kind> between() {
        return gaps().stream()
                .filter(g -> g.start() > 1 && g.end() < 3)
                .map(GapSound::kind)
                .toList();
    }

    @Test
    void nothingIsSilence() {
        List<GapSound> gaps = gaps();
        assertEquals(
                List.of(Kind.SILENCE, Kind.SILENCE, Kind.SILENCE),
                gaps.stream().map(GapSound::kind).toList());
        assertEquals(0, gaps.getFirst().start(), 0.05);
        assertEquals(0.5, gaps.getFirst().end(), 0.05);
        assertEquals(1, gaps.get(1).start(), 0.05);
        assertEquals(3, gaps.get(1).end(), 0.05);
    }

    @Test
    void softNoiseIsABreath() {
        hiss(1.8, 2.3, 0.02);
        assertEquals(List.of(Kind.SILENCE, Kind.BREATH, Kind.SILENCE), between());
        GapSound breath = gaps().get(2);
        assertEquals(1.8, breath.start(), 0.05);
        assertEquals(2.3, breath.end(), 0.06);
    }

    @Test
    void aVoiceIsSpeech() {
        hum(1.8, 2.3, VOICE);
        assertEquals(List.of(Kind.SILENCE, Kind.SPEECH, Kind.SILENCE), between());
    }

    @Test
    void loudNoiseIsNoBreath() {
        hiss(1.8, 2.3, 0.5);
        assertEquals(List.of(Kind.SILENCE, Kind.NOISE, Kind.SILENCE), between());
    }

    @Test
    void softNoiseOfTwoSecondsIsNoBreath() {
        hiss(1.3, 2.75, 0.02);
        assertEquals(List.of(Kind.SILENCE, Kind.NOISE, Kind.SILENCE), between());
    }

    @Test
    void aSoftHumIsNoBreath() {
        hum(1.8, 2.3, 0.03);
        assertEquals(List.of(Kind.SILENCE, Kind.NOISE, Kind.SILENCE), between());
    }

    /** A click of 50 ms is not worth a label, nor is the gap between two words of a tenth of a second. */
    @Test
    void whatIsShortIsLeftOut() {
        hiss(2, 2.05, 0.3);
        assertEquals(List.of(Kind.SILENCE), between());
        Timing close = new Timing(List.of(word(0.5, 1), word(1.1, 3.9)), LENGTH);
        Sound sound = Sound.mono(samples, RATE);
        assertTrue(
                GapSound.of(close, Loudness.of(sound), Pitch.of(sound)).stream().allMatch(g -> g.end() <= 0.5));
        assertEquals("breath", Kind.BREATH.title());
    }
}
