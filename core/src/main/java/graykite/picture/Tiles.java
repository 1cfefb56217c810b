package graykite.picture;

import java.util.Arrays;
import java.util.stream.IntStream;

/**
 * Which triangles reach into which tile of a picture, so that each tile walks only its own. Triangles that lie between
 * points, as most of a small picture's do, are in none.
 */
final class Tiles {
    /** Pixels along one side of a tile. */
    static final int SIDE = 32;
    /** Pixels beyond its edge that a tile looks at to know what it borders on. */
    static final int MARGIN = 1;

    private static final int PARTS = 4;

    final int across;
    final int down;
    /** Where each tile's triangles begin; one entry more than there are tiles. */
    private final int[] starts;

    private final int[] triangles;

    /**
     * Sorts the triangles that face the camera.
     *
     * @param columns pixels across the picture
     * @param points in a pixel each way, 1 or 2
     */
    Tiles(Projection scene, int columns, int rows, int points) {
        across = (columns + SIDE - 1) / SIDE;
        down = (rows + SIDE - 1) / SIDE;
        int count = scene.facingCount;
        // Left, top, right and bottom tile of each triangle; right is below left where it covers no point.
        short[] boxes = new short[4 * count];
        IntStream.range(0, PARTS).parallel().forEach(part -> {
            for (int f = count * part / PARTS; f < count * (part + 1) / PARTS; f++) {
                box(scene, scene.facing[f], columns, rows, points, boxes, 4 * f);
            }
        });
        starts = new int[across * down + 1];
        for (int f = 0; f < count; f++) {
            for (int y = boxes[4 * f + 1]; y <= boxes[4 * f + 3]; y++) {
                for (int x = boxes[4 * f]; x <= boxes[4 * f + 2]; x++) {
                    starts[y * across + x + 1]++;
                }
            }
        }
        for (int i = 1; i < starts.length; i++) {
            starts[i] += starts[i - 1];
        }
        triangles = new int[starts[starts.length - 1]];
        int[] next = Arrays.copyOf(starts, starts.length);
        for (int f = 0; f < count; f++) {
            for (int y = boxes[4 * f + 1]; y <= boxes[4 * f + 3]; y++) {
                for (int x = boxes[4 * f]; x <= boxes[4 * f + 2]; x++) {
                    triangles[next[y * across + x]++] = scene.facing[f];
                }
            }
        }
    }

    private static void box(Projection scene, int triangle, int columns, int rows, int points, short[] into, int at) {
        int a = scene.corners[3 * triangle];
        int b = scene.corners[3 * triangle + 1];
        int c = scene.corners[3 * triangle + 2];
        float[] x = scene.screenX;
        float[] y = scene.screenY;
        // Two points of the sample grid lie in a pixel each way.
        float scale = 0.5f * points;
        int left = Math.max(0, Rounding.ceil(scale * least(x[a], x[b], x[c]) - 0.5f));
        int right = Math.min(points * columns, Rounding.ceil(scale * most(x[a], x[b], x[c]) - 0.5f)) - 1;
        int top = Math.max(0, Rounding.ceil(scale * least(y[a], y[b], y[c]) - 0.5f));
        int bottom = Math.min(points * rows, Rounding.ceil(scale * most(y[a], y[b], y[c]) - 0.5f)) - 1;
        boolean none = left > right || top > bottom;
        into[at] = (short) (Math.max(0, left / points - MARGIN) / SIDE);
        into[at + 1] = (short) (Math.max(0, top / points - MARGIN) / SIDE);
        into[at + 2] = (short) (none ? -1 : Math.min(columns - 1, right / points + MARGIN) / SIDE);
        into[at + 3] = (short) (none ? -1 : Math.min(rows - 1, bottom / points + MARGIN) / SIDE);
    }

    // Comparisons by hand: the library's also put minus zero before zero, and take longer for it.

    private static float least(float a, float b, float c) {
        float low = a < b ? a : b;
        return low < c ? low : c;
    }

    private static float most(float a, float b, float c) {
        float high = a > b ? a : b;
        return high > c ? high : c;
    }

    boolean isEmpty(int tile) {
        return starts[tile] == starts[tile + 1];
    }

    int from(int tile) {
        return starts[tile];
    }

    int to(int tile) {
        return starts[tile + 1];
    }

    int triangle(int place) {
        return triangles[place];
    }
}
