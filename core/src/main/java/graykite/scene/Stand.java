package graykite.scene;

import static graykite.base.Require.requireThat;

import graykite.geometry.Vec;

/**
 * Where somebody stands on a stage.
 *
 * @param x millimetres to the viewer's right
 * @param z millimetres towards the viewer
 * @param facing degrees by which the whole person is turned, to their own left when positive
 */
public record Stand(double x, double z, double facing) {
    /** In the middle, facing the viewer. */
    public static final Stand MIDDLE = new Stand(0, 0, 0);

    /** Millimetres between two who stand side by side. */
    public static final double APART = 285;

    public Stand {
        requireThat(
                Math.abs(x) <= 20_000 && Math.abs(z) <= 20_000 && Math.abs(facing) <= 180,
                "A stage reaches 20 m to every side, and people turn by 180 degrees at most.");
    }

    /** The usual place of one of several who stand side by side. */
    public static Stand of(int index, int count) {
        return new Stand((index - (count - 1) / 2.0) * APART, 0, 0);
    }

    public Vec place() {
        return new Vec(x, 0, z);
    }

    /** Degrees to the left at which somebody else stands, as seen by the one who stands here. */
    public double towards(Stand other) {
        double direction = Math.toDegrees(Math.atan2(other.x - x, other.z - z)) - facing;
        return Math.IEEEremainder(direction, 360);
    }
}
