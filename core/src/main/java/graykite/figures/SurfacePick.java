package graykite.figures;

import graykite.picture.Camera;
import graykite.picture.Surface;
import graykite.picture.Vec;
import java.util.List;
import java.util.Optional;

/** From a point of a picture to the place of the figure that is seen there, and back. */
public final class SurfacePick {
    private SurfacePick() {}

    /**
     * The nearest place under a point of a picture.
     *
     * @param x pixels from the left
     * @param y pixels from the top
     * @param width of the picture, in pixels
     * @param height of the picture, in pixels
     */
    public static Optional<Vec> at(
            List<Surface> surfaces, Camera camera, double x, double y, double width, double height) {
        Vec eye = camera.target().plus(camera.back().times(camera.distance()));
        double scale = camera.height() / height;
        Vec through = camera.target()
                .plus(camera.right().times((x - width / 2) * scale))
                .plus(camera.up().times((height / 2 - y) * scale));
        return alongRay(surfaces, eye, through.minus(eye).unit());
    }

    /** The first place that a ray meets (Möller & Trumbore 1997); outsides only. */
    public static Optional<Vec> alongRay(List<Surface> surfaces, Vec from, Vec direction) {
        double nearest = Double.POSITIVE_INFINITY;
        for (Surface surface : surfaces) {
            float[] p = surface.positions();
            int[] t = surface.triangles();
            for (int i = 0; i < t.length; i += 3) {
                double distance = distance(p, t[i], t[i + 1], t[i + 2], from, direction);
                nearest = distance > 1e-6 ? Math.min(nearest, distance) : nearest;
            }
        }
        return Double.isInfinite(nearest) ? Optional.empty() : Optional.of(from.plus(direction.times(nearest)));
    }

    private static double distance(float[] p, int a, int b, int c, Vec from, Vec direction) {
        Vec v = new Vec(p[3 * a], p[3 * a + 1], p[3 * a + 2]);
        Vec ab = new Vec(p[3 * b] - v.x(), p[3 * b + 1] - v.y(), p[3 * b + 2] - v.z());
        Vec ac = new Vec(p[3 * c] - v.x(), p[3 * c + 1] - v.y(), p[3 * c + 2] - v.z());
        Vec h = direction.cross(ac);
        double det = ab.dot(h);
        if (det < 1e-9) {
            return -1;
        }
        Vec s = from.minus(v);
        double u = s.dot(h) / det;
        Vec q = s.cross(ab);
        double w = direction.dot(q) / det;
        return u < -1e-9 || w < -1e-9 || u + w > 1 + 1e-9 ? -1 : ac.dot(q) / det;
    }

    /** Where a place is seen in a picture: pixels from the left and from the top. */
    public static double[] seen(Vec place, Camera camera, double width, double height) {
        Vec eye = camera.target().plus(camera.back().times(camera.distance()));
        Vec d = place.minus(eye);
        double away = -d.dot(camera.back());
        double scale = height / camera.height() * camera.distance() / away;
        return new double[] {width / 2 + d.dot(camera.right()) * scale, height / 2 - d.dot(camera.up()) * scale};
    }
}
