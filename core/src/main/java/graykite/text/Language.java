package graykite.text;

import java.util.Locale;
import java.util.Optional;

/** A language in which a line may be spoken. All are heard with the English acoustic model, through the nearest sounds. */
public enum Language {
    ENGLISH("en", "English"),
    SPANISH("es", "Spanish"),
    ITALIAN("it", "Italian"),
    GERMAN("de", "German"),
    FRENCH("fr", "French");

    private final String code;
    private final String title;

    Language(String code, String title) {
        this.code = code;
        this.title = title;
    }

    /** Two letters as in ISO 639-1. */
    public String code() {
        return code;
    }

    public String title() {
        return title;
    }

    /** By its two letters or its English name. */
    public static Optional<Language> parse(String text) {
        String plain = text.strip().toLowerCase(Locale.ROOT);
        for (Language language : values()) {
            if (language.code.equals(plain)
                    || language.title.toLowerCase(Locale.ROOT).equals(plain)) {
                return Optional.of(language);
            }
        }
        return Optional.empty();
    }
}
