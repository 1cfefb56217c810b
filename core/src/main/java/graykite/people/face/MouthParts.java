package graykite.people.face;

import static graykite.geometry.Ease.mix;
import static graykite.geometry.Ease.smooth;

import graykite.geometry.Vec;
import graykite.picture.Colour;
import graykite.picture.Material;
import graykite.rig.Part;

/** Teeth, gums and tongue. */
final class MouthParts {
    private static final Material WET = new Material("wet flesh", 0.34f, 0.35f, 0.5f, 0.6f, false);
    private static final Colour GUM = Colour.srgb(0xB0605C);
    private static final Colour TONGUE = Colour.srgb(0xC96A68);

    private final FacePlan plan;
    private final Actions actions;
    private final int joint;
    private final double size;
    private final DentalArch upper;
    private final DentalArch lower;

    MouthParts(FacePlan plan, Actions actions, int joint) {
        this.plan = plan;
        this.actions = actions;
        this.joint = joint;
        double z = plan.mouth().z();
        size = plan.teeth();
        upper = new DentalArch(28.6 * size, 35 * size, z - 6.9);
        lower = new DentalArch(27.0 * size, 35 * size, z - 6.9 - 2.8 * size);
    }

    Part upperTeeth() {
        MeshBuilder mesh = new MeshBuilder("upper teeth", Teeth.ENAMEL, joint);
        new Teeth(upper, Teeth.Row.UPPER, plan.mouth().y() - 2.0, size).addTo(mesh);
        return mesh.build();
    }

    Part lowerTeeth() {
        MeshBuilder mesh = new MeshBuilder("lower teeth", Teeth.ENAMEL, joint);
        new Teeth(lower, Teeth.Row.LOWER, plan.mouth().y() - 1.0, size).addTo(mesh);
        jawed(mesh);
        return mesh.build();
    }

    Part upperGum() {
        MeshBuilder mesh = new MeshBuilder("upper gum", WET, joint);
        gum(mesh, upper, plan.mouth().y() - 2 + 13 * size, 1);
        return mesh.build();
    }

    Part lowerGum() {
        MeshBuilder mesh = new MeshBuilder("lower gum", WET, joint);
        gum(mesh, lower, plan.mouth().y() - 1 - 11.2 * size, -1);
        jawed(mesh);
        return mesh.build();
    }

    private void jawed(MeshBuilder mesh) {
        mesh.target("jawDrop", i -> actions.jawDrop(mesh.point(i)));
        mesh.target("jawSideways.L", i -> new Vec(7, 0, 0));
        mesh.target("jawSideways.R", i -> new Vec(-7, 0, 0));
        mesh.target("jawThrust", i -> new Vec(0, -0.5, 6));
    }

    /** A roll along the arch that rises between the teeth and hides their roots. */
    private void gum(MeshBuilder mesh, DentalArch arch, double y, int up) {
        mesh.grid(
                56,
                8,
                true,
                (u, v) -> {
                    double along = (u - 0.5) * 118 * size;
                    Vec at = arch.at(along, y);
                    double turn = 2 * Math.PI * v;
                    double thick = 5.6 + 0.5 * Math.cos(2 * Math.PI * along / (7.6 * size));
                    return at.plus(arch.outward(along).times(4.4 * Math.cos(turn) - 3.4))
                            .plus(new Vec(0, thick * Math.sin(turn) * (Math.sin(turn) * up < 0 ? 0.85 : 1.2), 0));
                },
                p -> GUM.times(1 - 0.75 * smooth(-4, -34, p.z() - arch.front())));
    }

    Part tongue() {
        MeshBuilder mesh = new MeshBuilder("tongue", WET, joint);
        Vec m = plan.mouth();
        double tipZ = m.z() - 17;
        double rootZ = m.z() - 72;
        int rows = 24;
        int columns = 18;
        mesh.grid(
                rows,
                columns,
                true,
                (row, v) -> {
                    // Rows lie close together at the tip, which is broad and round.
                    double u = 1 - Math.pow(1 - row, 1.8);
                    double body = Math.sqrt(Math.max(0, 1 - Math.pow(u, 5)));
                    double start = smooth(0, 0.08, u);
                    double wide = mix(19, 14, u) * size * body * start;
                    double tall = mix(9.5, 3.4, smooth(0, 1, u)) * body * start;
                    double turn = 2 * Math.PI * v;
                    double x = wide * Math.cos(turn);
                    double y = tall * Math.sin(turn);
                    double groove = Math.sin(turn) > 0 ? 1.4 * Math.exp(-Math.pow(x / 4, 2)) * smooth(0, 0.3, u) : 0;
                    double spine = m.y() - 11 + 3.5 * Math.sin(Math.PI * u);
                    return new Vec(x, spine + y - groove, mix(rootZ, tipZ, u));
                },
                p -> TONGUE.mix(Colour.srgb(0xDC8580), smooth(rootZ, tipZ, p.z()))
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
