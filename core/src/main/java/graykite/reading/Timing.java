package graykite.reading;

import static graykite.base.Require.requireThat;

import graykite.text.Phone;
import graykite.text.Tags;
import graykite.time.TimeMap;
import java.util.ArrayList;
import java.util.List;

/**
 * What is said when: the reading of a line. Words do not overlap; what lies between them is silence.
 *
 * @param words in order of time
 * @param missing words of the script that were not found in the sound, in order
 * @param duration of the sound, in seconds; no word ends after it
 */
public record Timing(List<TimedWord> words, List<MissingWord> missing, double duration) {
    /** No phone is ever made shorter than this, in seconds. */
    public static final double SHORTEST_PHONE = 0.010;

    private static final double TOUCHING = 1e-6;

    /** What a phone keeps, in seconds, when the clock leaves no time for it. */
    private static final double LEAST = 1e-3;

    /** One stretch of the line: a phone of a word, or the silence between words. */
    public record Segment(Phone phone, double start, double end, int word, int index) {
        public boolean isSilence() {
            return phone == Phone.SIL;
        }
    }

    public Timing {
        words = List.copyOf(words);
        missing = List.copyOf(missing);
        requireThat(duration >= 0, "A duration is not negative.");
        for (MissingWord word : missing) {
            requireThat(word.before() <= words.size(), "The missing word \"%s\" stands nowhere.", word.text());
        }
        for (int i = 0; i < words.size(); i++) {
            double limit = i + 1 < words.size() ? words.get(i + 1).start() : duration;
            requireThat(
                    words.get(i).end() <= limit + TOUCHING,
                    "The word \"%s\" reaches beyond what follows it.",
                    words.get(i).text());
        }
    }

    /** A reading in which every word was found. */
    public Timing(List<TimedWord> words, double duration) {
        this(words, List.of(), duration);
    }

    /** The same with words changed, their number and order kept. */
    public Timing withWords(List<TimedWord> changed) {
        return new Timing(changed, missing, duration);
    }

    /** The same without a word that was missed, as if the script did not have it. */
    public Timing without(MissingWord word) {
        List<MissingWord> others = new ArrayList<>(missing);
        others.remove(word);
        return new Timing(words, others, duration);
    }

    /** The same sounds, of words that nobody has written: without texts and marks, and without those that are missing. */
    public Timing withoutWords() {
        return new Timing(
                words.stream()
                        .map(w -> new TimedWord(TimedWord.UNSCRIPTED, "", w.phones(), WordSource.SOUND, 0))
                        .toList(),
                duration);
    }

    /** The same words on another clock. @param before the clock's way from the recording so far @param after its new way */
    public Timing retimed(TimeMap before, TimeMap after) {
        List<TimedWord> moved = new ArrayList<>();
        double latest = 0;
        for (TimedWord word : words) {
            List<TimedPhone> phones = new ArrayList<>();
            int last = word.phones().size() - 1;
            for (int p = 0; p <= last; p++) {
                TimedPhone phone = word.phones().get(p);
                double start = p > 0 ? latest : Math.max(latest, after.after(before.back(phone.start())));
                double recorded = before.back(phone.end());
                // A pause within a word holds the sound before it; one behind a word lies behind it.
                double end = p < last ? after.after(recorded) : after.before(recorded);
                // What was put into a pause that is taken out again has no time left; it keeps a trace.
                latest = Math.max(start + LEAST, end);
                phones.add(new TimedPhone(phone.phone(), start, latest, phone.pinned()));
            }
            moved.add(word.withPhones(phones));
        }
        return new Timing(moved, missing, Math.max(latest, after.after(before.back(duration))));
    }

    public static Timing empty(double duration) {
        return new Timing(List.of(), duration);
    }

    /** The whole line as phones and silences without gaps. Silences have word and index -1. */
    public List<Segment> segments() {
        List<Segment> segments = new ArrayList<>();
        double time = 0;
        for (int w = 0; w < words.size(); w++) {
            List<TimedPhone> phones = words.get(w).phones();
            if (phones.getFirst().start() > time + TOUCHING) {
                segments.add(new Segment(Phone.SIL, time, phones.getFirst().start(), -1, -1));
            }
            for (int p = 0; p < phones.size(); p++) {
                TimedPhone phone = phones.get(p);
                segments.add(new Segment(phone.phone(), phone.start(), phone.end(), w, p));
            }
            time = phones.getLast().end();
        }
        if (duration > time + TOUCHING) {
            segments.add(new Segment(Phone.SIL, time, duration, -1, -1));
        }
        return List.copyOf(segments);
    }

    /** The words that were found of the script: without what was said besides. */
    public List<TimedWord> scripted() {
        return words.stream().filter(w -> w.source() != WordSource.SOUND).toList();
    }

    /** The words as a script: in order, with their punctuation, missing ones at their places, unscripted ones left out. */
    public String text() {
        StringBuilder text = new StringBuilder();
        int next = 0;
        for (int w = 0; w <= words.size(); w++) {
            while (next < missing.size() && missing.get(next).before() <= w) {
                append(text, missing.get(next).text(), missing.get(next).mark());
                next++;
            }
            if (w < words.size() && words.get(w).source() != WordSource.SOUND) {
                append(text, words.get(w).text(), words.get(w).mark());
            }
        }
        return text.toString();
    }

    private static void append(StringBuilder text, String word, String mark) {
        text.append(text.isEmpty() ? "" : " ").append(Tags.written(word, mark));
    }

    /** The word that sounds at a time, or -1. */
    public int wordAt(double time) {
        int low = 0;
        int high = words.size() - 1;
        while (low < high) {
            int middle = (low + high + 1) / 2;
            if (words.get(middle).start() <= time) {
                low = middle;
            } else {
                high = middle - 1;
            }
        }
        return high >= 0 && words.get(low).range().contains(time) ? low : -1;
    }

    /**
     * Moves the start of a phone, and with it the end of the phone before where the two touch. The new place is brought
     * between the neighbours, each of which keeps at least {@link #SHORTEST_PHONE}. Both are pinned.
     *
     * @param word index of the word
     * @param phone index of the phone in it
     * @param time where its start should be, in seconds
     */
    public Timing withStart(int word, int phone, double time) {
        TimedPhone moved = words.get(word).phones().get(phone);
        boolean first = phone == 0;
        boolean lineStart = first && word == 0;
        double low = 0;
        boolean touches = false;
        if (!lineStart) {
            TimedWord before = first ? words.get(word - 1) : words.get(word);
            TimedPhone previous =
                    first ? before.phones().getLast() : before.phones().get(phone - 1);
            touches = moved.start() - previous.end() < TOUCHING;
            low = touches ? previous.start() + SHORTEST_PHONE : previous.end();
        }
        double start = bound(time, low, moved.end() - SHORTEST_PHONE, moved.start());
        return with(word, phone, new TimedPhone(moved.phone(), start, moved.end(), true), touches);
    }

    /** Moves the end of the last phone of a word; moves the next word's start along where the two touch. */
    public Timing withEnd(int word, double time) {
        TimedPhone last = words.get(word).phones().getLast();
        if (word + 1 < words.size() && words.get(word + 1).start() - last.end() < TOUCHING) {
            return withStart(word + 1, 0, time);
        }
        double high = word + 1 < words.size() ? words.get(word + 1).start() : duration;
        double end = bound(time, last.start() + SHORTEST_PHONE, high, last.end());
        int index = words.get(word).phones().size() - 1;
        return replacePhone(word, index, new TimedPhone(last.phone(), last.start(), end, true));
    }

    private static double bound(double time, double low, double high, double otherwise) {
        return low <= high ? Math.clamp(time, low, high) : otherwise;
    }

    private Timing with(int word, int phone, TimedPhone moved, boolean touches) {
        List<TimedWord> changed = new ArrayList<>(words);
        List<TimedPhone> phones = new ArrayList<>(words.get(word).phones());
        phones.set(phone, moved);
        if (touches && phone > 0) {
            TimedPhone previous = phones.get(phone - 1);
            phones.set(phone - 1, new TimedPhone(previous.phone(), previous.start(), moved.start(), true));
        }
        changed.set(word, words.get(word).withPhones(phones));
        if (touches && phone == 0) {
            TimedWord before = words.get(word - 1);
            List<TimedPhone> others = new ArrayList<>(before.phones());
            TimedPhone previous = others.removeLast();
            others.add(new TimedPhone(previous.phone(), previous.start(), moved.start(), true));
            changed.set(word - 1, before.withPhones(others));
        }
        return withWords(changed);
    }

    private Timing replacePhone(int word, int phone, TimedPhone changed) {
        List<TimedWord> all = new ArrayList<>(words);
        List<TimedPhone> phones = new ArrayList<>(words.get(word).phones());
        phones.set(phone, changed);
        all.set(word, words.get(word).withPhones(phones));
        return withWords(all);
    }
}
