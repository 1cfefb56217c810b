package graykite.rig;

import java.util.Collections;
import java.util.Map;
import java.util.TreeMap;

/**
 * Values of some channels; those that are not named are left alone.
 *
 * @param values by channel name
 */
public record Pose(Map<String, Double> values) {
    public static final Pose REST = new Pose(Map.of());

    public Pose {
        values = Collections.unmodifiableMap(new TreeMap<>(values));
    }

    /** Reads "name value" pairs; a name without side sets both sides where the character has them. */
    public static Pose of(Object... pairs) {
        Map<String, Double> values = new TreeMap<>();
        for (int i = 0; i < pairs.length; i += 2) {
            values.put((String) pairs[i], ((Number) pairs[i + 1]).doubleValue());
        }
        return new Pose(values);
    }

    public double of(String channel) {
        return values.getOrDefault(channel, 0.0);
    }
}
