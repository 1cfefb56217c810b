package graykite.picture;

import static graykite.base.Require.requireThat;

import graykite.geometry.Vec;
import java.util.Optional;

/**
 * Triangles ready to be drawn, in world space (millimetres, y up, z towards the viewer at yaw 0). The arrays are read,
 * never written.
 *
 * @param positions x y z of each vertex
 * @param normals unit x y z of each vertex
 * @param colours linear red green blue of each vertex, with baked occlusion multiplied in
 * @param triangles three vertex indices each, counter-clockwise seen from outside
 * @param texture multiplied with the colours, where there is one; its transparent pixels are holes
 * @param uv two texture coordinates a vertex, empty without a texture
 */
public record Surface(
        float[] positions,
        float[] normals,
        float[] colours,
        int[] triangles,
        Material material,
        Optional<Texture> texture,
        float[] uv) {
    public Surface {
        requireThat(
                texture.isEmpty() || 3 * uv.length == 2 * positions.length,
                "A textured surface has two texture coordinates a vertex.");
    }

    public Surface(float[] positions, float[] normals, float[] colours, int[] triangles, Material material) {
        this(positions, normals, colours, triangles, material, Optional.empty(), new float[0]);
    }

    public int vertexCount() {
        return positions.length / 3;
    }

    public int triangleCount() {
        return triangles.length / 3;
    }

    /**
     * The same surface turned about the upright axis, then moved.
     *
     * @param yaw degrees to its own left
     */
    public Surface placed(Vec by, double yaw) {
        float[] moved = turned(positions, yaw);
        for (int i = 0; i < moved.length; i += 3) {
            moved[i] += (float) by.x();
            moved[i + 1] += (float) by.y();
            moved[i + 2] += (float) by.z();
        }
        float[] facing = yaw == 0 ? normals : turned(normals, yaw);
        return new Surface(moved, facing, colours, triangles, material, texture, uv);
    }

    private static float[] turned(float[] vectors, double yaw) {
        float[] turned = vectors.clone();
        if (yaw != 0) {
            float cos = (float) Math.cos(Math.toRadians(yaw));
            float sin = (float) Math.sin(Math.toRadians(yaw));
            for (int i = 0; i < turned.length; i += 3) {
                turned[i] = cos * vectors[i] + sin * vectors[i + 2];
                turned[i + 2] = -sin * vectors[i] + cos * vectors[i + 2];
            }
        }
        return turned;
    }
}
