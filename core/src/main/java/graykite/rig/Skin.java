package graykite.rig;

import static graykite.base.Require.requireThat;

/**
 * How the vertices of a part follow several joints (linear blend skinning): each vertex has the same number of joints, in
 * sets of four, and as many weights that add up to 1.
 *
 * @param joints joint indices, vertex by vertex
 * @param weights shares, vertex by vertex
 */
public record Skin(int[] joints, float[] weights) {
    /** Joints a set: a vertex has one or more sets. */
    public static final int SET = 4;

    /** Joints a vertex may follow. */
    public static final int MOST = 8;

    public Skin {
        requireThat(
                joints.length == weights.length && joints.length % SET == 0,
                "A skin has sets of four joints a vertex.");
    }

    /** Joints a vertex, in a part of so many vertices. */
    public int perVertex(int vertices) {
        return vertices == 0 ? SET : joints.length / vertices;
    }

    /** One set of all vertices, for formats that keep sets apart. @param set from 0 */
    public Skin set(int set, int vertices) {
        int each = perVertex(vertices);
        int[] fewerJoints = new int[SET * vertices];
        float[] fewerWeights = new float[fewerJoints.length];
        for (int i = 0; i < vertices; i++) {
            System.arraycopy(joints, each * i + SET * set, fewerJoints, SET * i, SET);
            System.arraycopy(weights, each * i + SET * set, fewerWeights, SET * i, SET);
        }
        return new Skin(fewerJoints, fewerWeights);
    }

    /** The skin of some vertices, in their new order. @param each joints a vertex */
    Skin only(int[] vertices, int each) {
        int[] fewerJoints = new int[each * vertices.length];
        float[] fewerWeights = new float[fewerJoints.length];
        for (int i = 0; i < vertices.length; i++) {
            System.arraycopy(joints, each * vertices[i], fewerJoints, each * i, each);
            System.arraycopy(weights, each * vertices[i], fewerWeights, each * i, each);
        }
        return new Skin(fewerJoints, fewerWeights);
    }
}
