package graykite.people.face;

import graykite.geometry.Vec;
import java.util.ArrayList;
import java.util.List;
import java.util.function.IntFunction;
import java.util.stream.IntStream;

/**
 * The skin beside the corners of the mouth. Lips part there within a millimetre, and whatever tells above from below would
 * score the cheek: so this skin does not follow an action by itself but is stretched like a membrane between the lips and
 * the skin farther off (the discrete Laplace equation, solved by relaxation).
 */
final class CornerSkin {
    /** Millimetres round a corner that are stretched. */
    private static final double REACH = 15;

    /** Millimetres of the ends of the lips that are. */
    private static final double ENDS = 3.5;

    private static final int ROUNDS = 150;
    /** Each round goes farther than to the mean of the neighbours, which gets there sooner (successive over-relaxation). */
    private static final double OVER = 1.75;

    private final SkinMesh grid;
    private final int[] free;
    private final int[][] neighbours;
    private final double[][] weights;

    CornerSkin(SkinMesh grid) {
        this.grid = grid;
        List<Integer> found = new ArrayList<>();
        for (int corner : new int[] {0, SkinGrid.SPOKES / 2}) {
            Vec at = point(grid.index(SkinGrid.BORDER, corner));
            for (int i = grid.index(SkinGrid.SEAM + 1, 0); i < grid.nodes().size(); i++) {
                // The seam itself does as the action says; the ends of the lips' red are stretched like the skin.
                if (point(i).minus(at).length()
                        < (i > grid.index(SkinGrid.BORDER, SkinGrid.SPOKES - 1) ? REACH : ENDS)) {
                    found.add(i);
                }
            }
        }
        free = found.stream().mapToInt(i -> i).toArray();
        neighbours = new int[free.length][];
        weights = new double[free.length][];
        for (int k = 0; k < free.length; k++) {
            int ring = grid.nodes().get(free[k]).ring();
            int spoke = grid.nodes().get(free[k]).spoke();
            Vec here = point(free[k]);
            neighbours[k] = new int[] {
                grid.index(ring - 1, spoke), grid.index(ring + 1, spoke),
                grid.index(ring, spoke - 1), grid.index(ring, spoke + 1)
            };
            weights[k] = IntStream.of(neighbours[k])
                    .mapToDouble(n -> 1 / Math.max(0.05, point(n).minus(here).length()))
                    .toArray();
        }
    }

    private Vec point(int vertex) {
        return grid.nodes().get(vertex).point();
    }

    /** A move of every vertex with the skin beside the corners stretched instead. */
    Vec[] stretched(IntFunction<Vec> move) {
        Vec[] moves = IntStream.range(0, grid.nodes().size()).mapToObj(move).toArray(Vec[]::new);
        for (int round = 0; round < ROUNDS; round++) {
            for (int k = 0; k < free.length; k++) {
                Vec sum = Vec.ZERO;
                double whole = 0;
                for (int n = 0; n < neighbours[k].length; n++) {
                    sum = sum.plus(moves[neighbours[k][n]].times(weights[k][n]));
                    whole += weights[k][n];
                }
                moves[free[k]] = moves[free[k]].times(1 - OVER).plus(sum.times(OVER / whole));
            }
        }
        return moves;
    }
}
