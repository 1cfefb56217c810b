package graykite.hearing;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.reading.HeardPhone;
import graykite.reading.Timing;
import graykite.reading.TimingTest;
import graykite.sound.Sound;
import graykite.text.CmuDictionary;
import graykite.text.Phone;
import graykite.text.Script;
import graykite.text.WordChoice;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Deque;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.TreeSet;
import java.util.function.Predicate;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** What the search is made of: model, features, graph. */
class SpeechModelTest {
    private static final int NO_NODE = -9;

    private static SpeechModel model;

    @BeforeAll
    static void load() {
        model = SpeechModel.load();
    }

    /** Facts that the model's own definition file states in its header: 42 phones, 5126 tied states, three states each. */
    @Test
    void isTheModelThatItsHeaderDescribes() {
        assertEquals(42, model.baseCount());
        assertEquals(5126, model.senoneCount());
        for (Phone phone : Phone.values()) {
            int[] plain = model.plainSenones(model.baseOf(phone.name()));
            assertEquals(3, plain.length);
            for (int senone : plain) {
                assertEquals(model.baseOf(phone.name()), model.baseOfSenone(senone));
            }
        }
    }

    /** Mixture weights are probabilities: they add up to one in each stream. */
    @Test
    void weightsAreProbabilities() {
        for (int senone = 0; senone < model.senoneCount(); senone += 97) {
            float[] weights = model.weightsOf(senone);
            for (int stream = 0; stream < SpeechModel.STREAMS; stream++) {
                double sum = 0;
                for (int d = 0; d < SpeechModel.DENSITIES; d++) {
                    sum += weights[stream * SpeechModel.DENSITIES + d];
                }
                assertEquals(1, sum, 1e-3);
            }
        }
    }

    @Test
    void contextChangesStates() {
        int k = model.baseOf("K");
        int[] coo = model.senones(k, model.baseOf("SIL"), model.baseOf("UW"), 'b');
        int[] key = model.senones(k, model.baseOf("SIL"), model.baseOf("IY"), 'b');
        assertNotEquals(List.of(coo[0], coo[1], coo[2]), List.of(key[0], key[1], key[2]));
        // A context that the model never saw falls back to the phone by itself.
        int noise = model.baseOf("+NSN+");
        assertArrayEquals(model.plainSenones(k), model.senones(k, noise, noise, 'i'));
    }

    /**
     * The cepstra of a frame written out by definition (Davis & Mermelstein 1980): windowed and pre-emphasised samples, a
     * plain Fourier sum, triangles on the mel scale, logarithm, cosine transform, lifter. Differences between two frames
     * are compared, because the mean of the recording is taken away.
     */
    @Test
    void cepstraFollowTheirDefinition() {
        float[] samples = new float[16_000];
        for (int i = 0; i < samples.length; i++) {
            double t = i / 16_000.0;
            samples[i] = (float)
                    (0.3 * Math.sin(2 * Math.PI * (300 + 900 * t) * t) + 0.1 * Math.sin(2 * Math.PI * 2500 * t));
        }
        // Of a moment that is too short, nothing is taken as noise.
        NoiseFloor none = NoiseFloor.of(Sound.mono(new float[160], 16_000));
        Features features = Features.of(Sound.mono(samples, 16_000), none);
        double[] a = cepstrum(samples, 60);
        double[] b = cepstrum(samples, 130);
        for (int i = 0; i < 13; i++) {
            double expected = a[i] - b[i];
            assertEquals(
                    expected,
                    features.cepstrum(60)[i] - features.cepstrum(130)[i],
                    0.02 + 0.01 * Math.abs(expected),
                    "cepstrum " + i);
        }
    }

    private static double[] cepstrum(float[] samples, int frame) {
        double[] windowed = new double[410];
        int from = frame * 80 + 40 - 205;
        for (int i = 0; i < 410; i++) {
            double emphasised = (samples[from + i] - 0.97 * samples[from + i - 1]) * 32768;
            windowed[i] = emphasised * (0.54 - 0.46 * Math.cos(2 * Math.PI * i / 409));
        }
        double[] power = new double[256];
        for (int k = 0; k < 256; k++) {
            double re = 0;
            double im = 0;
            for (int i = 0; i < 410; i++) {
                re += windowed[i] * Math.cos(2 * Math.PI * k * i / 512);
                im -= windowed[i] * Math.sin(2 * Math.PI * k * i / 512);
            }
            power[k] = re * re + im * im;
        }
        double low = 2595 * Math.log10(1 + 130 / 700.0);
        double high = 2595 * Math.log10(1 + 6800 / 700.0);
        double[] edges = new double[27];
        for (int i = 0; i < 27; i++) {
            double mel = low + i * (high - low) / 26;
            edges[i] = Math.round(700 * (Math.pow(10, mel / 2595) - 1) / 31.25) * 31.25;
        }
        double[] cepstrum = new double[13];
        for (int f = 0; f < 25; f++) {
            double sum = 0;
            for (int k = 1; k < 256; k++) {
                double hertz = k * 31.25;
                double rise = (hertz - edges[f]) / (edges[f + 1] - edges[f]);
                double fall = (edges[f + 2] - hertz) / (edges[f + 2] - edges[f + 1]);
                sum += Math.max(0, Math.min(rise, fall)) * 2 / (edges[f + 2] - edges[f]) * power[k];
            }
            for (int i = 0; i < 13; i++) {
                double norm = Math.sqrt((i == 0 ? 1 : 2) / 25.0);
                cepstrum[i] += norm * Math.log(sum) * Math.cos(Math.PI * i * (f + 0.5) / 25);
            }
        }
        for (int i = 0; i < 13; i++) {
            cepstrum[i] *= 1 + 11 * Math.sin(Math.PI * i / 22);
        }
        return cepstrum;
    }

    /** No way through a strict graph leaves out a word: without the nodes of any one word no end can be reached. */
    @Test
    void thereIsNoWayRoundAWord() {
        CmuDictionary dictionary = CmuDictionary.shipped();
        List<WordChoice> words = Script.of("a read tomato or a the either").words().stream()
                .map(w -> new WordChoice(w, dictionary.pronunciations(w.spoken().getFirst()), false))
                .toList();
        AlignmentGraph strict = new AlignmentGraph(model, words, Map.of(), true);
        AlignmentGraph loose = new AlignmentGraph(model, words, Map.of(), false);
        assertTrue(reachesEnd(strict, NO_NODE));
        for (int word = 0; word < words.size(); word++) {
            assertEquals(false, reachesEnd(strict, word), words.get(word).word().written());
            assertTrue(reachesEnd(loose, word), words.get(word).word().written());
        }
        // Words are passed over through unscripted sound only.
        assertEquals(
                false,
                reachesEnd(
                        new AlignmentGraph(model, words, Map.of(), false),
                        n -> n.word == HeardPhone.UNSCRIPTED || n.word == 2));
    }

    private static boolean reachesEnd(AlignmentGraph graph, int without) {
        return reachesEnd(graph, node -> node.word == without);
    }

    private static boolean reachesEnd(AlignmentGraph graph, Predicate<AlignmentGraph.Node> closed) {
        Deque<Integer> open = new ArrayDeque<>(graph.entries);
        BitSet seen = new BitSet();
        while (!open.isEmpty()) {
            int node = open.pop();
            if (seen.get(node) || closed.test(graph.nodes.get(node))) {
                continue;
            }
            seen.set(node);
            if (graph.exits[node]) {
                return true;
            }
            for (int next : graph.nodes.get(node).next) {
                open.push(next);
            }
        }
        return false;
    }

    /** Each phone of a word follows its predecessor in the same pronunciation, and words follow one another. */
    @Test
    void edgesKeepTheOrder() {
        CmuDictionary dictionary = CmuDictionary.shipped();
        List<WordChoice> words = Script.of("the fog a bell").words().stream()
                .map(w -> new WordChoice(w, dictionary.pronunciations(w.spoken().getFirst()), false))
                .toList();
        AlignmentGraph graph = new AlignmentGraph(model, words, Map.of(), true);
        Set<Integer> reached = new TreeSet<>();
        for (AlignmentGraph.Node node : graph.nodes) {
            for (int to : node.next) {
                AlignmentGraph.Node next = graph.nodes.get(to);
                if (node.word >= 0 && next.word >= 0) {
                    boolean within =
                            next.word == node.word && next.variant == node.variant && next.index == node.index + 1;
                    boolean across = next.word == node.word + 1 && next.index == 0;
                    assertTrue(within || across);
                    reached.add(next.word);
                }
            }
        }
        assertEquals(Set.of(0, 1, 2, 3), reached);
    }

    /** Whatever the network says of noise, boundaries stay in order, and given times are kept to the letter. */
    @Test
    void placedBoundariesKeepTheOrderAndGivenTimes() {
        float[] noise = new float[16_000];
        SplittableRandom random = new SplittableRandom(5);
        for (int i = 0; i < noise.length; i++) {
            noise[i] = (float) (random.nextDouble() - 0.5);
        }
        Phone[] phones = {Phone.SIL, Phone.T, Phone.AA, Phone.N, Phone.P, Phone.IY, Phone.SIL};
        List<HeardPhone> heard = new ArrayList<>();
        for (int i = 0; i < phones.length; i++) {
            heard.add(new HeardPhone(phones[i] == Phone.SIL ? -1 : 0, 0, i, phones[i], 80 + 3 * i, 83 + 3 * i, 0));
        }
        double[] given = new double[heard.size() + 1];
        Arrays.fill(given, Double.NaN);
        given[3] = 0.4567;
        BoundaryPlacer placer =
                new BoundaryPlacer(BoundaryNetwork.shipped(), BoundaryView.of(Sound.mono(noise, 16_000)));
        double[] times = placer.times(heard, given, 1);
        assertEquals(0.4567, times[3]);
        assertEquals(1, times[heard.size()]);
        for (int i = 1; i < times.length; i++) {
            assertTrue(times[i] - times[i - 1] >= Timing.SHORTEST_PHONE - 1e-9, Arrays.toString(times));
        }
    }

    /** A network that was written reads back the same; anything else is refused. */
    @Test
    void networksReadBack() throws Exception {
        float[] weights = new float[BoundaryNetwork.SIZE];
        weights[7] = 3;
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        new BoundaryNetwork(weights).write(out);
        ByteArrayOutputStream again = new ByteArrayOutputStream();
        BoundaryNetwork.read(new ByteArrayInputStream(out.toByteArray())).write(again);
        assertArrayEquals(out.toByteArray(), again.toByteArray());
        byte[] foreign = "this is no network at all, not by far".getBytes();
        assertThrows(IOException.class, () -> BoundaryNetwork.read(new ByteArrayInputStream(foreign)));
    }

    @Test
    void readingErrorPairsWhatIsTheSame() {
        Timing reading = TimingTest.sample();
        List<SimulatedVoice.Said> truth = List.of(
                new SimulatedVoice.Said(Phone.F, 0.21, 0.31),
                new SimulatedVoice.Said(Phone.AO, 0.31, 0.4),
                new SimulatedVoice.Said(Phone.G, 0.38, 0.5),
                new SimulatedVoice.Said(Phone.SIL, 0.5, 0.52),
                new SimulatedVoice.Said(Phone.B, 0.52, 0.6));
        ReadingError error = ReadingError.between(reading, truth);
        // F is 10 ms early, G 20 ms late, B 20 ms early; AA and AO are no pair, the rest has no partner.
        assertEquals(3, error.signed().size());
        assertEquals(-0.01, error.signed().get(0), 1e-9);
        assertEquals(0.02, error.signed().get(1), 1e-9);
        assertEquals(1.0 / 3, error.within(0.015), 1e-9);
        assertEquals(0.02, error.median(), 1e-9);
    }
}
