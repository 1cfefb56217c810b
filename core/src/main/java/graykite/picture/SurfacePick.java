package graykite.picture;

import graykite.geometry.Vec;
import java.util.List;
import java.util.Optional;

/** From a point of a picture to the place of the figure that is seen there, and back. */
public final class SurfacePick {
    private SurfacePick() {}

    /**
     * Where a line of sight meets a figure.
     *
     * @param surface index among the surfaces
     * @param triangle index of the first of its three vertices in the surface's triangles
     * @param place in millimetres
     */
    public record Hit(int surface, int triangle, Vec place) {}

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
        return hit(surfaces, camera, x, y, width, height).map(Hit::place);
    }

    /** The same with what it lies on. */
    public static Optional<Hit> hit(
            List<Surface> surfaces, Camera camera, double x, double y, double width, double height) {
        Vec eye = camera.target().plus(camera.back().times(camera.distance()));
        double scale = camera.height() / height;
        Vec through = camera.target()
                .plus(camera.right().times((x - width / 2) * scale))
                .plus(camera.up().times((height / 2 - y) * scale));
        return hit(surfaces, eye, through.minus(eye).unit());
    }

    /** The first place that a ray meets; outsides only. */
    public static Optional<Vec> alongRay(List<Surface> surfaces, Vec from, Vec direction) {
        return hit(surfaces, from, direction).map(Hit::place);
    }

    /** Möller & Trumbore 1997. */
    private static Optional<Hit> hit(List<Surface> surfaces, Vec from, Vec direction) {
        double nearest = Double.POSITIVE_INFINITY;
        int surface = -1;
        int triangle = -1;
        for (int s = 0; s < surfaces.size(); s++) {
            float[] p = surfaces.get(s).positions();
            int[] t = surfaces.get(s).triangles();
            for (int i = 0; i < t.length; i += 3) {
                double distance = distance(p, t[i], t[i + 1], t[i + 2], from, direction);
                if (distance > 1e-6 && distance < nearest) {
                    nearest = distance;
                    surface = s;
                    triangle = i;
                }
            }
        }
        return surface < 0
                ? Optional.empty()
                : Optional.of(new Hit(surface, triangle, from.plus(direction.times(nearest))));
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
