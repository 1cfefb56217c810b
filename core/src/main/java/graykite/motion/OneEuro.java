package graykite.motion;

import static graykite.base.Require.requireThat;

/**
 * Takes the trembling out of what a hand or a camera gives: smooth while it moves slowly, quick while it moves fast (the One
 * Euro filter; Casiez, Roussel & Vogel, "1 Euro Filter", CHI 2012). One is for one control. Not safe for several threads.
 */
public final class OneEuro {
    private static final double SPEED_CUTOFF = 1;

    private final double least;
    private final double follow;
    private double value = Double.NaN;
    private double speed;

    /**
     * @param least cut-off frequency at rest in hertz: less is smoother and later
     * @param follow how much the cut-off rises with speed, in hertz a unit a second
     */
    public OneEuro(double least, double follow) {
        requireThat(least > 0 && follow >= 0, "A filter lets something through.");
        this.least = least;
        this.follow = follow;
    }

    /** The next value. @param seconds since the one before, above 0 */
    public double next(double raw, double seconds) {
        if (Double.isNaN(value)) {
            value = raw;
            return raw;
        }
        double moved = (raw - value) / seconds;
        speed += share(SPEED_CUTOFF, seconds) * (moved - speed);
        value += share(least + follow * Math.abs(speed), seconds) * (raw - value);
        return value;
    }

    private static double share(double cutoff, double seconds) {
        double tau = 1 / (2 * Math.PI * cutoff);
        return 1 / (1 + tau / seconds);
    }

    /**
     * What was recorded, smoothed with the delay made up for: there and back again, so that neither comes late.
     *
     * @param strength 0 leaves it as it is, 1 is as smooth as it gets
     * @param scale how far the control goes, in its own unit: fast and slow are told by it
     */
    public static double[] smoothed(double[] samples, double rate, double strength, double scale) {
        if (strength <= 0 || samples.length < 3) {
            return samples.clone();
        }
        double cutoff = 12 * Math.pow(0.04, Math.min(1, strength));
        double follow = 1.5 / scale;
        double[] there = run(samples, rate, cutoff, follow);
        double[] back = run(reversed(samples), rate, cutoff, follow);
        double[] both = new double[samples.length];
        for (int i = 0; i < both.length; i++) {
            both[i] = (there[i] + back[both.length - 1 - i]) / 2;
        }
        return both;
    }

    private static double[] run(double[] samples, double rate, double cutoff, double follow) {
        OneEuro filter = new OneEuro(cutoff, follow);
        double[] out = new double[samples.length];
        for (int i = 0; i < out.length; i++) {
            out[i] = filter.next(samples[i], 1 / rate);
        }
        return out;
    }

    private static double[] reversed(double[] samples) {
        double[] out = new double[samples.length];
        for (int i = 0; i < out.length; i++) {
            out[i] = samples[out.length - 1 - i];
        }
        return out;
    }
}
