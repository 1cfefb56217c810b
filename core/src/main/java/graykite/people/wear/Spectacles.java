package graykite.people.wear;

import static graykite.geometry.Ease.mix;

import graykite.geometry.Vec;
import graykite.people.face.FacePlan;
import graykite.people.face.MeshBuilder;
import graykite.picture.Colour;
import graykite.picture.Material;
import graykite.rig.Part;
import java.util.function.DoubleFunction;

/** Round spectacles: two rims, a bridge on the nose, and bows that run to the ears. */
final class Spectacles {
    private static final Material HORN = new Material("horn", 0.35f, 0.35f, 0.25f, 0f, true);
    private static final double THICK = 1.9;

    private Spectacles() {}

    static Part of(Fit fit, Colour frame) {
        FacePlan face = fit.face();
        MeshBuilder mesh = new MeshBuilder("spectacles", HORN, fit.head());
        double wide = Math.min(face.eyeRadius() * 1.42, face.eye().x() - 5);
        double front =
                Math.max(face.eye().z() + face.eyeRadius() + 9, bridge(face).z() - 2);
        for (int side = -1; side <= 1; side += 2) {
            Vec middle = new Vec(side * (face.eye().x() + 0.5), face.eye().y() - 1.5, front);
            rim(mesh, middle, wide, side, frame);
            Vec hinge = middle.plus(new Vec(side * wide, 3, -0.13 * wide));
            Vec ear = fit.person().ears().at();
            rod(
                    mesh,
                    hinge,
                    new Vec(side * (ear.x() + 4), ear.y() + fit.person().ears().tall() * 0.36, ear.z()),
                    frame);
        }
        double inner = face.eye().x() + 0.5 - wide;
        double high = face.eye().y() + 1;
        double over = Math.max(front + 1, bridge(face).z() + 1.5) - front;
        // The bridge is a bow over the nose.
        tube(
                mesh,
                u -> new Vec(
                        mix(-inner - 0.5, inner + 0.5, u),
                        high + 3 * Math.sin(Math.PI * u),
                        front + over * Math.sin(Math.PI * u)),
                frame);
        return mesh.build();
    }

    /** Where the nose carries them. */
    private static Vec bridge(FacePlan face) {
        return face.surface(new Vec(0, face.eye().y() + 2, face.noseTip().z())
                .minus(face.centre())
                .unit());
    }

    /** A ring that follows the curve of the face a little. */
    private static void rim(MeshBuilder mesh, Vec middle, double radius, int side, Colour colour) {
        mesh.grid(
                41,
                8,
                true,
                (u, v) -> {
                    double turn = 2 * Math.PI * u;
                    double round = -2 * Math.PI * v;
                    double r = radius + THICK * Math.cos(round);
                    double x = r * Math.cos(turn);
                    return middle.plus(new Vec(
                            x, r * 0.95 * Math.sin(turn), THICK * Math.sin(round) - 0.13 * Math.max(0, side * x)));
                },
                p -> colour);
    }

    private static void rod(MeshBuilder mesh, Vec from, Vec to, Colour colour) {
        tube(mesh, u -> from.mix(to, u), colour);
    }

    /** A tube along a line, closed at its ends. */
    private static void tube(MeshBuilder mesh, DoubleFunction<Vec> line, Colour colour) {
        mesh.grid(
                19,
                10,
                true,
                (row, v) -> {
                    double u = Math.clamp((row - 0.06) / 0.88, 0, 1);
                    Vec along = line.apply(Math.min(1, u + 0.01))
                            .minus(line.apply(Math.max(0, u - 0.01)))
                            .unit();
                    Vec right = along.cross(new Vec(0, 1, 0)).unit();
                    Vec up = right.cross(along);
                    double round = -2 * Math.PI * v;
                    double thick = row == 0 || row == 1 ? 0.01 : THICK;
                    return line.apply(u)
                            .plus(right.times(thick * Math.cos(round)))
                            .plus(up.times(thick * Math.sin(round)));
                },
                p -> colour);
    }
}
