package graykite.batch;

import graykite.delivery.Order;
import graykite.text.Language;
import graykite.text.Pronunciation;
import java.util.Map;

/**
 * What holds for all rows of a table that say nothing else.
 *
 * @param order formats, rate, pictures, curves
 * @param character who speaks: a name of ours or a file
 * @param language of the lines
 * @param words own words and how they are said
 */
public record BatchSettings(Order order, String character, Language language, Map<String, Pronunciation> words) {
    public BatchSettings {
        words = Map.copyOf(words);
    }
}
