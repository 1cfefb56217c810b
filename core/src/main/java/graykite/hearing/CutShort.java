package graykite.hearing;

import graykite.reading.HeardPhone;
import graykite.sound.Sound;
import java.util.Arrays;
import java.util.List;

/**
 * Recordings that were cut off while they still sounded, as lines are that somebody trimmed: the speech model knows no word that is followed by
 * nothing, and would end the last one early, in whatever of it is most like a pause. So they are heard with a moment of quiet behind them, and
 * what sounds on until the cut is of the last word.
 *
 * @param recording one channel
 * @param quiet seconds of quiet that are heard behind it; none where it has died away
 * @param loudest the power of its loudest stretch
 */
record CutShort(Sound recording, double quiet, double loudest) {
    private static final double QUIET = 0.1;
    /** Seconds of a recording that hardly hold a word: quiet would be room for words that it has none for. */
    private static final double SHORTEST = 0.3;
    /** Seconds that are listened to at a time. */
    private static final double STRETCH = 0.03;
    /** Power at the end as a share of the loudest: 25 dB below. */
    private static final double STILL_SOUNDS = 0.0032;
    /** Power of what leads there: 35 dB below. */
    private static final double SOUNDS_ON = 0.00032;
    /** Seconds that a phone lasts at least. */
    private static final double LEAST = 0.01;

    /** What is known of a recording's end. @param plain one channel */
    static CutShort of(Sound plain) {
        CutShort whole = not(plain);
        double loudest = 0;
        for (double at = 0; at + STRETCH <= plain.duration(); at += STRETCH) {
            loudest = Math.max(loudest, whole.power(at));
        }
        boolean sounds = whole.power(plain.duration() - STRETCH) > STILL_SOUNDS * loudest;
        return new CutShort(plain, sounds && plain.duration() > SHORTEST ? QUIET : 0, loudest);
    }

    /** Part of a recording that goes on. */
    static CutShort not(Sound plain) {
        return new CutShort(plain, 0, 0);
    }

    /** The sound with quiet behind it if it was cut off. */
    Sound heard() {
        float[] samples = recording.channel(0);
        return quiet == 0
                ? recording
                : Sound.mono(
                        Arrays.copyOf(samples, samples.length + (int) (quiet * recording.rate())), recording.rate());
    }

    private double power(double from) {
        float[] samples = recording.channel(0);
        int first = Math.max(0, (int) (from * recording.rate()));
        int end = Math.min(samples.length, first + (int) (STRETCH * recording.rate()));
        double sum = 0;
        for (int i = first; i < end; i++) {
            sum += samples[i] * samples[i];
        }
        return sum;
    }

    private boolean soundsFrom(double time) {
        for (double at = time; at < recording.duration() - STRETCH; at += STRETCH) {
            if (power(at) < SOUNDS_ON * loudest) {
                return false;
            }
        }
        return true;
    }

    /**
     * Ends with the recording what was heard into the quiet behind it, and what was heard to end although it sounds on.
     *
     * @param times the start of each phone, and the end of the last
     * @param held true when the end of the last word was set by hand
     */
    void end(List<HeardPhone> phones, double[] times, boolean held) {
        if (quiet == 0) {
            return;
        }
        double latest = recording.duration();
        int last = phones.size() - 1;
        if (last > 0
                && !held
                && phones.get(last).word() == HeardPhone.PAUSE
                && times[last] < latest
                && soundsFrom(times[last])) {
            times[last] = latest;
        }
        for (int i = phones.size(); i > 0 && times[i] > latest; i--) {
            times[i] = latest;
            latest -= phones.get(i - 1).word() == HeardPhone.PAUSE ? 0 : LEAST;
        }
    }
}
