package graykite.studio;

import static graykite.studio.FxWork.onFx;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.studio.model.Knot;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Control;
import javafx.scene.control.Labeled;
import javafx.scene.control.ScrollBar;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextInputControl;
import javafx.scene.control.ToggleButton;
import javafx.stage.Stage;
import javafx.stage.Window;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;

/**
 * Whoever cannot see the window hears what it says: everything that the keyboard reaches has a name and a role (WCAG 2.2, success
 * criterion 4.1.2), on every desk and under every one of its tabs.
 */
class NamesWindowTest extends RealWindow {
    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    @Test
    void everythingThatTheKeyboardReachesHasANameAndARole() throws Exception {
        run(window::openDemo);
        awaitActed();
        Set<String> nameless = new TreeSet<>();
        int seen = 0;
        for (Knot knot : Knot.values()) {
            run(() -> window.knot().set(knot));
            seen += walk(knot.name(), nameless);
            for (int tab = 0; tab < tabs().size(); tab++) {
                ToggleButton button = tabs().get(tab);
                run(button::fire);
                seen += walk(knot + " / " + button.getText(), nameless);
            }
        }
        assertTrue(seen > 500, seen + " controls were reached");
        assertEquals(Set.of(), nameless);
    }

    private List<ToggleButton> tabs() {
        return onFx(() -> robot.lookup(".tab-button").queryAllAs(ToggleButton.class).stream()
                .filter(NamesWindowTest::isShown)
                .toList());
    }

    private static boolean isShown(Node node) {
        for (Node at = node; at != null; at = at.getParent()) {
            if (!at.isVisible()) {
                return false;
            }
        }
        return true;
    }

    private int walk(String place, Set<String> nameless) {
        return onFx(() -> {
            List<Node> reached = new ArrayList<>();
            collect(workspaceRoot(), reached);
            for (Node node : reached) {
                if (name(node).isBlank() || node.getAccessibleRole() == null || isRoleless(node)) {
                    nameless.add(place + ": " + node.getClass().getSimpleName() + " " + node.getStyleClass() + " "
                            + Optional.ofNullable(node.getId()).orElse(""));
                }
            }
            return reached.size();
        });
    }

    private Parent workspaceRoot() {
        return Window.getWindows().getFirst().getScene().getRoot();
    }

    private static void collect(Node node, List<Node> reached) {
        if (!node.isVisible()) {
            return;
        }
        boolean part = node instanceof ScrollBar || node instanceof ScrollPane;
        if (node.isFocusTraversable() && !node.isDisabled() && !part) {
            reached.add(node);
        }
        if (node instanceof Parent parent) {
            parent.getChildrenUnmodifiable().forEach(child -> collect(child, reached));
        }
    }

    /** A pane that takes the keyboard says what it is. */
    private static boolean isRoleless(Node node) {
        return !(node instanceof Control)
                && (node.getAccessibleRole() == AccessibleRole.PARENT
                        || node.getAccessibleRole() == AccessibleRole.NODE);
    }

    private static String name(Node node) {
        if (node.getAccessibleText() != null) {
            return node.getAccessibleText();
        }
        if (node instanceof Labeled labeled
                && labeled.getText() != null
                && !labeled.getText().isBlank()) {
            return labeled.getText();
        }
        if (node instanceof TextInputControl input && input.getPromptText() != null) {
            return input.getPromptText();
        }
        if (node instanceof Control control && control.getTooltip() != null) {
            return Optional.ofNullable(control.getTooltip().getText()).orElse("");
        }
        return "";
    }
}
