package graykite.studio;

import static graykite.studio.FxWork.onFx;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.acting.PoseKey;
import graykite.picture.Camera;
import graykite.project.Line;
import graykite.studio.model.Knot;
import graykite.studio.model.UserAction;
import graykite.studio.view.HelpOverlay;
import graykite.time.TimeRange;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.event.EventType;
import javafx.geometry.Point2D;
import javafx.geometry.VerticalDirection;
import javafx.scene.Node;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;
import javafx.stage.Stage;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;

/** What stands on the desks, the bar, the sheet and the stage does what it says, on the first line of the demo. */
class DeskWindowTest extends RealWindow {
    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    @BeforeEach
    void openDemo() throws Exception {
        run(window::openDemo);
        awaitActed();
    }

    private Line line() {
        return onFx(() -> workspace.line().orElseThrow());
    }

    private <T extends Node> T named(Class<T> type, String accessible) {
        return robot.lookup(n -> type.isInstance(n) && accessible.equals(n.getAccessibleText()) && n.isVisible())
                .query();
    }

    private void fire(String text) {
        ButtonBase button = robot.lookup(n -> n instanceof ButtonBase b && text.equals(b.getText()) && n.isVisible())
                .query();
        run(button::fire);
    }

    /** Screen point of a time in the ruler. */
    private Point2D onRuler(double time) {
        return onSheet(time, sheet -> 12);
    }

    @Test
    void keysOnTheActingDesk() {
        run(() -> window.knot().set(Knot.ACTING));
        robot.clickOn("#tab-instincts");
        long seed = line().seed();
        fire("Vary");
        assertEquals(seed + 1, line().seed());
        robot.clickOn("#tab-keys");
        run(() -> window.player().seek(1));
        ComboBox<String> pose = robot.lookup(
                        n -> n instanceof ComboBox<?> c && "The pose of the key".equals(c.getAccessibleText()))
                .queryComboBox();
        run(() -> pose.setValue("Glad"));
        fire("Key");
        assertEquals("Glad", line().keys().getFirst().pose());
        run(() -> workspace.keys().index().set(0));
        type(named(TextField.class, "Time of the key, in seconds"), "2.5");
        PoseKey key = line().keys().getFirst();
        assertEquals(2.5, onFx(() -> workspace.keys().timeOf(key)), 1e-6);
        double glad = corner(2.9);
        run(() -> pose.setValue("Sad"));
        assertEquals("Sad", line().keys().getFirst().pose());
        assertTrue(corner(2.9) < glad - 0.1, "the face follows");
        run(named(ButtonBase.class, "Delete the chosen key")::fire);
        assertTrue(line().keys().isEmpty());
        for (int i = 0; i < 5; i++) {
            run(workspace::undo);
        }
        assertEquals(seed, line().seed());
    }

    private double corner(double time) {
        return onFx(() -> {
            var scene = workspace.scene().get().orElseThrow();
            return scene.at(time)
                    .getFirst()[
                    workspace
                            .performance()
                            .get()
                            .orElseThrow()
                            .character()
                            .channelIndex()
                            .get("lipCornerPuller.L")];
        });
    }

    @Test
    void theVoiceOfALine() {
        run(() -> window.knot().set(Knot.VOICE));
        type(named(TextField.class, "Name of the line"), "The fog");
        assertEquals("The fog", line().title());
        type(named(TextField.class, "Frame at which the recording starts"), "1001");
        assertEquals(1001, line().voice().startFrame());
        assertTrue(robot.lookup(n -> n instanceof Label l && l.getText().equals("frame 1001"))
                .tryQuery()
                .isPresent());
        type(named(TextField.class, "Frame at which the recording starts"), "soon");
        assertEquals(1001, line().voice().startFrame(), "what is no number changes nothing");
    }

    private Node canvas() {
        return window.sheet().getChildrenUnmodifiable().getFirst();
    }

    /** The mouse with Shift held, on the ruler. The window system of the tests hands no held keys on. */
    private void mouse(EventType<MouseEvent> type, double time) {
        run(() -> {
            Point2D screen = window.sheet().localToScreen(window.sheet().xOf(time), 12);
            Point2D at = window.root().screenToLocal(screen);
            boolean down = type != MouseEvent.MOUSE_RELEASED;
            canvas().fireEvent(new MouseEvent(
                    type,
                    at.getX(),
                    at.getY(),
                    screen.getX(),
                    screen.getY(),
                    MouseButton.PRIMARY,
                    1,
                    true,
                    false,
                    false,
                    false,
                    down,
                    false,
                    false,
                    false,
                    false,
                    false,
                    null));
        });
    }

    private void wheelWithControl(double time) {
        run(() -> {
            Point2D screen = window.sheet().localToScreen(window.sheet().xOf(time), 12);
            Point2D at = window.root().screenToLocal(screen);
            canvas().fireEvent(new ScrollEvent(
                    ScrollEvent.SCROLL,
                    at.getX(),
                    at.getY(),
                    screen.getX(),
                    screen.getY(),
                    false,
                    true,
                    false,
                    false,
                    false,
                    false,
                    0,
                    120,
                    0,
                    120,
                    ScrollEvent.HorizontalTextScrollUnits.NONE,
                    0,
                    ScrollEvent.VerticalTextScrollUnits.NONE,
                    0,
                    0,
                    null));
        });
    }

    /** A stretch is looped with the mouse, zoomed with the wheel, and shown whole again. */
    @Test
    void loopAndZoomWithTheMouse() {
        run(window.sheet()::fit);
        mouse(MouseEvent.MOUSE_PRESSED, 1);
        mouse(MouseEvent.MOUSE_DRAGGED, 1.5);
        mouse(MouseEvent.MOUSE_DRAGGED, 2);
        mouse(MouseEvent.MOUSE_RELEASED, 2);
        TimeRange loop = onFx(() -> window.player().loopRange().get().orElseThrow());
        assertEquals(1, loop.start(), 0.05);
        assertEquals(2, loop.end(), 0.05);
        double before = onFx(() -> window.sheet().xOf(2) - window.sheet().xOf(1));
        wheelWithControl(1.5);
        assertTrue(onFx(() -> window.sheet().xOf(2) - window.sheet().xOf(1)) > 1.2 * before);
        robot.type(KeyCode.F);
        settle();
        assertEquals(before, onFx(() -> window.sheet().xOf(2) - window.sheet().xOf(1)), 0.5);
        robot.rightClickOn(onRuler(3));
        robot.clickOn("Loop the whole line");
        assertEquals(Optional.empty(), onFx(() -> window.player().loopRange().get()));
    }

    /** Dragging turns the face, the wheel comes closer, a double click looks from the front again. */
    @Test
    void theFaceIsTurned() {
        Point2D middle = onFx(() -> window.face().localToScreen(300, 250));
        robot.moveTo(middle)
                .press(MouseButton.PRIMARY)
                .moveBy(40, 0)
                .moveBy(40, 10)
                .release(MouseButton.PRIMARY);
        Camera turned = onFx(() -> window.face().camera().get());
        assertTrue(turned.yaw() < -15 && turned.pitch() > Camera.FRONT.pitch(), turned.toString());
        robot.scroll(2, VerticalDirection.UP);
        assertNotEquals(turned.height(), onFx(() -> window.face().camera().get().height()));
        robot.doubleClick(middle);
        assertEquals(Camera.FRONT, onFx(() -> window.face().camera().get()));
        for (String view : List.of("Three-quarter", "Profile", "Mouth", "Front")) {
            fire(view);
        }
        assertEquals(Camera.FRONT, onFx(() -> window.face().camera().get()));
    }

    @Test
    void theTransport() {
        robot.clickOn(onRuler(1));
        double at = onFx(() -> window.player().time().get());
        robot.type(KeyCode.PERIOD);
        assertEquals(at, onFx(() -> window.player().time().get()), 0.05);
        assertNotEquals(at, onFx(() -> window.player().time().get()));
        robot.type(KeyCode.END);
        assertEquals(
                onFx(() -> window.player().duration()),
                onFx(() -> window.player().time().get()),
                1e-6);
        robot.type(KeyCode.HOME);
        assertEquals(0, onFx(() -> window.player().time().get()));
        robot.type(KeyCode.H);
        assertEquals(0.5, onFx(() -> window.player().speed().get()));
        robot.type(KeyCode.H);
        robot.type(KeyCode.L);
        assertTrue(onFx(() -> window.player().looping().get()));
    }

    /** Dusk turns everything dark and is kept; F1 names every action with its key. */
    @Test
    void duskAndKeys() {
        UserAction dusk = onFx(() -> window.actions().stream()
                .filter(a -> a.name().toLowerCase(Locale.ROOT).contains("dusk"))
                .findFirst()
                .orElseThrow());
        run(dusk.run());
        assertTrue(onFx(() -> window.root().getStyleClass().contains("dusk")));
        assertTrue(onFx(() -> workspace.settings().flag("dusk")));
        run(dusk.run());
        assertFalse(onFx(() -> window.root().getStyleClass().contains("dusk")));
        robot.type(KeyCode.F1);
        Node help = robot.lookup(n -> n instanceof HelpOverlay).query();
        List<String> told = robot.from(help).lookup(".label").<Label>queryAll().stream()
                .map(Label::getText)
                .toList();
        onFx(window::actions).stream()
                .filter(a -> a.keys().isPresent())
                .forEach(a -> assertTrue(told.contains(a.name()), a.name()));
        robot.type(KeyCode.ESCAPE);
        assertTrue(robot.lookup(n -> n instanceof HelpOverlay).tryQuery().isEmpty());
    }
}
