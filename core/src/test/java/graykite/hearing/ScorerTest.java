package graykite.hearing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.reading.HeardPhone;
import graykite.sound.Sound;
import graykite.text.Phone;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** Likelihoods against their definition, worked out in full; and phones heard without words against a plain search. */
class ScorerTest {
    private static SpeechModel model;
    private static Features features;
    private static SimulatedVoice.Speech speech;

    @BeforeAll
    static void load() {
        model = SpeechModel.load();
        speech = SimulatedVoice.speak("the fog bell rang");
        Sound sound = speech.sound().mixedAt(Features.RATE);
        features = Features.of(sound);
    }

    /** Logarithm of the density of one Gaussian. */
    private static double density(int base, int stream, int d, float[] vector) {
        double log = model.normsOf(base, stream)[d];
        for (int i = 0; i < SpeechModel.DIMENSIONS; i++) {
            double off = vector[stream * SpeechModel.DIMENSIONS + i] - model.meansOf(base, stream)[i][d];
            log -= off * off * model.precisionsOf(base, stream)[i][d];
        }
        return log;
    }

    /**
     * Mixtures of Gaussians (Rabiner 1989, eq. 49), the product over the three streams.
     *
     * @param below densities so much below the best one of their stream are left out
     */
    private static double mixture(int senone, int frame, double below) {
        float[] vector = new float[SpeechModel.STREAMS * SpeechModel.DIMENSIONS];
        features.vector(frame, vector);
        int base = model.baseOfSenone(senone);
        double sum = 0;
        for (int s = 0; s < SpeechModel.STREAMS; s++) {
            double[] logs = new double[SpeechModel.DENSITIES];
            for (int d = 0; d < logs.length; d++) {
                logs[d] = density(base, s, d, vector);
            }
            double best = Arrays.stream(logs).max().orElseThrow();
            double shares = 0;
            for (int d = 0; d < logs.length; d++) {
                double share = Math.exp(logs[d] - best) * model.weightsOf(senone)[s * logs.length + d];
                shares += logs[d] > best - below ? share : 0;
            }
            sum += best + Math.log(shares);
        }
        return sum;
    }

    /** Of each stream the densities within 5 of the best one count; the exponential is quick, to two hundredths. */
    @Test
    void aSenoneIsAsLikelyAsItsMixture() {
        Scorer scorer = new Scorer(model, features);
        SplittableRandom random = new SplittableRandom(3);
        for (int frame = 20; frame < features.frames(); frame += 31) {
            scorer.frame(frame);
            for (int i = 0; i < 40; i++) {
                int senone = random.nextInt(model.senoneCount());
                double score = scorer.score(senone);
                assertEquals(mixture(senone, frame, 5), score, 0.08, "senone " + senone + " at " + frame);
                assertTrue(score <= mixture(senone, frame, 1000) + 0.08, "with all of them it is likelier still");
                assertEquals(score, scorer.score(senone), 0, "asked again it is the same");
            }
        }
    }

    @Test
    void theFirstImpressionIsTheBestDensityOfTheCepstra() {
        Scorer scorer = new Scorer(model, features);
        float[] vector = new float[SpeechModel.STREAMS * SpeechModel.DIMENSIONS];
        for (int frame : new int[] {30, 90, 150}) {
            scorer.frame(frame);
            features.vector(frame, vector);
            for (Phone phone : List.of(Phone.AA, Phone.S, Phone.SIL)) {
                int base = model.baseOf(phone.name());
                double best = Double.NEGATIVE_INFINITY;
                for (int d = 0; d < SpeechModel.DENSITIES; d++) {
                    best = Math.max(best, density(base, 0, d, vector));
                }
                assertEquals(best, scorer.impression(base), 1e-3 * Math.abs(best));
            }
        }
    }

    // --- what is heard again ---

    private static List<Float> scores(Features heard) {
        Scorer scorer = new Scorer(model, heard);
        List<Float> scores = new ArrayList<>();
        for (int frame = 0; frame < heard.frames(); frame += 3) {
            scorer.frame(frame);
            for (int senone = 0; senone < model.senoneCount(); senone += 97) {
                scores.add(scorer.score(senone));
            }
        }
        return scores;
    }

    /** A part of a sound that was heard as a whole sounds as if it had not been, also at its ends, where its neighbours are missing. */
    @Test
    void aPartOfWhatWasHeardSoundsTheSame() {
        Sound sound = speech.sound().mixedAt(Features.RATE);
        Features known = Features.of(sound);
        scores(known);
        assertNotEquals(
                Near.UNKNOWN,
                known.between(60, 150).remembered(30, SpeechModel.STREAMS * model.baseOfSenone(0)),
                "frame 90 is remembered");
        assertEquals(scores(Features.of(sound).between(60, 150)), scores(known.between(60, 150)));
        assertEquals(scores(Features.of(sound)), scores(known), "and the whole, heard again");
    }

    @Test
    void ofALongRecordingOnlyPartsAreRemembered() {
        Sound minutes = Sound.together(
                List.of(speech.sound().mixedAt(Features.RATE), Sound.silence(31, Features.RATE)), List.of(0.0, 0.5));
        Features whole = Features.of(minutes);
        assertTrue(whole.frames() > Remembered.LONGEST);
        Near near = new Near(-3, new int[] {7}, new float[] {1});
        whole.remember(90, 125, near);
        assertSame(Near.UNKNOWN, whole.remembered(90, 125));
        Features part = whole.between(60, 150);
        part.remember(30, 125, near);
        assertSame(near, part.remembered(30, 125));
        assertSame(near, part.between(20, 60).remembered(10, 125), "a part of the part knows it too");
        assertSame(Near.UNKNOWN, part.remembered(30, 300), "nothing else does");
        part.remember(30, 300, near);
        assertSame(near, part.remembered(30, 300), "beyond the usual number of phones");
        assertSame(near, part.remembered(30, 125));
    }

    // --- phones without words ---

    private static PhoneLoop heardBy(Scorer scorer, List<Float> gains) {
        PhoneLoop loop = new PhoneLoop(model, PhoneGrammar.shipped(), scorer);
        for (int frame = 0; frame < features.frames(); frame += Aligner.STEP) {
            scorer.frame(frame);
            gains.add(loop.step(frame));
        }
        return loop;
    }

    /** Most of what the voice says is heard, where it says it, without gaps and from the first frame to the last. */
    @Test
    void phonesAreHeardWithoutWords() {
        List<Float> gains = new ArrayList<>();
        List<HeardPhone> heard = heardBy(new Scorer(model, features), gains).heard(features.frames());
        assertEquals(0, heard.getFirst().startFrame());
        assertEquals(features.frames(), heard.getLast().endFrame());
        for (int i = 1; i < heard.size(); i++) {
            assertEquals(heard.get(i - 1).endFrame(), heard.get(i).startFrame());
        }
        int right = 0;
        int vowels = 0;
        for (SimulatedVoice.Said said : speech.phones()) {
            int middle = Math.min(
                    features.frames() - 1, (int) ((said.start() + said.end()) / 2 / HeardPhone.SECONDS_A_FRAME));
            Phone there = heard.stream()
                    .filter(h -> h.startFrame() <= middle && h.endFrame() > middle)
                    .findFirst()
                    .orElseThrow()
                    .phone();
            right += there == said.phone() ? 1 : 0;
            vowels += there.isVowel() == said.phone().isVowel() ? 1 : 0;
        }
        assertTrue(
                right >= 0.5 * speech.phones().size(),
                right + " of " + speech.phones().size() + " phones");
        assertTrue(
                vowels >= 0.85 * speech.phones().size(),
                vowels + " of " + speech.phones().size());
        // What each frame gains adds up to the likelihood of the best explanation.
        double score = heard.stream().mapToDouble(HeardPhone::score).sum();
        double gained = gains.stream().mapToDouble(g -> g).sum();
        assertTrue(score <= gained + 1e-2 * Math.abs(gained) && score > 1.05 * gained - 60, score + " of " + gained);
    }

    @Test
    void theGrammarIsWhatItsFileSays() {
        PhoneGrammar grammar = PhoneGrammar.shipped();
        // From phone-pairs.txt: "AA AA 0.00024" is raised to the least share of 0.002.
        assertEquals(Math.log(0.002), grammar.after(Phone.AA.ordinal(), Phone.AA.ordinal()), 1e-6);
        double st = grammar.after(Phone.S.ordinal(), Phone.T.ordinal());
        assertTrue(st > Math.log(0.02), "s is often followed by t: " + Math.exp(st));
        assertTrue(st > grammar.after(Phone.T.ordinal(), Phone.NG.ordinal()) + 1, "and t never by ng");
        for (Phone left : Phone.values()) {
            double sum = Arrays.stream(Phone.values())
                    .mapToDouble(right -> Math.exp(grammar.after(left.ordinal(), right.ordinal())))
                    .sum();
            assertTrue(sum < 1 + Phone.values().length * 0.002, left + " " + sum);
        }
    }

    /** The best of any phone, looked at every 30 ms, added up frame by frame. */
    @Test
    void theCeilingIsTheBestOfAnyPhone() {
        Scorer scorer = new Scorer(model, features);
        Ceiling ceiling = new Ceiling(model, scorer, 40);
        for (int frame = 0; frame < 40; frame += Aligner.STEP) {
            scorer.frame(frame);
            ceiling.step(frame);
        }
        double[] best = new double[40];
        for (int frame = 0; frame < 40; frame += 6) {
            scorer.frame(frame);
            best[frame] = Double.NEGATIVE_INFINITY;
            for (Phone phone : Phone.values()) {
                for (int senone : model.plainSenones(model.baseOf(phone.name()))) {
                    best[frame] = Math.max(best[frame], scorer.score(senone));
                }
            }
        }
        double sum = 0;
        for (int frame = 0; frame < 40; frame += 2) {
            sum += best[frame / 6 * 6];
            assertEquals(sum, ceiling.sums()[frame], 1e-3 * Math.abs(sum), "frame " + frame);
            assertEquals(ceiling.sums()[frame], ceiling.sums()[frame + 1], 0);
        }
    }

    // --- places of boundaries ---

    @Test
    void placesBetweenPhones() {
        List<HeardPhone> heard = List.of(
                new HeardPhone(0, 0, 0, Phone.B, 0, 10, 0),
                new HeardPhone(0, 0, 1, Phone.OY, 10, 40, 0),
                new HeardPhone(-1, 0, 0, Phone.SIL, 40, 60, 0));
        assertEquals(
                List.of(
                        new BoundaryPlace(Phone.SIL, Phone.B, Phone.OY, Phone.SIL, 0, 10, 40),
                        new BoundaryPlace(Phone.B, Phone.OY, Phone.SIL, Phone.SIL, 10, 40, 60)),
                BoundaryPlace.between(heard));
        assertEquals(List.of(), BoundaryPlace.between(heard.subList(0, 1)));
        float[] numbers = new float[BoundaryPlace.NUMBERS];
        new BoundaryPlace(Phone.B, Phone.OY, Phone.SIL, Phone.SIL, 10, 40, 64).numbers(45, numbers);
        assertEquals(5.5 / 12, numbers[0], 1e-6);
        assertEquals(Math.tanh(5.5 / 3), numbers[1], 1e-6);
        assertEquals(Math.tanh(35.5 / 4), numbers[2], 1e-6);
        assertEquals(Math.tanh(-18.5 / 4), numbers[3], 1e-6);
        assertEquals(Math.log(30 / 12.0), numbers[4], 1e-6);
        assertEquals(Math.log(2), numbers[5], 1e-6);
        new BoundaryPlace(Phone.B, Phone.OY, Phone.SIL, Phone.SIL, 40, 40, 40).numbers(90, numbers);
        assertEquals(2, numbers[0], 0);
        assertEquals(Math.log(1 / 12.0), numbers[4], 1e-6, "no phone is shorter than a frame");
        assertEquals(Math.log(1 / 12.0), numbers[5], 1e-6);
    }
}
