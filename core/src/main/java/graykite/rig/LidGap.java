package graykite.rig;

import graykite.geometry.Vec;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;

/** Measures on the deformed mesh how far the lids of an eye are apart. Known for faces whose landmarks say where the lids are. */
public final class LidGap {
    /** Lids that are nearer than this, in millimetres, count as shut. */
    public static final double SHUT = 0.6;

    /** So far round a landmark, in millimetres, is looked for the rim of a lid. */
    private static final double ROUND = 8;

    private static final double MOVES = 0.05;

    /** Of what turns with the gaze, so near to a lid's landmark, in millimetres, lies the ball of its eye. */
    private static final double EYE = 40;

    /** What is nearer to the middle of the ball than this share of its radius lies behind it. */
    private static final double INSIDE = 0.97;

    private final Deformer deformer;
    private final List<Part> upper;
    private final List<Part> lower;
    private final double open;

    private LidGap(Deformer deformer, List<Part> upper, List<Part> lower, int channels) {
        this.deformer = deformer;
        this.upper = upper;
        this.lower = lower;
        this.open = at(new double[channels]);
    }

    /**
     * Finds the lids of one eye.
     *
     * @param side ".L" or ".R", the character's own
     * @return empty when the character has no landmarks of it, nothing that closes it, or no mesh there
     */
    public static Optional<LidGap> of(Character character, String side) {
        Vec above = character.landmarks().get("eye upper" + side);
        Vec below = character.landmarks().get("eye lower" + side);
        Optional<Pose> closes = character.role("lidClose" + side);
        if (character.kind() != Character.Kind.MODELLED || above == null || below == null || closes.isEmpty()) {
            return Optional.empty();
        }
        Deformer deformer = new Deformer(character);
        double[] rest = new double[character.channels().size()];
        double[] shut = character.values(closes.get());
        double[] turned =
                character.role("eyeYaw").map(character::values).orElse(rest).clone();
        for (int c = 0; c < turned.length; c++) {
            turned[c] *= 10;
        }
        List<float[]> places = new ArrayList<>();
        List<boolean[]> balls = new ArrayList<>();
        Box ball = new Box();
        for (Part part : character.parts()) {
            float[] still = deformer.placed(part, rest);
            // What turns with the gaze is the ball, not a lid.
            boolean[] turns = moved(still, deformer.placed(part, turned));
            for (int v = 0; v < turns.length; v++) {
                if (turns[v] && place(still, v).minus(above).length() < EYE) {
                    ball.add(still[3 * v], still[3 * v + 1], still[3 * v + 2]);
                }
            }
            places.add(still);
            balls.add(turns);
        }
        List<Part> upper = new ArrayList<>();
        List<Part> lower = new ArrayList<>();
        for (int i = 0; i < places.size(); i++) {
            Part part = character.parts().get(i);
            float[] still = places.get(i);
            boolean[] turns = balls.get(i);
            boolean[] lid = moved(still, deformer.placed(part, shut));
            // Skin that goes on behind the ball is not seen.
            IntPredicate seen = v -> !turns[v] && !within(ball, place(still, v));
            take(part, near(still, above, v -> lid[v] && seen.test(v)), upper);
            take(part, near(still, below, seen), lower);
        }
        return upper.isEmpty() || lower.isEmpty()
                ? Optional.empty()
                : Optional.of(new LidGap(deformer, upper, lower, rest.length));
    }

    private static Vec place(float[] p, int vertex) {
        return new Vec(p[3 * vertex], p[3 * vertex + 1], p[3 * vertex + 2]);
    }

    /** Whether a place lies inside the ball whose front and sides fill a box. */
    private static boolean within(Box box, Vec place) {
        double radius = box.size(0) / 2;
        Vec front = box.middle();
        Vec centre = new Vec(front.x(), front.y(), front.z() + box.size(2) / 2 - radius);
        return radius > 0 && place.minus(centre).length() < INSIDE * radius;
    }

    private static boolean[] moved(float[] before, float[] after) {
        boolean[] moved = new boolean[before.length / 3];
        for (int i = 0; i < before.length; i++) {
            moved[i / 3] |= Math.abs(before[i] - after[i]) > MOVES;
        }
        return moved;
    }

    private static int[] near(float[] p, Vec mark, IntPredicate meant) {
        return IntStream.range(0, p.length / 3)
                .filter(v -> mark.minus(place(p, v)).length() < ROUND)
                .filter(meant)
                .toArray();
    }

    private static void take(Part part, int[] vertices, List<Part> into) {
        if (vertices.length > 0) {
            into.add(part.only(part.name() + " rim", vertices));
        }
    }

    /** How far the eye is open at rest, in millimetres. */
    public double open() {
        return open;
    }

    /** The opening at given values, in millimetres; below 0 where one lid lies over the other. The head must not be turned. */
    public double at(double[] values) {
        double lowest = Double.MAX_VALUE;
        double highest = -Double.MAX_VALUE;
        for (Part part : upper) {
            lowest = Math.min(lowest, edge(deformer.placed(part, values), -1));
        }
        for (Part part : lower) {
            highest = Math.max(highest, edge(deformer.placed(part, values), 1));
        }
        return lowest - highest;
    }

    /** The highest, or with -1 the lowest, of some points. */
    private static double edge(float[] p, int sign) {
        double most = -Double.MAX_VALUE;
        for (int i = 1; i < p.length; i += 3) {
            most = Math.max(most, sign * p[i]);
        }
        return sign * most;
    }
}
