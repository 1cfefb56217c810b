package graykite.people.face;

import static graykite.people.face.Ease.mix;
import static graykite.people.face.Ease.smooth;

import graykite.geometry.Vec;
import graykite.picture.Colour;
import graykite.rig.Part;
import java.util.function.DoubleUnaryOperator;

/** Hair as one carved volume that lies on the head and sinks into the skin at its edges. */
public final class Hair {
    private Hair() {}

    /** A figure for a place in the hair: how far down, 0 to 1, and the turn about the head, 0 in front. */
    @FunctionalInterface
    public interface Relief {
        double at(double down, double turn);
    }

    /**
     * Carves it.
     *
     * @param top height at which it begins, under whatever is worn, by the turn
     * @param line height of the hairline by the turn
     * @param thick millimetres over the skin
     */
    public static Part shell(
            FacePlan plan,
            int joint,
            DoubleUnaryOperator top,
            DoubleUnaryOperator line,
            Relief thick,
            Colour light,
            Colour dark,
            int rows,
            int columns) {
        MeshBuilder mesh = new MeshBuilder("hair", Carving.HAIR, joint);
        Carving.latheDown(
                mesh,
                rows,
                columns,
                (u, rawTurn) -> {
                    double turn = -Math.IEEEremainder(rawTurn, 2 * Math.PI);
                    double down = Math.min(1, u / 0.88);
                    double y = mix(top.applyAsDouble(turn), line.applyAsDouble(turn), down);
                    Vec aim = new Vec(81 * Math.sin(-turn), y, -12 + 97 * Math.cos(turn));
                    Vec skin = plan.surface(aim.minus(plan.centre()).unit());
                    Vec out = plan.normal(skin);
                    // The edge rolls inward and ends under the skin.
                    double tuck = smooth(0.86, 1, u);
                    double height = thick.at(down, turn) * Math.sqrt(Math.max(0, 1 - tuck * tuck)) - 3.5 * tuck;
                    return skin.plus(out.times(height)).plus(new Vec(0, -2.5 * tuck, 0));
                },
                p -> light);
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
    public static Part bun(int joint, Vec at, double radius, Colour light, Colour dark) {
        MeshBuilder mesh = new MeshBuilder("bun", Carving.HAIR, joint);
        mesh.grid(
                20,
                36,
                true,
                (u, v) -> {
                    double polar = Math.PI * mix(0.01, 0.99, u);
                    double turn = -2 * Math.PI * v;
                    double wound = Math.pow(Math.abs(Math.sin(turn * 1.5 + polar * 3.2)), 0.7);
                    double r = radius * (0.93 + 0.09 * wound * Math.sin(polar));
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
