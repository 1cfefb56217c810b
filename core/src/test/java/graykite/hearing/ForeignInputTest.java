package graykite.hearing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.base.BadInput;
import graykite.base.Progress;
import graykite.reading.Doubt;
import graykite.reading.MissingWord;
import graykite.reading.TimedWord;
import graykite.reading.Timing;
import graykite.sound.Sound;
import graykite.text.Script;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Sounds and scripts that nobody should bring, and that somebody will. */
class ForeignInputTest {
    private static Reader reader;
    private static Sound speech;

    @BeforeAll
    static void load() {
        reader = Reader.shipped();
        speech = SimulatedVoice.speak("the fog bell rang before dawn").sound();
    }

    private static void assertCovers(Timing timing) {
        double at = 0;
        for (TimedWord word : timing.words()) {
            assertTrue(word.start() >= at - 1e-9, word.text() + " begins before the one before it ends");
            at = word.end();
        }
        assertTrue(at <= timing.duration() + 1e-9);
    }

    /** Four chords, as a sum of sines with a bell's decay. */
    private static Sound music() {
        double[][] chords = {{262, 330, 392}, {220, 262, 330}, {175, 220, 262}, {196, 247, 294}};
        float[] samples = new float[4 * 16_000];
        for (int i = 0; i < samples.length; i++) {
            double t = i % 16_000 / 16_000.0;
            for (double hertz : chords[i / 16_000]) {
                samples[i] += (float) (0.15 * Math.exp(-2 * t) * Math.sin(2 * Math.PI * hertz * t));
            }
        }
        return Sound.mono(samples, 16_000);
    }

    @Test
    void aScriptOfABookForOneSentence() {
        String text = "the quick tide carries every boat ".repeat(16_000);
        BadInput refused = assertThrows(BadInput.class, () -> reader.read(speech, Script.of(text), Progress.none()));
        assertTrue(refused.getMessage().contains("too short"), refused.getMessage());
        assertTrue(refused.getMessage().contains("96000 words"), refused.getMessage());
    }

    @Test
    void musicIsNotTheWords() {
        Timing timing = reader.read(music(), Script.of("the fog bell rang before dawn"), Progress.none());
        assertCovers(timing);
        assertTrue(Doubt.stranger(timing).isPresent(), "it is said that these words do not fit");
    }

    /** By the sound alone nothing is told apart from speech; what is spoken after music is still found where it is. */
    @Test
    void speechAfterMusicIsHeardWhereItIs() {
        Sound both = Sound.together(List.of(music(), speech), List.of(0.0, 4.5));
        Timing timing = reader.listen(both, Progress.none());
        assertCovers(timing);
        double spoken = timing.words().stream()
                .mapToDouble(w -> Math.max(0, w.range().end() - Math.max(4.5, w.start())))
                .sum();
        assertTrue(spoken > 0.6 * speech.duration(), spoken + " s of " + speech.duration());
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "😀 fog 🎉 bell",
                "the ‏مرحبا‎ fog bell",
                "שלום fog bell",
                "fog\u0000bell\u0007 rang",
                "𝔣𝔬𝔤 bell"
            })
    void anyScriptIsReadAndKeepsWhatItCanSay(String text) {
        Script script = Script.of(text);
        Timing timing = reader.read(speech, script, Progress.none());
        assertCovers(timing);
        String all = timing.words().stream().map(TimedWord::text).collect(Collectors.joining(" "))
                + timing.missing().stream().map(MissingWord::text).collect(Collectors.joining(" "));
        assertTrue(all.toLowerCase().contains("bell"), all);
    }

    @Test
    void lettersWithoutASoundAreNoWords() {
        assertTrue(Script.of("😀 🎉 — … 。").isEmpty());
        BadInput refused = assertThrows(BadInput.class, () -> reader.read(speech, Script.of("😀"), Progress.none()));
        assertTrue(refused.getMessage().contains("no words"), refused.getMessage());
    }

    @Test
    void moreWordsThanALineCanHoldAreRefusedAtOnce() {
        BadInput refused = assertThrows(BadInput.class, () -> Script.of("fog ".repeat(100_001)));
        assertTrue(refused.getMessage().contains("100,000 words"), refused.getMessage());
    }

    @Test
    void oneVeryLongWordIsRefused() {
        BadInput refused = assertThrows(BadInput.class, () -> Script.of("ka".repeat(5000)));
        assertTrue(refused.getMessage().contains("10000 letters"), refused.getMessage());
    }

    @Test
    void aFewSamplesAreTooShort() {
        Sound blip = Sound.mono(new float[] {0.3f, -0.3f, 0.2f}, 44_100);
        BadInput refused =
                assertThrows(BadInput.class, () -> reader.read(blip, Script.of("the fog bell"), Progress.none()));
        assertTrue(refused.getMessage().contains("too short"), refused.getMessage());
    }

    @Test
    void wordsOfAnotherRecordingAreNamedWithAFigure() {
        Timing timing = reader.read(speech, Script.of("please bring seven oranges"), Progress.none());
        String said = Doubt.stranger(timing).orElseThrow();
        assertTrue(said.matches("(?s).*\\d.*"), said);
        assertEquals(
                List.of(),
                timing.words().stream().filter(w -> w.phones().isEmpty()).toList());
    }
}
