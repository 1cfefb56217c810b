package graykite.rig;

import graykite.picture.Camera;
import graykite.picture.Vec;
import java.util.Optional;

/**
 * A place on a face, as somebody pointed at it in a picture.
 *
 * @param part index of the part
 * @param vertex index of its vertex
 */
public record FacePoint(int part, int vertex) {
    private static final double SEAM = 1e-6;

    /**
     * The vertex nearest to where the line of sight through a pixel first meets the face (ray and triangle after Möller and
     * Trumbore 1997); nothing where the pixel shows none of it.
     *
     * @param x pixels from the left
     * @param y pixels from the top
     */
    public static Optional<FacePoint> at(
            Character character, double[] values, Camera camera, int width, int height, double x, double y) {
        Deformer deformer = new Deformer(character);
        Vec right = camera.right();
        Vec up = camera.up();
        Vec eye = camera.target().plus(camera.back().times(camera.distance()));
        double scale = camera.height() / height;
        Vec aim =
                camera.target().plus(right.times((x - width / 2.0) * scale)).plus(up.times((height / 2.0 - y) * scale));
        Vec direction = aim.minus(eye).unit();
        double nearest = Double.MAX_VALUE;
        Optional<FacePoint> found = Optional.empty();
        for (int p = 0; p < character.parts().size(); p++) {
            Part part = character.parts().get(p);
            if (!deformer.seen(part, values)) {
                continue;
            }
            float[] places = deformer.placed(part, values);
            int[] triangles = part.triangles();
            for (int t = 0; t < triangles.length; t += 3) {
                Vec a = vec(places, triangles[t]);
                Vec b = vec(places, triangles[t + 1]);
                Vec c = vec(places, triangles[t + 2]);
                double away = meets(eye, direction, a, b, c);
                if (away > 0 && away < nearest) {
                    nearest = away;
                    Vec hit = eye.plus(direction.times(away));
                    int best = triangles[t];
                    for (int k = 1; k < 3; k++) {
                        boolean nearer =
                                vec(places, triangles[t + k]).minus(hit).length()
                                        < vec(places, best).minus(hit).length();
                        best = nearer ? triangles[t + k] : best;
                    }
                    found = Optional.of(new FacePoint(p, best));
                }
            }
        }
        return found;
    }

    private static Vec vec(float[] places, int vertex) {
        return new Vec(places[3 * vertex], places[3 * vertex + 1], places[3 * vertex + 2]);
    }

    /** Distance along the ray to the front of a triangle, or -1. */
    private static double meets(Vec eye, Vec direction, Vec a, Vec b, Vec c) {
        Vec ab = b.minus(a);
        Vec ac = c.minus(a);
        Vec p = direction.cross(ac);
        double det = ab.dot(p);
        if (det < 1e-12) {
            return -1;
        }
        Vec s = eye.minus(a);
        double u = s.dot(p) / det;
        // A hair's breadth more than the triangle, or the line of sight slips through between two of them.
        if (u < -SEAM || u > 1 + SEAM) {
            return -1;
        }
        Vec q = s.cross(ab);
        double v = direction.dot(q) / det;
        return v < -SEAM || u + v > 1 + SEAM ? -1 : ac.dot(q) / det;
    }
}
