package graykite.studio;

import static graykite.studio.FxWork.onFx;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.studio.model.Knot;
import java.util.Arrays;
import java.util.HashSet;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import javafx.geometry.Bounds;
import javafx.geometry.Rectangle2D;
import javafx.scene.Node;
import javafx.scene.SnapshotParameters;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;

/** Where the keyboard is, is seen (WCAG 2.2, success criterion 2.4.7): Tab goes round every desk, and what has the focus looks different. */
class FocusWindowTest extends RealWindow {
    /** More steps than any desk needs for a whole round. */
    private static final int MOST = 160;

    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    @Test
    void whatHasTheFocusIsSeen() throws Exception {
        run(window::openDemo);
        awaitActed();
        Set<String> unseen = new TreeSet<>();
        int seen = 0;
        for (Knot knot : Knot.values()) {
            run(() -> window.knot().set(knot));
            run(() -> window.root().requestFocus());
            Set<Node> met = new HashSet<>();
            Optional<Node> before = Optional.empty();
            int[] focused = {};
            for (int step = 0; step < MOST; step++) {
                robot.press(KeyCode.TAB).release(KeyCode.TAB);
                if (before.isPresent()) {
                    Node left = before.get();
                    if (Arrays.equals(focused, onFx(() -> picture(left)))) {
                        unseen.add(knot + ": " + name(left));
                    }
                    seen++;
                }
                Node owner = onFx(() -> window.root().getScene().getFocusOwner());
                if (!met.add(owner)) {
                    break;
                }
                before = Optional.of(owner);
                focused = onFx(() -> picture(owner));
            }
        }
        assertTrue(seen > 150, seen + " controls were reached");
        assertEquals(Set.of(), unseen);
    }

    private static String name(Node node) {
        return node.getClass().getSimpleName() + " " + node.getStyleClass() + " "
                + Optional.ofNullable(node.getId())
                        .or(() -> Optional.ofNullable(node.getAccessibleText()))
                        .orElse("");
    }

    /** The node with what is a little beyond its edge. */
    private static int[] picture(Node node) {
        Bounds bounds = node.getBoundsInParent();
        SnapshotParameters how = new SnapshotParameters();
        how.setViewport(new Rectangle2D(
                bounds.getMinX() - 4,
                bounds.getMinY() - 4,
                Math.clamp(bounds.getWidth() + 8, 8, 600),
                Math.clamp(bounds.getHeight() + 8, 8, 300)));
        WritableImage image = node.snapshot(how, null);
        int width = (int) image.getWidth();
        int height = (int) image.getHeight();
        int[] pixels = new int[width * height];
        image.getPixelReader().getPixels(0, 0, width, height, PixelFormat.getIntArgbInstance(), pixels, 0, width);
        return pixels;
    }
}
