package graykite.studio;

import java.util.List;
import javafx.geometry.Point2D;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import org.testfx.api.FxRobot;
import org.testfx.robot.KeyboardRobot;
import org.testfx.robot.Motion;
import org.testfx.robot.MouseRobot;
import org.testfx.service.query.PointQuery;

/**
 * The mouse and the keyboard of the tests. TestFX's own robot goes to a place in up to two hundred steps and sleeps fifty
 * milliseconds after each act; this one goes there at once and waits for the window alone.
 */
final class QuickRobot extends FxRobot {
    /** Pixels of a step of a drag. */
    private static final double STEP = 3;

    private final MouseRobot mouse = robotContext().getMouseRobot();
    private final KeyboardRobot keys = robotContext().getKeyboardRobot();
    private boolean holding;

    @Override
    public QuickRobot moveTo(PointQuery place, Motion motion) {
        return go(place.query());
    }

    @Override
    public QuickRobot moveBy(double x, double y, Motion motion) {
        return go(where().add(x, y));
    }

    private Point2D where() {
        return robotContext().getBaseRobot().retrieveMouse();
    }

    /**
     * In small steps while a button is down: the windowless system says of no movement which button is held, so that each
     * goes to what lies under the pointer, and what is dragged must have followed.
     */
    private QuickRobot go(Point2D to) {
        Point2D from = where();
        int steps = holding ? Math.max(1, (int) Math.ceil(from.distance(to) / STEP)) : 1;
        for (int step = 1; step <= steps; step++) {
            mouse.moveNoWait(from.interpolate(to, (double) step / steps));
        }
        return rest();
    }

    @Override
    public QuickRobot clickOn(PointQuery place, Motion motion, MouseButton... buttons) {
        moveTo(place, motion);
        return clickOn(buttons);
    }

    @Override
    public QuickRobot clickOn(MouseButton... buttons) {
        mouse.pressNoWait(buttons);
        mouse.releaseNoWait(buttons);
        return rest();
    }

    /** Two clicks in one go: with a wait between them a busy machine would count them singly. */
    QuickRobot doubleClick(Point2D place) {
        moveTo(place);
        mouse.pressNoWait(MouseButton.PRIMARY);
        mouse.releaseNoWait(MouseButton.PRIMARY);
        return clickOn(MouseButton.PRIMARY);
    }

    @Override
    public QuickRobot press(MouseButton... buttons) {
        holding = true;
        mouse.pressNoWait(buttons);
        return rest();
    }

    @Override
    public QuickRobot release(MouseButton... buttons) {
        holding = false;
        mouse.releaseNoWait(buttons);
        return rest();
    }

    @Override
    public QuickRobot press(KeyCode... pressed) {
        keys.pressNoWait(pressed);
        return rest();
    }

    @Override
    public QuickRobot release(KeyCode... released) {
        keys.releaseNoWait(released);
        return rest();
    }

    @Override
    public QuickRobot push(KeyCode... together) {
        keys.pressNoWait(together);
        keys.releaseNoWait(List.of(together).reversed().toArray(KeyCode[]::new));
        return rest();
    }

    @Override
    public QuickRobot type(KeyCode... oneByOne) {
        for (KeyCode key : oneByOne) {
            push(key);
        }
        return this;
    }

    private QuickRobot rest() {
        FxWork.rest();
        return this;
    }
}
