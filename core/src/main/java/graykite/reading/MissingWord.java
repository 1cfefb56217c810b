package graykite.reading;

import static graykite.base.Require.requireThat;

/**
 * A word of the script that was not found in the sound.
 *
 * @param text as written
 * @param mark the punctuation that follows it, often empty
 * @param before index of the heard word that comes next; the number of heard words when none does
 */
public record MissingWord(String text, String mark, int before) {
    public MissingWord {
        requireThat(before >= 0, "A missing word stands before a word.");
    }
}
