package graykite.picture;

/**
 * Triangles ready to be drawn, in world space (millimetres, y up, z towards the viewer at yaw 0). The arrays are read,
 * never written.
 *
 * @param positions x y z of each vertex
 * @param normals unit x y z of each vertex
 * @param colours linear red green blue of each vertex, with baked occlusion multiplied in
 * @param triangles three vertex indices each, counter-clockwise seen from outside
 */
public record Surface(float[] positions, float[] normals, float[] colours, int[] triangles, Material material) {
    public int vertexCount() {
        return positions.length / 3;
    }

    public int triangleCount() {
        return triangles.length / 3;
    }
}
