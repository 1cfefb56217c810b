package graykite.hearing;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.reading.HeardPhone;
import graykite.text.Phone;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;
import org.junit.jupiter.api.Test;

class BoundaryNetworkTest {
    private static final int FIRST = BoundaryNetwork.FIRST;
    private static final int SECOND = BoundaryNetwork.SECOND;
    private static final BoundaryPlace PLACE = new BoundaryPlace(Phone.S, Phone.T, Phone.IY, Phone.N, 40, 50, 66);

    private static float[] random(int length, double most, long seed) {
        Random random = new Random(seed);
        float[] values = new float[length];
        for (int i = 0; i < length; i++) {
            values[i] = (float) (most * random.nextGaussian());
        }
        return values;
    }

    private static RealMatrix rows(float[] weights, int from, int rows, int columns) {
        RealMatrix matrix = MatrixUtils.createRealMatrix(rows, columns);
        for (int r = 0; r < rows; r++) {
            for (int c = 0; c < columns; c++) {
                matrix.setEntry(r, c, weights[from + r * columns + c]);
            }
        }
        return matrix;
    }

    private static RealMatrix row(float[] values) {
        return rows(values, 0, 1, values.length);
    }

    private static RealMatrix rectified(RealMatrix row) {
        RealMatrix copy = row.copy();
        for (int c = 0; c < copy.getColumnDimension(); c++) {
            copy.setEntry(0, c, Math.max(0, copy.getEntry(0, c)));
        }
        return copy;
    }

    /** The same network written as products of matrices (Hipparchus). */
    @Test
    void itComputesWhatItsDefinitionSays() {
        float[] w = random(BoundaryNetwork.SIZE, 0.2, 4);
        BoundaryNetwork network = new BoundaryNetwork(w);
        float[] sound = random(BoundaryView.VALUES, 1, 5);
        float[] numbers = random(BoundaryPlace.NUMBERS, 1, 6);
        float[] heard = new float[FIRST];
        float[] met = new float[FIRST];
        network.listen(sound, heard);
        network.meet(PLACE, met);
        RealMatrix first = row(sound)
                .multiply(rows(w, 0, BoundaryView.VALUES, FIRST))
                .add(row(numbers).multiply(rows(w, BoundaryNetwork.NUMBERS, BoundaryPlace.NUMBERS, FIRST)))
                .add(rows(w, BoundaryNetwork.BIAS, 1, FIRST))
                .add(rows(w, BoundaryNetwork.LEFT + Phone.T.ordinal() * FIRST, 1, FIRST))
                .add(rows(w, BoundaryNetwork.RIGHT + Phone.IY.ordinal() * FIRST, 1, FIRST))
                .add(rows(w, BoundaryNetwork.BEFORE + Phone.Kind.FRICATIVE.ordinal() * FIRST, 1, FIRST))
                .add(rows(w, BoundaryNetwork.AFTER + Phone.Kind.NASAL.ordinal() * FIRST, 1, FIRST));
        RealMatrix second = rectified(first)
                .multiply(rows(w, BoundaryNetwork.SECOND_LAYER, FIRST, SECOND))
                .add(rows(w, BoundaryNetwork.SECOND_BIAS, 1, SECOND));
        double odds = rectified(second)
                        .multiply(rows(w, BoundaryNetwork.OUT, SECOND, 1))
                        .getEntry(0, 0)
                + w[BoundaryNetwork.OUT_BIAS];
        assertEquals(odds, network.logOdds(heard, met, numbers), 1e-4 * Math.max(1, Math.abs(odds)));
        int pair = Phone.Kind.STOP.ordinal() * Phone.Kind.values().length + Phone.Kind.VOWEL.ordinal();
        assertEquals(w[BoundaryNetwork.HABITS + pair], network.habit(PLACE));
    }

    @Test
    void whatIsWrittenIsRead() throws IOException {
        BoundaryNetwork network = new BoundaryNetwork(random(BoundaryNetwork.SIZE, 1, 7));
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        network.write(out);
        BoundaryNetwork back = BoundaryNetwork.read(new ByteArrayInputStream(out.toByteArray()));
        float[] sound = random(BoundaryView.VALUES, 1, 8);
        float[] one = new float[FIRST];
        float[] other = new float[FIRST];
        network.listen(sound, one);
        back.listen(sound, other);
        assertArrayEquals(one, other);
        assertEquals(network.habit(PLACE), back.habit(PLACE));
        byte[] bytes = out.toByteArray();
        bytes[0]++;
        assertThrows(IOException.class, () -> BoundaryNetwork.read(new ByteArrayInputStream(bytes)));
        bytes[0]--;
        assertThrows(
                IOException.class,
                () -> BoundaryNetwork.read(new ByteArrayInputStream(Arrays.copyOf(bytes, bytes.length - 1))));
        assertThrows(IllegalArgumentException.class, () -> new BoundaryNetwork(new float[3]));
    }

    @Test
    void placesLieBetweenWhatIsHeard() {
        List<HeardPhone> heard = List.of(
                new HeardPhone(-1, 0, 0, Phone.SIL, 0, 20, 0),
                new HeardPhone(0, 0, 0, Phone.F, 20, 40, 0),
                new HeardPhone(0, 0, 1, Phone.OW, 40, 70, 0));
        assertEquals(
                List.of(
                        new BoundaryPlace(Phone.SIL, Phone.SIL, Phone.F, Phone.OW, 0, 20, 40),
                        new BoundaryPlace(Phone.SIL, Phone.F, Phone.OW, Phone.SIL, 20, 40, 70)),
                BoundaryPlace.between(heard));
        assertEquals(List.of(), BoundaryPlace.between(heard.subList(0, 1)));
    }

    /** Of a boundary heard at frame 50 between 40 and 66. */
    @Test
    void whereAFrameLies() {
        float[] numbers = new float[BoundaryPlace.NUMBERS];
        PLACE.numbers(53, numbers);
        assertEquals(3.5 / 12, numbers[0], 1e-6);
        assertEquals(Math.tanh(3.5 / 3), numbers[1], 1e-6);
        assertEquals(Math.tanh(13.5 / 4), numbers[2], 1e-6);
        assertEquals(Math.tanh(-12.5 / 4), numbers[3], 1e-6);
        assertEquals(Math.log(10 / 12.0), numbers[4], 1e-6);
        assertEquals(Math.log(16 / 12.0), numbers[5], 1e-6);
        PLACE.numbers(90, numbers);
        assertEquals(2, numbers[0]);
        PLACE.numbers(5, numbers);
        assertEquals(-2, numbers[0]);
        assertTrue(numbers[1] < -0.99);
    }
}
