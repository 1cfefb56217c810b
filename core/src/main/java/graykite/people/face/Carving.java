package graykite.people.face;

import static graykite.geometry.Ease.mix;

import graykite.geometry.Vec;
import graykite.picture.Colour;
import graykite.picture.Material;
import java.util.function.Function;

/** How round things are turned; what our people are made of. */
public final class Carving {
    public static final Material CLOTH = new Material("cloth", 0.85f, 0.04f, 0.3f, 0f, true);
    public static final Material PATENT = new Material("patent leather", 0.22f, 0.5f, 0.1f, 0f, true);
    public static final Material BRASS = new Material("brass", 0.28f, 0.8f, 0.1f, 0f, false);
    public static final Material HAIR = new Material("hair", 0.42f, 0.28f, 0.35f, 0.1f, true);
    public static final Material FUR = new Material("fur", 0.75f, 0.06f, 0.45f, 0.1f, true);
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

    /** Something round, longer one way than another. @param rows from its lower end to its upper one */
    public static void ball(MeshBuilder mesh, int rows, int columns, Vec at, Vec radii, Colour colour) {
        mesh.grid(
                rows,
                columns,
                true,
                (u, v) -> {
                    double polar = Math.PI * mix(0.02, 0.98, u);
                    double turn = 2 * Math.PI * v;
                    return at.plus(new Vec(
                            radii.x() * Math.sin(polar) * Math.sin(turn),
                            -radii.y() * Math.cos(polar),
                            radii.z() * Math.sin(polar) * Math.cos(turn)));
                },
                p -> colour);
    }
}
