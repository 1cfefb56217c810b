package graykite.acting;

import static graykite.base.Require.requireThat;

import graykite.motion.Motion;
import graykite.reading.Place;
import graykite.time.TimeMap;
import java.util.Map;
import java.util.TreeMap;

/**
 * A performance of some controls over a stretch of a line, recorded live or brought in.
 *
 * @param from where it begins
 * @param to where it ends
 * @param what is performed
 * @param adds true when it is added to what is there, false when it takes its place
 * @param ease seconds over which it comes and goes
 * @param mouth how much of its jaw, lips and tongue is seen, 0 to 1: at 0 speech rules
 * @param weights how much of single controls is seen, 0 to 2; those not named are seen as they are
 */
public record Pass(
        Place from, Place to, Performed what, boolean adds, double ease, double mouth, Map<String, Double> weights) {
    /** How long a pass takes to come and to go unless one says otherwise, in seconds. */
    public static final double USUAL_EASE = 0.15;

    public Pass {
        requireThat(ease >= 0 && ease <= 5, "A pass takes 0 to 5 seconds to come, not %.2f.", ease);
        requireThat(mouth >= 0 && mouth <= 1, "The share of the mouth lies between 0 and 1, not %.2f.", mouth);
        requireThat(
                weights.size() <= Motion.MOST_CONTROLS
                        && weights.values().stream().allMatch(w -> w >= 0 && w <= 2),
                "The weight of a control lies between 0 and 2.");
        weights = Map.copyOf(weights);
    }

    /** How much of a control is seen. */
    public double weight(String control) {
        return weights.getOrDefault(control, 1.0);
    }

    public Pass with(Performed other) {
        return new Pass(from, to, other, adds, ease, mouth, weights);
    }

    public Pass placed(Place newFrom, Place newTo) {
        return new Pass(newFrom, newTo, what, adds, ease, mouth, weights);
    }

    public Pass adding(boolean add) {
        return new Pass(from, to, what, add, ease, mouth, weights);
    }

    public Pass withEase(double seconds) {
        return new Pass(from, to, what, adds, seconds, mouth, weights);
    }

    public Pass withMouth(double share) {
        return new Pass(from, to, what, adds, ease, share, weights);
    }

    /** With other weights of some controls. */
    public Pass weighing(Map<String, Double> some) {
        Map<String, Double> all = new TreeMap<>(weights);
        all.putAll(some);
        all.values().removeIf(w -> w == 1);
        return new Pass(from, to, what, adds, ease, mouth, all);
    }

    /** On another clock. */
    Pass retimed(TimeMap change) {
        return placed(from.retimed(change), to.retimed(change));
    }
}
