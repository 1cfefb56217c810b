package graykite.bench;

import graykite.base.BadInput;
import graykite.base.Progress;
import graykite.hearing.PhoneOdds;
import graykite.hearing.Reader;
import graykite.media.ear.PhoneLayer;
import graykite.media.ear.SpeechEncoder;
import graykite.sound.Sound;
import graykite.text.Phone;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.Set;

/**
 * Learns to tell phones by what the speech encoder hears: multinomial logistic regression by stochastic gradient descent
 * with dropout. Of people's recordings the phones are those of a reading with their script, of synthetic voices those that they print.
 */
final class PhoneTraining {
    private static final Every SENTENCES = new Every(25, 0);
    /** The simulated voice and its speaker, which tests ask of. */
    private static final Set<String> HELD_OUT = Set.of("kal16", "kevin16");
    /** Seconds; what is longer is not learnt from. */
    private static final double LONGEST = 24;

    private static final int EPOCHS = 4;
    private static final double RATE = 0.002;
    /** Half of what is heard is left out at each step by chance, and the rest counts twice, so that no phone hangs on one value (Srivastava et al. 2014). */
    private static final int KEPT_SCALE = 2;

    private final SpeechEncoder encoder = SpeechEncoder.shipped();
    private final List<float[]> features = new ArrayList<>();
    private final List<Integer> phones = new ArrayList<>();

    /**
     * Learns from the recordings of folders and from every twenty-fifth sentence of synthetic voices, and writes what it learnt.
     *
     * @param voices folder that bench/make-voices.sh fills
     */
    static void run(Path out, Path voices, List<Path> folders) throws IOException {
        PhoneTraining training = new PhoneTraining();
        training.addVoices(voices);
        for (Path folder : folders) {
            training.addRecordings(folder);
        }
        PhoneLayer layer = training.learnt();
        try (OutputStream file = Files.newOutputStream(out)) {
            layer.write(file);
        }
        System.out.println(out + ": learnt from " + training.phones.size() + " moments");
    }

    private void addVoices(Path folder) throws IOException {
        for (SpokenSentence sentence : SENTENCES.of(SpokenSentence.in(folder))) {
            if (!HELD_OUT.contains(sentence.voice())) {
                add(sentence.sound(), PhoneSpans.of(sentence));
            }
        }
    }

    private void addRecordings(Path folder) throws IOException {
        Reader reader = Recorded.untrainedReader(folder);
        for (Recorded recording : Recorded.in(folder)) {
            Sound sound = recording.sound();
            if (sound.duration() < LONGEST) {
                try {
                    add(sound, PhoneSpans.of(reader.read(sound, recording.script(), Progress.none())));
                } catch (BadInput unreadable) {
                    System.err.println(recording.file() + " is left out: " + unreadable.getMessage());
                }
            }
        }
    }

    private void add(Sound sound, PhoneSpans truth) {
        int before = features.size();
        encoder.features(sound, Progress.none(), features::add);
        for (int m = 0; m < features.size() - before; m++) {
            phones.add(truth.at(m * PhoneOdds.STEP + PhoneOdds.FIRST).ordinal());
        }
    }

    private PhoneLayer learnt() {
        int inputs = features.getFirst().length;
        int count = Phone.values().length;
        double[] mean = new double[inputs];
        double[] spread = new double[inputs];
        for (int i = 0; i < inputs; i++) {
            int at = i;
            mean[i] = features.stream().mapToDouble(f -> f[at]).average().orElseThrow();
            double variance = features.stream()
                    .mapToDouble(f -> (f[at] - mean[at]) * (f[at] - mean[at]))
                    .average()
                    .orElseThrow();
            spread[i] = Math.max(1e-3, Math.sqrt(variance));
        }
        PhoneLayer layer = new PhoneLayer(new float[count][inputs], new float[count], counted(count));
        List<Integer> order = new ArrayList<>();
        for (int n = 0; n < phones.size(); n++) {
            order.add(n);
        }
        Random chance = new Random(1);
        float[] input = new float[inputs];
        double[] chances = new double[count];
        for (int epoch = 0; epoch < EPOCHS; epoch++) {
            Collections.shuffle(order, chance);
            for (int n : order) {
                for (int i = 0; i < inputs; i++) {
                    input[i] = chance.nextBoolean()
                            ? KEPT_SCALE * (float) ((features.get(n)[i] - mean[i]) / spread[i])
                            : 0;
                }
                layer.chances(input, chances);
                for (int p = 0; p < count; p++) {
                    float step = (float) (RATE / (1 + epoch) * (chances[p] - (p == phones.get(n) ? 1 : 0)));
                    layer.bias()[p] -= step;
                    float[] weights = layer.weights()[p];
                    for (int i = 0; i < inputs; i++) {
                        weights[i] -= step * input[i];
                    }
                }
            }
        }
        return unscaled(layer, mean, spread);
    }

    /** The same for features as they are. */
    private static PhoneLayer unscaled(PhoneLayer scaled, double[] mean, double[] spread) {
        float[][] weights = new float[scaled.weights().length][mean.length];
        float[] bias = scaled.bias().clone();
        for (int p = 0; p < weights.length; p++) {
            double shift = 0;
            for (int i = 0; i < mean.length; i++) {
                weights[p][i] = (float) (scaled.weights()[p][i] / spread[i]);
                shift += weights[p][i] * mean[i];
            }
            bias[p] -= (float) shift;
        }
        return new PhoneLayer(weights, bias, scaled.counted());
    }

    private int[] counted(int count) {
        int[] counted = new int[count];
        Arrays.fill(counted, 1);
        phones.forEach(p -> counted[p]++);
        return counted;
    }
}
