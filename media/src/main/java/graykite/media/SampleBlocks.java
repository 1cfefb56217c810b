package graykite.media;

import java.util.ArrayList;
import java.util.List;

/**
 * Samples whose number is not known before the end. Kept in blocks, so that growing copies nothing: an hour of sound would
 * otherwise take up to three times its own memory.
 */
final class SampleBlocks {
    /** Small enough to share a region of the garbage collector with others. */
    private static final int BLOCK = 1 << 16;

    private final List<List<float[]>> channels = new ArrayList<>();
    private int length;

    SampleBlocks(int channelCount) {
        for (int c = 0; c < channelCount; c++) {
            channels.add(new ArrayList<>());
        }
    }

    /** Tells a sample of what is appended. */
    interface Samples {
        float at(int channel, int index);
    }

    /** Appends samples of all channels; values that are no numbers, as damaged files hold, become silence. */
    void append(int count, Samples samples) {
        for (int c = 0; c < channels.size(); c++) {
            List<float[]> blocks = channels.get(c);
            for (int i = 0; i < count; i++) {
                int at = length + i;
                if (at / BLOCK == blocks.size()) {
                    blocks.add(new float[BLOCK]);
                }
                float value = samples.at(c, i);
                blocks.get(at / BLOCK)[at % BLOCK] = Float.isFinite(value) ? value : 0;
            }
        }
        length += count;
    }

    /** Samples a channel so far. */
    int length() {
        return length;
    }

    /** All samples, an array a channel. Lets go of the blocks one channel after the other; nothing can be appended afterwards. */
    float[][] joined() {
        float[][] joined = new float[channels.size()][];
        for (int c = 0; c < joined.length; c++) {
            List<float[]> blocks = channels.get(c);
            joined[c] = new float[length];
            for (int b = 0; b < blocks.size(); b++) {
                int from = b * BLOCK;
                System.arraycopy(blocks.get(b), 0, joined[c], from, Math.min(BLOCK, length - from));
            }
            blocks.clear();
        }
        return joined;
    }
}
