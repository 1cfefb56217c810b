package graykite.people.wear;

import static graykite.geometry.Ease.mix;
import static graykite.geometry.Ease.smooth;

import graykite.geometry.Vec;
import graykite.people.face.Carving;
import graykite.people.face.MeshBuilder;
import graykite.people.face.Neck;
import graykite.people.face.Person;
import graykite.people.plan.PersonPlan;
import graykite.picture.Colour;
import graykite.rig.Part;

/** Neck and shoulders of an animal: sloping, furred, paler on the breast. */
final class BareShoulders {
    /** Height at which it ends in the skull. */
    private static final double TOP = -8;

    private static final double THROAT = -44;
    private static final double BOTTOM = -250;

    private BareShoulders() {}

    static Part of(Fit fit, Colour back, Colour breast) {
        PersonPlan.Body body = fit.person().body();
        MeshBuilder mesh = new MeshBuilder("fur", Carving.FUR, fit.body());
        Person.Neck neck = new Person.Neck(body.neck(), body.rise());
        Carving.latheDown(
                mesh,
                56,
                150,
                (u, turn) -> {
                    double c = Math.cos(turn);
                    double level = mix(TOP, BOTTOM + body.rise(), u);
                    double v = Math.max(0, (THROAT - level) / (THROAT - BOTTOM - body.rise()));
                    double slope = Math.pow(smooth(0.2, 1, v), 1.1);
                    double rx = 1.09 * body.neck() + (150 * body.build() - body.neck()) * slope;
                    double rz = 1.09 * body.neck() + (96 * body.build() - body.neck()) * slope;
                    double y = level + 22 * Math.sin(Math.PI * v) * Math.abs(Math.sin(turn));
                    double tuft = 1 + 0.014 * Math.sin(31 * turn + 26 * v) * Math.sin(17 * v + 9 * turn);
                    Vec shoulders = new Vec(rx * tuft * Math.sin(turn), y, mix(-16, -24, v) + rz * tuft * c);
                    // Farther up it lies close round the neck, whose end it covers, and closes within the skull; in
                    // front for longer, to keep out of the mouth.
                    double front = smooth(0, 0.6, c);
                    double wide = mix(0.4, mix(1.05, 1.02, front), smooth(TOP, Neck.TOP, y)) * tuft;
                    return Neck.at(neck, Neck.down(neck, y), turn, wide)
                            .mix(shoulders, smooth(0.18 * front, mix(0.24, 0.34, front), v));
                },
                p -> {
                    double front = Math.cos(Math.atan2(p.x(), p.z() + 18));
                    // Locks of one colour lie over the other where breast and back meet.
                    double lock = Math.abs(Math.IEEEremainder(p.y() / 17 + 0.15 * Math.sin(0.11 * p.y()), 1));
                    double pale = smooth(0.52, 0.68, front + 0.26 * (lock - 0.25));
                    double streak = Math.sin(0.75 * p.x() + 1.3 * Math.sin(0.22 * p.y()))
                            * Math.sin(0.33 * p.y() + 0.5 * p.x());
                    // The chin keeps the light off the throat; the nape lies open.
                    double dim = mix(0.55, 0.94, smooth(0.1, -0.7, front));
                    double shade = mix(dim, 1, smooth(-82, -130, p.y() - body.rise()));
                    return back.mix(breast, pale).times(shade * (1 + 0.09 * streak));
                });
        Neck.giveWay(mesh);
        // The fur goes with the head where it meets it: no neck shows between them.
        return mesh.build().following(Neck.bent(mesh, fit.body(), fit.head()));
    }
}
