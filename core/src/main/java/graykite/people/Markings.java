package graykite.people;

import static graykite.geometry.Ease.bell;
import static graykite.geometry.Ease.smooth;

import graykite.geometry.Vec;
import graykite.people.face.Person;
import graykite.people.face.SkinTone;
import graykite.people.plan.PersonPlan;
import graykite.people.plan.SkinMark;
import graykite.picture.Colour;
import java.util.List;
import java.util.SplittableRandom;

/** Paints the marks of a skin over its colours. */
final class Markings {
    /** In front of this depth a wrinkle shows. */
    private static final double FACE = 20;
    /** Millimetres from one freckle to the next, and from the middle of one to where it is faint: the skin's vertices lie 3 to 4 apart. */
    private static final double APART = 6;

    private static final double SPOT = 2;

    private Markings() {}

    static Person.Marks of(PersonPlan.Skin skin) {
        List<SkinMark.Wrinkle> wrinkles = skin.marks(SkinMark.Wrinkle.class);
        Colour line = skin.flush().colour().times(0.62);
        return (colour, p) -> {
            Colour painted = colour;
            for (SkinMark mark : skin.marks()) {
                painted = switch (mark) {
                    case SkinMark.Wrinkle w -> painted;
                    case SkinMark.Crease c -> painted;
                    case SkinMark.Tuft t -> painted;
                    case SkinMark.Freckles f -> freckled(painted, f, p);
                    case SkinMark.Patch patch -> patched(painted, patch, p);
                    case SkinMark.Fur fur -> furred(painted, fur, p);
                };
            }
            return wrinkles.isEmpty() || p.z() < FACE ? painted : painted.mix(line, 0.42 * lines(wrinkles, p));
        };
    }

    /** How deep a place lies in wrinkles, 0 to 1. */
    private static double lines(List<SkinMark.Wrinkle> wrinkles, Vec p) {
        double deep = 0;
        for (SkinMark.Wrinkle w : wrinkles) {
            deep += w.strength()
                    * SkinTone.stroke(
                            Math.abs(p.x()), p.y(), w.from().x(), w.from().y(), w.to().x(), w.to().y(), w.width());
        }
        return Math.min(1, deep);
    }

    private static Colour freckled(Colour colour, SkinMark.Freckles freckles, Vec p) {
        double ax = Math.abs(p.x());
        double where = (bell((ax - 27) / 19, (p.y() + 22) / 11, 0) + bell(p.x() / 14, (p.y() + 12) / 14, 0))
                * smooth(40, 60, p.z());
        double spots = where < 0.02 ? 0 : Math.min(1, 1.8 * spots(p));
        return colour.mix(freckles.paint().colour(), Math.min(0.75, where * spots) * freckles.strength());
    }

    /** Round spots strewn over the face, some faint: closer or smaller ones would run into streaks. */
    private static double spots(Vec p) {
        int column = (int) Math.floor(p.x() / APART);
        int row = (int) Math.floor(p.y() / APART);
        double deepest = 0;
        for (int x = column - 1; x <= column + 1; x++) {
            for (int y = row - 1; y <= row + 1; y++) {
                SplittableRandom chance = new SplittableRandom(31L * x + 1009L * y);
                double dx = p.x() - APART * (x + chance.nextDouble(0.2, 0.8));
                double dy = p.y() - APART * (y + chance.nextDouble(0.2, 0.8));
                double strong = chance.nextDouble(0.2, 1);
                deepest = Math.max(deepest, strong * bell(dx / SPOT, dy / SPOT, 0));
            }
        }
        return deepest;
    }

    private static Colour patched(Colour colour, SkinMark.Patch patch, Vec p) {
        double x = (Math.abs(p.x()) - patch.at().x()) / patch.radii().x();
        double y = (p.y() - patch.at().y()) / patch.radii().y();
        double z = (p.z() - patch.at().z()) / patch.radii().z();
        double away = Math.sqrt(x * x + y * y + z * z);
        return colour.mix(patch.paint().colour(), patch.share() * smooth(1, 1 - patch.edge(), away));
    }

    /** Short streaks that run back from the nose, and larger patches of light and dark. */
    private static Colour furred(Colour colour, SkinMark.Fur fur, Vec p) {
        double turn = Math.atan2(p.y() + 20, Math.abs(p.x()) + 1);
        double back = 0.35 * p.z() - 0.12 * Math.hypot(p.x(), p.y());
        double streak = Math.sin(34 * turn + 1.4 * Math.sin(0.5 * back)) * Math.sin(0.9 * back + 5 * turn);
        double broad = Math.sin(0.09 * p.x() + 0.07 * p.y() + 1) * Math.sin(0.08 * p.z() + 0.05 * p.y());
        return colour.mix(fur.paint().colour(), fur.strength() * Math.max(0, 0.5 * streak + 0.35 * broad));
    }
}
