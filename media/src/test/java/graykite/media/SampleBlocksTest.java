package graykite.media;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.Arrays;
import org.junit.jupiter.api.Test;

class SampleBlocksTest {
    /** Appended in uneven portions across many blocks, everything comes out in its place. */
    @Test
    void samplesKeepTheirPlaces() {
        SampleBlocks blocks = new SampleBlocks(2);
        int total = 0;
        for (int portion = 1; total < 300_000; portion = portion * 3 + 1) {
            int from = total;
            blocks.append(portion, (c, i) -> (c == 0 ? 1 : -1) * (float) (from + i));
            total += portion;
        }
        assertEquals(total, blocks.length());
        float[][] joined = blocks.joined();
        assertEquals(2, joined.length);
        for (int i = 0; i < total; i++) {
            assertEquals(i, joined[0][i]);
            assertEquals(-i, joined[1][i], 0);
        }
    }

    @Test
    void valuesThatAreNoNumbersBecomeSilence() {
        float[] damaged = {0.5f, Float.NaN, Float.POSITIVE_INFINITY, -0.5f};
        SampleBlocks blocks = new SampleBlocks(1);
        blocks.append(damaged.length, (c, i) -> damaged[i]);
        assertEquals("[0.5, 0.0, 0.0, -0.5]", Arrays.toString(blocks.joined()[0]));
    }
}
