package graykite.rig;

import static graykite.base.Require.requireThat;

/**
 * The seam of the lips on a part's mesh: pairs of vertices that lie on one another when the mouth is shut, from the
 * character's left corner to the right one.
 *
 * @param part index of the part
 */
public record LipLine(int part, int[] upper, int[] lower) {
    public LipLine {
        requireThat(upper.length == lower.length && upper.length > 2, "Lips meet in pairs of vertices.");
    }
}
