package graykite.proof.checks;

import graykite.motion.Curve;
import graykite.motion.Key;
import graykite.rig.Channel;
import graykite.time.FrameRate;
import java.util.ArrayList;
import java.util.List;

/** Keys brought to where they may be: into a range, onto frames. */
final class Clamping {
    private Clamping() {}

    /** How far keys lie beyond what a channel can do, as a share of its range; 0 for none. */
    static double beyond(Curve curve, Channel channel) {
        double range = channel.max() - channel.min();
        return curve.keys().stream()
                .mapToDouble(k -> Math.max(k.value() - channel.max(), channel.min() - k.value()) / range)
                .max()
                .orElse(0);
    }

    /** The same with every key in the range of a channel. */
    static Curve curve(Curve curve, Channel channel) {
        return new Curve(curve.keys().stream()
                .map(k -> k.movedTo(k.time(), Math.clamp(k.value(), channel.min(), channel.max())))
                .toList());
    }

    /**
     * The same with stepped keys, and those that end a step, on the nearest frames; of two that come to one frame the later
     * stays.
     *
     * @param start seconds of the line at the curve's 0
     * @param stretch seconds of the line a second of the curve
     */
    static Curve onFrames(Curve curve, double start, double stretch, FrameRate rate) {
        List<Key> keys = new ArrayList<>();
        for (int k = 0; k < curve.keys().size(); k++) {
            Key key = curve.keys().get(k);
            boolean holds = key.way() == Key.Way.STEPPED
                    || k > 0 && curve.keys().get(k - 1).way() == Key.Way.STEPPED;
            long frame = rate.nearestFrame(start + stretch * key.time());
            double time = holds ? Math.max(0, (rate.secondsAt(frame) - start) / stretch) : key.time();
            keys.removeIf(other -> Math.abs(other.time() - time) < Curve.NEAREST);
            keys.add(key.movedTo(time, key.value()));
        }
        return new Curve(keys);
    }
}
