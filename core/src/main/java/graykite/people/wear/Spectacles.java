package graykite.people.wear;

import static graykite.geometry.Ease.mix;

import graykite.geometry.Vec;
import graykite.people.face.FacePlan;
import graykite.people.face.MeshBuilder;
import graykite.picture.Colour;
import graykite.picture.Material;
import graykite.rig.Part;

/** Round spectacles: two rims, a bridge on the nose, and bows that run to the ears. */
final class Spectacles {
    private static final Material HORN = new Material("horn", 0.25f, 0.6f, 0.25f, 0f, true);
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
        Vec top = new Vec(
                0, face.eye().y() + 2.5, Math.max(front + 1, bridge(face).z() + 1.5));
        rod(mesh, new Vec(-inner, face.eye().y(), front), top, frame);
        rod(mesh, top, new Vec(inner, face.eye().y(), front), frame);
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
        Vec along = to.minus(from).unit();
        Vec right = along.cross(new Vec(0, 1, 0)).unit();
        Vec up = right.cross(along);
        mesh.grid(
                5,
                8,
                true,
                (u, v) -> {
                    double round = -2 * Math.PI * v;
                    return new Vec(mix(from.x(), to.x(), u), mix(from.y(), to.y(), u), mix(from.z(), to.z(), u))
                            .plus(right.times(THICK * Math.cos(round)))
                            .plus(up.times(THICK * Math.sin(round)));
                },
                p -> colour);
    }
}
