package graykite.people.face;

import static graykite.geometry.Ease.mix;

import graykite.geometry.Vec;
import graykite.picture.Colour;
import graykite.picture.Material;
import graykite.rig.Part;

/** Whiskers beside the nose: thin hairs that go with the skin that they stand in. */
final class Whiskers {
    private static final Material HORN = new Material("whisker", 0.3f, 0.5f, 0.5f, 0.2f, false);
    private static final int A_SIDE = 9;

    private Whiskers() {}

    static Part of(FacePlan plan, SkinMesh grid, Actions actions, int joint, Colour colour) {
        MeshBuilder mesh = new MeshBuilder("whiskers", HORN, joint);
        Rooted rooted = new Rooted(mesh);
        for (int side = -1; side <= 1; side += 2) {
            for (int i = 0; i < A_SIDE; i++) {
                SkinGrid.Node node = root(plan, grid, side, i);
                hair(mesh, node.point(), plan.normal(node.point()), side, i, colour);
                rooted.at(node);
            }
        }
        return rooted.part(actions);
    }

    /** The vertex of the skin in which one stands: three rows between nose and lip. */
    private static SkinGrid.Node root(FacePlan plan, SkinMesh grid, int side, int i) {
        Vec m = plan.mouth();
        double gap = plan.noseTip().y() - m.y();
        double y = m.y() + gap * (0.32 + 0.18 * (i % 3));
        double x = side * plan.mouthHalf() * (0.42 + 0.19 * (i / 3) + 0.05 * (i % 3));
        Vec at = plan.surface(new Vec(x, y, m.z()).minus(plan.centre()).unit());
        return grid.nearest(at);
    }

    private static void hair(MeshBuilder mesh, Vec root, Vec out, int side, int i, Colour colour) {
        double length = 46 + 7 * (i % 3) - 4 * (i / 3);
        Vec aim = out.plus(new Vec(side * 1.3, 0.16 * (i % 3 - 1), -0.15)).unit();
        Vec across = aim.cross(new Vec(0, 1, 0)).unit();
        Vec up = across.cross(aim);
        mesh.grid(
                7,
                4,
                true,
                (u, v) -> {
                    double round = -2 * Math.PI * v;
                    double thick = mix(0.34, 0.1, u);
                    return root.plus(aim.times(length * u - 1))
                            .plus(new Vec(0, -9 * u * u, -6 * u * u))
                            .plus(across.times(thick * Math.cos(round)))
                            .plus(up.times(thick * Math.sin(round)));
                },
                p -> colour);
    }
}
