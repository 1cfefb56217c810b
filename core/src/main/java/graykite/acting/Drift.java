package graykite.acting;

import java.util.Arrays;
import java.util.SplittableRandom;

/**
 * How a head that holds still lives on: it goes to and fro by 0.2 to 0.5 degrees, so slowly that it is felt and not seen. Two
 * waves of lengths that never meet lie on each axis.
 *
 * @param phases where each wave begins, in turns: two of yaw, two of pitch, two of roll
 * @param degrees how far it goes
 */
record Drift(double[] phases, double degrees) {
    private static final double[] SECONDS = {5.3, 3.1, 4.7, 2.9, 6.1, 3.7};

    /** No movement at all. */
    static final Drift NONE = new Drift(new double[6], 0);

    static Drift of(long seed, double amount) {
        SplittableRandom random = new SplittableRandom(seed ^ 0x7F4A7C159E3779B9L);
        double[] phases = new double[SECONDS.length];
        for (int i = 0; i < phases.length; i++) {
            phases[i] = random.nextDouble();
        }
        return new Drift(phases, 0.32 * amount);
    }

    private double wave(int first, double time) {
        double slow = Math.sin(2 * Math.PI * (time / SECONDS[first] + phases[first]));
        double quick = Math.sin(2 * Math.PI * (time / SECONDS[first + 1] + phases[first + 1]));
        return degrees * (0.7 * slow + 0.3 * quick);
    }

    double yaw(double time) {
        return wave(0, time);
    }

    double pitch(double time) {
        return 0.8 * wave(2, time);
    }

    double roll(double time) {
        return 0.5 * wave(4, time);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Drift drift && drift.degrees == degrees && Arrays.equals(drift.phases, phases);
    }

    @Override
    public int hashCode() {
        return Arrays.hashCode(phases);
    }
}
