package graykite.studio;

import static graykite.studio.FxWork.await;
import static graykite.studio.FxWork.onFx;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.rig.Character;
import graykite.rig.Coupling;
import graykite.rig.Pose;
import graykite.studio.model.Knot;
import java.util.Map;
import java.util.Optional;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Slider;
import javafx.scene.control.TextField;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.stage.Stage;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;

/** The sections of the Cast desk on the real window: couplings, channels, poses, the check. */
class CastDeskTest extends RealWindow {
    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    @BeforeEach
    void openCast() throws Exception {
        openUnactedDemo();
        run(() -> window.knot().set(Knot.CAST));
        await(() -> window.trial().figure().get().isPresent());
    }

    private Character figure() {
        return onFx(() -> window.trial().figure().get().orElseThrow());
    }

    private double tried(String channel) {
        return onFx(() -> window.trial().values().get()[figure().channelIndex().get(channel)]);
    }

    private void tab(String title) {
        run(() -> window.cast().openTab(title));
    }

    private <T extends Node> T named(Class<T> type, String accessible) {
        return robot.lookup(n -> type.isInstance(n) && accessible.equals(n.getAccessibleText()))
                .query();
    }

    private void fire(String text) {
        ButtonBase button = robot.lookup(n -> n instanceof ButtonBase b && text.equals(b.getText()) && n.isVisible())
                .query();
        run(button::fire);
    }

    @SuppressWarnings("unchecked")
    private void choose(String id, String value) {
        run(() -> ((ComboBox<String>) robot.lookup(id).query()).setValue(value));
    }

    /** A rule is made, holds whatever speaks, survives saving, and is removed. */
    @Test
    void aCouplingHoldsWhateverSpeaks() throws Exception {
        tab("Couplings");
        int shipped = figure().couplings().size();
        fire("Add the rule");
        assertTrue(
                robot.lookup("Choose two channels that differ: the one to watch, and the one to change.")
                        .tryQuery()
                        .isPresent(),
                "what is missing is said");
        assertEquals(shipped, figure().couplings().size());
        double open = onStage("jawDrop", 1.25);
        assertTrue(open > 0.2, "the jaw is open on \"fog\": " + open);
        choose("#coupling-driver", "jawDrop");
        choose("#coupling-driven", "browLowerer.L");
        choose("#coupling-rule", "drives");
        fire("Add the rule");
        await(() -> figure().couplings().size() == shipped + 1);
        assertEquals(
                Coupling.of("jawDrop", "browLowerer.L", Coupling.Rule.DRIVES, 0.5),
                figure().couplings().getLast());
        settle();
        await(() -> onStage("browLowerer.L", 1.25) > 0.3 * open);
        assertTrue(robot.lookup("jawDrop at 1.00 adds 0.50 to browLowerer.L")
                .tryQuery()
                .isPresent());
        run(workspace::undo);
        await(() -> figure().couplings().size() == shipped);
        run(workspace::redo);
        await(() -> figure().couplings().size() == shipped + 1);
        ButtonBase remove = named(ButtonBase.class, "Remove: jawDrop at 1.00 adds 0.50 to browLowerer.L");
        run(remove::fire);
        await(() -> figure().couplings().size() == shipped);
        settle();
        await(() -> onStage("browLowerer.L", 1.25) < 0.05);
    }

    /** A channel is found by a part of its name, tried on its slider, and the face comes back to rest. */
    @Test
    void channelsAreFoundAndTried() {
        tab("Channels");
        TextInputControl find = named(TextInputControl.class, "Find a channel by a part of its name");
        run(() -> find.setText("pucker"));
        Slider slider = named(Slider.class, "lipPucker");
        assertFalse(robot.lookup(n -> n instanceof Slider s && "jawDrop".equals(s.getAccessibleText()))
                .tryQuery()
                .isPresent());
        run(() -> slider.setValue(0.7));
        assertEquals(0.7, tried("lipPucker"), 1e-9);
        run(() -> find.setText("no channel has this name"));
        assertTrue(robot.lookup("No channel is called so.").tryQuery().isPresent());
        run(() -> find.setText(""));
        fire("Rest");
        assertEquals(0, tried("lipPucker"));
        // Opposites share a slider: smile to the right of rest, its opposite to the left.
        Slider corners = named(Slider.class, "lipCornerDepressor.L  ◂  ▸  lipCornerPuller.L");
        run(() -> corners.setValue(0.6));
        assertEquals(0.6, tried("lipCornerPuller.L"), 1e-9);
        assertEquals(0, tried("lipCornerDepressor.L"));
        run(() -> corners.setValue(-0.4));
        assertEquals(0, tried("lipCornerPuller.L"));
        assertEquals(0.4, tried("lipCornerDepressor.L"), 1e-9);
    }

    /** Head and eyes are pads: what is pulled goes both ways at once. */
    @Test
    void padsMoveTwoWays() {
        tab("Channels");
        Node pad = robot.lookup(".pad").query();
        Point2D middle = onFx(() -> pad.localToScreen(
                pad.getBoundsInLocal().getWidth() / 2, pad.getBoundsInLocal().getHeight() / 2));
        robot.moveTo(middle)
                .press(MouseButton.PRIMARY)
                .moveBy(20, 10)
                .moveBy(0, -25)
                .release(MouseButton.PRIMARY);
        settle();
        assertNotEquals(0, tried("headYaw"));
        assertTrue(tried("headPitch") > 0, "up is up");
    }

    private void see(String pose) {
        Node cell = robot.lookup(n -> n.getStyleClass().contains("pose-cell") && pose.equals(n.getAccessibleText()))
                .query();
        run(() -> {
            cell.requestFocus();
            cell.fireEvent(new javafx.scene.input.KeyEvent(
                    javafx.scene.input.KeyEvent.KEY_PRESSED, "", "", KeyCode.ENTER, false, false, false, false));
        });
    }

    /** A pose is seen, mirrored, blended with another, and kept under a name with and without its mouth. */
    @Test
    void posesAreMadeOfOthers() throws Exception {
        tab("Poses");
        await(() -> robot.lookup(".pose-cell").queryAll().size() > 20);
        see("Wry");
        double wry = figure().poses().get("Wry").of("lipCornerPuller.L");
        assertEquals(wry, tried("lipCornerPuller.L"), 1e-9);
        fire("Mirror");
        assertEquals(0, tried("lipCornerPuller.L"));
        assertEquals(wry, tried("lipCornerPuller.R"), 1e-9);
        see("Wry");
        ComboBox<String> other = combo("The pose to blend with");
        run(() -> {
            other.setValue("Sad");
            other.getOnAction().handle(null);
        });
        double sad = figure().poses().get("Sad").of("innerBrowRaiser");
        double half = (figure().poses().get("Wry").of("innerBrowRaiser.L") + sad) / 2;
        assertEquals(half, tried("innerBrowRaiser.L"), 1e-9);
        TextField name = robot.lookup(n -> n instanceof TextField t && "Name of the pose".equals(t.getPromptText()))
                .query();
        fire("Save pose");
        assertTrue(onFx(name::isFocused), "a pose needs a name");
        CheckBox mouth = robot.lookup(n -> n instanceof CheckBox c && "with the mouth".equals(c.getText()))
                .query();
        run(() -> {
            mouth.setSelected(false);
            name.setText("Sorry");
        });
        fire("Save pose");
        await(() -> figure().poses().containsKey("Sorry"));
        Pose kept = figure().poses().get("Sorry");
        assertTrue(kept.of("innerBrowRaiser.L") > 0.3);
        assertTrue(
                kept.values().keySet().stream().noneMatch(c -> c.startsWith("lip") || c.startsWith("jaw")),
                "the mouth is left to speech: " + kept);
        run(() -> window.trial().renamePose("Sorry", "Sorrier"));
        await(() -> figure().poses().containsKey("Sorrier"));
        assertFalse(figure().poses().containsKey("Sorry"));
        run(() -> window.trial().removePose("Sorrier"));
        await(() -> !figure().poses().containsKey("Sorrier"));
        run(workspace::undo);
        await(() -> figure().poses().containsKey("Sorrier"));
    }

    @SuppressWarnings("unchecked")
    private ComboBox<String> combo(String accessible) {
        return named(ComboBox.class, accessible);
    }

    /** The check of our own people finds nothing to complain about, and shows what each channel moves. */
    @Test
    void theCheckShowsWhatEachChannelMoves() throws Exception {
        tab("Check");
        robot.clickOn("#check-rig");
        await(() -> robot.lookup("What each channel moves").tryQuery().isPresent());
        Optional<Hyperlink> jaw = robot.lookup(
                        n -> n instanceof Hyperlink h && h.getText().equals("jawDrop"))
                .tryQuery();
        run(() -> jaw.orElseThrow().fire());
        assertEquals(1, tried("jawDrop"), 1e-9);
        assertEquals(Map.of("jawDrop", 1.0), onFx(() -> window.trial().asPose()).values(), "and nothing else");
        assertTrue(onFx(() -> workspace.jobs().message().get()).startsWith("Odile Marsh:"));
    }
}
