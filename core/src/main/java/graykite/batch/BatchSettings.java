package graykite.batch;

import graykite.delivery.Order;
import graykite.text.Language;
import graykite.text.Pronunciation;
import java.util.Collections;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * What holds for all rows of a table that say nothing else.
 *
 * @param order formats, rate, pictures, curves
 * @param character who speaks: a name of ours or a file
 * @param language of the lines; nothing when it is what their words look like
 * @param words own words and how they are said
 */
public record BatchSettings(
        Order order, String character, Optional<Language> language, Map<String, Pronunciation> words) {
    public BatchSettings {
        // In the order of words: what is written of it must be the same in every run.
        words = Collections.unmodifiableMap(new TreeMap<>(words));
    }
}
