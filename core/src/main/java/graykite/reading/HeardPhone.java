package graykite.reading;

import static graykite.base.Require.requireThat;

import graykite.text.Phone;
import java.util.List;

/**
 * A phone or a pause as the search over the speech model hears it, before its boundaries are placed finely.
 *
 * @param word index of the word it belongs to; {@link #PAUSE} or {@link #UNSCRIPTED} where none is
 * @param variant which of the word's pronunciations was heard
 * @param index of the phone in that pronunciation
 * @param phone what is heard
 * @param startFrame first analysis frame, of {@link #SECONDS_A_FRAME}
 * @param endFrame frame after the last
 * @param score natural logarithm of the likelihood of its frames
 */
public record HeardPhone(int word, int variant, int index, Phone phone, int startFrame, int endFrame, double score) {
    /** Instead of a word: nothing is said. */
    public static final int PAUSE = -1;
    /** Instead of a word: something is said, or sounds, that the script does not hold. */
    public static final int UNSCRIPTED = -2;

    /** Length of an analysis frame in seconds. */
    public static final double SECONDS_A_FRAME = 0.005;

    public HeardPhone {
        requireThat(endFrame >= startFrame, "A phone ends before it starts.");
    }

    /** Natural logarithm of the likelihood of phones together. */
    public static double likelihood(List<HeardPhone> phones) {
        return phones.stream().mapToDouble(HeardPhone::score).sum();
    }
}
