package graykite.people.plan;

import graykite.base.Names;

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
        return Names.meant(values(), HairStyle::word, word, "Hair is");
    }
}
