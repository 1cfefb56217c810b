package graykite.hearing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.base.Progress;
import graykite.reading.Doubt;
import graykite.reading.MissingWord;
import graykite.reading.TimedPhone;
import graykite.reading.TimedWord;
import graykite.reading.Timing;
import graykite.reading.WordSource;
import graykite.sound.Sound;
import graykite.text.Script;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** Scripts that do not say what the recording says, read with an ear that is asked about it. */
class SecondOpinionTest {
    private static final String SAID = "The yellow lantern swings above the wheelhouse door and nobody knows why.";
    private static Reader reader;
    private static Sound sound;
    private static Timing exact;

    @BeforeAll
    static void load() {
        reader = Reader.shipped();
        sound = SimulatedVoice.speak(SAID).sound();
        exact = reader.read(sound, Script.of(SAID), Progress.none());
    }

    /** An ear that hears one text in everything, and remembers how long each sound was that it was asked about. */
    private record Ear(String hears, List<Double> asked) implements TrainedEar {
        Ear(String hears) {
            this(hears, new ArrayList<>());
        }

        @Override
        public Optional<Script> words(Sound heard, Progress progress) {
            asked.add(heard.duration());
            return Optional.of(Script.of(hears)).filter(s -> !s.isEmpty());
        }
    }

    private static Timing read(String script, String heard) {
        return reader.with(new Ear(heard)).read(sound, Script.of(script), Progress.none());
    }

    private static List<String> texts(Timing timing) {
        return timing.words().stream()
                .map(w -> w.source() == WordSource.SOUND ? "(" + w.text() + ")" : w.text())
                .toList();
    }

    private static List<String> missing(Timing timing) {
        return timing.missing().stream().map(MissingWord::text).toList();
    }

    /** Every word lies where the exact script has it, whether the wrong one has it or not. */
    private static void keepsEveryPlace(Timing timing) {
        assertEquals(exact.words().size(), timing.words().size(), texts(timing).toString());
        for (int w = 0; w < exact.words().size(); w++) {
            assertEquals(exact.words().get(w).start(), timing.words().get(w).start(), 0.03, "start of word " + w);
            assertEquals(exact.words().get(w).end(), timing.words().get(w).end(), 0.03, "end of word " + w);
        }
    }

    @Test
    void whatTheScriptLacksIsHeardByName() {
        Timing timing = read(SAID.replace("wheelhouse ", ""), SAID);
        assertEquals("(wheelhouse)", texts(timing).get(6));
        assertEquals(List.of(), missing(timing));
        keepsEveryPlace(timing);
        assertEquals(
                List.of(Doubt.Reason.UNSCRIPTED),
                Doubt.of(timing).stream().map(Doubt::reason).toList());
    }

    @Test
    void anotherWordIsToldFromTheOneThatWasSaid() {
        Timing timing =
                read(SAID.replace("yellow lantern", "Mississippi lantern").replace("nobody", "everyone"), SAID);
        assertEquals(List.of("Mississippi", "everyone"), missing(timing));
        assertEquals("(yellow)", texts(timing).get(1));
        assertEquals("(nobody)", texts(timing).get(9));
        keepsEveryPlace(timing);
    }

    @Test
    void aWordThatWasNotSaidIsMissing() {
        Timing timing = read(SAID.replace("swings", "swings majestically"), SAID);
        assertEquals(List.of("majestically"), missing(timing));
        keepsEveryPlace(timing);
    }

    /** Names above all are heard as other words: what the sound has is what is written. */
    @Test
    void anEarThatMishearsDoesNotConvince() {
        String script = SAID.replace("swings", "swings majestically");
        Timing timing = read(script, SAID.replace("lantern", "pattern").replace("wheelhouse", "real horse"));
        assertEquals(List.of("majestically"), missing(timing));
        assertTrue(
                texts(timing).containsAll(List.of("lantern", "wheelhouse")),
                texts(timing).toString());
        keepsEveryPlace(timing);
        String nonsense = "Sugar prices fell again because nobody bought chocolate cake during winter months";
        assertEquals(reader.read(sound, Script.of(script), Progress.none()), read(script, nonsense));
    }

    @Test
    void whatIsWrittenInAnotherWayIsTheSame() {
        Timing timing = read(
                SAID.replace("swings", "swings majestically"),
                SAID.replace("wheelhouse", "wheel house").replace("knows", "nose"));
        assertTrue(
                texts(timing).containsAll(List.of("wheelhouse", "knows")),
                texts(timing).toString());
        keepsEveryPlace(timing);
    }

    /** Letters tell little of "xray", and the ear what it is. */
    @Test
    void anUnknownWordIsSaidAsItIsHeard() {
        Sound ray = SimulatedVoice.speak("bring the x ray to the captain").sound();
        Script script = Script.of("bring the xray to the captain");
        Timing timing = reader.with(new Ear("bring the X-ray to the captain")).read(ray, script, Progress.none());
        TimedWord word = timing.words().get(2);
        assertEquals("xray", word.text());
        assertEquals(
                "EH K S R EY",
                String.join(
                        " ",
                        word.phones().stream()
                                .map(TimedPhone::phone)
                                .map(Enum::name)
                                .toList()));
        assertEquals(WordSource.LETTERS, word.source(), "it is still unknown");
    }

    /** The unknown word is told from what was heard before it, even where the script begins with it. */
    @Test
    void anUnknownWordIsToldFromItsNeighbours() {
        Sound ray = SimulatedVoice.speak("bring the x ray to the captain").sound();
        Ear ear = new Ear("bring the X-ray to the captain");
        Timing timing = reader.with(ear).read(ray, Script.of("xray to the captain"), Progress.none());
        assertEquals(List.of("(bring)", "(the)", "xray", "to", "the", "captain"), texts(timing));
        Timing likely = read(SAID.replace("The yellow lantern", "lantyrn"), SAID);
        assertEquals(
                List.of("(The)", "(yellow)", "lantyrn", "swings"), texts(likely).subList(0, 4));
    }

    /** Words left out, added and exchanged by chance, in the script and by the ear: of each word of the script it is said whether it was found, in order. */
    @Test
    void everyWordOfTheScriptIsFoundOrMissing() {
        SplittableRandom random = new SplittableRandom(6);
        for (int i = 0; i < 25; i++) {
            String script = spoilt(random);
            String heard = spoilt(random);
            Timing timing = read(script, heard);
            List<String> written = Script.of(script).written();
            String told = "\"" + script + "\" heard as \"" + heard + "\"";
            assertEquals(written, Script.of(timing.text()).written(), told);
            assertEquals(
                    written.size(), timing.scripted().size() + timing.missing().size(), told);
        }
    }

    private static String spoilt(SplittableRandom random) {
        List<String> others = List.of("gull", "xray", "sees", "hatch", "twice", "bartle");
        StringBuilder text = new StringBuilder();
        for (String word : Script.of(SAID).written()) {
            String other = others.get(random.nextInt(others.size()));
            switch (random.nextInt(8)) {
                case 0 -> {}
                case 1 -> text.append(' ').append(other);
                case 2 -> text.append(' ').append(word).append(' ').append(other);
                default -> text.append(' ').append(word);
            }
        }
        return text.toString().strip();
    }

    @Test
    void nothingIsAskedWhereNothingIsDoubted() {
        Ear ear = new Ear(SAID);
        reader.with(ear).read(sound, Script.of(SAID.replace("wheelhouse", "wheel house")), Progress.none());
        assertEquals(List.of(), ear.asked);
    }

    /** What was set by hand is nobody else's to hear. */
    @Test
    void wordsThatWereSetByHandAreNotAskedAbout() {
        Timing pinned =
                exact.withStart(2, 2, exact.words().get(2).phones().get(2).start() + 0.02);
        Ear ear = new Ear(SAID);
        Script script = Script.of(SAID.replace("wheelhouse ", ""));
        reader.with(ear).reread(sound, script, Map.of(), pinned, Progress.none());
        assertEquals(List.of(), ear.asked);
        reader.with(ear).read(sound, script, Progress.none());
        assertEquals(List.of(sound.duration()), ear.asked);
    }

    /** Of a long recording the ear hears the stretch in question, and a minute at most. */
    @Test
    void onlyAStretchIsAskedAbout() {
        Ear ear = new Ear("one two");
        Sound long61 = Sound.mono(new float[61 * 16_000], 16_000);
        EarWords words = new EarWords(
                ear,
                long61,
                script -> script.words().stream()
                        .map(w -> reader.pronouncer().choice(w, Map.of()))
                        .toList());
        assertEquals(2, words.between(2000, 2400, Progress.none()).size());
        assertEquals(2.1, ear.asked.getFirst(), 1e-3, "ten to twelve seconds and a little on either side");
        assertEquals(2, words.between(0, 200, Progress.none()).size());
        assertEquals(1.05, ear.asked.get(1), 1e-3, "nothing lies before the beginning");
        assertEquals(List.of(), words.between(0, 61 * 200, Progress.none()));
        assertEquals(2, ear.asked.size());
        assertEquals(List.of(), new EarWords(new Ear(""), long61, s -> List.of()).between(0, 200, Progress.none()));
    }

    /** In a long line the words far from the doubt are not heard again, and the ear is asked about its surroundings alone. */
    @Test
    void theRestOfALongLineStaysAsItIs() {
        String said = "The yellow lantern swings above the kitchen door and nobody knows why.";
        Sound once = SimulatedVoice.speak(said).sound();
        Sound twice = Sound.together(List.of(once, once), List.of(0.0, once.duration()));
        Script wrong = Script.of(said + " " + said.replace("kitchen ", ""));
        Ear ear = new Ear("lantern swings above the kitchen door and nobody knows");
        Timing timing = reader.with(ear).read(twice, wrong, Progress.none());
        Timing alone = reader.read(twice, wrong, Progress.none());
        assertEquals(1, ear.asked.size());
        assertTrue(ear.asked.getFirst() < 0.9 * once.duration(), ear.asked + " of " + once.duration() + " s");
        assertEquals("(kitchen)", texts(timing).get(18));
        assertEquals(alone.words().subList(0, 12), timing.words().subList(0, 12));
    }
}
