package graykite.people.plan;

import static graykite.base.Require.requireThat;

import graykite.geometry.Vec;

/** Something on the skin that is painted over it, alike on both sides of the face. */
public sealed interface SkinMark {
    /**
     * A line that age drew, as seen from the front.
     *
     * @param from left end; z is not used
     * @param to the other
     * @param width millimetres
     * @param strength 0 to 1
     */
    record Wrinkle(Vec from, Vec to, double width, double strength) implements SkinMark {
        public Wrinkle {
            requireThat(width >= 0.3 && width <= 20, "A wrinkle is 0.3 to 20 mm wide.");
            requireThat(strength >= 0 && strength <= 1, "The strength of a wrinkle is 0 to 1.");
        }
    }

    /** Freckles over nose and cheeks. @param strength 0 to 1 */
    record Freckles(Paint paint, double strength) implements SkinMark {
        public Freckles {
            requireThat(strength >= 0 && strength <= 1, "The strength of freckles is 0 to 1.");
        }
    }

    /**
     * A patch of another colour: the pale muzzle of an animal, the leather of its nose.
     *
     * @param at its middle
     * @param radii along x, y and z
     * @param edge share of its radii over which it fades, 0 to 1
     * @param share how much of its colour covers, 0 to 1
     */
    record Patch(Vec at, Vec radii, Paint paint, double edge, double share) implements SkinMark {
        public Patch {
            requireThat(radii.x() > 0 && radii.y() > 0 && radii.z() > 0, "The radii of a patch are over 0.");
            requireThat(edge > 0 && edge <= 1 && share >= 0 && share <= 1, "Edge and share of a patch are 0 to 1.");
        }
    }

    /** Fur: short streaks that run back from the nose. @param strength 0 to 1 */
    record Fur(Paint paint, double strength) implements SkinMark {
        public Fur {
            requireThat(strength >= 0 && strength <= 1, "The strength of fur is 0 to 1.");
        }
    }
}
