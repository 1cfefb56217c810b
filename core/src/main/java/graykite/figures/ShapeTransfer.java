package graykite.figures;

import static graykite.base.Require.requireThat;

import graykite.base.Progress;
import graykite.geometry.Similarity;
import graykite.geometry.Vec;
import graykite.rig.MorphTarget;
import graykite.rig.Part;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Carries the shapes of one mesh over to another of different form and topology: deformation transfer (Sumner & Popović
 * 2004, "Deformation transfer for triangle meshes"). Each triangle of the target is to deform as the triangle of the source
 * that lies at its place; the vertices that come nearest to that solve a sparse linear system, the same for all shapes, in
 * the gradient form of Botsch et al. 2006. Which triangle lies where is found by landmarks and a smooth warp.
 */
public final class ShapeTransfer {
    /** Millimetres within which a triangle of the source counts as lying at the place. */
    private static final double NEAR = 14;

    /** Strength with which vertices are also drawn to where their place on the source goes; keeps far parts together. */
    private static final double DRAWN = 0.02;

    /**
     * What came out.
     *
     * @param targets the shapes of the target, by the names of the source's
     * @param matched share of the target's surface for which a place on the source was found
     * @param apart mean distance, in millimetres, between the target and the warped source where they match
     */
    public record Carried(List<MorphTarget> targets, double matched, double apart) {}

    private final float[] source;
    private final DeformedTriangles form;
    private final int[] sourceTriangles;
    private final float[] rest;
    private final int[] triangles;
    private final int[] place;
    private final Vec[] onSource;
    private final int[][] around;
    private final double matched;
    private final double apart;
    private final MeshSearch search;
    private final Orphans orphans;

    private ShapeTransfer(Part from, Part to, Map<String, Vec> fromMarks, Map<String, Vec> toMarks, Similarity into) {
        source = from.positions();
        sourceTriangles = from.triangles();
        form = new DeformedTriangles(source, sourceTriangles);
        rest = into.points(to.positions());
        triangles = to.triangles();
        List<Vec> a = new ArrayList<>();
        List<Vec> b = new ArrayList<>();
        fromMarks.forEach((name, p) -> {
            // Marks that fall together, as those of shut lips, say one thing only once.
            if (toMarks.containsKey(name)
                    && a.stream().noneMatch(q -> q.minus(p).length() < 0.5)) {
                a.add(p);
                b.add(into.point(toMarks.get(name)));
            }
        });
        SmoothWarp warp = new SmoothWarp(a, b);
        float[] warped = new float[source.length];
        for (int i = 0; i < source.length; i += 3) {
            Vec v = warp.at(new Vec(source[i], source[i + 1], source[i + 2]));
            warped[i] = (float) v.x();
            warped[i + 1] = (float) v.y();
            warped[i + 2] = (float) v.z();
        }
        search = new MeshSearch(warped, sourceTriangles);
        place = new int[triangles.length / 3];
        onSource = new Vec[place.length];
        double sum = 0;
        int found = 0;
        for (int k = 0; k < place.length; k++) {
            Vec middle = corner(k, 0).plus(corner(k, 1)).plus(corner(k, 2)).times(1 / 3.0);
            Vec normal = corner(k, 1)
                    .minus(corner(k, 0))
                    .cross(corner(k, 2).minus(corner(k, 0)))
                    .unit();
            MeshSearch.Hit hit = search.nearest(middle, normal, 2);
            boolean near =
                    hit.triangle() >= 0 && hit.distance() < NEAR && normal.dot(search.normal(hit.triangle())) > 0.1;
            place[k] = near ? hit.triangle() : -1;
            onSource[k] = hit.point();
            if (near) {
                sum += hit.distance();
                found++;
            }
        }
        matched = found / (double) Math.max(1, place.length);
        apart = sum / Math.max(1, found);
        around = trianglesAround();
        orphans = findOrphans();
    }

    /**
     * Carries shapes over.
     *
     * @param from the mesh with shapes
     * @param fromMarks landmarks on it, in its millimetres
     * @param to the bare mesh; its own shapes are not looked at
     * @param toMarks the same landmarks on the bare mesh; at least eight must be common to both
     * @throws IllegalArgumentException when there are too few landmarks or the meshes do not fit one another
     */
    public static Carried carry(
            Part from, Map<String, Vec> fromMarks, Part to, Map<String, Vec> toMarks, Progress progress) {
        Similarity into = LandmarkAlignment.of(fromMarks, toMarks);
        progress.step(0.05);
        ShapeTransfer transfer = new ShapeTransfer(from, to, fromMarks, toMarks, into);
        requireThat(
                transfer.matched > 0.15,
                "The landmarks do not fit: only %.0f %% of the mesh lies where a face is. Check left and right.",
                100 * transfer.matched);
        progress.step(0.25);
        Map<String, float[]> moves = new HashMap<>();
        for (MorphTarget target : from.targets()) {
            float[] all = new float[from.positions().length];
            for (int i = 0; i < target.vertices().length; i++) {
                System.arraycopy(target.moves(), 3 * i, all, 3 * target.vertices()[i], 3);
            }
            moves.put(target.name(), all);
        }
        boolean[] pinned = transfer.pinned(moves);
        ShapeSystem system = transfer.system(pinned);
        progress.step(0.4);
        Similarity back = into.inverse();
        List<MorphTarget> carried = new ArrayList<>();
        for (MorphTarget target : from.targets()) {
            progress.step(0.4 + 0.6 * carried.size() / from.targets().size());
            double[] solved = system.solve(transfer.right(moves.get(target.name()), system));
            transfer.orphans.takeAlong(solved);
            carried.add(transfer.target(target.name(), solved, back));
        }
        return new Carried(carried, transfer.matched, transfer.apart);
    }

    private Vec vertex(int v) {
        return new Vec(rest[3 * v], rest[3 * v + 1], rest[3 * v + 2]);
    }

    private Vec corner(int triangle, int k) {
        return vertex(triangles[3 * triangle + k]);
    }

    private int[][] trianglesAround() {
        int[] count = new int[rest.length / 3];
        for (int v : triangles) {
            count[v]++;
        }
        int[][] lists = new int[count.length][];
        Arrays.setAll(lists, v -> new int[count[v]]);
        int[] at = new int[count.length];
        for (int i = 0; i < triangles.length; i++) {
            lists[triangles[i]][at[triangles[i]]++] = i / 3;
        }
        return lists;
    }

    /** Where a vertex would go if it stuck to its places on the source; zero without any. */
    private Vec drawn(int v, float[] moves) {
        Vec sum = Vec.ZERO;
        int n = 0;
        for (int k : around[v]) {
            if (place[k] >= 0) {
                Vec p = search.closest(vertex(v), place[k]);
                double[] shares = search.shares(place[k], p);
                for (int c = 0; c < 3; c++) {
                    sum = sum.plus(DeformedTriangles.at(moves, sourceTriangles[3 * place[k] + c])
                            .times(shares[c]));
                }
                n++;
            }
        }
        return n == 0 ? Vec.ZERO : sum.times(1.0 / n);
    }

    private boolean hasPlace(int v) {
        for (int k : around[v]) {
            if (place[k] >= 0) {
                return true;
            }
        }
        return false;
    }

    /** Vertices that no shape moves: their place on the source is still in all of them, or they have none. */
    private boolean[] pinned(Map<String, float[]> moves) {
        boolean[] moving = new boolean[source.length / 3];
        for (float[] all : moves.values()) {
            for (int i = 0; i < all.length; i++) {
                moving[i / 3] |= Math.abs(all[i]) > 0.004f;
            }
        }
        boolean[] pinned = new boolean[rest.length / 3];
        for (int v = 0; v < pinned.length; v++) {
            boolean still = true;
            for (int k : around[v]) {
                for (int c = 0; c < 3 && place[k] >= 0; c++) {
                    still &= !moving[sourceTriangles[3 * place[k] + c]];
                }
            }
            pinned[v] = still && (around[v].length == 0 || hasPlace(v));
        }
        return pinned;
    }

    private ShapeSystem system(boolean[] pinned) {
        ShapeSystem.Builder builder = new ShapeSystem.Builder(pinned, triangles);
        for (int k = 0; k < place.length; k++) {
            Vec[] g = DeformedTriangles.gradients(corner(k, 0), corner(k, 1), corner(k, 2));
            for (int i = 0; i < 3; i++) {
                for (int j = 0; j < 3; j++) {
                    builder.add(triangles[3 * k + i], triangles[3 * k + j], g[3].x() * g[i].dot(g[j]));
                }
            }
        }
        for (int v = 0; v < pinned.length; v++) {
            builder.draw(v, hasPlace(v) ? DRAWN : 0.2 * DRAWN);
        }
        return builder.build();
    }

    /** The right side for a shape: three figures a vertex. */
    private double[] right(float[] moves, ShapeSystem system) {
        double[] b = new double[rest.length];
        for (int k = 0; k < place.length; k++) {
            if (place[k] < 0) {
                continue;
            }
            double[] s = form.deformed(place[k], moves);
            if (s.length == 0) {
                continue;
            }
            Vec[] g = DeformedTriangles.gradients(corner(k, 0), corner(k, 1), corner(k, 2));
            for (int i = 0; i < 3; i++) {
                int v = triangles[3 * k + i];
                double area = g[3].x();
                b[3 * v] += area * (s[0] * g[i].x() + s[1] * g[i].y() + s[2] * g[i].z());
                b[3 * v + 1] += area * (s[3] * g[i].x() + s[4] * g[i].y() + s[5] * g[i].z());
                b[3 * v + 2] += area * (s[6] * g[i].x() + s[7] * g[i].y() + s[8] * g[i].z());
            }
        }
        for (int v = 0; v < b.length / 3; v++) {
            double weight = system.drawn(v);
            if (weight > 0 && hasPlace(v)) {
                Vec d = drawn(v, moves);
                b[3 * v] += weight * d.x();
                b[3 * v + 1] += weight * d.y();
                b[3 * v + 2] += weight * d.z();
            }
        }
        return b;
    }

    private Orphans findOrphans() {
        boolean[] held = new boolean[rest.length / 3];
        boolean[] used = new boolean[held.length];
        for (int k = 0; k < place.length; k++) {
            boolean whole =
                    place[k] >= 0 && DeformedTriangles.gradients(corner(k, 0), corner(k, 1), corner(k, 2))[3].x() > 0;
            for (int c = 0; c < 3; c++) {
                held[triangles[3 * k + c]] |= whole;
                used[triangles[3 * k + c]] = true;
            }
        }
        return new Orphans(rest, held, used);
    }

    private MorphTarget target(String name, double[] solved, Similarity back) {
        int[] moved = new int[rest.length / 3];
        float[] moves = new float[rest.length];
        int n = 0;
        for (int v = 0; v < moved.length; v++) {
            Vec d = back.direction(new Vec(solved[3 * v], solved[3 * v + 1], solved[3 * v + 2]));
            if (d.length() > 0.003) {
                moved[n] = v;
                moves[3 * n] = (float) d.x();
                moves[3 * n + 1] = (float) d.y();
                moves[3 * n + 2] = (float) d.z();
                n++;
            }
        }
        return new MorphTarget(name, Arrays.copyOf(moved, n), Arrays.copyOf(moves, 3 * n));
    }
}
