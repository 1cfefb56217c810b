package graykite.text;

import com.ibm.icu.text.BreakIterator;
import com.ibm.icu.util.ULocale;

/** Sets apart the words of a script that is written without blanks between them: Japanese, by ICU's dictionary. */
final class Spaceless {
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

    /** The text with a blank at each end of a word; as it is where other scripts are written. */
    static String spaced(String text) {
        if (!concerns(text)) {
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
