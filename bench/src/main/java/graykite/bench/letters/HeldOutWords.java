package graykite.bench.letters;

import graykite.base.EditDistance;
import graykite.text.CmuDictionary;
import graykite.text.LetterToSound;
import graykite.text.Pronunciation;
import java.util.List;
import java.util.Locale;
import java.util.stream.IntStream;

/** Every fiftieth word of the dictionary: the letter model does not learn from them, so that they tell how right it is. */
public final class HeldOutWords {
    private static final int EVERY = 50;
    private static final int WAYS = 3;

    private HeldOutWords() {}

    private static List<String> all(CmuDictionary dictionary) {
        return dictionary.words().stream()
                .filter(w -> w.matches("[a-z']*[a-z]"))
                .toList();
    }

    private static List<String> part(CmuDictionary dictionary, boolean heldOut) {
        List<String> all = all(dictionary);
        return IntStream.range(0, all.size())
                .filter(i -> i % EVERY == EVERY - 1 == heldOut)
                .mapToObj(all::get)
                .toList();
    }

    static List<String> others(CmuDictionary dictionary) {
        return part(dictionary, false);
    }

    /** How often they are said as the dictionary has it, stress apart, and how many phones are wrong. */
    public static String figures(CmuDictionary dictionary, LetterToSound letters) {
        int right = 0;
        int among = 0;
        int wrongPhones = 0;
        int phones = 0;
        List<String> words = part(dictionary, true);
        long begin = System.nanoTime();
        for (String word : words) {
            List<Pronunciation> truth = dictionary.pronunciations(word);
            List<Pronunciation> guesses = letters.guesses(word, WAYS);
            right += truth.contains(guesses.getFirst()) ? 1 : 0;
            among += guesses.stream().anyMatch(truth::contains) ? 1 : 0;
            phones += truth.getFirst().phones().size();
            wrongPhones += truth.stream()
                    .mapToInt(t ->
                            EditDistance.between(t.phones(), guesses.getFirst().phones(), p -> p))
                    .min()
                    .orElseThrow();
        }
        return String.format(
                Locale.ROOT,
                "%d held-out words: %.1f %% right as a whole, %.1f %% among the first %d ways, %.1f %% of phones wrong, %.2f ms each",
                words.size(),
                100.0 * right / words.size(),
                100.0 * among / words.size(),
                WAYS,
                100.0 * wrongPhones / phones,
                (System.nanoTime() - begin) * 1e-6 / words.size());
    }
}
