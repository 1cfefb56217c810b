package graykite.figures;

import graykite.rig.Character;
import graykite.rig.Deformer;
import graykite.rig.LipLine;
import graykite.rig.Part;
import graykite.rig.Pose;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Finds where the lips of an unknown mesh meet: the places across the mouth where a point that the opening jaw leaves and
 * one that it takes along lie closest to one another at rest.
 */
public final class LipFinder {
    private static final int COLUMNS = 48;

    /** Millimetres that touching lips may lie apart on a mesh at rest. */
    private static final double NEAR = 6.5;

    private record Pair(int upper, int lower, double apart, double x) {}

    private LipFinder() {}

    /** The lip line; nothing when the rig has no opening mouth or no seam can be told. */
    public static Optional<LipLine> find(Character character) {
        double[] open = open(character);
        if (Arrays.stream(open).allMatch(v -> v == 0)) {
            return Optional.empty();
        }
        Deformer deformer = new Deformer(character);
        double[] rest = new double[open.length];
        Optional<LipLine> best = Optional.empty();
        double bestReach = 0;
        for (int p = 0; p < character.parts().size(); p++) {
            Part part = character.parts().get(p);
            float[] before = deformer.placed(part, rest);
            float[] after = deformer.placed(part, open);
            List<Pair> pairs = pairs(before, after);
            double reach = pairs.size() < 5
                    ? 0
                    : Math.abs(pairs.getFirst().x - pairs.getLast().x) * lift(pairs, before, after);
            if (reach > bestReach) {
                bestReach = reach;
                best = Optional.of(new LipLine(
                        p,
                        pairs.stream().mapToInt(Pair::upper).toArray(),
                        pairs.stream().mapToInt(Pair::lower).toArray()));
            }
        }
        return best;
    }

    private static double[] open(Character character) {
        if (character.has("jawDrop")) {
            return character.values(Pose.of("jawDrop", 1));
        }
        return character.poses().containsKey("Ah")
                ? character.values(character.poses().get("Ah"))
                : new double[character.channels().size()];
    }

    private static double lift(List<Pair> pairs, float[] before, float[] after) {
        return pairs.stream()
                .mapToDouble(q -> distance(after, q.upper, q.lower) - distance(before, q.upper, q.lower))
                .max()
                .orElse(0);
    }

    private static List<Pair> pairs(float[] before, float[] after) {
        int count = before.length / 3;
        double[] moved = new double[count];
        double most = 0;
        for (int i = 0; i < count; i++) {
            moved[i] = Math.sqrt(Math.pow(after[3 * i] - before[3 * i], 2)
                    + Math.pow(after[3 * i + 1] - before[3 * i + 1], 2)
                    + Math.pow(after[3 * i + 2] - before[3 * i + 2], 2));
            most = Math.max(most, moved[i]);
        }
        if (most < 3) {
            return List.of();
        }
        List<Integer> upper = new ArrayList<>();
        List<Integer> lower = new ArrayList<>();
        double low = 1e30;
        double high = -1e30;
        for (int i = 0; i < count; i++) {
            if (moved[i] > 0.45 * most) {
                lower.add(i);
                low = Math.min(low, before[3 * i]);
                high = Math.max(high, before[3 * i]);
            } else if (moved[i] < 0.32 * most) {
                upper.add(i);
            }
        }
        double width = Math.max(1e-6, (high - low) / COLUMNS);
        List<List<Integer>> up = columns(upper, before, low, width);
        List<List<Integer>> down = columns(lower, before, low, width);
        List<Pair> pairs = new ArrayList<>();
        for (int c = 0; c < COLUMNS; c++) {
            List<Integer> above = up.get(c);
            down.get(c).stream()
                    .flatMap(l -> above.stream()
                            .filter(u -> before[3 * u + 1] > before[3 * l + 1] - 1.5)
                            .map(u -> new Pair(u, l, distance(before, u, l), before[3 * l])))
                    // Of pairs that touch, the front one is the lip and not the lining.
                    .min(Comparator.comparingDouble(q -> q.apart - 0.03 * before[3 * q.lower + 2]))
                    .filter(q -> q.apart < NEAR)
                    .ifPresent(pairs::add);
        }
        double[] apart = pairs.stream().mapToDouble(Pair::apart).sorted().toArray();
        // Beside the corners nothing parts any more, and what lies closest there is no seam.
        double near = apart.length == 0 ? 0 : Math.max(1.2, 2.5 * apart[apart.length / 2]);
        return pairs.stream()
                .filter(q -> q.apart <= near)
                .sorted(Comparator.comparingDouble((Pair q) -> q.x).reversed())
                .toList();
    }

    private static List<List<Integer>> columns(List<Integer> vertices, float[] at, double low, double width) {
        List<List<Integer>> columns = new ArrayList<>();
        for (int c = 0; c < COLUMNS; c++) {
            columns.add(new ArrayList<>());
        }
        for (int v : vertices) {
            int c = (int) Math.floor((at[3 * v] - low) / width);
            if (c >= 0 && c < COLUMNS) {
                columns.get(c).add(v);
            }
        }
        return columns;
    }

    private static double distance(float[] p, int a, int b) {
        return Math.sqrt(Math.pow(p[3 * a] - p[3 * b], 2)
                + Math.pow(p[3 * a + 1] - p[3 * b + 1], 2)
                + Math.pow(p[3 * a + 2] - p[3 * b + 2], 2));
    }
}
