package graykite.picture;

import graykite.geometry.Vec;

/**
 * The light that a point of a surface sends to the camera. Dull materials are lit at their vertices, which lie close
 * together, and blended between them; polished ones (eyes, teeth, brass) are lit at every pixel so that their highlights
 * stay sharp.
 */
final class Shader {
    /** By how much redder warm skin is in full shade. */
    private static final float BLOOD = 0.17f;

    private final Projection scene;
    private final ShadowMap shadows;
    private final Lighting.Mood mood;
    private final float[] key;
    private final float[] fill;
    private final float[] rim;
    private final float[] keyHalf;
    private final float[] fillHalf;
    private final float[] rimHalf;
    private final float vx;
    private final float vy;
    private final float vz;

    Shader(Projection scene, ShadowMap shadows, Lighting lighting, Camera camera) {
        this.scene = scene;
        this.shadows = shadows;
        mood = lighting.mood();
        key = array(lighting.key(camera));
        fill = array(lighting.fill(camera));
        rim = array(lighting.rim(camera));
        // The camera stands far away: one direction to it serves the whole face.
        vx = (float) camera.back().x();
        vy = (float) camera.back().y();
        vz = (float) camera.back().z();
        keyHalf = half(key);
        fillHalf = half(fill);
        rimHalf = half(rim);
    }

    Projection scene() {
        return scene;
    }

    private static float[] array(Vec v) {
        return new float[] {(float) v.x(), (float) v.y(), (float) v.z()};
    }

    /** Linear red, green and blue of a triangle at a point of the sample grid. */
    void shade(int triangle, float x, float y, float[] out) {
        float[] d = scene.vertices;
        int a = Projection.STRIDE * scene.corners[3 * triangle];
        int b = Projection.STRIDE * scene.corners[3 * triangle + 1];
        int c = Projection.STRIDE * scene.corners[3 * triangle + 2];
        float ax = d[a + Projection.SCREEN];
        float ay = d[a + Projection.SCREEN + 1];
        float bx = d[b + Projection.SCREEN];
        float by = d[b + Projection.SCREEN + 1];
        float cx = d[c + Projection.SCREEN];
        float cy = d[c + Projection.SCREEN + 1];
        float inverse = 1 / ((bx - ax) * (cy - ay) - (cx - ax) * (by - ay));
        float u = ((bx - x) * (cy - y) - (cx - x) * (by - y)) * inverse;
        float v = ((cx - x) * (ay - y) - (ax - x) * (cy - y)) * inverse;
        u = u < 0 ? 0 : u > 1 ? 1 : u;
        v = v < 0 ? 0 : v > 1 - u ? 1 - u : v;
        float w = 1 - u - v;
        Finish finish = scene.finishOf(triangle);
        light(finish, u, v, w, a, b, c, out);
        if (scene.textured(triangle)) {
            lay(triangle, u, v, w, out);
        }
        if (finish.painted()) {
            for (int i = 0; i < 3; i++) {
                out[i] = Tone.beforeShoulder(out[i]);
            }
        }
    }

    /** Multiplies with the texture. */
    private void lay(int triangle, float u, float v, float w, float[] out) {
        int a = scene.corners[3 * triangle];
        int b = scene.corners[3 * triangle + 1];
        int c = scene.corners[3 * triangle + 2];
        float red = out[0];
        float green = out[1];
        float blue = out[2];
        scene.textureOf(triangle)
                .sample(
                        u * scene.uv(triangle, a, 0) + v * scene.uv(triangle, b, 0) + w * scene.uv(triangle, c, 0),
                        u * scene.uv(triangle, a, 1) + v * scene.uv(triangle, b, 1) + w * scene.uv(triangle, c, 1),
                        out);
        out[0] *= red;
        out[1] *= green;
        out[2] *= blue;
    }

    private void light(Finish finish, float u, float v, float w, int a, int b, int c, float[] out) {
        float[] d = scene.vertices;
        if (!finish.polished()) {
            // The camera is so far away that shares on the screen serve as shares in space.
            out[0] = u * d[a] + v * d[b] + w * d[c];
            out[1] = u * d[a + 1] + v * d[b + 1] + w * d[c + 1];
            out[2] = u * d[a + 2] + v * d[b + 2] + w * d[c + 2];
            return;
        }
        float specular = light(
                finish,
                u * d[a + Projection.PLACE] + v * d[b + Projection.PLACE] + w * d[c + Projection.PLACE],
                u * d[a + Projection.PLACE + 1] + v * d[b + Projection.PLACE + 1] + w * d[c + Projection.PLACE + 1],
                u * d[a + Projection.PLACE + 2] + v * d[b + Projection.PLACE + 2] + w * d[c + Projection.PLACE + 2],
                u * d[a + Projection.NORMAL] + v * d[b + Projection.NORMAL] + w * d[c + Projection.NORMAL],
                u * d[a + Projection.NORMAL + 1] + v * d[b + Projection.NORMAL + 1] + w * d[c + Projection.NORMAL + 1],
                u * d[a + Projection.NORMAL + 2] + v * d[b + Projection.NORMAL + 2] + w * d[c + Projection.NORMAL + 2],
                out);
        for (int i = 0; i < 3; i++) {
            int k = Projection.COLOUR + i;
            out[i] = out[i] * (u * d[a + k] + v * d[b + k] + w * d[c + k]) + specular;
        }
    }

    /** Lights the vertices of dull surfaces from one index up to, not including, another. */
    void lightVertices(int from, int to) {
        float[] d = scene.vertices;
        float[] out = new float[3];
        for (int vertex = from; vertex < to; vertex++) {
            if (!scene.isSeen(vertex)) {
                continue;
            }
            Finish finish = scene.finishOfVertex(vertex);
            int at = vertex * Projection.STRIDE;
            if (finish.painted()) {
                System.arraycopy(d, at + Projection.COLOUR, d, at + Projection.LIT, 3);
                continue;
            }
            if (finish.polished()) {
                continue;
            }
            float specular = light(
                    finish,
                    d[at + Projection.PLACE],
                    d[at + Projection.PLACE + 1],
                    d[at + Projection.PLACE + 2],
                    d[at + Projection.NORMAL],
                    d[at + Projection.NORMAL + 1],
                    d[at + Projection.NORMAL + 2],
                    out);
            for (int i = 0; i < 3; i++) {
                d[at + Projection.LIT + i] = out[i] * d[at + Projection.COLOUR + i] + specular;
            }
        }
    }

    /** Fills the light that falls on the point; returns the highlight. */
    private float light(Finish finish, float px, float py, float pz, float rawX, float rawY, float rawZ, float[] out) {
        float length = 1 / (float) Math.sqrt(rawX * rawX + rawY * rawY + rawZ * rawZ + 1e-12f);
        float nx = rawX * length;
        float ny = rawY * length;
        float nz = rawZ * length;
        float soft = finish.wrap();
        float keyDot = nx * key[0] + ny * key[1] + nz * key[2];
        float lit = keyDot > -soft ? shadows.lit(px + nx * 2.5f, py + ny * 2.5f, pz + nz * 2.5f) : 0;
        lit += (1 - lit) * finish.translucence();
        float keyLight = wrap(keyDot, soft) * lit;
        float keyRed = wrap(keyDot, finish.redWrap()) * (lit + (1 - lit) * 0.10f * finish.warmth());
        float fillLight = wrap(nx * fill[0] + ny * fill[1] + nz * fill[2], 0.3f);
        float rimDot = Math.max(0, nx * rim[0] + ny * rim[1] + nz * rim[2]);
        float facing = Math.max(0, nx * vx + ny * vy + nz * vz);
        float edge = 1 - facing;
        float rimLight = rimDot * (0.35f + 0.65f * edge);
        float up = 0.5f + 0.5f * ny;
        for (int i = 0; i < 3; i++) {
            float keyed = i == 0 ? keyRed : keyLight;
            out[i] = mood.key[i] * keyed
                    + mood.fill[i] * fillLight
                    + mood.rim[i] * rimLight
                    + mood.ground[i]
                    + (mood.sky[i] - mood.ground[i]) * up;
        }
        // What comes out of skin in the shade has gone through blood.
        float blood = BLOOD * finish.warmth() * Math.max(0, 1 - keyLight);
        out[0] *= 1 + blood;
        out[1] *= 1 - 0.4f * blood;
        out[2] *= 1 - 0.2f * blood;
        if (finish.highlight() == 0) {
            return 0;
        }

        float sharp = finish.sharpness();
        float strength = finish.highlight() * (0.35f + 0.65f * edge * edge * edge);
        return strength
                * (1.3f * lit * highlight(keyHalf, sharp, nx, ny, nz)
                        + 0.25f * highlight(fillHalf, sharp, nx, ny, nz)
                        + 0.3f * highlight(rimHalf, sharp, nx, ny, nz));
    }

    private float[] half(float[] light) {
        return array(new Vec(light[0] + vx, light[1] + vy, light[2] + vz).unit());
    }

    private static float wrap(float dot, float soft) {
        float value = (dot + soft) / (1 + soft);
        return value <= 0 ? 0 : value;
    }

    /** Blinn-Phong with the power replaced by a Gaussian of the same width: cheaper, and never negative. */
    private static float highlight(float[] half, float sharp, float nx, float ny, float nz) {
        float x = 1 + 0.0625f * sharp * (nx * half[0] + ny * half[1] + nz * half[2] - 1);
        if (x <= 0) {
            return 0;
        }
        // (1 + x / 16) to the sixteenth stands for e to the x.
        x *= x;
        x *= x;
        x *= x;
        return x * x;
    }
}
