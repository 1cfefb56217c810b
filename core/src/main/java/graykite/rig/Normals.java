package graykite.rig;

/** Smooth normals: at each vertex the mean of the triangles around it, weighted by their areas. */
public final class Normals {
    private Normals() {}

    /** @return unit x y z for each vertex; straight to the front for a vertex without triangles */
    public static float[] of(float[] p, int[] triangles) {
        return of(p, triangles, new int[0]);
    }

    /**
     * As {@link #of(float[], int[])}, with vertices that stand for one point of the surface.
     *
     * @param twins for each vertex the first one that shares its point, or empty when no two do
     */
    public static float[] of(float[] p, int[] triangles, int[] twins) {
        float[] n = new float[p.length];
        for (int t = 0; t < triangles.length; t += 3) {
            int a = 3 * triangles[t];
            int b = 3 * triangles[t + 1];
            int c = 3 * triangles[t + 2];
            float ux = p[b] - p[a];
            float uy = p[b + 1] - p[a + 1];
            float uz = p[b + 2] - p[a + 2];
            float vx = p[c] - p[a];
            float vy = p[c + 1] - p[a + 1];
            float vz = p[c + 2] - p[a + 2];
            float x = uy * vz - uz * vy;
            float y = uz * vx - ux * vz;
            float z = ux * vy - uy * vx;
            for (int corner : new int[] {a, b, c}) {
                n[corner] += x;
                n[corner + 1] += y;
                n[corner + 2] += z;
            }
        }
        for (int i = 0; i < twins.length; i++) {
            if (twins[i] != i) {
                for (int k = 0; k < 3; k++) {
                    n[3 * twins[i] + k] += n[3 * i + k];
                }
            }
        }
        for (int i = 0; i < twins.length; i++) {
            System.arraycopy(n, 3 * twins[i], n, 3 * i, 3);
        }
        for (int i = 0; i < n.length; i += 3) {
            float length = (float) Math.sqrt(n[i] * n[i] + n[i + 1] * n[i + 1] + n[i + 2] * n[i + 2]);
            if (length < 1e-9f) {
                n[i] = 0;
                n[i + 1] = 0;
                n[i + 2] = 1;
            } else {
                n[i] /= length;
                n[i + 1] /= length;
                n[i + 2] /= length;
            }
        }
        return n;
    }
}
