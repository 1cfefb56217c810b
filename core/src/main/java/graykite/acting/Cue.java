package graykite.acting;

import static graykite.base.Require.requireThat;

/**
 * A rule of a line: wherever something stands in what is said, an expression comes by itself.
 *
 * @param name unique among the cues of the line
 * @param at what it waits for
 * @param look what comes
 * @param offset seconds after the place at which it begins to come; negative for before
 * @param length seconds until it is gone
 * @param chance how often it comes, 0 to 1
 * @param variation how far strength and time differ from place to place, 0 to 1
 */
public record Cue(
        String name, Trigger at, Clip.Look look, double offset, double length, double chance, double variation) {
    /** How long an expression stays that comes by itself, in seconds, unless one says otherwise. */
    public static final double USUAL_LENGTH = 0.8;

    /** The farthest from its place, and the longest, in seconds. */
    public static final double FARTHEST = 10;

    /** What a cue waits for. */
    public sealed interface Trigger {}

    /** Punctuation after a word. */
    public enum Mark implements Trigger {
        COMMA(",;:"),
        STOP("."),
        QUESTION("?"),
        EXCLAMATION("!");

        private final String signs;

        Mark(String signs) {
            this.signs = signs;
        }

        boolean in(String text) {
            return text.chars().anyMatch(c -> signs.indexOf(c) >= 0);
        }
    }

    /** A word with a stressed syllable. */
    public record Stress() implements Trigger {}

    /** A silence between words. @param longerThan seconds */
    public record Pause(double longerThan) implements Trigger {
        public Pause {
            requireThat(longerThan > 0 && longerThan <= FARTHEST, "A pause lasts up to 10 s, not %.2f.", longerThan);
        }
    }

    /** A word in brackets in the script, as in [sigh], which is never spoken. @param word without its brackets */
    public record Tag(String word) implements Trigger {
        public Tag {
            requireThat(
                    !word.isBlank()
                            && word.length() <= 60
                            && word.equals(word.strip())
                            && !word.matches(".*[\\[\\]].*"),
                    "A tag is a word without brackets, not \"%s\".",
                    word);
        }
    }

    public Cue {
        requireThat(!name.isBlank(), "A cue has a name.");
        requireThat(Math.abs(offset) <= FARTHEST, "A cue comes within 10 s of its place, not %.2f s away.", offset);
        requireThat(length >= ClipsLayer.LEAST && length <= FARTHEST, "A cue lasts 0.1 to 10 s, not %.2f.", length);
        requireThat(
                chance >= 0 && chance <= 1 && variation >= 0 && variation <= 1,
                "Chance and variation lie between 0 and 1, not %.2f and %.2f.",
                chance,
                variation);
    }

    /** One that always comes in the same way. */
    public static Cue of(String name, Trigger at, Clip.Look look) {
        return new Cue(name, at, look, 0, USUAL_LENGTH, 1, 0);
    }

    public Cue withLook(Clip.Look newLook) {
        return new Cue(name, at, newLook, offset, length, chance, variation);
    }

    public Cue withTimes(double newOffset, double newLength) {
        return new Cue(name, at, look, newOffset, newLength, chance, variation);
    }

    public Cue withChance(double newChance, double newVariation) {
        return new Cue(name, at, look, offset, length, newChance, newVariation);
    }
}
