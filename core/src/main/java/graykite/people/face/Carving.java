package graykite.people.face;

import static graykite.geometry.Ease.mix;
import static graykite.geometry.Ease.smooth;

import graykite.geometry.Vec;
import graykite.picture.Colour;
import graykite.picture.Material;
import graykite.rig.Channel;
import graykite.rig.Part;
import java.util.function.Function;

/** How round things are turned, and brows carved; what our people are made of. */
public final class Carving {
    public static final Material CLOTH = new Material("cloth", 0.85f, 0.04f, 0.3f, 0f, true);
    public static final Material PATENT = new Material("patent leather", 0.22f, 0.5f, 0.1f, 0f, true);
    public static final Material BRASS = new Material("brass", 0.28f, 0.8f, 0.1f, 0f, false);
    public static final Material HAIR = new Material("hair", 0.42f, 0.28f, 0.35f, 0.1f, true);
    public static final Material OILSKIN = new Material("oilskin", 0.38f, 0.35f, 0.35f, 0.1f, true);

    private Carving() {}

    /** A closed ring of sections; each section is given by height and radius functions of the turn. */
    public interface Lathe {
        Vec at(double row, double turn);
    }

    /** A surface of revolution whose rows go upwards on its outside. */
    public static void lathe(MeshBuilder mesh, int rows, int columns, Lathe shape, Function<Vec, Colour> colour) {
        mesh.grid(rows, columns, true, (u, v) -> shape.at(u, 2 * Math.PI * v), colour);
    }

    /** As {@link #lathe}, for rows that go downwards on the outside. */
    public static void latheDown(MeshBuilder mesh, int rows, int columns, Lathe shape, Function<Vec, Colour> colour) {
        mesh.grid(rows, columns, true, (u, v) -> shape.at(u, -2 * Math.PI * v), colour);
    }

    /** A button that faces the viewer. */
    public static void button(MeshBuilder mesh, Vec at, double radius, double height, Colour colour) {
        mesh.grid(
                6,
                14,
                true,
                (u, v) -> {
                    double polar = u * Math.PI / 2 * 1.1;
                    double turn = 2 * Math.PI * v;
                    return at.plus(new Vec(
                            radius * Math.sin(polar) * Math.cos(turn),
                            -radius * Math.sin(polar) * Math.sin(turn),
                            height * Math.cos(polar)));
                },
                p -> colour);
    }

    /** A brow as a carved bar that follows the skin: thick inside, thin outside. */
    static Part brow(
            FacePlan plan, Actions actions, boolean left, int joint, Colour colour, double thick, double arch) {
        MeshBuilder mesh = new MeshBuilder(left ? "left brow" : "right brow", HAIR, joint);
        Vec b = plan.brow();
        int sign = left ? 1 : -1;
        mesh.grid(
                30,
                8,
                true,
                (u, v) -> {
                    double x = sign * mix(b.x() - 19, b.x() + 18, u);
                    double y = b.y()
                            + arch * Math.sin(Math.PI * Math.pow(u, 1.25))
                            - 2.4 * smooth(0.6, 1, u)
                            - 3.4 * (1 - u);
                    // Blunt at the inner end, drawn out to a point at the outer one.
                    double width =
                            thick * Math.pow(smooth(-0.04, 0.14, u), 0.7) * Math.pow(1 - u, 0.42) * mix(1, 0.9, u);
                    double turn = sign * 2 * Math.PI * v;
                    double along = width * Math.cos(turn);
                    // Tufts lie on one another like shingles and end in a ragged edge.
                    double strand = Math.sin(u * 48 - 2.2 * along / thick);
                    double edge = Math.pow(Math.abs(Math.cos(turn)), 3) * 0.05 * thick * strand;
                    double out = Math.max(-1.2, 0.5 * width * Math.sin(turn) * (1 + 0.07 * strand));
                    Vec base = plan.surface(new Vec(x, y + along + edge * Math.signum(Math.cos(turn)), b.z())
                            .minus(plan.centre())
                            .unit());
                    return base.plus(plan.normal(base).times(out + 0.25));
                },
                p -> {
                    double u = (sign * p.x() - b.x() + 19) / 37;
                    return colour.times(0.94 + 0.09 * Math.sin(u * 48 - 2.2 * (p.y() - b.y()) / thick));
                });
        actions.moves().forEach((name, move) -> {
            if (actions.channels().get(name).group() != Channel.Group.LIPS) {
                mesh.target(name, i -> move.at(Spot.upperFace(mesh.point(i))));
            }
        });
        return mesh.build();
    }
}
