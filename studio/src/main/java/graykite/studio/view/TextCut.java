package graykite.studio.view;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import javafx.scene.text.Font;
import javafx.scene.text.Text;

/**
 * As much of a text as there is room for. Clipping on a canvas costs a picture of the whole canvas for each text, so texts
 * are cut instead, by the widths of their letters.
 */
final class TextCut {
    /** Widths of letters do not change, so they are measured once. */
    private static final Map<Font, Map<Integer, Double>> WIDTHS = new ConcurrentHashMap<>();

    private static final String GOES_ON = "\u2026";

    private TextCut() {}

    /** Width of a text in pixels. */
    static double width(String text, Font font) {
        return text.codePoints().mapToDouble(c -> width(c, font)).sum();
    }

    /** The longest beginning of a text that fits into a width. */
    static String cut(String text, Font font, double width) {
        double left = width;
        int at = 0;
        while (at < text.length()) {
            int letter = text.codePointAt(at);
            left -= width(letter, font);
            if (left < 0) {
                return text.substring(0, at);
            }
            at += Character.charCount(letter);
        }
        return text;
    }

    /** The whole text where it fits, otherwise its beginning and an ellipsis; empty where there is no room for a letter. */
    static String shortened(String text, Font font, double width) {
        if (width(text, font) <= width) {
            return text;
        }
        String beginning = cut(text, font, width - width(GOES_ON, font)).stripTrailing();
        return beginning.isEmpty() ? "" : beginning + GOES_ON;
    }

    private static double width(int letter, Font font) {
        return WIDTHS.computeIfAbsent(font, f -> new ConcurrentHashMap<>()).computeIfAbsent(letter, c -> {
            Text text = new Text(Character.toString(c));
            text.setFont(font);
            return text.getLayoutBounds().getWidth();
        });
    }
}
