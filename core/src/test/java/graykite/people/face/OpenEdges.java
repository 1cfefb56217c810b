package graykite.people.face;

import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.rig.Part;
import java.util.HashSet;
import java.util.Set;

/** How closed a mesh is. */
public final class OpenEdges {
    /** Of a closed skin: the two ends of its polar grid, throat and back of the head, shrink to a point each. */
    public static final int OF_SKIN = 2 * SkinGrid.SPOKES;

    private OpenEdges() {}

    /** Edges that only one triangle has. No edge is used twice in one direction, or the mesh would be folded. */
    public static int of(Part part) {
        Set<Long> edges = new HashSet<>();
        int[] t = part.triangles();
        for (int i = 0; i < t.length; i += 3) {
            for (int k = 0; k < 3; k++) {
                assertTrue(edges.add(edge(t[i + k], t[i + (k + 1) % 3])), part.name() + " is folded at " + t[i + k]);
            }
        }
        return (int) edges.stream()
                .filter(edge -> !edges.contains(edge(edge & 0xffffffffL, edge >>> 32)))
                .count();
    }

    private static long edge(long a, long b) {
        return a << 32 | b;
    }
}
