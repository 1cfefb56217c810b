package graykite.studio;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.studio.model.Palette;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javafx.scene.paint.Color;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * Colours of both themes against the Web Content Accessibility Guidelines (WCAG 2.2, W3C): text stands out from what it is written
 * on by 4.5 to 1 (success criterion 1.4.3), what is drawn and means something by 3 to 1 (1.4.11).
 */
class ContrastTest {
    private static final double TEXT = 4.5;
    private static final double DRAWN = 3;
    private static final Pattern TOKEN = Pattern.compile("([a-z0-9-]+): *(#[0-9A-Fa-f]{6});");

    /** The colours that the style sheet names, dusk's over those of the day. */
    private static Map<String, Color> tokens(String theme) throws IOException {
        String css;
        try (InputStream in = ContrastTest.class.getResourceAsStream("/graykite/studio/studio.css")) {
            css = new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
        Map<String, Color> tokens = new HashMap<>();
        read(css, ".root {", tokens);
        if (theme.equals("dusk")) {
            read(css, ".root.dusk {", tokens);
        }
        return tokens;
    }

    private static void read(String css, String rule, Map<String, Color> tokens) {
        int from = css.indexOf(rule);
        Matcher token = TOKEN.matcher(css.substring(from, css.indexOf('}', from)));
        while (token.find()) {
            tokens.put(token.group(1), Color.web(token.group(2)));
        }
    }

    /** WCAG 2.2, "relative luminance". */
    private static double luminance(Color c) {
        return 0.2126 * linear(c.getRed()) + 0.7152 * linear(c.getGreen()) + 0.0722 * linear(c.getBlue());
    }

    private static double linear(double shown) {
        return shown <= 0.04045 ? shown / 12.92 : Math.pow((shown + 0.055) / 1.055, 2.4);
    }

    private static double contrast(Color one, Color other) {
        double a = luminance(one);
        double b = luminance(other);
        return (Math.max(a, b) + 0.05) / (Math.min(a, b) + 0.05);
    }

    private static void stands(Map<String, Color> tokens, String what, String on, double least) {
        double contrast = contrast(tokens.get(what), tokens.get(on));
        assertTrue(contrast >= least, String.format("%s on %s: %.2f", what, on, contrast));
    }

    /** On each of the grounds that a desk has. */
    private static void standsEverywhere(Map<String, Color> tokens, double least, String... all) {
        for (String ground : new String[] {"paper", "paper-2", "card"}) {
            for (String what : all) {
                stands(tokens, what, ground, least);
            }
        }
    }

    @Test
    void theFormulaIsTheGuidelines() {
        assertEquals(21, contrast(Color.BLACK, Color.WHITE), 1e-9);
        assertEquals(4.54, contrast(Color.web("#767676"), Color.WHITE), 0.01, "the darkest gray that still passes");
    }

    @ParameterizedTest
    @ValueSource(strings = {"day", "dusk"})
    void textCanBeRead(String theme) throws IOException {
        Map<String, Color> tokens = tokens(theme);
        standsEverywhere(
                tokens,
                TEXT,
                "ink",
                "ink-2",
                "tide",
                "string",
                "-color-danger-fg",
                "-color-fg-default",
                "-color-fg-muted",
                "-color-fg-subtle");
        stands(tokens, "-color-fg-emphasis", "tide", TEXT);
    }

    @ParameterizedTest
    @ValueSource(strings = {"day", "dusk"})
    void whatMeansSomethingCanBeSeen(String theme) throws IOException {
        Map<String, Color> tokens = tokens(theme);
        standsEverywhere(tokens, DRAWN, "tide", "string", "moss", "plum");
        stands(tokens, "-color-fg-emphasis", "string", DRAWN);
    }

    /** What is drawn on canvas has the colours of the style sheet. */
    @ParameterizedTest
    @ValueSource(strings = {"day", "dusk"})
    void theCanvasUsesTheSameColours(String theme) throws IOException {
        Map<String, Color> tokens = tokens(theme);
        Palette palette = theme.equals("day") ? Palette.LIGHT : Palette.DUSK;
        assertEquals(tokens.get("string"), palette.string());
        assertEquals(tokens.get("tide"), palette.tide());
        assertEquals(tokens.get("plum"), palette.plum());
        assertEquals(tokens.get("ink"), palette.ink());
        assertEquals(tokens.get("paper"), palette.paper());
    }
}
