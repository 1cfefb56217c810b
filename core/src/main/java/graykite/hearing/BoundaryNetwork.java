package graykite.hearing;

import static graykite.base.Require.requireThat;

import graykite.text.Phone;
import java.io.ByteArrayInputStream;
import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.util.Arrays;

/**
 * A small feed-forward network that says of a frame near a boundary whether it still belongs to the phone on the left or
 * already to the one on the right. It sees the sound around the frame ({@link BoundaryView}), which phones meet, and where
 * the search put the boundary. Trained on synthetic voices that print their own phone times, with noise, echo and narrow
 * bands mixed in (bench: BoundaryTraining).
 *
 * <p>It also knows the habits of the search, such as hearing a vowel only once the window is full of it, so that what the search
 * heard can be weighed in: the two err in different places.
 *
 * <p>Two hidden layers of rectified units. All weights lie in one array, so that training can treat them alike; the
 * offsets below say which is which.
 */
public final class BoundaryNetwork {
    /** Units of the two hidden layers. */
    public static final int FIRST = 64;

    public static final int SECOND = 32;

    private static final int PHONES = Phone.values().length;
    private static final int KINDS = Phone.Kind.values().length;

    /** Where each table begins; every row of the first ones has {@link #FIRST} weights. */
    public static final int LEFT = BoundaryView.VALUES * FIRST;

    public static final int RIGHT = LEFT + PHONES * FIRST;
    public static final int BEFORE = RIGHT + PHONES * FIRST;
    public static final int AFTER = BEFORE + KINDS * FIRST;
    public static final int NUMBERS = AFTER + KINDS * FIRST;
    public static final int BIAS = NUMBERS + BoundaryPlace.NUMBERS * FIRST;
    public static final int SECOND_LAYER = BIAS + FIRST;
    public static final int SECOND_BIAS = SECOND_LAYER + FIRST * SECOND;
    public static final int OUT = SECOND_BIAS + SECOND;
    public static final int OUT_BIAS = OUT + SECOND;
    /** Where the habits of the search begin: for each pair of kinds, by how many frames it hears boundaries late. */
    public static final int HABITS = OUT_BIAS + 1;

    public static final int SIZE = HABITS + KINDS * KINDS;

    private static final String SHIPPED = "boundaries.bin";
    private static final int MARK = 0x4b42_0002;

    private final float[] weights;

    /** @param weights {@link #SIZE} of them */
    public BoundaryNetwork(float[] weights) {
        requireThat(weights.length == SIZE, "A boundary network has %s weights, not %s.", SIZE, weights.length);
        this.weights = weights.clone();
    }

    /** The network that ships with Gray Kite. */
    public static BoundaryNetwork shipped() {
        try (InputStream in = BoundaryNetwork.class.getResourceAsStream(SHIPPED)) {
            if (in == null) {
                throw new IllegalStateException("The shipped boundary network is missing.");
            }
            return read(in);
        } catch (IOException failure) {
            throw new IllegalStateException("The shipped boundary network cannot be read.", failure);
        }
    }

    /** Reads what {@link #write} wrote. */
    public static BoundaryNetwork read(InputStream in) throws IOException {
        byte[] all = in.readNBytes(8 + 4 * SIZE);
        DataInputStream data = new DataInputStream(new ByteArrayInputStream(all));
        if (data.readInt() != MARK || data.readInt() != SIZE) {
            throw new IOException("This is not a boundary network of this version.");
        }
        float[] weights = new float[SIZE];
        for (int i = 0; i < SIZE; i++) {
            weights[i] = data.readFloat();
        }
        return new BoundaryNetwork(weights);
    }

    public void write(OutputStream out) throws IOException {
        DataOutputStream data = new DataOutputStream(out);
        data.writeInt(MARK);
        data.writeInt(SIZE);
        for (float weight : weights) {
            data.writeFloat(weight);
        }
        data.flush();
    }

    /** By how many frames the search is used to hear the boundary between two phones late; negative when early. */
    float habit(BoundaryPlace place) {
        return weights[habitOf(place)];
    }

    /** Index of the habit that concerns a boundary. */
    public static int habitOf(BoundaryPlace place) {
        return HABITS
                + place.left().kind().ordinal() * KINDS
                + place.right().kind().ordinal();
    }

    /** What the sound alone gives to the first layer. */
    void listen(float[] values, float[] hidden) {
        System.arraycopy(weights, BIAS, hidden, 0, FIRST);
        for (int v = 0; v < BoundaryView.VALUES; v += 4) {
            addFourRows(v * FIRST, values[v], values[v + 1], values[v + 2], values[v + 3], hidden);
        }
    }

    /** What the phones of a place give to the first layer: the same for all its frames. */
    void meet(BoundaryPlace place, float[] hidden) {
        Arrays.fill(hidden, 0);
        addRow(LEFT + place.left().ordinal() * FIRST, 1, hidden);
        addRow(RIGHT + place.right().ordinal() * FIRST, 1, hidden);
        addRow(BEFORE + place.before().kind().ordinal() * FIRST, 1, hidden);
        addRow(AFTER + place.after().kind().ordinal() * FIRST, 1, hidden);
    }

    /** Four rows at once touch the hidden units once instead of four times. */
    private void addFourRows(int at, float a, float b, float c, float d, float[] hidden) {
        for (int i = 0; i < FIRST; i++) {
            hidden[i] += a * weights[at + i]
                    + b * weights[at + FIRST + i]
                    + c * weights[at + 2 * FIRST + i]
                    + d * weights[at + 3 * FIRST + i];
        }
    }

    private void addRow(int at, float value, float[] hidden) {
        for (int i = 0; i < FIRST; i++) {
            hidden[i] += value * weights[at + i];
        }
    }

    /**
     * How much more likely a frame belongs to the phone on the right than to the one on the left: natural logarithm of the
     * odds.
     */
    float logOdds(float[] heard, float[] met, float[] numbers) {
        float[] first = new float[FIRST];
        for (int i = 0; i < FIRST; i++) {
            first[i] = heard[i] + met[i];
        }
        for (int n = 0; n < BoundaryPlace.NUMBERS; n++) {
            addRow(NUMBERS + n * FIRST, numbers[n], first);
        }
        float[] second = new float[SECOND];
        System.arraycopy(weights, SECOND_BIAS, second, 0, SECOND);
        for (int i = 0; i < FIRST; i++) {
            if (first[i] > 0) {
                int at = SECOND_LAYER + i * SECOND;
                for (int j = 0; j < SECOND; j++) {
                    second[j] += first[i] * weights[at + j];
                }
            }
        }
        float sum = weights[OUT_BIAS];
        for (int j = 0; j < SECOND; j++) {
            sum += Math.max(0, second[j]) * weights[OUT + j];
        }
        return sum;
    }
}
