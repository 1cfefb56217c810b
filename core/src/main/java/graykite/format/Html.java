package graykite.format;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Base64;

/** What pages share that are written into a template. */
public final class Html {
    private Html() {}

    /** A template that ships with Gray Kite. @param path of the resource */
    public static String template(String path) {
        try (InputStream in = Html.class.getResourceAsStream(path)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException damaged) {
            throw new UncheckedIOException(damaged);
        }
    }

    /** Text that stays text in a page. */
    public static String escaped(String text) {
        return text.replace("&", "&amp;")
                .replace("<", "&lt;")
                .replace(">", "&gt;")
                .replace("\"", "&quot;")
                .replace("'", "&#39;");
    }

    /** A picture as part of the page, for its address. */
    public static String inline(byte[] png) {
        return "data:image/png;base64," + Base64.getEncoder().encodeToString(png);
    }
}
