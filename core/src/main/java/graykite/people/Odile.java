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
                new Person.Eyes(Colour.srgb(0x5E86A0), BASE.mix(FLUSH, 0.28).times(0.92), LASH, 19, -19),
                new Person.Brows(STEEL.times(0.8), 5.2, 4.2),
                new Person.Ears(new Vec(68, -14, 2), 54, 24),
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
                    double flow =
                            10 * a + 4.2 * down * (1 - smooth(1.2, 3.0, a)) * 2.2 + 0.6 * Math.sin(5 * down + 3 * a);
                    double strand = Math.pow(Math.abs(Math.sin(flow)), 0.6);
                    double fine = 0.35 * Math.sin(flow * 3.1 + 1);
                    double full = 7.5 + 4 * Math.sin(Math.PI * Math.min(1, down * 0.9)) * smooth(0.9, 1.4, a);
                    // In front the cap sits on the bare forehead.
                    return mix(-5, full + 2.6 * (strand - 0.6) + fine, smooth(0.78, 0.98, a));
                },
                SILVER,
                STEEL.times(0.8),
                24,
                132);
    }

    /** The masses of her head: long, firm jaw, high cheekbones, a strong straight nose. */
    private static FacePlan plan() {
        Field form = Field.ellipsoid(0, 38, -16, 75, 72, 90)
                .with(Field.ellipsoid(0, -22, 22, 65, 84, 63), 34)
                .with(Field.ellipsoid(0, -72, 22, 50, 36, 50), 30)
                .with(Field.ellipsoid(0, -97, 64, 24, 14, 17), 26)
                .with(Field.ellipsoid(43, -66, 12, 18, 22, 27).mirrored(), 28)
                .with(Field.ellipsoid(43, -20, 54, 21, 16, 20).mirrored(), 30)
                .with(Field.ellipsoid(31, -45, 62, 22, 22, 20).mirrored(), 26)
                .with(Field.ellipsoid(0, -64, 66, 34, 27, 27), 24)
                .with(Field.rod(9, 27, 80, 8.5, 42, 27, 64, 8).mirrored(), 16)
                .without(Field.ellipsoid(33, 4, 86, 21, 14.5, 14).mirrored(), 14)
                .without(Field.sphere(92, 18, 62, 26).mirrored(), 24)
                .with(Field.rod(0, 18, 79, 6.5, 0, -20, 97, 8), 20)
                .with(Field.ellipsoid(0, -27, 100, 10.5, 10, 12), 11)
                .with(Field.ellipsoid(11.5, -31, 90, 7.2, 7, 10).mirrored(), 13)
                .without(Field.ellipsoid(6.2, -41.5, 95, 3.4, 3.4, 5).mirrored(), 3)
                .without(Field.rod(25, -42, 92, 1.6, 35, -66, 85, 1.2).mirrored(), 16)
                .without(Field.rod(0, -46, 92.5, 2.0, 0, -54, 92, 2.2), 7)
                .without(Field.rod(-9, -88, 88, 2, 9, -88, 88, 2), 12);
        return new FacePlan(
                form,
                new Vec(0, -22, 4),
                new Vec(0, -65, 93),
                25.5,
                8.2,
                9.4,
                2.5,
                3.1,
                new Vec(32.5, 3, 63.5),
                15.5,
                new Vec(32, 26, 74),
                new Vec(0, -24, 2),
                new Vec(36, -36, 74),
                new Vec(0, -28, 110),
                43);
    }

    /** The lines of sixty years at sea: beside the mouth, under and beside the eyes, on the forehead; 0 to 1. */
    private static double lines(double x, double y, double z) {
        if (z < 20) {
            return 0;
        }
        double fold = SkinTone.stroke(x, y, 17, -33, 30, -50, 2.0) + SkinTone.stroke(x, y, 30, -50, 34, -66, 2.0);
        double bag = SkinTone.stroke(x, y, 20, -13, 31, -17, 1.9) + SkinTone.stroke(x, y, 31, -17, 45, -12, 1.9);
        double crow = SkinTone.stroke(x, y, 52, 6, 61, 11, 1.5)
                + SkinTone.stroke(x, y, 52, 1, 62, 1, 1.5)
                + SkinTone.stroke(x, y, 51, -4, 60, -9, 1.5);
        double forehead = SkinTone.stroke(x, y, 0, 40, 30, 42, 1.8) + SkinTone.stroke(x, y, 0, 48, 26, 50, 1.8);
        return Math.min(1, fold + 0.7 * bag + 0.8 * crow + 0.6 * forehead);
    }
}
