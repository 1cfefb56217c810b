package graykite.people.face;

import static graykite.people.face.Ease.mix;
import static graykite.people.face.Ease.smooth;

import graykite.geometry.Vec;
import graykite.picture.Colour;
import graykite.picture.Material;
import graykite.rig.Part;

/** Teeth, gums and tongue. */
final class MouthParts {
    private static final Material ENAMEL = new Material("enamel", 0.28f, 0.45f, 0.8f, 0.3f, false);
    private static final Material WET = new Material("wet flesh", 0.34f, 0.35f, 0.5f, 0.6f, false);
    private static final Colour TOOTH = Colour.srgb(0xF6EAD2);
    private static final Colour GUM = Colour.srgb(0xB0605C);
    private static final Colour TONGUE = Colour.srgb(0xC0605F);
    /** How far the arch runs back at its half width, and how squarely it turns. */
    private static final double DEEP = 25;

    private static final double BEND = 2.4;
    private static final double[] UPPER_WIDTHS = {9.4, 7.8, 8.2, 7.6, 7.6, 9.0};
    private static final double[] LOWER_WIDTHS = {6.6, 7.0, 7.6, 7.6, 7.8, 9.0};

    private final FacePlan plan;
    private final Actions actions;
    private final int joint;

    MouthParts(FacePlan plan, Actions actions, int joint) {
        this.plan = plan;
        this.actions = actions;
        this.joint = joint;
    }

    Part upperTeeth() {
        MeshBuilder mesh = new MeshBuilder("upper teeth", ENAMEL, joint);
        row(mesh, UPPER_WIDTHS, 32.5, plan.mouth().z() - 7.5, plan.mouth().y() - 2.0, 11.0, 1);
        return mesh.build();
    }

    Part lowerTeeth() {
        MeshBuilder mesh = new MeshBuilder("lower teeth", ENAMEL, joint);
        row(mesh, LOWER_WIDTHS, 30.0, plan.mouth().z() - 10.8, plan.mouth().y() + 0.2, 9.0, -1);
        jawed(mesh);
        return mesh.build();
    }

    Part upperGum() {
        MeshBuilder mesh = new MeshBuilder("upper gum", WET, joint);
        gum(mesh, 32.0, plan.mouth().z() - 8.5, plan.mouth().y() + 11.5);
        return mesh.build();
    }

    Part lowerGum() {
        MeshBuilder mesh = new MeshBuilder("lower gum", WET, joint);
        gum(mesh, 29.5, plan.mouth().z() - 11.8, plan.mouth().y() - 11.0);
        jawed(mesh);
        return mesh.build();
    }

    private void jawed(MeshBuilder mesh) {
        mesh.target("jawDrop", i -> actions.jawDrop(mesh.point(i)));
        mesh.target("jawSideways.L", i -> new Vec(7, 0, 0));
        mesh.target("jawSideways.R", i -> new Vec(-7, 0, 0));
        mesh.target("jawThrust", i -> new Vec(0, -0.5, 6));
    }

    /** The arch, flat in front and running back at the sides: where it is at a distance from the middle, measured along it. */
    private static Vec arch(double along, double half, double front, double y) {
        double sign = Math.signum(along);
        double walked = 0;
        double x = 0;
        while (walked < Math.abs(along)) {
            double slope = BEND * DEEP / half * Math.pow(x / half, BEND - 1);
            double dx = 0.1 / Math.sqrt(1 + slope * slope);
            x += dx;
            walked += 0.1;
        }
        return new Vec(sign * x, y, front - DEEP * Math.pow(x / half, BEND));
    }

    private void row(MeshBuilder mesh, double[] widths, double half, double front, double edge, double height, int up) {
        for (int sideSign = -1; sideSign <= 1; sideSign += 2) {
            double along = 0;
            for (int i = 0; i < widths.length; i++) {
                double centre = along + widths[i] / 2;
                along += widths[i] + 0.1;
                Vec at = arch(sideSign * centre, half, front, edge);
                Vec near = arch(sideSign * (centre + 0.5), half, front, edge);
                Vec right = near.minus(at).times(sideSign).unit();
                double tall = height * (i == 1 && up > 0 ? 0.93 : i == 2 ? 1.02 : i > 3 ? 0.86 : 1);
                double shorter = (i == 1 && up > 0) ? 0.5 : i > 3 ? 0.4 : 0;
                tooth(mesh, at.plus(new Vec(0, up * shorter, 0)), right, widths[i], tall, i > 3 ? 8.5 : 6, up, i);
            }
        }
    }

    private static void tooth(
            MeshBuilder mesh, Vec edge, Vec right, double width, double height, double deep, int up, int index) {
        Vec out = new Vec(-right.z(), 0, right.x()).unit();
        Vec front = out.z() < 0 ? out.times(-1) : out;
        Vec centre = edge.plus(new Vec(0, up * height / 2, 0)).minus(front.times(deep / 2));
        double pointed = index == 2 ? 0.8 : 0;
        mesh.grid(
                8,
                12,
                true,
                (u, v) -> {
                    double polar = Math.PI * (u - 0.5);
                    double turn = -2 * Math.PI * v;
                    double c = power(Math.cos(polar), 0.30);
                    double x = c * power(Math.cos(turn), 0.42) * (width + 0.5) / 2;
                    double z = c * power(Math.sin(turn), 0.75) * deep / 2;
                    double h = power(Math.sin(polar), 0.55);
                    double rootward = 0.5 + 0.5 * h * up;
                    double taper = 1 - 0.07 * rootward;
                    double tip = pointed * (1 - Math.abs(x) / (width / 2)) * (1 - rootward);
                    return centre.plus(right.times(x * taper))
                            .plus(front.times(z * (1 - 0.25 * (1 - rootward))))
                            .plus(new Vec(0, h * height / 2 - up * tip, 0));
                },
                p -> {
                    double rootward = Math.clamp(up * (p.y() - edge.y()) / height, 0, 1);
                    return TOOTH.mix(Colour.srgb(0xDCC7A4), 0.65 * smooth(0.45, 1, rootward))
                            .times(1 - 0.05 * index - 0.15 * smooth(0, -20, p.z() - edge.z()));
                });
    }

    private static double power(double x, double e) {
        return Math.signum(x) * Math.pow(Math.abs(x), e);
    }

    private static void gum(MeshBuilder mesh, double half, double front, double y) {
        mesh.grid(
                24,
                8,
                true,
                (u, v) -> {
                    double along = (u - 0.5) * 92;
                    Vec at = arch(along, half, front, y);
                    Vec near = arch(along + 0.5, half, front, y);
                    Vec right = near.minus(at).unit();
                    Vec out = new Vec(-right.z(), 0, right.x());
                    double turn = 2 * Math.PI * v;
                    return at.plus(out.times(4.2 * Math.cos(turn) - 3)).plus(new Vec(0, 5.5 * Math.sin(turn), 0));
                },
                p -> GUM.times(1 - 0.5 * smooth(0, -35, p.z() - front)));
    }

    Part tongue() {
        MeshBuilder mesh = new MeshBuilder("tongue", WET, joint);
        Vec m = plan.mouth();
        double tipZ = m.z() - 17;
        double rootZ = m.z() - 72;
        int rows = 18;
        int columns = 16;
        mesh.grid(
                rows,
                columns,
                true,
                (u, v) -> {
                    double body = Math.sqrt(Math.max(0, 1 - Math.pow(u, 5)));
                    double start = smooth(0, 0.08, u);
                    double wide = mix(19, 14, u) * body * start;
                    double tall = mix(9.5, 3.4, smooth(0, 1, u)) * body * start;
                    double turn = 2 * Math.PI * v;
                    double x = wide * Math.cos(turn);
                    double y = tall * Math.sin(turn);
                    double groove = Math.sin(turn) > 0 ? 1.4 * Math.exp(-Math.pow(x / 4, 2)) * smooth(0, 0.3, u) : 0;
                    double spine = m.y() - 11 + 3.5 * Math.sin(Math.PI * u);
                    return new Vec(x, spine + y - groove, mix(rootZ, tipZ, u));
                },
                p -> TONGUE.mix(Colour.srgb(0xD07A74), smooth(rootZ, tipZ, p.z()))
                        .times(mix(0.35, 1, smooth(rootZ, tipZ - 6, p.z()))));
        mesh.target("jawDrop", i -> actions.jawDrop(mesh.point(i)).times(0.92));
        mesh.target("jawSideways.L", i -> new Vec(7, 0, 0));
        mesh.target("jawSideways.R", i -> new Vec(-7, 0, 0));
        mesh.target("jawThrust", i -> new Vec(0, -0.5, 6));
        mesh.target("tongueUp", i -> {
            double u = along(mesh.point(i), rootZ, tipZ);
            double tip = smooth(0.45, 1, u);
            return new Vec(0, 14.5 * tip, 1.5 * tip);
        });
        mesh.target("tongueOut", i -> {
            double u = along(mesh.point(i), rootZ, tipZ);
            double tip = smooth(0.1, 1, u);
            return new Vec(0, 10.5 * smooth(0.3, 0.8, u) - 1.5 * smooth(0.85, 1, u), 24 * tip);
        });
        mesh.target("tongueBack", i -> {
            double u = along(mesh.point(i), rootZ, tipZ);
            double hump = Math.exp(-Math.pow((u - 0.42) / 0.26, 2));
            return new Vec(0, 14 * hump, -5 * smooth(0.4, 1, u));
        });
        // The tip keeps its place at ridge or teeth when the jaw drops under it.
        for (String reach : new String[] {"tongueUp", "tongueOut"}) {
            mesh.target(reach + "*jawDrop", i -> {
                double u = along(mesh.point(i), rootZ, tipZ);
                return actions.jawDrop(mesh.point(i)).times(-0.66 * smooth(0.3, 0.95, u));
            });
        }
        return mesh.build();
    }

    private static double along(Vec p, double rootZ, double tipZ) {
        return Math.clamp((p.z() - rootZ) / (tipZ - rootZ), 0, 1);
    }
}
