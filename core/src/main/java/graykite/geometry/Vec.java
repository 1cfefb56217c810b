package graykite.geometry;

/** A point or direction in space, in millimetres. */
public record Vec(double x, double y, double z) {
    public static final Vec ZERO = new Vec(0, 0, 0);

    public Vec plus(Vec o) {
        return new Vec(x + o.x, y + o.y, z + o.z);
    }

    public Vec minus(Vec o) {
        return new Vec(x - o.x, y - o.y, z - o.z);
    }

    public Vec times(double s) {
        return new Vec(x * s, y * s, z * s);
    }

    public double dot(Vec o) {
        return x * o.x + y * o.y + z * o.z;
    }

    public Vec cross(Vec o) {
        return new Vec(y * o.z - z * o.y, z * o.x - x * o.z, x * o.y - y * o.x);
    }

    public double length() {
        return Math.sqrt(dot(this));
    }

    /** Same direction, length one; zero stays zero. */
    public Vec unit() {
        double length = length();
        return length < 1e-12 ? ZERO : times(1 / length);
    }

    /** This at 0, other at 1. */
    public Vec mix(Vec o, double share) {
        return new Vec(x + (o.x - x) * share, y + (o.y - y) * share, z + (o.z - z) * share);
    }

    /** This point for a side of 1, its mirror image on the other side of the face for -1. */
    public Vec mirroredTo(int side) {
        return new Vec(side * x, y, z);
    }
}
