package graykite.hearing;

import graykite.reading.HeardPhone;
import graykite.reading.Timing;
import java.util.Arrays;
import java.util.List;

/**
 * Places the boundaries between heard phones more finely than the search does. For each boundary the network tells frame by
 * frame which side it belongs to; the times of all boundaries together are those for which these answers are likeliest, found
 * by dynamic programming so that no phone is lost; between two frames the time lies where the answer turns.
 */
final class BoundaryPlacer {
    private static final int REACH = BoundaryPlace.REACH;
    private static final int CHOICES = 2 * REACH + 1;
    /** How much the place that the search heard counts beside that of the network: the two err in different places. */
    private static final double HEARD = 0.4;
    /** Frames that a phone lasts at least: 10 ms. */
    private static final int LEAST = 2;
    /** Weighs more than all that a boundary can hear. */
    private static final double HELD = 1e6;
    /** Frames whose first layer is kept: more than one boundary can see. */
    private static final int KEPT = 256;

    private final BoundaryNetwork network;
    private final BoundaryView view;
    private final float[][] kept = new float[KEPT][BoundaryNetwork.FIRST];
    private final int[] keptFrame = new int[KEPT];
    private final float[] values = new float[BoundaryView.VALUES];
    private final float[] met = new float[BoundaryNetwork.FIRST];
    private final float[] numbers = new float[BoundaryPlace.NUMBERS];

    BoundaryPlacer(BoundaryNetwork network, BoundaryView view) {
        this.network = network;
        this.view = view;
        Arrays.fill(keptFrame, -1);
    }

    /**
     * The times of the boundaries between heard phones.
     *
     * @param given by boundary, times that are known already; NaN where none is
     * @return one more value than phones: the start of each and the end of the last, which is the duration
     */
    double[] times(List<HeardPhone> heard, double[] given, double duration) {
        List<BoundaryPlace> places = BoundaryPlace.between(heard);
        int count = places.size();
        float[][] odds = new float[count][2 * REACH];
        byte[][] from = new byte[count][CHOICES];
        double[] best = new double[CHOICES];
        double[] next = new double[CHOICES];
        for (int i = 0; i < count; i++) {
            BoundaryPlace place = places.get(i);
            odds(place, odds[i]);
            double[] likely = likely(odds[i]);
            hold(likely, place, given[i + 1]);
            int first = place.frame() - REACH;
            int previous = i == 0 ? 0 : places.get(i - 1).frame() - REACH;
            int reached = 0;
            int champion = -1;
            for (int c = 0; c < CHOICES; c++) {
                if (i == 0) {
                    next[c] = first + c >= 1 ? likely[c] : Double.NEGATIVE_INFINITY;
                    continue;
                }
                while (reached < CHOICES && previous + reached <= first + c - LEAST) {
                    if (champion < 0 || best[reached] > best[champion]) {
                        champion = reached;
                    }
                    reached++;
                }
                from[i][c] = (byte) champion;
                next[c] = champion < 0 ? Double.NEGATIVE_INFINITY : best[champion] + likely[c];
            }
            double[] swap = best;
            best = next;
            next = swap;
        }
        return spread(traced(places, odds, from, best, duration), given);
    }

    private void odds(BoundaryPlace place, float[] out) {
        network.meet(place, met);
        for (int k = 0; k < 2 * REACH; k++) {
            int frame = place.frame() - REACH + k;
            place.numbers(frame, numbers);
            out[k] = network.logOdds(heard(Math.clamp(frame, 0, view.frames() - 1)), met, numbers);
        }
    }

    private float[] heard(int frame) {
        int slot = frame % KEPT;
        if (keptFrame[slot] != frame) {
            view.around(frame, values);
            network.listen(values, kept[slot]);
            keptFrame[slot] = frame;
        }
        return kept[slot];
    }

    /** Logarithm of the likelihood of each choice: all frames before it belong to the left, all others to the right. */
    private static double[] likely(float[] odds) {
        double[] likely = new double[CHOICES];
        double sum = 0;
        for (float odd : odds) {
            sum -= softPlus(-odd);
        }
        likely[0] = sum;
        for (int k = 0; k < odds.length; k++) {
            sum -= odds[k];
            likely[k + 1] = sum;
        }
        return likely;
    }

    /** Rules out all choices but the one nearest to a given time. */
    private static void hold(double[] likely, BoundaryPlace place, double given) {
        if (Double.isNaN(given)) {
            return;
        }
        long held = Math.round(given / HeardPhone.SECONDS_A_FRAME) - place.frame() + REACH;
        for (int c = 0; c < CHOICES; c++) {
            if (c != held) {
                likely[c] -= HELD;
            }
        }
    }

    private static double softPlus(double x) {
        return Math.max(x, 0) + Math.log1p(Math.exp(-Math.abs(x)));
    }

    private double[] traced(List<BoundaryPlace> places, float[][] odds, byte[][] from, double[] best, double duration) {
        int count = places.size();
        double[] times = new double[count + 2];
        times[count + 1] = duration;
        int choice = REACH;
        for (int c = 0; c < CHOICES && count > 0; c++) {
            if (places.get(count - 1).frame() - REACH + c <= view.frames() - 1 && best[c] > best[choice]) {
                choice = c;
            }
        }
        for (int i = count - 1; i >= 0; i--) {
            BoundaryPlace place = places.get(i);
            double placed = place.frame() - REACH + choice + turn(odds[i], choice);
            double heard = place.frame() - network.habit(place);
            times[i + 1] = ((1 - HEARD) * placed + HEARD * heard) * HeardPhone.SECONDS_A_FRAME;
            choice = i == 0 ? choice : Math.max(0, from[i][choice]);
        }
        return times;
    }

    /** How far, in frames, from a frame's edge the answer turns. */
    private static double turn(float[] odds, int choice) {
        if (choice == 0 || choice == odds.length) {
            return 0;
        }
        double low = odds[choice - 1];
        double high = odds[choice];
        return low < 0 && high > 0 ? -low / (high - low) - 0.5 : 0;
    }

    /** Keeps the shortest length of a phone where the turning between frames or the ends of the sound took from it. */
    private static double[] spread(double[] times, double[] given) {
        for (int i = 1; i < times.length - 1; i++) {
            times[i] = Double.isNaN(given[i]) ? Math.max(times[i], times[i - 1] + Timing.SHORTEST_PHONE) : given[i];
        }
        for (int i = times.length - 2; i > 0; i--) {
            times[i] = Double.isNaN(given[i]) ? Math.min(times[i], times[i + 1] - Timing.SHORTEST_PHONE) : given[i];
        }
        return times;
    }
}
