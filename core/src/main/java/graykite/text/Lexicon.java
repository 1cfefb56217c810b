package graykite.text;

import java.util.List;
import java.util.Set;

/** Knows how words are said. */
public interface Lexicon {
    /**
     * @param word lower case letters and apostrophes
     * @return the pronunciations, the usual one first; empty when the word is not known
     */
    List<Pronunciation> pronunciations(String word);

    /** All words it knows, sorted. */
    Set<String> words();
}
