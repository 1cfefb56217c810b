package graykite.mouth;

import static graykite.base.Require.requireThat;

import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.UnaryOperator;

/**
 * How a phone shows on the mouth.
 *
 * @param steps the shapes it takes, in order; vowels that glide have two
 * @param firm how firmly it holds the regions of the mouth
 * @param closure what must touch while it sounds
 */
public record PhoneShape(List<Step> steps, Firmness firm, Closure closure) {
    /** What has to be shut, whatever else goes on. */
    public enum Closure {
        NONE,
        LIPS,
        LIP_TO_TEETH
    }

    /**
     * A shape for a part of the phone.
     *
     * @param shape name of the shape in the chart
     * @param share of full strength, 0 to 1.2
     * @param from where in the phone it begins, 0 to 1
     * @param to where it ends
     */
    public record Step(String shape, double share, double from, double to) {
        public Step {
            requireThat(!shape.isBlank(), "A step names a shape.");
            requireThat(share >= 0 && share <= 1.2, "A share of a shape lies between 0 and 1.2.");
            requireThat(from >= 0 && to <= 1 && from < to, "A step lies within its phone.");
        }
    }

    /**
     * How much a phone minds where the mouth is: 0 takes whatever its neighbours do, 1 insists.
     *
     * @param jaw of the jaw
     * @param lips of lips and cheeks
     * @param tongue of the tongue
     * @param channels of single channels by name, in place of their region's
     */
    public record Firmness(double jaw, double lips, double tongue, Map<String, Double> channels) {
        public Firmness {
            channels = Collections.unmodifiableMap(new TreeMap<>(channels));
            check(jaw);
            check(lips);
            check(tongue);
            channels.values().forEach(Firmness::check);
        }

        public Firmness(double jaw, double lips, double tongue) {
            this(jaw, lips, tongue, Map.of());
        }

        private static void check(double value) {
            requireThat(value >= 0 && value <= 1, "Firmness lies between 0 and 1, not %.2f.", value);
        }

        public Firmness withJaw(double value) {
            return new Firmness(value, lips, tongue, channels);
        }

        public Firmness withLips(double value) {
            return new Firmness(jaw, value, tongue, channels);
        }

        public Firmness withTongue(double value) {
            return new Firmness(jaw, lips, value, channels);
        }
    }

    public PhoneShape {
        steps = List.copyOf(steps);
        requireThat(!steps.isEmpty(), "A phone takes at least one shape.");
    }

    /** With its shapes changed. */
    public PhoneShape with(UnaryOperator<Step> change) {
        return new PhoneShape(steps.stream().map(change).toList(), firm, closure);
    }

    public PhoneShape withSteps(List<Step> newSteps) {
        return new PhoneShape(newSteps, firm, closure);
    }

    public PhoneShape withFirm(Firmness newFirm) {
        return new PhoneShape(steps, newFirm, closure);
    }

    /** True when its steps follow one another, as in a diphthong. */
    public boolean glides() {
        return steps.size() > 1 && steps.get(1).from() > 0;
    }

    /** True when it uses a shape in any step. */
    public boolean uses(String shape) {
        return steps.stream().anyMatch(s -> s.shape().equals(shape));
    }

    static PhoneShape one(Viseme viseme, double share, double jaw, double lips, double tongue) {
        return new PhoneShape(
                List.of(new Step(viseme.title(), share, 0, 1)), new Firmness(jaw, lips, tongue), Closure.NONE);
    }

    static PhoneShape glide(Viseme first, double shareFirst, Viseme then, double shareThen) {
        return new PhoneShape(
                List.of(new Step(first.title(), shareFirst, 0, 0.55), new Step(then.title(), shareThen, 0.55, 1)),
                new Firmness(0.9, 0.85, 0.4),
                Closure.NONE);
    }

    static PhoneShape closed(Viseme viseme, Closure closure) {
        return new PhoneShape(List.of(new Step(viseme.title(), 1, 0, 1)), new Firmness(0.55, 1, 0.05), closure);
    }
}
