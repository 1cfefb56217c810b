package graykite.media.ear;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.base.Progress;
import graykite.hearing.SimulatedVoice;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HexFormat;
import java.util.List;
import org.junit.jupiter.api.Test;

class InnerValuesTest {
    private static String hex(byte[] bytes) {
        return HexFormat.of().formatHex(bytes);
    }

    /** Truth: the encoding of Protocol Buffers, by hand: key = number << 3 | 2, length, content; and onnx.proto's numbers 7, 12 and 1. */
    @Test
    void standBehindANetworkAsPartsOfItsGraph() {
        assertEquals("3a06" + "6204" + "0a02" + "6162", hex(InnerValues.given("ab")));
        assertEquals("3a0a" + "6203" + "0a01" + "61" + "6203" + "0a01" + "62", hex(InnerValues.given("a", "b")));
        assertEquals("3a00", hex(InnerValues.given()));
    }

    /** Lengths of 128 and more take two bytes, the lower seven bits first. */
    @Test
    void longNamesKeepTheirLength() {
        byte[] given = InnerValues.given("x".repeat(300));
        assertEquals("3ab202" + "62af02" + "0aac02", hex(Arrays.copyOf(given, 9)));
        assertEquals(309, given.length);
    }

    @Test
    void theEncoderGivesOutWhatItsFifthLayerPassesOn() {
        List<float[]> rows = new ArrayList<>();
        SpeechEncoder.shipped().features(SimulatedVoice.speak("Boat ahead!").sound(), Progress.none(), rows::add);
        float[] row = rows.get(rows.size() / 2);
        assertEquals(2 * 416, row.length, "two layers of 416 values");
        float[] last = Arrays.copyOf(row, 416);
        float[] fifth = Arrays.copyOfRange(row, 416, 832);
        assertTrue(spread(fifth) > 0.01, "it has values");
        assertFalse(Arrays.equals(last, fifth));
    }

    private static double spread(float[] values) {
        double mean = 0;
        for (float value : values) {
            mean += value / values.length;
        }
        double variance = 0;
        for (float value : values) {
            variance += (value - mean) * (value - mean) / values.length;
        }
        return Math.sqrt(variance);
    }

    /** A misspelt layer is no silent loss. */
    @Test
    void aValueThatANetworkLacksIsSaid() {
        assertThrows(IllegalStateException.class, () -> OnnxNetwork.shipped("encoder.onnx", "/layers.99/none"));
    }
}
