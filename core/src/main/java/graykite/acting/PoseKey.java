package graykite.acting;

import static graykite.base.Require.requireThat;

/**
 * A pose of the character's library, keyed at a time of the line: the face reaches it there and keeps it until the next
 * key. It lies over what is spoken: shapes add, drawings replace.
 *
 * @param time seconds
 * @param pose name in the library; "Rest" ends what was before
 * @param strength share of the pose, 0 to 1.5
 * @param ease seconds that the change takes, ending at the time
 */
public record PoseKey(double time, String pose, double strength, double ease) {
    /** How long a change takes unless one says otherwise. */
    public static final double USUAL_EASE = 0.25;

    public PoseKey {
        requireThat(time >= 0 && ease >= 0.01 && ease <= 5, "A key lies on the line and eases for 0.01 to 5 seconds.");
        requireThat(
                strength >= 0 && strength <= 1.5, "The strength of a key lies between 0 and 1.5, not %.2f.", strength);
    }
}
