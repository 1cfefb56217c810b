package graykite.rig;

import graykite.geometry.Vec;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.Predicate;
import java.util.stream.IntStream;

/**
 * Moves a face by a point on it: finds the channel values that take the point to where it is pulled and change little else.
 * Damped least squares over the channels (Levenberg 1944), which keep within their ranges.
 */
public final class FacePull {
    /** How much nearness counts against small changes, in square millimetres. */
    private static final double DAMPING = 0.4;

    private static final int STEPS = 5;

    private final Character character;
    private final Deformer deformer;
    private final Part point;
    private final int[] movable;

    /**
     * A channel that holds a point away from where it is at rest.
     *
     * @param channel index
     * @param millimetres how far the point would go if the channel went to rest
     */
    public record Holder(int channel, double millimetres) {}

    /** @param may which channels the pull may use */
    public FacePull(Character character, FacePoint at, Predicate<Channel> may) {
        this.character = character;
        this.deformer = new Deformer(character);
        this.point = character.parts().get(at.part()).only("pulled point", new int[] {at.vertex()});
        this.movable = IntStream.range(0, character.channels().size())
                .filter(c -> may.test(character.channels().get(c)))
                .toArray();
    }

    /** Where the point is, in millimetres. */
    public Vec at(double[] values) {
        float[] p = deformer.placed(point, values);
        return new Vec(p[0], p[1], p[2]);
    }

    /**
     * Pulls the point.
     *
     * @param start values before the pull
     * @param by millimetres from where the point is at the start
     * @param bothSides true when what happens on one side of the face happens on the other too
     * @return all values, a new array
     */
    public double[] pulled(double[] start, Vec by, boolean bothSides) {
        Vec goal = at(start).plus(by);
        double[] values = start.clone();
        for (int step = 0; step < STEPS; step++) {
            Vec left = goal.minus(at(values));
            if (left.length() < 0.02) {
                break;
            }
            double[] moved = towards(values, left);
            values = bothSides ? evened(values, moved) : moved;
        }
        return values;
    }

    private double[] towards(double[] values, Vec left) {
        int count = movable.length;
        Vec[] slopes = new Vec[count];
        double[] weight = new double[count];
        double[][] normal = new double[3][3];
        for (int m = 0; m < count; m++) {
            slopes[m] = slope(movable[m], values);
            Channel channel = character.channels().get(movable[m]);
            // A channel at the end of its range cannot go on that way.
            double way = slopes[m].dot(left);
            boolean stuck = way > 0 ? values[movable[m]] >= channel.max() : values[movable[m]] <= channel.min();
            double range = channel.max() - channel.min();
            weight[m] = stuck ? 0 : range * range;
            double[] s = {slopes[m].x(), slopes[m].y(), slopes[m].z()};
            for (int i = 0; i < 3; i++) {
                for (int j = 0; j < 3; j++) {
                    normal[i][j] += weight[m] * s[i] * s[j];
                }
            }
        }
        for (int i = 0; i < 3; i++) {
            normal[i][i] += DAMPING;
        }
        Vec pull = solved(normal, left);
        double[] moved = values.clone();
        for (int m = 0; m < count; m++) {
            Channel channel = character.channels().get(movable[m]);
            moved[movable[m]] =
                    Math.clamp(values[movable[m]] + weight[m] * slopes[m].dot(pull), channel.min(), channel.max());
        }
        return moved;
    }

    private Vec slope(int channel, double[] values) {
        Channel c = character.channels().get(channel);
        double by = 0.02 * (c.max() - c.min()) * (values[channel] > (c.min() + c.max()) / 2 ? -1 : 1);
        double[] tried = values.clone();
        tried[channel] += by;
        return at(tried).minus(at(values)).times(1 / by);
    }

    /** Cramer's rule: three by three. */
    private static Vec solved(double[][] m, Vec right) {
        Vec a = new Vec(m[0][0], m[1][0], m[2][0]);
        Vec b = new Vec(m[0][1], m[1][1], m[2][1]);
        Vec c = new Vec(m[0][2], m[1][2], m[2][2]);
        double det = a.dot(b.cross(c));
        return new Vec(right.dot(b.cross(c)) / det, a.dot(right.cross(c)) / det, a.dot(b.cross(right)) / det);
    }

    /** Of two channels that are one left and one right, both change as the one that changed more. */
    private double[] evened(double[] before, double[] after) {
        double[] even = after.clone();
        for (int m : movable) {
            Integer other = character
                    .channelIndex()
                    .get(Sides.other(character.channels().get(m).name()));
            if (other != null
                    && other != m
                    && Math.abs(after[m] - before[m]) > Math.abs(after[other] - before[other])) {
                Channel channel = character.channels().get(other);
                even[other] = Math.clamp(before[other] + after[m] - before[m], channel.min(), channel.max());
            }
        }
        return even;
    }

    /** The channels that hold the point where it is, those that do most first. */
    public List<Holder> holders(double[] values) {
        Vec now = at(values);
        List<Holder> all = new ArrayList<>();
        for (int c : movable) {
            if (values[c] != 0) {
                double[] without = values.clone();
                without[c] = 0;
                double far = at(without).minus(now).length();
                if (far > 0.05) {
                    all.add(new Holder(c, far));
                }
            }
        }
        all.sort(Comparator.comparingDouble(h -> -h.millimetres()));
        return List.copyOf(all);
    }
}
