package graykite.rig;

import static graykite.base.Require.requireThat;

/**
 * How some vertices of a part move when a channel or corrective goes from 0 to 1.
 *
 * @param name the channel or corrective that drives it
 * @param vertices which vertices move, ascending
 * @param moves x y z in millimetres for each of them
 */
public record MorphTarget(String name, int[] vertices, float[] moves) {
    public MorphTarget {
        requireThat(moves.length == 3 * vertices.length, "Each moved vertex has three figures.");
    }
}
