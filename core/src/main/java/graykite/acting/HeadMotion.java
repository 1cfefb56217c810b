package graykite.acting;

import graykite.reading.TimedPhone;
import graykite.reading.TimedWord;
import graykite.reading.Timing;
import graykite.sound.Loudness;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;

/**
 * Slight movement of the head on loud syllables: it goes to a pose quickly and holds there, never drifting all the time.
 * Brows lift a little with it.
 */
public record HeadMotion(List<Beat> beats) {
    /**
     * A pose that the head goes to.
     *
     * @param time when it is reached, in seconds
     * @param travel how long it takes to get there
     * @param accent how strong the syllable is, 0 to 1
     */
    public record Beat(double time, double travel, double yaw, double pitch, double roll, double accent) {}

    public HeadMotion {
        beats = List.copyOf(beats);
    }

    public static HeadMotion generate(Timing timing, Loudness loudness, long seed) {
        double usual = loudness.percentile(0.6);
        List<Beat> beats = new ArrayList<>();
        double last = -1;
        for (int w = 0; w < timing.words().size(); w++) {
            TimedWord word = timing.words().get(w);
            TimedPhone loudest = loudestVowel(word, loudness);
            if (loudest == null) {
                continue;
            }
            double accent = Math.clamp((loudness.at(loudest.range().middle()) - usual) / 9, 0, 1);
            double time = loudest.start() + 0.3 * loudest.length();
            if (accent < 0.35 || time - last < 0.42) {
                continue;
            }
            last = time;
            // A variation of its own for each word: one that moves leaves the others as they are.
            SplittableRandom random = new SplittableRandom(seed * 0x9E3779B97F4A7C15L + w);
            double size = 0.45 + 0.55 * accent;
            beats.add(new Beat(
                    time,
                    random.nextDouble(0.17, 0.26),
                    size * random.nextDouble(-4.5, 4.5),
                    size * random.nextDouble(-3.4, 0.8),
                    size * random.nextDouble(-2.2, 2.2),
                    accent));
        }
        return new HeadMotion(beats);
    }

    private static TimedPhone loudestVowel(TimedWord word, Loudness loudness) {
        TimedPhone best = null;
        for (TimedPhone phone : word.phones()) {
            boolean louder = best == null
                    || loudness.at(phone.range().middle())
                            > loudness.at(best.range().middle());
            if (phone.phone().isVowel() && louder) {
                best = phone;
            }
        }
        return best;
    }

    /** Where the head is, in degrees, and how far the brows are lifted, 0 to 1. */
    public record Pose(double yaw, double pitch, double roll, double brows) {}

    /** Head and brows at a time. */
    public Pose at(double time) {
        int now = begun(time) - 1;
        Beat still = new Beat(-10, 0.1, 0, 0, 0, 0);
        Beat to = now < 0 ? still : beats.get(now);
        Beat from = now < 1 ? still : beats.get(now - 1);
        double t = Math.clamp((time - to.time + to.travel) / to.travel, 0, 1);
        double eased = t * t * t * (t * (6 * t - 15) + 10);
        return new Pose(
                from.yaw + (to.yaw - from.yaw) * eased,
                from.pitch + (to.pitch - from.pitch) * eased,
                from.roll + (to.roll - from.roll) * eased,
                brows(time, now));
    }

    private double brows(double time, int now) {
        double most = 0;
        for (int b = Math.max(0, now - 4); b < Math.min(beats.size(), now + 3); b++) {
            Beat beat = beats.get(b);
            double since = time - beat.time;
            double lift = since < 0 ? Math.exp(-Math.pow(since / 0.09, 2)) : Math.exp(-Math.pow(since / 0.28, 2));
            most = Math.max(most, beat.accent * lift);
        }
        return most;
    }

    /** When the head leaves where a beat brought it. */
    double after(Beat beat) {
        int next = begun(beat.time);
        return next < beats.size() ? beats.get(next).time : Double.MAX_VALUE / 2;
    }

    /** How many beats the head has set out for at a time. */
    private int begun(double time) {
        int low = 0;
        int high = beats.size();
        while (low < high) {
            int middle = (low + high) / 2;
            if (beats.get(middle).time - beats.get(middle).travel <= time) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        return low;
    }
}
