package graykite.text;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/** Guesses in which language a script is written: by frequent words, by letters that few languages have, and by kana. */
public final class LanguageGuess {
    private static final String SHIPPED = "languages.txt";
    /** What a letter of its own counts, where a frequent word counts one. */
    private static final double LETTER = 0.7;
    /** So much more than the next language the best one must have, and so much a word. */
    private static final double AHEAD = 1.25;

    private static final double LEAST_A_WORD = 0.2;
    private static final int MOST_WORDS = 400;

    private record Signs(Language language, Set<String> words, List<String> letters) {}

    private final List<Signs> all;

    private LanguageGuess(List<Signs> all) {
        this.all = List.copyOf(all);
    }

    /** Knows all languages that words can be read in. */
    public static LanguageGuess shipped() {
        try (InputStream in = LanguageGuess.class.getResourceAsStream(SHIPPED)) {
            if (in == null) {
                throw new IllegalStateException("The list of languages is missing: " + SHIPPED);
            }
            List<Signs> all = new ArrayList<>();
            new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .filter(l -> !l.startsWith("#"))
                    .forEach(l -> all.add(signs(l)));
            return new LanguageGuess(all);
        } catch (IOException failure) {
            throw new UncheckedIOException("The list of languages cannot be read.", failure);
        }
    }

    private static Signs signs(String line) {
        String[] parts = line.split("[:/]", -1);
        return new Signs(
                Language.parse(parts[0]).orElseThrow(),
                Set.copyOf(List.of(parts[1].strip().split("\\s+"))),
                List.of(parts[2].strip().split("\\s+")).stream()
                        .filter(l -> !l.isEmpty())
                        .toList());
    }

    /** The language of a text, where its words say so plainly. */
    public Optional<Language> of(String text) {
        if (Spaceless.concerns(text)) {
            return Optional.of(Language.JAPANESE);
        }
        List<String> words = List.of(text.replaceAll("\\[[^\\]]*]", " ")
                .toLowerCase(Locale.ROOT)
                .replace('’', '\'')
                .split("[^\\p{L}\\p{M}'¿¡]+"));
        words = words.stream().filter(w -> !w.isEmpty()).limit(MOST_WORDS).toList();
        Optional<Language> best = Optional.empty();
        double most = 0;
        double next = 0;
        for (Signs signs : all) {
            double counts = counts(signs, words);
            if (counts > most) {
                next = most;
                most = counts;
                best = Optional.of(signs.language);
            } else {
                next = Math.max(next, counts);
            }
        }
        boolean plain = most >= Math.max(1, AHEAD * next) && most >= LEAST_A_WORD * words.size();
        return plain ? best : Optional.empty();
    }

    /** What speaks for a language; nothing where it is one small word alone, which other languages may have too. */
    private static double counts(Signs signs, List<String> words) {
        double counts = 0;
        Set<String> different = new HashSet<>();
        for (String word : words) {
            boolean small = signs.words.contains(word);
            boolean lettered = signs.letters.stream().anyMatch(word::contains);
            counts += (small ? 1 : 0) + (lettered ? LETTER : 0);
            if (small || lettered) {
                different.add(word);
            }
        }
        return signs.language == Language.ENGLISH || different.size() > 1 ? counts : 0;
    }
}
