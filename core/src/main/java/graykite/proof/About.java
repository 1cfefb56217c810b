package graykite.proof;

/** What proof notes are about, in the order of lists. */
public enum About {
    WORDS("Words and sound"),
    MOUTH("Mouth"),
    EYES("Eyes"),
    FACE("Head and face"),
    DATA("Data");

    private final String title;

    About(String title) {
        this.title = title;
    }

    /** Its name as people read it. */
    public String title() {
        return title;
    }
}
