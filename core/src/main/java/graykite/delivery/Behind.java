package graykite.delivery;

import graykite.picture.Backdrop;
import java.util.Locale;

/** What is seen behind everybody in movies and pictures. */
public sealed interface Behind {
    /** What stands behind the line or scene on the stage. */
    record Stage() implements Behind {}

    /** Nothing: where the format can be seen through, it is. */
    record Nothing() implements Behind {}

    /** A backdrop of its own. */
    record Own(Backdrop backdrop) implements Behind {}

    Behind STAGE = new Stage();
    Behind NOTHING = new Nothing();

    /** As it is written in files and commands. */
    default String word() {
        return switch (this) {
            case Stage stage -> "stage";
            case Nothing nothing -> "none";
            case Own own -> own.backdrop.word();
        };
    }

    /**
     * Reads what {@link #word} writes.
     *
     * @throws IllegalArgumentException when there is no such background
     */
    static Behind of(String word) {
        return switch (word.strip().toLowerCase(Locale.ROOT)) {
            case "stage" -> STAGE;
            case "none" -> NOTHING;
            default -> own(word);
        };
    }

    private static Behind own(String word) {
        try {
            return new Own(Backdrop.of(word));
        } catch (IllegalArgumentException none) {
            throw new IllegalArgumentException(
                    "A background is stage, none, felt, night, paper, green or a colour such as #4a5560, not \""
                            + word.strip() + "\".",
                    none);
        }
    }
}
