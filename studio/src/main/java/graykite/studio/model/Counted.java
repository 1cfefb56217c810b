package graykite.studio.model;

import java.util.Locale;

/** Counts in words. */
public final class Counted {
    private Counted() {}

    /** For example "1 blink", "1,024 triangles". */
    public static String of(long number, String what) {
        return String.format(Locale.ROOT, "%,d %s%s", number, what, number == 1 ? "" : "s");
    }
}
