package graykite.media.draft;

import ai.onnxruntime.OnnxTensor;
import ai.onnxruntime.OrtEnvironment;
import ai.onnxruntime.OrtException;
import ai.onnxruntime.OrtSession;
import ai.onnxruntime.OrtSession.Result;
import ai.onnxruntime.TensorInfo;
import graykite.base.Progress;
import java.io.IOException;
import java.io.InputStream;
import java.lang.ref.Cleaner;
import java.nio.FloatBuffer;
import java.nio.LongBuffer;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Writes down what is said in a stretch of English: the network Moonshine base (Jeffries et al. 2024, "Moonshine: Speech Recognition for
 * Live Transcription and Voice Commands") with whole-numbered weights, run by ONNX Runtime. An encoder hears the samples, a decoder writes
 * one piece of a word after the other, always the likeliest. What the runtime holds is given back once nobody holds the network.
 */
final class WordNetwork {
    /** Samples a second that the network hears. */
    static final int RATE = 16_000;
    /** Samples that its first layers need to hear anything. */
    static final int LEAST = RATE / 10;

    /** English has fewer pieces a second, even when spoken fast; a text that goes on is none. */
    private static final double MOST_A_SECOND = 6.5;

    private static final String PAST = "past_key_values";
    private static final String PRESENT = "present";
    private static final Cleaner CLEANER = Cleaner.create();

    private final OrtEnvironment runtime;
    private final Sessions sessions;
    private final WordPieces pieces;

    /** Names of what the decoder remembers, and the shape of each when it remembers nothing. */
    private final Map<String, long[]> memory;

    private WordNetwork(OrtEnvironment runtime, Sessions sessions, WordPieces pieces) throws OrtException {
        this.runtime = runtime;
        this.sessions = sessions;
        this.pieces = pieces;
        this.memory = memory(sessions.decoder);
        CLEANER.register(this, sessions);
    }

    /** What the runtime holds of a network, given back when it is cleaned up. */
    private record Sessions(OrtSession encoder, OrtSession decoder) implements Runnable {
        @Override
        public void run() {
            try {
                encoder.close();
                decoder.close();
            } catch (OrtException failure) {
                throw new IllegalStateException("The network cannot be given back.", failure);
            }
        }
    }

    /**
     * A text, and how sure the network is of it: the mean natural logarithm of what it gave each piece, at most 0. In clear English it is -0.1 in
     * the median, in other languages -0.8.
     */
    record Heard(String text, double certainty) {}

    /** The network that ships. Takes two seconds. */
    static WordNetwork shipped() {
        OrtEnvironment runtime = OrtEnvironment.getEnvironment();
        try (OrtSession.SessionOptions options = new OrtSession.SessionOptions()) {
            // Threads that wait in a loop take the time of whoever plays meanwhile.
            options.addConfigEntry("session.intra_op.allow_spinning", "0");
            OrtSession encoder = runtime.createSession(shipped("encoder.onnx"), options);
            OrtSession decoder = runtime.createSession(shipped("decoder.onnx"), options);
            return new WordNetwork(runtime, new Sessions(encoder, decoder), WordPieces.shipped());
        } catch (IOException | OrtException failure) {
            throw new IllegalStateException("The network that drafts words cannot be loaded.", failure);
        }
    }

    private static byte[] shipped(String name) throws IOException {
        try (InputStream in = WordNetwork.class.getResourceAsStream(name)) {
            return in.readAllBytes();
        }
    }

    private static Map<String, long[]> memory(OrtSession decoder) throws OrtException {
        Map<String, long[]> memory = new HashMap<>();
        decoder.getInputInfo().forEach((name, node) -> {
            if (name.startsWith(PAST)) {
                long[] shape = ((TensorInfo) node.getInfo()).getShape();
                memory.put(name, new long[] {1, shape[1], 0, shape[3]});
            }
        });
        return memory;
    }

    /**
     * What is said in a stretch of at most half a minute; no text where there is none.
     *
     * @param samples at {@link #RATE}, at least {@link #LEAST} of them
     * @throws java.util.concurrent.CancellationException when the progress is cancelled
     */
    Heard heard(float[] samples, Progress progress) {
        int most = (int) Math.ceil(samples.length * MOST_A_SECOND / RATE);
        long[] shape = {1, samples.length};
        try (OnnxTensor sound = OnnxTensor.createTensor(runtime, FloatBuffer.wrap(samples), shape);
                Result encoded = sessions.encoder.run(Map.of("input_values", sound))) {
            return written((OnnxTensor) encoded.get(0), most, progress);
        } catch (OrtException failure) {
            throw new IllegalStateException("The network that drafts words failed.", failure);
        }
    }

    private Heard written(OnnxTensor heard, int most, Progress progress) throws OrtException {
        List<Integer> numbers = new ArrayList<>();
        double certainty = 0;
        try (Result first = first(heard)) {
            Result latest = first;
            try {
                Choice choice = Choice.likeliest(latest);
                while (choice.piece() != WordPieces.END && numbers.size() < most) {
                    progress.step(numbers.size() / (double) most);
                    certainty += choice.logarithm();
                    numbers.add(choice.piece());
                    Result next = next(choice.piece(), heard, first, latest);
                    if (latest != first) {
                        latest.close();
                    }
                    latest = next;
                    choice = Choice.likeliest(latest);
                }
                return new Heard(pieces.text(numbers), (certainty + choice.logarithm()) / (numbers.size() + 1));
            } finally {
                if (latest != first) {
                    latest.close();
                }
            }
        }
    }

    private Result first(OnnxTensor heard) throws OrtException {
        Map<String, OnnxTensor> nothing = new HashMap<>();
        try {
            for (Map.Entry<String, long[]> part : memory.entrySet()) {
                nothing.put(part.getKey(), OnnxTensor.createTensor(runtime, FloatBuffer.allocate(0), part.getValue()));
            }
            return written(WordPieces.START, heard, nothing, false);
        } finally {
            nothing.values().forEach(OnnxTensor::close);
        }
    }

    /** The decoder remembers what it wrote from step to step, and what it heard from the first step on. */
    private Result next(int piece, OnnxTensor heard, Result first, Result latest) throws OrtException {
        Map<String, OnnxTensor> remembered = new HashMap<>();
        for (String name : memory.keySet()) {
            Result from = name.contains("encoder") ? first : latest;
            remembered.put(
                    name, (OnnxTensor) from.get(name.replace(PAST, PRESENT)).orElseThrow());
        }
        return written(piece, heard, remembered, true);
    }

    private Result written(int piece, OnnxTensor heard, Map<String, OnnxTensor> remembered, boolean remembers)
            throws OrtException {
        Map<String, OnnxTensor> inputs = new HashMap<>(remembered);
        inputs.put("encoder_hidden_states", heard);
        try (OnnxTensor last =
                        OnnxTensor.createTensor(runtime, LongBuffer.wrap(new long[] {piece}), new long[] {1, 1});
                OnnxTensor cached = OnnxTensor.createTensor(runtime, new boolean[] {remembers})) {
            inputs.put("input_ids", last);
            inputs.put("use_cache_branch", cached);
            return sessions.decoder.run(inputs);
        }
    }

    /** The likeliest next piece and the natural logarithm of its probability. */
    private record Choice(int piece, double logarithm) {
        static Choice likeliest(Result written) {
            FloatBuffer scores = ((OnnxTensor) written.get("logits").orElseThrow()).getFloatBuffer();
            int best = 0;
            for (int i = 1; i < scores.limit(); i++) {
                if (scores.get(i) > scores.get(best)) {
                    best = i;
                }
            }
            double sum = 0;
            for (int i = 0; i < scores.limit(); i++) {
                sum += Math.exp(scores.get(i) - scores.get(best));
            }
            return new Choice(best, -Math.log(sum));
        }
    }
}
