package graykite.rig;

import java.util.HashMap;
import java.util.Map;

/** Measures on the deformed mesh how far the lips are apart: what the eye sees, not what a slider says. */
public final class LipGap {
    /** Lips that are nearer than this, in millimetres, count as shut: less than a pixel in any usual picture. */
    public static final double SHUT = 0.3;

    private final Character character;
    private final Deformer deformer;
    private final Part seam;

    public LipGap(Character character) {
        this.character = character;
        this.deformer = new Deformer(character);
        Part whole = character.parts().get(character.lips().part());
        this.seam = onlySeam(whole);
    }

    /** The widest opening along the lip line, in millimetres; lips pressed over one another count as 0. */
    public double at(double[] values) {
        float[] p = deformer.morphed(seam, values);
        int pairs = character.lips().upper().length;
        double widest = 0;
        for (int i = 0; i < pairs; i++) {
            int u = 3 * i;
            int l = 3 * (pairs + i);
            double dx = p[u] - p[l];
            double dy = p[u + 1] - p[l + 1];
            double dz = p[u + 2] - p[l + 2];
            if (dy > 0) {
                widest = Math.max(widest, Math.sqrt(dx * dx + dy * dy + dz * dz));
            }
        }
        return widest;
    }

    /** The part reduced to the vertices of the lip line, so that measuring costs next to nothing. */
    private Part onlySeam(Part whole) {
        int[] upper = character.lips().upper();
        int[] lower = character.lips().lower();
        Map<Integer, Integer> kept = new HashMap<>();
        float[] positions = new float[3 * (upper.length + lower.length)];
        for (int i = 0; i < upper.length + lower.length; i++) {
            int vertex = i < upper.length ? upper[i] : lower[i - upper.length];
            kept.put(vertex, i);
            System.arraycopy(whole.positions(), 3 * vertex, positions, 3 * i, 3);
        }
        java.util.List<MorphTarget> targets = new java.util.ArrayList<>();
        for (MorphTarget target : whole.targets()) {
            java.util.List<Integer> vertices = new java.util.ArrayList<>();
            java.util.List<Float> moves = new java.util.ArrayList<>();
            for (int i = 0; i < target.vertices().length; i++) {
                Integer at = kept.get(target.vertices()[i]);
                if (at != null) {
                    vertices.add(at);
                    for (int k = 0; k < 3; k++) {
                        moves.add(target.moves()[3 * i + k]);
                    }
                }
            }
            float[] figures = new float[moves.size()];
            for (int i = 0; i < figures.length; i++) {
                figures[i] = moves.get(i);
            }
            targets.add(new MorphTarget(
                    target.name(), vertices.stream().mapToInt(v -> v).toArray(), figures));
        }
        return new Part("lip line", whole.material(), whole.joint(), positions, positions.clone(), new int[0], targets);
    }
}
