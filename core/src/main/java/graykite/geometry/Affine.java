package graykite.geometry;

/**
 * A movement of space: twelve figures, rows of a 3 by 4 matrix. Used only while a file is read; characters keep pivots
 * and angles.
 */
public record Affine(double[] m) {
    public static final Affine NONE = new Affine(new double[] {1, 0, 0, 0, 0, 1, 0, 0, 0, 0, 1, 0});

    /** Translation, then rotation by a unit quaternion x y z w, then scale, as glTF nodes write it. */
    public static Affine of(double[] t, double[] q, double[] s) {
        double[] r = rotation(q);
        return new Affine(new double[] {
            r[0] * s[0],
            r[1] * s[1],
            r[2] * s[2],
            t[0],
            r[3] * s[0],
            r[4] * s[1],
            r[5] * s[2],
            t[1],
            r[6] * s[0],
            r[7] * s[1],
            r[8] * s[2],
            t[2]
        });
    }

    /** Sixteen figures, columns first, as glTF writes matrices. */
    public static Affine ofColumns(double[] c) {
        return new Affine(new double[] {c[0], c[4], c[8], c[12], c[1], c[5], c[9], c[13], c[2], c[6], c[10], c[14]});
    }

    public static double[] rotation(double[] q) {
        double n = Math.sqrt(q[0] * q[0] + q[1] * q[1] + q[2] * q[2] + q[3] * q[3]);
        double x = n < 1e-9 ? 0 : q[0] / n;
        double y = n < 1e-9 ? 0 : q[1] / n;
        double z = n < 1e-9 ? 0 : q[2] / n;
        double w = n < 1e-9 ? 1 : q[3] / n;
        return new double[] {
            1 - 2 * (y * y + z * z), 2 * (x * y - z * w), 2 * (x * z + y * w), 2 * (x * y + z * w),
            1 - 2 * (x * x + z * z), 2 * (y * z - x * w), 2 * (x * z - y * w), 2 * (y * z + x * w),
            1 - 2 * (x * x + y * y)
        };
    }

    public Affine times(Affine o) {
        double[] r = new double[12];
        for (int i = 0; i < 3; i++) {
            for (int k = 0; k < 4; k++) {
                r[4 * i + k] = m[4 * i] * o.m[k]
                        + m[4 * i + 1] * o.m[4 + k]
                        + m[4 * i + 2] * o.m[8 + k]
                        + (k == 3 ? m[4 * i + 3] : 0);
            }
        }
        return new Affine(r);
    }

    public Vec point(double x, double y, double z) {
        return new Vec(
                m[0] * x + m[1] * y + m[2] * z + m[3],
                m[4] * x + m[5] * y + m[6] * z + m[7],
                m[8] * x + m[9] * y + m[10] * z + m[11]);
    }

    /** A direction with length: not moved, only turned and scaled. */
    public Vec direction(double x, double y, double z) {
        return new Vec(m[0] * x + m[1] * y + m[2] * z, m[4] * x + m[5] * y + m[6] * z, m[8] * x + m[9] * y + m[10] * z);
    }

    public Vec origin() {
        return new Vec(m[3], m[7], m[11]);
    }

    /** A share of this and the rest of another, figure by figure: for vertices that follow several joints. */
    public static Affine mixed(Affine[] all, double[] shares) {
        double[] r = new double[12];
        for (int a = 0; a < all.length; a++) {
            for (int i = 0; i < 12; i++) {
                r[i] += shares[a] * all[a].m[i];
            }
        }
        return new Affine(r);
    }

    /** The nine figures of the rotation alone, scale taken out. */
    public double[] turn() {
        double[] r = new double[9];
        for (int c = 0; c < 3; c++) {
            double length = Math.sqrt(m[c] * m[c] + m[4 + c] * m[4 + c] + m[8 + c] * m[8 + c]);
            for (int row = 0; row < 3; row++) {
                r[3 * row + c] = length < 1e-12 ? (row == c ? 1 : 0) : m[4 * row + c] / length;
            }
        }
        return r;
    }

    public static double[] product(double[] a, double[] b) {
        double[] r = new double[9];
        for (int i = 0; i < 3; i++) {
            for (int k = 0; k < 3; k++) {
                r[3 * i + k] = a[3 * i] * b[k] + a[3 * i + 1] * b[3 + k] + a[3 * i + 2] * b[6 + k];
            }
        }
        return r;
    }

    public static double[] transposed(double[] a) {
        return new double[] {a[0], a[3], a[6], a[1], a[4], a[7], a[2], a[5], a[8]};
    }

    /** Degrees about x, y and z of a rotation that is applied about z, then x, then y. */
    public static double[] degrees(double[] r) {
        // R = Ry Rx Rz: its middle row is (cx sz, cx cz, -sx).
        double x = Math.asin(Math.clamp(-r[5], -1, 1));
        double y = Math.atan2(r[2], r[8]);
        double z = Math.atan2(r[3], r[4]);
        return new double[] {Math.toDegrees(x), Math.toDegrees(y), Math.toDegrees(z)};
    }
}
