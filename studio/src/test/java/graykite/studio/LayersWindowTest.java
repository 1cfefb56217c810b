package graykite.studio;

import static graykite.studio.FxWork.await;
import static graykite.studio.FxWork.onFx;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.acting.LayerPlan;
import graykite.acting.NeutralPlan;
import graykite.acting.PassesPlan;
import graykite.layer.LayerSetting;
import graykite.studio.model.Knot;
import graykite.time.TimeRange;
import java.util.List;
import java.util.Optional;
import javafx.event.ActionEvent;
import javafx.geometry.Point2D;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.MouseButton;
import javafx.stage.Stage;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;

/** Layers in the real window: muted, merged, kept as a performance, weighed over time on the sheet. */
class LayersWindowTest extends RealWindow {
    private static final String SMILE = "lipCornerPuller.L";

    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    @BeforeEach
    void openLayers() throws Exception {
        openUnactedDemo();
        run(() -> window.knot().set(Knot.ACTING));
        run(() -> workspace.clips().add("Glad", new TimeRange(0.4, 3)));
        run(() -> workspace.clips().look(0, l -> l.withMouth(1)));
        run(() -> ((ToggleButton) window.root().lookup("#tab-layers")).setSelected(true));
        run(window.sheet()::fit);
    }

    private List<LayerPlan> plans() {
        return onFx(() -> workspace.line().orElseThrow().layers().plans());
    }

    private void choose(int layer, String item) {
        run(() -> {
            MenuButton menu = (MenuButton) window.root().lookup("#layer-menu-" + layer);
            menu.getItems().stream()
                    .filter(i -> item.equals(i.getText()))
                    .map(MenuItem.class::cast)
                    .findFirst()
                    .orElseThrow()
                    .fire();
        });
    }

    @Test
    void aLayerIsMutedAndMerged() throws Exception {
        int feel = plans().size() - 1;
        double glad = onStage(SMILE, 1.6);
        double brow = onStage("cheekRaiser.L", 1.6);
        robot.clickOn("#mute-layer-" + feel);
        settle();
        assertTrue(onStage(SMILE, 1.6) < glad - 0.1, "muted it is gone");
        robot.clickOn("#mute-layer-" + feel);
        settle();
        choose(feel, "Merge with the layer below");
        await(() -> plans().size() == feel);
        settle();
        assertTrue(plans().getLast() instanceof PassesPlan);
        assertEquals(glad, onStage(SMILE, 1.6), 0.02, "what is seen stays");
        assertEquals(brow, onStage("cheekRaiser.L", 1.6), 0.02);
        run(workspace::undo);
        assertEquals(feel + 1, plans().size(), "one step brings both back");
        choose(1, "Merge with the layer below");
        assertTrue(onFx(() -> workspace.jobs().message().get()).contains("stays live"));
        assertEquals(feel + 1, plans().size());
    }

    @Test
    void aNeutralKeyStandsBeforeTheStart() {
        int before = plans().size();
        run(() -> ((Button) window.root().lookup("#add-neutral")).fire());
        assertEquals(before + 1, plans().size());
        assertEquals(0.5, neutralAfter("15"), 1e-6, "15 frames at 30 a second");
        assertEquals(NeutralPlan.MOST, neutralAfter("99999"), 1e-6, "no more than can be");
        assertEquals(1 / 30.0, neutralAfter("0"), 1e-6, "one frame at least");
        neutralAfter("15");
        assertEquals(0, onStage("headPitch", -0.5), 1e-9);
        assertTrue(onFx(() -> window.root().lookup("#add-neutral").isDisabled()), "one is enough");
    }

    private double neutralAfter(String typed) {
        run(() -> {
            TextField frames = (TextField) window.root().lookup("#neutral-frames");
            frames.setText(typed);
            frames.fireEvent(new ActionEvent());
        });
        return ((NeutralPlan) plans().getLast()).seconds();
    }

    @Test
    void aStretchIsKeptAsAPerformance() throws Exception {
        run(() -> window.player().loopRange().set(Optional.of(new TimeRange(1, 2))));
        choose(plans().size() - 1, "Keep as a performance");
        await(() -> onFx(() -> workspace.project().performances().size()) == 1);
        var kept = onFx(() -> workspace.project().performances().getFirst());
        assertEquals("Feel", kept.name());
        assertEquals(1, kept.length(), 0.02);
        assertTrue(kept.motion().controls().contains(SMILE));
    }

    /** Its weight is set with a double-click on the sheet and pulled down; the menu makes it the same throughout. */
    @Test
    void aLayerIsWeighedOverTime() {
        run(() -> ((CheckBox) window.root().lookup("#layer-weights")).setSelected(true));
        double before = onStage(SMILE, 2.6);
        // The highest layer is the first lane of seven or so; twice its weight stands at its top.
        Point2D lane = onSheet(2.6, "layers");
        double height = 96.0 / plans().size();
        Point2D top = lane.add(0, -48 + height - 2);
        robot.doubleClick(top);
        settle();
        LayerSetting now = plans().getLast().setting();
        assertEquals(2, now.weight().keys().size());
        assertTrue(now.weightAt(2.6) < 0.3, "set low: " + now.weightAt(2.6));
        assertEquals(1, now.weightAt(0.5), 1e-6, "what it was before stays before");
        assertTrue(onStage(SMILE, 2.6) < before - 0.1);
        robot.moveTo(top)
                .press(MouseButton.PRIMARY)
                .moveBy(0, -height / 3)
                .moveBy(0, -height / 6)
                .release(MouseButton.PRIMARY);
        settle();
        assertTrue(plans().getLast().setting().weightAt(2.6) > 0.5);
        run(workspace::undo);
        run(workspace::undo);
        assertEquals(before, onStage(SMILE, 2.6), 0.01);
    }
}
