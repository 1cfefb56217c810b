package graykite.scene;

import graykite.rig.LipGap;
import java.util.Arrays;

/** How far lips are beyond where a closure lets them be, measured on the mesh. */
sealed interface ClosureLimit {
    /** Millimetres by which a lip may be off its place on the teeth in height; twice that in depth. */
    double BITE = 0.8;

    /** What is over the limit, in millimetres, for each measure; at most 0 where all is well. */
    double[] excess(double[] seen);

    default double over(double[] seen) {
        return Arrays.stream(excess(seen)).max().orElse(0);
    }

    /**
     * The lips touch along their whole line.
     *
     * @param own gaps in the character's own shut shape
     * @param slack millimetres that are still allowed
     */
    record LipsShut(LipGap measure, double[] own, double slack) implements ClosureLimit {
        @Override
        public double[] excess(double[] seen) {
            double[] gaps = measure.gaps(seen);
            for (int i = 0; i < gaps.length; i++) {
                // A character whose own shut shape leaves a gap cannot do better than that.
                gaps[i] -= Math.max(0, own[i]) + slack;
            }
            return gaps;
        }
    }

    /**
     * The lower lip lies where it lies in the character's own shape.
     *
     * @param own places of the lower lip there
     * @param slack millimetres that are still allowed
     */
    record LipOnTeeth(LipGap measure, double[] own, double slack) implements ClosureLimit {
        @Override
        public double[] excess(double[] seen) {
            double[] places = measure.lowerLip(seen);
            int pairs = places.length / 2;
            double[] excess = new double[2 * pairs];
            Arrays.fill(excess, -1);
            // The middle of the lip meets the teeth; its corners are free.
            for (int i = pairs / 3; i < pairs - pairs / 3; i++) {
                excess[2 * i] = Math.abs(places[2 * i] - own[2 * i]) - BITE - slack;
                excess[2 * i + 1] = Math.abs(places[2 * i + 1] - own[2 * i + 1]) - 2 * BITE - slack;
            }
            return excess;
        }
    }
}
