package graykite.picture;

import graykite.geometry.Vec;

/**
 * Three-point light for a face: a warm soft key from high on the left of the picture, a cool fill from the right, a rim
 * from behind, and sky and ground around. Directions point from the face to the light and turn with the camera only as
 * far as {@link #followsCamera} says, so that a profile is lit too.
 */
public final class Lighting {
    /** Share of the camera's yaw by which the lights turn along. */
    static final double followsCamera = 0.55;

    static final Vec KEY = new Vec(-0.55, 0.62, 0.72).unit();
    static final Vec FILL = new Vec(0.85, 0.10, 0.50).unit();
    static final Vec RIM = new Vec(0.60, 0.45, -0.80).unit();

    static final float[] KEY_COLOUR = {1.52f, 1.40f, 1.25f};
    static final float[] FILL_COLOUR = {0.24f, 0.29f, 0.36f};
    static final float[] RIM_COLOUR = {0.62f, 0.66f, 0.72f};
    static final float[] SKY = {0.36f, 0.38f, 0.41f};
    static final float[] GROUND = {0.20f, 0.175f, 0.16f};

    private Lighting() {}

    static Vec turned(Vec direction, double yawDegrees) {
        double a = Math.toRadians(yawDegrees * followsCamera);
        double c = Math.cos(a);
        double s = Math.sin(a);
        return new Vec(direction.x() * c + direction.z() * s, direction.y(), -direction.x() * s + direction.z() * c);
    }
}
