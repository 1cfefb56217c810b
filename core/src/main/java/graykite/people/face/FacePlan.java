package graykite.people.face;

import graykite.geometry.Vec;

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
 * @param eye centre of the left eyeball
 * @param eyeRadius of the eyeball
 * @param brow middle of the left brow
 * @param jawHinge the left jaw joint
 * @param cheek the apple of the left cheek
 * @param noseTip foremost point of the nose
 * @param neck radius of the neck
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
        Vec eye,
        double eyeRadius,
        Vec brow,
        Vec jawHinge,
        Vec cheek,
        Vec noseTip,
        double neck) {

    /** Where a ray from the centre leaves the form. */
    public Vec surface(Vec direction) {
        double outside = 220;
        double inside = outside;
        // Distances of blended ellipsoids are estimates, so only a part of each is walked.
        while (inside > 5) {
            double free = distance(direction, inside);
            if (free < 0) {
                break;
            }
            outside = inside;
            inside -= Math.max(1.0, 0.55 * free);
        }
        if (inside <= 5) {
            throw new IllegalStateException("The form does not hold its own centre.");
        }
        for (int i = 0; i < 16; i++) {
            double middle = (inside + outside) / 2;
            if (distance(direction, middle) < 0) {
                inside = middle;
            } else {
                outside = middle;
            }
        }
        return centre.plus(direction.times((inside + outside) / 2));
    }

    private double distance(Vec direction, double t) {
        return form.at(centre.x() + direction.x() * t, centre.y() + direction.y() * t, centre.z() + direction.z() * t);
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
