package graykite.reading;

import static graykite.base.Require.requireThat;

import graykite.time.TimeRange;
import java.util.List;

/**
 * A word of the line with its phones.
 *
 * @param text as written in the script; of one that the script does not have, as it was heard, or {@link #UNSCRIPTED}
 * @param mark the punctuation that follows it, often empty
 * @param phones one or more, each starting where the one before it ends
 * @param source where its phones come from
 * @param fit how well the sound matches the phones, 0 (not at all) to 1
 */
public record TimedWord(String text, String mark, List<TimedPhone> phones, WordSource source, double fit) {
    /** Stands in the place of words that were said but are not in the script, where nobody knows what they are. */
    public static final String UNSCRIPTED = "\u2026";

    public TimedWord {
        phones = List.copyOf(phones);
        requireThat(!phones.isEmpty(), "The word \"%s\" has no phones.", text);
        for (int i = 1; i < phones.size(); i++) {
            requireThat(
                    Math.abs(phones.get(i).start() - phones.get(i - 1).end()) < 1e-6,
                    "The phones of \"%s\" do not follow one another.",
                    text);
        }
    }

    /** A word whose phones come from a dictionary or, when guessed, from its letters. */
    public TimedWord(String text, String mark, List<TimedPhone> phones, boolean guessed, double fit) {
        this(text, mark, phones, guessed ? WordSource.LETTERS : WordSource.DICTIONARY, fit);
    }

    /** True when no dictionary knows the word and its phones come from its letters. */
    public boolean guessed() {
        return source == WordSource.LETTERS;
    }

    /** False for something that is said of which only the sounds are known. */
    public boolean isKnown() {
        return !text.equals(UNSCRIPTED);
    }

    public double start() {
        return phones.getFirst().start();
    }

    public double end() {
        return phones.getLast().end();
    }

    public TimeRange range() {
        return new TimeRange(start(), end());
    }

    public TimedWord withPhones(List<TimedPhone> newPhones) {
        return new TimedWord(text, mark, newPhones, source, fit);
    }
}
