package graykite.people.face;

import static graykite.geometry.Ease.mix;
import static graykite.geometry.Ease.smooth;

import graykite.geometry.Vec;
import graykite.picture.Colour;
import graykite.picture.Material;
import graykite.rig.Part;
import graykite.rig.Skin;

/**
 * The neck between head and collar: it leans forward, its throat ends behind the jaw, its nape goes up broad to the back of
 * the skull, and a band runs from behind either ear down to the breastbone.
 */
public final class Neck {
    /** From here up it goes wholly with the head, from there down wholly with the body, millimetres. */
    private static final double WITH_HEAD = -42;

    private static final double WITH_BODY = -128;

    /** Height at which it ends in the skull. */
    public static final double TOP = -28;

    private static final double BOTTOM = -142;

    private Neck() {}

    static Part of(int body, int head, Material skin, Colour tone, Person.Neck neck) {
        MeshBuilder mesh = new MeshBuilder("neck", skin, body);
        Carving.latheDown(mesh, 16, 40, (u, turn) -> at(neck, u, turn, 1), p -> tone.times(light(p)));
        giveWay(mesh);
        return mesh.build().following(bent(mesh, body, head));
    }

    /** A jaw that opens wide pushes the throat down and back and widens the neck under the ears. */
    public static void giveWay(MeshBuilder mesh) {
        mesh.target("jawDrop", i -> {
            Vec p = mesh.point(i);
            double throat = smooth(-24, 12, p.z()) * Math.exp(-Math.pow((p.y() + 92) / 26, 2));
            double side = Math.exp(-Math.pow((p.y() + 78) / 24, 2)) * smooth(10, 30, Math.abs(p.x()));
            return new Vec(1.6 * side * Math.signum(p.x()), -4.5 * throat, -3.2 * throat);
        });
    }

    /** What lies round a neck bends between head and body, so that a bowed head does not leave the nape behind. */
    public static Skin bent(MeshBuilder mesh, int body, int head) {
        int[] joints = new int[Skin.SET * mesh.size()];
        float[] weights = new float[joints.length];
        for (int i = 0; i < mesh.size(); i++) {
            double share = smooth(WITH_BODY, WITH_HEAD, mesh.point(i).y());
            // A joint without a share is written as 0.
            joints[Skin.SET * i] = share < 1 ? body : 0;
            joints[Skin.SET * i + 1] = share > 0 ? head : 0;
            weights[Skin.SET * i] = (float) (1 - share);
            weights[Skin.SET * i + 1] = (float) share;
        }
        return new Skin(joints, weights);
    }

    /** How far down it a height lies: 0 where it ends in the skull, 1 where it ends in the collar, and on in both directions. */
    public static double down(Person.Neck neck, double y) {
        return (TOP - y) / (TOP - BOTTOM - neck.rise());
    }

    /**
     * A place on its skin, or near it for what is worn close to it.
     *
     * @param u how far down, as {@link #down} tells
     * @param turn 0 in front, a quarter turn on the character's left
     * @param wide 1 for its skin, more for what lies round it
     */
    public static Vec at(Person.Neck neck, double u, double turn, double wide) {
        double front = Math.cos(turn);
        double y = mix(TOP, BOTTOM + neck.rise(), u);
        double middle = mix(-8, -24, u);
        double throat = neck.radius() * mix(0.74, 1.06, smooth(0, 1, u));
        // The nape reaches the back of the skull and narrows from there.
        double back = Math.max(0.9 * neck.radius(), Math.min(50, 1.35 * neck.radius()));
        double nape = mix(back, 1.06 * neck.radius(), smooth(0, 0.75, u));
        double deep = front > 0 ? throat : nape;
        double broad = neck.radius() * mix(0.74 + 0.3 * smooth(0.3, -0.6, front), 1.06, smooth(0, 1, u));
        // From behind the ear forward to the pit of the throat.
        double band = Math.toRadians(mix(118, 22, u));
        double away = (Math.abs(Math.IEEEremainder(turn, 2 * Math.PI)) - band) / 0.3;
        double stands = wide * (1 + 0.055 * Math.exp(-away * away) * smooth(0.05, 0.3, u));
        return new Vec(broad * stands * Math.sin(turn), y, middle + deep * stands * front);
    }

    /** The chin keeps the light off the throat, the head a little off the nape. */
    private static double light(Vec p) {
        double before = smooth(-40, 0, p.z());
        double throat = 0.62 + 0.3 * smooth(-70, -115, p.y());
        double nape = 0.78 + 0.14 * smooth(-45, -80, p.y());
        return mix(nape, throat, before);
    }
}
