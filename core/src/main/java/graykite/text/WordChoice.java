package graykite.text;

import static graykite.base.Require.requireThat;

import java.util.List;

/**
 * A word to be found in the sound, with the ways it may be said.
 *
 * @param word as written
 * @param pronunciations one or more
 * @param guessed true when they come from the letters alone
 */
public record WordChoice(Script.Word word, List<Pronunciation> pronunciations, boolean guessed) {
    public WordChoice {
        pronunciations = List.copyOf(pronunciations);
        requireThat(!pronunciations.isEmpty(), "The word \"%s\" has no pronunciation.", word.written());
    }
}
