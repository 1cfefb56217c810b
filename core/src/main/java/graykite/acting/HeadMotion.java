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
        SplittableRandom random = new SplittableRandom(seed ^ 0x9E3779B97F4A7C15L);
        double usual = loudness.percentile(0.6);
        List<Beat> beats = new ArrayList<>();
        double last = -1;
        for (TimedWord word : timing.words()) {
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

    /** Degrees of yaw, pitch and roll at a time, and the lift of the brows, 0 to 1. */
    public double[] at(double time) {
        double[] pose = new double[4];
        Beat from = new Beat(-10, 0.1, 0, 0, 0, 0);
        for (Beat beat : beats) {
            if (beat.time - beat.travel > time) {
                break;
            }
            double t = Math.clamp((time - beat.time + beat.travel) / beat.travel, 0, 1);
            double eased = t * t * t * (t * (6 * t - 15) + 10);
            pose[0] = from.yaw + (beat.yaw - from.yaw) * eased;
            pose[1] = from.pitch + (beat.pitch - from.pitch) * eased;
            pose[2] = from.roll + (beat.roll - from.roll) * eased;
            from = beat;
        }
        for (Beat beat : beats) {
            double since = time - beat.time;
            double lift = since < 0 ? Math.exp(-Math.pow(since / 0.09, 2)) : Math.exp(-Math.pow(since / 0.28, 2));
            pose[3] = Math.max(pose[3], beat.accent * lift);
        }
        return pose;
    }
}
