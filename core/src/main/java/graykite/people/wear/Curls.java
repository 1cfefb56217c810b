package graykite.people.wear;

import graykite.geometry.Vec;
import java.util.SplittableRandom;

/** Cropped curls: cushions that lie close together all over the head, each leaning its own way, with grooves between them. */
final class Curls {
    /** As many as lie on a whole head about 9 mm apart. */
    private static final int COUNT = 1_150;

    /** How far apart they are, as an angle from the middle of the head, and how far each lies from its place in an even pattern. */
    private static final double APART = Math.sqrt(4 * Math.PI / COUNT);

    private static final double ASTRAY = 0.32 * APART;

    /** How much higher the side is to which a curl leans. */
    private static final double LEANING = 0.55;

    private final Vec[] middles = new Vec[COUNT];
    private final Vec[] leans = new Vec[COUNT];

    /** @param seed of the pattern */
    Curls(long seed) {
        SplittableRandom chance = new SplittableRandom(seed);
        for (int i = 0; i < COUNT; i++) {
            // Steps of the golden angle down a spiral from pole to pole lie evenly on a ball.
            double up = 1 - (2 * i + 1.0) / COUNT;
            double turn = i * Math.PI * (3 - Math.sqrt(5));
            double around = Math.sqrt(1 - up * up);
            middles[i] = new Vec(around * Math.cos(turn), up, around * Math.sin(turn))
                    .plus(any(chance).times(ASTRAY))
                    .unit();
            leans[i] = any(chance);
        }
    }

    private static Vec any(SplittableRandom chance) {
        return new Vec(chance.nextDouble(-1, 1), chance.nextDouble(-1, 1), chance.nextDouble(-1, 1));
    }

    /** How high a place stands: 0 at the bottom of a groove, about 1 on a curl. @param direction unit, from the middle of the head */
    double at(Vec direction) {
        int nearest = 0;
        double first = -1;
        double second = -1;
        for (int i = 0; i < COUNT; i++) {
            double near = direction.dot(middles[i]);
            if (near > first) {
                second = first;
                first = near;
                nearest = i;
            } else if (near > second) {
                second = near;
            }
        }
        double inside = Math.acos(Math.min(1, second)) - Math.acos(Math.min(1, first));
        double groove = 1 - Math.min(1, inside / (0.75 * APART));
        double lean = direction.minus(middles[nearest]).dot(leans[nearest]) / APART;
        return (1 - groove * groove) * (1 + LEANING * lean);
    }
}
