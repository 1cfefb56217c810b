package graykite.rig.face;

import static graykite.rig.face.Ease.mix;
import static graykite.rig.face.Ease.smooth;

import graykite.picture.Colour;
import graykite.picture.Material;
import graykite.picture.Vec;
import graykite.rig.Part;
import java.util.SplittableRandom;
import java.util.function.Function;

/** What is worn: cap, hair, brows, ears, jersey and coat. */
final class Wardrobe {
    private static final Material CLOTH = new Material("cloth", 0.85f, 0.04f, 0.3f, 0f, true);
    private static final Material PATENT = new Material("patent leather", 0.22f, 0.5f, 0.1f, 0f, true);
    private static final Material BRASS = new Material("brass", 0.28f, 0.8f, 0.1f, 0f, false);
    private static final Material HAIR = new Material("hair", 0.42f, 0.28f, 0.35f, 0.1f, true);

    private Wardrobe() {}

    /** A closed ring of sections; each section is given by height and radius functions of the turn. */
    private interface Lathe {
        Vec at(double row, double turn);
    }

    /** A surface of revolution whose rows go upwards on its outside. */
    private static void lathe(MeshBuilder mesh, int rows, int columns, Lathe shape, Function<Vec, Colour> colour) {
        mesh.grid(rows, columns, true, (u, v) -> shape.at(u, 2 * Math.PI * v), colour);
    }

    /** As {@link #lathe}, for rows that go downwards on the outside. */
    private static void latheDown(MeshBuilder mesh, int rows, int columns, Lathe shape, Function<Vec, Colour> colour) {
        mesh.grid(rows, columns, true, (u, v) -> shape.at(u, -2 * Math.PI * v), colour);
    }

    /** A skipper's cap: soft white top, dark band with a cord, peak in front, a brass kite as badge. */
    static Part[] cap(int joint, double rimY, Colour top, Colour band, Colour cord) {
        MeshBuilder crown = new MeshBuilder("cap", CLOTH, joint);
        double tilt = -0.16;
        lathe(
                crown,
                26,
                48,
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
                    double x = 81 * grow * s * wave;
                    double z = -12 + 97 * grow * c * wave;
                    return new Vec(x, rimY + y + z * tilt * -1.0, z);
                },
                p -> {
                    double local = p.y() - rimY - p.z() * -tilt;
                    if (local < 24.5) {
                        double cordLine = smooth(1.6, 0.6, Math.abs(local - 4.5));
                        return band.mix(cord, p.z() > 20 ? cordLine : 0);
                    }
                    return top.times(1 - 0.22 * smooth(30, 24, local));
                });
        MeshBuilder peak = new MeshBuilder("cap peak", PATENT, joint);
        for (int side = 0; side < 2; side++) {
            double thick = side == 0 ? 0 : -3;
            int sign = side;
            int first = peak.size();
            int rows = 9;
            int columns = 30;
            for (int r = 0; r < rows; r++) {
                for (int c = 0; c < columns; c++) {
                    double u = r / (rows - 1.0);
                    double turn = mix(-1.08, 1.08, c / (columns - 1.0));
                    double out = 37 * u * Math.pow(Math.max(0, Math.cos(turn * 1.36)), 0.55);
                    double x = (81 + out * 0.45) * Math.sin(turn);
                    double z = -12 + (97 + out) * Math.cos(turn);
                    double droop = -15 * Math.pow(u, 1.25) - 9 * Math.pow(Math.abs(turn), 2.2) * u;
                    peak.add(
                            new Vec(x, rimY + 3 + z * -tilt + droop + thick * (0.4 + 0.6 * (1 - u)), z),
                            Colour.srgb(0x1E2229));
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
        MeshBuilder badge = new MeshBuilder("cap badge", BRASS, joint);
        double z = -12 + 97 * 1.02 + 1.5;
        double y = rimY + 14.5 + z * -tilt;
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
        return new Part[] {crown.build(), peak.build(), badge.build()};
    }

    /** Hair as a few strong carved locks, swept back from the temples to the nape. */
    static Part locks(int joint, Colour light, Colour dark, double topY, double bottomY, long seed) {
        MeshBuilder mesh = new MeshBuilder("hair", HAIR, joint);
        SplittableRandom random = new SplittableRandom(seed);
        for (int side = -1; side <= 1; side += 2) {
            int count = 12;
            for (int i = 0; i < count; i++) {
                double t = i / (count - 1.0);
                double turn = mix(1.02, 3.12, t);
                double jitter = random.nextDouble(-1, 1);
                double low = mix(bottomY + 10, bottomY - 12, smooth(0, 0.5, t)) + 3 * jitter;
                double wide = mix(13, 18, t);
                int s = side;
                double curl = mix(7, 12, t) + 2 * jitter;
                Colour tone = dark.mix(light, 0.45 + 0.4 * random.nextDouble());
                mesh.grid(
                        15,
                        8,
                        true,
                        (u, v) -> {
                            double y = mix(topY, low, u);
                            double away = 1 + 0.10 * Math.sin(Math.PI * Math.min(1, u * 1.15));
                            double tuck = 1 - 0.20 * smooth(0.55, 1, u);
                            double swirl =
                                    turn + (0.55 * smooth(0.1, 0.9, u) + 0.10 * Math.sin(u * 5 + t * 9)) * (1 - t);
                            double under = mix(0.93, 1, smooth(0, 0.3, u));
                            double rx = (79 * away * tuck + 3) * under;
                            double rz = 95 * away * tuck * under;
                            double cx = s * rx * Math.sin(swirl);
                            double cz = -12 + rz * Math.cos(swirl);
                            double radius =
                                    wide * Math.pow(Math.max(0.0001, Math.sin(Math.PI * mix(0.30, 0.998, u))), 0.6);
                            double a = s * 2 * Math.PI * v;
                            double nx = s * Math.sin(swirl);
                            double nz = Math.cos(swirl);
                            double along = radius * Math.cos(a);
                            double out = radius * 0.62 * Math.sin(a);
                            double ridge = 0.9 * Math.sin(a * 3 + t * 14);
                            return new Vec(
                                    cx + nx * (out + ridge) + s * nz * along,
                                    y - curl * smooth(0.7, 1, u) * 0.3,
                                    cz + nz * (out + ridge) - s * nx * along);
                        },
                        p -> tone.times(0.72 + 0.28 * smooth(bottomY - 25, topY, p.y())));
            }
        }
        return mesh.build();
    }

    /** A brow as a carved bar that follows the skin: thick inside, thin outside. */
    static Part brow(
            FacePlan plan, Actions actions, boolean left, int joint, Colour colour, double thick, double arch) {
        MeshBuilder mesh = new MeshBuilder(left ? "left brow" : "right brow", HAIR, joint);
        Vec b = plan.brow();
        int sign = left ? 1 : -1;
        int rows = 24;
        int columns = 9;
        mesh.grid(
                rows,
                columns,
                true,
                (u, v) -> {
                    double x = sign * mix(b.x() - 19, b.x() + 18, u);
                    double y = b.y()
                            + arch * Math.sin(Math.PI * Math.pow(u, 1.15))
                            - 2.5 * smooth(0.6, 1, u)
                            - 1.5 * (1 - u);
                    double width = thick * Math.pow(Math.sin(Math.PI * mix(0.03, 0.985, u)), 0.55) * mix(1, 0.55, u);
                    double turn = sign * 2 * Math.PI * v;
                    double tuft = 1 + 0.10 * Math.sin(u * 70 + Math.cos(turn) * 2.5);
                    double along = width * Math.cos(turn) * tuft;
                    double out = Math.max(-1.2, 0.62 * width * Math.sin(turn) * tuft);
                    Vec base = plan.surface(
                            new Vec(x, y + along, b.z()).minus(plan.centre()).unit());
                    return base.plus(plan.normal(base).times(out + 0.3));
                },
                p -> colour.times(0.9 + 0.2 * Math.sin(p.x() * 2.3 + p.y() * 1.1)));
        actions.moves().forEach((name, move) -> {
            if (actions.channels().get(name).group() != graykite.rig.Channel.Group.LIPS) {
                mesh.target(name, i -> move.at(Actions.Spot.upperFace(mesh.point(i))));
            }
        });
        return mesh.build();
    }

    /** An ear: a shell with a rolled rim and a hollow. */
    static Part ear(boolean left, int joint, Material skin, Colour tone, Vec at, double tall) {
        MeshBuilder mesh = new MeshBuilder(left ? "left ear" : "right ear", skin, joint);
        int sign = left ? 1 : -1;
        mesh.grid(
                14,
                26,
                true,
                (u, v) -> {
                    double turn = sign * -2 * Math.PI * v;
                    double r = u < 0.5 ? u / 0.5 : 1 - 0.25 * (u - 0.5) / 0.5;
                    double lobe = 1 - 0.22 * Math.max(0, -Math.sin(turn));
                    double y = tall * 0.5 * r * Math.sin(turn);
                    double z = tall * 0.31 * r * Math.cos(turn) * lobe - y * 0.18;
                    double rimUp = u < 0.5
                            ? 3.8 * smooth(0.55, 0.95, r) * smooth(-0.9, 0.3, -Math.cos(turn))
                                    - 3.4 * smooth(0.75, 0.1, r)
                            : -6 * (u - 0.5) / 0.5 + 3.0;
                    double out = 8 + rimUp + 0.30 * -z;
                    return at.plus(new Vec(0, y, z)).plus(new Vec(out, 0, 0));
                },
                p -> tone);
        if (!left) {
            MeshBuilder mirror = new MeshBuilder("right ear", skin, joint);
            Part built = mesh.build();
            for (int i = 0; i < mesh.size(); i++) {
                Vec p = mesh.point(i);
                mirror.add(new Vec(-p.x(), p.y(), p.z()), tone);
            }
            int[] t = built.triangles();
            for (int i = 0; i < t.length; i += 3) {
                mirror.triangle(t[i], t[i + 1], t[i + 2]);
            }
            return mirror.build();
        }
        return mesh.build();
    }

    /** The neck between head and collar. */
    static Part neck(int joint, Material skin, Colour tone) {
        MeshBuilder mesh = new MeshBuilder("neck", skin, joint);
        latheDown(
                mesh,
                10,
                40,
                (u, turn) -> {
                    double waist = 1 - 0.10 * Math.sin(Math.PI * u);
                    return new Vec(43 * waist * Math.sin(turn), mix(-76, -140, u), -22 + 43 * waist * Math.cos(turn));
                },
                // The chin keeps the light off its upper part.
                p -> tone.times(0.62 + 0.3 * smooth(-70, -115, p.y())));
        return mesh.build();
    }

    /** Roll-neck jersey and coat with a standing collar. They stay while the head turns. */
    static Part[] clothes(int joint, Colour jersey, Colour coat, Colour button) {
        MeshBuilder knit = new MeshBuilder("jersey", CLOTH, joint);
        latheDown(
                knit,
                36,
                60,
                (u, turn) -> {
                    double s = Math.sin(turn);
                    double c = Math.cos(turn);
                    double rib = 1 + 0.012 * Math.cos(turn * 30);
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
                        r = mix(54, 60, Math.pow(t, 1.2));
                    }
                    return new Vec(r * rib * s, y + 7 * -c, -16 + r * 0.93 * rib * c);
                },
                p -> jersey.times(0.55 + 0.45 * smooth(46, 60, Math.hypot(p.x(), (p.z() + 16) / 0.93))));
        MeshBuilder wool = new MeshBuilder("coat", CLOTH, joint);
        latheDown(
                wool,
                22,
                48,
                (u, turn) -> {
                    double s = Math.sin(turn);
                    double c = Math.cos(turn);
                    double openFront = smooth(0.55, 0.98, c);
                    double y;
                    double rx;
                    double rz;
                    if (u < 0.2) {
                        double t = u / 0.2;
                        y = mix(-146, -116 + 4 * -c, t) - 34 * openFront * t;
                        rx = mix(66, 70, t);
                        rz = mix(60, 66, t);
                    } else if (u < 0.45) {
                        double t = (u - 0.2) / 0.25;
                        double topY = -116 + 4 * -c - 34 * openFront;
                        y = mix(topY, -150 - 6 * openFront, smooth(0, 1, t)) + 4 * Math.sin(t * Math.PI);
                        rx = 70 + 16 * Math.sin(t * Math.PI / 2);
                        rz = 66 + 13 * Math.sin(t * Math.PI / 2);
                    } else {
                        double t = (u - 0.45) / 0.55;
                        double shoulder = Math.pow(Math.sin(t * Math.PI / 2), 0.9);
                        rx = mix(76, 182, shoulder);
                        rz = mix(70, 98, shoulder);
                        y = -153
                                - 34 * Math.pow(t, 1.5) * (0.6 + 0.9 * Math.abs(s))
                                - 130 * Math.pow(t, 5)
                                - 10 * openFront;
                    }
                    return new Vec(rx * s, y, -20 + rz * c);
                },
                p -> coat);
        MeshBuilder buttons = new MeshBuilder("coat buttons", BRASS, joint);
        for (int side = -1; side <= 1; side += 2) {
            double bx = side * 27;
            Vec at = new Vec(bx, -178, 66);
            buttons.grid(
                    8,
                    20,
                    true,
                    (u, v) -> {
                        double polar = u * Math.PI / 2 * 1.1;
                        double turn = 2 * Math.PI * v;
                        return at.plus(new Vec(
                                8 * Math.sin(polar) * Math.cos(turn),
                                -8 * Math.sin(polar) * Math.sin(turn),
                                5 * Math.cos(polar)));
                    },
                    p -> button);
        }
        return new Part[] {knit.build(), wool.build(), buttons.build()};
    }
}
