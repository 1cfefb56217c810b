package graykite.rig;

import static graykite.base.Require.requireThat;

import graykite.picture.Material;
import java.util.List;

/**
 * One piece of a character with one material, at rest. Arrays are shared and must not be written to.
 *
 * @param joint index of the joint that carries it
 * @param positions x y z of each vertex in millimetres, in the space of the whole character
 * @param colours linear red green blue of each vertex
 * @param triangles three vertex indices each, counter-clockwise from outside
 * @param targets what channels and correctives do to it; those that are missing do nothing
 */
public record Part(
        String name,
        Material material,
        int joint,
        float[] positions,
        float[] colours,
        int[] triangles,
        List<MorphTarget> targets) {
    public Part {
        targets = List.copyOf(targets);
        requireThat(positions.length % 3 == 0 && triangles.length % 3 == 0, "%s is not made of triangles.", name);
        requireThat(colours.length == positions.length, "%s has a colour for each vertex.", name);
        int count = positions.length / 3;
        for (int index : triangles) {
            requireThat(index >= 0 && index < count, "%s has a triangle with a vertex that does not exist.", name);
        }
    }

    public int vertexCount() {
        return positions.length / 3;
    }
}
