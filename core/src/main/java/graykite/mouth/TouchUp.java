package graykite.mouth;

import static graykite.base.Require.requireThat;

import graykite.reading.Anchor;
import graykite.rig.Pose;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * An edit of one sound, or of all sounds of a word, that stays with the word whatever becomes of times, chart and diction.
 *
 * @param at the sound or word
 * @param shape another shape than the chart's, by name
 * @param blend a second shape that is mixed in
 * @param pose a pose made by hand, in place of any shape; over channels or standard actions
 * @param strength factor on the shape, 0 to 2
 * @param length factor on how long the shape stands, 0.25 to 4, about its middle
 * @param shift seconds by which it comes later, negative for earlier
 * @param hold seconds for which it stands longer
 * @param removed true when the mouth passes the sound over
 * @param muted true while the touch-up does nothing
 */
public record TouchUp(
        Anchor at,
        Optional<String> shape,
        Optional<Blend> blend,
        Optional<Pose> pose,
        double strength,
        double length,
        double shift,
        double hold,
        boolean removed,
        boolean muted) {

    /**
     * A second shape in the mixture.
     *
     * @param share of the second shape, 0 to 1
     */
    public record Blend(String shape, double share) {
        public Blend {
            requireThat(share >= 0 && share <= 1, "The share of a blend lies between 0 and 1, not %.2f.", share);
        }
    }

    public TouchUp {
        requireThat(strength >= 0 && strength <= 2, "A touch-up is 0 to 2 times as strong, not %.2f.", strength);
        requireThat(length >= 0.25 && length <= 4, "A touch-up is 0.25 to 4 times as long, not %.2f.", length);
        requireThat(Math.abs(shift) <= 0.5, "A touch-up moves a sound by up to half a second, not %.3f.", shift);
        requireThat(hold >= 0 && hold <= 2, "A shape is held up to two seconds longer, not %.3f.", hold);
    }

    /** One that does nothing yet. */
    public static TouchUp on(Anchor at) {
        return new TouchUp(at, Optional.empty(), Optional.empty(), Optional.empty(), 1, 1, 0, 0, false, false);
    }

    /** True when it changes nothing even when it is not muted. */
    public boolean isNothing() {
        return equals(muted ? on(at).withMuted(true) : on(at));
    }

    /** The same on another sound or word. */
    public TouchUp movedTo(Anchor anchor) {
        return new TouchUp(anchor, shape, blend, pose, strength, length, shift, hold, removed, muted);
    }

    public TouchUp withShape(Optional<String> value) {
        return new TouchUp(at, value, blend, pose, strength, length, shift, hold, removed, muted);
    }

    public TouchUp withBlend(Optional<Blend> value) {
        return new TouchUp(at, shape, value, pose, strength, length, shift, hold, removed, muted);
    }

    public TouchUp withPose(Optional<Pose> value) {
        return new TouchUp(at, shape, blend, value, strength, length, shift, hold, removed, muted);
    }

    public TouchUp withStrength(double value) {
        return new TouchUp(at, shape, blend, pose, value, length, shift, hold, removed, muted);
    }

    public TouchUp withLength(double value) {
        return new TouchUp(at, shape, blend, pose, strength, value, shift, hold, removed, muted);
    }

    public TouchUp withShift(double value) {
        return new TouchUp(at, shape, blend, pose, strength, length, value, hold, removed, muted);
    }

    public TouchUp withHold(double value) {
        return new TouchUp(at, shape, blend, pose, strength, length, shift, value, removed, muted);
    }

    public TouchUp withRemoved(boolean value) {
        return new TouchUp(at, shape, blend, pose, strength, length, shift, hold, value, muted);
    }

    public TouchUp withMuted(boolean value) {
        return new TouchUp(at, shape, blend, pose, strength, length, shift, hold, removed, value);
    }

    /** A shape was given another name. */
    public TouchUp renamed(String from, String to) {
        return withShape(shape.map(s -> s.equals(from) ? to : s))
                .withBlend(blend.map(b -> b.shape().equals(from) ? new Blend(to, b.share()) : b));
    }

    /** What it does, for lists. */
    public String inWords() {
        List<String> parts = new ArrayList<>();
        if (removed) {
            return "passed over";
        }
        pose.ifPresent(p -> parts.add("own pose"));
        shape.ifPresent(parts::add);
        blend.ifPresent(b -> parts.add("+ " + percent(b.share()) + " " + b.shape()));
        if (strength != 1) {
            parts.add(percent(strength) + " strong");
        }
        if (length != 1) {
            parts.add(percent(length) + " long");
        }
        if (shift != 0) {
            parts.add(String.format(Locale.ROOT, "%+.0f ms", 1000 * shift));
        }
        if (hold > 0) {
            parts.add(String.format(Locale.ROOT, "held %.0f ms", 1000 * hold));
        }
        return parts.isEmpty() ? "nothing yet" : String.join(", ", parts);
    }

    private static String percent(double share) {
        return String.format(Locale.ROOT, "%.0f %%", 100 * share);
    }
}
