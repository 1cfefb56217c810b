package graykite.rig;

import static graykite.base.Require.requireThat;

/**
 * How the vertices of a part follow several joints (linear blend skinning): each vertex has four joints and four weights
 * that add up to 1.
 *
 * @param joints four joint indices a vertex
 * @param weights four shares a vertex
 */
public record Skin(int[] joints, float[] weights) {
    /** Joints a vertex may follow. */
    public static final int PER_VERTEX = 4;

    public Skin {
        requireThat(
                joints.length == weights.length && joints.length % PER_VERTEX == 0, "A skin has four joints a vertex.");
    }

    /** The skin of some vertices, in their new order. */
    Skin only(int[] vertices) {
        int[] fewerJoints = new int[PER_VERTEX * vertices.length];
        float[] fewerWeights = new float[fewerJoints.length];
        for (int i = 0; i < vertices.length; i++) {
            System.arraycopy(joints, PER_VERTEX * vertices[i], fewerJoints, PER_VERTEX * i, PER_VERTEX);
            System.arraycopy(weights, PER_VERTEX * vertices[i], fewerWeights, PER_VERTEX * i, PER_VERTEX);
        }
        return new Skin(fewerJoints, fewerWeights);
    }
}
