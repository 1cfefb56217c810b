package graykite.text;

import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;

/** Words that are said letter by letter: with a dot after each letter, or of capitals among which there is no vowel. */
final class Initials {
    private static final Pattern DOTTED = Pattern.compile("(?:\\p{L}\\.)+\\p{L}\\.?");
    private static final Pattern CAPITALS = Pattern.compile("\\p{Lu}{2,6}");
    private static final String VOWELS = "aeiouyàáâãäåæèéêëìíîïòóôõöøœùúûüýąęıİ";

    private Initials() {}

    /** True for any short word of capitals: it may be said letter by letter, or as a word. */
    static boolean mayBe(String word) {
        return CAPITALS.matcher(word).matches();
    }

    /** The letters of such a word, small as the language makes them; nothing for any other word. */
    static Optional<List<String>> of(String word, Language language) {
        String small = language.lowerCase(word);
        boolean spelt = DOTTED.matcher(word).matches()
                || CAPITALS.matcher(word).matches() && small.chars().noneMatch(c -> VOWELS.indexOf(c) >= 0);
        return spelt
                ? Optional.of(small.codePoints()
                        .filter(Character::isLetter)
                        .mapToObj(Character::toString)
                        .toList())
                : Optional.empty();
    }
}
