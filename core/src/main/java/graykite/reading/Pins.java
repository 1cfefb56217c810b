package graykite.reading;

import graykite.text.Pronunciation;
import graykite.text.Script;
import graykite.text.WordChoice;
import graykite.time.TimeMap;
import graykite.time.TimeRange;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What is known before a recording is read: what the animator set by hand in an earlier reading, and which words of a script it
 * belongs to, and in which stretch of time the script says that words are spoken. A new reading keeps the phones of words set by
 * hand, and the times of pinned phones, and looks for the others where they are said to be.
 */
public final class Pins {
    /** Analysis frames by which a held time may be missed while searching; the exact time is put in afterwards. */
    private static final int LOOSE = 1;
    /** The search needs three frames a phone; shorter ones are given room. */
    private static final int LOOSE_FOR_SHORT = 3;

    private static final double SHORT = 3.5 * HeardPhone.SECONDS_A_FRAME;

    /**
     * Seconds by which words may leave the stretch that is said to be theirs: subtitles are shown some frames early and linger
     * (common practice).
     */
    private static final double ROOM = 0.8;

    private final Map<Integer, TimedWord> held;
    private final Map<Integer, TimeRange> rooms;
    private final boolean timed;

    private Pins(Map<Integer, TimedWord> held, Map<Integer, TimeRange> rooms, boolean timed) {
        this.held = held;
        this.rooms = rooms;
        this.timed = timed;
    }

    public static Pins none() {
        return new Pins(Map.of(), Map.of(), true);
    }

    /** The same, with the times that a script says. */
    public Pins within(Script script) {
        Map<Integer, TimeRange> stretches = new HashMap<>();
        for (Script.Section section : script.sections()) {
            TimeRange time = section.time();
            TimeRange room = new TimeRange(Math.max(0, time.start() - ROOM), time.end() + ROOM);
            for (int w = section.first(); w < section.end(); w++) {
                stretches.put(w, room);
            }
        }
        return new Pins(held, stretches, timed);
    }

    /** The same on another clock. @param map from the clock of the recording */
    public Pins retimed(TimeMap map) {
        Map<Integer, TimedWord> moved = new HashMap<>();
        held.forEach((word, kept) -> moved.put(
                word,
                new Timing(List.of(kept), kept.end())
                        .retimed(TimeMap.SAME, map)
                        .words()
                        .getFirst()));
        Map<Integer, TimeRange> stretches = new HashMap<>();
        rooms.forEach(
                (word, room) -> stretches.put(word, new TimeRange(map.after(room.start()), map.after(room.end()))));
        return new Pins(moved, stretches, timed);
    }

    /** The same, with words anywhere in time that were not set by hand. */
    public Pins anywhere() {
        return new Pins(held, Map.of(), timed);
    }

    /** True when some words are looked for in a stretch of time alone. */
    public boolean hasRooms() {
        return !rooms.isEmpty();
    }

    /** The same words with the same phones, at any time. */
    public Pins withoutTimes() {
        return new Pins(held, rooms, false);
    }

    /** The pins of an earlier reading on the words that a script still has, found by comparing both lists of words. */
    public static Pins of(Timing earlier, Script script) {
        List<String> before = earlier.words().stream().map(TimedWord::text).toList();
        List<String> now = script.written();
        int[] partner = WordMatch.partners(before, now);
        Map<Integer, TimedWord> held = new HashMap<>();
        for (int w = 0; w < partner.length; w++) {
            TimedWord word = earlier.words().get(w);
            if (partner[w] >= 0 && word.phones().stream().anyMatch(TimedPhone::pinned)) {
                held.put(partner[w], word);
            }
        }
        return new Pins(held, Map.of(), true);
    }

    /**
     * The same pins on a list of words of which some are left out and others put in.
     *
     * @param original for each word of that list the index of the word it was, or below 0
     */
    public Pins on(List<Integer> original) {
        Map<Integer, TimedWord> moved = new HashMap<>();
        Map<Integer, TimeRange> stretches = new HashMap<>();
        for (int w = 0; w < original.size(); w++) {
            if (held.containsKey(original.get(w))) {
                moved.put(w, held.get(original.get(w)));
            }
            if (rooms.containsKey(original.get(w))) {
                stretches.put(w, rooms.get(original.get(w)));
            }
        }
        return new Pins(moved, stretches, timed);
    }

    /**
     * The times that a script says, for its words from one on, in a sound that is cut.
     *
     * @param start seconds at which the cut begins
     */
    public Pins roomsFrom(int first, double start) {
        Map<Integer, TimeRange> stretches = new HashMap<>();
        rooms.forEach((word, room) -> {
            if (word >= first && room.end() > start) {
                stretches.put(word - first, new TimeRange(Math.max(0, room.start() - start), room.end() - start));
            }
        });
        return new Pins(Map.of(), stretches, true);
    }

    public boolean isEmpty() {
        return held.isEmpty() || !timed;
    }

    /** A word with pins keeps its phones. */
    public WordChoice held(int word, WordChoice choice) {
        TimedWord kept = held.get(word);
        if (kept == null) {
            return choice;
        }
        Pronunciation way =
                new Pronunciation(kept.phones().stream().map(TimedPhone::phone).toList());
        return new WordChoice(choice.word(), List.of(way), kept.guessed());
    }

    /** The pinned phone at a place, if there is one. */
    public Optional<TimedPhone> at(int word, int index) {
        TimedWord kept = held.get(word);
        return timed && kept != null && kept.phones().get(index).pinned()
                ? Optional.of(kept.phones().get(index))
                : Optional.empty();
    }

    /** True when times of a word are held. */
    public boolean holds(int word) {
        return timed && held.containsKey(word);
    }

    /** True when a phone may begin at a frame. */
    public boolean mayBegin(int word, int index, int frame) {
        TimeRange room = rooms.get(word);
        return at(word, index)
                .map(p -> near(p, p.start(), frame))
                .orElse(room == null || frame >= room.start() / HeardPhone.SECONDS_A_FRAME);
    }

    /** True when the phone may end before a frame. */
    public boolean mayEnd(int word, int index, int frame) {
        TimeRange room = rooms.get(word);
        return at(word, index)
                .map(p -> near(p, p.end(), frame))
                .orElse(room == null || frame <= room.end() / HeardPhone.SECONDS_A_FRAME);
    }

    private static boolean near(TimedPhone phone, double time, int frame) {
        int loose = phone.length() < SHORT ? LOOSE_FOR_SHORT : LOOSE;
        return Math.abs(frame - Math.round(time / HeardPhone.SECONDS_A_FRAME)) <= loose;
    }
}
