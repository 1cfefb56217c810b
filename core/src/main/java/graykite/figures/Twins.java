package graykite.figures;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Finds vertices that stand for one point of the surface, cut apart only for the sake of a texture. */
public final class Twins {
    /** Cosine of the angle between normals from which on an edge is meant to be sharp. */
    private static final double SMOOTH = 0.9;

    private record Place(float x, float y, float z) {}

    private Twins() {}

    /**
     * For each vertex the first that shares its place; empty when no two do.
     *
     * @param normals of the file, to keep sharp edges sharp; empty when it has none
     */
    public static int[] of(float[] positions, float[] normals) {
        int count = positions.length / 3;
        Map<Place, List<Integer>> first = new HashMap<>();
        int[] twins = new int[count];
        boolean any = false;
        for (int i = 0; i < count; i++) {
            Place place = new Place(positions[3 * i], positions[3 * i + 1], positions[3 * i + 2]);
            List<Integer> here = first.computeIfAbsent(place, p -> new ArrayList<>(1));
            twins[i] = i;
            for (int other : here) {
                if (normals.length == 0 || alike(normals, i, other)) {
                    twins[i] = other;
                    any = true;
                    break;
                }
            }
            if (twins[i] == i) {
                here.add(i);
            }
        }
        return any ? twins : new int[0];
    }

    private static boolean alike(float[] n, int a, int b) {
        return n[3 * a] * n[3 * b] + n[3 * a + 1] * n[3 * b + 1] + n[3 * a + 2] * n[3 * b + 2] > SMOOTH;
    }
}
