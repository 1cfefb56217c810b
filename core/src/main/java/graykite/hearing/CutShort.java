package graykite.hearing;

import graykite.reading.HeardPhone;
import graykite.sound.Sound;
import java.util.Arrays;
import java.util.List;

/**
 * Recordings that were cut off while they still sounded, as lines are that somebody trimmed: the speech model knows no word that is followed by
 * nothing, and would end the last one early, in whatever of it is most like a pause. So they are heard with a moment of quiet behind them.
 */
final class CutShort {
    /** Seconds of quiet that are heard behind it. */
    private static final double QUIET = 0.1;
    /** Seconds at the end that tell whether it still sounds. */
    private static final double LAST = 0.03;
    /** Its power there as a share of the loudest such stretch: 25 dB below. */
    private static final double STILL_SOUNDS = 0.0032;
    /** Seconds of a recording that hardly hold a word: quiet would be room for words that it has none for. */
    private static final double SHORTEST = 0.3;
    /** Seconds that a phone lasts at least. */
    private static final double LEAST = 0.01;

    private CutShort() {}

    /** The sound with quiet behind it if it was cut off; otherwise as it is. @param plain one channel */
    static Sound withQuiet(Sound plain) {
        float[] samples = plain.channel(0);
        int stretch = Math.max(1, (int) (LAST * plain.rate()));
        double loudest = 0;
        for (int from = 0; from + stretch <= samples.length; from += stretch) {
            loudest = Math.max(loudest, power(samples, from, stretch));
        }
        int last = Math.max(0, samples.length - stretch);
        return plain.duration() > SHORTEST && power(samples, last, samples.length - last) > STILL_SOUNDS * loudest
                ? Sound.mono(Arrays.copyOf(samples, samples.length + (int) (QUIET * plain.rate())), plain.rate())
                : plain;
    }

    private static double power(float[] samples, int from, int count) {
        double sum = 0;
        for (int i = from; i < from + count; i++) {
            sum += samples[i] * samples[i];
        }
        return sum;
    }

    /**
     * Ends within the recording what was heard into the quiet behind it.
     *
     * @param times the start of each phone, and the end of the last
     * @param duration of the recording in seconds
     */
    static void end(List<HeardPhone> heard, double[] times, double duration) {
        double latest = duration;
        for (int i = heard.size(); i > 0 && times[i] > latest; i--) {
            times[i] = latest;
            latest -= heard.get(i - 1).word() == HeardPhone.PAUSE ? 0 : LEAST;
        }
    }
}
