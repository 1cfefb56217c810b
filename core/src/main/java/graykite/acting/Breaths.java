package graykite.acting;

import graykite.reading.TimedWord;
import graykite.reading.Timing;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;

/**
 * Breath before phrases: for 300 to 500 ms the mouth opens a little, chest and head rise; it ends as the voice begins,
 * and the chest sinks again while the air is spoken away.
 */
public record Breaths(List<Breath> breaths) {
    /** A pause that is shorter has no room for a breath, in seconds. */
    private static final double PAUSE = 0.28;

    /** Seconds before the first sound at which a breath is over. */
    private static final double BEFORE = 0.03;

    /** Seconds in which the chest sinks again while the air is spoken away. */
    static final double SPENT = 4;

    /**
     * One breath.
     *
     * @param start in seconds
     * @param end in seconds
     * @param depth 1 for a usual one
     */
    public record Breath(double start, double end, double depth) {
        double at(double time) {
            double t = (time - start) / (end - start);
            // In slowly, and let go quickly when the voice sets in.
            return t <= 0 || t >= 1 ? 0 : t < 0.7 ? ease(t / 0.7) : 1 - ease((t - 0.7) / 0.3);
        }

        /** The chest: it rises as air comes in, and sinks for as long as there is some left. */
        double chest(double time) {
            double full = start + 0.8 * (end - start);
            return time <= start
                    ? 0
                    : time < full
                            ? ease((time - start) / (full - start))
                            : 1 - ease(Math.min(1, (time - full) / SPENT));
        }

        private static double ease(double t) {
            return t * t * (3 - 2 * t);
        }
    }

    public Breaths {
        breaths = List.copyOf(breaths);
    }

    /** @param amount 1 as people do */
    public static Breaths generate(Timing timing, long seed, double amount) {
        List<Breath> breaths = new ArrayList<>();
        double silentFrom = 0;
        List<TimedWord> words = timing.words();
        for (int w = 0; w < words.size() && amount > 0; w++) {
            double free = words.get(w).start() - silentFrom;
            if (free >= PAUSE) {
                SplittableRandom random = new SplittableRandom(seed * 0xA0761D6478BD642FL + w);
                double length = Math.min(random.nextDouble(0.3, 0.5), free - BEFORE - 0.02);
                double depth = amount * random.nextDouble(0.7, 1.2) * Math.min(1, 0.6 + 0.5 * free);
                double end = words.get(w).start() - BEFORE;
                breaths.add(new Breath(end - length, end, depth));
            }
            silentFrom = words.get(w).end();
        }
        return new Breaths(breaths);
    }

    /** How deep the breath is at a time; 0 while none is taken. */
    public double at(double time) {
        int last = begun(time) - 1;
        return last < 0 ? 0 : breaths.get(last).at(time) * breaths.get(last).depth();
    }

    /** How far the chest has risen at a time: quickly as a breath is taken, and down again over what is said with it. */
    public double chest(double time) {
        double most = 0;
        for (int b = begun(time) - 1; b >= 0 && breaths.get(b).end() + SPENT > time; b--) {
            most = Math.max(most, breaths.get(b).chest(time) * breaths.get(b).depth());
        }
        return most;
    }

    private int begun(double time) {
        int low = 0;
        int high = breaths.size();
        while (low < high) {
            int middle = (low + high) / 2;
            if (breaths.get(middle).start() <= time) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        return low;
    }
}
