package graykite.studio.model;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Optional;

/** The pages of the user guide, which ships with the application: docs/guide. */
public final class GuidePages {
    /** The page that leads to all others. */
    public static final String CONTENTS = "README.md";

    private static final String FOLDER = "/graykite/studio/guide/";

    private GuidePages() {}

    /** The name of the page about a desk. */
    public static String of(Knot knot) {
        return (knot.ordinal() + 1) + "-" + knot.name().toLowerCase(Locale.ROOT) + ".md";
    }

    /** A page's Markdown; empty when the guide has none of this name. */
    public static Optional<String> text(String page) {
        if (!page.matches("[A-Za-z0-9-]+\\.md")) {
            return Optional.empty();
        }
        try (InputStream in = GuidePages.class.getResourceAsStream(FOLDER + page)) {
            return in == null ? Optional.empty() : Optional.of(new String(in.readAllBytes(), StandardCharsets.UTF_8));
        } catch (IOException broken) {
            throw new UncheckedIOException("A page of the guide cannot be read: " + page, broken);
        }
    }

    /** Where something that a page links to, and that does not ship with the window, lies among the sources. */
    public static String inTheSources(String target) {
        return target.startsWith("../") ? "docs/" + target.substring(3) : "docs/guide/" + target;
    }
}
