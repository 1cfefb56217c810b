package graykite.studio.model;

/** The seven stations of the work, in order. */
public enum Knot {
    CAST("Cast", "Bring in characters and trust their controls."),
    VOICE("Voice", "Bring in the recording and its words."),
    READING("Reading", "Find which word and sound is spoken when."),
    MOUTH("Mouth", "Turn the sounds into movement that suits the character."),
    ACTING("Acting", "Blinks, eyes, brows and head."),
    PROOF("Proof", "See what is still wrong."),
    DELIVERY("Delivery", "Hand the animation over.");

    private final String title;
    private final String purpose;

    Knot(String title, String purpose) {
        this.title = title;
        this.purpose = purpose;
    }

    public String title() {
        return title;
    }

    public String purpose() {
        return purpose;
    }
}
