package graykite.text;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;

/** A language in which a line may be spoken. All are heard with the English acoustic model, through the nearest sounds. */
public enum Language {
    ENGLISH("en", "English"),
    SPANISH("es", "Spanish"),
    ITALIAN("it", "Italian"),
    GERMAN("de", "German"),
    FRENCH("fr", "French"),
    PORTUGUESE("pt", "Portuguese"),
    DUTCH("nl", "Dutch"),
    POLISH("pl", "Polish"),
    SWEDISH("sv", "Swedish"),
    TURKISH("tr", "Turkish"),
    JAPANESE("ja", "Japanese");

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

    /** Small letters as this language writes them: Turkish has an i with a dot and one without. */
    public String lowerCase(String text) {
        return text.toLowerCase(Locale.forLanguageTag(code));
    }

    /** The two letters of all, for messages: "en, es or it". */
    public static String codes() {
        String all = Arrays.stream(values()).map(Language::code).collect(Collectors.joining(", "));
        int last = all.lastIndexOf(", ");
        return all.substring(0, last) + " or " + all.substring(last + 2);
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
