package graykite.studio;

import static graykite.studio.FxWork.onFx;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.motion.Key;
import graykite.motion.Keyed;
import graykite.studio.model.Knot;
import java.util.List;
import javafx.geometry.Point2D;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Slider;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.stage.Stage;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;

/** Keys of any channel in the real window: set, dragged, chosen with a frame, worked on together. */
class KeysWindowTest extends RealWindow {
    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    @BeforeEach
    @SuppressWarnings("unchecked")
    void openKeys() throws Exception {
        openUnactedDemo();
        run(() -> window.knot().set(Knot.ACTING));
        run(() -> ((ToggleButton) window.root().lookup("#tab-keys")).setSelected(true));
        run(() -> ((ComboBox<String>) window.root().lookup("#key-control")).setValue("headYaw"));
        run(window.sheet()::fit);
    }

    private List<Key> keys() {
        return onFx(() -> workspace
                .passes()
                .keys()
                .target()
                .map(t -> t.motion().curves().getFirst().keys())
                .orElse(List.of()));
    }

    private void key(double time, double value) {
        run(() -> window.player().seek(time));
        run(() -> workspace.passes().keys().key(time, value, 0));
    }

    /** A place in the row of keys. */
    private Point2D place(double time, double value) {
        return onSheet(time, sheet -> sheet.yOf("keys", value));
    }

    @Test
    void autoKeyFollowsTheSlider() {
        run(() -> ((CheckBox) window.root().lookup("#auto-key")).setSelected(true));
        Slider value = (Slider) window.root().lookup("#key-value");
        run(() -> window.player().seek(1));
        run(() -> value.setValue(12));
        run(() -> window.player().seek(2));
        run(() -> value.setValue(-8));
        assertEquals(2, keys().size());
        assertEquals(12, onStage("headYaw", 1), 0.3);
        assertEquals(-8, onStage("headYaw", 2), 0.3);
        assertTrue(onStage("headYaw", 1.5) < 11 && onStage("headYaw", 1.5) > -7);
        robot.clickOn("#keys-blocking");
        settle();
        assertEquals(12, onStage("headYaw", 1.95), 0.3, "blocking");
        robot.clickOn("#keys-blocking");
        settle();
        run(() -> window.player().seek(1));
        robot.clickOn("#keys-hold");
        settle();
        assertEquals(12, onStage("headYaw", 5), 0.3, "one value over the whole line");
        run(workspace::undo);
        assertEquals(2, keys().size());
    }

    @Test
    void keysAreDraggedTogether() {
        key(1, 0);
        key(2, 20);
        key(3, 0);
        double second = onFx(() -> window.sheet().xOf(2) - window.sheet().xOf(1));
        robot.moveTo(place(2, 20))
                .press(MouseButton.PRIMARY)
                .moveBy(second / 4, 0)
                .moveBy(second / 4, 0)
                .release(MouseButton.PRIMARY);
        settle();
        assertEquals(2.5, keys().get(1).time(), 0.05);
        assertEquals(20, keys().get(1).value(), 2);
        run(workspace::undo);
        assertEquals(2, keys().get(1).time(), 0.01, "a drag is one step");
        // A frame about the last two.
        robot.moveTo(place(1.6, 26))
                .press(MouseButton.PRIMARY)
                .moveTo(place(2.5, 10))
                .moveTo(place(3.3, -4))
                .release(MouseButton.PRIMARY);
        settle();
        assertEquals(2, onFx(() -> workspace.passes().keys().chosen().get().size()));
        robot.clickOn("#keys-spread");
        settle();
        assertEquals(3.1, keys().get(2).time(), 0.03);
        robot.clickOn("#keys-more");
        settle();
        assertEquals(22, keys().get(1).value(), 0.2);
        run(() -> window.player().seek(4));
        robot.clickOn("#keys-copy");
        robot.clickOn("#keys-mirror");
        settle();
        assertEquals(5, keys().size());
        assertEquals(-22, keys().get(3).value(), 0.2, "turned to the other side");
        run(() -> window.root().requestFocus());
        robot.press(KeyCode.DELETE).release(KeyCode.DELETE);
        settle();
        assertEquals(3, keys().size(), "the chosen two are gone");
        robot.doubleClick(place(5, 6));
        assertEquals(4, keys().size());
        assertTrue(onFx(() -> workspace.passes().keys().target().orElseThrow().motion()) instanceof Keyed);
    }
}
