package graykite.rig;

import static graykite.base.Require.requireThat;

import graykite.picture.Vec;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Measures on the deformed mesh how far the lips are apart: what the eye sees, not what a slider says. */
public final class LipGap {
    /** Lips that are nearer than this, in millimetres, count as shut: less than a pixel in any usual picture. */
    public static final double SHUT = 0.3;

    private final Deformer deformer;
    private final Part seam;
    private final int pairs;

    /** @throws IllegalArgumentException when it is not known where the character's lips meet */
    public LipGap(Character character) {
        requireThat(character.lips().isPresent(), "It is not known where the lips of %s meet.", character.name());
        LipLine lips = character.lips().get();
        this.deformer = new Deformer(character);
        this.seam = onlySeam(character.parts().get(lips.part()), lips);
        this.pairs = lips.upper().length;
    }

    /**
     * The widest opening along the lip line, in millimetres along the face's own up: what one sees from the front. Lips
     * that are pressed over one another count as 0.
     */
    public double at(double[] values) {
        double[][] frames = deformer.jointFrames(values);
        float[] p = deformer.placed(seam, values);
        // Up turns with the head, or a bowed head would swap what is over and what is under.
        double[] frame = frames[seam.joint()];
        Vec up = new Vec(frame[1], frame[5], frame[9]);
        double widest = 0;
        for (int i = 0; i < pairs; i++) {
            int u = 3 * i;
            int l = 3 * (pairs + i);
            Vec apart = new Vec(p[u] - p[l], p[u + 1] - p[l + 1], p[u + 2] - p[l + 2]);
            widest = Math.max(widest, apart.dot(up));
        }
        return widest;
    }

    /** Distance between the outermost points of the lip line at rest, in millimetres: the width of the mouth. */
    public double mouthWidth() {
        float[] p = seam.positions();
        int last = 3 * (pairs - 1);
        return Math.sqrt(
                Math.pow(p[0] - p[last], 2) + Math.pow(p[1] - p[last + 1], 2) + Math.pow(p[2] - p[last + 2], 2));
    }

    /** The part reduced to the vertices of the lip line, so that measuring costs next to nothing. */
    private static Part onlySeam(Part whole, LipLine lips) {
        int[] upper = lips.upper();
        int[] lower = lips.lower();
        int count = upper.length + lower.length;
        Map<Integer, List<Integer>> kept = new HashMap<>();
        float[] positions = new float[3 * count];
        int[] vertices = new int[count];
        for (int i = 0; i < count; i++) {
            int vertex = i < upper.length ? upper[i] : lower[i - upper.length];
            vertices[i] = vertex;
            kept.computeIfAbsent(vertex, v -> new ArrayList<>()).add(i);
            System.arraycopy(whole.positions(), 3 * vertex, positions, 3 * i, 3);
        }
        List<MorphTarget> targets = new ArrayList<>();
        for (MorphTarget target : whole.targets()) {
            List<Integer> moved = new ArrayList<>();
            List<Float> moves = new ArrayList<>();
            for (int i = 0; i < target.vertices().length; i++) {
                for (int at : kept.getOrDefault(target.vertices()[i], List.of())) {
                    moved.add(at);
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
                    target.name(), moved.stream().mapToInt(v -> v).toArray(), figures));
        }
        Optional<Skin> skin = whole.looks().skin().map(s -> picked(s, vertices));
        return new Part(
                "lip line",
                whole.material(),
                whole.joint(),
                positions,
                positions.clone(),
                new int[0],
                targets,
                new Part.Looks(skin, Optional.empty(), new float[0], new int[0], Optional.empty()));
    }

    private static Skin picked(Skin skin, int[] vertices) {
        int[] joints = new int[Skin.PER_VERTEX * vertices.length];
        float[] weights = new float[joints.length];
        for (int i = 0; i < vertices.length; i++) {
            System.arraycopy(
                    skin.joints(), Skin.PER_VERTEX * vertices[i], joints, Skin.PER_VERTEX * i, Skin.PER_VERTEX);
            System.arraycopy(
                    skin.weights(), Skin.PER_VERTEX * vertices[i], weights, Skin.PER_VERTEX * i, Skin.PER_VERTEX);
        }
        return new Skin(joints, weights);
    }
}
