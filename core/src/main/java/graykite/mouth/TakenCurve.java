package graykite.mouth;

import static graykite.base.Require.requireThat;

import graykite.motion.Curve;
import graykite.reading.Moorings;
import graykite.reading.WordFinder;
import graykite.time.TimeMap;
import graykite.time.TimeRange;
import java.util.Optional;

/**
 * A stretch of one channel that the animator took over: keys in place of what is generated. It is tied to the words that
 * sound along it, so that every key moves with its word when the line is read anew.
 *
 * @param channel name of the channel
 * @param curve keys, in seconds of the reading that it was made in
 * @param words the words it is tied to
 */
public record TakenCurve(String channel, Curve curve, Moorings words) {
    /** Seconds over which generated and own curve blend at the ends of the stretch. */
    public static final double BLEND = 0.04;

    public TakenCurve {
        requireThat(!channel.isBlank(), "A curve is that of a channel.");
    }

    /** Ties a curve to the words that sound along it. */
    public static TakenCurve of(String channel, Curve curve, WordFinder words) {
        return new TakenCurve(channel, curve, Moorings.of(new TimeRange(curve.start(), curve.end()), words));
    }

    /** The curve at the times of a reading; none when its first or last word is not there. */
    public Optional<Curve> in(WordFinder finder) {
        return words.in(finder).map(this::moved);
    }

    private Curve moved(TimeMap map) {
        return map.isSame() ? curve : curve.retimed(map);
    }
}
