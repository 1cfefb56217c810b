package graykite.proof;

/** How much a proof note weighs, the heaviest first. */
public enum Severity {
    /** Everybody sees it. */
    FAULT("Fault"),
    /** A strict eye sees it. */
    DOUBT("Doubt"),
    /** It may well be meant. */
    HINT("Hint");

    private final String title;

    Severity(String title) {
        this.title = title;
    }

    /** Its name as people read it. */
    public String title() {
        return title;
    }
}
