package graykite.hearing;

import graykite.reading.HeardPhone;
import graykite.sound.Sound;
import java.util.Arrays;
import java.util.List;

/**
 * Recordings that were cut off while they still sounded, as lines are that somebody trimmed: the speech model knows no word that is followed by
 * nothing, and would end the last one early, in whatever of it is most like a pause. So they are heard with a moment of quiet behind them, and
 * what sounds on until the cut is of the last word. The noise that a recording ends in is none of it.
 */
final class CutShort {
    /** Seconds of quiet that are heard behind it. */
    private static final double QUIET = 0.1;
    /** Seconds of a recording that hardly hold a word: quiet would be room for words that it has none for. */
    private static final double SHORTEST = 0.3;

    private static final double HOP = 0.01;
    /** Samples of a level: 30 ms. */
    private static final int WINDOW = 480;
    /** Decibels below the loudest at which a recording still sounds where it ends, and all that leads there. */
    private static final double STILL_SOUNDS = 25;

    private static final double SOUNDS_ON = 35;
    /** The share of a recording that is its noise at least, and decibels above it that noise does not reach. */
    private static final double QUIETEST = 0.05;

    private static final double ABOVE_NOISE = 6;
    /** Levels in which what fades into the noise falls by so many decibels at least: noise itself is steady. */
    private static final int FADING = 5;

    private static final double FADED = 8;
    /** Seconds that a phone lasts at least. */
    private static final double LEAST = 0.01;

    private final Sound recording;
    private final Sound heard;
    /** Seconds from which on it sounds until it is cut off. */
    private final double soundsFrom;

    private CutShort(Sound recording, Sound heard, double soundsFrom) {
        this.recording = recording;
        this.heard = heard;
        this.soundsFrom = soundsFrom;
    }

    /** What is known of a recording's end. @param plain one channel at 16 kHz */
    static CutShort of(Sound plain) {
        double[] levels = Levels.of(plain, HOP, WINDOW);
        double loudest = Arrays.stream(levels).max().orElseThrow();
        double noise = Levels.quantile(levels, 0, levels.length, QUIETEST) + ABOVE_NOISE;
        int last = levels.length - 1;
        if (plain.silent() || plain.duration() <= SHORTEST || levels[last] <= loudest - STILL_SOUNDS) {
            return not(plain);
        }
        if (levels[last] <= noise && levels[last - FADING] < levels[last] + FADED) {
            return not(plain);
        }
        int from = last;
        while (from > 0 && levels[from - 1] > loudest - SOUNDS_ON) {
            from--;
        }
        float[] samples = plain.mixed();
        float[] longer = Arrays.copyOf(samples, samples.length + (int) (QUIET * plain.rate()));
        return new CutShort(plain, Sound.mono(longer, plain.rate()), from * HOP);
    }

    /** A recording that has died away, or part of one that goes on. */
    static CutShort not(Sound plain) {
        return new CutShort(plain, plain, Double.POSITIVE_INFINITY);
    }

    /** The sound, with quiet behind it if it was cut off. */
    Sound heard() {
        return heard;
    }

    /** Seconds of the recording itself. */
    double duration() {
        return recording.duration();
    }

    /**
     * Ends with the recording what was heard into the quiet behind it, and what was heard to end although it sounds on.
     *
     * @param times one more than there are phones: the start of each and the end of the last
     * @param given by boundary, times that are held; NaN where none is
     */
    void end(List<HeardPhone> phones, double[] times, double[] given) {
        double latest = duration();
        int last = phones.size() - 1;
        if (last > 0
                && phones.get(last).word() == HeardPhone.PAUSE
                && Double.isNaN(given[last])
                && times[last] >= soundsFrom) {
            times[last] = Math.max(times[last], latest);
        }
        for (int i = phones.size(); i > 0 && times[i] > latest; i--) {
            times[i] = latest;
            latest -= phones.get(i - 1).word() == HeardPhone.PAUSE ? 0 : LEAST;
        }
    }
}
