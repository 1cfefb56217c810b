package graykite.hearing;

import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Map;

/** The words of a line of text, of which most are only looked at where they stand. */
final class ModelWords {
    private static final int MOST = 16;

    private final byte[] text;
    private final int[] starts = new int[MOST];
    private final int[] ends = new int[MOST];
    /** Names are few and come again and again. */
    private final Map<Integer, String> names = new HashMap<>();

    ModelWords(byte[] text) {
        this.text = text;
    }

    int split(int from, int to) {
        int count = 0;
        int i = from;
        while (i < to && count < MOST) {
            while (i < to && text[i] <= ' ') {
                i++;
            }
            int start = i;
            while (i < to && text[i] > ' ') {
                i++;
            }
            if (i > start) {
                starts[count] = start;
                ends[count++] = i;
            }
        }
        return count;
    }

    boolean is(int word, char letter) {
        return ends[word] - starts[word] == 1 && text[starts[word]] == letter;
    }

    char letter(int word) {
        return (char) text[starts[word]];
    }

    int number(int word) {
        int value = 0;
        for (int i = starts[word]; i < ends[word]; i++) {
            value = 10 * value + text[i] - '0';
        }
        return value;
    }

    String text(int word) {
        int length = ends[word] - starts[word];
        if (length > 3) {
            return string(word);
        }
        int packed = 0;
        for (int i = starts[word]; i < ends[word]; i++) {
            packed = packed << 8 | text[i];
        }
        return names.computeIfAbsent(packed, p -> string(word));
    }

    private String string(int word) {
        return new String(text, starts[word], ends[word] - starts[word], StandardCharsets.ISO_8859_1);
    }
}
