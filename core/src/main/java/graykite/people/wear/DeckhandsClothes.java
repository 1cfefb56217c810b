package graykite.people.wear;

import static graykite.geometry.Ease.mix;
import static graykite.geometry.Ease.smooth;

import graykite.geometry.Vec;
import graykite.people.face.Carving;
import graykite.people.face.FacePlan;
import graykite.people.face.MeshBuilder;
import graykite.picture.Colour;
import graykite.rig.Part;
import java.util.SplittableRandom;

/** A knitted cap, curls under its front and a striped jersey. */
final class DeckhandsClothes {
    /** How far the cap is pushed back: its rim rises by so much a millimetre towards the front. */
    private static final double TILT = 0.27;

    /** Share of the cap's rows that line its inside. */
    private static final double LINING = 0.12;

    private DeckhandsClothes() {}

    private static double rim(double rimY, double z) {
        return rimY + TILT * z;
    }

    /** A knitted cap with a turned-up rim, pushed back from the forehead. */
    static Part cap(int joint, double rimY, Colour wool, Colour rimWool) {
        MeshBuilder mesh = new MeshBuilder("knitted cap", Carving.CLOTH, joint);
        Carving.lathe(
                mesh,
                26,
                110,
                (row, turn) -> {
                    double y;
                    double grow;
                    double u = Math.max(0, (row - LINING) / (1 - LINING));
                    if (row < LINING) {
                        // Its inside, down to the rim: from below one looks into the cap, not through it.
                        double t = row / LINING;
                        y = mix(34, -0.8, t);
                        grow = mix(0.4, 1, Math.sqrt(t));
                    } else if (u < 0.42) {
                        // The rim is a thick roll: inside, under, outside and over.
                        double t = u / 0.42;
                        double a = mix(-0.62 * Math.PI, 0.80 * Math.PI, t);
                        y = 15 + 17 * Math.sin(a);
                        grow = 1.0 + 0.082 * Math.pow(Math.max(0, Math.cos(a * 0.62)), 0.6);
                    } else {
                        double t = (u - 0.42) / 0.58;
                        y = 25 + 48 * Math.sin(t * Math.PI / 2);
                        grow = 1.015 * Math.pow(Math.cos(t * Math.PI / 2 * 0.999), 0.72);
                    }
                    double rib = 1 + (u < 0.42 ? 0.011 : 0.009) * Math.pow(Math.cos(turn * 22), 2) * smooth(1, 0.9, u);
                    double x = 79 * grow * rib * Math.sin(turn);
                    double z = -15 + 95 * grow * rib * Math.cos(turn);
                    // The top slumps backwards.
                    double slump = smooth(0.5, 1, u);
                    return new Vec(x, rim(rimY, z) + y, z - 16 * slump);
                },
                p -> {
                    double up = p.y() - rim(rimY, p.z());
                    double turn = Math.atan2(p.x() / 79, (p.z() + 15) / 95);
                    double valley = 0.72 + 0.28 * Math.pow(Math.cos(turn * 22), 2);
                    Colour colour = rimWool.mix(wool, smooth(30, 36, up));
                    return colour.times(valley * (0.82 + 0.18 * smooth(-3, 20, up)));
                });
        // A stub on top, where the stitches were drawn together.
        Vec top = new Vec(0, rim(rimY, -31) + 71, -33);
        mesh.grid(
                8,
                14,
                true,
                (u, v) -> {
                    double polar = Math.PI * mix(0.02, 0.98, u);
                    double turn = 2 * Math.PI * v;
                    double r = 7.5 * (1 + 0.08 * Math.sin(turn * 5));
                    return top.plus(new Vec(
                            r * Math.sin(polar) * Math.sin(turn),
                            -6 * Math.cos(polar),
                            r * Math.sin(polar) * Math.cos(turn)));
                },
                p -> rimWool.times(0.9));
        return mesh.build();
    }

    /** Curls that spill out under the front of the cap. */
    static Part fringe(FacePlan plan, int joint, double rimY, Colour dark, Colour light, long seed) {
        MeshBuilder mesh = new MeshBuilder("fringe", Carving.HAIR, joint);
        SplittableRandom random = new SplittableRandom(seed);
        int count = 40;
        for (int i = 0; i < count; i++) {
            double turn = 2 * Math.PI * i / count + random.nextDouble(-0.05, 0.05);
            double front = Math.cos(turn);
            if (front < 0.1) {
                continue;
            }
            double z = -12 + 97 * front;
            double y = rim(rimY, z) + random.nextDouble(-4, 3) - 5 * smooth(0.75, 0.35, front) * smooth(0, 0.35, front);
            Vec aim = new Vec(81 * Math.sin(turn), y, z);
            Vec skin = plan.surface(aim.minus(plan.centre()).unit());
            Vec out = plan.normal(skin);
            double radius = random.nextDouble(6.5, 10.5);
            curl(mesh, skin.plus(out.times(3.0)), out, radius, dark.mix(light, random.nextDouble(0.1, 0.8)), random);
        }
        return mesh.build();
    }

    /** A ringlet: a lock wound inward one and a half times, its end standing out in the middle. */
    private static void curl(MeshBuilder mesh, Vec at, Vec out, double radius, Colour tone, SplittableRandom random) {
        Vec right = new Vec(0, 1, 0).cross(out).unit();
        Vec up = out.cross(right);
        double start = random.nextDouble(0, 6.28);
        double hand = random.nextBoolean() ? 1 : -1;
        mesh.grid(
                24,
                6,
                true,
                (u, v) -> {
                    double wound = start + hand * 3 * Math.PI * u;
                    Vec radial = right.times(Math.cos(wound)).plus(up.times(Math.sin(wound)));
                    double away = radius * (0.7 - 0.62 * u);
                    // Its ends are round; the outer one lies deep among the others.
                    double end = Math.sqrt(Math.max(0, 1 - Math.pow(2 * u - 1, 8)));
                    // Where it is thicker than its winding it would turn inside out.
                    double thick = Math.max(0.02, Math.min(away, 0.4 * radius * mix(1, 0.8, u) * end));
                    double over = radius * mix(-0.15, 0.42, smooth(0, 0.9, u));
                    double turn = -hand * 2 * Math.PI * v;
                    return at.plus(radial.times(away + thick * Math.cos(turn)))
                            .plus(out.times(over + thick * Math.sin(turn)));
                },
                p -> tone.times(0.5
                        + 0.5 * smooth(-radius * 0.3, radius * 0.75, p.minus(at).dot(out))));
        // A bottom in its middle, or one would look through it.
        mesh.grid(
                2,
                6,
                true,
                (u, v) -> at.plus(right.times(0.4 * radius * (1 - u) * Math.cos(2 * Math.PI * v)))
                        .plus(up.times(0.4 * radius * (1 - u) * Math.sin(2 * Math.PI * v)))
                        .plus(out.times(0.15 * radius * u)),
                p -> tone.times(0.45));
    }

    /** A striped jersey with a round neck. */
    static Part jersey(int joint, Colour light, Colour stripe) {
        MeshBuilder mesh = new MeshBuilder("jersey", Carving.CLOTH, joint);
        Carving.latheDown(
                mesh,
                38,
                64,
                (u, turn) -> {
                    double s = Math.sin(turn);
                    double c = Math.cos(turn);
                    double y;
                    double r;
                    if (u < 0.28) {
                        double a = mix(-0.5 * Math.PI, 0.75 * Math.PI, u / 0.28);
                        y = -128 + 6 * Math.sin(a);
                        r = 48 + 7 * Math.cos(a);
                    } else {
                        double t = (u - 0.28) / 0.72;
                        y = mix(-126, -190, Math.pow(t, 1.15));
                        r = mix(51, 87, Math.pow(t, 0.75));
                    }
                    return new Vec(r * 1.08 * s, y - 9 * c + 4, -18 + r * 0.9 * c);
                },
                p -> {
                    double level = p.y() + 9 * Math.cos(Math.atan2(p.x(), p.z() + 18));
                    double band = smooth(-0.35, -0.15, Math.sin(2 * Math.PI * level / 17));
                    return stripe.mix(light, band).mix(stripe.times(0.9), smooth(-131, -128, level));
                });
        return mesh.build();
    }
}
