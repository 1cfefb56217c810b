package graykite.reading;

import static graykite.base.Require.requireThat;

import graykite.text.Phone;
import graykite.text.Pronunciation;
import graykite.text.Tags;
import java.util.ArrayList;
import java.util.List;

/**
 * Changes of a reading by hand. Each leaves a whole reading: words in order, phones without gaps in their words; what the hand
 * touched is pinned, so that reading again respects it.
 */
public final class TimingEdits {
    private TimingEdits() {}

    /**
     * Cuts a word in two between its phones.
     *
     * @param phone index of the first phone of the second word, at least 1
     */
    public static Timing splitWord(Timing timing, int word, int phone, String first, String second) {
        TimedWord whole = timing.words().get(word);
        requireThat(phone > 0 && phone < whole.phones().size(), "A word is split between two of its sounds.");
        List<TimedWord> words = new ArrayList<>(timing.words());
        words.set(
                word,
                new TimedWord(
                        first,
                        Tags.head(whole.mark()),
                        pinned(whole.phones().subList(0, phone)),
                        whole.source(),
                        whole.fit()));
        words.add(
                word + 1,
                new TimedWord(
                        second,
                        Tags.tail(whole.mark()),
                        pinned(whole.phones().subList(phone, whole.phones().size())),
                        whole.source(),
                        whole.fit()));
        return new Timing(words, missingShifted(timing, word, 1), timing.duration());
    }

    /** Joins a word and the next; a pause between them goes to the last sound of the first. */
    public static Timing mergeWords(Timing timing, int word) {
        requireThat(word + 1 < timing.words().size(), "There is no word after this one to join.");
        TimedWord first = timing.words().get(word);
        TimedWord second = timing.words().get(word + 1);
        List<TimedPhone> phones = new ArrayList<>(pinned(first.phones()));
        TimedPhone last = phones.removeLast();
        phones.add(new TimedPhone(last.phone(), last.start(), second.start(), true));
        phones.addAll(pinned(second.phones()));
        WordSource source = first.source() == second.source() ? first.source() : WordSource.DICTIONARY;
        List<TimedWord> words = new ArrayList<>(timing.words());
        words.set(
                word,
                new TimedWord(
                        // Its punctuation stays between the two; its tags go to the mark of both.
                        first.text() + Tags.without(first.mark()) + " " + second.text(),
                        Tags.joined(first.mark(), second.mark()),
                        phones,
                        source,
                        Math.min(first.fit(), second.fit())));
        words.remove(word + 1);
        return new Timing(words, missingShifted(timing, word, -1), timing.duration());
    }

    /**
     * Puts a new word before another, or at the end. It takes the pause there; where that is too short the words on both sides
     * give way.
     *
     * @param before index of the word that follows it; the number of words for the end
     */
    public static Timing insertWord(Timing timing, int before, String text, Pronunciation said) {
        List<Phone> phones = said.phones();
        double low = before == 0 ? 0 : timing.words().get(before - 1).end();
        double high = before == timing.words().size()
                ? timing.duration()
                : timing.words().get(before).start();
        double wanted = PhoneSpread.usual(phones);
        List<TimedWord> words = new ArrayList<>(timing.words());
        if (high - low < 0.6 * wanted) {
            double lack = 0.6 * wanted - (high - low);
            double left = before == 0 ? 0 : give(timing.words().get(before - 1), lack / 2);
            double right = before == words.size() ? 0 : give(timing.words().get(before), lack / 2);
            low -= left;
            high += right;
            if (before > 0) {
                TimedWord word = words.get(before - 1);
                words.set(before - 1, stretched(word, word.start(), low));
            }
            if (before < words.size()) {
                TimedWord word = words.get(before);
                words.set(before, stretched(word, high, word.end()));
            }
        }
        requireThat(
                high - low >= phones.size() * Timing.SHORTEST_PHONE,
                "There is no room for \"%s\" here. Make the words beside it shorter first.",
                text);
        double middle = (low + high) / 2;
        double half = Math.min(wanted, high - low) / 2;
        words.add(
                before,
                new TimedWord(
                        text, "", PhoneSpread.over(phones, middle - half, middle + half), WordSource.DICTIONARY, 1));
        return new Timing(words, missingShifted(timing, before, 1), timing.duration());
    }

    /** Takes a word out; what it was said over is silence then. */
    public static Timing deleteWord(Timing timing, int word) {
        List<TimedWord> words = new ArrayList<>(timing.words());
        words.remove(word);
        return new Timing(words, missingShifted(timing, word, -1), timing.duration());
    }

    /**
     * Makes a word that was heard beside the script one of the script. Words of the script that were missed right there go: it is what was said
     * instead.
     */
    public static Timing write(Timing timing, int word) {
        TimedWord heard = timing.words().get(word);
        requireThat(heard.isKnown(), "What is said here is not known yet. Type it.");
        if (heard.source() != WordSource.SOUND) {
            return timing;
        }
        List<MissingWord> missing = timing.missing().stream()
                .filter(m -> m.before() != word && m.before() != word + 1)
                .toList();
        TimedWord written = new TimedWord(heard.text(), heard.mark(), heard.phones(), WordSource.DICTIONARY, 1);
        return with(new Timing(timing.words(), missing, timing.duration()), word, written);
    }

    /** Makes one sound another. */
    public static Timing withPhone(Timing timing, int word, int phone, Phone now) {
        List<TimedPhone> phones = new ArrayList<>(timing.words().get(word).phones());
        TimedPhone old = phones.get(phone);
        phones.set(phone, new TimedPhone(now, old.start(), old.end(), true));
        return with(timing, word, byHand(timing.words().get(word), phones));
    }

    /** Puts a sound after another, into its second half. */
    public static Timing insertPhone(Timing timing, int word, int phone, Phone added) {
        List<TimedPhone> phones = new ArrayList<>(timing.words().get(word).phones());
        TimedPhone old = phones.get(phone);
        requireThat(
                old.length() >= 2 * Timing.SHORTEST_PHONE,
                "The sound is too short to be cut in two. Make it longer first.");
        double middle = (old.start() + old.end()) / 2;
        phones.set(phone, new TimedPhone(old.phone(), old.start(), middle, true));
        phones.add(phone + 1, new TimedPhone(added, middle, old.end(), true));
        return with(timing, word, byHand(timing.words().get(word), phones));
    }

    /** Takes a sound out of its word; the one before it, or after it at the start, grows over its place. */
    public static Timing deletePhone(Timing timing, int word, int phone) {
        List<TimedPhone> phones = new ArrayList<>(timing.words().get(word).phones());
        requireThat(phones.size() > 1, "A word keeps at least one sound. Delete the word instead.");
        TimedPhone gone = phones.remove(phone);
        int heir = Math.max(0, phone - 1);
        TimedPhone old = phones.get(heir);
        phones.set(
                heir,
                new TimedPhone(
                        old.phone(), Math.min(old.start(), gone.start()), Math.max(old.end(), gone.end()), true));
        return with(timing, word, byHand(timing.words().get(word), phones));
    }

    /**
     * Pins or releases a word or one of its sounds.
     *
     * @param phone -1 for all sounds of the word
     */
    public static Timing pin(Timing timing, int word, int phone, boolean pinned) {
        List<TimedPhone> phones = new ArrayList<>(timing.words().get(word).phones());
        for (int p = 0; p < phones.size(); p++) {
            if (phone < 0 || p == phone) {
                TimedPhone old = phones.get(p);
                phones.set(p, new TimedPhone(old.phone(), old.start(), old.end(), pinned));
            }
        }
        return with(timing, word, timing.words().get(word).withPhones(phones));
    }

    /** Moves a word as a whole as far as its neighbours and the ends of the sound let it. */
    public static Timing moveWord(Timing timing, int word, double by) {
        TimedWord old = timing.words().get(word);
        double low = word == 0 ? 0 : timing.words().get(word - 1).end();
        double high = word + 1 == timing.words().size()
                ? timing.duration()
                : timing.words().get(word + 1).start();
        double moved = Math.clamp(by, Math.min(0, low - old.start()), Math.max(0, high - old.end()));
        return moved == 0 ? timing : with(timing, word, stretched(old, old.start() + moved, old.end() + moved));
    }

    /**
     * Marks by hand where a word begins: what sounds there ends, and the word lasts until the next one or the end of the line.
     *
     * @throws IllegalArgumentException when the word before would be left without room
     */
    public static Timing mark(Timing timing, String text, String mark, Pronunciation said, double time) {
        Timing cut = timing.wordAt(time) >= 0 ? endWord(timing, time) : timing;
        int at = 0;
        while (at < cut.words().size() && cut.words().get(at).start() < time) {
            at++;
        }
        double end =
                at == cut.words().size() ? cut.duration() : cut.words().get(at).start();
        requireThat(
                end - time >= said.phones().size() * Timing.SHORTEST_PHONE, "There is no room for \"%s\" here.", text);
        List<TimedWord> words = new ArrayList<>(cut.words());
        words.add(at, new TimedWord(text, mark, PhoneSpread.over(said.phones(), time, end), WordSource.DICTIONARY, 1));
        return new Timing(words, missingShifted(cut, at, 1), cut.duration());
    }

    /** Marks by hand where a word ends; silence follows. A word before the time is drawn out to it. */
    public static Timing endWord(Timing timing, double time) {
        int word = timing.wordAt(time);
        for (int w = 0; word < 0 && w < timing.words().size(); w++) {
            boolean last =
                    w + 1 == timing.words().size() || timing.words().get(w + 1).start() > time;
            word = last && timing.words().get(w).end() <= time ? w : -1;
        }
        requireThat(word >= 0, "No word has begun before this time.");
        TimedWord old = timing.words().get(word);
        requireThat(
                time - old.start() >= old.phones().size() * Timing.SHORTEST_PHONE,
                "\"%s\" would be left without room. Mark a little later.",
                old.text());
        return with(timing, word, stretched(old, old.start(), time));
    }

    private static TimedWord byHand(TimedWord word, List<TimedPhone> phones) {
        return new TimedWord(word.text(), word.mark(), phones, WordSource.DICTIONARY, word.fit());
    }

    private static Timing with(Timing timing, int word, TimedWord changed) {
        List<TimedWord> words = new ArrayList<>(timing.words());
        words.set(word, changed);
        return timing.withWords(words);
    }

    private static List<TimedPhone> pinned(List<TimedPhone> phones) {
        return phones.stream()
                .map(p -> new TimedPhone(p.phone(), p.start(), p.end(), true))
                .toList();
    }

    /** How much of its length a word can give without being crushed. */
    private static double give(TimedWord word, double wanted) {
        double length = word.end() - word.start();
        return Math.clamp(
                wanted,
                0,
                Math.max(0, Math.min(length / 2, length - word.phones().size() * 2 * Timing.SHORTEST_PHONE)));
    }

    private static TimedWord stretched(TimedWord word, double start, double end) {
        double factor = (end - start) / (word.end() - word.start());
        List<TimedPhone> phones = new ArrayList<>();
        double time = start;
        for (int p = 0; p < word.phones().size(); p++) {
            TimedPhone old = word.phones().get(p);
            double next = p + 1 == word.phones().size() ? end : start + (old.end() - word.start()) * factor;
            phones.add(new TimedPhone(old.phone(), time, next, true));
            time = next;
        }
        return word.withPhones(phones);
    }

    private static List<MissingWord> missingShifted(Timing timing, int from, int by) {
        return timing.missing().stream()
                .map(m -> m.before() > from ? new MissingWord(m.text(), m.mark(), Math.max(0, m.before() + by)) : m)
                .toList();
    }
}
