package graykite.mouth;

import static graykite.base.Require.requireThat;

import java.util.List;

/**
 * How a phone shows on the mouth.
 *
 * @param steps the shapes it takes, in order; vowels that glide have two
 * @param jaw how firmly it holds the jaw, 0 (takes whatever the neighbours do) to 1
 * @param lips how firmly it holds the lips
 * @param tongue how firmly it holds the tongue
 * @param closure what must touch while it sounds
 */
public record PhoneShape(List<Step> steps, double jaw, double lips, double tongue, Closure closure) {
    /** What has to be shut, whatever else goes on. */
    public enum Closure {
        NONE,
        LIPS,
        LIP_TO_TEETH
    }

    /**
     * A shape for a part of the phone.
     *
     * @param share of full strength, 0 to 1.2
     * @param from where in the phone it begins, 0 to 1
     * @param to where it ends
     */
    public record Step(Viseme viseme, double share, double from, double to) {
        public Step {
            requireThat(share >= 0 && share <= 1.2, "A share of a shape lies between 0 and 1.2.");
            requireThat(from >= 0 && to <= 1 && from < to, "A step lies within its phone.");
        }
    }

    public PhoneShape {
        steps = List.copyOf(steps);
        requireThat(!steps.isEmpty(), "A phone takes at least one shape.");
        for (double firmness : new double[] {jaw, lips, tongue}) {
            requireThat(firmness >= 0 && firmness <= 1, "Firmness lies between 0 and 1.");
        }
    }

    static PhoneShape one(Viseme viseme, double share, double jaw, double lips, double tongue) {
        return new PhoneShape(List.of(new Step(viseme, share, 0, 1)), jaw, lips, tongue, Closure.NONE);
    }

    static PhoneShape glide(Viseme first, double shareFirst, Viseme then, double shareThen) {
        return new PhoneShape(
                List.of(new Step(first, shareFirst, 0, 0.55), new Step(then, shareThen, 0.55, 1)),
                0.9,
                0.85,
                0.4,
                Closure.NONE);
    }

    static PhoneShape closed(Viseme viseme, Closure closure) {
        return new PhoneShape(List.of(new Step(viseme, 1, 0, 1)), 0.55, 1, 0.05, closure);
    }
}
