package graykite.people.wear;

import graykite.geometry.Vec;

/**
 * A place in the hair, as hairlines are drawn: on an upright oval round the head.
 *
 * @param turn about the head, 0 in front, to the character's right above 0, radians
 * @param height millimetres over the middle between the ears
 */
record HairPlace(double turn, double height) {
    /** Half the width and the length of the oval, and where its middle lies. */
    private static final double WIDE = 81;

    private static final double LONG = 97;
    private static final double BACK = -12;

    /** Where a line from the middle of the head meets the oval; far up or down for one that hardly leaves its axis. */
    static HairPlace of(Vec centre, Vec direction) {
        double x = direction.x() / WIDE;
        double z = direction.z() / LONG;
        double x0 = centre.x() / WIDE;
        double z0 = (centre.z() - BACK) / LONG;
        double a = x * x + z * z + 1e-12;
        double b = x0 * x + z0 * z;
        double along = (-b + Math.sqrt(b * b + a * (1 - x0 * x0 - z0 * z0))) / a;
        return new HairPlace(Math.atan2(-x0 - along * x, z0 + along * z), centre.y() + along * direction.y());
    }

    /** Direction to it from the middle of the head. */
    Vec from(Vec centre) {
        return new Vec(-WIDE * Math.sin(turn), height, BACK + LONG * Math.cos(turn))
                .minus(centre)
                .unit();
    }
}
