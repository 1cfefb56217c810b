package graykite.picture;

import java.util.Arrays;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;

/**
 * The pixels of a picture through which an outline runs: where a surface ends or turns away from the camera. Only there,
 * and where one surface cuts through another, does one point in a pixel not tell what is seen in it. Outlines that are
 * thinner than a pixel are found too, since they are drawn from the mesh.
 */
final class Edges {
    private static final int MOST_KNOWN = 300;
    /** What of nearness an outline may lack and still count as seen: its own surface may be found a little before it. */
    private static final float SLACK = 0.004f;

    /** Edges of a mesh, four figures each: its two ends, and the triangles beside it, of which the second may be -1. */
    private final Map<int[], int[]> known = new IdentityHashMap<>();
    /** Nearness of the nearest outline in each pixel. */
    private float[] marked = new float[0];

    private boolean[] facing = new boolean[0];
    private int width;

    /** Marks the outlines of a scene. */
    void mark(Projection scene, List<Surface> surfaces, int newWidth, int height) {
        width = newWidth;
        if (marked.length < width * height) {
            marked = new float[width * height];
        }
        Arrays.fill(marked, 0, width * height, Projection.NOTHING);
        if (facing.length < scene.triangleCount) {
            facing = new boolean[scene.triangleCount];
        }
        Arrays.fill(facing, 0, scene.triangleCount, false);
        for (int f = 0; f < scene.facingCount; f++) {
            facing[scene.facing[f]] = true;
        }
        if (known.size() > MOST_KNOWN) {
            known.clear();
        }
        int vertex = 0;
        int triangle = 0;
        for (Surface surface : surfaces) {
            int[] edges = known.computeIfAbsent(surface.triangles(), Edges::edges);
            for (int i = 0; i < edges.length; i += 4) {
                boolean one = facing[triangle + edges[i + 2]];
                boolean other = edges[i + 3] >= 0 && facing[triangle + edges[i + 3]];
                if (one != other) {
                    line(scene, vertex + edges[i], vertex + edges[i + 1], height);
                }
            }
            vertex += surface.vertexCount();
            triangle += surface.triangleCount();
        }
    }

    /** Marks every pixel: for small pictures, in which edges are everywhere. */
    void markAll(int newWidth, int height) {
        width = newWidth;
        if (marked.length < width * height) {
            marked = new float[width * height];
        }
        Arrays.fill(marked, 0, width * height, Float.MAX_VALUE);
    }

    /**
     * Pixels of part of a row through which an outline runs that is not hidden, a bit each.
     *
     * @param depth nearness of what is seen there, from an index on
     */
    int seen(int left, int y, int columns, float[] depth, int from) {
        int bits = 0;
        int row = y * width + left;
        for (int x = 0; x < columns; x++) {
            float outline = marked[row + x];
            if (outline > Projection.NOTHING && outline >= depth[from + x] - SLACK) {
                bits |= 1 << x;
            }
        }
        return bits;
    }

    private void line(Projection scene, int a, int b, int height) {
        float x = 0.5f * scene.screenX[a];
        float y = 0.5f * scene.screenY[a];
        float dx = 0.5f * scene.screenX[b] - x;
        float dy = 0.5f * scene.screenY[b] - y;
        float nearest = Math.max(scene.nearness[a], scene.nearness[b]);
        int steps = Math.min(1 + (int) (2 * Math.max(Math.abs(dx), Math.abs(dy))), 4 * (width + height));
        for (int i = 0; i <= steps; i++) {
            int px = Rounding.floor(x + dx * i / steps);
            int py = Rounding.floor(y + dy * i / steps);
            if (px >= 0 && py >= 0 && px < width && py < height) {
                int at = py * width + px;
                marked[at] = Math.max(marked[at], nearest);
            }
        }
    }

    /** The edges of a mesh with the triangles on either side. */
    private static int[] edges(int[] triangles) {
        int n = triangles.length;
        int[] starts = new int[2 + Arrays.stream(triangles).max().orElse(-1)];
        for (int i = 0; i < n; i++) {
            starts[low(triangles, i) + 1]++;
        }
        for (int v = 1; v < starts.length; v++) {
            starts[v] += starts[v - 1];
        }
        // Edges in the order of their lower ends, of which each has a few.
        int[] order = new int[n];
        int[] next = starts.clone();
        for (int i = 0; i < n; i++) {
            order[next[low(triangles, i)]++] = i;
        }
        int[] edges = new int[4 * n];
        int count = 0;
        for (int v = 0; v + 1 < starts.length; v++) {
            for (int k = starts[v]; k < starts[v + 1]; k++) {
                if (order[k] < 0) {
                    continue;
                }
                int high = high(triangles, order[k]);
                edges[count] = v;
                edges[count + 1] = high;
                edges[count + 2] = order[k] / 3;
                edges[count + 3] = -1;
                for (int other = k + 1; other < starts[v + 1] && edges[count + 3] < 0; other++) {
                    if (order[other] >= 0 && high(triangles, order[other]) == high) {
                        edges[count + 3] = order[other] / 3;
                        order[other] = -1;
                    }
                }
                count += 4;
            }
        }
        return Arrays.copyOf(edges, count);
    }

    /** The lower end of the edge that begins at a corner of a triangle. */
    private static int low(int[] triangles, int corner) {
        return Math.min(triangles[corner], triangles[after(corner)]);
    }

    private static int high(int[] triangles, int corner) {
        return Math.max(triangles[corner], triangles[after(corner)]);
    }

    private static int after(int corner) {
        return corner % 3 == 2 ? corner - 2 : corner + 1;
    }
}
