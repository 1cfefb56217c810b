package graykite.picture;

import graykite.geometry.Vec;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;

/** All surfaces of one picture, projected onto the grid of samples. Keeps its buffers from one picture to the next. */
final class Projection {
    /** What most pixels ask for comes first, so that it lies in one line of the processor's cache. */
    static final int LIT = 0;

    static final int DEPTH = 3;
    static final int SCREEN = 4;
    static final int COLOUR = 6;
    static final int PLACE = 9;
    static final int NORMAL = 12;
    static final int STRIDE = 16;

    /** A picture holds up to 4 million triangles. */
    static final int TAG_BITS = 22;

    /** Nearness where nothing is: infinitely far away. */
    static final float NOTHING = -1;

    static final int TAG_MASK = (1 << TAG_BITS) - 1;

    /** A picture of nothing. */
    static final Projection EMPTY = new Projection();

    private static final int PARTS = 4;

    private Assembly assembly = new Assembly(List.of());
    int triangleCount;
    int[] corners = assembly.corners;
    /** The triangles that turn their outside to the camera. */
    int[] facing = new int[0];

    int facingCount;
    float[] screenX = new float[0];
    float[] screenY = new float[0];
    /**
     * How near a vertex is: the camera's distance by its own, less 1, so that the digits of a float go to differences.
     * Changes evenly across the screen.
     */
    float[] nearness = new float[0];
    /** Everything that shading asks of a vertex, side by side in memory: light, nearness, screen, colour, place, normal. */
    float[] vertices = new float[0];
    /** Vertices of triangles that face the camera. */
    private boolean[] seen = new boolean[0];

    /** Takes the surfaces of a picture in place of those before. */
    void take(List<Surface> surfaces, Camera camera, int columns, int rows) {
        if (!assembly.isOf(surfaces)) {
            assembly = new Assembly(surfaces);
            triangleCount = assembly.triangleCount;
            corners = assembly.corners;
            facing = new int[triangleCount];
            screenX = new float[assembly.vertexCount];
            screenY = new float[assembly.vertexCount];
            nearness = new float[assembly.vertexCount];
            vertices = new float[STRIDE * assembly.vertexCount];
            seen = new boolean[assembly.vertexCount];
        }
        View view = View.of(camera, columns, rows);
        IntStream.range(0, surfaces.size())
                .parallel()
                .forEach(s -> project(surfaces.get(s), assembly.firstVertex[s], view));
        findFacing();
    }

    /** Where the camera is, and what a millimetre before it measures in the picture. */
    private record View(Vec right, Vec up, Vec back, Vec eye, double distance, double scale, double x, double y) {
        static View of(Camera camera, int columns, int rows) {
            Vec back = camera.back();
            return new View(
                    camera.right(),
                    camera.up(),
                    back,
                    camera.target().plus(back.times(camera.distance())),
                    camera.distance(),
                    rows / camera.height() * camera.distance(),
                    columns / 2.0,
                    rows / 2.0);
        }
    }

    private void project(Surface surface, int first, View view) {
        float[] places = surface.positions();
        float[] normals = surface.normals();
        float[] colours = surface.colours();
        float[] v = vertices;
        Vec right = view.right;
        Vec up = view.up;
        Vec back = view.back;
        Vec eye = view.eye;
        for (int i = first, from = 0; from < places.length; i++, from += 3) {
            int at = STRIDE * i;
            double x = places[from] - eye.x();
            double y = places[from + 1] - eye.y();
            double z = places[from + 2] - eye.z();
            double away = -(x * back.x() + y * back.y() + z * back.z());
            double inverse = away > 1 ? 1 / away : 1;
            screenX[i] = (float) (view.x + (x * right.x() + y * right.y() + z * right.z()) * view.scale * inverse);
            screenY[i] = (float) (view.y - (x * up.x() + y * up.y() + z * up.z()) * view.scale * inverse);
            nearness[i] = (float) (view.distance * inverse - 1);
            v[at + DEPTH] = nearness[i];
            v[at + SCREEN] = screenX[i];
            v[at + SCREEN + 1] = screenY[i];
            // Single steps: a copy of three numbers costs more than the numbers.
            v[at + COLOUR] = colours[from];
            v[at + COLOUR + 1] = colours[from + 1];
            v[at + COLOUR + 2] = colours[from + 2];
            v[at + PLACE] = places[from];
            v[at + PLACE + 1] = places[from + 1];
            v[at + PLACE + 2] = places[from + 2];
            v[at + NORMAL] = normals[from];
            v[at + NORMAL + 1] = normals[from + 1];
            v[at + NORMAL + 2] = normals[from + 2];
        }
    }

    private void findFacing() {
        Arrays.fill(seen, false);
        int[] counts = IntStream.range(0, PARTS)
                .parallel()
                .map(part -> findFacing(triangleCount * part / PARTS, triangleCount * (part + 1) / PARTS))
                .toArray();
        facingCount = 0;
        for (int part = 0; part < PARTS; part++) {
            System.arraycopy(facing, triangleCount * part / PARTS, facing, facingCount, counts[part]);
            facingCount += counts[part];
        }
    }

    /** Lists those of some triangles at their own place in the list, and tells how many. */
    private int findFacing(int from, int to) {
        int next = from;
        for (int t = from; t < to; t++) {
            int a = corners[3 * t];
            int b = corners[3 * t + 1];
            int c = corners[3 * t + 2];
            float area = (screenX[b] - screenX[a]) * (screenY[c] - screenY[a])
                    - (screenX[c] - screenX[a]) * (screenY[b] - screenY[a]);
            if (area < -1e-4f) {
                facing[next++] = t;
                seen[a] = true;
                seen[b] = true;
                seen[c] = true;
            }
        }
        return next - from;
    }

    /** True when a triangle that faces the camera has this corner. */
    boolean isSeen(int vertex) {
        return seen[vertex];
    }

    /** A triangle's number with its surface's number above it. */
    int tagged(int triangle) {
        return assembly.surfaceOf[triangle] << TAG_BITS | triangle;
    }

    /** Number of the surface of a triangle. */
    int surface(int triangle) {
        return assembly.surfaceOf[triangle];
    }

    /** Nearness of the nearest corner of a triangle. */
    float nearest(int triangle) {
        return Math.max(
                nearness[corners[3 * triangle]],
                Math.max(nearness[corners[3 * triangle + 1]], nearness[corners[3 * triangle + 2]]));
    }

    /** True when a triangle's surface lets one look through parts of it. */
    boolean hasHoles(int tag) {
        return assembly.holes[tag >>> TAG_BITS];
    }

    /** True when a triangle's light is that of its corners, so that no point of it needs to be shaded by itself. */
    boolean litAtVertices(int triangle) {
        return assembly.litAtVertices[assembly.surfaceOf[triangle]];
    }

    /** True when a triangle's surface is textured. */
    boolean textured(int triangle) {
        return assembly.textures[assembly.surfaceOf[triangle]] != null;
    }

    /** The texture that lies over a triangle; only where {@link #textured}. */
    Texture textureOf(int triangle) {
        return assembly.textures[assembly.surfaceOf[triangle]];
    }

    /** A texture coordinate of a vertex of a textured triangle: 0 for u, 1 for v. */
    float uv(int triangle, int vertex, int which) {
        int s = assembly.surfaceOf[triangle];
        return assembly.uv[s][2 * (vertex - assembly.firstVertex[s]) + which];
    }

    Finish finishOf(int triangle) {
        return assembly.finishes[assembly.surfaceOf[triangle]];
    }

    Finish finishOfVertex(int vertex) {
        return assembly.finishes[assembly.surfaceOfVertex[vertex]];
    }

    int vertexCount() {
        return assembly.surfaceOfVertex.length;
    }
}
