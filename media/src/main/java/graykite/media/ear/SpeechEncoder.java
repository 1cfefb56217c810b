package graykite.media.ear;

import ai.onnxruntime.OnnxTensor;
import ai.onnxruntime.OrtException;
import ai.onnxruntime.OrtSession.Result;
import graykite.base.Progress;
import graykite.hearing.PhoneOdds;
import graykite.sound.Sound;
import graykite.time.TimeRange;
import java.lang.ref.Reference;
import java.nio.FloatBuffer;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;

/**
 * Hears speech: the encoder of the network Moonshine base (Jeffries et al. 2024, "Moonshine: Speech Recognition for Live Transcription and Voice
 * Commands") with whole-numbered weights. It was trained on English, and hears the sounds of other languages too.
 */
public final class SpeechEncoder {
    /** Samples a second that the network hears. */
    static final int RATE = 16_000;
    /** Samples that its first layers need to hear anything. */
    private static final int LEAST = RATE / 10;
    /** What its fifth layer of eight passes on: nearer to the sounds than what comes out, which is made for telling words. */
    private static final String FIFTH_LAYER = "/layers.4/Add_1_output_0";

    private final OnnxNetwork network;

    private SpeechEncoder(OnnxNetwork network) {
        this.network = network;
    }

    /** The encoder that ships. Takes a second. */
    public static SpeechEncoder shipped() {
        return new SpeechEncoder(OnnxNetwork.shipped("encoder.onnx", FIFTH_LAYER));
    }

    /**
     * Hears a sound and hands on a row of features every {@link PhoneOdds#STEP}, the first at {@link PhoneOdds#FIRST}: what comes out of the
     * network, and behind it what its fifth layer passes on. No more than half a minute of them is held at once: an hour weighs half a gigabyte.
     *
     * @throws java.util.concurrent.CancellationException when the progress is cancelled
     */
    public void features(Sound sound, Progress progress, Consumer<float[]> row) {
        Sound heard = sound.mixedAt(RATE);
        int from = 0;
        for (TimeRange stretch : Stretches.of(heard)) {
            progress.step(stretch.start() / Math.max(heard.duration(), PhoneOdds.STEP));
            // Each stretch is heard from a moment on, so that all moments are in step.
            double start = Math.min(from * PhoneOdds.STEP, stretch.end());
            List<float[]> rows = heard(heard, new TimeRange(start, stretch.end()), SpeechEncoder::rows);
            int until = Math.max(from + 1, (int) Math.round(stretch.end() / PhoneOdds.STEP));
            for (int m = from; m < until; m++) {
                row.accept(rows.get(Math.min(m - from, rows.size() - 1)));
            }
            from = until;
        }
    }

    private static List<float[]> rows(OnnxTensor heard, OnnxTensor within) {
        long[] shape = heard.getInfo().getShape();
        int width = (int) shape[2];
        FloatBuffer last = heard.getFloatBuffer();
        FloatBuffer inner = within.getFloatBuffer();
        List<float[]> rows = new ArrayList<>();
        for (int m = 0; m < shape[1]; m++) {
            float[] row = new float[2 * width];
            last.get(row, 0, width);
            inner.get(row, width, width);
            rows.add(row);
        }
        return rows;
    }

    /**
     * What is done with what is heard, while it is at hand: one row of features a moment, 24 ms apart, as it comes out of the network, and as
     * its fifth layer passes it on.
     */
    interface Use<T> {
        T of(OnnxTensor heard, OnnxTensor within) throws OrtException;
    }

    /**
     * Hears a stretch of at most half a minute.
     *
     * @param sound at {@link #RATE}; a stretch that is too short to be heard is made up with silence
     */
    <T> T heard(Sound sound, TimeRange stretch, Use<T> use) {
        float[] samples = sound.cut(stretch).mixed();
        float[] enough = Arrays.copyOf(samples, Math.max(samples.length, LEAST));
        try (OnnxTensor input = network.tensor(enough, 1, enough.length);
                Result encoded = network.run(Map.of("input_values", input))) {
            return use.of((OnnxTensor) encoded.get(0), (OnnxTensor) encoded.get(1));
        } catch (OrtException failure) {
            throw new IllegalStateException("The network that hears speech failed.", failure);
        } finally {
            // What is heard lies in the network's own memory, which goes with it.
            Reference.reachabilityFence(network);
        }
    }
}
