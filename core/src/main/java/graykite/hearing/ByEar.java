package graykite.hearing;

import java.util.Map;
import java.util.Set;

/**
 * What a trained ear says of what the speech model heard.
 *
 * @param confirmed indices of the words of the script that the ear heard too
 * @param texts what it heard where the script has nothing, a word each, by the analysis frame at which the word begins
 */
record ByEar(Set<Integer> confirmed, Map<Integer, String> texts) {
    ByEar {
        confirmed = Set.copyOf(confirmed);
        texts = Map.copyOf(texts);
    }

    /** Where it was not asked. */
    static ByEar nothing() {
        return new ByEar(Set.of(), Map.of());
    }
}
