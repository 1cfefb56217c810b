package graykite.geometry;

import java.util.List;
import org.ejml.data.DMatrixRMaj;
import org.ejml.dense.row.CommonOps_DDRM;
import org.ejml.dense.row.factory.DecompositionFactory_DDRM;
import org.ejml.interfaces.decomposition.SingularValueDecomposition_F64;

/**
 * A turn, a scale and a shift that bring one set of points onto another with the least squared error (Umeyama 1991).
 *
 * @param rotation nine figures, rows first
 */
public record Similarity(double scale, double[] rotation, Vec shift) {
    public static Similarity between(List<Vec> from, List<Vec> to) {
        Vec a = mean(from);
        Vec b = mean(to);
        double[][] h = new double[3][3];
        double spread = 0;
        for (int i = 0; i < from.size(); i++) {
            double[] x = figures(from.get(i).minus(a));
            double[] y = figures(to.get(i).minus(b));
            for (int r = 0; r < 3; r++) {
                for (int c = 0; c < 3; c++) {
                    h[r][c] += y[r] * x[c];
                }
            }
            spread += x[0] * x[0] + x[1] * x[1] + x[2] * x[2];
        }
        SingularValueDecomposition_F64<DMatrixRMaj> svd = DecompositionFactory_DDRM.svd(3, 3, true, true, false);
        svd.decompose(new DMatrixRMaj(h));
        DMatrixRMaj u = svd.getU(null, false);
        DMatrixRMaj vt = svd.getV(null, true);
        double[] values = svd.getSingularValues();
        double sign = CommonOps_DDRM.det(u) * CommonOps_DDRM.det(vt) < 0 ? -1 : 1;
        // A mirror image is turned back along the direction of least spread: EJML leaves the order of the values open.
        int least = 0;
        for (int i = 1; i < 3; i++) {
            least = values[i] < values[least] ? i : least;
        }
        for (int row = 0; row < 3; row++) {
            u.set(row, least, sign * u.get(row, least));
        }
        DMatrixRMaj r = new DMatrixRMaj(3, 3);
        CommonOps_DDRM.mult(u, vt, r);
        double sum = values[0] + values[1] + values[2] + (sign - 1) * values[least];
        double scale = sum / Math.max(spread, 1e-12);
        double[] rotation = new double[9];
        for (int i = 0; i < 9; i++) {
            rotation[i] = r.get(i / 3, i % 3);
        }
        Similarity turned = new Similarity(scale, rotation, Vec.ZERO);
        return new Similarity(scale, rotation, b.minus(turned.point(a)));
    }

    private static Vec mean(List<Vec> points) {
        Vec sum = Vec.ZERO;
        for (Vec p : points) {
            sum = sum.plus(p);
        }
        return sum.times(1.0 / points.size());
    }

    private static double[] figures(Vec v) {
        return new double[] {v.x(), v.y(), v.z()};
    }

    public Vec point(Vec p) {
        return direction(p).plus(shift);
    }

    public Vec direction(Vec d) {
        return new Vec(
                        rotation[0] * d.x() + rotation[1] * d.y() + rotation[2] * d.z(),
                        rotation[3] * d.x() + rotation[4] * d.y() + rotation[5] * d.z(),
                        rotation[6] * d.x() + rotation[7] * d.y() + rotation[8] * d.z())
                .times(scale);
    }

    /** The way back. */
    public Similarity inverse() {
        double[] r = Affine.transposed(rotation);
        Similarity back = new Similarity(1 / scale, r, Vec.ZERO);
        return new Similarity(1 / scale, r, back.point(shift).times(-1));
    }

    public float[] points(float[] p) {
        float[] moved = new float[p.length];
        for (int i = 0; i < p.length; i += 3) {
            Vec v = point(new Vec(p[i], p[i + 1], p[i + 2]));
            moved[i] = (float) v.x();
            moved[i + 1] = (float) v.y();
            moved[i + 2] = (float) v.z();
        }
        return moved;
    }

    public float[] directions(float[] d) {
        float[] moved = new float[d.length];
        for (int i = 0; i < d.length; i += 3) {
            Vec v = direction(new Vec(d[i], d[i + 1], d[i + 2]));
            moved[i] = (float) v.x();
            moved[i + 1] = (float) v.y();
            moved[i + 2] = (float) v.z();
        }
        return moved;
    }
}
