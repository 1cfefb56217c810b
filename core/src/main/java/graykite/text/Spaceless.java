package graykite.text;

import com.ibm.icu.text.BreakIterator;
import com.ibm.icu.util.ULocale;
import java.util.regex.Pattern;

/**
 * Sets apart the words of a script that is written without blanks between them: Japanese, by ICU's dictionary. Where somebody has set
 * them apart already they stay as they are: the dictionary would find the little word は in はし.
 */
final class Spaceless {
    /** Characters that words have on the mean where blanks stand between them; sentences have more. */
    private static final double WORD = 5;

    private static final Pattern BLANKS = Pattern.compile("[\\s\\u3000]+");

    private Spaceless() {}

    /** True for a text with kana or the characters that stand among them. */
    static boolean concerns(String text) {
        return text.codePoints().anyMatch(Spaceless::isJapanese);
    }

    private static boolean isJapanese(int c) {
        return switch (Character.UnicodeScript.of(c)) {
            case HIRAGANA, KATAKANA, HAN -> true;
            default -> false;
        };
    }

    /** True when blanks stand between words, and not only here and there between sentences. */
    private static boolean isSpaced(String text) {
        long words = BLANKS.splitAsStream(text).filter(Spaceless::concerns).count();
        long letters = text.codePoints().filter(Spaceless::isJapanese).count();
        return words > 1 && letters <= WORD * words;
    }

    /** The text with a blank at each end of a word; as it is where other scripts are written, or where it has them already. */
    static String spaced(String text) {
        if (!concerns(text) || isSpaced(text)) {
            return text;
        }
        BreakIterator words = BreakIterator.getWordInstance(ULocale.JAPANESE);
        words.setText(text);
        StringBuilder spaced = new StringBuilder();
        int from = words.first();
        for (int to = words.next(); to != BreakIterator.DONE; to = words.next()) {
            // Only where a word of such characters begins: marks stay at the word before them.
            if (from > 0 && isJapanese(text.codePointAt(from))) {
                spaced.append(' ');
            }
            spaced.append(text, from, to);
            from = to;
        }
        return spaced.toString();
    }
}
