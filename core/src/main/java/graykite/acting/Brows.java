package graykite.acting;

import graykite.reading.TimedWord;
import graykite.reading.Timing;
import graykite.sound.Loudness;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.SplittableRandom;

/**
 * Brows that are raised on stressed words and questions: together with the syllable, not after it, for 200 to 400 ms
 * (common practice), and never both sides quite alike.
 */
public record Brows(List<Lift> lifts) {
    /** Seconds that must lie between two lifts. */
    private static final double APART = 0.55;

    /**
     * One raising of the brows.
     *
     * @param start when they begin to rise, in seconds
     * @param rise seconds until they are up
     * @param held seconds that they stay
     * @param fall seconds until they are down
     * @param left how far on the left, 0 to 1
     * @param right how far on the right
     */
    public record Lift(double start, double rise, double held, double fall, double left, double right) {
        public double end() {
            return start + rise + held + fall;
        }

        /** 0 at rest, 1 at the top. */
        double at(double time) {
            double t = time - start;
            if (t <= 0 || t >= rise + held + fall) {
                return 0;
            }
            return t < rise ? ease(t / rise) : t < rise + held ? 1 : 1 - ease((t - rise - held) / fall);
        }

        private static double ease(double t) {
            return t * t * (3 - 2 * t);
        }
    }

    /** How far each side is raised. */
    public record Pose(double left, double right) {}

    public Brows {
        lifts = List.copyOf(lifts);
    }

    /** @param amount 1 as people do */
    public static Brows generate(Timing timing, Loudness loudness, long seed, double amount) {
        List<Lift> lifts = new ArrayList<>();
        if (amount <= 0) {
            return new Brows(lifts);
        }
        double last = -1;
        for (Accents.Accent accent : Accents.of(timing, loudness)) {
            // A variation of its own for each word: one that moves leaves the others as they are.
            SplittableRandom random = new SplittableRandom(seed * 0xD1342543DE82EF95L + accent.word());
            double rise = random.nextDouble(0.08, 0.12);
            double held = random.nextDouble(0.03, 0.09);
            double fall = random.nextDouble(0.12, 0.18);
            double strong = (0.45 + 0.55 * accent.strength()) * amount;
            boolean meant = random.nextDouble() < 0.75;
            double lean = random.nextDouble(0.06, 0.3) * (random.nextBoolean() ? 1 : -1);
            if (meant && accent.time() - last > APART) {
                last = accent.time();
                // Up when the vowel is heard.
                lifts.add(lift(accent.time() - rise, rise, held, fall, strong, lean));
            }
        }
        questions(timing, seed, amount, lifts);
        lifts.sort(Comparator.comparingDouble(Lift::start));
        return new Brows(lifts);
    }

    private static Lift lift(double start, double rise, double held, double fall, double strong, double lean) {
        return new Lift(
                Math.max(0, start),
                rise,
                held,
                fall,
                Math.clamp(strong * (1 + lean), 0, 1.5),
                Math.clamp(strong * (1 - lean), 0, 1.5));
    }

    /** The last word of a question lifts them and keeps them up to its end. */
    private static void questions(Timing timing, long seed, double amount, List<Lift> lifts) {
        for (int w = 0; w < timing.words().size(); w++) {
            TimedWord word = timing.words().get(w);
            if (word.mark().contains("?")) {
                SplittableRandom random = new SplittableRandom(seed * 0x9E6C63D0876A9A47L + w);
                double lean = random.nextDouble(0.08, 0.35) * (random.nextBoolean() ? 1 : -1);
                double length = word.end() - word.start();
                double held = Math.clamp(length - 0.2, 0.05, 0.35);
                lifts.removeIf(l -> l.end() > word.start() - 0.1 && l.start() < word.end());
                lifts.add(lift(word.start(), 0.16, held, 0.3, 0.9 * amount, lean));
            }
        }
    }

    /** How far the brows are raised at a time. */
    public Pose at(double time) {
        int low = 0;
        int high = lifts.size();
        while (low < high) {
            int middle = (low + high) / 2;
            if (lifts.get(middle).start() <= time) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        double left = 0;
        double right = 0;
        // The one before may still be on its way down.
        for (int i = Math.max(0, low - 2); i < low; i++) {
            double up = lifts.get(i).at(time);
            left = Math.max(left, up * lifts.get(i).left());
            right = Math.max(right, up * lifts.get(i).right());
        }
        return new Pose(left, right);
    }
}
