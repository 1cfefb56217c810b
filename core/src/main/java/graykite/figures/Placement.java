package graykite.figures;

import graykite.geometry.Vec;
import graykite.rig.MorphTarget;
import graykite.rig.Part;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;

/**
 * From a file's own units to our millimetres: a scale, then a shift that puts the face where every camera looks for it.
 *
 * @param scale millimetres a unit of the file
 */
public record Placement(double scale, Vec shift) {
    /** As the standard has it: a unit is a metre; nothing is shifted. */
    public static final Placement METRES = new Placement(1000, Vec.ZERO);

    /** Where the middle and the front of a face lie in our own heads. */
    private static final Vec MIDDLE = new Vec(0, -20, 92);

    /** Sensible heights of what moves on a face, in millimetres. */
    private static final double LEAST = 45;

    private static final double MOST = 450;
    private static final double USUAL = 150;

    public Vec point(Vec p) {
        return p.times(scale).plus(shift);
    }

    public Vec move(Vec d) {
        return d.times(scale);
    }

    /**
     * Finds the placement for parts that are still in the file's units.
     *
     * @param remarks receives a line when the size was changed
     */
    public static Placement fitting(List<Part> parts, double unit, List<String> remarks) {
        double[] low = {1e30, 1e30, 1e30};
        double[] high = {-1e30, -1e30, -1e30};
        for (Part part : parts) {
            widen(part.positions(), low, high);
        }
        double whole = high[1] - low[1];
        boolean moving = movingHeight(parts) > 0.05 * whole;
        Arrays.fill(low, 1e30);
        Arrays.fill(high, -1e30);
        for (Part part : parts) {
            if (!moving) {
                widen(part.positions(), low, high);
            } else {
                widenMoving(part, low, high);
            }
        }
        if (high[0] < low[0]) {
            return new Placement(unit, Vec.ZERO);
        }
        double tall = (high[1] - low[1]) * unit;
        double scale = unit;
        double least = moving ? LEAST : 120;
        double most = moving ? MOST : 500;
        if (tall < least || tall > most) {
            scale = unit * (moving ? USUAL : 240) / Math.max(tall, 1e-9);
            remarks.add(String.format(
                    Locale.ROOT,
                    "The face was %.3g mm tall; it was brought to the size of a head (scale %.4g).",
                    tall,
                    scale / unit));
        }
        Vec middle = new Vec((low[0] + high[0]) / 2, (low[1] + high[1]) / 2, high[2]).times(scale);
        return new Placement(scale, MIDDLE.minus(middle));
    }

    /** Height of what shapes move; a single point that moves says nothing about the size of a face. */
    private static double movingHeight(List<Part> parts) {
        double[] low = {1e30, 1e30, 1e30};
        double[] high = {-1e30, -1e30, -1e30};
        parts.forEach(p -> widenMoving(p, low, high));
        return Math.max(0, high[1] - low[1]);
    }

    private static void widenMoving(Part part, double[] low, double[] high) {
        float[] p = part.positions();
        for (var target : part.targets()) {
            float[] m = target.moves();
            for (int i = 0; i < target.vertices().length; i++) {
                if (Math.abs(m[3 * i]) + Math.abs(m[3 * i + 1]) + Math.abs(m[3 * i + 2]) > 1e-6) {
                    int v = 3 * target.vertices()[i];
                    widen(new float[] {p[v], p[v + 1], p[v + 2]}, low, high);
                }
            }
        }
    }

    private static void widen(float[] points, double[] low, double[] high) {
        for (int i = 0; i < points.length; i++) {
            low[i % 3] = Math.min(low[i % 3], points[i]);
            high[i % 3] = Math.max(high[i % 3], points[i]);
        }
    }

    /** A part in the file's units brought into ours. */
    public Part placed(Part part) {
        float[] p = part.positions().clone();
        for (int i = 0; i < p.length; i += 3) {
            p[i] = (float) (p[i] * scale + shift.x());
            p[i + 1] = (float) (p[i + 1] * scale + shift.y());
            p[i + 2] = (float) (p[i + 2] * scale + shift.z());
        }
        return new Part(
                part.name(),
                part.material(),
                part.joint(),
                p,
                part.colours(),
                part.triangles(),
                part.targets().stream()
                        .map(t -> {
                            float[] moves = t.moves().clone();
                            for (int i = 0; i < moves.length; i++) {
                                moves[i] *= (float) scale;
                            }
                            return new MorphTarget(t.name(), t.vertices(), moves);
                        })
                        .toList(),
                part.looks());
    }
}
