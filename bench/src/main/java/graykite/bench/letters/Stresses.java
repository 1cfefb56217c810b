package graykite.bench.letters;

import com.sun.speech.freetts.en.us.CMULexicon;
import com.sun.speech.freetts.lexicon.Lexicon;
import graykite.text.Phone;
import graykite.text.Pronunciation;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Which vowels of a word are stressed, which the dictionary that ships does not tell: FreeTTS marks them in its own edition, and
 * guesses them for words that it lacks.
 */
final class Stresses {
    private static final String STRESSED = "1";
    private final Lexicon lexicon;

    Stresses(Lexicon lexicon) {
        this.lexicon = lexicon;
    }

    static Stresses shipped() throws IOException {
        CMULexicon lexicon = new CMULexicon("cmudict04");
        lexicon.load();
        return new Stresses(lexicon);
    }

    /** The phones of a word with their stress, when FreeTTS has it said just so. */
    Optional<List<StressedPhone>> of(String word, Pronunciation pronunciation) {
        List<StressedPhone> sounds = new ArrayList<>();
        List<Phone> phones = new ArrayList<>();
        for (String name : lexicon.getPhones(word, null)) {
            Optional<Phone> phone = Phone.parse(name);
            phone.ifPresent(phones::add);
            phone.ifPresent(p -> sounds.add(new StressedPhone(p, p.isVowel() && name.endsWith(STRESSED))));
        }
        return phones.equals(pronunciation.phones()) ? Optional.of(sounds) : Optional.empty();
    }
}
