package graykite.picture;

import graykite.geometry.Vec;
import java.util.Arrays;
import java.util.List;

/** Depth of the scene seen from the key light, for soft cast shadows. */
final class ShadowMap {
    private static final int SIZE = 320;
    /** Millimetres on either side of the middle that one figure takes. */
    private static final float REACH = 190;

    private static final float BIAS = 3.6f;

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
        int minX = Math.max(0, (int) Math.ceil(Math.min(x[a], Math.min(x[b], x[c])) - 0.5f));
        int maxX = Math.min(SIZE - 1, (int) Math.floor(Math.max(x[a], Math.max(x[b], x[c])) - 0.5f));
        int minY = Math.max(0, (int) Math.ceil(Math.min(y[a], Math.min(y[b], y[c])) - 0.5f));
        int maxY = Math.min(SIZE - 1, (int) Math.floor(Math.max(y[a], Math.max(y[b], y[c])) - 0.5f));
        float inverse = 1 / area;
        for (int py = minY; py <= maxY; py++) {
            for (int px = minX; px <= maxX; px++) {
                float fx = px + 0.5f;
                float fy = py + 0.5f;
                float wa = ((x[b] - fx) * (y[c] - fy) - (x[c] - fx) * (y[b] - fy)) * inverse;
                float wb = ((x[c] - fx) * (y[a] - fy) - (x[a] - fx) * (y[c] - fy)) * inverse;
                float wc = 1 - wa - wb;
                if (wa >= 0 && wb >= 0 && wc >= 0) {
                    float value = wa * d[a] + wb * d[b] + wc * d[c];
                    int at = py * SIZE + px;
                    if (value > depth[at]) {
                        depth[at] = value;
                    }
                }
            }
        }
    }

    /** How much of the light reaches a point, 0 to 1; a 4 by 4 neighbourhood weighted by position makes the edge soft. */
    float lit(float worldX, float py, float pz) {
        float px = worldX - centreX;
        float scale = SIZE / (2 * reach);
        float x = (px * rx + py * ry + pz * rz + reach) * scale - 0.5f;
        float y = (px * ux + py * uy + pz * uz + reach) * scale - 0.5f;
        if (x < 1 || y < 1 || x >= SIZE - 2 || y >= SIZE - 2) {
            return 1;
        }
        int ix = (int) x;
        int iy = (int) y;
        float d = px * dx + py * dy + pz * dz + BIAS * reach / REACH;
        float fx = x - ix;
        float fy = y - iy;
        int at = (iy - 1) * SIZE + ix - 1;
        float sum = (1 - fy) * row(at, d, fx)
                + row(at + SIZE, d, fx)
                + row(at + 2 * SIZE, d, fx)
                + fy * row(at + 3 * SIZE, d, fx);
        return sum * (1f / 9f);
    }

    private float row(int at, float d, float fx) {
        float sum = depth[at] <= d ? 1 - fx : 0;
        sum += depth[at + 1] <= d ? 1 : 0;
        sum += depth[at + 2] <= d ? 1 : 0;
        return depth[at + 3] <= d ? sum + fx : sum;
    }
}
