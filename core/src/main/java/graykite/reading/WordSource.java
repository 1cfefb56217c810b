package graykite.reading;

/** Where the phones of a word come from. */
public enum WordSource {
    /** A dictionary, the project's own included. */
    DICTIONARY,
    /** The letters of a word that no dictionary knows. */
    LETTERS,
    /** The sound alone: something is said that the script does not hold. */
    SOUND
}
