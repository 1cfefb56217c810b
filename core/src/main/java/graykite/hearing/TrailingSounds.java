package graykite.hearing;

import graykite.reading.HeardPhone;
import graykite.text.Phone;
import java.util.ArrayList;
import java.util.List;

/**
 * Sound that was heard beside the script, but is the end of a word: people draw out a vowel, leave an r out or let an n ring, and the
 * search, finding the word said too soon, hears the rest of it as something else. What follows a word without a pause, is short
 * and has a pause behind it belongs to the word when it only keeps on sounding, as vowels, glides and nasals do, or when it
 * ends with the word's last consonant, or its kind, once more.
 */
final class TrailingSounds {
    /** Frames that such a sound lasts at most: 450 ms. */
    private static final int LONGEST = 90;

    private TrailingSounds() {}

    /** The same phones with such sounds given to the words before them. */
    static List<HeardPhone> joined(List<HeardPhone> heard) {
        List<HeardPhone> joined = new ArrayList<>();
        int i = 0;
        while (i < heard.size()) {
            joined.add(heard.get(i++));
            List<HeardPhone> more = beside(heard, i);
            if (joined.getLast().word() >= 0
                    && !more.isEmpty()
                    && frames(more) <= LONGEST
                    && pauses(heard, i + more.size())
                    && give(more, joined)) {
                i += more.size();
            }
        }
        return joined;
    }

    /** What is heard beside the script from a phone on. */
    private static List<HeardPhone> beside(List<HeardPhone> heard, int from) {
        int end = from;
        while (end < heard.size() && heard.get(end).word() == HeardPhone.UNSCRIPTED) {
            end++;
        }
        return heard.subList(from, end);
    }

    private static int frames(List<HeardPhone> phones) {
        return phones.getLast().endFrame() - phones.getFirst().startFrame();
    }

    /** Gives what is heard to the word that was heard last, if it belongs to it. */
    private static boolean give(List<HeardPhone> more, List<HeardPhone> joined) {
        HeardPhone last = joined.getLast();
        int end = more.getLast().endFrame();
        if (repeats(joined, more)) {
            HeardPhone again = more.getLast();
            HeardPhone drawn = joined.get(joined.size() - 2);
            double drawnOn = score(more) - again.score() + drawn.score();
            joined.set(joined.size() - 2, lasting(drawn, drawn.startFrame(), again.startFrame(), drawnOn));
            joined.set(joined.size() - 1, lasting(last, again.startFrame(), end, last.score() + again.score()));
            return true;
        }
        if (keepsOn(last, more)) {
            joined.set(joined.size() - 1, lasting(last, last.startFrame(), end, last.score() + score(more)));
            return true;
        }
        return false;
    }

    private static HeardPhone lasting(HeardPhone phone, int from, int to, double score) {
        return new HeardPhone(phone.word(), phone.variant(), phone.index(), phone.phone(), from, to, score);
    }

    private static double score(List<HeardPhone> phones) {
        return phones.stream().mapToDouble(HeardPhone::score).sum();
    }

    private static boolean pauses(List<HeardPhone> heard, int at) {
        return at == heard.size() || heard.get(at).word() == HeardPhone.PAUSE;
    }

    /** True when a sound that can be drawn out goes on in others of the kind, and perhaps fades into a consonant. */
    private static boolean keepsOn(HeardPhone last, List<HeardPhone> more) {
        Phone first = more.getFirst().phone();
        if (!sounds(last.phone()) || !sounds(first)) {
            return false;
        }
        boolean consonant = false;
        for (HeardPhone phone : more) {
            // A consonant and then a vowel: another syllable, unless a vowel was going on and it merely swells.
            if (phone.phone().isVowel() && consonant) {
                return false;
            }
            consonant |=
                    first.isVowel() ? !sounds(phone.phone()) : !phone.phone().isVowel();
        }
        return true;
    }

    /** True when a word's last consonant, heard after something drawn out, comes once more after it was drawn out further. */
    private static boolean repeats(List<HeardPhone> joined, List<HeardPhone> more) {
        if (joined.size() < 2 || more.size() < 2) {
            return false;
        }
        HeardPhone last = joined.getLast();
        HeardPhone before = joined.get(joined.size() - 2);
        return before.word() == last.word()
                && !sounds(last.phone())
                && sounds(before.phone())
                && alike(more.getLast().phone(), last.phone())
                && more.subList(0, more.size() - 1).stream().allMatch(p -> sounds(p.phone()));
    }

    private static boolean alike(Phone one, Phone other) {
        return one.kind() == other.kind() || one.closes() && other.closes();
    }

    /** True for what can be drawn out: vowels, glides, nasals and l. */
    private static boolean sounds(Phone phone) {
        return switch (phone.kind()) {
            case VOWEL, DIPHTHONG, NASAL, GLIDE -> true;
            case STOP, AFFRICATE, FRICATIVE, SILENCE -> false;
        };
    }
}
