package graykite.rig;

import graykite.geometry.Vec;
import graykite.picture.Camera;
import graykite.picture.Surface;
import graykite.picture.SurfacePick;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * A place on a face, as somebody pointed at it in a picture.
 *
 * @param part index of the part
 * @param vertex index of its vertex
 */
public record FacePoint(int part, int vertex) {
    /**
     * The vertex nearest to where the line of sight through a pixel first meets the face; nothing where the pixel shows none
     * of it.
     *
     * @param x pixels from the left
     * @param y pixels from the top
     */
    public static Optional<FacePoint> at(
            Character character, double[] values, Camera camera, int width, int height, double x, double y) {
        return hit(character, values, camera, width, height, x, y).map(Hit::point);
    }

    /**
     * Where a line of sight meets a face.
     *
     * @param place millimetres, where the character stands in the middle
     */
    public record Hit(FacePoint point, Vec place) {}

    /** As {@link #at}, with the place in space. */
    public static Optional<Hit> hit(
            Character character, double[] values, Camera camera, int width, int height, double x, double y) {
        Deformer deformer = new Deformer(character);
        int[] seen = IntStream.range(0, character.parts().size())
                .filter(p -> deformer.seen(character.parts().get(p), values))
                .toArray();
        List<Surface> surfaces = deformer.deform(values);
        return SurfacePick.hit(surfaces, camera, x, y, width, height)
                .map(hit -> new Hit(
                        new FacePoint(seen[hit.surface()], nearest(surfaces.get(hit.surface()), hit)), hit.place()));
    }

    private static int nearest(Surface surface, SurfacePick.Hit hit) {
        int best = surface.triangles()[hit.triangle()];
        for (int k = 1; k < 3; k++) {
            int vertex = surface.triangles()[hit.triangle() + k];
            best = away(surface, vertex, hit) < away(surface, best, hit) ? vertex : best;
        }
        return best;
    }

    private static double away(Surface surface, int vertex, SurfacePick.Hit hit) {
        float[] p = surface.positions();
        return new Vec(p[3 * vertex], p[3 * vertex + 1], p[3 * vertex + 2])
                .minus(hit.place())
                .length();
    }
}
