package graykite.people;

import static graykite.people.face.Ease.bell;
import static graykite.people.face.Ease.mix;
import static graykite.people.face.Ease.smooth;

import graykite.geometry.Vec;
import graykite.people.face.FacePlan;
import graykite.people.face.Field;
import graykite.people.face.Figure;
import graykite.people.face.Hair;
import graykite.people.face.Person;
import graykite.picture.Colour;
import graykite.rig.Character;
import graykite.rig.Part;
import java.util.ArrayList;
import java.util.List;

/** Pim Tarrant, deckhand of the night ferry: nineteen, lanky, always late. Made by code, always the same. */
public final class Pim {
    private static final Colour BASE = Colour.srgb(0x8F5B3E);
    private static final Colour FLUSH = Colour.srgb(0x9A4A3A);
    private static final Colour COOL = Colour.srgb(0x7B5140);
    private static final Colour LIPS = Colour.srgb(0x8E4A45);
    private static final Colour CAVITY = Colour.srgb(0x3A1416);
    private static final Colour LASH = Colour.srgb(0x1E1513);
    private static final Colour RAVEN = Colour.srgb(0x1F1A1A);
    private static final Colour BROWN = Colour.srgb(0x4A362C);

    private Pim() {}

    /** Builds him; takes about a second. */
    public static Character build() {
        FacePlan plan = plan();
        return Figure.of(new Person(
                "Pim Tarrant",
                plan,
                new Person.Tones(BASE, FLUSH, COOL, LIPS, CAVITY),
                Pim::freckles,
                new Person.Eyes(Colour.srgb(0x7A5A2C), BASE.mix(FLUSH, 0.2).times(0.92), LASH, 23, -19, 0.6),
                new Person.Brows(RAVEN.mix(BROWN, 0.3), 5.2, 3.0),
                new Person.Ears(new Vec(64, -12, 4), 58, 42),
                (head, body) -> wear(plan, head, body)));
    }

    private static List<Part> wear(FacePlan plan, int head, int body) {
        List<Part> worn = new ArrayList<>();
        worn.add(Hair.shell(
                plan,
                head,
                turn -> 56 + 26 * Math.cos(turn),
                turn -> {
                    double a = Math.abs(turn);
                    return mix(mix(60, 8, smooth(0.8, 1.15, a)), -52, smooth(1.72, 2.3, a));
                },
                Pim::curled,
                BROWN,
                RAVEN.times(0.8),
                32,
                132));
        worn.add(DeckhandWardrobe.fringe(plan, head, 42, RAVEN, BROWN, 5));
        worn.add(DeckhandWardrobe.cap(head, 42, Colour.srgb(0x2B6E78), Colour.srgb(0x235A63)));
        worn.add(DeckhandWardrobe.jersey(body, Colour.srgb(0xE6E0D2), Colour.srgb(0x8E3B34)));
        worn.addAll(List.of(
                DeckhandWardrobe.oilskin(body, Colour.srgb(0xDDA32B), Colour.srgb(0xB98420), Colour.srgb(0xC9A24E))));
        return worn;
    }

    /** Cropped curls that run into one another: bumps on a warped grid, each with a twist, lower towards the hairline. */
    private static double curled(double down, double turn) {
        double a = 11 * turn + 0.9 * Math.sin(9 * down + 2 * turn);
        double b = 17 * down + 0.9 * Math.sin(5 * turn) + 0.8 * Math.sin(11 * turn + 1);
        double bump = Math.sqrt(Math.abs(Math.sin(a) * Math.sin(b)));
        double twist = 0.5 * Math.sin(3 * a + 4 * b);
        return 3.2 + (4.6 * bump + 0.7 * twist * bump) * smooth(1.02, 0.8, down);
    }

    /** A lean head: long narrow face, small chin, soft brow, a short broad nose that turns up. */
    private static FacePlan plan() {
        Field form = Field.ellipsoid(0, 36, -16, 73, 72, 88)
                .with(Field.ellipsoid(0, -18, 22, 61, 82, 62), 34)
                .with(Field.ellipsoid(0, -72, 24, 41, 37, 49), 30)
                .with(Field.ellipsoid(0, -96, 66, 16, 12, 14), 26)
                .with(Field.ellipsoid(36, -62, 10, 18, 20, 26).mirrored(), 30)
                .with(Field.ellipsoid(41, -20, 52, 20, 15, 20).mirrored(), 30)
                .with(Field.ellipsoid(29, -44, 62, 20, 22, 19).mirrored(), 28)
                .with(Field.ellipsoid(0, -63, 66, 32, 26, 27), 24)
                .with(Field.rod(11, 28, 78, 6.5, 42, 27, 62, 6).mirrored(), 20)
                .without(Field.ellipsoid(33, 6.5, 86, 22, 13.5, 13.5).mirrored(), 14)
                .without(Field.sphere(90, 18, 62, 25).mirrored(), 26)
                .with(Field.rod(0, 10, 78, 6, 0, -18, 94, 7.5), 22)
                .with(Field.ellipsoid(0, -23, 100, 11.5, 10, 11), 12)
                .with(Field.ellipsoid(14, -29, 88, 8.4, 7, 10).mirrored(), 13)
                .without(Field.ellipsoid(7.5, -37.5, 95.5, 3.8, 3.2, 5).mirrored(), 3)
                .without(Field.rod(26, -44, 91, 1.2, 34, -64, 84, 1.0).mirrored(), 18)
                .without(Field.rod(0, -43, 92, 2.0, 0, -52, 92, 2.4), 7)
                .without(Field.rod(-8, -87, 87, 2, 8, -87, 87, 2), 14);
        return new FacePlan(
                form,
                new Vec(0, -22, 4),
                new Vec(0, -64, 92.5),
                27,
                9.6,
                11.2,
                3.0,
                3.8,
                new Vec(32.5, 3, 63.5),
                16.6,
                new Vec(32, 27, 73),
                new Vec(0, -24, 2),
                new Vec(35, -35, 72),
                new Vec(0, -24, 110),
                36);
    }

    private static Colour freckles(Colour colour, Vec p) {
        double ax = Math.abs(p.x());
        double where = (bell((ax - 27) / 19, (p.y() + 22) / 11, 0) + bell(p.x() / 14, (p.y() + 12) / 14, 0))
                * smooth(40, 60, p.z());
        double spots = smooth(
                0.62,
                0.86,
                Math.sin(p.x() * 1.3 + 2.1 * Math.sin(p.y() * 1.1))
                        * Math.sin(p.y() * 1.5 + 1.7 * Math.sin(p.x() * 0.9 + 1)));
        return colour.mix(Colour.srgb(0x5E3626), Math.min(0.45, 0.6 * where * spots));
    }
}
