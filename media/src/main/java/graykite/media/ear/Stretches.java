package graykite.media.ear;

import graykite.sound.Loudness;
import graykite.sound.Sound;
import graykite.time.TimeRange;
import java.util.ArrayList;
import java.util.List;

/** Cuts a recording into stretches that are short enough to be heard at once, at the quietest moments that can be found. */
final class Stretches {
    /** Seconds; the network was trained on up to half a minute. */
    private static final double LONGEST = 24;
    /** So much of a sentence should be heard together. */
    private static final double SHORTEST = 8;
    /** Seconds that are quiet together at a pause, half of it to either side: a stop's silence is shorter. */
    private static final double PAUSE = 0.3;

    private Stretches() {}

    /** The stretches of a sound, one after the other without a gap; each at most 24 seconds long. */
    static List<TimeRange> of(Sound sound) {
        List<TimeRange> stretches = new ArrayList<>();
        Loudness loudness = Loudness.of(sound);
        double from = 0;
        while (sound.duration() - from > LONGEST) {
            double to = quietest(loudness, from + SHORTEST, from + LONGEST);
            stretches.add(new TimeRange(from, to));
            from = to;
        }
        stretches.add(new TimeRange(from, sound.duration()));
        return stretches;
    }

    private static double quietest(Loudness loudness, double from, double to) {
        double quietest = to;
        double least = Double.POSITIVE_INFINITY;
        int steps = (int) Math.floor((to - from) / Loudness.STEP);
        for (int i = 0; i <= steps; i++) {
            double around = around(loudness, from + i * Loudness.STEP);
            // Of moments that are alike the later one: fewer cuts.
            if (around <= least) {
                least = around;
                quietest = from + i * Loudness.STEP;
            }
        }
        return quietest;
    }

    /** The loudest moment near a time, since one word on its edge is enough to make it a bad place to cut. */
    private static double around(Loudness loudness, double time) {
        double loudest = Double.NEGATIVE_INFINITY;
        for (double t = time - PAUSE / 2; t <= time + PAUSE / 2; t += Loudness.STEP) {
            loudest = Math.max(loudest, loudness.at(t));
        }
        return loudest;
    }
}
