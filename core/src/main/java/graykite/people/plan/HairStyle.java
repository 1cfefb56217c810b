package graykite.people.plan;

import static graykite.base.Require.requireThat;

import java.util.Arrays;
import java.util.Locale;
import java.util.stream.Collectors;

/** How hair is worn. */
public enum HairStyle {
    NONE("none"),
    COMBED_BACK("combed back"),
    CURLS("curls"),
    TOUSLED("tousled"),
    BOB("bob"),
    WREATH("wreath");

    private final String word;

    HairStyle(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }

    /** @throws IllegalArgumentException when there is none of that word */
    public static HairStyle of(String word) {
        requireThat(
                Arrays.stream(values()).anyMatch(s -> s.word.equals(word.toLowerCase(Locale.ROOT))),
                "Hair is one of: %s; not \"%s\".",
                Arrays.stream(values()).map(HairStyle::word).collect(Collectors.joining(", ")),
                word);
        return Arrays.stream(values())
                .filter(s -> s.word.equals(word.toLowerCase(Locale.ROOT)))
                .findFirst()
                .orElseThrow();
    }
}
