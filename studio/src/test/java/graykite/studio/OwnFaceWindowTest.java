package graykite.studio;

import static graykite.studio.FxWork.await;
import static graykite.studio.FxWork.onFx;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.format.character.PlanFiles;
import graykite.people.plan.Garment;
import graykite.people.plan.HairStyle;
import graykite.people.plan.PersonPlan;
import graykite.people.plan.Slider;
import graykite.project.Member;
import graykite.rig.Character;
import graykite.studio.model.Knot;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.stage.Stage;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;

/** A face of one's own on the Cast desk of the real window. */
class OwnFaceWindowTest extends RealWindow {
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

    private PersonPlan plan() {
        return onFx(() -> ((Member.Carved) window.trial().member().source()).plan());
    }

    private Character seen() {
        return onFx(() -> window.trial().seen().get().orElseThrow());
    }

    private void fire(String query) {
        ButtonBase button = robot.lookup(query).query();
        run(button::fire);
    }

    /** Makes one like Wren, from the menu. */
    private void makeOne() throws Exception {
        MenuButton menu = robot.lookup("#bring-in").query();
        MenuItem like = menu.getItems().stream()
                .filter(i -> "own-face".equals(i.getId()))
                .flatMap(i -> ((Menu) i).getItems().stream())
                .filter(i -> "own-face-wren".equals(i.getId()))
                .findFirst()
                .orElseThrow();
        run(like::fire);
        await(() -> seen().name().startsWith("Wren"));
    }

    /** One made like ours begins as that one, and is of this project alone. */
    @Test
    void aFaceBeginsLikeOneOfOurs() throws Exception {
        run(() -> window.cast().openTab("Face"));
        ButtonBase like = robot.lookup("#face-like").query();
        assertEquals("A face of your own, like Odile", onFx(like::getText));
        run(like::fire);
        await(() -> workspace.project().cast().size() == 4);
        assertEquals(PlanFiles.shipped("odile").withName("Odile Marsh 2"), plan(), "a name of its own, else the same");
        run(workspace::undo);
        assertEquals(3, workspace.project().cast().size());
    }

    /** While a slider is dragged the face on the stage changes with it; the drag is one step that undoes. */
    @Test
    void draggingASliderShowsTheFaceAndIsOneStep() throws Exception {
        makeOne();
        int steps = onFx(() -> workspace.history().get().at());
        List<Character> sketches = new ArrayList<>();
        onFx(() -> {
            window.trial().seen().addListener((o, b, n) -> n.ifPresent(sketches::add));
            return null;
        });
        Node thumb = robot.lookup("#face-nose .thumb").query();
        Point2D at = onFx(() -> thumb.localToScreen(8, 8));
        robot.moveTo(at).press(MouseButton.PRIMARY);
        robot.moveBy(15, 0);
        await(() -> !onFx(() -> sketches.isEmpty()));
        robot.moveBy(15, 0);
        assertEquals(steps, onFx(() -> workspace.history().get().at()), "nothing is decided while the hand is at it");
        assertTrue(onFx(() -> sketches.getLast().parts().getFirst().targets().isEmpty()), "what is seen is a sketch");
        robot.release(MouseButton.PRIMARY);
        await(() -> onFx(() -> workspace.history().get().at()) == steps + 1);
        assertTrue(plan().slider(Slider.NOSE) > 0.15, "nose " + plan().slider(Slider.NOSE));
        await(() -> !seen().parts().getFirst().targets().isEmpty());
        run(workspace::undo);
        assertEquals(0, plan().slider(Slider.NOSE));
    }

    /** Keys move a slider as well; it is decided when they rest. */
    @Test
    void keysMoveASlider() throws Exception {
        makeOne();
        Node slider = robot.lookup("#face-ears .slider").query();
        run(slider::requestFocus);
        robot.push(KeyCode.RIGHT);
        robot.push(KeyCode.RIGHT);
        await(() -> plan().slider(Slider.EARS) > 0.05);
        assertTrue(onFx(() -> workspace.history().get().undoName()).contains("ears"));
    }

    @Test
    void chanceMakesSomebodyElseAndUndoBringsThisOneBack() throws Exception {
        makeOne();
        PersonPlan before = plan();
        fire("#face-chance");
        PersonPlan other = plan();
        assertNotEquals(before.shaping(), other.shaping());
        assertEquals(before.masses(), other.masses());
        fire("#face-carved");
        assertEquals(Map.of(), plan().shaping());
        assertEquals(other.skin(), plan().skin(), "only sliders go back");
        run(workspace::undo);
        run(workspace::undo);
        assertEquals(before, plan());
    }

    /** Skin, hair, and what is worn; then it speaks a line. */
    @Test
    @SuppressWarnings("unchecked")
    void itIsColouredDressedAndSpeaks() throws Exception {
        makeOne();
        run(() -> ((ToggleButton) robot.lookup("#face-colours-and-clothes").query()).fire());
        fire(n -> n instanceof ToggleButton b && "Skin, colour 7 of 8".equals(b.getAccessibleText()));
        await(() -> plan().skin().base().word().equals("#6B4230"));
        run(() -> ((ComboBox<String>) robot.lookup("#face-hair").query()).setValue("bob"));
        await(() -> plan().hair().style() == HairStyle.BOB);
        run(() -> ((ComboBox<String>) robot.lookup("#face-wear-head").query()).setValue("knitted cap"));
        await(() -> plan().worn(Garment.Slot.HEAD).isPresent());
        await(() -> seen().parts().stream().anyMatch(p -> p.name().equals("knitted cap")));
        run(() -> ((ComboBox<String>) robot.lookup("#face-wear-head").query()).setValue("nothing"));
        await(() -> plan().worn(Garment.Slot.HEAD).isEmpty());
        fire("#speaks-line");
        awaitActed();
        assertTrue(onStage("jawDrop", 1.25) > 0.1, "it speaks");
    }

    /** A plan is saved, and made again from its file. */
    @Test
    void aPlanIsSavedAndOpened() throws Exception {
        makeOne();
        fire("#face-chance");
        Path file = folder.resolve("somebody.json");
        answers.add(file);
        fire("#face-save");
        await(() -> Files.exists(file));
        assertEquals(plan(), PlanFiles.read(file));
        Path broken = Files.writeString(folder.resolve("broken.json"), "{");
        answers.add(broken);
        MenuButton menu = robot.lookup("#bring-in").query();
        MenuItem saved = ((Menu) menu.getItems().getFirst()).getItems().getLast();
        run(saved::fire);
        await(() -> onFx(() -> workspace.jobs().message().get()).contains("broken.json"));
        assertEquals(4, workspace.project().cast().size());
        answers.add(file);
        run(saved::fire);
        await(() -> workspace.project().cast().size() == 5);
        assertFalse(plan().name().equals(PlanFiles.read(file).name()), "names differ in a cast");
    }

    private void fire(Predicate<Node> which) {
        ButtonBase button = robot.lookup(which::test).query();
        run(button::fire);
    }
}
