package graykite.studio.model;

import java.util.Locale;

/** Counts in words. */
public final class Counted {
    private Counted() {}

    /** For example "1 blink", "1,024 triangles". */
    public static String of(long number, String what) {
        return of(number, what, what + "s");
    }

    /** With a plural of its own, for example "2 passes". */
    public static String of(long number, String one, String many) {
        return String.format(Locale.ROOT, "%,d %s", number, number == 1 ? one : many);
    }
}
