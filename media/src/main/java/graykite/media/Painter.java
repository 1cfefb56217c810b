package graykite.media;

import graykite.delivery.Behind;
import graykite.delivery.Order;
import graykite.delivery.Subject;
import graykite.picture.Backdrop;
import graykite.picture.Camera;
import graykite.picture.DeepPicture;
import graykite.picture.Picture;
import graykite.picture.Renderer;
import graykite.scene.Scene;

/** Draws frames of a scene one after another with one set of buffers. */
final class Painter {
    private final Scene scene;
    private final Renderer renderer = new Renderer();
    private final Camera camera;
    private final Order.Pictures pictures;
    private final boolean clear;

    /** @param clear true when what is behind everybody is left out */
    Painter(Subject subject, Camera camera, Order.Pictures pictures, boolean clear) {
        this.scene = subject.scene();
        this.pictures = pictures;
        this.clear = clear;
        this.camera = scene.framed(camera, pictures.width() / (double) pictures.height());
        renderer.setClear(clear);
        renderer.dress(subject.dressing());
        pictures.light().ifPresent(renderer::setLighting);
        if (pictures.behind() instanceof Behind.Own(Backdrop backdrop)) {
            renderer.setBackdrop(backdrop);
        }
    }

    boolean isClear() {
        return clear;
    }

    Picture paint(double seconds) {
        return renderer.draw(scene.surfaces(scene.at(seconds)), camera, pictures.width(), pictures.height());
    }

    DeepPicture paintDeep(double seconds) {
        return renderer.drawDeep(scene.surfaces(scene.at(seconds)), camera, pictures.width(), pictures.height());
    }
}
