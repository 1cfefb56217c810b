package graykite.hearing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.reading.HeardPhone;
import graykite.reading.TimedWord;
import graykite.reading.Timing;
import graykite.reading.WordSource;
import graykite.text.Phone;
import graykite.text.Pronunciation;
import graykite.text.Script;
import graykite.text.WordChoice;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** What becomes of what the search heard, on phones laid out by hand; frames last 5 ms. */
class HeardTest {
    private static final int PAUSE = HeardPhone.PAUSE;
    private static final int UNKNOWN = HeardPhone.UNSCRIPTED;

    private static HeardPhone phone(int word, Phone phone, int from, int to) {
        return new HeardPhone(word, 0, 0, phone, from, to, 0);
    }

    private static List<WordChoice> script(String words) {
        return Script.of(words).words().stream()
                .map(w -> new WordChoice(
                        w,
                        List.of(new Pronunciation(List.of(Phone.AH))),
                        w.written().equals("odd")))
                .toList();
    }

    private static List<HeardPhone> tidy(List<HeardPhone> words, HeardPhone... loop) {
        return HeardWords.tidy(new Aligner.Found(words, List.of(loop), new double[0]));
    }

    private static String told(List<HeardPhone> heard) {
        StringBuilder told = new StringBuilder();
        for (HeardPhone p : heard) {
            told.append(p.word())
                    .append(p.phone())
                    .append(p.startFrame())
                    .append('-')
                    .append(p.endFrame())
                    .append(' ');
        }
        return told.toString().strip();
    }

    @Test
    void aStretchThatIsNotScriptedBecomesThePhonesInIt() {
        List<HeardPhone> words =
                List.of(phone(0, Phone.AH, 0, 20), phone(UNKNOWN, Phone.SIL, 20, 60), phone(1, Phone.AH, 60, 90));
        assertEquals(
                "0AH0-20 -2F20-35 -2OW35-60 1AH60-90",
                told(tidy(
                        words,
                        phone(UNKNOWN, Phone.S, 0, 18),
                        phone(UNKNOWN, Phone.F, 18, 35),
                        phone(UNKNOWN, Phone.OW, 35, 58),
                        // Two frames of it lie in the stretch: too few to be heard there.
                        phone(UNKNOWN, Phone.T, 58, 70))));
    }

    @Test
    void aStretchOfSilenceIsAPauseAndJoinsOthers() {
        List<HeardPhone> words = List.of(
                phone(0, Phone.AH, 0, 20),
                phone(PAUSE, Phone.SIL, 20, 30),
                phone(UNKNOWN, Phone.SIL, 30, 60),
                phone(1, Phone.AH, 60, 90));
        assertEquals("0AH0-20 -1SIL20-60 1AH60-90", told(tidy(words, phone(UNKNOWN, Phone.SIL, 25, 65))));
    }

    /** Less than 70 ms is no word: it belongs to the sound before it, and is a pause at the ends of the line. */
    @Test
    void aMomentIsGivenToItsNeighbour() {
        HeardPhone fog = phone(UNKNOWN, Phone.OW, 0, 200);
        assertEquals(
                "0AH0-33 1AH33-90",
                told(tidy(
                        List.of(
                                phone(0, Phone.AH, 0, 20),
                                phone(UNKNOWN, Phone.SIL, 20, 33),
                                phone(1, Phone.AH, 33, 90)),
                        fog)));
        assertEquals(
                "-1SIL0-13 0AH13-90 -1SIL90-100",
                told(tidy(
                        List.of(
                                phone(UNKNOWN, Phone.SIL, 0, 13),
                                phone(0, Phone.AH, 13, 90),
                                phone(UNKNOWN, Phone.SIL, 90, 100)),
                        fog)));
        assertEquals(
                "-2OW0-14 0AH14-90",
                told(tidy(List.of(phone(UNKNOWN, Phone.SIL, 0, 14), phone(0, Phone.AH, 14, 90)), fog)));
    }

    @Test
    void whatWasSaidIsAScriptOfItsOwn() {
        List<HeardPhone> heard = List.of(
                phone(PAUSE, Phone.SIL, 0, 5),
                phone(1, Phone.AH, 5, 9),
                phone(UNKNOWN, Phone.F, 9, 12),
                phone(UNKNOWN, Phone.OW, 12, 20),
                phone(2, Phone.AH, 20, 30));
        Said said = Said.of(heard, script("the fog bell"), ShortWords.ALL);
        assertEquals(List.of(1, UNKNOWN, 2), said.original());
        assertEquals("fog", said.choices().get(0).word().written());
        assertEquals(TimedWord.UNSCRIPTED, said.choices().get(1).word().written());
        assertEquals("F OW", said.choices().get(1).pronunciations().getFirst().toString());
        assertTrue(
                said.choices().get(1).pronunciations().containsAll(ShortWords.ALL), "or it is one of the short words");
        Said elsewhere = Said.of(heard, script("the fog bell"), List.of());
        assertEquals(1, elsewhere.choices().get(1).pronunciations().size(), "no English words in another language");
        List<HeardPhone> again = List.of(
                phone(0, Phone.AH, 5, 9),
                phone(1, Phone.F, 9, 12),
                phone(PAUSE, Phone.SIL, 12, 20),
                phone(2, Phone.AH, 20, 30));
        assertEquals("1AH5-9 -2F9-12 -1SIL12-20 2AH20-30", told(said.restored(again)));
    }

    @Test
    void aReadingIsMadeOfIt() {
        List<HeardPhone> heard = List.of(
                phone(PAUSE, Phone.SIL, 0, 20),
                phone(1, Phone.F, 20, 30),
                phone(1, Phone.OW, 30, 50),
                phone(UNKNOWN, Phone.Z, 50, 70),
                phone(3, Phone.AH, 70, 90));
        double[] times = {0, 0.101, 0.149, 0.252, 0.35, 0.45};
        double[] ceiling = new double[90];
        Timing timing = new HeardTiming(heard, times, script("the odd old bell, rang"), ceiling).timing(0.5);
        assertEquals(
                List.of("odd", TimedWord.UNSCRIPTED, "bell"),
                timing.words().stream().map(TimedWord::text).toList());
        assertEquals(
                List.of(WordSource.LETTERS, WordSource.SOUND, WordSource.DICTIONARY),
                timing.words().stream().map(TimedWord::source).toList());
        assertEquals(0.101, timing.words().get(0).start());
        assertEquals(0.149, timing.words().get(0).phones().get(0).end());
        assertEquals(0.252, timing.words().get(0).end());
        assertEquals(",", timing.words().get(2).mark());
        assertEquals(
                List.of("the0", "old2", "rang3"),
                timing.missing().stream().map(m -> m.text() + m.before()).toList());
        assertEquals(0.5, timing.duration());
        assertEquals(0, timing.words().get(1).fit());
        // As likely as anything could be, for 30 of the 40 frames that make a word certain, beside sound that nothing
        // explains.
        double below = 1.16 - Math.sqrt(30 / 40.0) * 1.16;
        assertEquals(
                1 / (1 + Math.exp((below - 4.1 + 2.8) / 0.8)),
                timing.words().get(0).fit(),
                1e-9);
    }

    // --- how well a word fits ----------------------------------------------------------------------------------------

    /** A word of 40 frames (20 steps of 10 ms), each step so much less likely than the best. */
    private static List<HeardPhone> below(int word, double perStep, int from) {
        return List.of(new HeardPhone(word, 0, 0, Phone.AH, from, from + 40, -20 * perStep));
    }

    @Test
    void fitIsTheDistanceToTheBestAStep() {
        double[] flat = new double[400];
        assertEquals(4.1, WordFit.below(below(0, 4.1, 0), flat), 1e-9);
        assertEquals(0.5, WordFit.of(below(0, 4.1, 100), flat, 0, false, Tongue.OWN), 1e-9, "as likely right as wrong");
        assertEquals(1 / (1 + Math.exp(-2.5)), WordFit.of(below(0, 2.1, 100), flat, 0, false, Tongue.OWN), 1e-9);
        assertEquals(
                0.5,
                WordFit.of(below(0, 1.3, 100), flat, 0, true, Tongue.OWN),
                1e-9,
                "beside sound that nothing explains");
        assertEquals(0.5, WordFit.of(below(0, 6.5, 100), flat, 0, true, Tongue.OTHER), 1e-9);
        assertEquals(
                0.5,
                WordFit.of(below(0, 5.1, 100), flat, 2, false, Tongue.OWN),
                1e-9,
                "half of a strange voice is forgiven");
        assertFalse(WordFit.isSuspicious(below(0, 3.5, 0), flat, Tongue.OWN, 0));
        assertTrue(WordFit.isSuspicious(below(0, 3.7, 0), flat, Tongue.OWN, 0));
        assertFalse(WordFit.isSuspicious(below(0, 5.4, 0), flat, Tongue.OTHER, 0), "more is amiss in another language");
        assertTrue(WordFit.isSuspicious(below(0, 5.6, 0), flat, Tongue.OTHER, 0));
        double[] rising =
                IntStream.range(0, 400).mapToDouble(f -> 2.0 * (f + 1)).toArray();
        assertEquals(4 + 1.5, WordFit.below(below(0, 1.5, 0), rising), 1e-9);
        assertEquals(4 + 1.5, WordFit.below(below(0, 1.5, 200), rising), 1e-9);
    }

    /** What a quarter of the frames show counts by half. */
    @Test
    void shortWordsShowLess() {
        double[] flat = new double[100];
        List<HeardPhone> brief = List.of(new HeardPhone(0, 0, 0, Phone.AH, 0, 10, -5 * 7.16));
        double expected = 1.16 + 0.5 * (7.16 - 1.16);
        assertEquals(1 / (1 + Math.exp((expected - 4.1) / 0.8)), WordFit.of(brief, flat, 0, false, Tongue.OWN), 1e-9);
    }

    @Test
    void aStrangeVoiceIsToldByTheMiddleOfItsWords() {
        double[] flat = new double[400];
        List<List<HeardPhone>> five = new ArrayList<>();
        for (double d : new double[] {9, 0, 3.6, 1, 8}) {
            five.add(below(five.size(), d, 40 * five.size()));
        }
        assertEquals(2, Tongue.OWN.strangeness(five, flat), 1e-9);
        assertEquals(0, Tongue.OWN.strangeness(five.subList(0, 4), flat), "four words tell nothing");
    }

    /** Words of another language that fit worse throughout are not all doubted. */
    @Test
    void aLineOfAnotherLanguageIsForgivenWhatIsUnusual() {
        double[] flat = new double[400];
        List<List<HeardPhone>> three = List.of(below(0, 4.3, 0), below(1, 9, 40), below(2, 1, 80));
        assertEquals(1, Tongue.OTHER.allowance(three, flat), 1e-9);
        assertEquals(0, Tongue.OTHER.allowance(three.subList(0, 2), flat), "two words tell nothing");
        assertEquals(0, Tongue.OWN.allowance(three, flat));
        assertFalse(WordFit.isSuspicious(below(0, 6.4, 0), flat, Tongue.OTHER, 1));
        assertTrue(WordFit.isSuspicious(below(0, 6.6, 0), flat, Tongue.OTHER, 1));
        List<HeardPhone> heard = new ArrayList<>();
        for (int w = 0; w < 30; w++) {
            heard.addAll(below(w, w == 10 ? 9 : 6, 40 * w));
        }
        Aligner.Found strange = new Aligner.Found(heard, List.of(), new double[1200]);
        assertEquals(List.of(new Doubtful(7, 13, 280, 560)), Doubtful.in(strange, 1200, Tongue.OTHER));
        assertEquals(List.of(new Doubtful(0, 29, 0, 1200)), Doubtful.in(strange, 1200, Tongue.OWN));
    }

    // --- what is heard again -----------------------------------------------------------------------------------------

    private static Aligner.Found line(int words, Integer... doubted) {
        List<HeardPhone> heard = new ArrayList<>();
        for (int w = 0; w < words; w++) {
            heard.addAll(below(w, Arrays.asList(doubted).contains(w) ? 9 : 1, 40 * w));
        }
        return new Aligner.Found(heard, List.of(), new double[40 * words]);
    }

    /** Three believable words on each side are held on to; stretches that touch are one. */
    @Test
    void doubtfulStretches() {
        assertEquals(List.of(), Doubtful.in(line(30), 1200, Tongue.OWN));
        assertEquals(List.of(new Doubtful(7, 13, 280, 560)), Doubtful.in(line(30, 10), 1200, Tongue.OWN));
        assertEquals(List.of(new Doubtful(0, 4, 0, 200)), Doubtful.in(line(30, 1), 1200, Tongue.OWN));
        assertEquals(List.of(new Doubtful(26, 29, 1040, 1210)), Doubtful.in(line(30, 29), 1210, Tongue.OWN));
        assertEquals(
                List.of(new Doubtful(2, 8, 80, 360), new Doubtful(22, 28, 880, 1160)),
                Doubtful.in(line(30, 5, 25), 1200, Tongue.OWN));
        assertEquals(List.of(new Doubtful(2, 15, 80, 640)), Doubtful.in(line(30, 5, 12), 1200, Tongue.OWN));
        assertEquals(
                List.of(new Doubtful(0, 29, 0, 1200)),
                Doubtful.in(line(30, 4, 13, 22), 1200, Tongue.OWN),
                "more than half");
        assertEquals(
                List.of(new Doubtful(0, 15, 0, 640)),
                Doubtful.in(line(16, 8), 640, Tongue.OWN),
                "a short line as a whole");
        assertEquals(List.of(new Doubtful(5, 11, 200, 480)), Doubtful.in(line(17, 8), 680, Tongue.OWN));
    }

    @Test
    void whatIsHeardAgainTakesItsPlace() {
        List<HeardPhone> all = line(5).words();
        List<HeardPhone> anew =
                List.of(phone(0, Phone.B, 0, 30), phone(PAUSE, Phone.SIL, 30, 40), phone(1, Phone.D, 40, 80));
        assertEquals(
                "0AH0-40 1B40-70 -1SIL70-80 2D80-120 3AH120-160 4AH160-200",
                told(new Doubtful(1, 2, 40, 120).replaced(all, anew)));
    }
}
