package graykite.layer;

import static graykite.base.Require.requireThat;

import graykite.motion.Curve;
import graykite.motion.Key;
import java.util.List;

/**
 * What every layer has, whatever it does.
 *
 * @param name what people call it
 * @param weight how much of it is seen over time, 0 to 2
 * @param blend how it meets what lies below
 * @param mask where it may act
 * @param muted true while it does nothing
 */
public record LayerSetting(String name, Curve weight, Blend blend, Mask mask, boolean muted) {
    /** How a layer meets what lies below it. */
    public enum Blend {
        /** What it asks for is added. */
        ADD,
        /** What it asks for takes the place of what lies below. */
        OVERRIDE
    }

    public LayerSetting {
        requireThat(!name.isBlank(), "A layer has a name.");
        requireThat(
                weight.keys().stream().allMatch(k -> k.value() >= 0 && k.value() <= 2),
                "The weight of a layer lies between 0 and 2.");
    }

    /** A layer that is wholly there, everywhere. */
    public static LayerSetting of(String name, Blend blend) {
        return new LayerSetting(name, always(1), blend, Mask.EVERYTHING, false);
    }

    /** The same weight at any time. */
    public static Curve always(double weight) {
        return new Curve(List.of(new Key(0, weight, Key.Way.LINEAR, 0, 0)));
    }

    /** How much of the layer is seen at a time; 0 while it is muted. */
    public double weightAt(double time) {
        return muted ? 0 : weight.at(time);
    }

    public LayerSetting withName(String newName) {
        return new LayerSetting(newName, weight, blend, mask, muted);
    }

    public LayerSetting withWeight(Curve newWeight) {
        return new LayerSetting(name, newWeight, blend, mask, muted);
    }

    public LayerSetting withBlend(Blend newBlend) {
        return new LayerSetting(name, weight, newBlend, mask, muted);
    }

    public LayerSetting withMask(Mask newMask) {
        return new LayerSetting(name, weight, blend, newMask, muted);
    }

    public LayerSetting withMuted(boolean mute) {
        return new LayerSetting(name, weight, blend, mask, mute);
    }
}
