package graykite.hearing;

import graykite.base.Aside;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;

/**
 * The shipped English acoustic model (CMU Sphinx en-us, BSD licence): hidden Markov models of phones in context, three
 * states each, whose states share one set of 128 Gaussians a phone and stream (phonetically tied mixtures).
 */
public final class SpeechModel {
    static final int STREAMS = 3;
    static final int DIMENSIONS = Features.CEPSTRA;
    static final int DENSITIES = 128;
    static final int STATES = 3;

    private static final String ROOT = "/edu/cmu/sphinx/models/en-us/en-us/";
    private static final float VARIANCE_FLOOR = 1e-4f;
    private static final float WEIGHT_FLOOR = 1e-7f;

    private final Map<String, Integer> baseIndex = new HashMap<>();
    private final Triphones triphones = new Triphones(140_000);
    private final List<int[]> baseSenones = new ArrayList<>();
    /** [base][stream][i][density]: a row of all densities for each dimension, so that they are computed side by side. */
    private final float[][][][] means;
    /** Half of one over the variance, laid out as the means. */
    private final float[][][][] precisions;
    /** [base][stream][density]: logarithm of the density's factor. */
    private final float[][][] norms;
    /** [senone][stream * 128 + density]: logarithm of the weight, in 1/WEIGHT_SCALE steps. */
    private final float[][] weights;

    private final int[] senoneBase;

    private SpeechModel() throws IOException {
        // The files are read side by side; they know their sizes, which are compared afterwards.
        CompletableFuture<float[][]> coming = Aside.ask(() -> unchecked(SpeechModel::readWeights));
        CompletableFuture<float[]> comingMeans = Aside.ask(() -> unchecked(() -> readGaussians("means")));
        CompletableFuture<float[]> comingVariances = Aside.ask(() -> unchecked(() -> readGaussians("variances")));
        int senones = readDefinition();
        int bases = baseSenones.size();
        float[] rawMeans = comingMeans.join();
        float[] rawVariances = comingVariances.join();
        int all = bases * STREAMS * DENSITIES * DIMENSIONS;
        if (rawMeans.length != all || rawVariances.length != all) {
            throw new IOException("means or variances have an unexpected shape.");
        }
        means = new float[bases][STREAMS][DIMENSIONS][DENSITIES];
        precisions = new float[bases][STREAMS][DIMENSIONS][DENSITIES];
        norms = new float[bases][STREAMS][DENSITIES];
        int at = 0;
        double constant = 0.5 * DIMENSIONS * Math.log(2 * Math.PI);
        for (int b = 0; b < bases; b++) {
            for (int s = 0; s < STREAMS; s++) {
                for (int d = 0; d < DENSITIES; d++) {
                    double logs = 0;
                    for (int i = 0; i < DIMENSIONS; i++, at++) {
                        float variance = Math.max(VARIANCE_FLOOR, rawVariances[at]);
                        means[b][s][i][d] = rawMeans[at];
                        precisions[b][s][i][d] = 0.5f / variance;
                        logs += Math.log(variance);
                    }
                    norms[b][s][d] = (float) (-constant - 0.5 * logs);
                }
            }
        }
        weights = coming.join();
        if (weights.length != senones) {
            throw new IOException("mixture_weights has an unexpected shape.");
        }
        senoneBase = new int[senones];
        for (int b = 0; b < bases; b++) {
            for (int senone : baseSenones.get(b)) {
                senoneBase[senone] = b;
            }
        }
        triphones.forEachState((key, senone) -> senoneBase[senone] = (int) (key >>> 34));
    }

    /** Reads something; what fails is handed to who waits for it. */
    private interface Reading<T> {
        T read() throws IOException;
    }

    private static <T> T unchecked(Reading<T> reading) {
        try {
            return reading.read();
        } catch (IOException failure) {
            throw new UncheckedIOException(failure);
        }
    }

    /** Loads the model from the class path. */
    public static SpeechModel load() {
        try {
            return new SpeechModel();
        } catch (IOException | CompletionException failure) {
            throw new IllegalStateException("The shipped speech model cannot be read.", failure);
        }
    }

    int senoneCount() {
        return weights.length;
    }

    int baseCount() {
        return baseSenones.size();
    }

    int baseOf(String name) {
        Integer base = baseIndex.get(name);
        if (base == null) {
            throw new IllegalStateException("The speech model lacks the phone " + name + ".");
        }
        return base;
    }

    int baseOfSenone(int senone) {
        return senoneBase[senone];
    }

    float[] weightsOf(int senone) {
        return weights[senone];
    }

    float[][] meansOf(int base, int stream) {
        return means[base][stream];
    }

    float[][] precisionsOf(int base, int stream) {
        return precisions[base][stream];
    }

    float[] normsOf(int base, int stream) {
        return norms[base][stream];
    }

    /**
     * The senones of a phone between two others.
     *
     * @param position b, e, i or s: at the beginning, end, inside of a word, or a word by itself
     */
    int[] senones(int base, int left, int right, char position) {
        int[] found = triphones.get(key(base, left, right, position));
        if (found == null) {
            for (char other : new char[] {'i', 'b', 'e', 's'}) {
                found = triphones.get(key(base, left, right, other));
                if (found != null) {
                    return found;
                }
            }
            return baseSenones.get(base);
        }
        return found;
    }

    /** The senones of a phone in any context. */
    int[] plainSenones(int base) {
        return baseSenones.get(base);
    }

    private static long key(long base, long left, long right, char position) {
        return base << 34 | left << 20 | right << 6 | "beis".indexOf(position);
    }

    private int readDefinition() throws IOException {
        byte[] text = bytes("mdef");
        int at = 0;
        int senones = 0;
        ModelWords words = new ModelWords(text);
        while (at < text.length) {
            int end = at;
            while (end < text.length && text[end] != '\n') {
                end++;
            }
            if (text[at] != '#') {
                int count = words.split(at, end);
                if (count == 2 && words.text(1).equals("n_tied_state")) {
                    senones = words.number(0);
                } else if (count == 10) {
                    if (words.is(1, '-')) {
                        baseIndex.put(words.text(0), baseSenones.size());
                        baseSenones.add(new int[] {words.number(6), words.number(7), words.number(8)});
                    } else {
                        long key = key(
                                baseIndex.get(words.text(0)),
                                baseIndex.get(words.text(1)),
                                baseIndex.get(words.text(2)),
                                words.letter(3));
                        triphones.put(key, words.number(6), words.number(7), words.number(8));
                    }
                }
            }
            at = end + 1;
        }
        return senones;
    }

    private static float[] readGaussians(String name) throws IOException {
        ByteBuffer data = body(name);
        data.getInt();
        int streams = data.getInt();
        int densities = data.getInt();
        if (streams != STREAMS || densities != DENSITIES) {
            throw new IOException(name + " has an unexpected shape.");
        }
        for (int s = 0; s < streams; s++) {
            if (data.getInt() != DIMENSIONS) {
                throw new IOException(name + " has an unexpected vector length.");
            }
        }
        float[] values = new float[data.getInt()];
        data.asFloatBuffer().get(values);
        return values;
    }

    private static float[][] readWeights() throws IOException {
        ByteBuffer data = body("mixture_weights");
        int senones = data.getInt();
        if (data.getInt() != STREAMS || data.getInt() != DENSITIES) {
            throw new IOException("mixture_weights has an unexpected shape.");
        }
        data.getInt();
        float[][] logs = new float[senones][STREAMS * DENSITIES];
        for (float[] senone : logs) {
            data.asFloatBuffer().get(senone);
            data.position(data.position() + 4 * senone.length);
            for (int s = 0; s < STREAMS; s++) {
                float sum = 0;
                for (int d = 0; d < DENSITIES; d++) {
                    sum += senone[s * DENSITIES + d];
                }
                for (int d = 0; d < DENSITIES; d++) {
                    senone[s * DENSITIES + d] = Math.max(WEIGHT_FLOOR, senone[s * DENSITIES + d] / sum);
                }
            }
        }
        return logs;
    }

    /** The part of a Sphinx binary file behind its text header and byte-order mark. */
    private static ByteBuffer body(String name) throws IOException {
        byte[] all = bytes(name);
        byte[] mark = "endhdr\n".getBytes(StandardCharsets.ISO_8859_1);
        int at = 0;
        while (!Arrays.equals(all, at, at + mark.length, mark, 0, mark.length)) {
            at++;
            if (at + mark.length >= all.length) {
                throw new IOException(name + " has no header.");
            }
        }
        ByteBuffer buffer = ByteBuffer.wrap(all).order(ByteOrder.LITTLE_ENDIAN);
        buffer.position(at + mark.length);
        if (buffer.getInt() != 0x11223344) {
            buffer.order(ByteOrder.BIG_ENDIAN);
        }
        return buffer;
    }

    private static byte[] bytes(String name) throws IOException {
        try (InputStream in = SpeechModel.class.getResourceAsStream(ROOT + name)) {
            if (in == null) {
                throw new IOException("Missing: " + ROOT + name);
            }
            return in.readAllBytes();
        }
    }
}
