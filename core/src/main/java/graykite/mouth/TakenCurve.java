package graykite.mouth;

import graykite.reading.Anchor;

import static graykite.base.Require.requireThat;

import graykite.motion.Curve;
import graykite.reading.Timing;
import java.util.Optional;

/**
 * A stretch of one channel that the animator took over: keys in place of what is generated. It hangs on two words, so that
 * it moves and stretches with them when the line is read anew.
 *
 * @param channel name of the channel
 * @param curve keys, in seconds of the reading that it was made in
 * @param first word that it hangs on at its start
 * @param last word that it hangs on at its end
 * @param firstTime where the first word started then, in seconds
 * @param lastTime where the last word ended then, in seconds
 */
public record TakenCurve(String channel, Curve curve, Anchor first, Anchor last, double firstTime, double lastTime) {
    /** Seconds over which generated and own curve blend at the ends of the stretch. */
    public static final double BLEND = 0.04;

    public TakenCurve {
        requireThat(first.isWord() && last.isWord(), "A curve hangs on words.");
        requireThat(lastTime > firstTime, "The words of a curve follow one another.");
    }

    /** Hangs a curve on the words that sound at its ends. */
    public static TakenCurve of(String channel, Curve curve, Timing timing) {
        requireThat(!timing.words().isEmpty(), "A curve hangs on words, and the line has none.");
        // A little inside: a curve over one word must not hang on the next one for a hair's breadth.
        double inset = Math.min(0.02, (curve.end() - curve.start()) / 4);
        int first = nearest(timing, curve.start() + inset);
        int last = Math.max(first, nearest(timing, curve.end() - inset));
        return new TakenCurve(
                channel,
                curve,
                Anchor.of(timing, first, -1),
                Anchor.of(timing, last, -1),
                timing.words().get(first).start(),
                timing.words().get(last).end());
    }

    private static int nearest(Timing timing, double time) {
        int best = 0;
        for (int w = 0; w < timing.words().size(); w++) {
            best = away(timing, w, time) < away(timing, best, time) ? w : best;
        }
        return best;
    }

    private static double away(Timing timing, int word, double time) {
        double start = timing.words().get(word).start();
        double end = timing.words().get(word).end();
        return Math.max(0, Math.max(start - time, time - end));
    }

    /** With other keys. */
    public TakenCurve withCurve(Curve newCurve) {
        return new TakenCurve(channel, newCurve, first, last, firstTime, lastTime);
    }

    /** The curve at the times of a reading; none when its words are not there. */
    public Optional<Curve> in(Timing timing) {
        Optional<Anchor.Spot> from = first.in(timing);
        Optional<Anchor.Spot> to = last.in(timing);
        if (from.isEmpty() || to.isEmpty() || from.get().word() > to.get().word()) {
            return Optional.empty();
        }
        return Optional.of(curve.stretched(
                firstTime,
                lastTime,
                timing.words().get(from.get().word()).start(),
                timing.words().get(to.get().word()).end()));
    }
}
