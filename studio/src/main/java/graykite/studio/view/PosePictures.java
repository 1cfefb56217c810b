package graykite.studio.view;

import graykite.picture.Camera;
import graykite.picture.Renderer;
import graykite.rig.Character;
import graykite.rig.Couplings;
import graykite.rig.Deformer;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.scene.image.Image;

/** Draws small pictures of a face at given values, one after another and away from the JavaFX thread. */
public final class PosePictures implements AutoCloseable {
    private final ExecutorService painter = Executors.newSingleThreadExecutor(
            Thread.ofPlatform().daemon().name("kite-thumbnails").factory());
    private final Map<Character, Deformer> deformers = new IdentityHashMap<>();
    private volatile long wanted;

    /** A picture to be drawn and who waits for it. */
    public record Order(double[] values, Camera camera, Consumer<Image> shown) {}

    /**
     * Draws pictures of a character; orders of another character that were not drawn yet are dropped, and all once it is
     * closed.
     *
     * @param size pixels a side
     */
    public void draw(Character character, int size, List<Order> orders) {
        if (painter.isShutdown()) {
            return;
        }
        long mine = ++wanted;
        painter.execute(() -> {
            Deformer deformer = deformers.computeIfAbsent(character, Deformer::new);
            Renderer renderer = new Renderer();
            Couplings couplings = new Couplings(character);
            for (Order order : orders) {
                if (mine != wanted) {
                    return;
                }
                double[] values = order.values.clone();
                couplings.apply(values);
                Image image = MouthPictures.image(renderer.draw(deformer.deform(values), order.camera, size, size));
                Platform.runLater(() -> order.shown.accept(image));
            }
            deformers.keySet().removeIf(c -> c != character);
        });
    }

    @Override
    public void close() {
        painter.shutdownNow();
    }
}
