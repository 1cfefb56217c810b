package graykite.studio;

import static graykite.studio.FxWork.await;
import static graykite.studio.FxWork.onFx;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.acting.Clip;
import graykite.acting.LookPoint;
import graykite.studio.model.Knot;
import graykite.time.TimeRange;
import java.util.Arrays;
import java.util.Optional;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.MouseButton;
import javafx.scene.shape.Circle;
import javafx.stage.Stage;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;

/** What is done on the face itself while one acts: a place that is looked at is dragged, an expression is pulled. */
class FaceToolsWindowTest extends RealWindow {
    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    @BeforeEach
    void openActing() throws Exception {
        openUnactedDemo();
        run(() -> window.knot().set(Knot.ACTING));
        run(window.sheet()::fit);
    }

    /** A point of the stage. @param x @param y shares of its size from the middle */
    private Point2D stage(double x, double y) {
        return onFx(() -> window.face()
                .localToScreen(
                        (0.5 + x) * window.face().getWidth(),
                        (0.5 + y) * window.face().getHeight()));
    }

    private static Point2D onRing(Circle ring) {
        return ring.localToScreen(ring.getCenterX(), ring.getCenterY());
    }

    private LookPoint.Spot spot() {
        return (LookPoint.Spot)
                onFx(() -> workspace.looks().look().orElseThrow().look().point());
    }

    @Test
    void aPlaceIsPutOnTheStageAndDragged() throws Exception {
        run(() -> ((ToggleButton) window.root().lookup("#tab-look")).setSelected(true));
        run(() -> window.player().seek(1));
        double ahead = onStage("eyeYaw", 1.6) + onStage("headYaw", 1.6);
        robot.clickOn("#place-look");
        robot.clickOn(stage(0.3, 0));
        settle();
        assertTrue(spot().place().x() > 40, "to the viewer's right: " + spot().place());
        double right = onStage("eyeYaw", 1.6) + onStage("headYaw", 1.6);
        assertTrue(right > ahead + 3, "the eyes go there");
        assertTrue(onStage("eyeConverge", 1.6) > 0.5, "and converge on what is near");
        // The row of looks has come up and taken room from the stage; put it again where it is now.
        robot.clickOn("#place-look");
        robot.clickOn(stage(0.3, 0));
        settle();
        Circle ring = (Circle) window.root().lookup(".stage-ring");
        Point2D put = stage(0.3, 0);
        // It follows the picture, which follows the room that the stage has now.
        await(() -> ring.isVisible() && onRing(ring).distance(put) < 4);
        Point2D at = onFx(() -> onRing(ring));
        robot.moveTo(at)
                .press(MouseButton.PRIMARY)
                .moveTo(stage(0, 0))
                .moveTo(stage(-0.3, 0))
                .release(MouseButton.PRIMARY);
        settle();
        assertTrue(onStage("eyeYaw", 1.6) + onStage("headYaw", 1.6) < ahead - 3, "dragged, the eyes follow");
        run(workspace::undo);
        assertTrue(spot().place().x() > 40, "a drag is one step");
        run(workspace::undo);
        run(workspace::undo);
        assertTrue(onFx(() -> workspace.looks().looks()).isEmpty());
    }

    /** Sliders and the face itself: what is pulled becomes this clip's own, the library stays. */
    @Test
    void anExpressionIsPulledOnTheFace() throws Exception {
        run(() -> workspace.clips().add("Wry", new TimeRange(0.5, 2.5)));
        run(() -> window.player().seek(1.5));
        double before = onStage("jawDrop", 5.9);
        assertTrue(before < 0.3);
        robot.clickOn("#clip-face");
        settle();
        Node editor = window.root().lookup("#pose-editor");
        assertTrue(editor.isVisible());
        await(() -> window.trial().values().get().length > 0);
        int brow = onFx(
                () -> window.trial().figure().get().orElseThrow().channelIndex().get("outerBrowRaiser.L"));
        // The brow of the face that is tried lies a little above the middle, to its left.
        Point2D onBrow = stage(0.06, -0.14);
        robot.moveTo(onBrow).press(MouseButton.PRIMARY);
        settle();
        for (int i = 0; i < 8; i++) {
            robot.moveBy(0, -4);
            settle();
        }
        robot.release(MouseButton.PRIMARY);
        settle();
        await(() -> !Arrays.equals(
                window.trial().values().get(),
                window.trial()
                        .figure()
                        .get()
                        .orElseThrow()
                        .values(window.trial()
                                .figure()
                                .get()
                                .orElseThrow()
                                .poses()
                                .get("Wry"))));
        run(() -> window.trial().set(brow, 0.9));
        robot.clickOn("#keep-pose");
        settle();
        assertFalse(editor.isVisible());
        Clip.Content content =
                onFx(() -> workspace.clips().clip().orElseThrow().clip().look().content());
        assertTrue(content instanceof Clip.Own);
        assertEquals("Wry", content.name());
        assertEquals(0.9, ((Clip.Own) content).pose().of("outerBrowRaiser.L"), 1e-6);
        assertTrue(onStage("outerBrowRaiser.L", 1.5) > 0.7);
        run(workspace::undo);
        assertTrue(
                onFx(() -> workspace.clips().clip().orElseThrow().clip().look().content()) instanceof Clip.Linked);
    }

    @Test
    void aDoubleClickOnAClipOpensItsSliders() {
        run(() -> workspace.clips().add("Wry", new TimeRange(0.5, 2.5)));
        run(() -> workspace.clips().chosen().set(Optional.empty()));
        robot.doubleClick(onSheet(1.5, "feel"));
        assertTrue(window.root().lookup("#pose-editor").isVisible());
        run(() -> window.knot().set(Knot.MOUTH));
        run(() -> window.knot().set(Knot.ACTING));
        assertFalse(window.root().lookup("#pose-editor").isVisible(), "left alone it closes and keeps nothing");
    }
}
