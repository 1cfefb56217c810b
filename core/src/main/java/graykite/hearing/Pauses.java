package graykite.hearing;

import graykite.text.Tags;
import graykite.text.WordChoice;
import java.util.List;
import java.util.regex.Pattern;

/**
 * How likely a pause is after each word, by the script's punctuation: natural logarithms, added to the likelihood of a path that
 * pauses there. Real pauses are long and outweigh what one costs within a phrase; closures and noise do not.
 */
final class Pauses {
    /** After a comma, a full stop or another mark at which one pauses: about seven times in eight. */
    static final float MARKED = 2;

    /** Between words of a phrase. */
    static final float WITHIN = -20;

    private static final Pattern MARK =
            Pattern.compile("[.,;:!?\\u2026\\u2013\\u2014\\u3001\\u3002\\uFF01\\uFF0C\\uFF1F]");

    private final float[] after;

    Pauses(List<WordChoice> words) {
        after = new float[words.size()];
        for (int w = 0; w < after.length; w++) {
            String mark = Tags.without(words.get(w).word().mark());
            after[w] = MARK.matcher(mark).find() ? MARKED : WITHIN;
        }
    }

    /** What a pause costs, or brings, after a word. */
    float after(int word) {
        return after[word];
    }
}
