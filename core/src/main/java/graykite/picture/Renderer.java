package graykite.picture;

import static graykite.base.Require.requireThat;

import graykite.geometry.Vec;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.ForkJoinPool;
import java.util.concurrent.ForkJoinTask;
import java.util.stream.IntStream;

/**
 * Draws surfaces without a graphics card: the same picture in the window, in files and on a machine with no display. A
 * buffer of which triangle is seen at four points in each pixel is filled first, then every pixel is shaded once, or once
 * for each triangle that meets in it. Keeps its buffers between pictures; use one renderer a thread.
 */
public final class Renderer {
    private static final int BANDS = 8;
    /** Share of the distance by which two points of one pixel may differ and still count as one place. */
    private static final float SAME_DEPTH = 0.0025f;

    private final ShadowMap shadows = new ShadowMap();
    private int width;
    private int height;
    private float[] depth = new float[0];
    /** Which surface and triangle each point sees; meaningless where the depth is 0. */
    private int[] seen = new int[0];

    private int[] ground = new int[0];
    private Backdrop backdrop = Backdrop.FELT;
    private boolean clear;
    /** Receives 16 bits a colour besides, when somebody wants them: red, green, blue, opacity. */
    private short[] deep = new short[0];

    private Projection scene = new Projection(List.of(), Camera.FRONT, 1, 1);

    /** Where nobody stands the picture is transparent; colours are premultiplied. */
    public void setClear(boolean wanted) {
        ground = wanted == clear ? ground : new int[0];
        clear = wanted;
    }

    /** What is seen behind everybody from the next picture on. */
    public void setBackdrop(Backdrop wanted) {
        ground = wanted == backdrop ? ground : new int[0];
        backdrop = wanted;
    }

    /**
     * Draws a picture.
     *
     * @param pixels receives width * height pixels, opaque unless the picture is clear
     */
    public void draw(List<Surface> surfaces, Camera camera, int newWidth, int newHeight, int[] pixels) {
        requireThat(
                newWidth > 0 && newHeight > 0 && newWidth <= 8192 && newHeight <= 8192,
                "Pictures have 1 to 8192 pixels a side.");
        requireThat(pixels.length >= newWidth * newHeight, "The pixel array is too short.");
        if (width != newWidth || height != newHeight || ground.length == 0) {
            width = newWidth;
            height = newHeight;
            paintGround();
        }
        int samples = 4 * width * height;
        if (depth.length < samples) {
            depth = new float[samples];
            seen = new int[samples];
        }
        Vec key = Lighting.turned(Lighting.KEY, camera.yaw());
        ForkJoinTask<?> casting = ForkJoinPool.commonPool().submit(() -> shadows.draw(surfaces, key));
        scene = new Projection(surfaces, camera, 2 * width, 2 * height);
        Shader shader = new Shader(scene, shadows, key, camera);
        // While one thread casts shadows the others already find out what is seen.
        IntStream.range(0, BANDS).parallel().forEach(this::findSeen);
        casting.join();
        int vertices = scene.vertexCount();
        IntStream.range(0, BANDS)
                .parallel()
                .forEach(part -> shader.lightVertices(
                        (int) ((long) vertices * part / BANDS), (int) ((long) vertices * (part + 1) / BANDS)));
        IntStream.range(0, BANDS).parallel().forEach(band -> shade(band, shader, pixels));
    }

    /** Draws into a new picture. */
    public Picture draw(List<Surface> surfaces, Camera camera, int newWidth, int newHeight) {
        int[] pixels = new int[newWidth * newHeight];
        draw(surfaces, camera, newWidth, newHeight, pixels);
        return new Picture(newWidth, newHeight, pixels);
    }

    /** Draws into a new picture with 16 bits a colour. */
    public DeepPicture drawDeep(List<Surface> surfaces, Camera camera, int newWidth, int newHeight) {
        deep = new short[4 * newWidth * newHeight];
        draw(surfaces, camera, newWidth, newHeight, new int[newWidth * newHeight]);
        DeepPicture picture = new DeepPicture(newWidth, newHeight, deep);
        deep = new short[0];
        return picture;
    }

    private void findSeen(int band) {
        int from = height * band / BANDS;
        int to = height * (band + 1) / BANDS;
        Arrays.fill(depth, 4 * from * width, 4 * to * width, 0);
        rasterise(2 * from, 2 * to);
    }

    private void shade(int band, Shader shader, int[] pixels) {
        int from = height * band / BANDS;
        int to = height * (band + 1) / BANDS;
        int columns = 2 * width;
        float[] light = new float[3];
        float[] sum = new float[3];
        for (int y = from; y < to; y++) {
            for (int x = 0; x < width; x++) {
                int at = 2 * y * columns + 2 * x;
                if (depth[at] + depth[at + 1] + depth[at + columns] + depth[at + columns + 1] == 0) {
                    pixels[y * width + x] = ground[y * width + x];
                    if (deep.length > 0 && !clear) {
                        backdrop.light(y / (float) height, light);
                        Tone.deep(light[0], light[1], light[2], 4, deep, 4 * (y * width + x));
                    }
                } else if (depth[at] > 0
                        && alike(at, at + 1)
                        && alike(at, at + columns)
                        && alike(at, at + columns + 1)) {
                    // One surface seen by all four points: shading it once in the middle is enough.
                    shader.shade(seen[at] & Projection.TAG_MASK, 2 * x + 1, 2 * y + 1, light);
                    pixels[y * width + x] = Tone.pixel(light[0], light[1], light[2]);
                    if (deep.length > 0) {
                        Tone.deep(light[0], light[1], light[2], 4, deep, 4 * (y * width + x));
                    }
                } else {
                    pixels[y * width + x] = edge(shader, at, x, y, light, sum);
                }
            }
        }
    }

    /** A pixel in which several surfaces meet: each is shaded once and counts as often as points see it. */
    private int edge(Shader shader, int at, int x, int y, float[] light, float[] sum) {
        sum[0] = 0;
        sum[1] = 0;
        sum[2] = 0;
        int done = 0;
        int covered = 0;
        for (int k = 0; k < 4; k++) {
            if ((done & 1 << k) != 0) {
                continue;
            }
            int own = at + (k & 1) + (k >> 1) * 2 * width;
            int count = 1;
            for (int o = k + 1; o < 4; o++) {
                int other = at + (o & 1) + (o >> 1) * 2 * width;
                if ((done & 1 << o) == 0 && alike(own, other)) {
                    count++;
                    done |= 1 << o;
                }
            }
            if (depth[own] == 0 && clear) {
                continue;
            }
            covered += count;
            if (depth[own] == 0) {
                backdrop.light(y / (float) height, light);
            } else {
                shader.shade(seen[own] & Projection.TAG_MASK, 2 * x + 0.5f + (k & 1), 2 * y + 0.5f + (k >> 1), light);
            }
            // Very bright points are held back so that a highlight on an edge does not eat its neighbours.
            for (int i = 0; i < 3; i++) {
                sum[i] += count * Math.min(light[i], 1.2f);
            }
        }
        if (deep.length > 0) {
            Tone.deep(sum[0] / covered, sum[1] / covered, sum[2] / covered, covered, deep, 4 * (y * width + x));
        }
        int whole = Tone.pixel(sum[0] / covered, sum[1] / covered, sum[2] / covered);
        return covered == 4 ? whole : Tone.premultiplied(whole, covered);
    }

    /** True when two points see the backdrop, or one surface at nearly one depth. */
    private boolean alike(int one, int other) {
        float near = depth[one];
        float far = depth[other];
        if (near == 0 || far == 0) {
            return near == far;
        }
        return seen[one] >>> Projection.TAG_BITS == seen[other] >>> Projection.TAG_BITS
                && Math.abs(near - far) < SAME_DEPTH * near;
    }

    private void paintGround() {
        ground = new int[width * height];
        if (clear) {
            return;
        }
        float[] light = new float[3];
        for (int y = 0; y < height; y++) {
            backdrop.light(y / (float) height, light);
            for (int x = 0; x < width; x++) {
                // Half a level of fixed noise keeps the gradient free of bands.
                float grain = ((x * 0x9E3779B1 ^ y * 0x85EBCA6B) >>> 24) / 255f - 0.5f;
                float noise = backdrop.isEven() ? 0 : grain * 0.004f;
                ground[y * width + x] = Tone.pixel(light[0] + noise, light[1] + noise, light[2] + noise);
            }
        }
    }

    /** Fills the samples of some rows: each triangle is walked row by row between its left and right edge. */
    private void rasterise(int top, int bottom) {
        float[] sx = scene.screenX;
        float[] sy = scene.screenY;
        int[] corners = scene.corners;
        for (int f = 0; f < scene.facingCount; f++) {
            int t = scene.facing[f];
            int a = corners[3 * t];
            int b = corners[3 * t + 1];
            int c = corners[3 * t + 2];
            // From here on a is the topmost corner, c the lowest.
            int swap;
            if (sy[a] > sy[b]) {
                swap = a;
                a = b;
                b = swap;
            }
            if (sy[b] > sy[c]) {
                swap = b;
                b = c;
                c = swap;
            }
            if (sy[a] > sy[b]) {
                swap = a;
                a = b;
                b = swap;
            }
            int first = Math.max(top, ceil(sy[a] - 0.5f));
            int last = Math.min(bottom, ceil(sy[c] - 0.5f));
            if (first < last) {
                fill(scene.tagged(t), a, b, c, first, last, sx, sy);
            }
        }
    }

    private void fill(int tag, int a, int b, int c, int first, int last, float[] sx, float[] sy) {
        int columns = 2 * width;
        float[] sw = scene.inverseDepth;
        float ax = sx[a];
        float ay = sy[a];
        float bx = sx[b];
        float by = sy[b];
        float longSlope = (sx[c] - ax) / (sy[c] - ay);
        float upperSlope = by > ay ? (bx - ax) / (by - ay) : 0;
        float lowerSlope = sy[c] > by ? (sx[c] - bx) / (sy[c] - by) : 0;
        float area = (bx - ax) * (sy[c] - ay) - (sx[c] - ax) * (by - ay);
        float stepX = ((sw[b] - sw[a]) * (sy[c] - ay) - (sw[c] - sw[a]) * (by - ay)) / area;
        float stepY = ((sw[c] - sw[a]) * (bx - ax) - (sw[b] - sw[a]) * (sx[c] - ax)) / area;
        boolean middleRight = area > 0;
        boolean holed = scene.hasHoles(tag);
        for (int y = first; y < last; y++) {
            float fy = y + 0.5f;
            float along = ax + (fy - ay) * longSlope;
            float other = fy < by ? ax + (fy - ay) * upperSlope : bx + (fy - by) * lowerSlope;
            int from = Math.max(0, ceil((middleRight ? along : other) - 0.5f));
            int to = Math.min(columns, ceil((middleRight ? other : along) - 0.5f));
            float w = sw[a] + (from + 0.5f - ax) * stepX + (fy - ay) * stepY;
            int stop = y * columns + to;
            if (holed) {
                fillHoled(tag, y * columns + from, stop, from + 0.5f, fy, w, stepX);
                continue;
            }
            for (int at = y * columns + from; at < stop; at++) {
                if (w > depth[at]) {
                    depth[at] = w;
                    seen[at] = tag;
                }
                w += stepX;
            }
        }
    }

    /** One row of a triangle whose texture has holes: transparent points are left as they were. */
    private void fillHoled(int tag, int from, int to, float x, float y, float w, float stepX) {
        int t = tag & Projection.TAG_MASK;
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
        float stepU = (by - cy) * inverse;
        float stepV = (cy - ay) * inverse;
        float s = across(t, a, b, c, u, v, 0);
        float down = across(t, a, b, c, u, v, 1);
        float stepS = across(t, a, b, c, u + stepU, v + stepV, 0) - s;
        float stepDown = across(t, a, b, c, u + stepU, v + stepV, 1) - down;
        for (int at = from; at < to; at++) {
            if (w > depth[at] && texture.opacity(s, down) >= 128) {
                depth[at] = w;
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

    private static int ceil(float x) {
        int whole = (int) x;
        return x > whole ? whole + 1 : whole;
    }
}
