package graykite.hearing;

import graykite.sound.Sound;
import java.util.Arrays;

/**
 * The steady noise under a recording, by mel band, to be taken away from what the acoustic model hears: spectral subtraction
 * (Boll 1979), with over-subtraction and a spectral floor (Berouti, Schwartz & Makhoul 1979). A band is left alone where its
 * quiet moments differ too much to be a steady noise: in a clean recording, and in a room that rings on.
 */
final class NoiseFloor {
    /** Nobody speaks all the time: in a band, this share of a recording is noise alone. */
    private static final double QUIET = 0.1;
    /** Shares of the moments of a band, quietest first, whose powers are compared. */
    private static final double QUIETER = 0.05;

    private static final double LOUDER = 0.2;
    /** Decibels between them up to which all is steady noise, and from which on there is none. */
    private static final double STEADY = 3;

    private static final double UNSTEADY = 6;
    /** The quietest tenth of a noise lies below its mean. */
    private static final double TAKEN = 1.2;
    /** What is left of a power that is all noise, lest the logarithm make speech of its chance dips. */
    private static final double LEFT = 0.15;
    /** So few frames, a second of them, do not tell noise from a held sound. */
    private static final int FEWEST = 200;

    /** Moments that are looked at: of a long recording in runs, spread over all of it. */
    private static final int MOST = 6000;

    private static final int RUN = 60;
    /** Frames from one moment of a run to the next. */
    private static final int STEP = 2;
    /** Neighbours to either side that a power is averaged with: a single one varies too much. */
    private static final int SMOOTH = 2;

    private final double[] taken;

    private NoiseFloor(double[] taken) {
        this.taken = taken;
    }

    /** Tells the power by band of a frame. */
    interface Powers {
        void at(int frame, double[] out);
    }

    /** The noise in the bands of the acoustic model. */
    static NoiseFloor of(Sound sound) {
        return of(new MelPowers(sound, Features.BANDS));
    }

    /** @param powers of a whole recording, rather than of a stretch that may have no quiet moment */
    static NoiseFloor of(MelPowers powers) {
        return of(powers.bands(), powers.frames(), powers::remember);
    }

    /**
     * Looks at moments spread over all of a sound.
     *
     * @param bands how many
     * @param frames of 5 ms
     */
    static NoiseFloor of(int bands, int frames, Powers powers) {
        double[] taken = new double[bands];
        if (frames >= FEWEST) {
            int spacing = Math.max(RUN * STEP, frames / (MOST / RUN));
            double[][] byBand = new double[bands][Math.min(frames / STEP, MOST)];
            double[] frame = new double[bands];
            for (int m = 0; m < byBand[0].length; m++) {
                powers.at(m / RUN * spacing + m % RUN * STEP, frame);
                for (int b = 0; b < bands; b++) {
                    byBand[b][m] = frame[b];
                }
            }
            Arrays.setAll(taken, b -> taken(byBand[b]));
        }
        return new NoiseFloor(taken);
    }

    /** Takes the noise from the powers of one frame. */
    void takenFrom(double[] frame) {
        for (int b = 0; b < frame.length; b++) {
            frame[b] = Math.max(frame[b] - taken[b], LEFT * frame[b]);
        }
    }

    private static double taken(double[] powers) {
        double[] sorted = smooth(powers);
        Arrays.sort(sorted);
        double spread = 10 * Math.log10(at(sorted, LOUDER) / Math.max(Double.MIN_NORMAL, at(sorted, QUIETER)));
        double steady = Math.clamp((UNSTEADY - spread) / (UNSTEADY - STEADY), 0.0, 1.0);
        return steady * TAKEN * at(sorted, QUIET);
    }

    private static double[] smooth(double[] powers) {
        double[] smooth = new double[powers.length];
        for (int f = 0; f < powers.length; f++) {
            int from = Math.max(0, f - SMOOTH);
            int to = Math.min(powers.length, f + SMOOTH + 1);
            smooth[f] = Arrays.stream(powers, from, to).average().orElseThrow();
        }
        return smooth;
    }

    private static double at(double[] sorted, double share) {
        return sorted[(int) (share * (sorted.length - 1))];
    }
}
