package graykite.figures;

import java.util.ArrayList;
import java.util.List;

/** Vertices that only slivers hold: nothing says how they move, so they go with their nearest neighbour. */
final class Orphans {
    /** Pairs of a vertex, and the one that it goes with. */
    private final int[] pairs;

    /**
     * @param rest places of the vertices, three numbers each
     * @param held which vertices a triangle worth the name holds
     * @param used which vertices belong to a triangle at all
     */
    Orphans(float[] rest, boolean[] held, boolean[] used) {
        List<Integer> found = new ArrayList<>();
        for (int v = 0; v < held.length; v++) {
            if (!held[v] && used[v] && found.size() < 4000) {
                int best = -1;
                for (int w = 0; w < held.length; w++) {
                    if (held[w] && (best < 0 || apart(rest, v, w) < apart(rest, v, best))) {
                        best = w;
                    }
                }
                if (best >= 0 && apart(rest, v, best) < 1) {
                    found.add(v);
                    found.add(best);
                }
            }
        }
        pairs = found.stream().mapToInt(i -> i).toArray();
    }

    private static double apart(float[] rest, int v, int w) {
        return DeformedTriangles.at(rest, v)
                .minus(DeformedTriangles.at(rest, w))
                .length();
    }

    /** Lets them go along, in place. @param solved three numbers a vertex */
    void takeAlong(double[] solved) {
        for (int i = 0; i < pairs.length; i += 2) {
            System.arraycopy(solved, 3 * pairs[i + 1], solved, 3 * pairs[i], 3);
        }
    }
}
