package graykite.people.plan;

import static graykite.base.Require.requireThat;

import graykite.base.Names;
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

    /**
     * A line that comes with an action of the face and is gone at rest: crow's feet with a laugh, lines of the forehead with
     * raised brows.
     *
     * @param from one end, as seen from the front; z is not used
     * @param to the other
     * @param width millimetres
     * @param strength 0 to 1
     * @param with the action that brings it
     */
    record Crease(Vec from, Vec to, double width, double strength, Brings with) implements SkinMark {
        private static final double SHORTEST = 0.5;

        public Crease {
            requireThat(width >= 0.3 && width <= 5, "A crease is 0.3 to 5 mm wide.");
            requireThat(strength >= 0 && strength <= 1, "The strength of a crease is 0 to 1.");
            requireThat(
                    Math.hypot(to.x() - from.x(), to.y() - from.y()) >= SHORTEST,
                    "A crease is at least %.1f mm long as seen from the front.",
                    SHORTEST);
        }
    }

    /** Actions of the upper face that bring creases, each on its own side. */
    enum Brings {
        CHEEK_RAISER("cheekRaiser"),
        INNER_BROW_RAISER("innerBrowRaiser"),
        OUTER_BROW_RAISER("outerBrowRaiser"),
        BROW_LOWERER("browLowerer");

        private final String action;

        Brings(String action) {
            this.action = action;
        }

        /** Its channels have this name and a side. */
        public String action() {
            return action;
        }

        /** @throws IllegalArgumentException when there is none of that name */
        public static Brings of(String action) {
            return Names.meant(values(), Brings::action, action, "A crease comes with");
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

    /**
     * Locks of fur that stand in the skin in a row, as close as they are wide, and go with it when it moves; the longest is in the
     * middle of the row.
     *
     * @param from where the first one stands; what is not on the skin is moved to it
     * @param to where the last one stands
     * @param aim which way they point; only its direction counts
     * @param length of the longest, millimetres
     * @param width of each, millimetres
     */
    record Tuft(Vec from, Vec to, Vec aim, double length, double width) implements SkinMark {
        private static final double LONGEST_ROW = 400;

        public Tuft {
            requireThat(length >= 1 && length <= 120, "A lock of fur is 1 to 120 mm long.");
            requireThat(width >= 2 && width <= 40, "A lock of fur is 2 to 40 mm wide.");
            requireThat(aim.length() > 0, "A tuft points somewhere: its aim is not 0, 0, 0.");
            requireThat(to.minus(from).length() <= LONGEST_ROW, "A row of fur is at most %.0f mm long.", LONGEST_ROW);
        }
    }

    /** Fur: short streaks that run back from the nose. @param strength 0 to 1 */
    record Fur(Paint paint, double strength) implements SkinMark {
        public Fur {
            requireThat(strength >= 0 && strength <= 1, "The strength of fur is 0 to 1.");
        }
    }
}
