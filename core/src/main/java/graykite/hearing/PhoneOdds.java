package graykite.hearing;

import static graykite.base.Require.requireThat;

import graykite.reading.HeardPhone;
import graykite.text.Phone;

/**
 * What a trained network hears of phones, to be added to what the speech model hears: by moment and phone the natural logarithm of how likely the
 * phone is there, less the most part of that of how likely it is anywhere. Models that hear by a network alone take all of it away (Bourlard &
 * Morgan 1994).
 *
 * @param logarithms by moment, 24 ms apart, and by {@link Phone#ordinal()}
 */
public record PhoneOdds(float[][] logarithms) {
    /** Seconds between two moments. */
    public static final double STEP = 0.024;
    /** Seconds from the beginning of the sound to the first moment. */
    public static final double FIRST = 0.028;

    public PhoneOdds {
        requireThat(logarithms.length > 0, "There is no sound without a moment.");
        for (float[] moment : logarithms) {
            requireThat(
                    moment.length == Phone.values().length,
                    "A moment tells of %s phones, not of %s.",
                    moment.length,
                    Phone.values().length);
        }
    }

    /** The same, counting so many times as much. */
    PhoneOdds times(float factor) {
        float[][] more = new float[logarithms.length][];
        for (int m = 0; m < more.length; m++) {
            more[m] = logarithms[m].clone();
            for (int p = 0; p < more[m].length; p++) {
                more[m][p] *= factor;
            }
        }
        return new PhoneOdds(more);
    }

    /** What is heard at an analysis frame: the moment that is nearest. */
    float[] at(int frame) {
        int moment = (int) Math.round((frame * HeardPhone.SECONDS_A_FRAME - FIRST) / STEP);
        return logarithms[Math.clamp(moment, 0, logarithms.length - 1)];
    }
}
