package graykite.mouth;

import static graykite.base.Require.requireThat;

import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * How a stretch is spoken. The four corners of the kite and its tail are 1 as designed; the shapes of the chart are scaled
 * by them, never the closures.
 *
 * @param strength share of the full shapes, 0 to 1.5; people open less than the chart
 * @param open how far the mouth opens, 0 to 2
 * @param wide how far it spreads; beyond 1 a smile lies in the voice, 0 to 2
 * @param firm how firmly consonants are made: how long lips stay shut, how hard they press, 0 to 2
 * @param round how far it rounds and comes forward, 0 to 2
 * @param smooth how softly it goes from shape to shape, 0.2 to 4; lower is crisper
 * @param shapes further strength of single shapes by name, 0 to 2; 1 where a shape is not named
 */
public record Diction(
        double strength,
        double open,
        double wide,
        double firm,
        double round,
        double smooth,
        Map<String, Double> shapes) {
    /** As designed: what a plain line sounds like. */
    public static final Diction PLAIN = new Diction(0.8, 1, 1, 1, 1, 1, Map.of());

    public static final double MOST = 2;

    public Diction {
        shapes = Collections.unmodifiableMap(new TreeMap<>(shapes));
        requireThat(strength >= 0 && strength <= 1.5, "Strength lies between 0 and 1.5, not %.2f.", strength);
        check("Open", open);
        check("Wide", wide);
        check("Firm", firm);
        check("Round", round);
        requireThat(smooth >= 0.2 && smooth <= 4, "Smoothness lies between 0.2 and 4, not %.2f.", smooth);
        shapes.forEach((shape, value) -> check("The strength of " + shape, value));
    }

    private static void check(String name, double value) {
        requireThat(value >= 0 && value <= MOST, "%s lies between 0 and 2, not %.2f.", name, value);
    }

    public Diction withStrength(double value) {
        return new Diction(value, open, wide, firm, round, smooth, shapes);
    }

    public Diction withOpen(double value) {
        return new Diction(strength, value, wide, firm, round, smooth, shapes);
    }

    public Diction withWide(double value) {
        return new Diction(strength, open, value, firm, round, smooth, shapes);
    }

    public Diction withFirm(double value) {
        return new Diction(strength, open, wide, value, round, smooth, shapes);
    }

    public Diction withRound(double value) {
        return new Diction(strength, open, wide, firm, value, smooth, shapes);
    }

    public Diction withSmooth(double value) {
        return new Diction(strength, open, wide, firm, round, value, shapes);
    }

    /** With another strength of one shape; 1 takes it off the list. */
    public Diction withShape(String shape, double value) {
        Map<String, Double> changed = new TreeMap<>(shapes);
        if (value == 1) {
            changed.remove(shape);
        } else {
            changed.put(shape, value);
        }
        return new Diction(strength, open, wide, firm, round, smooth, changed);
    }

    public double of(String shape) {
        return shapes.getOrDefault(shape, 1.0);
    }

    /** This diction at 0, the other at 1. */
    public Diction blended(Diction other, double share) {
        if (share <= 0 || equals(other)) {
            return this;
        }
        Map<String, Double> mixed = new TreeMap<>();
        for (Map<String, Double> names : List.of(shapes, other.shapes)) {
            names.keySet().forEach(n -> mixed.put(n, mix(of(n), other.of(n), share)));
        }
        return new Diction(
                mix(strength, other.strength, share),
                mix(open, other.open, share),
                mix(wide, other.wide, share),
                mix(firm, other.firm, share),
                mix(round, other.round, share),
                mix(smooth, other.smooth, share),
                mixed);
    }

    private static double mix(double a, double b, double share) {
        return a + Math.min(1, share) * (b - a);
    }
}
