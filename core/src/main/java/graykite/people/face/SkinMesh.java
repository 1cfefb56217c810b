package graykite.people.face;

import graykite.geometry.Vec;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.function.IntFunction;
import java.util.stream.IntStream;

/**
 * The skin as it is drawn: the polar grid round the mouth, in which loops of their own lie round the eyes. They follow the
 * rims of the lids, so that a rim is a smooth line however the grid runs there, and go on behind the lids.
 */
final class SkinMesh {
    /** Millimetres from the rim to each loop outside of it, as shares of the room that there is, and to each within it. */
    private static final double[] OUTWARD = {0.66, 0.36, 0.14};

    private static final double[] INWARD = {0.8, 2.5, 6};

    /** Rounds of evening out where the edge of a hole lies. */
    private static final int EVENED = 12;

    private final int[] places;
    private final List<SkinGrid.Node> nodes = new ArrayList<>();
    private final List<int[]> faces = new ArrayList<>();

    SkinMesh(SkinGrid grid, List<EyeRim> eyes) {
        nodes.addAll(grid.nodes());
        List<SkinHole> holes = eyes.stream().map(eye -> new SkinHole(grid, eye)).toList();
        for (int i = 0; i < nodes.size(); i++) {
            SkinGrid.Node node = nodes.get(i);
            for (EyeRim eye : eyes) {
                node = node.at(eye.eased(node.point()));
            }
            nodes.set(i, node);
        }
        for (int quad = 0; quad < (SkinGrid.RINGS - 1) * SkinGrid.SPOKES; quad++) {
            int own = quad;
            if (holes.stream().noneMatch(hole -> hole.isOpen(own))) {
                faces.add(SkinHole.corners(quad));
            }
        }
        for (int i = 0; i < eyes.size(); i++) {
            fill(holes.get(i).edge(), eyes.get(i));
        }
        places = kept(grid.nodes().size());
    }

    List<SkinGrid.Node> nodes() {
        return Collections.unmodifiableList(nodes);
    }

    /** The vertex that lies nearest to a place: the skin in which something stands. */
    SkinGrid.Node nearest(Vec place) {
        return nodes.stream()
                .min(Comparator.comparingDouble(n -> n.point().minus(place).length()))
                .orElseThrow();
    }

    /** Corners of triangles and of quads, three or four each, counter-clockwise as seen from outside. */
    List<int[]> faces() {
        return Collections.unmodifiableList(faces);
    }

    /** Where a vertex of the polar grid is in {@link #nodes}; only those away from the eyes are. */
    int index(int ring, int spoke) {
        int place = places[ring * SkinGrid.SPOKES + Math.floorMod(spoke, SkinGrid.SPOKES)];
        if (place < 0) {
            throw new IllegalArgumentException("No vertex of the skin is at ring " + ring + ", spoke " + spoke + ".");
        }
        return place;
    }

    private void fill(int[] edge, EyeRim eye) {
        Vec[] beyond = beyond(edge, eye);
        List<int[]> loops = new ArrayList<>();
        for (double share : OUTWARD) {
            loops.add(loop(i -> eye.outward(i, beyond[i], share), edge));
        }
        loops.add(loop(eye::point, edge));
        for (double within : INWARD) {
            loops.add(loop(i -> eye.inward(i, within), edge));
        }
        sew(edge, loops.getFirst());
        int end = add(eye.end(), edge);
        for (int i = 0; i < EyeRim.POINTS; i++) {
            int next = (i + 1) % EyeRim.POINTS;
            for (int k = 0; k + 1 < loops.size(); k++) {
                int[] outer = loops.get(k);
                int[] inner = loops.get(k + 1);
                faces.add(new int[] {inner[i], outer[i], outer[next], inner[next]});
            }
            faces.add(new int[] {end, loops.getLast()[i], loops.getLast()[next]});
        }
    }

    private int[] loop(IntFunction<Vec> place, int[] edge) {
        // Carving takes many steps for each place.
        List<Vec> carved =
                IntStream.range(0, EyeRim.POINTS).parallel().mapToObj(place).toList();
        return carved.stream().mapToInt(at -> add(at, edge)).toArray();
    }

    /** The places at the edge of a hole that lie nearest to the points of the rim, evened out from one to the next. */
    private Vec[] beyond(int[] edge, EyeRim eye) {
        Vec[] beyond = new Vec[EyeRim.POINTS];
        for (int i = 0; i < beyond.length; i++) {
            beyond[i] = nodes.get(nearest(edge, eye.point(i))).point();
        }
        for (int round = 0; round < EVENED; round++) {
            Vec[] from = beyond.clone();
            for (int i = 0; i < beyond.length; i++) {
                Vec both = from[(i + 1) % from.length].mix(from[Math.floorMod(i - 1, from.length)], 0.5);
                beyond[i] = from[i].mix(both, 0.5);
            }
        }
        return beyond;
    }

    /** A vertex that belongs to the mouth as the nearest one at the edge of its hole does: hardly. */
    private int add(Vec place, int[] edge) {
        nodes.add(nodes.get(nearest(edge, place)).at(place));
        return nodes.size() - 1;
    }

    private int nearest(int[] edge, Vec place) {
        int nearest = edge[0];
        for (int i : edge) {
            if (away(i, place) < away(nearest, place)) {
                nearest = i;
            }
        }
        return nearest;
    }

    private double away(int node, Vec place) {
        return nodes.get(node).point().minus(place).length();
    }

    /** Joins the edge of a hole to the first loop within it: each vertex of the edge with the nearest one of the loop, and what lies between. */
    private void sew(int[] edge, int[] loop) {
        int first = IntStream.range(0, edge.length)
                .boxed()
                .min(Comparator.comparingDouble(k -> length(edge[k], loop[0])))
                .orElseThrow();
        int beside = 0;
        for (int k = 1; k <= edge.length; k++) {
            int before = edge[(first + k - 1) % edge.length];
            int here = edge[(first + k) % edge.length];
            int reached = k == edge.length ? loop.length : following(loop, here, beside);
            for (; beside < reached; beside++) {
                faces.add(new int[] {loop[beside], before, loop[(beside + 1) % loop.length]});
            }
            faces.add(new int[] {loop[beside % loop.length], before, here});
        }
    }

    /** Which vertex of a loop lies nearest to a place of its edge, counted on from one that was passed already. */
    private int following(int[] loop, int vertex, int passed) {
        int nearest = IntStream.range(0, loop.length)
                .boxed()
                .min(Comparator.comparingDouble(i -> length(loop[i], vertex)))
                .orElseThrow();
        int ahead = Math.floorMod(nearest - passed, loop.length);
        return ahead < loop.length / 2 ? Math.min(loop.length, passed + ahead) : passed;
    }

    private double length(int a, int b) {
        return nodes.get(a).point().minus(nodes.get(b).point()).length();
    }

    /** Leaves out the vertices that no face has, and tells where those of the grid are now; -1 for what is gone. */
    private int[] kept(int ofGrid) {
        boolean[] used = new boolean[nodes.size()];
        faces.forEach(t -> Arrays.stream(t).forEach(i -> used[i] = true));
        int[] moved = new int[nodes.size()];
        List<SkinGrid.Node> left = new ArrayList<>();
        for (int i = 0; i < used.length; i++) {
            moved[i] = used[i] ? left.size() : -1;
            if (used[i]) {
                left.add(nodes.get(i));
            }
        }
        nodes.clear();
        nodes.addAll(left);
        faces.replaceAll(t -> Arrays.stream(t).map(i -> moved[i]).toArray());
        return Arrays.copyOf(moved, ofGrid);
    }
}
