package graykite.people.wear;

import static graykite.geometry.Ease.mix;
import static graykite.geometry.Ease.smooth;

import graykite.geometry.Vec;
import graykite.people.face.Carving;
import graykite.people.face.MeshBuilder;
import graykite.picture.Colour;
import graykite.rig.Part;

/** An oilskin with a wide collar that stands open, a yoke over the shoulders, and toggles on its front. */
final class Oilskin {
    private static final double COLLAR = 0.48;
    private static final Coat.Build BUILD = new Coat.Build(112, 88, 124, 50);
    static final Coat FORM = new Coat(32, 60, COLLAR, Oilskin::shape);
    /** Where the yoke ends, in front and behind. */
    private static final double YOKE = -206;

    private Oilskin() {}

    static Part[] of(int joint, Colour cloth, Colour metal) {
        MeshBuilder coat = new MeshBuilder("oilskin", Carving.OILSKIN, joint);
        FORM.cloth(coat, cloth);
        MeshBuilder toggles = new MeshBuilder("toggles", Carving.BRASS, joint);
        for (int side = -1; side <= 1; side += 2) {
            FORM.sleeve(coat, side, 0.66, cloth);
            yoke(coat, side, cloth);
        }
        FORM.flap(coat, 9, 5, (u, v) -> 3.5, (u, v) -> FORM.front(mix(-20, 20, v), mix(-188, -334, u)), cloth);
        FORM.seam(coat, 16, 3, t -> FORM.behind(mix(-84, 84, t), YOKE), cloth);
        coat.shade(p -> 0.86 + 0.14 * smooth(-230, -130, p.y()));
        for (int row = 0; row < 3; row++) {
            toggle(toggles, -207 - 42 * row, metal);
        }
        return new Part[] {coat.build(), toggles.build()};
    }

    private static void yoke(MeshBuilder coat, int side, Colour cloth) {
        FORM.seam(coat, 10, 3, t -> FORM.front(side * mix(22, 84, t), YOKE), cloth);
    }

    /** A bar across the front, held by a knob on either side. */
    private static void toggle(MeshBuilder toggles, double y, Colour metal) {
        for (int side = -1; side <= 1; side += 2) {
            Carving.button(toggles, FORM.at(FORM.front(side * 15, y), 3), 5.5, 5, metal);
        }
        Vec middle = FORM.at(FORM.front(0, y), 7);
        Carving.ball(toggles, 9, 10, middle, new Vec(15, 4.5, 4.5), metal);
    }

    private static Vec shape(double u, double turn) {
        double s = Math.sin(turn);
        double c = Math.cos(turn);
        double open = smooth(0.30, 0.95, c);
        double top = -112 - 7 * c - 62 * open;
        if (u < 0.24) {
            double t = u / 0.24;
            double y = mix(-150, -112 - 7 * c, t) - 62 * open * smooth(0, 1, t);
            return new Vec(mix(62, 74, t) * s, y, -20 + mix(56, 72, t) * c);
        }
        if (u < COLLAR) {
            double t = (u - 0.24) / (COLLAR - 0.24);
            double rolled = Math.sin(t * Math.PI / 2);
            double y = mix(top, -160 - 30 * open, smooth(0, 1, t)) + 5 * Math.sin(t * Math.PI);
            return new Vec((74 + 22 * rolled) * s, y, -20 + (72 + 16 * rolled + 4 * open) * c);
        }
        double t = (u - COLLAR) / (1 - COLLAR);
        double shoulder = Math.pow(Math.sin(t * Math.PI / 2), 0.85);
        double out = BUILD.out(turn) * (1 + 0.012 * Math.sin(turn * 9 + 2));
        double y = -161 - 30 * open - 30 * Math.pow(t, 1.6) * (0.5 + 1.0 * Math.abs(s)) - 130 * Math.pow(t, 5);
        return new Vec(mix(92, out, shoulder) * s, y, -20 + mix(88, out, shoulder) * c);
    }
}
