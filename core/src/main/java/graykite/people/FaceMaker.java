package graykite.people;

import graykite.geometry.Vec;
import graykite.people.face.Blend;
import graykite.people.face.FacePlan;
import graykite.people.face.Field;
import graykite.people.face.Figure;
import graykite.people.face.Person;
import graykite.people.plan.Garment;
import graykite.people.plan.Mass;
import graykite.people.plan.PersonPlan;
import graykite.people.plan.PersonPlan.Mouth;
import graykite.people.plan.Region;
import graykite.people.plan.Shaping;
import graykite.people.plan.SkinMark;
import graykite.people.wear.Fit;
import graykite.people.wear.Wardrobe;
import graykite.picture.Colour;
import graykite.rig.Character;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Makes a finished character of a person's plan: shapes it by its sliders, carves, paints and dresses it. */
public final class FaceMaker {
    private FaceMaker() {}

    /**
     * Builds it; takes about a second.
     *
     * @throws IllegalArgumentException when the masses do not make a head: its own middle lies outside of them
     */
    public static Character of(PersonPlan plan) {
        return Figure.of(person(plan));
    }

    /** The same at rest only, to be looked at while it is shaped; its face does not move. */
    public static Character sketch(PersonPlan plan) {
        return Figure.sketch(person(plan));
    }

    private static Person person(PersonPlan plan) {
        PersonPlan shaped = Shaping.shaped(plan);
        FacePlan face = face(shaped);
        PersonPlan.Skin skin = shaped.skin();
        Colour base = skin.base().colour();
        Colour flush = skin.flush().colour();
        PersonPlan.Eyes eyes = shaped.eyes();
        PersonPlan.Brows brows = shaped.brows();
        PersonPlan.Ears ears = shaped.ears();
        return new Person(
                shaped.name(),
                face,
                new Person.Tones(
                        base,
                        flush,
                        skin.cool().colour(),
                        skin.lips().colour(),
                        skin.cavity().colour()),
                Markings.of(skin),
                creases(skin),
                new Person.Eyes(
                        eyes.iris().colour(),
                        eyes.irisSize(),
                        base.mix(flush, eyes.flush()).times(0.92),
                        eyes.lash().colour(),
                        eyes.upper(),
                        eyes.lower(),
                        eyes.lashes()),
                new Person.Brows(brows.paint().colour(), brows.thick(), brows.arch(), brows.slant()),
                new Person.Ears(ears.at(), ears.tall(), ears.off()),
                new Person.Neck(shaped.body().neck(), shaped.body().rise()),
                tufts(shaped),
                whiskers(shaped),
                (head, body) -> Wardrobe.of(new Fit(face, shaped, head, body)));
    }

    private static List<Person.Crease> creases(PersonPlan.Skin skin) {
        return skin.marks(SkinMark.Crease.class).stream()
                .filter(c -> c.strength() > 0)
                .map(c -> new Person.Crease(
                        c.from(), c.to(), c.width(), c.strength(), c.with().action()))
                .toList();
    }

    /** Fur that stands above the brows has no room under a cap. */
    private static List<Person.Tuft> tufts(PersonPlan plan) {
        boolean capped = plan.worn(Garment.Slot.HEAD).isPresent();
        double brows = plan.brows().at().y();
        return plan.skin().marks(SkinMark.Tuft.class).stream()
                .filter(t -> !capped || Math.max(t.from().y(), t.to().y()) < brows)
                .map(t -> new Person.Tuft(t.from(), t.to(), t.aim(), t.length(), t.width()))
                .toList();
    }

    private static Optional<Colour> whiskers(PersonPlan plan) {
        return plan.worn(Garment.Slot.FACE)
                .filter(w -> w.garment() == Garment.WHISKERS)
                .map(w -> w.paints().getFirst().colour());
    }

    private static FacePlan face(PersonPlan plan) {
        Mouth m = plan.mouth();
        return new FacePlan(
                form(plan),
                plan.centre(),
                m.at(),
                m.half(),
                m.upperLip(),
                m.lowerLip(),
                m.upperBulge(),
                m.lowerBulge(),
                m.teeth(),
                plan.eyes().at(),
                plan.eyes().radius(),
                plan.brows().at(),
                plan.spots().jawHinge(),
                plan.spots().cheek(),
                plan.spots().noseTip());
    }

    private static Field form(PersonPlan plan) {
        return new Blend(Stream.concat(plan.masses().stream(), lidBed(plan.eyes()).stream())
                .map(FaceMaker::piece)
                .toList());
    }

    /** The skin below and beside an eye comes up to the lids and lies against them, so that they go over into it. */
    private static List<Mass> lidBed(PersonPlan.Eyes eyes) {
        double bed = eyes.radius() + 0.3;
        Vec at = eyes.at().plus(new Vec(1.6, -3.4, -1.4));
        return List.of(new Mass(Region.SOCKET, new Mass.Ball(at, new Vec(bed, bed, bed)), 7, true, false));
    }

    private static Blend.Piece piece(Mass mass) {
        return switch (mass.solid()) {
            case Mass.Ball ball -> {
                Vec at = ball.at();
                Vec r = ball.radii();
                yield new Blend.Piece(
                        Field.ellipsoid(at.x(), at.y(), at.z(), r.x(), r.y(), r.z()),
                        at,
                        Math.max(r.x(), Math.max(r.y(), r.z())),
                        mass.blend(),
                        mass.mirrored(),
                        mass.cut());
            }
            case Mass.Rod rod -> {
                Vec a = rod.from();
                Vec b = rod.to();
                yield new Blend.Piece(
                        Field.rod(a.x(), a.y(), a.z(), rod.fromRadius(), b.x(), b.y(), b.z(), rod.toRadius()),
                        a.mix(b, 0.5),
                        b.minus(a).length() / 2 + Math.max(rod.fromRadius(), rod.toRadius()),
                        mass.blend(),
                        mass.mirrored(),
                        mass.cut());
            }
        };
    }
}
