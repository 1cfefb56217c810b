package graykite.bench;

import graykite.text.CmuDictionary;
import graykite.text.LetterToSound;
import graykite.text.Pronunciation;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.SplittableRandom;

/**
 * How often the letter-to-sound rules say a word of the dictionary as it has it, stress apart. The rules come with FreeTTS and were
 * made from another edition of the dictionary, so its words are not all new to them.
 */
final class Letters {
    private Letters() {}

    static void print(int count) {
        CmuDictionary dictionary = CmuDictionary.shipped();
        LetterToSound letters = new LetterToSound();
        List<String> words = new ArrayList<>(
                dictionary.words().stream().filter(w -> w.matches("[a-z]{3,}")).toList());
        SplittableRandom random = new SplittableRandom(4);
        int right = 0;
        int wrongPhones = 0;
        int phones = 0;
        for (int i = 0; i < count; i++) {
            String word = words.get(random.nextInt(words.size()));
            List<Pronunciation> truth = dictionary.pronunciations(word);
            Pronunciation guess = letters.guess(word);
            right += truth.contains(guess) ? 1 : 0;
            phones += truth.getFirst().phones().size();
            wrongPhones += truth.stream()
                    .mapToInt(t -> Languages.distance(t.phones(), guess.phones(), p -> p))
                    .min()
                    .orElseThrow();
        }
        System.out.printf(
                Locale.ROOT,
                "%d words: %.1f %% right as a whole, %.1f %% of phones wrong%n",
                count,
                100.0 * right / count,
                100.0 * wrongPhones / phones);
    }
}
