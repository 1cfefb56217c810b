package graykite.rig;

import static graykite.base.Require.requireThat;

import java.util.List;

/**
 * A rule between two channels that always holds, whatever moves them.
 *
 * @param driver channel or role that the rule watches
 * @param driven channel or role that it changes
 * @param rule what it does
 * @param curve points from the driver's value to the rule's figure, straight lines between them, held beyond its ends
 */
public record Coupling(String driver, String driven, Rule rule, List<Point> curve) {
    /** What a coupling does. */
    public enum Rule {
        /** Adds the curve's figure to the driven channel. */
        DRIVES,
        /** Takes the curve's figure, a share from 0 to 1, away from the driven channel. */
        HOLDS_BACK
    }

    /** A point of the curve. */
    public record Point(double at, double figure) {}

    public Coupling {
        curve = List.copyOf(curve);
        requireThat(!driver.isBlank() && !driven.isBlank(), "A coupling names two channels.");
        requireThat(!driver.equals(driven), "A coupling joins two different channels, not %s with itself.", driver);
        requireThat(!curve.isEmpty(), "The curve of a coupling has points.");
        for (int i = 1; i < curve.size(); i++) {
            requireThat(curve.get(i).at() > curve.get(i - 1).at(), "The points of a coupling ascend.");
        }
    }

    /** A straight line from nothing at rest to a figure where the driver is 1. */
    public static Coupling of(String driver, String driven, Rule rule, double figure) {
        return new Coupling(driver, driven, rule, List.of(new Point(0, 0), new Point(1, figure)));
    }

    /** The curve at a value of the driver. */
    public double figureAt(double value) {
        Point before = curve.getFirst();
        if (value <= before.at()) {
            return before.figure();
        }
        for (Point next : curve) {
            if (value <= next.at()) {
                double share = (value - before.at()) / (next.at() - before.at());
                return before.figure() + share * (next.figure() - before.figure());
            }
            before = next;
        }
        return before.figure();
    }

    /** The rule in words. */
    public String inWords() {
        Point last = curve.getLast();
        return switch (rule) {
            case DRIVES -> "%s at %.2f adds %.2f to %s".formatted(driver, last.at(), last.figure(), driven);
            case HOLDS_BACK ->
                "%s at %.2f takes %.0f %% off %s".formatted(driver, last.at(), 100 * last.figure(), driven);
        };
    }
}
