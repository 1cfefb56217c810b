package graykite.media.ear;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.text.Phone;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.util.Arrays;
import java.util.Random;
import org.junit.jupiter.api.Test;

class PhoneLayerTest {
    private static final int PHONES = Phone.values().length;

    private static PhoneLayer layer() {
        Random chance = new Random(3);
        float[][] weights = new float[PHONES][5];
        float[] bias = new float[PHONES];
        int[] counted = new int[PHONES];
        for (int p = 0; p < PHONES; p++) {
            for (int i = 0; i < 5; i++) {
                weights[p][i] = (float) chance.nextGaussian();
            }
            bias[p] = (float) chance.nextGaussian();
            counted[p] = 1 + chance.nextInt(50);
        }
        return new PhoneLayer(weights, bias, counted);
    }

    private static byte[] bytes(PhoneLayer layer) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        layer.write(out);
        return out.toByteArray();
    }

    @Test
    void chancesAreThoseOfTheSoftmax() {
        PhoneLayer layer = layer();
        float[] features = {0.5f, -1, 2, 0, 1};
        double[] chances = new double[PHONES];
        layer.chances(features, chances);
        assertEquals(1, Arrays.stream(chances).sum(), 1e-9);
        double[] sums = new double[2];
        for (int p = 0; p < 2; p++) {
            sums[p] = layer.bias()[p];
            for (int i = 0; i < 5; i++) {
                sums[p] += layer.weights()[p][i] * features[i];
            }
        }
        assertEquals(Math.exp(sums[0] - sums[1]), chances[0] / chances[1], 1e-6);
        layer.chances(new float[] {900, 0, 0, 0, 0}, chances);
        assertEquals(1, Arrays.stream(chances).sum(), 1e-9, "No sum is too large.");
        double[] priors = layer.priors();
        assertEquals(1, Arrays.stream(priors).map(Math::exp).sum(), 1e-9);
        assertEquals(layer.counted()[0] / (double) layer.counted()[1], Math.exp(priors[0] - priors[1]), 1e-9);
    }

    @Test
    void whatIsWrittenIsReadAgain() throws Exception {
        PhoneLayer layer = layer();
        PhoneLayer read = PhoneLayer.read(new ByteArrayInputStream(bytes(layer)));
        assertArrayEquals(layer.weights(), read.weights());
        assertArrayEquals(layer.bias(), read.bias());
        assertArrayEquals(layer.counted(), read.counted());
    }

    @Test
    void otherFilesAreRefused() throws Exception {
        byte[] good = bytes(layer());
        assertThrows(
                IOException.class,
                () -> PhoneLayer.read(new ByteArrayInputStream(Arrays.copyOf(good, good.length - 3))));
        assertThrows(IOException.class, () -> PhoneLayer.read(new ByteArrayInputStream(new byte[0])));
        ByteArrayOutputStream huge = new ByteArrayOutputStream();
        new DataOutputStream(huge).writeInt(Integer.MAX_VALUE);
        String tooMany = assertThrows(
                        IOException.class, () -> PhoneLayer.read(new ByteArrayInputStream(huge.toByteArray())))
                .getMessage();
        assertTrue(tooMany.contains("2147483647 features"), tooMany);
        byte[] other = good.clone();
        other[6] = 'Q';
        String named = assertThrows(IOException.class, () -> PhoneLayer.read(new ByteArrayInputStream(other)))
                .getMessage();
        assertTrue(named.contains("where " + Phone.values()[0] + " is asked for"), named);
        assertThrows(
                IllegalArgumentException.class,
                () -> new PhoneLayer(new float[PHONES][5], new float[PHONES], new int[PHONES]));
    }
}
