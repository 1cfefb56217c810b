package graykite.studio.view;

import graykite.picture.Camera;
import java.util.Optional;

/** What pressing and dragging on the face does while a desk has a use for it. */
public interface FaceTool {
    /** The picture that is pointed at. */
    record View(Camera camera, int width, int height) {}

    /** @return false to leave the press to turning the view */
    boolean press(View view, double x, double y);

    default void drag(View view, double x, double y) {}

    /** The pointer moved over the face without a button. */
    default void move(View view, double x, double y) {}

    /** The button was let go. */
    default void release() {}

    /** The wheel was turned. @return false to leave it to zooming */
    default boolean wheel(double pixels) {
        return false;
    }

    /** Where a mark stands on the picture, x and y; nothing for none. */
    default Optional<double[]> mark(View view) {
        return Optional.empty();
    }

    /** What to do on the face, for the chip on the stage. */
    String hint();
}
