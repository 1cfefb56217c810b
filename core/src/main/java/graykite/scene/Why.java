package graykite.scene;

import graykite.layer.Reason;
import java.util.List;

/**
 * Why a channel is what it is at a moment: the chain from sound to value, in plain words and with figures that add up.
 *
 * @param channel its name
 * @param time seconds
 * @param value what is seen
 * @param reasons in order; what they add sums to the value
 */
public record Why(String channel, double time, double value, List<Reason> reasons) {
    public Why {
        reasons = List.copyOf(reasons);
    }
}
