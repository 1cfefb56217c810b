package graykite.people.face;

import graykite.geometry.Vec;

/**
 * The curve on which teeth and gums stand: flat in front, running back at the sides. Places are named by how far they lie
 * from the middle along the curve, in millimetres, to the character's left when positive.
 */
final class DentalArch {
    private static final double BEND = 3.1;
    private static final double STEP = 0.1;

    private final double half;
    private final double deep;
    private final double front;

    /**
     * @param half half its width at the last molar
     * @param deep how far back it runs there
     * @param front depth of its foremost point, which is z of the teeth's outer face
     */
    DentalArch(double half, double deep, double front) {
        this.half = half;
        this.deep = deep;
        this.front = front;
    }

    double front() {
        return front;
    }

    /** The place itself. @param y its height */
    Vec at(double along, double y) {
        double walked = 0;
        double x = 0;
        while (walked < Math.abs(along)) {
            double slope = BEND * deep / half * Math.pow(x / half, BEND - 1);
            x += STEP / Math.sqrt(1 + slope * slope);
            walked += STEP;
        }
        return new Vec(Math.signum(along) * x, y, front - deep * Math.pow(x / half, BEND));
    }

    /** Unit direction in which the curve runs to the left. */
    Vec along(double along) {
        return at(along + 0.5, 0).minus(at(along - 0.5, 0)).unit();
    }

    /** Unit direction away from the tongue. */
    Vec outward(double along) {
        Vec right = along(along);
        return new Vec(-right.z(), 0, right.x());
    }
}
