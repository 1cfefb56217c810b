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
    /** Edges of a mesh, four figures each: its two ends, and the triangles beside it, of which the second may be -1. */
    private final Map<int[], int[]> known = new IdentityHashMap<>();

    private static final int MOST_KNOWN = 300;

    /** Nearness of the nearest outline in each pixel. */
    private float[] marked = new float[0];

    /** What of nearness an outline may lack and still count as seen: its own surface may be found a little before it. */
    private static final float SLACK = 0.004f;

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
        // An edge as one figure: its lower end, its higher end, and where it was met.
        long[] ends = new long[n];
        for (int i = 0; i < n; i++) {
            int a = triangles[i];
            int b = triangles[i % 3 == 2 ? i - 2 : i + 1];
            ends[i] = ((long) Math.min(a, b) << 32 | Math.max(a, b));
        }
        Integer[] order = new Integer[n];
        Arrays.setAll(order, i -> i);
        Arrays.sort(order, (i, j) -> Long.compare(ends[i], ends[j]));
        int[] edges = new int[4 * n];
        int count = 0;
        for (int i = 0; i < n; i++) {
            long edge = ends[order[i]];
            boolean shared = i + 1 < n && ends[order[i + 1]] == edge;
            edges[count] = (int) (edge >> 32);
            edges[count + 1] = (int) edge;
            edges[count + 2] = order[i] / 3;
            edges[count + 3] = shared ? order[i + 1] / 3 : -1;
            count += 4;
            i += shared ? 1 : 0;
        }
        return Arrays.copyOf(edges, count);
    }
}
