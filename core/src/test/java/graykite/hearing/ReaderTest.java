package graykite.hearing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.base.BadInput;
import graykite.base.Progress;
import graykite.reading.TimedPhone;
import graykite.reading.TimedWord;
import graykite.reading.Timing;
import graykite.sound.Loudness;
import graykite.sound.Sound;
import graykite.text.Phone;
import graykite.text.Pronunciation;
import graykite.text.Script;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.CancellationException;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class ReaderTest {
    private static Reader reader;

    @BeforeAll
    static void load() {
        reader = Reader.shipped();
    }

    private static void everyWordIsThere(Script script, Timing timing) {
        assertEquals(
                script.written(), timing.words().stream().map(TimedWord::text).toList());
        double time = 0;
        for (TimedWord word : timing.words()) {
            assertTrue(word.start() >= time - 1e-9, word.text());
            time = word.end();
        }
        assertTrue(time <= timing.duration() + 1e-9);
    }

    /** The reader with boundaries placed by a network that never met a speaker: see resources/speech/SOURCES.md. */
    private static Reader without(String speaker) throws Exception {
        try (var in = ReaderTest.class.getResourceAsStream("/networks/without-" + speaker + ".bin")) {
            return reader.with(BoundaryNetwork.read(in));
        }
    }

    /** Truth: FreeTTS tells when its voice kevin16 says each phone. Measured: median 6.1 ms, 93.8 % within 20 ms. */
    @Test
    void agreesWithTheSimulatedVoice() throws Exception {
        Reader heldOut = without("kal");
        ReadingError error = new ReadingError(List.of());
        for (String text : List.of(
                "Pim, the fog bell rang before we moved the buoy.",
                "Who put my map up by the lamp?",
                "The yellow lantern swings above the wheelhouse door.",
                "Joyful boys enjoy making noise down by the oyster boats.",
                "They say rain may come later today over the bay.",
                "Was that the last path past the dark barn?",
                "Please leave these three green seats near the sea.",
                "Her father caught a tall hawk and taught it to walk.")) {
            SimulatedVoice.Speech speech = SimulatedVoice.speak(text);
            Script script = Script.of(text);
            Timing timing = heldOut.read(speech.sound(), script, Progress.none());
            everyWordIsThere(script, timing);
            error = error.and(ReadingError.between(timing, speech.phones()));
        }
        assertTrue(error.signed().size() > 200);
        assertTrue(error.median() <= 0.007, error.toString());
        assertTrue(error.within(0.020) >= 0.925, error.toString());
    }

    /** Truth: phone ends printed by flite. Each voice is read by a network that never met it. Measured: median 5.9 ms, 88.5 %. */
    @Test
    void agreesWithHeldOutVoice() throws Exception {
        ReadingError error = new ReadingError(List.of());
        for (String name : List.of("awb-9", "awb-11", "awb-16", "slt-4", "slt-23")) {
            Script script = Script.of(Recordings.text(name + ".txt"));
            Timing timing = without(name.split("-")[0]).read(Recordings.sound(name), script, Progress.none());
            everyWordIsThere(script, timing);
            error = error.and(ReadingError.between(timing, Recordings.truth(name)));
        }
        assertTrue(error.median() <= 0.007, error.toString());
        assertTrue(error.within(0.020) >= 0.87, error.toString());
    }

    /**
     * Human speech, public domain (LibriVox). No phone truth exists, so plausibility is held against common practice: words
     * in order, 2 to 7 syllables a second, vowels louder than the closures of stops.
     */
    @ParameterizedTest
    @MethodSource("graykite.hearing.Recordings#humanSpeech")
    void readsHumanSpeech(String number, String words) throws Exception {
        Sound sound = Recordings.human(number);
        Script script = Script.of(words);
        Timing timing = reader.read(sound, script, Progress.none());
        everyWordIsThere(script, timing);
        Loudness loudness = Loudness.of(sound);
        List<Double> vowels = new ArrayList<>();
        List<Double> stops = new ArrayList<>();
        for (TimedWord word : timing.words()) {
            assertTrue(word.end() - word.start() > 0.03 && word.end() - word.start() < 1.3, word.text());
            for (TimedPhone phone : word.phones()) {
                double level = loudness.at(phone.range().middle());
                if (phone.phone().isVowel()) {
                    vowels.add(level);
                } else if (phone.phone().kind() == Phone.Kind.STOP && phone.length() > 0.04) {
                    stops.add(loudness.at(phone.start() + 0.02));
                }
            }
        }
        double spoken =
                timing.words().getLast().end() - timing.words().getFirst().start();
        assertTrue(
                vowels.size() / spoken > 2 && vowels.size() / spoken < 7,
                vowels.size() / spoken + " syllables a second");
        double vowelMean = vowels.stream().mapToDouble(d -> d).average().orElseThrow();
        double stopMean = stops.stream().mapToDouble(d -> d).average().orElse(-90);
        assertTrue(vowelMean > stopMean + 6, vowelMean + " dB in vowels, " + stopMean + " dB in closures");
    }

    /** As double consonants are, and words that are said with care: what follows the closure is not lost. In noise of -50 dB. */
    @ParameterizedTest
    @CsvSource({"bacon, 0.2", "bottle, 0.2", "bottle, 0.3", "two of the ferry boats, 0.2"})
    void aStopMayStayShutWithinItsWord(String text, double longer) {
        SimulatedVoice.Speech speech = SimulatedVoice.speak(text);
        List<SimulatedVoice.Said> phones = speech.phones();
        double shut = 0;
        double end = 0;
        for (int i = 1; i < phones.size(); i++) {
            SimulatedVoice.Said phone = phones.get(i);
            if (phone.phone().kind() == Phone.Kind.STOP
                    && phones.get(i - 1).phone().isVowel()) {
                shut = phone.start() + 0.01;
            }
            end = phone.phone() == Phone.SIL ? end : phone.end();
        }
        float[] said = speech.sound().mixed();
        int rate = speech.sound().rate();
        int at = (int) (shut * rate);
        int more = (int) (longer * rate);
        float[] samples = new float[said.length + more];
        System.arraycopy(said, 0, samples, 0, at);
        System.arraycopy(said, at, samples, at + more, said.length - at);
        Random noise = new Random(3);
        for (int i = 0; i < samples.length; i++) {
            samples[i] += (float) (0.003 * noise.nextGaussian());
        }
        Timing timing = reader.read(Sound.mono(samples, rate), Script.of(text), Progress.none());
        assertEquals(end + longer, timing.words().getLast().end(), 0.02);
    }

    @Test
    void ownPronunciationsAreUsed() {
        SimulatedVoice.Speech speech = SimulatedVoice.speak("fog");
        Pronunciation own = new Pronunciation(List.of(Phone.F, Phone.AA, Phone.G));
        Timing timing = reader.read(speech.sound(), Script.of("Bosun"), Map.of("bosun", own), Progress.none());
        assertEquals(
                own.phones(),
                timing.words().getFirst().phones().stream()
                        .map(TimedPhone::phone)
                        .toList());
    }

    @Test
    void wordsTheDictionaryLacksAreMarked() {
        SimulatedVoice.Speech speech = SimulatedVoice.speak("the tarpaulinish map");
        Timing timing = reader.read(speech.sound(), Script.of("the tarpaulinish map"), Progress.none());
        assertEquals(
                List.of(false, true, false),
                timing.words().stream().map(TimedWord::guessed).toList());
    }

    @Test
    void badInputIsNamed() {
        Sound tone = SimulatedVoice.speak("fog").sound();
        assertMessage("no words", () -> reader.read(tone, Script.of("..."), Progress.none()));
        assertMessage("silent", () -> reader.read(Sound.silence(2, 16_000), Script.of("fog"), Progress.none()));
        Script tooLong = Script.of("the fog bell rang before we moved the buoy ".repeat(6));
        assertMessage("too short", () -> reader.read(tone, tooLong, Progress.none()));
        assertThrows(BadInput.class, () -> SimulatedVoice.speak(""));
    }

    private static void assertMessage(String part, Runnable action) {
        BadInput failure = assertThrows(BadInput.class, action::run);
        assertTrue(failure.getMessage().contains(part), failure.getMessage());
    }

    @Test
    void cancelStops() {
        Sound sound = SimulatedVoice.speak("the fog bell rang before we moved the buoy")
                .sound();
        Progress cancelled = new Progress() {
            @Override
            public void at(double fraction) {}

            @Override
            public boolean cancelled() {
                return true;
            }
        };
        assertThrows(CancellationException.class, () -> reader.read(sound, Script.of("the fog bell rang"), cancelled));
    }

    @Test
    void otherRatesReadAlike() {
        SimulatedVoice.Speech speech = SimulatedVoice.speak("the fog bell rang");
        Script script = Script.of("the fog bell rang");
        Timing plain = reader.read(speech.sound(), script, Progress.none());
        Timing high = reader.read(speech.sound().at(48_000), script, Progress.none());
        for (int w = 0; w < plain.words().size(); w++) {
            assertEquals(plain.words().get(w).start(), high.words().get(w).start(), 0.025);
        }
    }
}
