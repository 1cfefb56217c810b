package graykite.hearing;

import graykite.reading.HeardPhone;
import graykite.sound.Sound;
import graykite.text.Phone;
import java.util.List;

/**
 * Where words beside a pause are heard first and last. The search and the network end a word once another sound is likelier, and a
 * nasal, a vowel or an l that fades is soon more like a pause than like itself; people see a mouth that shuts while the voice still
 * rings. So a last phone is lengthened for as long as the recording keeps on, without a new rise, above its own noise; a last stop
 * ends with its release, before which it is as quiet as a pause; and a first one begins where the recording rises out of it. The
 * first phone of a stop or an affricate stays where it was found: it begins with silence, while the mouth is shut already.
 */
final class SoundingEdges {
    /** Seconds from one level to the next; the steps and windows of Loudness are so broad that ends come out 15 ms late. */
    private static final double HOP = 0.005;
    /** Samples of a level: 30 ms, so that a low voice does not tremble in it. */
    private static final int WINDOW = 480;

    /** Samples of a level that tells beginnings: 10 ms, as they are abrupt; the release of a stop is, too. */
    private static final int SHARP = 160;
    /** Seconds by which a beginning is moved at most. */
    private static final double EARLIER = 0.12;

    private static final double LATER = 0.08;

    /** Decibels below the loudest of the word at which nothing of it is heard any more. */
    private static final double HEARD = 30;
    /** As much of a beginning: there is no room that rings on before a word, so nearly all that stands out of the noise is it. */
    private static final double HEARD_FIRST = 42;
    /** Decibels that a sound stands out of the noise of the pause. */
    private static final double ABOVE_NOISE = 10;
    /** A rise by so many decibels, once the word has faded by {@link #FADED}, is something new: a breath, a click. */
    private static final double RISE = 7;

    private static final double FADED = 18;
    /** Seconds by which a last phone is lengthened at most; of a stop only the breath of its release. */
    private static final double LONGEST = 0.45;

    private static final double LONGEST_STOP = 0.15;
    /** Seconds of the pause that stay, and that the noise is told from. */
    private static final double LEFT = 0.01;

    private static final double BEFORE = 0.6;

    /** Levels that the fading of a word may last: a longer pause tells its noise itself. */
    private static final int SHORT = 40;

    /** Levels that the closure of a last stop lasts at most. */
    private static final int CLOSURE = 50;
    /** Levels that the burst lasts at most with which it is let go, and levels of quiet behind that at least. */
    private static final int BURST = 24;

    private static final int QUIET = 4;
    /** Decibels by which a burst stands out of its closure. */
    private static final double BURSTS = 10;

    private final double[] levels;
    private final double[] sharp;
    private final double quietest;

    private SoundingEdges(double[] levels, double[] sharp) {
        this.levels = levels;
        this.sharp = sharp;
        this.quietest = Levels.quantile(levels, 0, levels.length, 0.02);
    }

    /** @param sound one channel at 16 kHz */
    static SoundingEdges of(Sound sound) {
        return new SoundingEdges(Levels.of(sound, HOP, WINDOW), Levels.of(sound, HOP, SHARP));
    }

    /** Moves first phones after a pause in place to where they are heard first. */
    void begin(List<HeardPhone> heard, double[] times, double[] given) {
        for (int i = 1; i < heard.size(); i++) {
            HeardPhone first = heard.get(i);
            if (first.word() == HeardPhone.PAUSE
                    || heard.get(i - 1).word() != HeardPhone.PAUSE
                    || first.phone().closes()
                    || !Double.isNaN(given[i])) {
                continue;
            }
            times[i] = beginning(first.phone(), times[i - 1], times[i], times[i + 1]);
        }
    }

    private double beginning(Phone first, double pause, double found, double end) {
        int at = frame(found);
        int earliest = Math.max(frame(pause + LEFT), at - (int) Math.round(EARLIER / HOP));
        int latest = Math.min(frame(Math.min(found + LATER, end - LEFT)), sharp.length - 1);
        double loudest = highest(at, frame(found + BEFORE / 2));
        double audible = noise(frame(pause), at) + ABOVE_NOISE;
        double limit = Math.max(loudest - HEARD_FIRST, audible);
        int f = at;
        if (sharp[f] >= limit) {
            // A short pause may be the fading word before: what sounds in it tells nothing about the next.
            while (at - frame(pause) > SHORT && f > earliest && sharp[f - 1] >= limit) {
                f--;
            }
            return f == at ? found : f * HOP;
        }
        if (first.kind() == Phone.Kind.FRICATIVE && limit > audible) {
            // In silence the first breath of s or h is heard however soft it is, and the network found it by its hiss.
            return found;
        }
        while (f < latest && sharp[f] < limit) {
            f++;
        }
        return f >= latest ? found : f * HOP;
    }

    /**
     * Lengthens last phones in place.
     *
     * @param times one more than there are phones: the start of each and the end of the last
     * @param given by boundary, times that are held; NaN where none is
     */
    void lengthen(List<HeardPhone> heard, double[] times, double[] given) {
        for (int i = 0; i + 1 < heard.size(); i++) {
            HeardPhone last = heard.get(i);
            if (last.word() == HeardPhone.PAUSE
                    || heard.get(i + 1).word() != HeardPhone.PAUSE
                    || !Double.isNaN(given[i + 1])) {
                continue;
            }
            double most = switch (last.phone().kind()) {
                case STOP, AFFRICATE, FRICATIVE -> LONGEST_STOP;
                default -> LONGEST;
            };
            times[i + 1] =
                    end(times[i], times[i + 1], Math.min(times[i + 1] + most, times[i + 2] - LEFT), times[i + 2]);
            if (last.phone().kind() == Phone.Kind.STOP) {
                times[i + 1] = released(times[i], times[i + 1], times[i + 2]);
            }
        }
    }

    /**
     * The end of a stop whose closure was taken for the pause: that of the burst with which it is let go, which is brief and has
     * quiet behind it. What sounds for longer is a breath, and what has no quiet behind it the next word.
     */
    private double released(double start, double found, double pauseEnd) {
        int from = frame(found);
        int last = Math.min(frame(pauseEnd), sharp.length - 1);
        int latest = Math.min(last, from + CLOSURE);
        double limit = audible(loudest(start, from), from, last);
        double closure = sharp[from];
        int burst = from;
        while (burst < latest && sharp[burst] < Math.max(limit, closure + BURSTS)) {
            closure = Math.min(closure, sharp[burst]);
            burst++;
        }
        int end = burst;
        for (int f = burst; f < last && f < end + QUIET; f++) {
            if (sharp[f] >= limit) {
                end = f + 1;
            }
        }
        boolean quiet = end + QUIET <= last || end < last && last == sharp.length - 1;
        return burst < latest && end - burst <= BURST && quiet ? end * HOP : found;
    }

    /** The loudest of a word up to where it was found to end. @param start of its last phone, in seconds */
    private double loudest(double start, int found) {
        return highest(frame(Math.max(0, start - BEFORE)), found);
    }

    /** The level below which nothing of a word is heard in the pause behind it. @param loudest of the word */
    private double audible(double loudest, int from, int pauseEnd) {
        return Math.max(loudest - HEARD, noise(from, pauseEnd) + ABOVE_NOISE);
    }

    private double end(double start, double found, double latest, double pauseEnd) {
        int from = frame(found);
        int to = Math.min(levels.length - 1, (int) Math.floor(latest / HOP));
        if (to <= from) {
            return found;
        }
        double loudest = loudest(start, from);
        double limit = audible(loudest, from, frame(pauseEnd));
        int lowest = from;
        int at = from;
        while (at < to && levels[at] >= limit) {
            if (levels[at] < levels[lowest]) {
                lowest = at;
            } else if (levels[lowest] < loudest - FADED && levels[at] > levels[lowest] + RISE) {
                return Math.max(found, lowest * HOP);
            }
            at++;
        }
        return Math.max(found, at * HOP);
    }

    /**
     * The noise that a word fades into: the quietest tenth of the pause. A short pause may be nothing but the fading word, so
     * for it the quietest part of the whole recording counts too.
     */
    private double noise(int from, int to) {
        double pause = Levels.quantile(levels, from, to, 0.1);
        return to - from > SHORT ? pause : Math.min(pause, quietest);
    }

    private double highest(int from, int to) {
        double highest = levels[from];
        for (int f = from; f <= to; f++) {
            highest = Math.max(highest, levels[f]);
        }
        return highest;
    }

    private int frame(double time) {
        return Math.clamp(Math.round(time / HOP), 0, levels.length - 1);
    }
}
