package graykite.rig;

/**
 * A drawing among several of which one is seen at a time.
 *
 * @param channel whose rounded value chooses the drawing
 * @param number value at which this one is seen
 */
public record Showing(String channel, int number) {
    /** True when the drawing is seen at a value of its channel. */
    public boolean seenAt(double value) {
        return Math.round(value) == number;
    }
}
