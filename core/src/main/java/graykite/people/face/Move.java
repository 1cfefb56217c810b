package graykite.people.face;

import static graykite.geometry.Ease.bell;
import static graykite.geometry.Ease.smooth;

import graykite.geometry.Vec;

/** A displacement field: how far each place of a face goes, in millimetres. */
@FunctionalInterface
interface Move {
    Vec at(Spot s);

    default Move and(Move other) {
        return s -> at(s).plus(other.at(s));
    }

    /** The same on the other side of the face. */
    default Move mirrored() {
        return s -> {
            Vec mirror = at(s.mirrored());
            return new Vec(-mirror.x(), mirror.y(), mirror.z());
        };
    }

    /** One lip, about a place along it from the middle (0) to the corner (1). @param half 1 for the upper, -1 for the lower */
    static Move lip(int half, double at, double width, double dx, double dy, double dz) {
        return s -> {
            double t = (s.across() - at) / width;
            double w = s.lipness() * (half > 0 ? s.upper() : s.lower()) * Math.pow(s.open(), 0.6) * bell(t, 0, 0);
            return new Vec(dx, dy, dz).times(w);
        };
    }

    /** 1 on the left half of the mouth, falling off towards the right. */
    static double side(Spot s) {
        return smooth(-0.2, 0.9, s.across());
    }

    /** Above the seam only. */
    static Move upperOnly(Move move) {
        return s -> move.at(s).times(smooth(-0.2, 0.5, s.half()));
    }

    /** Below the seam only. */
    static Move lowerOnly(Move move) {
        return s -> move.at(s).times(smooth(0.2, -0.5, s.half()));
    }

    /** A push at a place, fading over so many millimetres each way. */
    static Move push(
            double cx, double cy, double cz, double rx, double ry, double rz, double dx, double dy, double dz) {
        return s -> {
            double w = bell((s.p().x() - cx) / rx, (s.p().y() - cy) / ry, (s.p().z() - cz) / rz);
            return new Vec(dx, dy, dz).times(w);
        };
    }
}
