package graykite.mouth;

import java.util.Arrays;
import java.util.Optional;

/**
 * The mouth shapes that sounds are shown with: the set of MPEG-4 (ISO/IEC 14496-2, viseme_select), named by what the mouth
 * does.
 */
public enum Viseme {
    REST("Rest", "", 0, 0, 0.35, 0),
    LIPS_SHUT("Lips shut", "p b m", 1, 0, 0.3, 0),
    LIP_TO_TEETH("Lip to teeth", "f v", 2, 0.1, 0.4, 0),
    TONGUE_OUT("Tongue out", "th", 3, 0.3, 0.5, 1),
    TIP("Tip", "t d", 4, 0.25, 0.5, 0.8),
    BACK("Back", "k g", 5, 0.35, 0.45, 0.1),
    HUSH("Hush", "ch j sh", 6, 0.2, 0.05, 0.1),
    HISS("Hiss", "s z", 7, 0.12, 0.85, 0.1),
    RIDGE("Ridge", "n l", 8, 0.35, 0.45, 0.9),
    R("R", "r", 9, 0.25, 0.15, 0.2),
    AH("Ah", "car", 10, 1, 0.5, 0.1),
    EH("Eh", "bed", 11, 0.55, 0.75, 0.1),
    IH("Ih", "tip", 12, 0.25, 0.95, 0.1),
    OH("Oh", "top", 13, 0.7, 0.1, 0.1),
    OO("Oo", "book", 14, 0.2, 0, 0);

    private final String title;
    private final String sounds;
    private final int number;

    private final double opening;
    private final double width;
    private final double tongue;

    Viseme(String title, String sounds, int number, double opening, double width, double tongue) {
        this.opening = opening;
        this.width = width;
        this.tongue = tongue;
        this.title = title;
        this.sounds = sounds;
        this.number = number;
    }

    /** The name people see, and the name of the pose on a character. */
    public String title() {
        return title;
    }

    /** Sounds or an example word that it serves. */
    public String sounds() {
        return sounds;
    }

    /** Its number in MPEG-4. */
    public int number() {
        return number;
    }

    /** How far the mouth is open, 0 shut to 1 the widest. */
    public double opening() {
        return opening;
    }

    /** How wide it is, 0 rounded to 1 spread; about 0.4 at rest. */
    public double width() {
        return width;
    }

    /** The standard shape of a name. */
    public static Optional<Viseme> named(String title) {
        return Arrays.stream(values()).filter(v -> v.title.equals(title)).findFirst();
    }

    /**
     * How different two shapes look, 0 for the same: by how far the mouth is open (which the eye minds most), how wide it
     * is and how much of the tongue is seen.
     */
    public double unlike(Viseme other) {
        double shut =
                (this == LIPS_SHUT || this == LIP_TO_TEETH) != (other == LIPS_SHUT || other == LIP_TO_TEETH) ? 0.3 : 0;
        return this == other
                ? 0
                : 0.05
                        + shut
                        + 1.4 * Math.abs(opening - other.opening)
                        + Math.abs(width - other.width)
                        + 0.6 * Math.abs(tongue - other.tongue);
    }
}
