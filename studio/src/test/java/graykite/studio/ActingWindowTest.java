package graykite.studio;

import static graykite.studio.FxWork.await;
import static graykite.studio.FxWork.onFx;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.acting.Clip;
import graykite.acting.ClipsLayer.Ready;
import graykite.acting.LayerPlan;
import graykite.layer.LayerSetting.Blend;
import graykite.project.Project;
import graykite.rig.Channel;
import graykite.studio.model.Knot;
import graykite.time.TimeRange;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.event.ActionEvent;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.Slider;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.stage.Stage;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;

/** Expressions on the line and its layers, on the real window. */
class ActingWindowTest extends RealWindow {
    private static final String SMILE = "lipCornerPuller.L";
    private static final String BROW = "browLowerer.L";

    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    @BeforeEach
    void openActing() throws Exception {
        openUnactedDemo();
        run(() -> window.knot().set(Knot.ACTING));
        run(window.sheet()::fit);
    }

    private List<Ready> clips() {
        return onFx(() -> workspace.clips().lanes().stream()
                .flatMap(l -> l.clips().stream())
                .toList());
    }

    private Ready only() {
        assertEquals(1, clips().size());
        return clips().getFirst();
    }

    private void put(String pose, double from, double to) {
        run(() -> workspace.clips().add(pose, new TimeRange(from, to)));
    }

    private Point2D onRow(double time) {
        return onSheet(time, "feel").add(0, 2);
    }

    private void mouse(Node node, javafx.event.EventType<MouseEvent> type) {
        run(() -> node.fireEvent(new MouseEvent(
                type,
                5,
                5,
                0,
                0,
                MouseButton.NONE,
                0,
                false,
                false,
                false,
                false,
                false,
                false,
                false,
                false,
                false,
                false,
                null)));
    }

    private Node tile(String pose) {
        return robot.lookup("#expression-" + pose).query();
    }

    /** Pointing at an expression shows it on the face without doing anything; leaving it takes it back. */
    @Test
    void pointingShowsAnExpression() throws Exception {
        await(() -> robot.lookup("#expression-angry").tryQuery().isPresent());
        run(() -> window.player().seek(2));
        Project before = onFx(() -> workspace.project());
        double rest = onStage(BROW, 2.8);
        mouse(tile("angry"), MouseEvent.MOUSE_ENTERED);
        await(() -> onStage(BROW, 2.8) > rest + 0.5);
        assertEquals(before, onFx(() -> workspace.project()), "nothing is done yet");
        assertFalse(onFx(() -> workspace.history().get().canUndo()));
        mouse(tile("angry"), MouseEvent.MOUSE_EXITED);
        await(() -> Math.abs(onStage(BROW, 2.8) - rest) < 0.01);
    }

    /** A click puts it at the playhead; it is dragged, stretched and typed; each is one step back. */
    @Test
    void aClipIsPutMovedAndStretched() throws Exception {
        await(() -> robot.lookup("#expression-glad").tryQuery().isPresent());
        run(() -> window.player().seek(1));
        robot.clickOn(tile("amused"));
        settle();
        assertEquals(1, only().start(), 0.02);
        assertEquals(2.6, only().end(), 0.02);
        assertTrue(onStage(SMILE, 1.8) > 0.2);
        double second = onFx(() -> window.sheet().xOf(2) - window.sheet().xOf(1));
        robot.moveTo(onRow(1.8))
                .press(MouseButton.PRIMARY)
                .moveBy(second / 2, 0)
                .moveBy(second / 2, 0)
                .release(MouseButton.PRIMARY);
        settle();
        assertEquals(2, only().start(), 0.05);
        assertEquals(1.6, only().end() - only().start(), 0.01, "moved whole");
        robot.moveTo(onRow(only().end()))
                .press(MouseButton.PRIMARY)
                .moveBy(second / 2, 0)
                .moveBy(second / 4, 0)
                .release(MouseButton.PRIMARY);
        settle();
        assertEquals(2, only().start(), 0.05);
        assertEquals(2.35, only().end() - only().start(), 0.06, "stretched");
        run(() -> {
            TextField from = robot.lookup("#clip-from").queryAs(TextField.class);
            from.setText("0.5");
            from.getOnAction().handle(new ActionEvent());
        });
        assertEquals(0.5, only().start(), 1e-6);
        run(workspace::undo);
        run(workspace::undo);
        run(workspace::undo);
        assertEquals(1, only().start(), 0.02);
        assertEquals(2.6, only().end(), 0.02);
        run(workspace::undo);
        assertTrue(clips().isEmpty());
    }

    /** Two that overlap cross; what the left does the right need not; the mouth is left to the words. */
    @Test
    void clipsCrossAndSidesDiffer() {
        put("Angry", 1, 3);
        put("Glad", 2, 4);
        assertTrue(onStage(BROW, 1.7) > 0.8);
        double half = onStage(BROW, 2.5);
        assertTrue(half > 0.3 && half < 0.75, "half way: " + half);
        assertTrue(onStage(BROW, 3.3) < 0.35);
        run(() -> robot.lookup("#clip-both").queryAs(CheckBox.class).setSelected(false));
        Slider right = robot.lookup(n -> n instanceof Slider s && "Right".equals(s.getAccessibleText()))
                .query();
        run(() -> right.setValue(0.2));
        assertEquals(1, only(1).look().left());
        assertEquals(0.2, only(1).look().right(), 1e-6);
        assertTrue(onStage("cheekRaiser.L", 3.4) > onStage("cheekRaiser.R", 3.4) + 0.3);
        double withMouth = onStage(SMILE, 3.4);
        Slider mouth = robot.lookup(n -> n instanceof Slider s && "Mouth".equals(s.getAccessibleText()))
                .query();
        run(() -> mouth.setValue(0));
        assertTrue(onStage(SMILE, 3.4) < withMouth - 0.2, "the smile is gone, the cheeks stay");
        assertTrue(onStage("cheekRaiser.L", 3.4) > 0.5);
    }

    private Clip only(int index) {
        return clips().get(index).clip();
    }

    /** A hard edge is marked and mended; a clip of its own does not follow the library; Delete removes it. */
    @Test
    void jumpsAreMendedAndClipsAreMadeOwn() throws Exception {
        put("Angry", 1, 3);
        // The windowless system has no room for a menu at the foot of a high window.
        run(() -> window.root().getScene().getWindow().setHeight(640));
        run(() -> workspace.clips().look(0, l -> l.withEases(0, 0.3)));
        robot.rightClickOn(onRow(2));
        robot.clickOn("Mend the jump");
        settle();
        assertEquals(Clip.USUAL_EASE, only().clip().look().easeIn());
        assertEquals(0.3, only().clip().look().easeOut());
        robot.clickOn("Make it this clip's own");
        settle();
        assertTrue(only().clip().look().content() instanceof Clip.Own);
        ComboBox<String> pose = robot.lookup("#clip-pose").queryComboBox();
        run(() -> pose.setValue("Sad"));
        assertEquals(new Clip.Linked("Sad"), only().clip().look().content());
        run(() -> window.sheet().requestFocus());
        robot.type(KeyCode.DELETE);
        settle();
        assertTrue(clips().isEmpty());
        assertEquals(Optional.empty(), onFx(() -> workspace.clips().chosen().get()));
    }

    private List<LayerPlan> layers() {
        return onFx(() -> workspace.line().orElseThrow().layers().plans());
    }

    private void choose(String menu, String text) {
        MenuButton button = robot.lookup(menu).queryAs(MenuButton.class);
        MenuItem item = button.getItems().stream()
                .filter(i -> text.equals(i.getText()))
                .findFirst()
                .orElseThrow();
        run(item::fire);
    }

    /** Layers are muted, weighed, masked, ordered, copied and removed; nothing of another is lost. */
    @Test
    void layersAreMutedOrderedAndRemoved() {
        put("Angry", 1, 3);
        robot.clickOn("#tab-layers");
        assertEquals(5, layers().size());
        double angry = onStage(BROW, 2);
        robot.clickOn("#mute-layer-4");
        settle();
        assertTrue(layers().get(4).setting().muted());
        assertTrue(onStage(BROW, 2) < angry - 0.6);
        robot.clickOn("#mute-layer-4");
        settle();
        assertEquals(angry, onStage(BROW, 2), 1e-6);
        Slider weight = robot.lookup("#layer-4 .slider").query();
        run(() -> weight.setValue(0.5));
        assertEquals(0.5, layers().get(4).setting().weightAt(0), 1e-9);
        assertTrue(onStage(BROW, 2) < angry - 0.3);
        run(workspace::undo);
        run(() -> workspace.clips().chosen().set(Optional.empty()));
        choose("#layer-menu-4", "Replace what lies below");
        assertEquals(Blend.OVERRIDE, layers().get(4).setting().blend());
        choose("#layer-menu-4", "Duplicate");
        assertEquals(6, layers().size());
        assertEquals("Feel 2", layers().get(5).setting().name());
        choose("#layer-menu-5", "Remove");
        MenuButton menu = robot.lookup("#layer-menu-4").queryAs(MenuButton.class);
        run(() -> ((javafx.scene.control.Menu) menu.getItems().get(1))
                .getItems().stream()
                        .filter(i -> "lips".equals(i.getText()))
                        .findFirst()
                        .orElseThrow()
                        .fire());
        assertEquals(
                Set.of(Channel.Group.LIPS), layers().get(4).setting().mask().regions());
        assertTrue(onStage(BROW, 2) < angry - 0.6, "brows are not its business any more");
        ButtonBase lower = robot.lookup(n -> "Lower the layer Feel".equals(n.getAccessibleText()))
                .query();
        run(lower::fire);
        assertEquals("Feel", layers().get(3).setting().name());
        choose("#layer-menu-3", "Mute all others, or none");
        assertEquals(4, layers().stream().filter(l -> l.setting().muted()).count());
        run(workspace::undo);
        assertEquals(0, layers().stream().filter(l -> l.setting().muted()).count(), "one step");
        assertEquals(1, clips().size());
    }

    private double gaze(double time) {
        return onStage("eyeYaw", time) + onStage("headYaw", time);
    }

    /** A look is put at the playhead, dragged, sent to somebody else and deleted; the eyes go there. */
    @Test
    void looksArePutAndSentElsewhere() throws Exception {
        robot.clickOn("#tab-look");
        run(() -> window.player().seek(1));
        double before = gaze(1.8);
        robot.clickOn("#look-left");
        settle();
        assertEquals(1, onFx(() -> workspace.looks().looks().size()));
        assertTrue(gaze(1.8) > before + 18, "from " + before + " to " + gaze(1.8));
        robot.clickOn("#look-right");
        settle();
        assertEquals(1, onFx(() -> workspace.looks().looks().size()), "the chosen one goes elsewhere");
        assertTrue(gaze(1.8) < before - 18);
        double second = onFx(() -> window.sheet().xOf(2) - window.sheet().xOf(1));
        Point2D row = onSheet(1.5, "look");
        robot.moveTo(row)
                .press(MouseButton.PRIMARY)
                .moveBy(second / 2, 0)
                .moveBy(second / 2, 0)
                .release(MouseButton.PRIMARY);
        settle();
        assertEquals(2, onFx(() -> workspace.looks().looks().getFirst().start()), 0.05);
        Slider head = robot.lookup(n -> n instanceof Slider s
                        && "Head".equals(s.getAccessibleText())
                        && s.getParent().isVisible())
                .query();
        double turned = onStage("headYaw", 2.9);
        run(() -> head.setValue(0));
        assertTrue(onStage("headYaw", 2.9) > turned + 5, "the eyes alone");
        run(() -> window.sheet().requestFocus());
        robot.type(KeyCode.DELETE);
        settle();
        assertTrue(onFx(() -> workspace.looks().looks().isEmpty()));
        robot.clickOn("#look-at-place");
        settle();
        assertEquals(
                "40, 0, 60",
                onFx(() -> workspace.looks().looks().getFirst().look().point().name()));
    }

    /** Instincts are turned down one by one, and a lock keeps one of them when the others are varied. */
    @Test
    void instinctsAreTurnedDownAndLocked() {
        robot.clickOn("#tab-instincts");
        Slider head = robot.lookup(n -> n instanceof Slider s && "Head".equals(s.getAccessibleText()) && s.isVisible())
                .query();
        run(() -> head.setValue(0));
        for (double t = 0.2; t < 5; t += 0.3) {
            assertEquals(0, onStage("headYaw", t), 1e-9, "at " + t);
        }
        run(workspace::undo);
        robot.clickOn("#lock-blinks");
        settle();
        List<Double> before =
                onFx(() -> workspace.performance().get().orElseThrow().life().orElseThrow().blinks().blinks().stream()
                        .map(b -> b.start())
                        .toList());
        double was = onStage("headYaw", 3);
        run(() -> robot.lookup(n -> n instanceof ButtonBase b && "Vary".equals(b.getText()))
                .queryAs(ButtonBase.class)
                .fire());
        List<Double> after =
                onFx(() -> workspace.performance().get().orElseThrow().life().orElseThrow().blinks().blinks().stream()
                        .map(b -> b.start())
                        .toList());
        assertEquals(before, after, "blinks are locked");
        assertTrue(Math.abs(onStage("headYaw", 3) - was) > 0.01, "the head is another");
    }
}
