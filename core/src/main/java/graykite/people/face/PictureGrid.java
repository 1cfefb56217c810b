package graykite.people.face;

import static graykite.geometry.Ease.smooth;

import graykite.geometry.Vec;
import graykite.picture.Texture;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.DoubleBinaryOperator;
import java.util.function.UnaryOperator;

/**
 * The picture as a grid of triangles, finer at the face, with a row that runs along the seam of the lips and is doubled
 * between the corners of the mouth, so that it can open.
 */
final class PictureGrid {
    /** Depth, in millimetres, from which on a place goes wholly with the jaw. */
    private static final double CHIN_FORWARD = 36;

    private final List<Vec> points = new ArrayList<>();
    private final List<float[]> coordinates = new ArrayList<>();
    private final List<int[]> triangles = new ArrayList<>();
    private final Map<Integer, Integer> lowerOf = new HashMap<>();
    private final List<Integer> upperSeam = new ArrayList<>();
    private final Set<Integer> below = new HashSet<>();
    private final FacePlan plan;
    private final double left;
    private final double right;
    private final double top;
    private final double bottom;
    private final Vec chin;
    private final double jawHalf;

    PictureGrid(
            Texture picture,
            Map<String, Vec> marks,
            UnaryOperator<Vec> flat,
            DoubleBinaryOperator relief,
            FacePlan plan) {
        this.plan = plan;
        Vec upperLeft = flat.apply(new Vec(0, 0, 0));
        Vec lowerRight = flat.apply(new Vec(picture.width(), picture.height(), 0));
        left = upperLeft.x();
        right = lowerRight.x();
        top = upperLeft.y();
        bottom = lowerRight.y();
        chin = marks.get("chin");
        jawHalf = (marks.get("jaw angle.L").x() - marks.get("jaw angle.R").x()) / 2;
        Vec cornerL = marks.get("mouth corner.L");
        Vec cornerR = marks.get("mouth corner.R");
        Vec seam = marks.get("upper lip seam");
        double[] xs = lines(left, right, cornerR.x(), cornerL.x(), 0);
        double seamY = plan.mouth().y();
        double[] ys = lines(bottom, top, seamY - 45, seamY + 45, seamY);
        int seamRow = nearest(ys, seamY);
        int first = nearest(xs, cornerR.x());
        int last = nearest(xs, cornerL.x());
        int[][] index = new int[ys.length][xs.length];
        for (int r = 0; r < ys.length; r++) {
            for (int c = 0; c < xs.length; c++) {
                double bend = seamHeight(xs[c], cornerL, cornerR, seam) - seamY;
                double near = Math.exp(-Math.pow((ys[r] - seamY) / 22, 2));
                double y = r == seamRow ? ys[r] + bend : ys[r] + bend * near;
                index[r][c] = add(xs[c], r == 0 || r == ys.length - 1 ? ys[r] : y, relief);
                if (r < seamRow) {
                    below.add(index[r][c]);
                }
            }
        }
        for (int c = last - 1; c > first; c--) {
            int upper = index[seamRow][c];
            Vec p = points.get(upper);
            int lower = add(p.x(), p.y(), relief);
            lowerOf.put(upper, lower);
            upperSeam.add(upper);
            below.add(lower);
        }
        for (int r = 0; r + 1 < ys.length; r++) {
            for (int c = 0; c + 1 < xs.length; c++) {
                // Rows go upwards; what touches the seam from below uses its lower copies.
                int a = index[r][c];
                int b = index[r][c + 1];
                int d = r + 1 == seamRow ? lower(index[r + 1][c]) : index[r + 1][c];
                int e = r + 1 == seamRow ? lower(index[r + 1][c + 1]) : index[r + 1][c + 1];
                triangles.add(new int[] {a, b, e});
                triangles.add(new int[] {a, e, d});
            }
        }
    }

    private int lower(int upper) {
        return lowerOf.getOrDefault(upper, upper);
    }

    /** The seam as a curve through the corners and its middle, level beside them. */
    private static double seamHeight(double x, Vec cornerL, Vec cornerR, Vec middle) {
        double half = (cornerL.x() - cornerR.x()) / 2;
        double t = Math.clamp((x - (cornerL.x() + cornerR.x()) / 2) / half, -1, 1);
        double edge = t > 0 ? cornerL.y() : cornerR.y();
        double fade = smooth(3.2 * half, half, Math.abs(x));
        double height = middle.y() + (edge - middle.y()) * t * t;
        return middle.y() + (height - middle.y()) * fade;
    }

    private int add(double x, double y, DoubleBinaryOperator relief) {
        points.add(new Vec(x, y, relief.applyAsDouble(x, y)));
        coordinates.add(new float[] {(float) ((x - left) / (right - left)), (float) ((top - y) / (top - bottom))});
        return points.size() - 1;
    }

    /** Places of the grid's lines: dense between two places, with one exactly on a third. */
    private static double[] lines(double low, double high, double from, double to, double exact) {
        TreeSet<Double> at = new TreeSet<>();
        double fine = (to - from) / 30;
        for (double x = from; x <= to + 1e-9; x += fine) {
            at.add(x);
        }
        at.add(exact);
        for (int way = -1; way <= 1; way += 2) {
            double x = way < 0 ? from : to;
            double step = fine;
            while (way < 0 ? x > low : x < high) {
                step = Math.min(step * 1.18, 9);
                x += way * step;
                at.add(Math.clamp(x, low, high));
            }
        }
        at.removeIf(x -> x < low || x > high);
        at.add(low);
        at.add(high);
        List<Double> apart = new ArrayList<>();
        for (double x : at) {
            if (apart.isEmpty() || x - apart.getLast() > 0.25 * fine || x == exact) {
                if (!apart.isEmpty() && x == exact && x - apart.getLast() <= 0.25 * fine) {
                    apart.removeLast();
                }
                apart.add(x);
            }
        }
        return apart.stream().mapToDouble(d -> d).toArray();
    }

    private static int nearest(double[] values, double wanted) {
        int best = 0;
        for (int i = 1; i < values.length; i++) {
            best = Math.abs(values[i] - wanted) < Math.abs(values[best] - wanted) ? i : best;
        }
        return best;
    }

    int size() {
        return points.size();
    }

    Vec point(int vertex) {
        return points.get(vertex);
    }

    float[] positions() {
        float[] p = new float[3 * points.size()];
        for (int i = 0; i < points.size(); i++) {
            p[3 * i] = (float) points.get(i).x();
            p[3 * i + 1] = (float) points.get(i).y();
            p[3 * i + 2] = (float) points.get(i).z();
        }
        return p;
    }

    float[] uv() {
        float[] uv = new float[2 * coordinates.size()];
        for (int i = 0; i < coordinates.size(); i++) {
            System.arraycopy(coordinates.get(i), 0, uv, 2 * i, 2);
        }
        return uv;
    }

    int[] triangles() {
        return triangles.stream().flatMapToInt(Arrays::stream).toArray();
    }

    /** From the character's left corner to the right one. */
    int[] upperSeam() {
        return upperSeam.stream().mapToInt(i -> i).toArray();
    }

    int[] lowerSeam() {
        return upperSeam.stream().mapToInt(lowerOf::get).toArray();
    }

    /** How a place belongs to the mouth, as the table of movements asks. */
    Spot spot(int vertex) {
        Vec p = onJaw(points.get(vertex));
        Vec m = plan.mouth();
        boolean lower = isBelow(vertex);
        double a = plan.mouthHalf();
        double t = Math.clamp(p.x() / a, -1, 1);
        double open = Math.pow(Math.max(0, 1 - t * t), 0.4);
        double height = Math.abs(p.y() - m.y());
        double lip = lower ? plan.lowerLip() : plan.upperLip();
        double beside = Math.max(0, Math.abs(p.x()) - a);
        double away = Math.hypot(Math.max(0, height - lip), beside);
        return new Spot(p, lower ? -1 : 1, 1 - smooth(0, 26, away), open, t);
    }

    /**
     * The line under a drawn chin lies where the face already goes back into the picture, and what is far back stays with the
     * neck: it counts as standing as far forward as the chin, so that it goes down with the jaw.
     */
    private Vec onJaw(Vec p) {
        double under = smooth(chin.y() - 24, chin.y() - 9, p.y())
                * smooth(chin.y() + 30, chin.y() + 4, p.y())
                * smooth(0.95 * jawHalf, 0.55 * jawHalf, Math.abs(p.x() - chin.x()));
        return new Vec(p.x(), p.y(), Math.max(p.z(), CHIN_FORWARD * under));
    }

    private boolean isBelow(int vertex) {
        return below.contains(vertex);
    }

    /** 1 on the face, 0 at the edge of the picture, which never moves. */
    double loose(int vertex) {
        Vec p = points.get(vertex);
        double edge = Math.min(Math.min(p.x() - left, right - p.x()), Math.min(top - p.y(), p.y() - bottom));
        return smooth(0, 14, edge);
    }

    /** The pair of the seam in the same column; none beside the mouth. */
    int[] seamBeside(int vertex) {
        double x = points.get(vertex).x();
        int best = -1;
        for (int upper : upperSeam) {
            if (best < 0
                    || Math.abs(points.get(upper).x() - x)
                            < Math.abs(points.get(best).x() - x)) {
                best = upper;
            }
        }
        boolean near = best >= 0 && Math.abs(points.get(best).x() - x) < 1.5;
        return near ? new int[] {best, lowerOf.get(best)} : new int[0];
    }
}
