package graykite.hearing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.reading.HeardPhone;
import graykite.text.Phone;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;

/** How well words fit, and which stretches of a line are heard anew, on phones laid out by hand. */
class WordFitTest {
    /** At best every frame is explained by nothing lost. */
    private static final double[] CEILING = new double[2000];

    /** A word of one phone that is so much below the best, a step of two frames. */
    private static List<HeardPhone> word(int index, int from, int frames, double below) {
        return List.of(new HeardPhone(index, 0, 0, Phone.AA, from, from + frames, -below * frames / 2));
    }

    @Test
    void howFarBelowTheBest() {
        assertEquals(3, WordFit.below(word(0, 100, 40, 3), CEILING), 1e-9);
        assertEquals(3, WordFit.below(word(0, 0, 40, 3), CEILING), 1e-9, "also at the very beginning");
        double[] rising = new double[200];
        for (int f = 0; f < rising.length; f++) {
            rising[f] = 0.5 * (f + 1);
        }
        // The best gains 20 over 40 frames, the word nothing: one a step.
        assertEquals(1, WordFit.below(word(0, 100, 40, 0), rising), 1e-9);
        List<HeardPhone> two =
                List.of(new HeardPhone(0, 0, 0, Phone.AA, 10, 20, -10), new HeardPhone(0, 0, 1, Phone.B, 20, 30, -20));
        assertEquals(3, WordFit.below(two, CEILING), 1e-9);
        assertTrue(WordFit.isSuspicious(word(0, 10, 40, 3.61), CEILING, Tongue.OWN, 0));
        assertFalse(WordFit.isSuspicious(word(0, 10, 40, 3.59), CEILING, Tongue.OWN, 0));
    }

    /** Half and half: a long word 4.1 below, a short one only when further, 1.3 beside strange sound, 7.5 in another language. */
    @Test
    void evenOdds() {
        assertEquals(0.5, WordFit.of(word(0, 10, 40, 4.1), CEILING, 0, false, Tongue.OWN), 1e-9);
        assertEquals(0.5, WordFit.of(word(0, 10, 160, 4.1), CEILING, 0, false, Tongue.OWN), 1e-9);
        // A quarter of the frames is half as certain: it counts half of what is beyond the usual 1.16.
        assertEquals(0.5, WordFit.of(word(0, 10, 10, 1.16 + 2 * (4.1 - 1.16)), CEILING, 0, false, Tongue.OWN), 1e-9);
        assertEquals(0.5, WordFit.of(word(0, 10, 40, 1.3), CEILING, 0, true, Tongue.OWN), 1e-9);
        assertEquals(0.5, WordFit.of(word(0, 10, 40, 6.5), CEILING, 0, false, Tongue.OTHER), 1e-9);
        // Half of what the whole line is strange by is forgiven.
        assertEquals(0.5, WordFit.of(word(0, 10, 40, 4.1 + 0.7), CEILING, 1.4, false, Tongue.OWN), 1e-9);
        assertEquals(1 / (1 + Math.E), WordFit.of(word(0, 10, 40, 4.9), CEILING, 0, false, Tongue.OWN), 1e-9);
    }

    private static double strangeness(double... below) {
        List<List<HeardPhone>> words = new ArrayList<>();
        for (int w = 0; w < below.length; w++) {
            words.add(word(w, 40 * w, 40, below[w]));
        }
        return Tongue.OWN.strangeness(words, CEILING);
    }

    @Test
    void aStrangeVoice() {
        assertEquals(1.4, strangeness(5, 1, 3, 2, 4), 1e-9, "the middle one of five is 3, usual are 1.6");
        assertEquals(0, strangeness(5, 1, 3, 4), 0, "four words tell nothing");
        assertEquals(0, strangeness(1, 1, 1.5, 1, 1), 0);
    }

    @Test
    void phonesOfWords() {
        List<HeardPhone> heard = List.of(
                phone(HeardPhone.PAUSE, 0, 10),
                phone(0, 10, 20),
                phone(0, 20, 30),
                phone(1, 30, 40),
                phone(HeardPhone.UNSCRIPTED, 40, 50),
                phone(2, 50, 60));
        assertEquals(List.of(heard.subList(1, 3), heard.subList(3, 4), heard.subList(5, 6)), WordFit.words(heard));
        assertEquals(List.of(), WordFit.words(List.of()));
        assertEquals(
                List.of(
                        heard.subList(0, 1),
                        heard.subList(1, 3),
                        heard.subList(3, 4),
                        heard.subList(4, 5),
                        heard.subList(5, 6)),
                WordFit.runs(heard));
    }

    private static HeardPhone phone(int word, int from, int to) {
        return new HeardPhone(word, 0, 0, Phone.AA, from, to, 0);
    }

    // --- stretches that are heard anew ---

    /** Words of 40 frames; those named are not believed. */
    private static List<Doubtful> doubtful(int count, Integer... wrong) {
        List<HeardPhone> heard = new ArrayList<>();
        for (int w = 0; w < count; w++) {
            heard.addAll(word(w, 40 * w, 40, Arrays.asList(wrong).contains(w) ? 5 : 1));
        }
        return Doubtful.in(new Aligner.Found(heard, List.of(), CEILING), 40 * count + 17, Tongue.OWN);
    }

    @Test
    void threeWordsOnEitherSideHoldOn() {
        assertEquals(List.of(), doubtful(20));
        assertEquals(List.of(new Doubtful(7, 13, 280, 560)), doubtful(20, 10));
        assertEquals(
                List.of(new Doubtful(0, 4, 0, 200), new Doubtful(16, 19, 640, 817)),
                doubtful(20, 1, 19),
                "to the very ends of the sound");
        assertEquals(List.of(new Doubtful(7, 20, 280, 840)), doubtful(30, 10, 17), "stretches that touch are one");
        assertEquals(List.of(new Doubtful(7, 13, 280, 560), new Doubtful(15, 21, 600, 880)), doubtful(30, 10, 18));
    }

    @Test
    void aLineThatIsHardlyBelievedIsHeardAnewAsAWhole() {
        assertEquals(List.of(new Doubtful(0, 15, 0, 657)), doubtful(16, 8), "sixteen words");
        assertEquals(List.of(new Doubtful(5, 11, 200, 480)), doubtful(17, 8));
        assertEquals(List.of(new Doubtful(0, 19, 0, 817)), doubtful(20, 4, 14), "fourteen of twenty");
    }

    /** A pause that lacks as much in all as only speech does is none: the words beside it are heard anew. */
    @Test
    void speechInAPauseIsHeardAnew() {
        for (int place = 0; place <= 20; place++) {
            List<HeardPhone> heard = new ArrayList<>();
            for (int w = 0; w < 20; w++) {
                int from = 40 * w + (w < place ? 0 : 60);
                heard.addAll(word(w, from, 40, 1));
            }
            heard.add(place, new HeardPhone(HeardPhone.PAUSE, 0, 0, Phone.SIL, 40 * place, 40 * place + 60, -116));
            List<Doubtful> stretches = Doubtful.in(new Aligner.Found(heard, List.of(), CEILING), 900, Tongue.OWN);
            assertEquals(1, stretches.size());
            Doubtful stretch = stretches.getFirst();
            assertTrue(stretch.from() <= 40 * place && stretch.to() >= 40 * place + 60, place + ": " + stretch);
            heard.set(place, new HeardPhone(HeardPhone.PAUSE, 0, 0, Phone.SIL, 40 * place, 40 * place + 60, -114));
            assertEquals(List.of(), Doubtful.in(new Aligner.Found(heard, List.of(), CEILING), 900, Tongue.OWN));
        }
    }

    @Test
    void whatIsHeardAnewTakesItsPlace() {
        List<HeardPhone> all = List.of(phone(0, 0, 40), phone(1, 40, 80), phone(2, 80, 120), phone(3, 120, 160));
        List<HeardPhone> anew = List.of(phone(0, 0, 30), phone(HeardPhone.UNSCRIPTED, 30, 50), phone(1, 50, 80));
        assertEquals(
                List.of(
                        phone(0, 0, 40),
                        phone(1, 40, 70),
                        phone(HeardPhone.UNSCRIPTED, 70, 90),
                        phone(2, 90, 120),
                        phone(3, 120, 160)),
                new Doubtful(1, 2, 40, 120).replaced(all, anew));
    }
}
