package graykite.people.plan;

import static graykite.base.Require.requireThat;

import graykite.geometry.Vec;

/**
 * One of the masses that a head is blended of.
 *
 * @param part what it makes
 * @param blend millimetres over which it runs into what came before
 * @param mirrored on both sides of the face
 * @param cut taken away instead of added
 */
public record Mass(Region part, Solid solid, double blend, boolean mirrored, boolean cut) {
    private static final double FARTHEST = 400;

    /** Its shape, in millimetres. */
    public sealed interface Solid {}

    /** An ellipsoid. @param radii along x, y and z */
    public record Ball(Vec at, Vec radii) implements Solid {
        public Ball {
            requireThat(near(at), "A mass lies within 400 mm of the middle of the head.");
            requireThat(
                    radii.x() >= 0.5 && radii.y() >= 0.5 && radii.z() >= 0.5 && near(radii),
                    "The radii of a ball are 0.5 to 400 mm.");
        }
    }

    /** A rod with round ends. */
    public record Rod(Vec from, double fromRadius, Vec to, double toRadius) implements Solid {
        public Rod {
            requireThat(near(from) && near(to), "A mass lies within 400 mm of the middle of the head.");
            requireThat(
                    fromRadius >= 0.5 && toRadius >= 0.5 && fromRadius <= 100 && toRadius <= 100,
                    "The radii of a rod are 0.5 to 100 mm.");
            requireThat(from.minus(to).length() > 0.5, "A rod has two ends that are apart.");
        }
    }

    public Mass {
        requireThat(blend >= 0.5 && blend <= 100, "A mass is blended over 0.5 to 100 mm.");
    }

    private static boolean near(Vec p) {
        return p.length() <= FARTHEST;
    }

    public Mass withSolid(Solid newSolid) {
        return new Mass(part, newSolid, blend, mirrored, cut);
    }
}
