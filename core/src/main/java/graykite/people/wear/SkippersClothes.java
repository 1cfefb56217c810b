package graykite.people.wear;

import static graykite.geometry.Ease.mix;
import static graykite.geometry.Ease.smooth;

import graykite.geometry.Vec;
import graykite.people.face.Carving;
import graykite.people.face.MeshBuilder;
import graykite.picture.Colour;
import graykite.rig.Part;

/** A skipper's cap and jersey. */
final class SkippersClothes {
    /** The oval of a cap's band on a head of the usual size: millimetres to the sides and to the front, and where its middle lies. */
    private static final double SIDE = 81;

    private static final double FRONT = 97;
    private static final double MIDDLE = -12;
    /** Height of its rim beside the middle of the head, and how much it rises for each millimetre forward. */
    private static final double RIM = 50;

    private static final double RISE = 0.16;

    private SkippersClothes() {}

    /** Height of the rim of a cap, by its turn from the middle of the front. */
    static double rim(double turn) {
        return rimAt(MIDDLE + FRONT * Math.cos(turn));
    }

    private static double rimAt(double z) {
        return RIM + RISE * z;
    }

    /** A skipper's cap: soft white top, dark band with a cord, peak in front, a brass kite as badge. */
    static Part[] cap(int joint, Colour top, Colour band, Colour cord) {
        MeshBuilder crown = new MeshBuilder("cap", Carving.CLOTH, joint);
        Carving.lathe(
                crown,
                24,
                40,
                (u, turn) -> {
                    double s = Math.sin(turn);
                    double c = Math.cos(turn);
                    // Profile from the rim up: band, then a soft top that overhangs and closes.
                    double y;
                    double grow;
                    if (u < 0.30) {
                        double t = u / 0.30;
                        y = mix(0, 24, t);
                        grow = 1 + 0.03 * t;
                    } else if (u < 0.66) {
                        double t = (u - 0.30) / 0.36;
                        y = 24 + 29 * Math.sin(t * Math.PI / 2);
                        grow = 1.03 + 0.17 * Math.sin(t * Math.PI * 0.62);
                    } else {
                        double t = (u - 0.66) / 0.34;
                        y = 53 + 18 * Math.sin(t * Math.PI / 2);
                        grow = 1.188 * Math.cos(t * Math.PI / 2 * 0.999);
                    }
                    double wave = u > 0.34 ? 1 + 0.012 * Math.sin(turn * 5 + 1) * smooth(0.34, 0.6, u) : 1;
                    double x = SIDE * grow * s * wave;
                    double z = MIDDLE + FRONT * grow * c * wave;
                    return new Vec(x, rimAt(z) + y, z);
                },
                p -> {
                    double local = p.y() - rimAt(p.z());
                    return local < 24.5 ? band : top.times(1 - 0.22 * smooth(30, 24, local));
                });
        MeshBuilder peak = new MeshBuilder("cap peak", Carving.PATENT, joint);
        for (int side = 0; side < 2; side++) {
            double thick = side == 0 ? 0 : -3;
            int sign = side;
            int first = peak.size();
            int rows = 7;
            int columns = 26;
            for (int r = 0; r < rows; r++) {
                for (int c = 0; c < columns; c++) {
                    double u = r / (rows - 1.0);
                    double turn = mix(-1.08, 1.08, c / (columns - 1.0));
                    // At its ends it runs out into the band.
                    double broad = Math.pow(Math.max(0, Math.cos(turn * 1.4544)), 0.55);
                    double out = 37 * u * broad;
                    double x = (SIDE + out * 0.45) * Math.sin(turn);
                    double z = MIDDLE + (FRONT + out) * Math.cos(turn);
                    double droop = (-15 * Math.pow(u, 1.25) - 9 * Math.pow(Math.abs(turn), 2.2) * u) * broad;
                    // Both faces meet at the ends, or their edges would stand out of the band.
                    double below = thick * (0.4 + 0.6 * (1 - u)) * Math.min(1, 1.6 * broad);
                    peak.add(new Vec(x, rimAt(z) + 3 + droop + below, z), Colour.srgb(0x1E2229));
                }
            }
            for (int r = 0; r + 1 < rows; r++) {
                for (int c = 0; c + 1 < columns; c++) {
                    int a = first + r * columns + c;
                    if (sign == 0) {
                        peak.quad(a, a + columns, a + columns + 1, a + 1);
                    } else {
                        peak.quad(a, a + 1, a + columns + 1, a + columns);
                    }
                }
            }
        }
        MeshBuilder badge = new MeshBuilder("cap badge", Carving.BRASS, joint);
        double z = MIDDLE + FRONT * 1.02 + 1.5;
        double y = rimAt(z) + 14.5;
        Colour brass = Colour.srgb(0xD2A24C);
        int mid = badge.add(new Vec(0, y + 1, z + 4.5), brass);
        int[] corner = {
            badge.add(new Vec(0, y + 12, z + 0.5), brass),
            badge.add(new Vec(-7.5, y + 2.5, z - 0.6), brass),
            badge.add(new Vec(0, y - 11, z + 0.5), brass),
            badge.add(new Vec(7.5, y + 2.5, z - 0.6), brass)
        };
        for (int i = 0; i < 4; i++) {
            // Facets keep their edges: each has vertices of its own.
            Vec a = badge.point(corner[i]);
            Vec b = badge.point(corner[(i + 1) % 4]);
            badge.triangle(badge.add(badge.point(mid), brass), badge.add(a, brass), badge.add(b, brass));
        }
        return new Part[] {crown.build(), peak.build(), badge.build(), cord(joint, cord)};
    }

    /** A twisted cord over the peak, held by a button at either end. */
    private static Part cord(int joint, Colour colour) {
        MeshBuilder mesh = new MeshBuilder("cap cord", Carving.BRASS, joint);
        double end = 1.14;
        mesh.grid(
                2 * 36 + 1,
                7,
                true,
                (u, v) -> {
                    double round = 2 * Math.PI * v;
                    // Every second ring is drawn in: strands show.
                    double thick = 1.25 + 0.2 * Math.cos(2 * Math.PI * 36 * u);
                    return onBand(mix(end, -end, u), 1.1 + thick * Math.cos(round), 5.4 + thick * Math.sin(round));
                },
                p -> colour);
        for (int side = -1; side <= 1; side += 2) {
            Vec at = onBand(side * end, 1.2, 5.4);
            Carving.ball(mesh, 7, 12, at, new Vec(2.9, 2.9, 2.9), colour);
        }
        return mesh.build();
    }

    /** A place on the band: so far out of it and above its rim, by its turn from the middle of the front. */
    private static Vec onBand(double turn, double out, double up) {
        double z = MIDDLE + (FRONT + 0.5 + out) * Math.cos(turn);
        return new Vec((SIDE + 0.5 + out) * Math.sin(turn), rimAt(z) + up, z);
    }

    /** A roll-neck jersey, knitted two and two. */
    static Part jersey(int joint, Colour jersey) {
        MeshBuilder knit = new MeshBuilder("jersey", Carving.CLOTH, joint);
        Carving.latheDown(
                knit,
                14,
                120,
                (row, turn) -> {
                    // Below the fold of the collar there is little to show.
                    double u = row < 0.7 ? row / 1.4 : mix(0.5, 1, (row - 0.7) / 0.3);
                    double s = Math.sin(turn);
                    double c = Math.cos(turn);
                    // Two columns a rib on either side: knitted two and two.
                    double rib = 1 + 0.016 * Math.cos(turn * 30) * smooth(0.02, 0.12, u);
                    double y;
                    double r;
                    if (u < 0.25) {
                        double t = u / 0.25;
                        y = mix(-112, -101, t);
                        r = mix(46, 53, smooth(0, 1, t));
                    } else if (u < 0.5) {
                        double t = (u - 0.25) / 0.25;
                        y = mix(-101, -128, t);
                        r = 53 + 9 * Math.sin(t * Math.PI) + 3 * t;
                    } else {
                        double t = (u - 0.5) / 0.5;
                        y = mix(-128, -190, t);
                        r = mix(56, 70, Math.pow(t, 0.8));
                    }
                    return new Vec(r * rib * s, y + 7 * -c, -16 + r * 0.93 * rib * c);
                },
                p -> {
                    double turn = Math.atan2(p.x(), (p.z() + 16) / 0.93);
                    double rib = 0.8 + 0.2 * smooth(-0.9, 0.7, Math.cos(turn * 30));
                    return jersey.times(rib * (0.55 + 0.45 * smooth(46, 60, Math.hypot(p.x(), (p.z() + 16) / 0.93))));
                });
        return knit.build();
    }
}
