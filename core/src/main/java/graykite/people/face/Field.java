package graykite.people.face;

/** A solid as a signed distance in millimetres: negative inside, positive outside. */
@FunctionalInterface
public interface Field {
    double at(double x, double y, double z);

    /** An ellipsoid; the distance is exact on the surface and good near it. */
    static Field ellipsoid(double cx, double cy, double cz, double rx, double ry, double rz) {
        return (x, y, z) -> {
            double px = (x - cx) / rx;
            double py = (y - cy) / ry;
            double pz = (z - cz) / rz;
            double k0 = Math.sqrt(px * px + py * py + pz * pz);
            double qx = px / rx;
            double qy = py / ry;
            double qz = pz / rz;
            double k1 = Math.sqrt(qx * qx + qy * qy + qz * qz);
            return k1 < 1e-9 ? -Math.min(rx, Math.min(ry, rz)) : k0 * (k0 - 1) / k1;
        };
    }

    static Field sphere(double cx, double cy, double cz, double r) {
        return (x, y, z) -> Math.sqrt((x - cx) * (x - cx) + (y - cy) * (y - cy) + (z - cz) * (z - cz)) - r;
    }

    /** A rod with round ends whose radius changes evenly from one end to the other. */
    static Field rod(double ax, double ay, double az, double ra, double bx, double by, double bz, double rb) {
        double ux = bx - ax;
        double uy = by - ay;
        double uz = bz - az;
        double length = ux * ux + uy * uy + uz * uz;
        return (x, y, z) -> {
            double t = Math.clamp(((x - ax) * ux + (y - ay) * uy + (z - az) * uz) / length, 0, 1);
            double dx = x - ax - t * ux;
            double dy = y - ay - t * uy;
            double dz = z - az - t * uz;
            return Math.sqrt(dx * dx + dy * dy + dz * dz) - (ra + t * (rb - ra));
        };
    }

    /** The same solid on both sides of the face. */
    default Field mirrored() {
        return (x, y, z) -> at(Math.abs(x), y, z);
    }

    /** Both solids, blended over so many millimetres. */
    default Field with(Field other, double blend) {
        return (x, y, z) -> smoothMin(at(x, y, z), other.at(x, y, z), blend);
    }

    /** This solid with another cut out, blended over so many millimetres. */
    default Field without(Field other, double blend) {
        return (x, y, z) -> -smoothMin(-at(x, y, z), other.at(x, y, z), blend);
    }

    /** The lesser of two distances, blended where they are within k of one another. */
    static double smoothMin(double a, double b, double k) {
        double h = Math.max(k - Math.abs(a - b), 0) / k;
        return Math.min(a, b) - h * h * h * k / 6;
    }
}
