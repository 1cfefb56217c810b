package graykite.picture;

import graykite.geometry.Vec;
import java.util.Arrays;
import java.util.List;

/** Depth of the scene seen from the key light, for soft cast shadows. */
final class ShadowMap {
    private static final int SIZE = 320;
    /** Millimetres on either side of the middle that one figure takes. */
    private static final float REACH = 190;

    private static final float BIAS = 4.2f;
    /** Places that are asked along one side for a soft edge, besides one that is shared. */
    private static final int TAPS = 5;
    /** From one of them to the next. */
    private static final int STEP = 3;
    /** From the middle to the outermost. */
    private static final int SPAN = STEP * TAPS / 2 + 1;

    private final float[] depth = new float[SIZE * SIZE];
    private float rx;
    private float ry;
    private float rz;
    private float ux;
    private float uy;
    private float uz;
    private float dx;
    private float dy;
    private float dz;
    private float centreX;
    private float reach = REACH;
    /** Whose shadows these are, by their meshes, and in what light; nobody's once they were used a second time. */
    private List<int[]> casters = List.of();

    private Vec from = Vec.ZERO;

    /** True when the shadows of the picture before do for this one too: the same people in the same light, one movement on. */
    boolean lastOnceMore(List<Surface> surfaces, Vec light) {
        boolean same = !casters.isEmpty() && light.equals(from) && casters.size() == surfaces.size();
        for (int i = 0; same && i < casters.size(); i++) {
            same = casters.get(i) == surfaces.get(i).triangles();
        }
        casters = List.of();
        return same;
    }

    void draw(List<Surface> surfaces, Vec light) {
        Vec right = new Vec(0, 1, 0).cross(light).unit();
        Vec up = light.cross(right);
        rx = (float) right.x();
        ry = (float) right.y();
        rz = (float) right.z();
        ux = (float) up.x();
        uy = (float) up.y();
        uz = (float) up.z();
        dx = (float) light.x();
        dy = (float) light.y();
        dz = (float) light.z();
        casters = surfaces.stream().map(Surface::triangles).toList();
        from = light;
        Arrays.fill(depth, -1e9f);
        spread(surfaces);
        for (Surface surface : surfaces) {
            if (surface.material().castsShadow()) {
                draw(surface);
            }
        }
    }

    /** Widens the map when several figures stand side by side. */
    private void spread(List<Surface> surfaces) {
        float low = -REACH;
        float high = REACH;
        for (Surface surface : surfaces) {
            if (surface.material().castsShadow()) {
                float[] p = surface.positions();
                for (int i = 0; i < p.length; i += 3) {
                    low = Math.min(low, p[i]);
                    high = Math.max(high, p[i]);
                }
            }
        }
        centreX = (low + high) / 2;
        reach = Math.max(REACH, Math.min((high - low) / 2, 4 * REACH));
    }

    private void draw(Surface surface) {
        float[] p = surface.positions();
        int n = surface.vertexCount();
        float[] x = new float[n];
        float[] y = new float[n];
        float[] d = new float[n];
        float scale = SIZE / (2 * reach);
        for (int i = 0; i < n; i++) {
            float px = p[3 * i] - centreX;
            float py = p[3 * i + 1];
            float pz = p[3 * i + 2];
            x[i] = (px * rx + py * ry + pz * rz + reach) * scale;
            y[i] = (px * ux + py * uy + pz * uz + reach) * scale;
            d[i] = px * dx + py * dy + pz * dz;
        }
        int[] t = surface.triangles();
        for (int i = 0; i < t.length; i += 3) {
            triangle(x, y, d, t[i], t[i + 1], t[i + 2]);
        }
    }

    private void triangle(float[] x, float[] y, float[] d, int a, int b, int c) {
        float area = (x[b] - x[a]) * (y[c] - y[a]) - (x[c] - x[a]) * (y[b] - y[a]);
        if (area <= 1e-6f) {
            return;
        }
        int minY = Math.max(0, Rounding.ceil(Math.min(y[a], Math.min(y[b], y[c])) - 0.5f));
        int maxY = Math.min(SIZE - 1, Rounding.floor(Math.max(y[a], Math.max(y[b], y[c])) - 0.5f));
        if (minY > maxY) {
            return;
        }
        int minX = Math.max(0, Rounding.ceil(Math.min(x[a], Math.min(x[b], x[c])) - 0.5f));
        int maxX = Math.min(SIZE - 1, Rounding.floor(Math.max(x[a], Math.max(x[b], x[c])) - 0.5f));
        if (minX > maxX) {
            return;
        }
        float inverse = 1 / area;
        // Shares of the first two corners, and how they change with a step to the right and up.
        float rightA = (y[b] - y[c]) * inverse;
        float upA = (x[c] - x[b]) * inverse;
        float rightB = (y[c] - y[a]) * inverse;
        float upB = (x[a] - x[c]) * inverse;
        float cornerX = minX + 0.5f - x[c];
        float cornerY = minY + 0.5f - y[c];
        float rowA = cornerX * rightA + cornerY * upA;
        float rowB = cornerX * rightB + cornerY * upB;
        float toA = d[a] - d[c];
        float toB = d[b] - d[c];
        for (int py = minY; py <= maxY; py++) {
            float wa = rowA;
            float wb = rowB;
            int at = py * SIZE + minX;
            for (int px = minX; px <= maxX; px++, at++) {
                if (wa >= 0 && wb >= 0 && wa + wb <= 1) {
                    float value = d[c] + wa * toA + wb * toB;
                    if (value > depth[at]) {
                        depth[at] = value;
                    }
                }
                wa += rightA;
                wb += rightB;
            }
            rowA += upA;
            rowB += upB;
        }
    }

    /**
     * How much of the light reaches a point, 0 to 1. The light is broad: a neighbourhood of 16 by 16 is asked at every
     * third place, its outer places weighted so that nothing jumps as the point moves.
     */
    float lit(float worldX, float py, float pz) {
        float px = worldX - centreX;
        float scale = SIZE / (2 * reach);
        float x = (px * rx + py * ry + pz * rz + reach) * scale - 0.5f;
        float y = (px * ux + py * uy + pz * uz + reach) * scale - 0.5f;
        if (x < SPAN || y < SPAN || x >= SIZE - SPAN - STEP || y >= SIZE - SPAN - STEP) {
            return 1;
        }
        // Places lie on a grid of every third one, so that shares run from one to the next.
        float across = x * (1f / STEP);
        float down = y * (1f / STEP);
        int ix = (int) across;
        int iy = (int) down;
        float fx = across - ix;
        float fy = down - iy;
        float d = px * dx + py * dy + pz * dz + BIAS * reach / REACH;
        int at = (STEP * iy - SPAN + 2) * SIZE + STEP * ix - SPAN + 2;
        float sum = (1 - fy) * row(at, d, fx) + fy * row(at + STEP * TAPS * SIZE, d, fx);
        for (int k = 1; k < TAPS; k++) {
            sum += row(at + STEP * k * SIZE, d, fx);
        }
        return sum * (1f / (TAPS * TAPS));
    }

    private float row(int at, float d, float fx) {
        float sum = depth[at] <= d ? 1 - fx : 0;
        for (int k = 1; k < TAPS; k++) {
            sum += depth[at + STEP * k] <= d ? 1 : 0;
        }
        return depth[at + STEP * TAPS] <= d ? sum + fx : sum;
    }
}
