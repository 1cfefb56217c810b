package graykite.people.wear;

import static graykite.geometry.Ease.mix;
import static graykite.geometry.Ease.smooth;

import graykite.geometry.Vec;
import graykite.people.face.Carving;
import graykite.people.face.MeshBuilder;
import graykite.people.plan.Garment;
import graykite.people.plan.PersonPlan;
import graykite.picture.Colour;
import graykite.rig.Part;

/** A dotted cloth rolled round the neck and knotted in front. */
final class Neckerchief {
    private Neckerchief() {}

    static Part of(Fit fit, Colour cloth, Colour dots) {
        PersonPlan.Body body = fit.person().body();
        MeshBuilder mesh = new MeshBuilder("neckerchief", Carving.CLOTH, fit.body());
        boolean overCoat = fit.person()
                .worn(Garment.Slot.BODY)
                .filter(w -> w.garment() != Garment.FUR)
                .isPresent();
        double wide = overCoat ? 60 * body.build() : body.neck() + 11;
        double y = -112 + body.rise();
        double back = -19;
        Carving.latheDown(
                mesh,
                24,
                150,
                (u, turn) -> {
                    double around = mix(0.5, -1.5, u) * Math.PI;
                    double fold = 1 + 0.07 * Math.sin(9 * turn + 3 * around) + 0.04 * Math.sin(23 * turn);
                    double thick = 10 * fold * (1 + 0.25 * smooth(0.2, 1, Math.cos(turn)));
                    double r = wide + thick * Math.cos(around);
                    return new Vec(
                            r * Math.sin(turn),
                            y - 12 * Math.cos(turn) + thick * 0.9 * Math.sin(around),
                            back + r * 0.97 * Math.cos(turn));
                },
                p -> dotted(p, cloth, dots));
        Vec knot = new Vec(0, y - 17, back + 0.97 * wide + 13);
        Carving.ball(mesh, 10, 16, knot, new Vec(9, 8, 8), cloth.times(0.92));
        for (int side = -1; side <= 1; side += 2) {
            end(mesh, knot, side, overCoat ? 20 : 5, cloth, dots);
        }
        return mesh.build();
    }

    /**
     * One of the ends that hang from the knot: a leaf, thick at the knot and thin at its point.
     *
     * @param hang how far its point stands before the knot
     */
    private static void end(MeshBuilder mesh, Vec knot, int side, double hang, Colour cloth, Colour dots) {
        mesh.grid(
                14,
                14,
                true,
                (u, v) -> {
                    double round = -2 * Math.PI * v;
                    double wide = 11 * Math.pow(Math.sin(Math.PI * Math.pow(mix(0.06, 0.97, u), 0.75)), 0.8);
                    double thick = mix(4.5, 1.6, u);
                    double x = side * (3 + 22 * u) + wide * Math.cos(round) * 0.9;
                    double down = -40 * u - side * 0.25 * wide * Math.cos(round);
                    double wave = 2.2 * Math.sin(5 * u + side);
                    return knot.plus(new Vec(x, down, thick * Math.sin(round) + wave + hang * u));
                },
                p -> dotted(p, cloth, dots));
    }

    private static Colour dotted(Vec p, Colour cloth, Colour dots) {
        double a = Math.sin(0.55 * p.x() + 0.2 * p.z());
        double b = Math.sin(0.55 * p.y() + 0.3 * p.z());
        return cloth.mix(dots, 0.85 * smooth(0.62, 0.8, a * b));
    }
}
