package graykite.studio.view;

import graykite.picture.Camera;

/** What pressing and dragging on the face does while a desk has a use for it. */
public interface FaceTool {
    /** The picture that is pointed at. */
    record View(Camera camera, int width, int height) {}

    /** @return false to leave the press to turning the view */
    boolean press(View view, double x, double y);

    default void drag(View view, double x, double y) {}

    /** What to do on the face, for the chip on the stage. */
    String hint();
}
