package graykite.rig;

import java.util.Collections;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Predicate;

/**
 * Values of some channels; those that are not named are left alone.
 *
 * @param values by the name of a channel or a role
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

    /** The values of a character that are not at rest. */
    public static Pose of(Character character, double[] values) {
        Map<String, Double> kept = new TreeMap<>();
        for (int c = 0; c < values.length; c++) {
            if (Math.abs(values[c]) > 1e-6) {
                kept.put(character.channels().get(c).name(), values[c]);
            }
        }
        return new Pose(kept);
    }

    public double of(String channel) {
        return values.getOrDefault(channel, 0.0);
    }

    public Pose times(double factor) {
        Map<String, Double> changed = new TreeMap<>();
        values.forEach((name, value) -> changed.put(name, value * factor));
        return new Pose(changed);
    }

    /** This pose with a share of another added. */
    public Pose plus(Pose other, double share) {
        Map<String, Double> sum = new TreeMap<>(values);
        other.values.forEach((name, value) -> sum.merge(name, value * share, Double::sum));
        return new Pose(sum);
    }

    /** This pose at 0, the other at 1. */
    public Pose blended(Pose other, double share) {
        return times(1 - share).plus(other, share);
    }

    /** Left and right exchanged; turns to a side change their sign. */
    public Pose mirrored(Character character) {
        Map<String, Double> changed = new TreeMap<>();
        values.forEach((name, value) -> {
            String other = Sides.other(name);
            boolean known = !other.equals(name) && (character.has(other) || !character.has(name));
            if (known) {
                changed.put(other, value);
            } else {
                changed.put(name, Sides.turnsSideways(character, name) ? -value : value);
            }
        });
        return new Pose(changed);
    }

    /** Only the channels that a mask lets through. */
    public Pose only(Predicate<String> mask) {
        Map<String, Double> kept = new TreeMap<>();
        values.forEach((name, value) -> {
            if (mask.test(name)) {
                kept.put(name, value);
            }
        });
        return new Pose(kept);
    }
}
