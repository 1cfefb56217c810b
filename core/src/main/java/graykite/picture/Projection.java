package graykite.picture;

import static graykite.base.Require.requireThat;

import graykite.geometry.Vec;
import java.util.Arrays;
import java.util.List;

/** All surfaces of one picture, projected onto the grid of samples. */
final class Projection {
    /** What most pixels ask for comes first, so that it lies in one line of the processor's cache. */
    static final int LIT = 0;

    static final int DEPTH = 3;
    static final int SCREEN = 4;
    static final int COLOUR = 6;
    static final int PLACE = 9;
    static final int NORMAL = 12;
    static final int STRIDE = 16;

    /** A picture holds up to 4 million triangles in up to 1023 surfaces. */
    static final int TAG_BITS = 22;

    static final int MOST_SURFACES = 1023;

    /** Nearness where nothing is: infinitely far away. */
    static final float NOTHING = -1;

    static final int TAG_MASK = (1 << TAG_BITS) - 1;

    /** A picture of nothing. */
    static final Projection EMPTY = new Projection(List.of(), Camera.FRONT, 1, 1);

    final int triangleCount;
    final int[] corners;
    final int[] facing;
    int facingCount;
    final float[] screenX;
    final float[] screenY;
    /**
     * How near a vertex is: the camera's distance by its own, less 1, so that the digits of a float go to differences.
     * Changes evenly across the screen.
     */
    final float[] nearness;
    /** Everything that shading asks of a vertex, side by side in memory: light, nearness, screen, colour, place, normal. */
    final float[] vertices;

    final Material[] materials;
    /** A texture for each surface, and which surfaces have holes in it. */
    private final Texture[] textures;

    private final boolean[] holes;
    private final boolean[] litAtVertices;
    private final int[] firstVertex;
    private final float[][] uv;
    private final short[] surfaceOf;
    private final short[] surfaceOfVertex;

    Projection(List<Surface> surfaces, Camera camera, int columns, int rows) {
        requireThat(surfaces.size() <= MOST_SURFACES, "A picture holds up to %d surfaces.", MOST_SURFACES);
        int count = surfaces.stream().mapToInt(Surface::vertexCount).sum();
        triangleCount = surfaces.stream().mapToInt(Surface::triangleCount).sum();
        requireThat(triangleCount <= TAG_MASK, "A picture holds up to %d triangles.", TAG_MASK);
        corners = new int[3 * triangleCount];
        screenX = new float[count];
        screenY = new float[count];
        nearness = new float[count];
        vertices = new float[STRIDE * count];
        materials = new Material[surfaces.size()];
        textures = new Texture[surfaces.size()];
        holes = new boolean[surfaces.size()];
        litAtVertices = new boolean[surfaces.size()];
        firstVertex = new int[surfaces.size()];
        uv = new float[surfaces.size()][];
        surfaceOf = new short[triangleCount];
        surfaceOfVertex = new short[count];
        int vertex = 0;
        int triangle = 0;
        for (int s = 0; s < surfaces.size(); s++) {
            Surface surface = surfaces.get(s);
            materials[s] = surface.material();
            firstVertex[s] = vertex;
            litAtVertices[s] = surface.texture().isEmpty()
                    && !surface.material().polished()
                    && !surface.material().painted();
            uv[s] = surface.uv();
            if (surface.texture().isPresent()) {
                textures[s] = surface.texture().get();
                holes[s] = textures[s].hasHoles();
            }
            int n = surface.vertexCount();
            for (int i = 0; i < n; i++) {
                int at = STRIDE * (vertex + i);
                System.arraycopy(surface.positions(), 3 * i, vertices, at + PLACE, 3);
                System.arraycopy(surface.normals(), 3 * i, vertices, at + NORMAL, 3);
                System.arraycopy(surface.colours(), 3 * i, vertices, at + COLOUR, 3);
            }
            int[] t = surface.triangles();
            for (int i = 0; i < t.length; i++) {
                corners[3 * triangle + i] = t[i] + vertex;
            }
            Arrays.fill(surfaceOf, triangle, triangle + t.length / 3, (short) s);
            Arrays.fill(surfaceOfVertex, vertex, vertex + n, (short) s);
            vertex += n;
            triangle += t.length / 3;
        }
        project(camera, columns, rows);
        facing = new int[triangleCount];
        findFacing();
    }

    private void project(Camera camera, int columns, int rows) {
        Vec right = camera.right();
        Vec up = camera.up();
        Vec back = camera.back();
        Vec eye = camera.target().plus(back.times(camera.distance()));
        double scale = rows / camera.height() * camera.distance();
        for (int i = 0; i < screenX.length; i++) {
            double x = vertices[STRIDE * i + PLACE] - eye.x();
            double y = vertices[STRIDE * i + PLACE + 1] - eye.y();
            double z = vertices[STRIDE * i + PLACE + 2] - eye.z();
            double away = -(x * back.x() + y * back.y() + z * back.z());
            double inverse = away > 1 ? 1 / away : 1;
            screenX[i] = (float) (columns / 2.0 + (x * right.x() + y * right.y() + z * right.z()) * scale * inverse);
            screenY[i] = (float) (rows / 2.0 - (x * up.x() + y * up.y() + z * up.z()) * scale * inverse);
            nearness[i] = (float) (camera.distance() * inverse - 1);
            vertices[STRIDE * i + DEPTH] = nearness[i];
            vertices[STRIDE * i + SCREEN] = screenX[i];
            vertices[STRIDE * i + SCREEN + 1] = screenY[i];
        }
    }

    /** Lists the triangles that turn their outside to the camera. */
    private void findFacing() {
        for (int t = 0; t < triangleCount; t++) {
            int a = corners[3 * t];
            int b = corners[3 * t + 1];
            int c = corners[3 * t + 2];
            float area = (screenX[b] - screenX[a]) * (screenY[c] - screenY[a])
                    - (screenX[c] - screenX[a]) * (screenY[b] - screenY[a]);
            if (area < -1e-4f) {
                facing[facingCount++] = t;
            }
        }
    }

    /** A triangle's number with its surface's number above it. */
    int tagged(int triangle) {
        return surfaceOf[triangle] << TAG_BITS | triangle;
    }

    /** Number of the surface of a triangle. */
    int surface(int triangle) {
        return surfaceOf[triangle];
    }

    /** Nearness of the nearest corner of a triangle. */
    float nearest(int triangle) {
        return Math.max(
                nearness[corners[3 * triangle]],
                Math.max(nearness[corners[3 * triangle + 1]], nearness[corners[3 * triangle + 2]]));
    }

    /** True when a triangle's surface lets one look through parts of it. */
    boolean hasHoles(int tag) {
        return holes[tag >>> TAG_BITS];
    }

    /** True when a triangle's light is that of its corners, so that no point of it needs to be shaded by itself. */
    boolean litAtVertices(int triangle) {
        return litAtVertices[surfaceOf[triangle]];
    }

    /** True when a triangle's surface is textured. */
    boolean textured(int triangle) {
        return textures[surfaceOf[triangle]] != null;
    }

    /** The texture that lies over a triangle; only where {@link #textured}. */
    Texture textureOf(int triangle) {
        return textures[surfaceOf[triangle]];
    }

    /** A texture coordinate of a vertex of a textured triangle: 0 for u, 1 for v. */
    float uv(int triangle, int vertex, int which) {
        int s = surfaceOf[triangle];
        return uv[s][2 * (vertex - firstVertex[s]) + which];
    }

    Material materialOf(int triangle) {
        return materials[surfaceOf[triangle]];
    }

    Material materialOfVertex(int vertex) {
        return materials[surfaceOfVertex[vertex]];
    }

    int vertexCount() {
        return surfaceOfVertex.length;
    }
}
