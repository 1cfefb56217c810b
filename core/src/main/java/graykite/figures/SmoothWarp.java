package graykite.figures;

import graykite.geometry.Vec;
import java.util.List;
import org.ejml.data.DMatrixRMaj;
import org.ejml.dense.row.factory.LinearSolverFactory_DDRM;
import org.ejml.interfaces.linsol.LinearSolverDense;

/** The smoothest warp of space that takes landmarks to landmarks: biharmonic radial functions with an affine part. */
final class SmoothWarp {
    private final List<Vec> centres;
    private final DMatrixRMaj weights;

    SmoothWarp(List<Vec> from, List<Vec> to) {
        centres = from;
        int n = from.size();
        double[][] a = new double[n + 4][n + 4];
        double[][] b = new double[n + 4][3];
        for (int i = 0; i < n; i++) {
            for (int j = 0; j < n; j++) {
                a[i][j] = from.get(i).minus(from.get(j)).length();
            }
            double[] affine = {1, from.get(i).x(), from.get(i).y(), from.get(i).z()};
            for (int k = 0; k < 4; k++) {
                a[i][n + k] = affine[k];
                a[n + k][i] = affine[k];
            }
            Vec d = to.get(i).minus(from.get(i));
            b[i] = new double[] {d.x(), d.y(), d.z()};
        }
        // With pivots, so that landmarks in one place or in a plane are borne.
        LinearSolverDense<DMatrixRMaj> solver = LinearSolverFactory_DDRM.leastSquaresQrPivot(true, false);
        solver.setA(new DMatrixRMaj(a));
        weights = new DMatrixRMaj(n + 4, 3);
        solver.solve(new DMatrixRMaj(b), weights);
    }

    Vec at(Vec p) {
        double[] d = new double[3];
        int n = centres.size();
        double[] affine = {1, p.x(), p.y(), p.z()};
        for (int k = 0; k < 3; k++) {
            for (int i = 0; i < n; i++) {
                d[k] += weights.get(i, k) * p.minus(centres.get(i)).length();
            }
            for (int i = 0; i < 4; i++) {
                d[k] += weights.get(n + i, k) * affine[i];
            }
        }
        return p.plus(new Vec(d[0], d[1], d[2]));
    }
}
