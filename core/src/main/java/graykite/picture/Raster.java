package graykite.picture;

import java.util.Arrays;

/**
 * Finds out what is seen at each point of one tile. Which triangle it is, is noted; of surfaces that are lit at their
 * vertices also the colour, blended between the corners. One raster has a point in each pixel, another four.
 */
final class Raster {
    private static final int X = Projection.SCREEN;
    private static final int Y = Projection.SCREEN + 1;

    /** Points along one side of the buffers. */
    final int side;
    /** Nearness of what is nearest; {@link Projection#NOTHING} where nothing is. */
    final float[] depth;
    /** Linear light; below 0 in {@link #red} where the triangle in {@link #seen} is still to be shaded. */
    final float[] red;

    final float[] green;
    final float[] blue;
    /** Surface and triangle of what is nearest; -1 where nothing is. */
    final int[] seen;
    /** Points of this raster for one of the sample grid: a half for one in a pixel. */
    private final float scale;

    private final int points;
    private final int margin;
    /** Where the points of each row begin that are wanted, and where they end. */
    private final int[] wantedFrom;

    private final int[] wantedTo;

    /** Light at the first corner of the triangle at hand, and how it changes to the right and down. */
    private final float[] light = new float[3];

    private final float[] lightRight = new float[3];
    private final float[] lightDown = new float[3];

    private Projection scene = Projection.EMPTY;
    private int left;
    private int top;
    private int columns;
    private int rows;

    /** @param points points in a pixel each way, 1 or 2 @param margin pixels beyond the tile that are looked at too */
    Raster(int points, int margin) {
        this.points = points;
        this.margin = margin;
        scale = points / 2f;
        side = points * (Tiles.SIDE + 2 * margin);
        wantedFrom = new int[side];
        wantedTo = new int[side];
        depth = new float[side * side];
        red = new float[side * side];
        green = new float[side * side];
        blue = new float[side * side];
        seen = new int[side * side];
    }

    /** Index of the first point of a pixel of the tile. */
    int at(int x, int y) {
        return points * ((y + margin) * side + x + margin);
    }

    /** Empties the buffers for a tile of a picture of so many pixels. */
    void begin(Projection newScene, Tiles tiles, int tile, int width, int height) {
        scene = newScene;
        left = points * (tile % tiles.across * Tiles.SIDE - margin);
        top = points * (tile / tiles.across * Tiles.SIDE - margin);
        columns = Math.min(side, points * (width + margin) - left);
        rows = Math.min(side, points * (height + margin) - top);
        Arrays.fill(depth, Projection.NOTHING);
        Arrays.fill(seen, -1);
        Arrays.fill(wantedFrom, 0);
        Arrays.fill(wantedTo, columns);
    }

    /** Leaves out what lies before the first and after the last wanted pixel of each row of the tile. @param bits one a column */
    void want(int[] bits) {
        for (int row = 0; row < side; row++) {
            int wanted = bits[row / points - margin];
            wantedFrom[row] = points * (Integer.numberOfTrailingZeros(wanted) + margin);
            wantedTo[row] = Math.min(columns, points * (Integer.SIZE - Integer.numberOfLeadingZeros(wanted) + margin));
        }
    }

    /** Nearness of the farthest point within the picture; {@link Projection#NOTHING} while anything is empty. */
    float farthest() {
        float farthest = Float.MAX_VALUE;
        for (int y = 0; y < rows && farthest > Projection.NOTHING; y++) {
            for (int at = y * side; at < y * side + columns; at++) {
                farthest = Math.min(farthest, depth[at]);
            }
        }
        return farthest;
    }

    /** Draws what of a triangle lies in the tile, row by row between its left and right edge. */
    void draw(int t) {
        float[] d = scene.vertices;
        int a = Projection.STRIDE * scene.corners[3 * t];
        int b = Projection.STRIDE * scene.corners[3 * t + 1];
        int c = Projection.STRIDE * scene.corners[3 * t + 2];
        // From here on a is the topmost corner, c the lowest.
        int swap;
        if (d[a + Y] > d[b + Y]) {
            swap = a;
            a = b;
            b = swap;
        }
        if (d[b + Y] > d[c + Y]) {
            swap = b;
            b = c;
            c = swap;
        }
        if (d[a + Y] > d[b + Y]) {
            swap = a;
            a = b;
            b = swap;
        }
        int first = Math.max(top, Rounding.ceil(scale * d[a + Y] - 0.5f));
        int last = Math.min(top + rows, Rounding.ceil(scale * d[c + Y] - 0.5f));
        if (first < last) {
            walk(t, a, b, c, first, last);
        }
    }

    private void walk(int t, int a, int b, int c, int first, int last) {
        float[] d = scene.vertices;
        float ax = scale * d[a + X];
        float ay = scale * d[a + Y];
        float bx = scale * d[b + X];
        float by = scale * d[b + Y];
        float cx = scale * d[c + X];
        float cy = scale * d[c + Y];
        float near = d[a + Projection.DEPTH];
        float toB = d[b + Projection.DEPTH] - near;
        float toC = d[c + Projection.DEPTH] - near;
        float downX = cx - ax;
        float downY = cy - ay;
        float longSlope = downX / downY;
        float upperSlope = by > ay ? (bx - ax) / (by - ay) : 0;
        float lowerSlope = cy > by ? (cx - bx) / (cy - by) : 0;
        float area = (bx - ax) * downY - downX * (by - ay);
        float inverse = 1 / area;
        // How a figure of the corners changes with a step to the right and down.
        float bRight = downY * inverse;
        float cRight = (ay - by) * inverse;
        float bDown = -downX * inverse;
        float cDown = (bx - ax) * inverse;
        float stepX = toB * bRight + toC * cRight;
        float stepY = toB * bDown + toC * cDown;
        boolean middleRight = area > 0;
        int tag = scene.tagged(t);
        boolean lit = scene.litAtVertices(t);
        boolean holed = !lit && scene.hasHoles(tag);
        if (lit) {
            blend(a, b, c, bRight, cRight, bDown, cDown);
        }
        float stepR = lightRight[0];
        float stepG = lightRight[1];
        float stepB = lightRight[2];
        for (int y = first; y < last; y++) {
            float fy = y + 0.5f;
            float down = fy - ay;
            float along = ax + down * longSlope;
            float other = fy < by ? ax + down * upperSlope : bx + (fy - by) * lowerSlope;
            int from = Math.max(left + wantedFrom[y - top], Rounding.ceil((middleRight ? along : other) - 0.5f));
            int to = Math.min(left + wantedTo[y - top], Rounding.ceil((middleRight ? other : along) - 0.5f));
            if (from >= to) {
                continue;
            }
            float right = from + 0.5f - ax;
            float w = near + right * stepX + down * stepY;
            int start = (y - top) * side + from - left;
            int stop = start + to - from;
            if (!lit) {
                if (holed) {
                    holed(t, start, stop, (from + 0.5f) / scale, fy / scale, w, stepX);
                } else {
                    noted(tag, start, stop, w, stepX);
                }
                continue;
            }
            float r = light[0] + right * stepR + down * lightDown[0];
            float g = light[1] + right * stepG + down * lightDown[1];
            float bl = light[2] + right * stepB + down * lightDown[2];
            for (int at = start; at < stop; at++) {
                if (w > depth[at]) {
                    depth[at] = w;
                    seen[at] = tag;
                    red[at] = r < 0 ? 0 : r;
                    green[at] = g;
                    blue[at] = bl;
                }
                w += stepX;
                r += stepR;
                g += stepG;
                bl += stepB;
            }
        }
    }

    /** Makes ready how the light of three corners blends: its value at the first, and its steps. */
    private void blend(int a, int b, int c, float bRight, float cRight, float bDown, float cDown) {
        float[] d = scene.vertices;
        int atA = a + Projection.LIT;
        int atB = b + Projection.LIT;
        int atC = c + Projection.LIT;
        for (int i = 0; i < 3; i++) {
            float first = d[atA + i];
            float toB = d[atB + i] - first;
            float toC = d[atC + i] - first;
            light[i] = first;
            lightRight[i] = toB * bRight + toC * cRight;
            lightDown[i] = toB * bDown + toC * cDown;
        }
    }

    private void noted(int tag, int start, int stop, float nearest, float stepX) {
        float w = nearest;
        for (int at = start; at < stop; at++) {
            if (w > depth[at]) {
                depth[at] = w;
                red[at] = -1;
                seen[at] = tag;
            }
            w += stepX;
        }
    }

    /** One row of a triangle whose texture has holes: transparent points are left as they were. */
    private void holed(int t, int from, int to, float x, float y, float nearest, float stepX) {
        int tag = scene.tagged(t);
        int a = scene.corners[3 * t];
        int b = scene.corners[3 * t + 1];
        int c = scene.corners[3 * t + 2];
        float ax = scene.screenX[a];
        float ay = scene.screenY[a];
        float bx = scene.screenX[b];
        float by = scene.screenY[b];
        float cx = scene.screenX[c];
        float cy = scene.screenY[c];
        float inverse = 1 / ((bx - ax) * (cy - ay) - (cx - ax) * (by - ay));
        Texture texture = scene.textureOf(t);
        // Shares of the corners change evenly along a row, and so do the coordinates.
        float u = ((bx - x) * (cy - y) - (cx - x) * (by - y)) * inverse;
        float v = ((cx - x) * (ay - y) - (ax - x) * (cy - y)) * inverse;
        float stepU = (by - cy) * inverse / scale;
        float stepV = (cy - ay) * inverse / scale;
        float s = across(t, a, b, c, u, v, 0);
        float down = across(t, a, b, c, u, v, 1);
        float stepS = across(t, a, b, c, u + stepU, v + stepV, 0) - s;
        float stepDown = across(t, a, b, c, u + stepU, v + stepV, 1) - down;
        float w = nearest;
        for (int at = from; at < to; at++) {
            if (w > depth[at] && texture.opacity(s, down) >= 128) {
                depth[at] = w;
                red[at] = -1;
                seen[at] = tag;
            }
            w += stepX;
            s += stepS;
            down += stepDown;
        }
    }

    private float across(int t, int a, int b, int c, float u, float v, int which) {
        return u * scene.uv(t, a, which) + v * scene.uv(t, b, which) + (1 - u - v) * scene.uv(t, c, which);
    }
}
