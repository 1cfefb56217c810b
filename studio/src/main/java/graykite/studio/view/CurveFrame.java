package graykite.studio.view;

import graykite.motion.Key;
import graykite.rig.Channel;

/**
 * Where the values of a channel stand in the row of its curve.
 *
 * @param height of the row in pixels
 */
record CurveFrame(Channel channel, SheetScale scale, double height) {
    /** Pixels above and below the range of the channel. */
    static final double MARGIN = 12;

    /** Pixels from a key to the handle of its slope. */
    private static final double HANDLE = 30;

    /** Pixels a unit of the channel. */
    double tall() {
        return (height - 2 * MARGIN) / (channel.max() - channel.min());
    }

    double yOf(double value) {
        return height - MARGIN - (value - channel.min()) * tall();
    }

    /** The value at a height of the row, within the range of the channel. */
    double valueAt(double y) {
        return Math.clamp(channel.min() + (height - MARGIN - y) / tall(), channel.min(), channel.max());
    }

    /** Where the handle of a key's slope stands: at a fixed distance along the slope as it looks. @param side -1 or 1 */
    double[] handle(Key key, int side) {
        double slope = side < 0 ? key.in() : key.out();
        double dy = -slope * tall() / scale.pixelsASecond();
        double length = Math.hypot(1, dy);
        return new double[] {
            scale.xOf(key.time()) + side * HANDLE / length, yOf(key.value()) + side * HANDLE * dy / length
        };
    }

    /** The slope that a handle at a place asks for, in units of the channel a second. */
    double slope(Key key, int side, double x, double y) {
        double dx = Math.max(2, side * (x - scale.xOf(key.time()))) / scale.pixelsASecond();
        return side * (yOf(key.value()) - y) / tall() / dx;
    }
}
