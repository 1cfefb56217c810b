package graykite.text;

import com.sun.speech.freetts.lexicon.LetterToSoundImpl;
import java.io.IOException;
import java.net.URL;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * Guesses how an English word is said from its letters, with the decision trees that ship with FreeTTS (Black, Lenzo &
 * Pagel 1998, "Issues in building general letter to sound rules").
 */
public final class LetterToSound {
    private static final String RULES = "/com/sun/speech/freetts/en/us/cmulex_lts.bin";
    private static final int LONGEST_PART = 40;

    /** FreeTTS loads its rules through tables that all of its parts share: whoever makes it load holds this. */
    public static final Object LOADING = new Object();

    private final LetterToSoundImpl rules;

    public LetterToSound() {
        URL url = LetterToSound.class.getResource(RULES);
        if (url == null) {
            throw new IllegalStateException("The letter-to-sound rules are missing: " + RULES);
        }
        try {
            synchronized (LOADING) {
                rules = new LetterToSoundImpl(url, true);
            }
        } catch (IOException failure) {
            throw new IllegalStateException("The letter-to-sound rules cannot be read.", failure);
        }
    }

    /**
     * @param word any text; what is not a letter a to z is passed over
     * @return a guess; a neutral vowel when no letter is left
     */
    public Pronunciation guess(String word) {
        String letters = word.toLowerCase(Locale.ROOT).replaceAll("[^a-z]", "");
        List<Phone> phones = new ArrayList<>();
        for (int from = 0; from < letters.length(); from += LONGEST_PART) {
            String part = letters.substring(from, Math.min(letters.length(), from + LONGEST_PART));
            for (String name : rules.getPhones(part, "")) {
                Phone.parse(name).filter(p -> p != Phone.SIL).ifPresent(phones::add);
            }
        }
        return new Pronunciation(phones.isEmpty() ? List.of(Phone.AH) : phones);
    }
}
