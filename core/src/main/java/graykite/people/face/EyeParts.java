package graykite.people.face;

import static graykite.geometry.Ease.mix;
import static graykite.geometry.Ease.smooth;

import graykite.geometry.Vec;
import graykite.picture.Colour;
import graykite.picture.Material;
import graykite.rig.Part;

/** Eyeballs and lids. Lids are shells round the eyeball that turn about its centre, so that they can never cut into it. */
final class EyeParts {
    private static final Material WET_EYE = new Material("eye", 0.12f, 0.9f, 0.45f, 0.1f, false);
    private static final double IRIS = Math.toRadians(28.5);
    private static final double PUPIL = Math.toRadians(12.5);
    /** How far the middle of a lower lid is pushed up, and the ends of an upper one come down, with a cheek that rises; in degrees. */
    private static final double MIDDLE = 11;

    private static final double ENDS = 13;

    private final FacePlan plan;
    private final Material skin;

    EyeParts(FacePlan plan, Material skin) {
        this.plan = plan;
        this.skin = skin;
    }

    Part ball(boolean left, int joint, Person.Eyes look) {
        Colour iris = look.iris();
        double edge = IRIS * look.irisSize();
        double pupilEdge = PUPIL * look.irisSize();

        MeshBuilder mesh = new MeshBuilder(left ? "left eye" : "right eye", WET_EYE, joint);
        Vec centre = centre(left);
        double r = plan.eyeRadius();
        Colour white = Colour.srgb(0xE9E4DC);
        Colour rim = iris.times(0.22);
        Colour pupil = Colour.srgb(0x0D0C0E);
        mesh.grid(
                16,
                28,
                true,
                (u, v) -> {
                    double polar = 0.62 * Math.PI * Math.pow(u, 1.2);
                    double bulge = 1 + 0.055 * smooth(edge * 1.25, 0, polar);
                    double turn = 2 * Math.PI * v;
                    return centre.plus(new Vec(
                                    Math.sin(polar) * Math.cos(turn),
                                    -Math.sin(polar) * Math.sin(turn),
                                    Math.cos(polar))
                            .times(r * bulge));
                },
                p -> {
                    Vec d = p.minus(centre).unit();
                    double polar = Math.acos(Math.clamp(d.z(), -1, 1));
                    double turn = Math.atan2(d.y(), d.x());
                    if (polar < pupilEdge) {
                        return pupil.mix(iris.times(0.3), smooth(pupilEdge * 0.86, pupilEdge, polar));
                    }
                    double streak = 0.86 + 0.14 * Math.sin(turn * 19) * Math.sin(turn * 7 + 1);
                    double depth = smooth(pupilEdge, edge * 0.85, polar);
                    double low = 0.75 + 0.45 * smooth(0.3, -0.9, Math.sin(turn));
                    Colour inside = iris.times(mix(0.55, 1.15, depth) * streak * low);
                    Colour ringed = inside.mix(rim, smooth(edge * 0.84, edge * 0.97, polar));
                    Colour vein =
                            white.mix(Colour.srgb(0xCE9A90), 0.55 * smooth(Math.max(0.9, edge * 1.1), 1.5, polar));
                    double shaded = 1 - 0.35 * smooth(0.1, 0.75, d.y());
                    return ringed.mix(vein, smooth(edge * 0.985, edge * 1.05, polar))
                            .times(shaded);
                });
        return mesh.build();
    }

    Part upperLid(boolean left, int joint, Person.Eyes look) {
        return lid(left ? "left upper lid" : "right upper lid", left, joint, look.upper(), 1, look);
    }

    Part lowerLid(boolean left, int joint, Person.Eyes look) {
        return lid(left ? "left lower lid" : "right lower lid", left, joint, look.lower(), -1, look);
    }

    /** The wet line between the ball and the lower lid: a thin roll on the lid's edge that catches the light. */
    Part wetLine(boolean left, int joint, Person.Eyes look) {
        MeshBuilder mesh = new MeshBuilder(left ? "left wet line" : "right wet line", WET_EYE, joint);
        Vec centre = centre(left);
        double r = plan.eyeRadius();
        Colour flesh = look.lid().mix(Colour.srgb(0xE9DCD4), 0.55);
        mesh.grid(
                17,
                4,
                false,
                (u, v) -> {
                    double side = mix(-78, 78, u);
                    double turn = mix(-0.2, 1, v) * Math.PI;
                    double thick = 0.55 * smooth(78, 60, Math.abs(side));
                    double up = margin(look.lower(), side) + Math.toDegrees(thick * Math.sin(turn) / r) - 0.6;
                    return centre.plus(towards(side, up).times(r + 0.35 - thick * Math.cos(turn)));
                },
                p -> flesh);
        arch(mesh, left, false);
        return mesh.build();
    }

    /** Direction from the middle of an eye; degrees sideways to the character's left, and up. */
    private static Vec towards(double side, double up) {
        double s = Math.toRadians(side);
        double e = Math.toRadians(up);
        return new Vec(Math.sin(s), Math.cos(s) * Math.sin(e), Math.cos(s) * Math.cos(e));
    }

    /** Where the edge of a lid lies, in degrees up, so far sideways: towards the corners upper and lower come together. */
    private static double margin(double rest, double side) {
        return rest * (1 - 0.8 * smooth(62, 86, Math.abs(side)));
    }

    /**
     * What a cheek that rises does to a lid: it pushes up the middle of the lower one, and the upper one comes down at its ends.
     * What is left of the eye is a crescent.
     */
    private void arch(MeshBuilder mesh, boolean left, boolean upper) {
        Vec centre = centre(left);
        mesh.target("cheekRaiser." + (left ? "L" : "R"), i -> {
            Vec from = mesh.point(i).minus(centre);
            double side = Math.toDegrees(Math.asin(from.x() / from.length()));
            double up = Math.toDegrees(Math.atan2(from.y(), from.z()));
            double raised = upper ? -ENDS * smooth(12, 56, Math.abs(side)) : MIDDLE * smooth(72, 8, Math.abs(side));
            return towards(side, up + raised).times(from.length()).minus(from);
        });
    }

    private Part lid(String name, boolean left, int joint, double margin, int up, Person.Eyes look) {
        MeshBuilder mesh = new MeshBuilder(name, skin, joint);
        Vec centre = centre(left);
        double r = plan.eyeRadius();
        // The upper lid lies over the lower one: however far that is pushed up, its lashes show.
        double thick = up > 0 ? 1.12 : 0.78;
        int rows = 12;
        double[] radius = new double[rows];
        double[] elevation = new double[rows];
        for (int i = 0; i < rows; i++) {
            switch (i) {
                case 0 -> {
                    radius[i] = r + 0.15;
                    elevation[i] = margin + up * 6;
                }
                case 1 -> {
                    radius[i] = r + 0.25;
                    elevation[i] = margin + up * 0.3;
                }
                case 2 -> {
                    radius[i] = r + 0.95 * thick;
                    elevation[i] = margin - up * 0.9;
                }
                case 3 -> {
                    radius[i] = r + 1.7 * thick;
                    elevation[i] = margin + up * 0.6;
                }
                case 4 -> {
                    radius[i] = r + 2.0 * thick;
                    elevation[i] = margin + up * 3.5;
                }
                default -> {
                    double t = (i - 4) / (double) (rows - 5);
                    radius[i] = r + mix(2.0 * thick, 1.5, smooth(0, 0.4, t));
                    // Round behind, so that the ball is covered from the side too.
                    elevation[i] = margin + up * mix(3.5, 172, Math.pow(t, 1.4));
                }
            }
        }
        int columns = 21;
        int first = mesh.size();
        for (int i = 0; i < rows; i++) {
            for (int c = 0; c < columns; c++) {
                double degrees = mix(-89, 89, c / (columns - 1.0));
                double side = Math.toRadians(degrees);
                Vec d = towards(degrees, elevation[i] - margin + margin(margin, degrees));
                double outer = smooth(0.15, 0.95, Math.sin(side) * (left ? 1 : -1));
                // At the corner itself both lids meet, and nothing stands out.
                double corner = smooth(0.02, 0.3, Math.cos(side));
                double stands = up > 0 && (i == 2 || i == 3) ? look.lashes() * outer * corner * (i == 2 ? 1 : 0.35) : 0;
                double lashes =
                        up > 0 ? (i >= 1 && i <= 3 ? 0.92 : i == 4 ? 0.25 : 0) : (i == 2 ? 0.35 : i == 3 ? 0.15 : 0);
                Colour colour = look.lid()
                        .times(up > 0 ? 1 : 1.06)
                        .mix(look.lash(), lashes)
                        .times(i < 2 ? 0.6 : 1);
                // The upper lid is darker in the fold; the lower one goes over into the cheek.
                double fold = smooth(14, 34, Math.abs(elevation[i] - margin));
                // Beside the eye it goes under the skin.
                double under = (radius[i] - r) * mix(1, 0.7, smooth(56, 76, Math.abs(degrees)));
                mesh.add(
                        centre.plus(d.times(r + under + stands)).plus(new Vec(0, -0.45 * stands, 0)),
                        colour.times(1 - (up > 0 ? 0.25 : 0.06) * fold));
            }
        }
        arch(mesh, left, up > 0);
        for (int i = 0; i + 1 < rows; i++) {
            for (int c = 0; c + 1 < columns; c++) {
                int a = first + i * columns + c;
                if (up > 0) {
                    mesh.quad(a, a + 1, a + columns + 1, a + columns);
                } else {
                    mesh.quad(a + columns, a + columns + 1, a + 1, a);
                }
            }
        }
        return mesh.build();
    }

    Vec centre(boolean left) {
        return plan.eye().mirroredTo(left ? 1 : -1);
    }
}
