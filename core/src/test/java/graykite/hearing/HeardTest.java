package graykite.hearing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.reading.HeardPhone;
import graykite.reading.Pins;
import graykite.reading.TimedWord;
import graykite.reading.Timing;
import graykite.reading.WordSource;
import graykite.text.Phone;
import graykite.text.Pronunciation;
import graykite.text.Script;
import graykite.text.WordChoice;
import java.util.List;
import java.util.Map;
import java.util.Set;
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

    /** What an ear heard beside the script are words of their own, the rest of it stays one. */
    @Test
    void whatAnEarHeardIsWrittenWhereItBegins() {
        List<HeardPhone> heard = List.of(
                phone(UNKNOWN, Phone.Z, 0, 10),
                phone(UNKNOWN, Phone.F, 10, 20),
                phone(UNKNOWN, Phone.AO, 20, 30),
                phone(UNKNOWN, Phone.B, 30, 40),
                phone(0, Phone.R, 40, 50));
        double[] times = {0, 0.1, 0.2, 0.3, 0.4, 0.5};
        Map<Integer, String> texts = Map.of(10, "fog", 30, "bell");
        List<WordChoice> script = script("rang");
        Timing timing = new HeardTiming(heard, times, script, Map.of(0, 0.9), texts, Pins.none()).timing(0.5);
        assertEquals(
                List.of(TimedWord.UNSCRIPTED, "fog", "bell", "rang"),
                timing.words().stream().map(TimedWord::text).toList());
        assertEquals(2, timing.words().get(1).phones().size());
        assertEquals("rang", timing.text(), "none of them is in the script");
    }

    /** All of it as words to be found again, with the sounds that were heard where no script has them. */
    @Test
    void allThatWasHeardIsAScriptOfItsOwn() {
        List<HeardPhone> heard = List.of(
                phone(UNKNOWN, Phone.Z, 0, 10),
                phone(UNKNOWN, Phone.F, 10, 20),
                phone(PAUSE, Phone.SIL, 20, 40),
                phone(1, Phone.R, 40, 50));
        ByEar ear = new ByEar(Set.of(), Map.of(10, "if"));
        Said all = Said.all(new ScriptSearch.Heard(heard, new double[50], ear), script("bell rang"));
        assertEquals(List.of(UNKNOWN, UNKNOWN, 1), all.original());
        assertEquals(
                List.of(TimedWord.UNSCRIPTED, "if", "rang"),
                all.choices().stream().map(c -> c.word().written()).toList());
        assertEquals("F", all.choices().get(1).pronunciations().getFirst().toString());
    }

    @Test
    void partsOfWhatWasSaid() {
        List<WordChoice> words = script("the fog bell rang");
        Said said = new Said(words, List.of(0, UNKNOWN, 3, UNKNOWN));
        assertEquals(List.of(UNKNOWN), said.between(1, 3).original(), "what was heard instead of the first two");
        assertEquals(List.of(UNKNOWN, 3, UNKNOWN), said.between(1, 4).original());
        assertEquals(List.of(UNKNOWN), said.between(4, 4).original(), "and behind the last");
        assertEquals(List.of(), said.between(0, 0).original());
        assertEquals(
                List.of(), said.between(2, 3).original(), "the word before was not said, so nobody knows whose it is");
        assertEquals(List.of(), said.between(1, 2).original(), "nor the word after");
        Said bell = new Said(words.subList(2, 3), List.of(3));
        assertEquals(said, said.between(0, 3).then(bell).then(said.between(4, 4)));
        assertEquals(said, said.between(0, 4).then(Said.nothing()));
        List<HeardPhone> heard = List.of(
                phone(0, Phone.DH, 0, 5),
                phone(1, Phone.F, 5, 8),
                phone(1, Phone.AO, 8, 12),
                phone(2, Phone.R, 12, 20));
        assertEquals(Map.of(5, "fog"), said.texts(heard));
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
        List<WordChoice> script = script("the odd old bell, rang");
        LineFit line = new LineFit(heard, new double[90], Tongue.OWN);
        Map<Integer, Double> fits = line.words(heard, script.size(), Set.of(3));
        assertTrue(fits.get(1) < fits.get(3), "an ear confirms one");
        Timing timing = new HeardTiming(heard, times, script, fits, Map.of(), Pins.none()).timing(0.5);
        assertEquals(fits.get(3), timing.words().get(2).fit());
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
        // As likely as anything could be, for 30 of the 40 frames that make a word certain.
        double below = 1.16 - Math.sqrt(30 / 40.0) * 1.16;
        assertEquals(
                1 / (1 + Math.exp((below - 4.1) / 0.8)), timing.words().get(0).fit(), 1e-9);
    }

    /** As above, where no word is missing between the two: the first of them fits worse, and answers for what is said between. */
    @Test
    void theWordBesideUnexplainedSoundFitsLessWell() {
        List<HeardPhone> heard = List.of(
                phone(0, Phone.F, 0, 10),
                phone(0, Phone.OW, 10, 30),
                phone(UNKNOWN, Phone.Z, 30, 50),
                phone(1, Phone.AH, 50, 90));
        Map<Integer, Double> fits = new LineFit(heard, new double[90], Tongue.OWN).words(heard, 2, Set.of());
        double below = 1.16 - Math.sqrt(30 / 40.0) * 1.16;
        assertEquals(1 / (1 + Math.exp((below - 4.1 + 2.8) / 0.8)), fits.get(0), 1e-9);
        assertEquals(1 / (1 + Math.exp(-4.1 / 0.8)), fits.get(1), 1e-9);
    }
}
