package graykite.hearing;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.reading.HeardPhone;
import graykite.text.Phone;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;

/** How well the words of a line fit, and which stretches of it are heard anew, on phones laid out by hand. */
class LineFitTest {
    /** At best every frame is explained by nothing lost. */
    private static final double[] CEILING = new double[2000];

    /** A word of one phone that is so much below the best, a step of two frames. */
    private static List<HeardPhone> word(int index, int from, int frames, double below) {
        return List.of(new HeardPhone(index, 0, 0, Phone.AA, from, from + frames, -below * frames / 2));
    }

    @Test
    void howFarBelowTheBest() {
        assertEquals(3, PhoneRuns.below(word(0, 100, 40, 3), CEILING), 1e-9);
        assertEquals(3, PhoneRuns.below(word(0, 0, 40, 3), CEILING), 1e-9, "also at the very beginning");
        double[] rising = new double[200];
        for (int f = 0; f < rising.length; f++) {
            rising[f] = 0.5 * (f + 1);
        }
        // The best gains 20 over 40 frames, the word nothing: one a step.
        assertEquals(1, PhoneRuns.below(word(0, 100, 40, 0), rising), 1e-9);
        List<HeardPhone> two =
                List.of(new HeardPhone(0, 0, 0, Phone.AA, 10, 20, -10), new HeardPhone(0, 0, 1, Phone.B, 20, 30, -20));
        assertEquals(3, PhoneRuns.below(two, CEILING), 1e-9);
    }

    private static LineFit line(Tongue tongue, List<List<HeardPhone>> words) {
        return new LineFit(words.stream().flatMap(List::stream).toList(), CEILING, tongue);
    }

    private static double fit(List<HeardPhone> word, boolean beside) {
        return line(Tongue.OWN, List.of(word)).of(word, beside, false);
    }

    /** Half and half: a long word 4.1 below, a short one only when further, 1.3 beside strange sound. */
    @Test
    void evenOdds() {
        assertEquals(0.5, fit(word(0, 10, 40, 4.1), false), 1e-9);
        assertEquals(0.5, fit(word(0, 10, 160, 4.1), false), 1e-9);
        // A quarter of the frames is half as certain: it counts half of what is beyond the usual 1.16.
        assertEquals(0.5, fit(word(0, 10, 10, 1.16 + 2 * (4.1 - 1.16)), false), 1e-9);
        assertEquals(0.5, fit(word(0, 10, 40, 1.3), true), 1e-9);
        assertEquals(1 / (1 + Math.E), fit(word(0, 10, 40, 4.9), false), 1e-9);
    }

    /** Whose word an ear heard too is doubted no sooner than when it is 2.4 further below. */
    @Test
    void whatIsHeardTwiceIsBelievedSooner() {
        List<HeardPhone> word = word(0, 10, 40, 6.5);
        LineFit line = line(Tongue.OWN, List.of(word));
        assertEquals(1 / (1 + Math.exp(3)), line.of(word, false, false), 1e-9);
        assertEquals(0.5, line.of(word, false, true), 1e-9);
    }

    /** Words of so many frames, each so far below the best. */
    private static List<List<HeardPhone>> words(double... below) {
        List<List<HeardPhone>> words = new ArrayList<>();
        for (double b : below) {
            words.add(word(words.size(), 40 * words.size(), 40, b));
        }
        return words;
    }

    @Test
    void halfOfWhatTheLineIsStrangeByIsForgiven() {
        List<List<HeardPhone>> five = words(3, 3, 3, 3, 4.1 + 0.7);
        assertEquals(0.5, line(Tongue.OWN, five).of(five.getLast(), false, false), 1e-9, "1.4 above the usual 1.6");
        assertEquals(4.1, line(Tongue.OWN, five).signs(five.getLast()).below(), 1e-9);
        assertEquals(0, line(Tongue.OWN, five).allowance(), "but it is asked all the same whether they were said");
        List<List<HeardPhone>> three = words(4.3, 9, 1);
        assertEquals(1, line(Tongue.OTHER, three).allowance(), 1e-9);
        assertEquals(0, line(Tongue.OTHER, three.subList(0, 2)).allowance(), 1e-9, "two words tell nothing");
    }

    @Test
    void fromWhenOnAWordIsAskedFor() {
        LineFit own = line(Tongue.OWN, words(1, 1, 1));
        assertTrue(own.isSuspicious(word(0, 10, 40, 3.61)));
        assertFalse(own.isSuspicious(word(0, 10, 40, 3.59)));
        LineFit other = line(Tongue.OTHER, words(1, 1, 1));
        assertTrue(other.isSuspicious(word(0, 10, 40, 4.81)));
        assertFalse(other.isSuspicious(word(0, 10, 40, 4.79)), "more is amiss in another language");
        LineFit strange = line(Tongue.OTHER, words(4.3, 4.3, 4.3));
        assertTrue(strange.isSuspicious(word(0, 10, 40, 5.81)));
        assertFalse(strange.isSuspicious(word(0, 10, 40, 5.79)), "and in a strange voice");
    }

    /** A word of phones with so many frames each. */
    private static List<HeardPhone> phones(int word, int from, int... frames) {
        List<HeardPhone> phones = new ArrayList<>();
        int at = from;
        for (int f : frames) {
            phones.add(new HeardPhone(word, 0, phones.size(), Phone.AA, at, at + f, 0));
            at += f;
        }
        return phones;
    }

    /** Of 16 other phones of the line 5 are brief, and of 20 that are known of any line 3: 8 of 36. */
    @Test
    void wordsThatAreSqueezedBeyondWhatTheLineIs() {
        List<List<HeardPhone>> words =
                List.of(phones(0, 0, 6, 6, 6, 7), phones(1, 25, 6, 6, 6, 6, 6, 8, 8, 8, 8, 8, 8, 8, 8, 8, 8, 8));
        LineFit line = line(Tongue.OTHER, words);
        assertEquals((3 - 4 * 8 / 36.0) / 2, line.signs(words.getFirst()).squeezed(), 1e-9);
        assertEquals(
                (5 - 16 * 6 / 24.0) / 4, line.signs(words.getLast()).squeezed(), 1e-9, "3 of 4 phones, and 3 of 20");
        assertEquals(Math.sqrt(25 / 40.0), line.signs(words.getFirst()).certainty(), 1e-9);
        assertTrue(
                line.of(words.getFirst(), false, false) < line.of(words.getLast(), false, false),
                "in another language it counts");
        LineFit own = line(Tongue.OWN, words);
        double below = 1.16 - Math.sqrt(25 / 40.0) * 1.16;
        assertEquals(
                1 / (1 + Math.exp((below - 4.1) / 0.8)),
                own.of(words.getFirst(), false, false),
                1e-9,
                "in the own one not");
    }

    @Test
    void aWordThatMuchSpeaksAgainstIsPassedOverMoreEasily() {
        List<List<HeardPhone>> words = words(3, 4, 5, 9);
        double[] other = Looseness.of(line(Tongue.OTHER, words), words).missing();
        assertTrue(other[0] < other[1] && other[1] < other[2] && other[2] < other[3], Arrays.toString(other));
        // 15 for each unit of evidence, of which not more than 1.5 is believed.
        List<List<HeardPhone>> sure = words(0, 0, 0, 90);
        double[] most = Looseness.of(line(Tongue.OTHER, sure), sure).missing();
        assertArrayEquals(new double[] {-70.5, -70.5, -70.5, -25.5}, most, 1e-9);
        double[] own = Looseness.of(line(Tongue.OWN, words), words).missing();
        assertArrayEquals(new double[] {-8, -8, -8, -8}, own, 1e-9);
        assertArrayEquals(
                new double[] {-48, -48}, Looseness.unknown(2, Tongue.OTHER).missing());
    }

    private static double strangeness(double... below) {
        return Tongue.OWN.strangeness(below);
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
        assertEquals(List.of(heard.subList(1, 3), heard.subList(3, 4), heard.subList(5, 6)), PhoneRuns.words(heard));
        assertEquals(List.of(), PhoneRuns.words(List.of()));
        assertEquals(
                List.of(
                        heard.subList(0, 1),
                        heard.subList(1, 3),
                        heard.subList(3, 4),
                        heard.subList(4, 5),
                        heard.subList(5, 6)),
                PhoneRuns.runs(heard));
    }

    /** A stretch begins and ends with words that were found, so that it is known where. */
    @Test
    void stretchesAroundWordsOfWhichSomeWereNotFound() {
        List<HeardPhone> heard = new ArrayList<>();
        for (int w = 0; w < 60; w++) {
            if (w != 17 && w != 23 && w != 58) {
                heard.add(phone(w, 10 * w, 10 * w + 10));
            }
        }
        assertEquals(
                List.of(new Doubtful(16, 24, 160, 250)),
                Doubtful.around(new TreeSet<>(List.of(20)), 60, heard, 605),
                "the third word on either side was not found, so the fourth is taken");
        assertEquals(
                List.of(new Doubtful(0, 3, 0, 40), new Doubtful(55, 59, 550, 605)),
                Doubtful.around(new TreeSet<>(List.of(-1, 0, 58, 60)), 60, heard, 605),
                "what lies outside the line has no word");
        assertEquals(List.of(), Doubtful.around(new TreeSet<>(), 60, heard, 605));
        Doubtful stretch = new Doubtful(16, 18, 160, 190);
        List<HeardPhone> within = stretch.within(heard);
        assertEquals(List.of(phone(0, 0, 10), phone(2, 20, 30)), within);
        assertEquals(heard, stretch.replaced(heard, within));
    }

    private static HeardPhone phone(int word, int from, int to) {
        return new HeardPhone(word, 0, 0, Phone.AA, from, to, 0);
    }

    // --- stretches that are heard anew ---

    private static List<Doubtful> doubtful(List<HeardPhone> heard, int frames, Tongue tongue) {
        return Doubtful.in(new Aligner.Found(heard, List.of(), CEILING), frames, new LineFit(heard, CEILING, tongue));
    }

    /** Words of another language that fit worse throughout are not all doubted. */
    @Test
    void aLineThatIsStrangeThroughout() {
        List<HeardPhone> heard = new ArrayList<>();
        for (int w = 0; w < 30; w++) {
            heard.addAll(word(w, 40 * w, 40, w == 10 ? 9 : 6));
        }
        assertEquals(List.of(new Doubtful(7, 13, 280, 560)), doubtful(heard, 1200, Tongue.OTHER));
        assertEquals(List.of(new Doubtful(0, 29, 0, 1200)), doubtful(heard, 1200, Tongue.OWN));
    }

    /** Words of 40 frames; those named are not believed. */
    private static List<Doubtful> doubtful(int count, Integer... wrong) {
        List<HeardPhone> heard = new ArrayList<>();
        for (int w = 0; w < count; w++) {
            heard.addAll(word(w, 40 * w, 40, Arrays.asList(wrong).contains(w) ? 5 : 1));
        }
        return doubtful(heard, 40 * count + 17, Tongue.OWN);
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
            List<Doubtful> stretches = doubtful(heard, 900, Tongue.OWN);
            assertEquals(1, stretches.size());
            Doubtful stretch = stretches.getFirst();
            assertTrue(stretch.from() <= 40 * place && stretch.to() >= 40 * place + 60, place + ": " + stretch);
            heard.set(place, new HeardPhone(HeardPhone.PAUSE, 0, 0, Phone.SIL, 40 * place, 40 * place + 60, -114));
            assertEquals(List.of(), doubtful(heard, 900, Tongue.OWN));
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
