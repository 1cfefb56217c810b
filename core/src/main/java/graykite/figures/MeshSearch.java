package graykite.figures;

import graykite.geometry.Vec;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Finds the triangle of a mesh that is nearest to a point and faces the same way. */
final class MeshSearch {
    private static final double CELL = 8;

    /** Millimetres that a triangle counts as farther when it faces the other way. */
    private static final double AGAINST = 9;

    private record Cell(int x, int y, int z) {}

    /** A triangle, the point of it that is nearest, and how far that is. */
    record Hit(int triangle, Vec point, double distance) {}

    private final float[] p;
    private final int[] t;
    private final Vec[] normals;
    private final Map<Cell, List<Integer>> cells = new HashMap<>();

    MeshSearch(float[] positions, int[] triangles) {
        p = positions;
        t = triangles;
        normals = new Vec[t.length / 3];
        for (int k = 0; k < normals.length; k++) {
            Vec a = at(t[3 * k]);
            Vec b = at(t[3 * k + 1]);
            Vec c = at(t[3 * k + 2]);
            normals[k] = b.minus(a).cross(c.minus(a)).unit();
            int x0 = cell(Math.min(a.x(), Math.min(b.x(), c.x())));
            int x1 = cell(Math.max(a.x(), Math.max(b.x(), c.x())));
            int y0 = cell(Math.min(a.y(), Math.min(b.y(), c.y())));
            int y1 = cell(Math.max(a.y(), Math.max(b.y(), c.y())));
            int z0 = cell(Math.min(a.z(), Math.min(b.z(), c.z())));
            int z1 = cell(Math.max(a.z(), Math.max(b.z(), c.z())));
            for (int x = x0; x <= Math.min(x1, x0 + 12); x++) {
                for (int y = y0; y <= Math.min(y1, y0 + 12); y++) {
                    for (int z = z0; z <= Math.min(z1, z0 + 12); z++) {
                        cells.computeIfAbsent(new Cell(x, y, z), c2 -> new ArrayList<>())
                                .add(k);
                    }
                }
            }
        }
    }

    private static int cell(double x) {
        return (int) Math.floor(x / CELL);
    }

    private Vec at(int vertex) {
        return new Vec(p[3 * vertex], p[3 * vertex + 1], p[3 * vertex + 2]);
    }

    Vec normal(int triangle) {
        return normals[triangle];
    }

    /** The best triangle within so many cells; -1 as triangle when there is none. */
    Hit nearest(Vec point, Vec normal, int reach) {
        Hit best = new Hit(-1, point, Double.POSITIVE_INFINITY);
        double bestScore = Double.POSITIVE_INFINITY;
        int cx = cell(point.x());
        int cy = cell(point.y());
        int cz = cell(point.z());
        for (int ring = 0; ring <= reach; ring++) {
            for (int x = cx - ring; x <= cx + ring; x++) {
                for (int y = cy - ring; y <= cy + ring; y++) {
                    for (int z = cz - ring; z <= cz + ring; z++) {
                        if (Math.max(Math.abs(x - cx), Math.max(Math.abs(y - cy), Math.abs(z - cz))) != ring) {
                            continue;
                        }
                        for (int k : cells.getOrDefault(new Cell(x, y, z), List.of())) {
                            Vec near = closest(point, k);
                            double distance = near.minus(point).length();
                            double score = distance + AGAINST * (1 - normal.dot(normals[k])) / 2;
                            if (score < bestScore) {
                                bestScore = score;
                                best = new Hit(k, near, distance);
                            }
                        }
                    }
                }
            }
            if (bestScore < ring * CELL) {
                break;
            }
        }
        return best;
    }

    /** Shares of a triangle's corners at a point of it. */
    double[] shares(int triangle, Vec point) {
        Vec a = at(t[3 * triangle]);
        Vec b = at(t[3 * triangle + 1]);
        Vec c = at(t[3 * triangle + 2]);
        Vec n = b.minus(a).cross(c.minus(a));
        double area = n.dot(n);
        if (area < 1e-18) {
            return new double[] {1, 0, 0};
        }
        double u = c.minus(b).cross(point.minus(b)).dot(n) / area;
        double v = a.minus(c).cross(point.minus(c)).dot(n) / area;
        return new double[] {u, v, 1 - u - v};
    }

    /** The nearest point of a triangle (Ericson 2005, Real-Time Collision Detection, 5.1.5). */
    Vec closest(Vec q, int triangle) {
        Vec a = at(t[3 * triangle]);
        Vec b = at(t[3 * triangle + 1]);
        Vec c = at(t[3 * triangle + 2]);
        Vec ab = b.minus(a);
        Vec ac = c.minus(a);
        Vec aq = q.minus(a);
        double d1 = ab.dot(aq);
        double d2 = ac.dot(aq);
        if (d1 <= 0 && d2 <= 0) {
            return a;
        }
        Vec bq = q.minus(b);
        double d3 = ab.dot(bq);
        double d4 = ac.dot(bq);
        if (d3 >= 0 && d4 <= d3) {
            return b;
        }
        double vc = d1 * d4 - d3 * d2;
        if (vc <= 0 && d1 >= 0 && d3 <= 0) {
            return a.plus(ab.times(d1 / (d1 - d3)));
        }
        Vec cq = q.minus(c);
        double d5 = ab.dot(cq);
        double d6 = ac.dot(cq);
        if (d6 >= 0 && d5 <= d6) {
            return c;
        }
        double vb = d5 * d2 - d1 * d6;
        if (vb <= 0 && d2 >= 0 && d6 <= 0) {
            return a.plus(ac.times(d2 / (d2 - d6)));
        }
        double va = d3 * d6 - d5 * d4;
        if (va <= 0 && d4 - d3 >= 0 && d5 - d6 >= 0) {
            return b.plus(c.minus(b).times((d4 - d3) / (d4 - d3 + d5 - d6)));
        }
        double sum = 1 / (va + vb + vc);
        return a.plus(ab.times(vb * sum)).plus(ac.times(vc * sum));
    }
}
