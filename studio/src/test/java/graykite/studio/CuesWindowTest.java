package graykite.studio;

import static graykite.studio.FxWork.await;
import static graykite.studio.FxWork.onFx;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.acting.CueSpots.Spot;
import graykite.acting.CueSpots.State;
import graykite.acting.CuesPlan;
import graykite.edit.LineEdit;
import graykite.studio.model.Knot;
import java.util.List;
import javafx.geometry.Point2D;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Slider;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.MouseButton;
import javafx.stage.Stage;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;

/** Cues in the real window: added, changed, switched off in one place, moved on the sheet, made clips. */
class CuesWindowTest extends RealWindow {
    private static final String BROW = "outerBrowRaiser.R";

    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    @BeforeEach
    void openCues() throws Exception {
        openUnactedDemo();
        run(() -> window.knot().set(Knot.ACTING));
        run(() -> ((ToggleButton) window.root().lookup("#tab-cues")).setSelected(true));
        run(window.sheet()::fit);
    }

    private List<Spot> spots() {
        return onFx(() -> workspace.cues().spots());
    }

    private double brow(double time) {
        return onStage(BROW, time);
    }

    @SuppressWarnings("unchecked")
    private void add(int when, String detail, String pose) {
        run(() -> {
            ComboBox<Object> at = (ComboBox<Object>) window.root().lookup("#cue-when");
            at.getSelectionModel().select(when);
            if (!detail.isEmpty()) {
                ((TextField) window.root().lookup("#cue-detail")).setText(detail);
            }
            ((ComboBox<String>) window.root().lookup("#cue-pose")).setValue(pose);
        });
        robot.clickOn("#add-cue");
        settle();
    }

    /** A brow goes up on every question; switched off in one place it stays down there; each is one step back. */
    @Test
    void aCueIsAddedAndSwitchedOffInOnePlace() {
        double before = brow(5.3);
        add(2, "", "Curious");
        assertEquals(1, spots().size(), "the line asks once");
        assertEquals(17, spots().getFirst().word());
        assertTrue(brow(5.3) > before + 0.15, "from " + before + " to " + brow(5.3));
        robot.clickOn("#turn-question-17");
        settle();
        assertEquals(State.OFF, spots().getFirst().state());
        assertEquals(before, brow(5.3), 0.01);
        run(workspace::undo);
        assertTrue(brow(5.3) > before + 0.15);
        run(workspace::undo);
        assertTrue(spots().isEmpty());
    }

    /** It is dragged on the sheet at one place, its rule is made longer, and a place becomes a clip. */
    @Test
    void aPlaceIsMovedAndTaken() {
        add(0, "", "Thoughtful");
        assertEquals(1, spots().size());
        double start = spots().getFirst().start();
        double second = onFx(() -> window.sheet().xOf(2) - window.sheet().xOf(1));
        Point2D row = onSheet(start + 0.4, "cues");
        robot.moveTo(row)
                .press(MouseButton.PRIMARY)
                .moveBy(second / 4, 0)
                .moveBy(second / 4, 0)
                .release(MouseButton.PRIMARY);
        settle();
        assertEquals(start + 0.5, spots().getFirst().start(), 0.05);
        Slider length = robot.lookup(n -> n instanceof Slider s && "Length".equals(s.getAccessibleText()))
                .query();
        run(() -> length.setValue(2));
        assertEquals(2, spots().getFirst().end() - spots().getFirst().start(), 1e-6);
        double moved = spots().getFirst().start();
        run(() -> workspace.cues().take(spots().getFirst()));
        assertEquals(State.OFF, spots().getFirst().state());
        assertEquals(
                moved,
                onFx(() ->
                        workspace.clips().lanes().getFirst().clips().getFirst().start()),
                1e-6);
    }

    /** A tag in the script is never spoken and calls its cue, also after the line is read anew. */
    @Test
    void aTagCallsItsCue() throws Exception {
        add(6, "sigh", "Tired");
        assertTrue(spots().isEmpty(), "nothing calls it yet");
        int words = onFx(() -> workspace.timing().orElseThrow().words().size());
        String script = "Pim, the fog bell rang before we moved the buoy. [sigh] Who put my map up by the lamp?";
        run(() -> workspace.editLine(0, l -> new LineEdit.SetScript(l, script, false)));
        run(() -> workspace.readings().read());
        await(() -> spots().size() == 1);
        assertEquals(words, onFx(() -> workspace.timing().orElseThrow().words().size()), "the tag is no word");
        assertEquals(9, spots().getFirst().word());
    }

    /** What is missing is said, and nothing is done. */
    @Test
    void whatIsMissingIsSaid() {
        add(5, "long", "Tired");
        add(6, "", "Tired");
        assertFalse(onFx(() -> workspace.history().get().canUndo()));
        add(2, "", "Curious");
        robot.clickOn("#spread-cues");
        settle();
        assertEquals(
                6,
                onFx(() -> workspace.project().lines().stream()
                        .filter(l -> l.layers().first(CuesPlan.class).isPresent())
                        .count()));
    }
}
