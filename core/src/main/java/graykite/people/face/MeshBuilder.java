package graykite.people.face;

import graykite.geometry.Vec;
import graykite.picture.Colour;
import graykite.picture.Material;
import graykite.rig.MorphTarget;
import graykite.rig.Part;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.function.IntFunction;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;

/** Collects vertices and triangles of one part, then its morph targets. */
public final class MeshBuilder {
    private final String name;
    private final Material material;
    private final int joint;
    private final List<Vec> points = new ArrayList<>();
    private final List<Colour> colours = new ArrayList<>();
    private final List<int[]> triangles = new ArrayList<>();
    private final Map<String, MorphTarget> targets = new LinkedHashMap<>();

    public MeshBuilder(String name, Material material, int joint) {
        this.name = name;
        this.material = material;
        this.joint = joint;
    }

    public int add(Vec point, Colour colour) {
        points.add(point);
        colours.add(colour);
        return points.size() - 1;
    }

    public int size() {
        return points.size();
    }

    public Vec point(int index) {
        return points.get(index);
    }

    public void triangle(int a, int b, int c) {
        if (a != b && b != c && a != c) {
            triangles.add(new int[] {a, b, c});
        }
    }

    /** Three corners or four, counter-clockwise from outside. */
    void face(int[] corners) {
        if (corners.length == 3) {
            triangle(corners[0], corners[1], corners[2]);
        } else {
            quad(corners[0], corners[1], corners[2], corners[3]);
        }
    }

    /** Four corners, counter-clockwise from outside; cut along the shorter diagonal. */
    public void quad(int a, int b, int c, int d) {
        double ac = points.get(a).minus(points.get(c)).length();
        double bd = points.get(b).minus(points.get(d)).length();
        if (ac <= bd) {
            triangle(a, b, c);
            triangle(a, c, d);
        } else {
            triangle(a, b, d);
            triangle(b, c, d);
        }
    }

    /**
     * A grid of points, first index along rows.
     *
     * @param around true when the last column meets the first
     * @return index of the point in row 0, column 0; the others follow row by row
     */
    public int grid(int rows, int columns, boolean around, Surface2 surface, Function<Vec, Colour> colour) {
        int first = points(rows, columns, around, surface, colour);
        for (int r = 0; r + 1 < rows; r++) {
            for (int c = 0; c < (around ? columns : columns - 1); c++) {
                int a = first + r * columns + c;
                int b = first + r * columns + (c + 1) % columns;
                quad(a, b, b + columns, a + columns);
            }
        }
        return first;
    }

    /**
     * A grid that goes round, as {@link #grid}, with quads that are all cut alike: what is carved along their diagonals keeps
     * its edges.
     *
     * @param falling for which columns quads are cut from the next column's point down to this one's
     */
    public void gridCutAlike(
            int rows, int columns, Surface2 surface, Function<Vec, Colour> colour, IntPredicate falling) {
        int first = points(rows, columns, true, surface, colour);
        for (int r = 0; r + 1 < rows; r++) {
            for (int c = 0; c < columns; c++) {
                int a = first + r * columns + c;
                int b = first + r * columns + (c + 1) % columns;
                if (falling.test(c)) {
                    triangle(a, b, a + columns);
                    triangle(b, b + columns, a + columns);
                } else {
                    triangle(a, b, b + columns);
                    triangle(a, b + columns, a + columns);
                }
            }
        }
    }

    private int points(int rows, int columns, boolean around, Surface2 surface, Function<Vec, Colour> colour) {
        int first = points.size();
        double wide = around ? columns : columns - 1;
        // Carving a surface takes many steps for each point.
        List<Vec> carved = IntStream.range(0, rows * columns)
                .parallel()
                .mapToObj(i -> surface.at(i / columns / (double) (rows - 1), i % columns / wide))
                .toList();
        carved.forEach(p -> add(p, colour.apply(p)));
        return first;
    }

    /** A point for two parameters from 0 to 1. */
    @FunctionalInterface
    public interface Surface2 {
        Vec at(double u, double v);
    }

    /** Adds a target from a function of the vertex index; vertices that hardly move are left out. */
    void target(String targetName, IntFunction<Vec> move) {
        List<Integer> moved = new ArrayList<>();
        List<Vec> moves = new ArrayList<>();
        for (int i = 0; i < points.size(); i++) {
            Vec m = move.apply(i);
            if (m.length() > 0.002) {
                moved.add(i);
                moves.add(m);
            }
        }
        if (moved.isEmpty()) {
            return;
        }
        float[] figures = new float[3 * moves.size()];
        for (int i = 0; i < moves.size(); i++) {
            figures[3 * i] = (float) moves.get(i).x();
            figures[3 * i + 1] = (float) moves.get(i).y();
            figures[3 * i + 2] = (float) moves.get(i).z();
        }
        targets.put(
                targetName,
                new MorphTarget(targetName, moved.stream().mapToInt(i -> i).toArray(), figures));
    }

    /** Multiplies every vertex colour by a figure of its place. */
    public void shade(Function<Vec, Double> factor) {
        for (int i = 0; i < points.size(); i++) {
            colours.set(i, colours.get(i).times(factor.apply(points.get(i))));
        }
    }

    public Part build() {
        float[] p = new float[3 * points.size()];
        float[] k = new float[p.length];
        for (int i = 0; i < points.size(); i++) {
            p[3 * i] = (float) points.get(i).x();
            p[3 * i + 1] = (float) points.get(i).y();
            p[3 * i + 2] = (float) points.get(i).z();
            k[3 * i] = colours.get(i).red();
            k[3 * i + 1] = colours.get(i).green();
            k[3 * i + 2] = colours.get(i).blue();
        }
        int[] t = new int[3 * triangles.size()];
        for (int i = 0; i < triangles.size(); i++) {
            System.arraycopy(triangles.get(i), 0, t, 3 * i, 3);
        }
        return new Part(name, material, joint, p, k, t, new ArrayList<>(targets.values()));
    }
}
