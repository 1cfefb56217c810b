package graykite.studio.view;

import graykite.picture.Camera;

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

    /** What to do on the face, for the chip on the stage. */
    String hint();
}
