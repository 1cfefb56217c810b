package graykite.reading;

import java.util.ArrayList;
import java.util.List;

/** Puts the new reading of a section into the reading of the whole line. */
public final class Sections {
    private Sections() {}

    /**
     * @param section read by itself, its times from 0
     * @param from where it begins in the line, in seconds
     * @param to where it ends
     */
    public static Timing replaced(Timing whole, int first, int last, Timing section, double from, double to) {
        List<TimedWord> words = new ArrayList<>(whole.words().subList(0, first));
        for (TimedWord word : section.words()) {
            List<TimedPhone> phones = new ArrayList<>();
            for (TimedPhone phone : word.phones()) {
                phones.add(new TimedPhone(
                        phone.phone(), from + phone.start(), Math.min(to, from + phone.end()), phone.pinned()));
            }
            words.add(word.withPhones(phones));
        }
        words.addAll(whole.words().subList(last + 1, whole.words().size()));
        // Words that were missed beside sound that nobody knew are what is typed now.
        boolean unknown = whole.words().subList(first, last + 1).stream().anyMatch(w -> w.source() == WordSource.SOUND);
        int grown = section.words().size() - (last + 1 - first);
        List<MissingWord> missing = new ArrayList<>();
        for (MissingWord word : whole.missing()) {
            if (word.before() < first || word.before() == first && !unknown) {
                missing.add(word);
            }
        }
        for (MissingWord word : section.missing()) {
            missing.add(new MissingWord(word.text(), word.mark(), first + word.before()));
        }
        for (MissingWord word : whole.missing()) {
            if (word.before() > last + 1 || word.before() == last + 1 && !unknown) {
                missing.add(new MissingWord(word.text(), word.mark(), word.before() + grown));
            }
        }
        return new Timing(words, missing, whole.duration());
    }
}
