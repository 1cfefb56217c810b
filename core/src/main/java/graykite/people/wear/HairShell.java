package graykite.people.wear;

import static graykite.geometry.Ease.mix;
import static graykite.geometry.Ease.smooth;

import graykite.geometry.Vec;
import graykite.people.face.Carving;
import graykite.people.face.FacePlan;
import graykite.people.face.MeshBuilder;
import graykite.picture.Colour;
import graykite.rig.Part;
import java.util.function.DoubleUnaryOperator;

/** Hair as one carved volume that lies on the head and sinks into the skin at its edges. */
final class HairShell {
    private HairShell() {}

    /** A figure for a place in the hair: how far down, 0 to 1, the turn about the head, 0 in front, and the direction from its middle. */
    @FunctionalInterface
    interface Relief {
        double at(double down, double turn, Vec direction);
    }

    /** Direction from the middle of the head to a place in the hair. */
    @FunctionalInterface
    private interface Aim {
        Vec at(double down, double turn);
    }

    /** How much of its thickness hair keeps at a place on the head: none of it under a cap. */
    @FunctionalInterface
    interface Pressed {
        double at(Vec skin);
    }

    /** How far behind the top of the head the whorl lies, as an angle. */
    private static final double WHORL = 0.42;

    /** What hair that is pulled back has of its thickness at its border, and how far from there it has all of it, radians. */
    private static final double ROOTS = 0.3;

    private static final double GROWN = 0.4;

    /** Millimetres that stay of hair under a cap. */
    private static final double FLAT = 2;

    /**
     * Hair that begins at a height, under whatever is worn.
     *
     * @param top height at which it begins by the turn
     * @param line height of the hairline by the turn
     * @param thick millimetres over the skin
     */
    static Part band(
            FacePlan plan,
            int joint,
            DoubleUnaryOperator top,
            DoubleUnaryOperator line,
            Relief thick,
            Colour light,
            Colour dark,
            int rows,
            int columns) {
        Aim aim = (down, turn) ->
                new HairPlace(turn, mix(top.applyAsDouble(turn), line.applyAsDouble(turn), down)).from(plan.centre());
        return carved(plan, joint, aim, thick, skin -> 1, light, dark, rows, columns);
    }

    /** Hair that grows from a whorl at the back of the crown down to the hairline. */
    static Part crown(
            FacePlan plan,
            int joint,
            DoubleUnaryOperator line,
            Relief thick,
            Pressed pressed,
            Colour light,
            Colour dark,
            int rows,
            int columns) {
        Vec whorl = new Vec(0, Math.cos(WHORL), -Math.sin(WHORL));
        Aim aim = (down, turn) -> {
            Vec end = new HairPlace(turn, line.applyAsDouble(turn)).from(plan.centre());
            double angle = Math.acos(Math.clamp(whorl.dot(end), -1, 1));
            double part = Math.max(0.01, down);
            return whorl.times(Math.sin((1 - part) * angle))
                    .plus(end.times(Math.sin(part * angle)))
                    .unit();
        };
        return carved(plan, joint, aim, thick, pressed, light, dark, rows, columns);
    }

    /** Millimetres over the skin at a place: by angles from the knot and round it, turn about the head and height. */
    @FunctionalInterface
    interface Gathering {
        double at(double away, double round, double turn, double height);
    }

    /**
     * Hair that is pulled back to a knot: its mesh runs to the knot as the strands do, so that each is smooth.
     *
     * @param knot direction from the middle of the head
     * @param rows from the knot to the border
     */
    static Part gathered(
            FacePlan plan,
            int joint,
            Vec knot,
            Strands.Ground ground,
            Gathering thick,
            Colour light,
            Colour dark,
            int rows,
            int columns) {
        Strands strands = new Strands(plan.centre(), knot, ground, columns);
        // The turn that is told about the knot names a column.
        Aim aim = (down, turn) -> strands.at(strands.column(turn), Math.max(0.02, down));
        Relief relief = (down, turn, direction) -> {
            int column = strands.column(turn);
            HairPlace place = HairPlace.of(plan.centre(), direction);
            double full =
                    thick.at(down * strands.borders[column], strands.rounds[column], place.turn(), place.height());
            // Where strands come out of the skin they lie flat.
            double near = Math.max(0, 1 - (1 - down) * strands.borders[column] / GROWN);
            return full * mix(1, ROOTS, near * near);
        };
        return carved(plan, joint, aim, relief, skin -> 1, light, dark, rows, columns);
    }

    private static Part carved(
            FacePlan plan,
            int joint,
            Aim aim,
            Relief thick,
            Pressed pressed,
            Colour light,
            Colour dark,
            int rows,
            int columns) {
        MeshBuilder mesh = new MeshBuilder("hair", Carving.HAIR, joint);
        mesh.gridCutAlike(
                rows,
                columns,
                (row, v) -> {
                    double turn = Math.IEEEremainder(2 * Math.PI * v, 2 * Math.PI);
                    // Rows lie close where the edge is round.
                    double u = 1 - Math.pow(1 - row, 1.4);
                    double down = Math.min(1, u / 0.88);
                    Vec direction = aim.at(down, turn);
                    Vec skin = plan.surface(direction);
                    Vec out = plan.normal(skin);
                    // The edge rolls inward and ends under the skin.
                    double tuck = smooth(0.86, 1, u);
                    double full = thick.at(down, turn, direction);
                    double kept = full > FLAT ? mix(FLAT, full, pressed.at(skin)) : full;
                    double height = kept * Math.sqrt(Math.max(0, 1 - tuck * tuck)) - 3.5 * tuck;
                    return skin.plus(out.times(height)).plus(new Vec(0, -2.5 * tuck, 0));
                },
                p -> light,
                // Locks run back and up from the face, on either side.
                column -> column < columns / 2);
        Part plain = mesh.build();
        return shaded(plain, plan, light, dark);
    }

    /** Grooves are darker than ridges: how far a vertex stands over the mean of its neighbours decides. */
    private static Part shaded(Part part, FacePlan plan, Colour light, Colour dark) {
        float[] colours = part.colours().clone();
        float[] p = part.positions();
        int n = part.vertexCount();
        double[] height = new double[n];
        for (int i = 0; i < n; i++) {
            height[i] = plan.form().at(p[3 * i], p[3 * i + 1], p[3 * i + 2]);
        }
        double[] sum = new double[n];
        int[] count = new int[n];
        int[] t = part.triangles();
        for (int i = 0; i < t.length; i++) {
            int a = t[i];
            int b = t[i % 3 == 2 ? i - 2 : i + 1];
            sum[a] += height[b];
            sum[b] += height[a];
            count[a]++;
            count[b]++;
        }
        for (int i = 0; i < n; i++) {
            double over = count[i] == 0 ? 0 : height[i] - sum[i] / count[i];
            Colour tone = dark.mix(light, Math.clamp(0.55 + 1.6 * over, 0, 1));
            colours[3 * i] = tone.red();
            colours[3 * i + 1] = tone.green();
            colours[3 * i + 2] = tone.blue();
        }
        return new Part(part.name(), part.material(), part.joint(), p, colours, t, part.targets());
    }

    /** A knot of hair wound into a ball. */
    static Part bun(int joint, Vec at, double radius, Colour light, Colour dark) {
        MeshBuilder mesh = new MeshBuilder("bun", Carving.HAIR, joint);
        mesh.grid(
                26,
                48,
                true,
                (u, v) -> {
                    double polar = Math.PI * mix(0.01, 0.99, u);
                    double turn = -2 * Math.PI * v;
                    double wound = Math.pow(Math.abs(Math.sin(turn * 1.5 + polar * 2.6)), 0.7);
                    double r = radius * (0.9 + 0.14 * wound * smooth(0, 0.8, Math.sin(polar)));
                    return at.plus(new Vec(
                            r * Math.sin(polar) * Math.cos(turn),
                            0.92 * r * Math.sin(polar) * Math.sin(turn),
                            -0.8 * r * Math.cos(polar)));
                },
                p -> {
                    Vec d = p.minus(at);
                    double r = Math.sqrt(d.x() * d.x() + d.y() * d.y() / 0.85 + d.z() * d.z() / 0.64);
                    return dark.mix(light, smooth(0.93 * radius, 1.01 * radius, r));
                });
        return mesh.build();
    }
}
