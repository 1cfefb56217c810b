package graykite.studio;

import static graykite.studio.FxWork.onFx;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.studio.model.GuidePages;
import graykite.studio.model.Knot;
import graykite.studio.view.GuideOverlay;
import java.util.Optional;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Labeled;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;

/** The guide in the window: the right page for every desk, links, and the way back. */
class GuideWindowTest extends RealWindow {
    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    private String heading() {
        return onFx(() -> {
            VBox page = robot.lookup("#guide-text").query();
            return ((Labeled) page.getChildren().getFirst()).getText();
        });
    }

    private boolean isOpen() {
        return robot.lookup(n -> n instanceof GuideOverlay).tryQuery().isPresent();
    }

    private void shiftF1() {
        robot.press(KeyCode.SHIFT, KeyCode.F1).release(KeyCode.F1, KeyCode.SHIFT);
        settle();
    }

    @Test
    void everyDeskHasItsPage() throws Exception {
        openUnactedDemo();
        for (Knot knot : Knot.values()) {
            run(() -> window.knot().set(knot));
            shiftF1();
            assertEquals(knot.title(), heading());
            long words = robot.lookup(n -> n instanceof Text t && t.getText().length() > 20)
                    .queryAll()
                    .size();
            assertTrue(words > 3, knot + " has text");
            robot.press(KeyCode.ESCAPE).release(KeyCode.ESCAPE);
            assertFalse(isOpen());
        }
    }

    @Test
    void linksLeadOnAndBack() throws Exception {
        openUnactedDemo();
        run(() -> window.knot().set(Knot.MOUTH));
        robot.clickOn("#guide");
        settle();
        assertEquals("Mouth", heading());
        assertTrue(onFx(() -> robot.lookup("#guide-back").query().isDisabled()));
        robot.clickOn("#guide-contents");
        settle();
        assertTrue(heading().startsWith("A line from the ferry"));
        Hyperlink acting = robot.lookup(
                        n -> n instanceof Hyperlink h && h.getText().equals("Acting"))
                .query();
        robot.clickOn(acting);
        settle();
        assertEquals("Acting", heading());
        robot.clickOn("#guide-back").clickOn("#guide-back");
        settle();
        assertEquals("Mouth", heading());
        assertTrue(onFx(() -> robot.lookup("#guide-back").query().isDisabled()));
    }

    /** Only pages of the guide are opened, whatever a link says. */
    @Test
    void nothingElseIsAPage() {
        assertTrue(GuidePages.text(GuidePages.CONTENTS).isPresent());
        assertEquals(Optional.empty(), GuidePages.text("../mouth.md"));
        assertEquals(Optional.empty(), GuidePages.text("8-nothing.md"));
        assertEquals(Optional.empty(), GuidePages.text("/etc/hosts"));
        assertEquals("docs/mouth.md", GuidePages.inTheSources("../mouth.md"));
        assertEquals("docs/guide/formats.md", GuidePages.inTheSources("formats.md"));
    }
}
