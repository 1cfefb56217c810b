package graykite.base;

import static graykite.base.Require.requireThat;

import java.util.Arrays;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;

/** Names that must differ from one another. */
public final class Names {
    private Names() {}

    /**
     * The one of several that a word means, in any case of letters.
     *
     * @param word what each is called
     * @param what begins the complaint, such as "Hair is"
     * @throws IllegalArgumentException that lists them when it means none
     */
    public static <T> T meant(T[] all, Function<T, String> word, String sought, String what) {
        Optional<T> found = Arrays.stream(all)
                .filter(one -> word.apply(one).equalsIgnoreCase(sought))
                .findFirst();
        requireThat(
                found.isPresent(),
                "%s one of: %s; not \"%s\".",
                what,
                Arrays.stream(all).map(word).collect(Collectors.joining(", ")),
                sought);
        return found.orElseThrow();
    }

    /** The name itself, or with the first number after it that makes it free. */
    public static String free(String name, Predicate<String> taken) {
        String tried = name;
        for (int i = 2; taken.test(tried); i++) {
            tried = name + " " + i;
        }
        return tried;
    }
}
