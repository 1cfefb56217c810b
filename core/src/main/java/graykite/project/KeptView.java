package graykite.project;

import static graykite.base.Require.requireThat;

import graykite.picture.Camera;

/**
 * From where a face is looked at, under a name.
 *
 * @param name up to 40 characters
 */
public record KeptView(String name, Camera camera) {
    public KeptView {
        name = name.strip();
        requireThat(!name.isEmpty() && name.length() <= 40, "A view has a name of up to 40 characters.");
        Camera c = camera;
        requireThat(
                Double.isFinite(c.yaw()
                                + c.target().x()
                                + c.target().y()
                                + c.target().z())
                        && c.distance() < 1e5
                        && c.height() < 1e5,
                "A view stands near the face.");
    }
}
