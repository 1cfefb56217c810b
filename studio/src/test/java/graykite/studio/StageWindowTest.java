package graykite.studio;

import static graykite.studio.FxWork.await;
import static graykite.studio.FxWork.onFx;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.picture.Camera;
import graykite.time.TimeMap;
import graykite.time.TimeRange;
import java.util.Optional;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.stage.Stage;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;

/** The stage from two sides, and the line stretched by the grip in its wave. */
class StageWindowTest extends RealWindow {
    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    @BeforeEach
    void openDemo() throws Exception {
        run(window::openDemo);
        awaitActed();
    }

    private Optional<Node> second() {
        return robot.lookup("#second-view").tryQuery();
    }

    /** Two views at once: the marked one is turned and chosen for, the other stays; one again with the same key. */
    @Test
    void theStageIsSeenFromTwoSides() throws Exception {
        assertTrue(second().isEmpty());
        run(() -> window.face().camera().set(Camera.THREE_QUARTER));
        robot.type(KeyCode.V);
        settle();
        Node eye = second().orElseThrow();
        assertTrue(workspace.settings().flag("stage-two-views"), "it is remembered");
        assertEquals(Camera.MOUTH, onFx(() -> window.face().camera().get()), "the new one is the marked one");
        long before = onFx(() -> window.face().pictures());
        robot.clickOn("Profile");
        assertEquals(Camera.PROFILE, onFx(() -> window.face().camera().get()));
        await(() -> window.face().pictures() > before);
        // A press on the first view marks that one; its own camera was left alone.
        Point2D left = onFx(() -> window.face().localToScreen(80, 200));
        robot.clickOn(left);
        assertEquals(Camera.THREE_QUARTER, onFx(() -> window.face().camera().get()));
        robot.moveTo(left)
                .press(MouseButton.PRIMARY)
                .moveBy(40, 0)
                .moveBy(20, 0)
                .release(MouseButton.PRIMARY);
        assertTrue(onFx(() -> window.face().camera().get().yaw()) < Camera.THREE_QUARTER.yaw() - 5);
        robot.clickOn(onFx(() -> eye.localToScreen(60, 200)));
        assertEquals(Camera.PROFILE, onFx(() -> window.face().camera().get()), "the second was not turned");
        double half = onFx(() -> eye.getBoundsInParent().getWidth());
        assertEquals(onFx(() -> window.face().getWidth()) / 2, half, 3, "both are equally wide");
        robot.type(KeyCode.V);
        settle();
        assertTrue(second().isEmpty());
        assertFalse(workspace.settings().flag("stage-two-views"));
    }

    /** The menu does what the key does. */
    @Test
    void theMenuShowsTwoViews() {
        robot.clickOn("#stage-look");
        robot.clickOn("Two views at once (V)");
        settle();
        assertTrue(second().isPresent());
        assertTrue(onFx(() -> window.face().two().get()));
    }

    private Point2D inWave(double time) {
        return onSheet(time, "wave");
    }

    /** The end of the chosen stretch is pulled: all that follows comes later, and one undo takes the whole pull back. */
    @Test
    void aStretchIsPulledLonger() throws Exception {
        run(window.sheet()::fit);
        double length = onFx(() -> workspace.sound().get().orElseThrow().sound().duration());
        double buoy = onFx(() -> workspace.timing().orElseThrow().words().get(8).start());
        run(() -> window.player().loopRange().set(Optional.of(new TimeRange(1, 2))));
        double pixels = onFx(() -> window.sheet().xOf(2) - window.sheet().xOf(1));
        robot.moveTo(inWave(2))
                .press(MouseButton.PRIMARY)
                .moveBy(pixels / 4, 0)
                .moveBy(pixels / 4, 0)
                .release(MouseButton.PRIMARY);
        settle();
        assertEquals(
                1.5, onFx(() -> window.player().loopRange().get().orElseThrow().length()), 0.03);
        assertEquals(
                length + 0.5,
                onFx(() -> workspace.sound().get().orElseThrow().sound().duration()),
                0.03);
        assertEquals(
                buoy + 0.5,
                onFx(() -> workspace.timing().orElseThrow().words().get(8).start()),
                0.03);
        run(workspace::undo);
        assertEquals(TimeMap.SAME, onFx(() -> workspace.retiming().map()), "one pull is one step");
        assertEquals(
                buoy, onFx(() -> workspace.timing().orElseThrow().words().get(8).start()), 1e-9);
    }

    /** Beside the grip the wave scrubs as ever. */
    @Test
    void besideTheGripTheWaveScrubs() {
        run(window.sheet()::fit);
        run(() -> window.player().loopRange().set(Optional.of(new TimeRange(1, 2))));
        robot.clickOn(inWave(3));
        assertEquals(3, onFx(() -> window.player().time().get()), 0.05);
        assertEquals(TimeMap.SAME, onFx(() -> workspace.retiming().map()));
    }
}
