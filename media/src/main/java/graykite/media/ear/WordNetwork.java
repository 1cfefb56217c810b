package graykite.media.ear;

import ai.onnxruntime.OnnxTensor;
import ai.onnxruntime.OrtException;
import ai.onnxruntime.OrtSession.Result;
import graykite.base.Progress;
import graykite.sound.Sound;
import graykite.time.TimeRange;
import java.lang.ref.Reference;
import java.nio.FloatBuffer;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Writes down what is said in a stretch of English: the decoder of Moonshine base on what the {@link SpeechEncoder} hears. It writes one piece
 * of a word after the other, always the likeliest.
 */
final class WordNetwork {
    /** English has fewer pieces a second, even when spoken fast; a text that goes on is none. */
    private static final double MOST_A_SECOND = 6.5;

    private static final String PAST = "past_key_values";
    private static final String PRESENT = "present";

    private final SpeechEncoder encoder;
    private final OnnxNetwork decoder;
    private final WordPieces pieces;

    /** Names of what the decoder remembers, and the shape of each when it remembers nothing. */
    private final Map<String, long[]> memory;

    private WordNetwork(SpeechEncoder encoder, OnnxNetwork decoder, WordPieces pieces) throws OrtException {
        this.encoder = encoder;
        this.decoder = decoder;
        this.pieces = pieces;
        this.memory = decoder.nothing(PAST);
    }

    /**
     * A text, and how sure the network is of it: the mean natural logarithm of what it gave each piece, at most 0. In clear English it is -0.1 in
     * the median, in other languages -0.8.
     */
    record Heard(String text, double certainty) {}

    /** The network that ships. Takes a second. */
    static WordNetwork shipped(SpeechEncoder encoder) {
        try {
            return new WordNetwork(encoder, OnnxNetwork.shipped("decoder.onnx"), WordPieces.shipped());
        } catch (OrtException failure) {
            throw new IllegalStateException("The network that drafts words cannot be loaded.", failure);
        }
    }

    /**
     * What is said in a stretch of at most half a minute; no text where there is none.
     *
     * @param sound at {@link SpeechEncoder#RATE}
     * @throws java.util.concurrent.CancellationException when the progress is cancelled
     */
    Heard heard(Sound sound, TimeRange stretch, Progress progress) {
        int most = (int) Math.ceil(stretch.length() * MOST_A_SECOND);
        try {
            return encoder.heard(sound, stretch, (heard, within) -> written(heard, most, progress));
        } finally {
            // What is written lies in the decoder's own memory, which goes with it.
            Reference.reachabilityFence(decoder);
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
                nothing.put(part.getKey(), decoder.tensor(new float[0], part.getValue()));
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
        try (OnnxTensor last = decoder.tensor(piece);
                OnnxTensor cached = decoder.tensor(remembers)) {
            inputs.put("input_ids", last);
            inputs.put("use_cache_branch", cached);
            return decoder.run(inputs);
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
