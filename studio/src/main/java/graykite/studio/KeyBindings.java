package graykite.studio;

import graykite.studio.model.UserAction;
import java.util.List;
import java.util.function.BooleanSupplier;
import javafx.scene.Parent;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.ComboBoxBase;
import javafx.scene.control.Control;
import javafx.scene.control.Slider;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Region;

/** Runs actions by their keys wherever the focus is, but leaves keys to controls that need them themselves. */
final class KeyBindings {
    private KeyBindings() {}

    /** @param blocked true while something lies above the window that takes all keys */
    static void install(Parent root, List<UserAction> actions, BooleanSupplier blocked) {
        root.addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            if (e.isConsumed() || blocked.getAsBoolean() || neededByControl(e)) {
                return;
            }
            if (e.getTarget() instanceof ButtonBase button && e.getCode() == KeyCode.ENTER) {
                e.consume();
                button.fire();
                return;
            }
            for (UserAction action : actions) {
                if (action.keys().isPresent() && action.keys().get().match(e)) {
                    e.consume();
                    action.run().run();
                    return;
                }
            }
        });
    }

    private static boolean neededByControl(KeyEvent e) {
        boolean plain = !e.isControlDown() && !e.isMetaDown() && !e.getCode().isFunctionKey();
        if (e.getTarget() instanceof TextInputControl) {
            return plain || e.getCode() == KeyCode.Z;
        }
        boolean arrows = e.getCode().isArrowKey() || e.getCode().isNavigationKey();
        // What is no control but answers keys itself: pictures of poses and of shapes, pads.
        if (e.getTarget() instanceof Region own && !(own instanceof Control) && own.getOnKeyPressed() != null) {
            return arrows || e.getCode() == KeyCode.ENTER || e.getCode() == KeyCode.SPACE && own.isFocusVisible();
        }
        if (e.getTarget() instanceof Slider || e.getTarget() instanceof ComboBoxBase) {
            return arrows;
        }
        // Space plays, but presses the button that was reached with the keyboard.
        return e.getTarget() instanceof ButtonBase button && e.getCode() == KeyCode.SPACE && button.isFocusVisible();
    }
}
