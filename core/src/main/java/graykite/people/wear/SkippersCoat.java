package graykite.people.wear;

import static graykite.geometry.Ease.mix;
import static graykite.geometry.Ease.smooth;

import graykite.geometry.Vec;
import graykite.people.face.Carving;
import graykite.people.face.MeshBuilder;
import graykite.people.wear.Coat.Spot;
import graykite.picture.Colour;
import graykite.rig.Part;

/** A double-breasted coat with a standing collar, turned-back fronts and shoulder straps. It stays while the head turns. */
final class SkippersCoat {
    private static final double COLLAR = 0.45;
    private static final Coat.Build BUILD = new Coat.Build(122, 92, 138, 54);
    static final Coat FORM = new Coat(24, 56, COLLAR, SkippersCoat::shape);

    private SkippersCoat() {}

    static Part[] of(int joint, Colour cloth, Colour brass) {
        MeshBuilder coat = new MeshBuilder("coat", Carving.CLOTH, joint);
        FORM.cloth(coat, cloth);
        // The wearer's left front lies over the right one.
        FORM.flap(
                coat,
                8,
                12,
                (u, v) -> mix(3, -1, smooth(0.5, 1, v)),
                (u, v) -> {
                    double x = mix(-34, 84, v);
                    return FORM.front(x, mix(-232 + 0.43 * Math.abs(x), -332, u));
                },
                cloth);
        MeshBuilder buttons = new MeshBuilder("coat buttons", Carving.BRASS, joint);
        for (int side = -1; side <= 1; side += 2) {
            lapel(coat, side, cloth);
            FORM.sleeve(coat, side, 0.64, cloth);
            strap(coat, side, cloth, brass);
            for (int row = 0; row < 2; row++) {
                Vec at = FORM.at(FORM.front(side * 27, -240 - 42 * row), 2);
                Carving.button(buttons, at, 8, 5, brass);
            }
        }
        FORM.seam(coat, 24, 2.6, t -> FORM.behind(0, mix(-160, -332, t)), cloth);
        return new Part[] {coat.build(), buttons.build()};
    }

    /** A front turned back below the collar. */
    private static void lapel(MeshBuilder coat, int side, Colour cloth) {
        FORM.flap(
                coat,
                16,
                9,
                (u, v) -> 4.5,
                (u, v) -> {
                    double inner = mix(36, -4, Math.pow(u, 0.8));
                    double outer = u < 0.3 ? mix(62, 92, u / 0.3) : mix(92, 8, (u - 0.3) / 0.7);
                    // Columns run from the wearer's right to left on both sides.
                    double x = side > 0 ? mix(inner, outer, v) : -mix(outer, inner, v);
                    return FORM.front(x, mix(-150, -236, u) - 6 * smooth(50, 92, Math.abs(x)));
                },
                cloth.times(1.3));
    }

    /** A shoulder strap with two gold bars. */
    private static void strap(MeshBuilder coat, int side, Colour cloth, Colour gold) {
        FORM.flap(coat, 9, 9, (u, v) -> 3.5, (u, v) -> strapped(side, u, v), cloth.times(1.15));
        for (double bar : new double[] {0.58, 0.78}) {
            FORM.flap(coat, 2, 9, (u, v) -> 5.5, (u, v) -> strapped(side, bar + 0.1 * u, mix(0.06, 0.94, v)), gold);
        }
    }

    private static Spot strapped(int side, double along, double across) {
        double broad = mix(0.13, 0.19, along);
        return new Spot(mix(0.50, 0.635, along), side * Math.PI / 2 + mix(-broad, broad, across));
    }

    private static Vec shape(double u, double turn) {
        double s = Math.sin(turn);
        double c = Math.cos(turn);
        double openFront = smooth(0.55, 0.98, c);
        if (u < 0.2) {
            double t = u / 0.2;
            double y = mix(-146, -116 + 4 * -c, t) - 34 * openFront * t;
            return new Vec(mix(66, 70, t) * s, y, -20 + mix(60, 72, t) * c);
        }
        if (u < COLLAR) {
            double t = (u - 0.2) / (COLLAR - 0.2);
            double topY = -116 + 4 * -c - 34 * openFront;
            double y = mix(topY, -150 - 6 * openFront, smooth(0, 1, t)) + 4 * Math.sin(t * Math.PI);
            return new Vec(
                    (70 + 16 * Math.sin(t * Math.PI / 2)) * s, y, -20 + (72 + 7 * Math.sin(t * Math.PI / 2)) * c);
        }
        double t = (u - COLLAR) / (1 - COLLAR);
        double shoulder = Math.pow(Math.sin(t * Math.PI / 2), 0.9);
        double out = BUILD.out(turn);
        double y = -153 - 34 * Math.pow(t, 1.5) * (0.6 + 0.9 * Math.abs(s)) - 130 * Math.pow(t, 5) - 10 * openFront;
        return new Vec(mix(76, out, shoulder) * s, y, -20 + mix(70, out, shoulder) * c);
    }
}
