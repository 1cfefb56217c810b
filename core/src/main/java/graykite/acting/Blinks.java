package graykite.acting;

import graykite.reading.TimedWord;
import graykite.reading.Timing;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.SplittableRandom;

/**
 * When the eyes blink. About 26 times a minute in conversation (Bentivoglio et al. 1997), unevenly, and rather at the
 * ends of phrases than within words. A blink closes faster than it opens and lasts 100 to 400 ms.
 */
public record Blinks(List<Blink> blinks) {
    private static final double MEAN_INTERVAL = 60.0 / 26;
    private static final double SHORTEST_INTERVAL = 0.7;

    /** One blink: when it starts and how long closing, holding and opening take, in seconds. */
    public record Blink(double start, double closing, double held, double opening) {
        public double end() {
            return start + closing + held + opening;
        }

        /** How far the lids are closed, 0 to 1. */
        double at(double time) {
            double t = time - start;
            if (t <= 0 || t >= closing + held + opening) {
                return 0;
            }
            if (t < closing) {
                return ease(t / closing);
            }
            return t < closing + held ? 1 : 1 - ease((t - closing - held) / opening);
        }
    }

    public Blinks {
        blinks = List.copyOf(blinks);
    }

    /** Blinks for a line; the same seed gives the same blinks. */
    public static Blinks generate(Timing timing, long seed) {
        return generate(timing, seed, 1);
    }

    /** @param amount how many times as often as people do; 0 for never */
    public static Blinks generate(Timing timing, long seed, double amount) {
        if (amount <= 0) {
            return new Blinks(List.of());
        }
        SplittableRandom random = new SplittableRandom(seed);
        List<Double> ends = phraseEnds(timing);
        List<Blink> blinks = new ArrayList<>();
        double time = random.nextDouble(0.4, 1.6);
        while (time < timing.duration() - 0.25) {
            double wanted = time;
            double at = ends.stream()
                    .filter(e -> Math.abs(e - wanted) < 0.7)
                    .min(Comparator.comparingDouble(e -> Math.abs(e - wanted)))
                    .orElse(wanted);
            double last = blinks.isEmpty() ? -1 : blinks.getLast().end();
            // Drawn whether it is used or not: a word that moves changes the blinks beside it, not all that follow.
            boolean deliberate = random.nextDouble() < 0.15;
            double hold = random.nextDouble();
            Blink blink = new Blink(
                    at,
                    random.nextDouble(0.065, 0.095),
                    deliberate ? 0.06 + 0.03 * hold : 0.01 + 0.03 * hold,
                    random.nextDouble(0.12, 0.18));
            if (at > last + 0.35) {
                blinks.add(blink);
            }
            // A gamma-like spread: the sum of two exponentials is uneven but seldom extreme.
            double spread = -Math.log(1 - random.nextDouble()) - Math.log(1 - random.nextDouble());
            time += (SHORTEST_INTERVAL + (MEAN_INTERVAL - SHORTEST_INTERVAL) * spread / 2) / amount;
        }
        return new Blinks(blinks);
    }

    private static List<Double> phraseEnds(Timing timing) {
        List<Double> ends = new ArrayList<>();
        List<TimedWord> words = timing.words();
        for (int w = 0; w < words.size(); w++) {
            boolean pause = w + 1 == words.size()
                    || words.get(w + 1).start() - words.get(w).end() > 0.12;
            if (pause || !words.get(w).mark().isEmpty()) {
                ends.add(words.get(w).end());
            }
        }
        return ends;
    }

    /** How far the lids are closed at a time, 0 to 1. */
    public double at(double time) {
        int low = 0;
        int high = blinks.size();
        while (low < high) {
            int middle = (low + high) / 2;
            if (blinks.get(middle).start() <= time) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        // Blinks follow one another, so only the last that began can be under way.
        return low == 0 ? 0 : blinks.get(low - 1).at(time);
    }

    private static double ease(double t) {
        return t * t * (3 - 2 * t);
    }
}
