package graykite.picture;

import static graykite.base.Require.requireThat;

import graykite.geometry.Vec;

/**
 * Where the face is seen from.
 *
 * @param target point in the middle of the picture, millimetres
 * @param yaw degrees to the character's left when positive
 * @param pitch degrees from above when positive, -89 to 89
 * @param distance from the target, millimetres
 * @param height millimetres that the picture shows from top to bottom at the target
 */
public record Camera(Vec target, double yaw, double pitch, double distance, double height) {
    public static final Camera FRONT = new Camera(new Vec(0, -6, 20), 0, 2, 1400, 352);
    public static final Camera THREE_QUARTER = new Camera(new Vec(0, -6, 10), 32, 4, 1400, 352);
    public static final Camera PROFILE = new Camera(new Vec(0, -6, 0), 88, 2, 1400, 352);
    public static final Camera MOUTH = new Camera(new Vec(0, -66, 70), 0, 0, 1400, 105);

    public Camera {
        requireThat(pitch >= -89 && pitch <= 89, "The camera cannot look straight down or up.");
        requireThat(distance > 10 && height > 1, "The camera stands in front of its target.");
    }

    public Camera orbited(double byYaw, double byPitch) {
        return new Camera(target, yaw + byYaw, Math.clamp(pitch + byPitch, -80, 80), distance, height);
    }

    public Camera zoomed(double factor) {
        return new Camera(target, yaw, pitch, distance, Math.clamp(height * factor, 40, 900));
    }

    /** Moves the target in the plane of the picture, in millimetres to the right and up. */
    public Camera panned(double right, double up) {
        return new Camera(target.plus(right().times(right)).plus(up().times(up)), yaw, pitch, distance, height);
    }

    /**
     * This camera as it looks to somebody who stands elsewhere and is turned: it sees them, where they think that they stand
     * in the middle and face forward, as this one sees them in their place.
     *
     * @param yaw degrees by which they are turned to their left
     */
    public Camera seenFrom(Vec place, double yaw) {
        Vec away = target.minus(place);
        double cos = Math.cos(Math.toRadians(-yaw));
        double sin = Math.sin(Math.toRadians(-yaw));
        Vec turned = new Vec(cos * away.x() + sin * away.z(), away.y(), -sin * away.x() + cos * away.z());
        return new Camera(turned, this.yaw - yaw, pitch, distance, height);
    }

    /** Unit direction from the target to the eye of the camera. */
    public Vec back() {
        double y = Math.toRadians(yaw);
        double p = Math.toRadians(pitch);
        return new Vec(Math.sin(y) * Math.cos(p), Math.sin(p), Math.cos(y) * Math.cos(p));
    }

    public Vec right() {
        double y = Math.toRadians(yaw);
        return new Vec(Math.cos(y), 0, -Math.sin(y));
    }

    public Vec up() {
        return back().cross(right());
    }
}
