package graykite.base;

import java.util.function.Predicate;

/** Names that must differ from one another. */
public final class Names {
    private Names() {}

    /** The name itself, or with the first number after it that makes it free. */
    public static String free(String name, Predicate<String> taken) {
        String tried = name;
        for (int i = 2; taken.test(tried); i++) {
            tried = name + " " + i;
        }
        return tried;
    }
}
