package graykite.people.face;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/**
 * A hole in the polar grid of the skin, in one piece and with one edge: all quads that have a corner near an eye. Quads are
 * numbered by the first of their corners.
 */
final class SkinHole {
    /** Millimetres outside of the loop round an eye within which no vertex of the grid is kept. */
    static final double REACH = 7.2;

    private static final int S = SkinGrid.SPOKES;
    private static final int QUADS = (SkinGrid.RINGS - 1) * S;
    /** Vertices of the face below this ring are never taken out: the lips are theirs. */
    private static final int FIRST = SkinGrid.BORDER + 4;

    private final boolean[] open = new boolean[QUADS];
    private final int[] edge;

    SkinHole(SkinGrid grid, EyeRim eye) {
        double[] outside = IntStream.range(0, grid.nodes().size())
                .parallel()
                .mapToDouble(i -> eye.outside(grid.nodes().get(i).point()))
                .toArray();
        int nearest = IntStream.range(FIRST * S, QUADS)
                .boxed()
                .min(Comparator.comparingDouble(i -> outside[i]))
                .orElseThrow();
        flood(nearest, outside);
        fillIslands();
        Map<Integer, Integer> next = border();
        while (next.isEmpty()) {
            fillIslands();
            next = border();
        }
        int[] found = new int[next.size()];
        int at = next.keySet().iterator().next();
        for (int i = 0; i < found.length; i++) {
            found[i] = at;
            at = next.get(at);
        }
        edge = found;
    }

    /** Whether a quad belongs to the hole. */
    boolean isOpen(int quad) {
        return open[quad];
    }

    /** The vertices of the grid round the hole, counter-clockwise as seen from outside. */
    int[] edge() {
        return edge;
    }

    /** The corners of a quad, counter-clockwise as seen from outside. */
    static int[] corners(int quad) {
        int right = quad % S + 1 < S ? quad + 1 : quad + 1 - S;
        return new int[] {quad, quad + S, right + S, right};
    }

    /** The quads beside the four sides of a quad, in the order of {@link #corners}; those beyond the grid are -1. */
    private static int[] beside(int quad) {
        int left = quad % S > 0 ? quad - 1 : quad - 1 + S;
        int right = quad % S + 1 < S ? quad + 1 : quad + 1 - S;
        return new int[] {left, quad + S < QUADS ? quad + S : -1, right, quad - S};
    }

    private void flood(int start, double[] outside) {
        ArrayDeque<Integer> left = new ArrayDeque<>(List.of(start));
        while (!left.isEmpty()) {
            int quad = left.pop();
            if (quad < FIRST * S || open[quad] || IntStream.of(corners(quad)).allMatch(c -> outside[c] >= REACH)) {
                continue;
            }
            open[quad] = true;
            for (int other : beside(quad)) {
                if (other >= 0) {
                    left.push(other);
                }
            }
        }
    }

    /** Opens the quads that cannot be reached from the lips any more. */
    private void fillIslands() {
        boolean[] reached = new boolean[QUADS];
        ArrayDeque<Integer> left = new ArrayDeque<>(List.of(0));
        while (!left.isEmpty()) {
            int quad = left.pop();
            if (open[quad] || reached[quad]) {
                continue;
            }
            reached[quad] = true;
            for (int other : beside(quad)) {
                if (other >= 0) {
                    left.push(other);
                }
            }
        }
        for (int quad = 0; quad < QUADS; quad++) {
            open[quad] |= !reached[quad];
        }
    }

    /** Which vertex of the edge follows which; nothing after quads were opened because the edge met itself there. */
    private Map<Integer, Integer> border() {
        Map<Integer, Integer> next = new HashMap<>();
        List<Integer> met = new ArrayList<>();
        for (int quad = 0; quad < QUADS; quad++) {
            if (!open[quad]) {
                continue;
            }
            int[] corners = corners(quad);
            int[] beside = beside(quad);
            for (int i = 0; i < 4; i++) {
                if (beside[i] >= 0 && open[beside[i]]) {
                    continue;
                }
                if (next.put(corners[i], corners[(i + 1) % 4]) != null) {
                    met.add(corners[i]);
                }
            }
        }
        for (int vertex : met) {
            for (int quad = 0; quad < QUADS; quad++) {
                for (int corner : corners(quad)) {
                    open[quad] |= corner == vertex;
                }
            }
        }
        return met.isEmpty() ? next : Map.of();
    }
}
