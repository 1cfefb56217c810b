package graykite.people.wear;

import static graykite.geometry.Ease.mix;
import static graykite.geometry.Ease.smooth;

import graykite.geometry.Vec;
import graykite.people.face.Carving;
import graykite.people.face.MeshBuilder;
import graykite.people.plan.PersonPlan;
import graykite.picture.Colour;
import graykite.rig.Part;

/** Neck and shoulders of an animal: sloping, furred, paler on the breast. */
final class BareShoulders {
    private BareShoulders() {}

    static Part of(Fit fit, Colour back, Colour breast) {
        PersonPlan.Body body = fit.person().body();
        MeshBuilder mesh = new MeshBuilder("fur", Carving.CLOTH, fit.body());
        double top = -44;
        Carving.latheDown(
                mesh,
                44,
                120,
                (u, turn) -> {
                    double c = Math.cos(turn);
                    double slope = Math.pow(smooth(0.2, 1, u), 1.1);
                    double inside = mix(0.3, 1.02, smooth(0, 0.22, u));
                    double rx = body.neck() * inside + (150 * body.build() - body.neck()) * slope;
                    double rz = body.neck() * inside + (96 * body.build() - body.neck()) * slope;
                    double y = mix(top, -250 + body.rise(), u) + 22 * Math.sin(Math.PI * u) * Math.abs(Math.sin(turn));
                    double tuft = 1 + 0.014 * Math.sin(31 * turn + 26 * u) * Math.sin(17 * u + 9 * turn);
                    return new Vec(rx * tuft * Math.sin(turn), y, mix(-16, -24, u) + rz * tuft * c);
                },
                p -> {
                    double front = Math.cos(Math.atan2(p.x(), p.z() + 18));
                    double pale = smooth(0.35, 0.8, front + 0.05 * Math.sin(0.4 * p.y()));
                    double streak = Math.sin(0.75 * p.x() + 1.3 * Math.sin(0.22 * p.y()))
                            * Math.sin(0.33 * p.y() + 0.5 * p.x());
                    double shade = 0.55 + 0.45 * smooth(-82, -130, p.y() - body.rise());
                    return back.mix(breast, pale).times(shade * (1 + 0.09 * streak));
                });
        return mesh.build();
    }
}
