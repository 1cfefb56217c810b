package graykite.mouth;

import static graykite.base.Require.requireThat;

import java.util.List;

/**
 * The movement of the mouth over a line: a curve a channel, sampled evenly.
 *
 * @param channels names
 * @param step seconds between samples
 * @param curves [channel][sample]; a smooth curve may swing a little beyond its channel's range, which is cut where it is
 *     used; shared, not to be written to
 * @param held true when each sample stands until the next, as drawings do, instead of blending into it
 */
public record MouthMotion(List<String> channels, double step, double[][] curves, boolean held) {
    public MouthMotion {
        channels = List.copyOf(channels);
        requireThat(channels.size() == curves.length, "There is a curve for each channel.");
    }

    /** A motion that blends between its samples. */
    public MouthMotion(List<String> channels, double step, double[][] curves) {
        this(channels, step, curves, false);
    }

    /**
     * The value of a channel at a time in seconds, between samples by a straight line unless it is held; outside the line
     * its first and last value.
     */
    public double at(int channel, double seconds) {
        double[] curve = curves[channel];
        double position = Math.clamp(seconds / step, 0, curve.length - 1.0);
        if (held) {
            // A frame's own time may fall a hair before it.
            return curve.length == 0 ? 0 : curve[Math.min(curve.length - 1, (int) (position + 1e-6))];
        }
        int index = Math.min((int) position, curve.length - 2);
        if (index < 0) {
            return curve.length == 0 ? 0 : curve[0];
        }
        double part = position - index;
        return curve[index] + part * (curve[index + 1] - curve[index]);
    }

    public int samples() {
        return curves.length == 0 ? 0 : curves[0].length;
    }
}
