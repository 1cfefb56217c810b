package graykite.figures;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.ejml.data.DMatrixRMaj;
import org.ejml.data.DMatrixSparseCSC;
import org.ejml.data.DMatrixSparseTriplet;
import org.ejml.interfaces.linsol.LinearSolverSparse;
import org.ejml.ops.DConvertMatrixStruct;
import org.ejml.sparse.FillReducing;
import org.ejml.sparse.csc.factory.LinearSolverFactory_DSCC;

/**
 * The linear system of a shape transfer, decomposed once and solved for each shape. Pinned vertices are no unknowns. The
 * unknowns are put in the order of Cuthill and McKee (1969), reversed, which keeps the factor thin.
 */
final class ShapeSystem {
    private final int[] unknown;
    private final double[] drawn;
    private final int count;
    private final LinearSolverSparse<DMatrixSparseCSC, DMatrixRMaj> solver;

    private ShapeSystem(int[] unknown, double[] drawn, int count, DMatrixSparseCSC matrix) {
        this.unknown = unknown;
        this.drawn = drawn;
        this.count = count;
        this.solver = LinearSolverFactory_DSCC.cholesky(FillReducing.NONE);
        if (count > 0 && !solver.setA(matrix)) {
            throw new IllegalArgumentException("The mesh has pieces that nothing holds; weld its vertices.");
        }
    }

    /** With what weight a vertex is drawn to its place on the source; 0 for a pinned one. */
    double drawn(int vertex) {
        return unknown[vertex] < 0 ? 0 : drawn[vertex];
    }

    /**
     * Solves for a shape.
     *
     * @param right three figures a vertex
     * @return three figures a vertex; zero for pinned ones
     */
    double[] solve(double[] right) {
        double[] result = new double[right.length];
        if (count == 0) {
            return result;
        }
        DMatrixRMaj b = new DMatrixRMaj(count, 3);
        for (int v = 0; v < unknown.length; v++) {
            if (unknown[v] >= 0) {
                for (int k = 0; k < 3; k++) {
                    b.set(unknown[v], k, right[3 * v + k]);
                }
            }
        }
        DMatrixRMaj x = new DMatrixRMaj(count, 3);
        solver.solve(b, x);
        for (int v = 0; v < unknown.length; v++) {
            if (unknown[v] >= 0) {
                for (int k = 0; k < 3; k++) {
                    result[3 * v + k] = x.get(unknown[v], k);
                }
            }
        }
        return result;
    }

    /** Collects the system. */
    static final class Builder {
        private final boolean[] pinned;
        private final int[] triangles;
        private final Map<Long, Double> entries = new HashMap<>();
        private final double[] diagonal;
        private final double[] drawn;

        Builder(boolean[] pinned, int[] triangles) {
            this.pinned = pinned;
            this.triangles = triangles;
            this.diagonal = new double[pinned.length];
            this.drawn = new double[pinned.length];
        }

        void add(int row, int column, double value) {
            if (row == column) {
                diagonal[row] += value;
            }
            if (!pinned[row] && !pinned[column]) {
                entries.merge((long) row << 32 | column, value, Double::sum);
            }
        }

        /** Draws a vertex to a place of its own, by a share of what holds it to its neighbours. */
        void draw(int vertex, double share) {
            drawn[vertex] = share * Math.max(diagonal[vertex], 1e-6);
            if (!pinned[vertex]) {
                entries.merge((long) vertex << 32 | vertex, drawn[vertex], Double::sum);
            }
        }

        ShapeSystem build() {
            int[] order = order();
            int[] unknown = new int[pinned.length];
            Arrays.fill(unknown, -1);
            for (int i = 0; i < order.length; i++) {
                unknown[order[i]] = i;
            }
            DMatrixSparseTriplet triplet = new DMatrixSparseTriplet(order.length, order.length, entries.size());
            entries.forEach(
                    (key, value) -> triplet.addItem(unknown[(int) (key >> 32)], unknown[(int) (long) key], value));
            DMatrixSparseCSC matrix = DConvertMatrixStruct.convert(triplet, (DMatrixSparseCSC) null);
            return new ShapeSystem(unknown, drawn, order.length, matrix);
        }

        private int[] order() {
            int n = pinned.length;
            List<List<Integer>> next = new ArrayList<>();
            for (int i = 0; i < n; i++) {
                next.add(new ArrayList<>(6));
            }
            for (int i = 0; i < triangles.length; i++) {
                int a = triangles[i];
                int b = triangles[i % 3 == 2 ? i - 2 : i + 1];
                if (!pinned[a] && !pinned[b]) {
                    next.get(a).add(b);
                    next.get(b).add(a);
                }
            }
            boolean[] seen = new boolean[n];
            List<Integer> order = new ArrayList<>();
            for (int start = 0; start < n; start++) {
                if (seen[start] || pinned[start]) {
                    continue;
                }
                ArrayDeque<Integer> queue = new ArrayDeque<>(List.of(start));
                seen[start] = true;
                while (!queue.isEmpty()) {
                    int v = queue.removeFirst();
                    order.add(v);
                    next.get(v).stream()
                            .filter(w -> !seen[w])
                            .distinct()
                            .sorted(Comparator.comparingInt(w -> next.get(w).size()))
                            .forEach(w -> {
                                seen[w] = true;
                                queue.add(w);
                            });
                }
            }
            Collections.reverse(order);
            return order.stream().mapToInt(i -> i).toArray();
        }
    }
}
