package graykite.live;

import graykite.figures.ControlNames;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * Makes what a capture source tells into controls of a face: its names into ours, and everything relative to the face that was
 * neutral. What is no figure is left out. Immutable.
 *
 * @param neutral what the source tells of a face at rest, by our names
 */
public record Calibration(Map<String, Double> neutral) {
    /** Nothing is known of the face at rest: what comes counts as it is. */
    public static final Calibration NONE = new Calibration(Map.of());

    public Calibration {
        neutral = Map.copyOf(neutral);
    }

    /** With a sample of a face at rest. */
    public static Calibration at(CaptureSource.Sample rest) {
        return new Calibration(NONE.of(rest));
    }

    /** The values of a sample, by our names. */
    public Map<String, Double> of(CaptureSource.Sample sample) {
        Map<String, String> names = ControlNames.actions(List.copyOf(new TreeMap<>(sample.values()).keySet()));
        Map<String, Double> ours = new LinkedHashMap<>();
        names.forEach((theirs, name) -> {
            double value = sample.values().get(theirs);
            if (Double.isFinite(value)) {
                ours.put(name, value - neutral.getOrDefault(name, 0.0));
            }
        });
        return ours;
    }
}
