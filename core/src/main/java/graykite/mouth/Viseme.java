package graykite.mouth;

/**
 * The mouth shapes that sounds are shown with: the set of MPEG-4 (ISO/IEC 14496-2, viseme_select), named by what the mouth
 * does.
 */
public enum Viseme {
    REST("Rest", "", 0),
    LIPS_SHUT("Lips shut", "p b m", 1),
    LIP_TO_TEETH("Lip to teeth", "f v", 2),
    TONGUE_OUT("Tongue out", "th", 3),
    TIP("Tip", "t d", 4),
    BACK("Back", "k g", 5),
    HUSH("Hush", "ch j sh", 6),
    HISS("Hiss", "s z", 7),
    RIDGE("Ridge", "n l", 8),
    R("R", "r", 9),
    AH("Ah", "car", 10),
    EH("Eh", "bed", 11),
    IH("Ih", "tip", 12),
    OH("Oh", "top", 13),
    OO("Oo", "book", 14);

    private final String title;
    private final String sounds;
    private final int number;

    Viseme(String title, String sounds, int number) {
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
}
