package graykite.people.face;

import graykite.geometry.Vec;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.DoubleUnaryOperator;

/**
 * Where things are on one person's face, in millimetres. The generator and the table of movements both work from it.
 *
 * @param form the head without lips, eyes, ears, neck and hair
 * @param centre a point inside the head from which every part of its surface can be seen
 * @param mouth middle of the lip seam, on the form's surface or near it
 * @param mouthHalf half the width of the mouth at rest
 * @param upperLip height of the red of the upper lip
 * @param lowerLip height of the red of the lower lip
 * @param upperBulge how far the upper lip stands out
 * @param lowerBulge how far the lower lip stands out
 * @param teeth size of the teeth, 1 for a grown person's
 * @param eye centre of the left eyeball
 * @param eyeRadius of the eyeball
 * @param brow middle of the left brow
 * @param jawHinge the left jaw joint
 * @param cheek the apple of the left cheek
 * @param noseTip foremost point of the nose
 */
public record FacePlan(
        Field form,
        Vec centre,
        Vec mouth,
        double mouthHalf,
        double upperLip,
        double lowerLip,
        double upperBulge,
        double lowerBulge,
        double teeth,
        Vec eye,
        double eyeRadius,
        Vec brow,
        Vec jawHinge,
        Vec cheek,
        Vec noseTip) {

    /** How near to the surface is on it, in millimetres. */
    private static final double NEAR = 1e-4;

    /** Nobody's head reaches so far, in millimetres. */
    private static final double FAR_OUTSIDE = 220;

    /** Where a ray from the centre leaves the form. */
    public Vec surface(Vec direction) {
        double out = entered(
                        t -> form.at(
                                centre.x() + direction.x() * t,
                                centre.y() + direction.y() * t,
                                centre.z() + direction.z() * t),
                        5)
                .orElseThrow(
                        () -> new IllegalArgumentException(
                                "The masses do not make a head: its centre lies outside of them. Move the centre or the masses."));
        return centre.plus(direction.times(out));
    }

    /** The foremost place of the form as it is seen from the front; nothing where there is only what lies behind its centre. */
    Optional<Vec> front(double x, double y) {
        OptionalDouble z = entered(depth -> form.at(x, y, depth), centre.z());
        return z.isPresent() ? Optional.of(new Vec(x, y, z.getAsDouble())) : Optional.empty();
    }

    /** Where somebody who comes along a line from far outside enters the form, if that is before the last place. */
    private static OptionalDouble entered(DoubleUnaryOperator along, double last) {
        double outside = FAR_OUTSIDE;
        double inside = outside;
        // Distances of blended ellipsoids are estimates, so only a part of each is walked.
        while (inside > last) {
            double free = along.applyAsDouble(inside);
            if (free < 0) {
                return OptionalDouble.of(crossing(along, inside, outside));
            }
            outside = inside;
            inside -= Math.max(1.0, 0.55 * free);
        }
        return OptionalDouble.empty();
    }

    /** Where a line crosses the surface, by false position with the Illinois rule (Dowell & Jarratt 1971). */
    private static double crossing(DoubleUnaryOperator along, double inside, double outside) {
        double a = inside;
        double b = outside;
        double fa = along.applyAsDouble(a);
        double fb = along.applyAsDouble(b);
        double c = a;
        int last = 0;
        for (int i = 0; i < 40 && fb > fa; i++) {
            c = (fb * a - fa * b) / (fb - fa);
            double fc = along.applyAsDouble(c);
            if (Math.abs(fc) < NEAR) {
                break;
            }
            int side = fc < 0 ? -1 : 1;
            if (side < 0) {
                a = c;
                fa = fc;
                fb = last == side ? fb / 2 : fb;
            } else {
                b = c;
                fb = fc;
                fa = last == side ? fa / 2 : fa;
            }
            last = side;
        }
        return c;
    }

    /** Outward direction of the form at a point near its surface. */
    public Vec normal(Vec p) {
        double e = 0.6;
        return new Vec(
                        form.at(p.x() + e, p.y(), p.z()) - form.at(p.x() - e, p.y(), p.z()),
                        form.at(p.x(), p.y() + e, p.z()) - form.at(p.x(), p.y() - e, p.z()),
                        form.at(p.x(), p.y(), p.z() + e) - form.at(p.x(), p.y(), p.z() - e))
                .unit();
    }

    /** How open to the sky a place of the form is, 0 to 1: near hollows it is darker. */
    double openness(Vec p, Vec normal) {
        double hidden = 0;
        double weight = 0.5;
        for (double reach : new double[] {4, 9, 18, 32}) {
            Vec q = p.plus(normal.times(reach));
            double free = form.at(q.x(), q.y(), q.z());
            hidden += weight * Math.clamp((reach - free) / reach, 0, 1);
            weight *= 0.6;
        }
        return Math.clamp(1 - 0.62 * hidden, 0.3, 1);
    }
}
