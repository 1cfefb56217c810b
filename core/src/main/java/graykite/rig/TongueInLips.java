package graykite.rig;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * Measures on the deformed mesh how far the tongue goes through a lip instead of between both: where it is as far in front as
 * the seam of the lips, it lies over the lower and under the upper one. Known for faces with a lip line and a part that is
 * called tongue.
 */
public final class TongueInLips {
    /** So far to either side of the middle the tongue is looked at, in millimetres. */
    private static final Strips STRIPS = new Strips(14);

    /** Every how many vertices of the tongue one is looked at: it is smooth. */
    private static final int EVERY = 3;

    private final Deformer deformer;
    private final Part upper;
    private final Part lower;
    private final Part tongue;

    private TongueInLips(Deformer deformer, Part upper, Part lower, Part tongue) {
        this.deformer = deformer;
        this.upper = upper;
        this.lower = lower;
        this.tongue = tongue;
    }

    /** What a character has of it; empty where it cannot be measured. */
    public static Optional<TongueInLips> of(Character character) {
        if (character.kind() != Character.Kind.MODELLED || character.lips().isEmpty()) {
            return Optional.empty();
        }
        LipLine line = character.lips().get();
        Part lips = character.parts().get(line.part());
        return character.parts().stream()
                .filter(p -> p.name().toLowerCase(Locale.ROOT).contains("tongue"))
                .findFirst()
                .map(t -> new TongueInLips(
                        new Deformer(character),
                        lips.only("upper seam", line.upper()),
                        lips.only("lower seam", line.lower()),
                        t.only("tongue, thinned", thinned(t))));
    }

    private static int[] thinned(Part tongue) {
        List<Integer> kept = new ArrayList<>();
        float[] p = tongue.positions();
        for (int v = 0; v < tongue.vertexCount(); v += EVERY) {
            if (STRIPS.at(p[3 * v]) >= 0) {
                kept.add(v);
            }
        }
        return kept.stream().mapToInt(v -> v).toArray();
    }

    /** Height and depth of a lip in every strip. */
    private record Seam(double[] height, double[] depth) {}

    private Seam seam(Part lip, double[] values, int sign) {
        float[] p = deformer.placed(lip, values);
        double[] height = new double[STRIPS.count()];
        double[] depth = new double[STRIPS.count()];
        Arrays.fill(height, Double.NaN);
        for (int i = 0; i < p.length; i += 3) {
            int strip = STRIPS.at(p[i]);
            if (strip >= 0 && (Double.isNaN(height[strip]) || sign * p[i + 1] > sign * height[strip])) {
                height[strip] = p[i + 1];
                depth[strip] = p[i + 2];
            }
        }
        return new Seam(height, depth);
    }

    /** How far the tongue lies within a lip, in millimetres; 0 where it does not. The head must not be turned. */
    public double at(double[] values) {
        Seam over = seam(upper, values, 1);
        Seam under = seam(lower, values, -1);
        float[] p = deformer.placed(tongue, values);
        double most = 0;
        for (int i = 0; i < p.length; i += 3) {
            int strip = STRIPS.at(p[i]);
            if (strip < 0 || Double.isNaN(over.height[strip]) || Double.isNaN(under.height[strip])) {
                continue;
            }
            if (p[i + 2] > under.depth[strip]) {
                most = Math.max(most, Math.min(under.height[strip] - p[i + 1], p[i + 2] - under.depth[strip]));
            }
            if (p[i + 2] > over.depth[strip]) {
                most = Math.max(most, Math.min(p[i + 1] - over.height[strip], p[i + 2] - over.depth[strip]));
            }
        }
        return most;
    }
}
