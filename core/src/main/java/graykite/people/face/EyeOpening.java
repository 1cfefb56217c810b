package graykite.people.face;

import graykite.geometry.Vec;

/**
 * Where the skin is open round an eye, as a rim on the ball about the eye: the skin comes up to the rim and lies against the
 * lids there; within it, it goes down behind them. Vertices near the rim are moved onto it, so that it is a smooth line.
 */
final class EyeOpening {
    /** How far sideways and upwards the rim goes, as sines of angles from the middle of the eye. */
    private static final double SIDE = Math.sin(Math.toRadians(77));

    private static final double TOP = Math.sin(Math.toRadians(46));

    /** Degrees by which the lower edge lies below the margin of the lower lid: room for the lid to move. */
    private static final double BELOW = 21;

    /** Skin that far from the eyeball, in millimetres, does not belong to its lids. */
    private static final double FAR = 9;

    /** From where to where the rim goes, in degrees from the outer corner upwards. */
    private static final double INNER = -115;

    private static final double OUTER = 35;

    /** Vertices move no farther than that to the rim, millimetres. */
    static final double REACH = 2.6;

    /** How far behind the front of the eyeball the skin lies within the rim, millimetres, and how much more for each inward. */
    private static final double SUNK = 1.5;

    private static final double DEEPER = 2;

    private final Vec eye;
    private final double radius;
    private final double middle;
    private final double half;

    /**
     * @param eye centre of the eyeball
     * @param lower degrees, negative, at which the lower lid rests
     */
    EyeOpening(Vec eye, double radius, double lower) {
        this.eye = eye;
        this.radius = radius;
        double bottom = Math.sin(Math.toRadians(Math.max(-60, lower - BELOW)));
        middle = (TOP + bottom) / 2;
        half = (TOP - bottom) / 2;
    }

    /** The same round the other eye. */
    EyeOpening mirrored() {
        return new EyeOpening(eye.mirroredTo(-1), radius, middle, half);
    }

    private EyeOpening(Vec eye, double radius, double middle, double half) {
        this.eye = eye;
        this.radius = radius;
        this.middle = middle;
        this.half = half;
    }

    /** Roughly how many millimetres a place lies outside of the rim; negative within it. */
    double outside(Vec p) {
        Vec d = p.minus(eye);
        double away = d.length();
        if (d.z() <= 0 || away > radius + FAR || !bedded(d.times(1 / away))) {
            return radius;
        }
        return (measure(d.times(1 / away)) - 1) * radius * half;
    }

    /** Whether the skin comes up to the lids there: below and at the outer corner; above and at the nose it overhangs them. */
    private boolean bedded(Vec direction) {
        double turn = Math.toDegrees(
                Math.atan2((direction.y() - middle) / half, Math.signum(eye.x()) * direction.x() / SIDE));
        return turn > INNER && turn < OUTER;
    }

    /** 1 on the rim. */
    private double measure(Vec direction) {
        return Math.hypot(direction.x() / SIDE, (direction.y() - middle) / half);
    }

    /** The nearest place on the rim, as far from the eye as this one. */
    Vec onRim(Vec p) {
        Vec d = p.minus(eye);
        double away = d.length();
        double m = measure(d.times(1 / away));
        double x = d.x() / away / m;
        double y = middle + (d.y() / away - middle) / m;
        double z = Math.sqrt(Math.max(0, 1 - x * x - y * y));
        return eye.plus(new Vec(x, y, z).times(away));
    }

    /** A place within the rim, sunk behind the front of the eyeball: the deeper, the farther inward. */
    Vec sunk(Vec p) {
        Vec d = p.minus(eye);
        double away = d.length();
        double inward = Math.max(0, -outside(p));
        double least = Math.max(0.3 * radius, radius - SUNK - DEEPER * inward);
        return away <= least ? p : eye.plus(d.times(least / away));
    }
}
