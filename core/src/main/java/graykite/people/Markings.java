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

/** Paints the marks of a skin over its colours. */
final class Markings {
    /** In front of this depth a wrinkle shows. */
    private static final double FACE = 20;

    private Markings() {}

    static Person.Marks of(PersonPlan.Skin skin) {
        List<SkinMark.Wrinkle> wrinkles = skin.marks().stream()
                .filter(SkinMark.Wrinkle.class::isInstance)
                .map(SkinMark.Wrinkle.class::cast)
                .toList();
        Colour line = skin.flush().colour().times(0.62);
        return (colour, p) -> {
            Colour painted = colour;
            for (SkinMark mark : skin.marks()) {
                painted = switch (mark) {
                    case SkinMark.Wrinkle w -> painted;
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
        double spots = smooth(
                0.62,
                0.86,
                Math.sin(p.x() * 1.3 + 2.1 * Math.sin(p.y() * 1.1))
                        * Math.sin(p.y() * 1.5 + 1.7 * Math.sin(p.x() * 0.9 + 1)));
        return colour.mix(freckles.paint().colour(), Math.min(0.75, where * spots) * freckles.strength());
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
