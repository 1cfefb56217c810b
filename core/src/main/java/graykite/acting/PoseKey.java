package graykite.acting;

import static graykite.base.Require.requireThat;

import graykite.reading.Place;

/**
 * A pose of the character's library, keyed on a line: the face reaches it there and keeps it until the next key. It lies
 * over what is spoken: shapes add, drawings replace.
 *
 * @param at where on the line
 * @param pose name in the library; "Rest" ends what was before
 * @param strength share of the pose, 0 to 1.5
 * @param ease seconds that the change takes, ending at the place
 */
public record PoseKey(Place at, String pose, double strength, double ease) {
    /** How long a change takes unless one says otherwise. */
    public static final double USUAL_EASE = 0.25;

    public PoseKey {
        requireThat(ease >= 0.01 && ease <= 5, "A key eases for 0.01 to 5 seconds, not %.3f.", ease);
        requireThat(
                strength >= 0 && strength <= 1.5, "The strength of a key lies between 0 and 1.5, not %.2f.", strength);
        requireThat(!pose.isBlank(), "A key is that of a pose.");
    }

    /** One at a plain time, in seconds. */
    public PoseKey(double time, String pose, double strength, double ease) {
        this(Place.at(time), pose, strength, ease);
    }

    public PoseKey movedTo(Place place) {
        return new PoseKey(place, pose, strength, ease);
    }

    public PoseKey withPose(String name) {
        return new PoseKey(at, name, strength, ease);
    }

    public PoseKey withStrength(double share) {
        return new PoseKey(at, pose, share, ease);
    }

    public PoseKey withEase(double seconds) {
        return new PoseKey(at, pose, strength, seconds);
    }
}
