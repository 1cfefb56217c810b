package graykite.picture;

import java.util.Arrays;

/**
 * Paints a row of tiles. What one point in each pixel sees is enough where one surface fills the pixel; where outlines run or
 * surfaces meet, four points are looked at and blended. Keeps its buffers between pictures.
 */
final class Brush {
    private static final int SIDE = Tiles.SIDE;
    /** Very bright points are held back so that a highlight on an edge does not eat its neighbours. */
    private static final float BRIGHTEST_EDGE = 1.2f;
    /** Share of the distance by which two points of one pixel may differ and still count as one place. */
    private static final float SAME_DEPTH = 0.0025f;
    /** Triangles after which it is worth a look how far away the farthest point of a tile is by now. */
    private static final int ENOUGH = 24;

    private final Raster coarse = new Raster(1, Tiles.MARGIN);
    private final Raster fine = new Raster(2, 0);
    private final int[] four = {0, 1, fine.side, fine.side + 1};
    /** Columns of each row of the tile, a bit each, in which four points are looked at. */
    private final int[] mixed = new int[SIDE];

    private final float[] light = new float[3];
    private final float[] sum = new float[3];

    /** Paints a row of tiles whose outlines are looked at closely. */
    void paint(int row, Tiles tiles, Shader shader, Edges edges, Canvas canvas) {
        paint(row, tiles, shader, canvas, (tile, left, top, columns, rows) -> {
            for (int y = 0; y < rows; y++) {
                mixed[y] |= edges.seen(left, top + y, columns, coarse.depth, coarse.at(0, y));
            }
            lookCloser(tiles, tile, shader.scene(), canvas, left, top);
        });
    }

    /** The same with one point a pixel everywhere; where things meet is left for the softening. */
    void paintQuickly(int row, Tiles tiles, Shader shader, Softening softening, Canvas canvas) {
        paint(row, tiles, shader, canvas, (tile, left, top, columns, rows) -> {
            for (int y = 0; y < rows; y++) {
                softening.mark(row, mixed[y] & -1 >>> SIDE - columns, (top + y) * canvas.width() + left);
                mixed[y] = 0;
            }
        });
    }

    /** What is done about the mixed pixels of a tile. */
    private interface Outlines {
        void found(int tile, int left, int top, int columns, int rows);
    }

    private void paint(int row, Tiles tiles, Shader shader, Canvas canvas, Outlines outlines) {
        for (int column = 0; column < tiles.across; column++) {
            int tile = row * tiles.across + column;
            int left = column * SIDE;
            int top = row * SIDE;
            int columns = Math.min(SIDE, canvas.width() - left);
            int rows = Math.min(SIDE, canvas.height() - top);
            if (tiles.isEmpty(tile)) {
                canvas.layGround(left, top, columns, rows, light);
                continue;
            }
            coarse.begin(shader.scene(), tiles, tile, canvas.width(), canvas.height());
            look(tiles, tile, shader.scene());
            findMixed(columns, rows);
            outlines.found(tile, left, top, columns, rows);
            for (int y = 0; y < rows; y++) {
                row(left, top + y, columns, y, shader, canvas);
            }
        }
    }

    /**
     * Draws what is seen with one point a pixel. The skin comes first and hides most of what is behind it: once a tile is
     * full, whatever lies behind all of it (teeth in a shut mouth, hair under a cap) is passed over.
     */
    private void look(Tiles tiles, int tile, Projection scene) {
        float farthest = Projection.NOTHING;
        int surface = -1;
        int drawn = 0;
        for (int i = tiles.from(tile); i < tiles.to(tile); i++) {
            int t = tiles.triangle(i);
            int own = scene.surface(t);
            if (own != surface) {
                surface = own;
                if (drawn > ENOUGH) {
                    farthest = coarse.farthest();
                    drawn = 0;
                }
            }
            if (farthest == Projection.NOTHING || scene.nearest(t) >= farthest) {
                coarse.draw(t);
                drawn++;
            }
        }
    }

    /** Finds the pixels beside which something else is seen. */
    private void findMixed(int columns, int rows) {
        Arrays.fill(mixed, 0);
        float[] depth = coarse.depth;
        int[] seen = coarse.seen;
        for (int y = -1; y < rows; y++) {
            int at = coarse.at(-1, y);
            for (int x = -1; x < columns; x++, at++) {
                int below = at + coarse.side;
                int own = seen[at];
                if (own == seen[at + 1] && own == seen[below]) {
                    continue;
                }
                float near = depth[at];
                int other = (seen[at] ^ seen[at + 1] | seen[at] ^ seen[below]) >>> Projection.TAG_BITS;
                if (other != 0
                        || Math.abs(near - depth[at + 1]) > SAME_DEPTH
                        || Math.abs(near - depth[below]) > SAME_DEPTH) {
                    mixBoth(x, y, at);
                }
            }
        }
    }

    private void mixBoth(int x, int y, int at) {
        mix(x, y);
        if (!alike(coarse, at, at + 1)) {
            mix(x + 1, y);
        }
        if (!alike(coarse, at, at + coarse.side)) {
            mix(x, y + 1);
        }
    }

    private void mix(int x, int y) {
        if (x >= 0 && y >= 0 && x < SIDE && y < SIDE) {
            mixed[y] |= 1 << x;
        }
    }

    /** Draws the triangles that reach into mixed pixels with four points in each. */
    private void lookCloser(Tiles tiles, int tile, Projection scene, Canvas canvas, int left, int top) {
        int any = 0;
        for (int bits : mixed) {
            any |= bits;
        }
        if (any == 0) {
            return;
        }
        fine.begin(scene, tiles, tile, canvas.width(), canvas.height());
        fine.want(mixed);
        for (int i = tiles.from(tile); i < tiles.to(tile); i++) {
            int t = tiles.triangle(i);
            int a = scene.corners[3 * t];
            int b = scene.corners[3 * t + 1];
            int c = scene.corners[3 * t + 2];
            float[] x = scene.screenX;
            float[] y = scene.screenY;
            int fromX = Math.max(0, Rounding.floor(0.5f * Math.min(x[a], Math.min(x[b], x[c]))) - left);
            int toX = Math.min(SIDE - 1, Rounding.floor(0.5f * Math.max(x[a], Math.max(x[b], x[c]))) - left);
            int fromY = Math.max(0, Rounding.floor(0.5f * Math.min(y[a], Math.min(y[b], y[c]))) - top);
            int toY = Math.min(SIDE - 1, Rounding.floor(0.5f * Math.max(y[a], Math.max(y[b], y[c]))) - top);
            if (fromX > toX) {
                continue;
            }
            int span = -1 >>> SIDE - 1 - (toX - fromX) << fromX;
            for (int row = fromY; row <= toY; row++) {
                if ((mixed[row] & span) != 0) {
                    fine.draw(t);
                    break;
                }
            }
        }
    }

    /** One row of pixels of the tile. */
    private void row(int left, int y, int columns, int rowOfTile, Shader shader, Canvas canvas) {
        float[] depth = coarse.depth;
        float[] red = coarse.red;
        float[] green = coarse.green;
        float[] blue = coarse.blue;
        int[] pixels = canvas.pixels();
        int[] ground = canvas.ground();
        boolean plain = canvas.deep().length == 0;
        int bits = mixed[rowOfTile];
        int to = y * canvas.width() + left;
        int at = coarse.at(0, rowOfTile);
        for (int x = 0; x < columns; x++, at++, to++) {
            if ((bits >>> x & 1) != 0) {
                blended(left + x, y, fine.at(x, rowOfTile), shader, canvas);
            } else if (depth[at] == Projection.NOTHING) {
                if (plain) {
                    pixels[to] = ground[to];
                } else {
                    canvas.layGround(left + x, y, 1, 1, light);
                }
            } else if (red[at] < 0) {
                shader.shade(coarse.seen[at] & Projection.TAG_MASK, 2 * (left + x) + 1, 2 * y + 1, light);
                canvas.lay(left + x, y, light[0], light[1], light[2], 4);
            } else if (plain) {
                pixels[to] = Tone.pixel(red[at], green[at], blue[at]);
            } else {
                canvas.lay(left + x, y, red[at], green[at], blue[at], 4);
            }
        }
    }

    /** A pixel of four points. */
    private void blended(int x, int y, int at, Shader shader, Canvas canvas) {
        float[] red = fine.red;
        if ((fine.seen[at] & fine.seen[at + 1] & fine.seen[at + four[2]] & fine.seen[at + four[3]]) == -1) {
            canvas.layGround(x, y, 1, 1, light);
        } else if (fine.depth[at] > Projection.NOTHING
                && alike(fine, at, at + 1)
                && alike(fine, at, four[2] + at)
                && alike(fine, at, four[3] + at)) {
            if (red[at] < 0) {
                // One surface seen by all four points: shading it once in the middle is enough.
                shader.shade(fine.seen[at] & Projection.TAG_MASK, 2 * x + 1, 2 * y + 1, light);
            } else {
                light[0] = mean(red, at);
                light[1] = mean(fine.green, at);
                light[2] = mean(fine.blue, at);
            }
            canvas.lay(x, y, light[0], light[1], light[2], 4);
        } else {
            edge(x, y, at, shader, canvas);
        }
    }

    private float mean(float[] of, int at) {
        return 0.25f * (of[at] + of[at + 1] + of[at + four[2]] + of[at + four[3]]);
    }

    /** A pixel in which several surfaces meet: what must be shaded is shaded once and counts as often as points see it. */
    private void edge(int x, int y, int at, Shader shader, Canvas canvas) {
        sum[0] = 0;
        sum[1] = 0;
        sum[2] = 0;
        int done = 0;
        int covered = 0;
        for (int k = 0; k < 4; k++) {
            if ((done & 1 << k) != 0) {
                continue;
            }
            int own = at + four[k];
            int count = 1;
            for (int o = k + 1; o < 4; o++) {
                int other = at + four[o];
                if ((done & 1 << o) == 0 && fine.red[own] < 0 && alike(fine, own, other)) {
                    count++;
                    done |= 1 << o;
                }
            }
            if (fine.depth[own] == Projection.NOTHING && canvas.clear()) {
                continue;
            }
            covered += count;
            point(own, x, y, k, shader, canvas);
            for (int i = 0; i < 3; i++) {
                sum[i] += count * Math.min(light[i], BRIGHTEST_EDGE);
            }
        }
        if (covered == 0) {
            canvas.layGround(x, y, 1, 1, light);
        } else {
            canvas.lay(x, y, sum[0] / covered, sum[1] / covered, sum[2] / covered, covered);
        }
    }

    /** Fills the light of one point. */
    private void point(int own, int x, int y, int k, Shader shader, Canvas canvas) {
        if (fine.depth[own] == Projection.NOTHING) {
            canvas.backdrop().light(y / (float) canvas.height(), light);
        } else if (fine.red[own] >= 0) {
            light[0] = fine.red[own];
            light[1] = fine.green[own];
            light[2] = fine.blue[own];
        } else {
            shader.shade(fine.seen[own] & Projection.TAG_MASK, 2 * x + 0.5f + (k & 1), 2 * y + 0.5f + (k >> 1), light);
        }
    }

    /** True when two points see the backdrop, or one surface at nearly one depth. */
    private static boolean alike(Raster raster, int one, int other) {
        float near = raster.depth[one];
        return raster.seen[one] >>> Projection.TAG_BITS == raster.seen[other] >>> Projection.TAG_BITS
                && Math.abs(near - raster.depth[other]) <= SAME_DEPTH;
    }
}
