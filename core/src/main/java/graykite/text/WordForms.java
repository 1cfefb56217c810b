package graykite.text;

import static graykite.text.Phone.D;
import static graykite.text.Phone.ER;
import static graykite.text.Phone.IH;
import static graykite.text.Phone.NG;
import static graykite.text.Phone.S;
import static graykite.text.Phone.T;
import static graykite.text.Phone.Z;

import java.util.List;
import java.util.function.Function;
import java.util.stream.Stream;

/** Says English words that are forms of known ones: "bosuns" is "bosun" with a sound that depends on its end. */
final class WordForms {
    private final Function<String, List<Pronunciation>> known;

    /** @param known says a word, or nothing */
    WordForms(Function<String, List<Pronunciation>> known) {
        this.known = known;
    }

    /**
     * An ending.
     *
     * @param letters how it is written
     * @param least letters of the shortest word that has it
     * @param stems what a word may be without it, the likeliest first, of the letters that are left
     * @param sounds the whole form, of how the stem is said
     */
    private record Ending(
            String letters,
            int least,
            Function<String, List<String>> stems,
            Function<Pronunciation, Pronunciation> sounds) {}

    /** The one list of them; of two that fit the first counts. */
    private static final List<Ending> ENDINGS = List.of(
            new Ending("'s", 3, List::of, WordForms::withS),
            new Ending("s'", 4, stem -> List.of(stem + "s"), said -> said),
            new Ending("ies", 5, stem -> List.of(stem + "y"), WordForms::withS),
            new Ending("es", 5, WordForms::hissing, WordForms::withS),
            new Ending("s", 4, stem -> stem.endsWith("s") ? List.of() : List.of(stem), WordForms::withS),
            new Ending("ed", 5, WordForms::beforeVowel, WordForms::withD),
            new Ending("ing", 6, WordForms::beforeVowel, said -> and(said, IH, NG)),
            new Ending("er", 5, WordForms::beforeVowel, said -> and(said, ER)));

    /** The ways to say a form of a known word, the likeliest first; none when it is none. @param word lower case */
    List<Pronunciation> of(String word) {
        for (Ending ending : ENDINGS) {
            if (word.length() >= ending.least && word.endsWith(ending.letters)) {
                String left = word.substring(0, word.length() - ending.letters.length());
                for (String stem : ending.stems.apply(left)) {
                    List<Pronunciation> said = stem(stem);
                    if (!said.isEmpty()) {
                        return said.stream().map(ending.sounds).distinct().toList();
                    }
                }
            }
        }
        return List.of();
    }

    /** A stem may be a form itself, as "hauler" in "haulers". */
    private List<Pronunciation> stem(String stem) {
        List<Pronunciation> said = known.apply(stem);
        return said.isEmpty() ? of(stem) : said;
    }

    private static List<String> hissing(String left) {
        return Stream.of("s", "x", "z", "ch", "sh").anyMatch(left::endsWith) ? List.of(left) : List.of();
    }

    /** "running" is run, "tried" is try, "making" is make rather than "mak", "hauling" is haul rather than "haule". */
    private static List<String> beforeVowel(String left) {
        int n = left.length();
        if (n < 2) {
            return List.of();
        }
        char last = left.charAt(n - 1);
        if (last == 'i') {
            return List.of(left.substring(0, n - 1) + "y");
        }
        if (n > 3 && last == left.charAt(n - 2) && !isVowel(last)) {
            return List.of(left, left.substring(0, n - 1));
        }
        boolean single = n > 2
                && !isVowel(last)
                && "wxy".indexOf(last) < 0
                && isVowel(left.charAt(n - 2))
                && !isVowel(left.charAt(n - 3));
        return single ? List.of(left + "e", left) : List.of(left, left + "e");
    }

    private static boolean isVowel(char letter) {
        return "aeiou".indexOf(letter) >= 0;
    }

    private static Pronunciation withS(Pronunciation said) {
        return switch (said.phones().getLast()) {
            case S, Z, SH, ZH, CH, JH -> and(said, IH, Z);
            case P, T, K, F, TH -> and(said, S);
            default -> and(said, Z);
        };
    }

    private static Pronunciation withD(Pronunciation said) {
        return switch (said.phones().getLast()) {
            case T, D -> and(said, IH, D);
            case P, K, F, TH, S, SH, CH -> and(said, T);
            default -> and(said, D);
        };
    }

    private static Pronunciation and(Pronunciation said, Phone... sounds) {
        return said.then(new Pronunciation(List.of(sounds)));
    }
}
