package graykite.layer;

import java.util.List;

/**
 * Something that moves a character over time: speech, instincts, poses, anything that comes. Made ready for one character
 * and one line; immutable and safe for several threads. A new kind is one class that says what it asks for; the
 * {@link Mixer} does the rest.
 */
public interface Layer {
    LayerSetting setting();

    /**
     * What it asks of the channels at a time, apart from weight, mask and blend, which the mixer looks after.
     *
     * @param time seconds
     * @param below values of every channel below this layer; not to be written to
     * @param asked comes filled with NaN; what stays NaN is left as it is below
     */
    void ask(double time, double[] below, double[] asked);

    /** In which stretches it asks for something else than an earlier version of itself. */
    Changes since(Layer earlier);

    /**
     * Why it does to a channel what it does.
     *
     * @param adds by how much it changed the channel at that time
     * @return reasons that add up to this
     */
    default List<Reason> why(int channel, double time, double adds) {
        return List.of(new Reason(setting().name(), setting().name(), adds));
    }

    /**
     * True when it is worked out from speech and sound and not set by a hand: on a stage, looking at others lies above it
     * and below what a hand did.
     */
    default boolean isGenerated() {
        return false;
    }

    /** True when its reasons are told even where they cancel one another out. */
    default boolean alwaysTells() {
        return false;
    }

    /** How much of it is seen at a time, 0 while it is muted. */
    default double weight(double time) {
        return setting().weightAt(time);
    }
}
