package graykite.rig;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * Measures on the deformed mesh how deep the lips lie within the teeth: a lip that goes through a tooth is seen as a tooth
 * that sticks out of it. Known for faces with a lip line and parts that are called teeth.
 */
public final class LipsInTeeth {
    /** Of every row of teeth only what lies in front of the lips counts, up to this far to either side of the middle. */
    private static final Strips STRIPS = new Strips(16);

    /** So far behind the foremost of its strip a vertex still counts as the front of a tooth, in millimetres. */
    private static final double FRONT = 2;

    private final Deformer deformer;
    private final Part lips;
    private final List<Part> rows;

    private LipsInTeeth(Deformer deformer, Part lips, List<Part> rows) {
        this.deformer = deformer;
        this.lips = lips;
        this.rows = rows;
    }

    /** What a character has of it; empty where it cannot be measured. */
    public static Optional<LipsInTeeth> of(Character character) {
        if (character.kind() != Character.Kind.MODELLED || character.lips().isEmpty()) {
            return Optional.empty();
        }
        List<Part> rows = character.parts().stream()
                .filter(p -> p.name().toLowerCase(Locale.ROOT).contains("teeth"))
                .map(LipsInTeeth::front)
                .filter(p -> p.vertexCount() > 0)
                .toList();
        LipLine line = character.lips().get();
        int[] seam = IntStream.concat(Arrays.stream(line.upper()), Arrays.stream(line.lower()))
                .distinct()
                .toArray();
        Part lips = character.parts().get(line.part()).only("lip line", seam);
        return rows.isEmpty() ? Optional.empty() : Optional.of(new LipsInTeeth(new Deformer(character), lips, rows));
    }

    /** The foremost vertices of a row: what lips can meet. */
    private static Part front(Part teeth) {
        float[] p = teeth.positions();
        double[] foremost = new double[STRIPS.count()];
        Arrays.fill(foremost, -Double.MAX_VALUE);
        for (int v = 0; v < p.length / 3; v++) {
            int strip = STRIPS.at(p[3 * v]);
            if (strip >= 0) {
                foremost[strip] = Math.max(foremost[strip], p[3 * v + 2]);
            }
        }
        List<Integer> kept = new ArrayList<>();
        for (int v = 0; v < p.length / 3; v++) {
            int strip = STRIPS.at(p[3 * v]);
            if (strip >= 0 && p[3 * v + 2] > foremost[strip] - FRONT) {
                kept.add(v);
            }
        }
        return teeth.only(
                teeth.name() + " front", kept.stream().mapToInt(v -> v).toArray());
    }

    /**
     * How deep the lip line lies behind the front of a tooth at its own height, in millimetres; 0 when it lies before all.
     * The head must not be turned.
     */
    public double at(double[] values) {
        float[] lip = deformer.placed(lips, values);
        double deepest = 0;
        for (Part row : rows) {
            float[] teeth = deformer.placed(row, values);
            double[] front = new double[STRIPS.count()];
            double[] top = new double[STRIPS.count()];
            double[] bottom = new double[STRIPS.count()];
            Arrays.fill(front, -Double.MAX_VALUE);
            Arrays.fill(top, -Double.MAX_VALUE);
            Arrays.fill(bottom, Double.MAX_VALUE);
            for (int i = 0; i < teeth.length; i += 3) {
                int strip = STRIPS.at(teeth[i]);
                if (strip >= 0) {
                    front[strip] = Math.max(front[strip], teeth[i + 2]);
                    top[strip] = Math.max(top[strip], teeth[i + 1]);
                    bottom[strip] = Math.min(bottom[strip], teeth[i + 1]);
                }
            }
            for (int i = 0; i < lip.length; i += 3) {
                int strip = STRIPS.at(lip[i]);
                if (strip >= 0 && lip[i + 1] < top[strip] && lip[i + 1] > bottom[strip]) {
                    deepest = Math.max(deepest, front[strip] - lip[i + 2]);
                }
            }
        }
        return deepest;
    }
}
