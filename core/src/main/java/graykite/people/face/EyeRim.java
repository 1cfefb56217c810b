package graykite.people.face;

import static graykite.geometry.Ease.mix;
import static graykite.geometry.Ease.smooth;

import graykite.geometry.Halving;
import graykite.geometry.Vec;
import java.util.stream.IntStream;

/**
 * Where the skin is open round an eye: a loop on the ball of the lids. Below and at the outer corner the skin is brought up to the
 * lids and goes over into them; above and at the nose it overhangs them, and the loop runs where it meets them by itself. Angles
 * round the eye go counter-clockwise as seen from the front.
 */
final class EyeRim {
    /** Points of the loop. */
    static final int POINTS = 64;

    /** How far over the eyeball the skin lies on the loop, millimetres: just over the lids, so that one goes on in the other. */
    static final double OVER = 1.8;

    /** How far sideways and upwards the loop goes where the skin is brought to it, as sines of angles from the middle of the eye. */
    private static final double SIDE = Math.sin(Math.toRadians(77));

    private static final double TOP = Math.sin(Math.toRadians(46));

    /** Degrees by which its lower edge lies below the margin of the lower lid: room for the lid to move. */
    private static final double BELOW = 21;

    /** From where to where the skin is brought to the loop, in degrees from the outer corner upwards, and how gently that ends. */
    private static final double INNER = -110;

    private static final double OUTER = 45;
    private static final double GENTLE = 20;

    /** Over so many millimetres outside of the loop the skin comes down to it. */
    private static final double EASE = 9;

    /** What lies within the loop but farther than that before the lids, in millimetres, is not the skin round this eye. */
    private static final double FAR = 9;

    /** What lies no more than that within the ball of the lids, in millimetres, is on it. */
    private static final double TOUCHING = 0.3;

    /** How much lower than on the loop the skin lies for each millimetre within it. */
    private static final double DEEPER = 1.1;

    /** The loop lies between these angles from the middle of the eye, in radians. */
    private static final double NARROWEST = Math.toRadians(20);

    private static final double WIDEST = Math.toRadians(80);

    /** Rounds of evening out how wide the loop is. */
    private static final int EVENED = 4;

    private final FacePlan plan;
    private final Vec eye;
    private final double radius;
    private final double middle;
    private final double half;
    /** 1 for the left eye, whose outer corner lies at greater x; -1 for the right one. */
    private final int side;
    /** From the centre of the eye to the middle of the loop, and upwards across that. */
    private final Vec ahead;

    private final Vec up;
    /** Angle between {@link #ahead} and each point of the loop. */
    private final double[] wide;

    private final Vec[] points;

    /** @param lower degrees, negative, at which the lower lid rests */
    EyeRim(FacePlan plan, double lower, boolean left) {
        this.plan = plan;
        side = left ? 1 : -1;
        eye = plan.eye().mirroredTo(side);
        radius = plan.eyeRadius();
        double bottom = Math.sin(Math.toRadians(Math.max(-60, lower - BELOW)));
        middle = (TOP + bottom) / 2;
        half = (TOP - bottom) / 2;
        ahead = new Vec(0, middle, Math.sqrt(1 - middle * middle));
        up = new Vec(0, ahead.z(), -ahead.y());
        wide = evened(IntStream.range(0, POINTS)
                .parallel()
                .mapToDouble(i -> wide(angle(i)))
                .toArray());
        points = IntStream.range(0, POINTS).parallel().mapToObj(this::carved).toArray(Vec[]::new);
    }

    private static double angle(int point) {
        return 2 * Math.PI * point / POINTS;
    }

    private Vec direction(double angle, double from) {
        Vec across = new Vec(Math.cos(angle), 0, 0).plus(up.times(Math.sin(angle)));
        return ahead.times(Math.cos(from)).plus(across.times(Math.sin(from)));
    }

    private Vec onBall(double angle, double from, double away) {
        return eye.plus(direction(angle, from).times(away));
    }

    /** How much the skin is brought to the lids at an angle, 0 to 1. */
    private double bedded(double angle) {
        double turn = Math.toDegrees(
                side > 0 ? Math.IEEEremainder(angle, 2 * Math.PI) : Math.IEEEremainder(Math.PI - angle, 2 * Math.PI));
        return smooth(INNER - GENTLE, INNER, turn) * smooth(OUTER + GENTLE, OUTER, turn);
    }

    private double wide(double angle) {
        double met = met(angle);
        return mix(met, Math.max(met, brought(angle)), bedded(angle));
    }

    private static double[] evened(double[] of) {
        double[] even = of;
        for (int round = 0; round < EVENED; round++) {
            double[] from = even;
            even = IntStream.range(0, POINTS)
                    .mapToDouble(i ->
                            0.25 * from[Math.floorMod(i - 1, POINTS)] + 0.5 * from[i] + 0.25 * from[(i + 1) % POINTS])
                    .toArray();
        }
        return even;
    }

    /** How far from the middle an oval lies that leaves room for the lids. */
    private double brought(double angle) {
        return Halving.between(0, WIDEST, from -> {
            Vec d = direction(angle, from);
            return Math.hypot(d.x() / SIDE, (d.y() - middle) / half) < 1;
        });
    }

    /** How far from the middle the skin meets the lids by itself, coming from outside; the oval where it does not. */
    private double met(double angle) {
        double step = Math.toRadians(2);
        double outside = WIDEST;
        while (outside > NARROWEST && free(angle, outside - step) < 0) {
            outside -= step;
        }
        if (outside <= NARROWEST) {
            return brought(angle);
        }
        if (free(angle, outside) >= 0) {
            return outside;
        }
        return Halving.between(outside - step, outside, from -> free(angle, from) >= 0);
    }

    /** How far the ball of the lids stands out of the skin at a place of it; below 0 where it is covered. */
    private double free(double angle, double from) {
        Vec p = onBall(angle, from, radius + OVER);
        return plan.form().at(p.x(), p.y(), p.z());
    }

    /** A point of the loop. */
    Vec point(int point) {
        return points[point];
    }

    private Vec carved(int point) {
        double angle = angle(point);
        Vec onBall = onBall(angle, wide[point], radius + OVER);
        return skin(onBall).mix(onBall, bedded(angle));
    }

    /** Where the skin lies on the way from a point of the loop to a place outside of it. */
    Vec outward(int point, Vec outside, double share) {
        return eased(skin(points[point].mix(outside, share)));
    }

    /** The skin before or behind a place. */
    private Vec skin(Vec place) {
        return plan.surface(place.minus(plan.centre()).unit());
    }

    /** A place of the skin, brought towards the lids if it lies near the loop. */
    Vec eased(Vec p) {
        double outside = outside(p);
        if (outside >= EASE) {
            return p;
        }
        Vec d = p.minus(eye);
        double away = d.length();
        double share = bedded(angle(p)) * smooth(EASE, 0, outside);
        return eye.plus(d.times(mix(away, radius + OVER, share) / away));
    }

    /** Where the skin goes on behind the lids, so many millimetres within the loop. */
    Vec inward(int point, double within) {
        double angle = angle(point);
        double from = Math.max(0.1 * wide[point], wide[point] - within / radius);
        Vec sunk = onBall(angle, from, Math.max(0.3 * radius, radius + OVER - DEEPER * within));
        // At the nose it lies against the ball itself.
        double nose = smooth(0.75, 0.95, -side * Math.cos(angle));
        return sunk.mix(skin(onBall(angle, from, radius)), nose);
    }

    /**
     * A movement of a place of the skin that slides over the ball of the lids where it would sink into it.
     *
     * @param move from the place at rest, in millimetres
     */
    Vec slid(Vec place, Vec move) {
        double lids = radius + OVER;
        double rest = place.minus(eye).length();
        if (rest < lids - TOUCHING) {
            return move;
        }
        Vec slid = move;
        for (int round = 0; round < 2; round++) {
            // Half a movement is half the way straight on, which cuts the ball by so much.
            double least = lids + slid.dot(slid) / (8 * lids);
            Vec moved = place.plus(slid).minus(eye);
            double away = moved.length();
            slid = away >= least ? slid : eye.plus(moved.times(least / away)).minus(place);
        }
        return slid;
    }

    /** The end of the hollow behind the lids. */
    Vec end() {
        return eye.plus(ahead.times(0.3 * radius));
    }

    /** Roughly how many millimetres a place of the skin lies outside of the loop; below 0 within it. */
    double outside(Vec p) {
        Vec d = p.minus(eye);
        double away = d.length();
        double from = Math.acos(Math.clamp(d.dot(ahead) / away, -1, 1));
        double at = angle(p) / (2 * Math.PI) * POINTS;
        int before = (int) Math.floor(at);
        double rim = mix(wide[Math.floorMod(before, POINTS)], wide[Math.floorMod(before + 1, POINTS)], at - before);
        double beside = (from - rim) * (radius + OVER);
        double over = Math.max(0, away - radius - OVER);
        if (beside > 0) {
            return Math.hypot(beside, over);
        }
        return over > FAR ? over : beside;
    }

    /** Angle of a place round the eye, 0 to a whole turn. */
    private double angle(Vec p) {
        Vec d = p.minus(eye);
        double angle = Math.atan2(d.dot(up), d.x());
        return angle < 0 ? angle + 2 * Math.PI : angle;
    }
}
