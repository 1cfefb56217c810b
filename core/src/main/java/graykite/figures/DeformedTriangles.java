package graykite.figures;

import graykite.geometry.Affine;
import graykite.geometry.Vec;

/** How each triangle of a mesh deforms when its vertices move (Sumner & Popović 2004, section 3). */
final class DeformedTriangles {
    private final float[] source;
    private final int[] sourceTriangles;

    /**
     * @param source places of the vertices at rest, three numbers each
     * @param sourceTriangles three vertices each
     */
    DeformedTriangles(float[] source, int[] sourceTriangles) {
        this.source = source;
        this.sourceTriangles = sourceTriangles;
    }

    /** The place, or the way, of a vertex. */
    static Vec at(float[] p, int v) {
        return new Vec(p[3 * v], p[3 * v + 1], p[3 * v + 2]);
    }

    /** Gradients of the three hat functions of a triangle, and its area in the fourth place's x. */
    static Vec[] gradients(Vec a, Vec b, Vec c) {
        Vec n = b.minus(a).cross(c.minus(a));
        double twice = n.length();
        // Slivers say nothing about form and would weigh without bound.
        if (twice < 2e-3) {
            return new Vec[] {Vec.ZERO, Vec.ZERO, Vec.ZERO, Vec.ZERO};
        }
        Vec unit = n.times(1 / twice);
        return new Vec[] {
            unit.cross(c.minus(b)).times(1 / twice),
            unit.cross(a.minus(c)).times(1 / twice),
            unit.cross(b.minus(a)).times(1 / twice),
            new Vec(twice / 2, 0, 0)
        };
    }

    /** How a triangle of the source deforms, less the identity; empty when it does not. */
    double[] deformed(int triangle, float[] moves) {
        int a = sourceTriangles[3 * triangle];
        int b = sourceTriangles[3 * triangle + 1];
        int c = sourceTriangles[3 * triangle + 2];
        Vec da = at(moves, a);
        Vec db = at(moves, b);
        Vec dc = at(moves, c);
        if (da.length() + db.length() + dc.length() < 1e-6) {
            return new double[0];
        }
        double[] before = frame(at(source, a), at(source, b), at(source, c));
        double[] after = frame(
                at(source, a).plus(da), at(source, b).plus(db), at(source, c).plus(dc));
        double[] s = Affine.product(after, inverse(before));
        s[0] -= 1;
        s[4] -= 1;
        s[8] -= 1;
        return s;
    }

    /** Two edges and the scaled normal of a triangle as columns. */
    private static double[] frame(Vec a, Vec b, Vec c) {
        Vec u = b.minus(a);
        Vec v = c.minus(a);
        Vec n = u.cross(v);
        n = n.times(1 / Math.sqrt(Math.max(1e-12, n.length())));
        return new double[] {u.x(), v.x(), n.x(), u.y(), v.y(), n.y(), u.z(), v.z(), n.z()};
    }

    private static double[] inverse(double[] m) {
        double a = m[4] * m[8] - m[5] * m[7];
        double b = m[5] * m[6] - m[3] * m[8];
        double c = m[3] * m[7] - m[4] * m[6];
        double det = m[0] * a + m[1] * b + m[2] * c;
        if (Math.abs(det) < 1e-12) {
            return new double[] {1, 0, 0, 0, 1, 0, 0, 0, 1};
        }
        double d = 1 / det;
        return new double[] {
            a * d,
            (m[2] * m[7] - m[1] * m[8]) * d,
            (m[1] * m[5] - m[2] * m[4]) * d,
            b * d,
            (m[0] * m[8] - m[2] * m[6]) * d,
            (m[2] * m[3] - m[0] * m[5]) * d,
            c * d,
            (m[1] * m[6] - m[0] * m[7]) * d,
            (m[0] * m[4] - m[1] * m[3]) * d
        };
    }
}
