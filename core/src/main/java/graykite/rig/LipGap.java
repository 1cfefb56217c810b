package graykite.rig;

import static graykite.base.Require.requireThat;

import graykite.geometry.Vec;
import java.util.Arrays;

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
        double widest = 0;
        for (double gap : gaps(values)) {
            widest = Math.max(widest, gap);
        }
        return widest;
    }

    /** Number of pairs of vertices along the lip line. */
    public int pairs() {
        return pairs;
    }

    /**
     * The opening of each pair of the lip line from the character's left to its right, in millimetres along the face's own
     * up; below 0 where the lips are pressed over one another.
     */
    public double[] gaps(double[] values) {
        double[][] frames = deformer.jointFrames(values);
        float[] p = deformer.placed(seam, values);
        // Up turns with the head, or a bowed head would swap what is over and what is under.
        double[] frame = frames[seam.joint()];
        Vec up = new Vec(frame[1], frame[5], frame[9]);
        double[] gaps = new double[pairs];
        for (int i = 0; i < pairs; i++) {
            int u = 3 * i;
            int l = 3 * (pairs + i);
            Vec apart = new Vec(p[u] - p[l], p[u + 1] - p[l + 1], p[u + 2] - p[l + 2]);
            gaps[i] = apart.dot(up);
        }
        return gaps;
    }

    /** Height and depth (y, z) of the lower lip of each pair, in millimetres; the head must not be turned. */
    public double[] lowerLip(double[] values) {
        float[] p = deformer.placed(seam, values);
        double[] places = new double[2 * pairs];
        for (int i = 0; i < pairs; i++) {
            places[2 * i] = p[3 * (pairs + i) + 1];
            places[2 * i + 1] = p[3 * (pairs + i) + 2];
        }
        return places;
    }

    /** Distance between the outermost points of the lip line at rest, in millimetres: the width of the mouth. */
    public double mouthWidth() {
        return width(seam.positions());
    }

    /** The same while the face does something. */
    public double mouthWidth(double[] values) {
        return width(deformer.placed(seam, values));
    }

    private double width(float[] p) {
        int last = 3 * (pairs - 1);
        return new Vec(p[0] - p[last], p[1] - p[last + 1], p[2] - p[last + 2]).length();
    }

    /** The part reduced to the vertices of the lip line, so that measuring costs next to nothing. */
    private static Part onlySeam(Part whole, LipLine lips) {
        int[] vertices = Arrays.copyOf(lips.upper(), lips.upper().length + lips.lower().length);
        System.arraycopy(lips.lower(), 0, vertices, lips.upper().length, lips.lower().length);
        return whole.only("lip line", vertices);
    }
}
