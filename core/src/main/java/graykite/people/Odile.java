package graykite.people;

import static graykite.people.face.Ease.mix;
import static graykite.people.face.Ease.smooth;

import graykite.geometry.Vec;
import graykite.people.face.FacePlan;
import graykite.people.face.Field;
import graykite.people.face.Figure;
import graykite.people.face.Hair;
import graykite.people.face.Person;
import graykite.people.face.SkinTone;
import graykite.picture.Colour;
import graykite.rig.Character;
import graykite.rig.Part;
import java.util.ArrayList;
import java.util.List;

/** Odile Marsh, captain of the night ferry at Saltmere: sixty, warm and dry. Made by code, always the same. */
public final class Odile {
    private static final Colour BASE = Colour.srgb(0xD3A083);
    private static final Colour FLUSH = Colour.srgb(0xC5735F);
    private static final Colour COOL = Colour.srgb(0xBF9583);
    private static final Colour LIPS = Colour.srgb(0xAA6257);
    private static final Colour CAVITY = Colour.srgb(0x4A1C1C);
    private static final Colour LASH = Colour.srgb(0x3A2A26);
    private static final Colour SILVER = Colour.srgb(0xC9CBCC);
    private static final Colour STEEL = Colour.srgb(0x80868C);

    private Odile() {}

    /** Builds her; takes about a second. */
    public static Character build() {
        FacePlan plan = plan();
        return Figure.of(new Person(
                "Odile Marsh",
                plan,
                new Person.Tones(BASE, FLUSH, COOL, LIPS, CAVITY),
                (colour, p) -> colour.mix(FLUSH.times(0.62), 0.42 * lines(Math.abs(p.x()), p.y(), p.z())),
                new Person.Eyes(Colour.srgb(0x5E86A0), BASE.mix(FLUSH, 0.28).times(0.92), LASH, 17, -17, 2.6),
                new Person.Brows(STEEL.times(0.78), 3.7, 6.0),
                new Person.Ears(new Vec(65, -13, 0), 48, 18),
                (head, body) -> wear(plan, head, body)));
    }

    private static List<Part> wear(FacePlan plan, int head, int body) {
        List<Part> worn = new ArrayList<>();
        worn.add(hair(plan, head));
        worn.add(Hair.bun(head, new Vec(0, -34, -93), 25, SILVER, STEEL));
        worn.addAll(List.of(
                SkipperWardrobe.cap(head, 50, Colour.srgb(0xEDEAE2), Colour.srgb(0x27313F), Colour.srgb(0xC9A24E))));
        worn.addAll(List.of(
                SkipperWardrobe.clothes(body, Colour.srgb(0xD9CDB4), Colour.srgb(0x27344A), Colour.srgb(0xC9A24E))));
        return worn;
    }

    /** Combed back from the temples over the tops of the ears into a knot at the nape. */
    private static Part hair(FacePlan plan, int head) {
        return Hair.shell(
                plan,
                head,
                turn -> 62,
                turn -> {
                    double a = Math.abs(turn);
                    double temple = mix(52, -6, smooth(0.82, 1.15, a));
                    double ear = mix(temple, -8, smooth(1.15, 1.75, a));
                    return mix(ear, -62, smooth(1.62, 2.2, a));
                },
                (down, turn) -> {
                    double a = Math.abs(turn);
                    double flow = 13 * a + 7.5 * down * (1 - smooth(1.2, 3.0, a)) + 1.1 * Math.sin(5 * down + 3 * a);
                    // Locks of unlike breadth, each combed into strands.
                    double strand = Math.pow(Math.abs(Math.sin(flow + 0.5 * Math.sin(0.6 * flow))), 0.7);
                    double fine = 0.3 * Math.sin(flow * 2.7 + 1);
                    double full = 7.5 + 4 * Math.sin(Math.PI * Math.min(1, down * 0.9)) * smooth(0.9, 1.4, a);
                    // In front the cap sits on the bare forehead.
                    return mix(-5, full + 2.3 * (strand - 0.6) + fine, smooth(0.78, 0.98, a));
                },
                SILVER,
                STEEL.times(0.8),
                19,
                140);
    }

    /** The masses of her head: a soft jaw, high cheekbones, full cheeks, a straight nose. */
    private static FacePlan plan() {
        Field form = Field.ellipsoid(0, 38, -16, 75, 72, 90)
                .with(Field.ellipsoid(0, -20, 22, 63, 82, 62), 34)
                .with(Field.ellipsoid(0, -70, 22, 45, 34, 49), 32)
                .with(Field.ellipsoid(0, -95, 66, 15, 12, 15), 28)
                .with(Field.ellipsoid(38, -60, 10, 17, 20, 25).mirrored(), 32)
                .with(Field.ellipsoid(43, -19, 54, 21, 16, 20).mirrored(), 30)
                .with(Field.ellipsoid(33, -43, 62, 24, 23, 21).mirrored(), 28)
                .with(Field.ellipsoid(0, -64, 66, 34, 27, 27), 24)
                .with(Field.rod(9, 28, 79, 6.5, 42, 27, 63, 6).mirrored(), 20)
                .without(Field.ellipsoid(33, 6.5, 86, 21.5, 13.5, 14).mirrored(), 14)
                .without(Field.sphere(92, 18, 62, 26).mirrored(), 26)
                .with(Field.rod(0, 16, 79, 5.2, 0, -18, 96, 6.6), 20)
                .with(Field.ellipsoid(0, -26, 99, 9.4, 8.8, 11), 11)
                .with(Field.ellipsoid(10.6, -30, 90, 6.4, 6.2, 9.5).mirrored(), 12)
                .without(Field.ellipsoid(5.8, -39.5, 95, 3.1, 3.0, 5).mirrored(), 3)
                .without(Field.rod(26, -44, 92, 1.2, 34, -64, 85, 1.0).mirrored(), 16)
                .without(Field.rod(0, -45, 92.5, 1.8, 0, -53, 92, 2.2), 7)
                .without(Field.rod(-8, -87, 88, 1.6, 8, -87, 88, 1.6), 12);
        return new FacePlan(
                form,
                new Vec(0, -22, 4),
                new Vec(0, -65, 93),
                25.5,
                8.6,
                10.2,
                2.8,
                3.5,
                new Vec(32.5, 3, 63.5),
                16.0,
                new Vec(32, 27, 73.5),
                new Vec(0, -24, 2),
                new Vec(36, -36, 74),
                new Vec(0, -27, 109),
                37);
    }

    /** The lines of sixty years at sea: beside the mouth, under and beside the eyes, on the forehead; 0 to 1. */
    private static double lines(double x, double y, double z) {
        if (z < 20) {
            return 0;
        }
        double fold = SkinTone.stroke(x, y, 17, -33, 30, -50, 2.0) + SkinTone.stroke(x, y, 30, -50, 34, -66, 2.0);
        double bag =
                0.55 * (SkinTone.stroke(x, y, 20, -13, 31, -17, 1.9) + SkinTone.stroke(x, y, 31, -17, 45, -12, 1.9));
        double crow = SkinTone.stroke(x, y, 52, 6, 61, 11, 1.5)
                + SkinTone.stroke(x, y, 52, 1, 62, 1, 1.5)
                + SkinTone.stroke(x, y, 51, -4, 60, -9, 1.5);
        double forehead = SkinTone.stroke(x, y, 0, 40, 30, 42, 1.8) + SkinTone.stroke(x, y, 0, 48, 26, 50, 1.8);
        return Math.min(1, fold + 0.7 * bag + 0.8 * crow + 0.6 * forehead);
    }
}
