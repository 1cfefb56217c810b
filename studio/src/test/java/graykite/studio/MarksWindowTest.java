package graykite.studio;

import static graykite.studio.FxWork.onFx;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.acting.Instincts.Kind;
import graykite.acting.LifeMarks.Placed;
import graykite.studio.model.Knot;
import java.util.List;
import javafx.geometry.Point2D;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Slider;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.stage.Stage;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;

/** What the face does by itself, mark by mark, in the real window. */
class MarksWindowTest extends RealWindow {
    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    @BeforeEach
    void openMarks() throws Exception {
        openUnactedDemo();
        run(() -> window.knot().set(Knot.ACTING));
        run(() -> ((ToggleButton) window.root().lookup("#tab-instincts")).setSelected(true));
        run(() -> ((CheckBox) window.root().lookup("#instinct-marks")).setSelected(true));
        run(window.sheet()::fit);
    }

    private List<Placed> blinks() {
        return onFx(() -> workspace.marks().marks(Kind.BLINKS));
    }

    private boolean own() {
        return onFx(() -> workspace.marks().isOwn(Kind.BLINKS));
    }

    /** The first lane of five, at a time. */
    private Point2D blinkLane(double time) {
        return onSheet(time, "marks").add(0, -32);
    }

    @Test
    void aBlinkIsDraggedHeldAndGivenBack() {
        assertFalse(own());
        Placed first = blinks().getFirst();
        int count = blinks().size();
        double second = onFx(() -> window.sheet().xOf(2) - window.sheet().xOf(1));
        robot.moveTo(blinkLane(first.time() + first.length() / 2))
                .press(MouseButton.PRIMARY)
                .moveBy(second / 10, 0)
                .moveBy(second / 10, 0)
                .release(MouseButton.PRIMARY);
        settle();
        assertTrue(own(), "the first touch takes the kind over");
        assertEquals(count, blinks().size());
        assertEquals(first.time() + 0.2, blinks().getFirst().time(), 0.05);
        Slider shut = robot.lookup(n -> n instanceof Slider s && "Stays shut".equals(s.getAccessibleText()))
                .query();
        run(() -> shut.setValue(0.5));
        settle();
        double middle = blinks().getFirst().time() + 0.35;
        assertTrue(onStage("lidClose.L", middle) > 0.95, "the blink is held");
        robot.clickOn("#back-blinks");
        settle();
        assertFalse(own());
        assertEquals(first.time(), blinks().getFirst().time(), 1e-6);
        run(workspace::undo);
        run(workspace::undo);
        run(workspace::undo);
        assertFalse(own(), "three steps: the drag with its taking over, the hold, the giving back");
    }

    @Test
    void aBlinkIsAddedWithAKeyAndRemoved() {
        int count = blinks().size();
        double free = 3.05;
        run(() -> window.player().seek(free));
        run(() -> window.root().requestFocus());
        robot.press(KeyCode.B).release(KeyCode.B);
        settle();
        assertEquals(count + 1, blinks().size());
        assertTrue(onStage("lidClose.L", free + 0.09) > 0.9);
        robot.press(KeyCode.DELETE).release(KeyCode.DELETE);
        settle();
        assertEquals(count, blinks().size());
        robot.doubleClick(blinkLane(4.4));
        assertEquals(count + 1, blinks().size(), "a double-click adds one");
        run(workspace::undo);
        assertEquals(count, blinks().size());
    }
}
