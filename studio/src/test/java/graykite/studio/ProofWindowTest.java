package graykite.studio;

import static graykite.studio.FxWork.await;
import static graykite.studio.FxWork.onFx;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.acting.Clip;
import graykite.acting.ClipsPlan;
import graykite.edit.ClipEdit;
import graykite.edit.LineEdit;
import graykite.edit.MouthEdit;
import graykite.mouth.MouthSettings;
import graykite.project.Comment;
import graykite.project.Line;
import graykite.proof.ProofNote;
import graykite.studio.model.Knot;
import graykite.studio.model.ProofNotes;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import javafx.event.ActionEvent;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.stage.Stage;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;

/** Three faults planted by hand are found, understood and mended; reviewers say, draw and compare. In the real window. */
class ProofWindowTest extends RealWindow {
    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    @BeforeEach
    void openLine() throws Exception {
        openUnactedDemo();
        run(() -> workspace.sceneId().set(""));
        run(() -> window.knot().set(Knot.PROOF));
        noted();
    }

    private ProofNotes proof() {
        return workspace.proof();
    }

    private void noted() throws Exception {
        await(() -> workspace.settled() && proof().settled());
    }

    private List<String> open() {
        return onFx(() ->
                proof().proof().get().open().stream().map(n -> n.rule().id()).toList());
    }

    private void plantJump() throws Exception {
        Clip.Look sudden = Clip.Look.of("Glad").withEases(0, 0.3).withAmounts(1, 0.7);
        run(() -> workspace.editLine(0, l -> new ClipEdit.AddClip(l, "", 2.9, 4.1, sudden)));
        noted();
    }

    private double smile(double time) {
        return onFx(() -> {
            int channel = workspace
                    .performance()
                    .get()
                    .orElseThrow()
                    .character()
                    .channelIndex()
                    .get("lipCornerPuller.L");
            return workspace.scene().get().orElseThrow().at(0, time)[channel];
        });
    }

    private String shown(String id) {
        return onFx(() -> ((Label) window.root().lookup(id)).getText());
    }

    @Test
    void aNoteIsJumpedToSeenMendedAndUndone() throws Exception {
        assertFalse(open().contains("jump"));
        plantJump();
        assertTrue(open().contains("jump"), open()::toString);
        assertTrue(shown("#proof-summary").contains("1 fault"), shown("#proof-summary"));
        run(() -> window.root().requestFocus());
        run(() -> window.player().seek(2.5));
        robot.press(KeyCode.N).release(KeyCode.N);
        settle();
        assertEquals(
                "jump", onFx(() -> proof().chosen().get().orElseThrow().rule().id()));
        assertEquals(2.9, onFx(() -> window.player().time().get()), 0.01);
        assertTrue(window.root().lookup("#note-card").isVisible());
        double sudden = smile(2.95);
        Point2D fix = onFx(() -> window.root().lookup("#fix-0").localToScreen(20, 10));
        robot.moveTo(fix);
        await(() -> smile(2.95) < sudden - 0.2);
        assertTrue(open().contains("jump"), "seen, not done");
        robot.moveTo(onFx(() -> window.root().lookup("#proof-summary").localToScreen(10, 5)));
        await(() -> Math.abs(smile(2.95) - sudden) < 0.01);
        robot.clickOn("#fix-0");
        noted();
        await(() -> !open().contains("jump"));
        run(workspace::undo);
        noted();
        await(() -> open().contains("jump"));
        run(workspace::redo);
        await(() -> !open().contains("jump"));
    }

    @Test
    void meantSoStaysSilent() throws Exception {
        plantJump();
        choose("jump");
        run(() -> ((TextField) window.root().lookup("#meant-reason")).setText("She is caught out"));
        robot.clickOn("#mean-so");
        noted();
        await(() -> !open().contains("jump"));
        CheckBox meant = (CheckBox) window.root().lookup("#notes-meant");
        run(() -> meant.setSelected(true));
        run(() -> meant.fireEvent(new ActionEvent()));
        ListView<?> list = (ListView<?>) window.root().lookup("#notes-list");
        assertTrue(onFx(() -> list.getItems().size()) > 0);
        run(() -> proof().chosen().set(silent()));
        robot.clickOn("#take-back");
        await(() -> open().contains("jump"));
    }

    private Optional<ProofNote> silent() {
        return proof().proof().get().notes().stream().filter(n -> !n.isOpen()).findFirst();
    }

    private void choose(String check) {
        run(() -> proof().chosen()
                .set(proof().proof().get().open().stream()
                        .filter(n -> n.rule().id().equals(check))
                        .findFirst()));
        settleQuietly();
    }

    private void settleQuietly() {
        try {
            settle();
        } catch (Exception interrupted) {
            throw new IllegalStateException(interrupted);
        }
    }

    /** All of a kind at once, as one step; filters; the notes of other lines. */
    @SuppressWarnings("unchecked")
    @Test
    void allOfAKindAreMended() throws Exception {
        run(() -> workspace.editLine(0, l -> new MouthEdit.SetMouth(l, MouthSettings.STANDARD.withLead(-0.16))));
        noted();
        await(() -> open().stream().filter("shape-late"::equals).count() > 2);
        ComboBox<String> about = (ComboBox<String>) window.root().lookup("#notes-about");
        ListView<?> list = (ListView<?>) window.root().lookup("#notes-list");
        run(() -> about.setValue("Eyes"));
        await(() -> onFx(() -> list.getItems().isEmpty()));
        run(() -> about.setValue("Mouth"));
        await(() -> onFx(() -> list.getItems().size()) > 2);
        choose("shape-late");
        int steps = onFx(() -> workspace.history().get().at());
        robot.clickOn("#mend-all");
        await(() -> !open().contains("shape-late"));
        assertEquals(steps + 1, onFx(() -> workspace.history().get().at()), "one step");
        run(() -> about.setValue("Everything"));
        await(() -> onFx(() -> proof().byLine().size())
                == workspace.project().lines().size());
        robot.clickOn("#notes-everywhere");
        int all = onFx(() -> proof().byLine().values().stream()
                .mapToInt(p -> p.open().size())
                .sum());
        await(() -> onFx(() -> list.getItems().size()) == all);
    }

    @Test
    void aCommentIsDrawnDoneAndTravels() throws Exception {
        review();
        run(() -> window.player().seek(1.5));
        run(() -> ((TextField) window.root().lookup("#comment-author")).setText("Anke"));
        run(() -> ((TextArea) window.root().lookup("#comment-text")).setText("Brow higher"));
        robot.clickOn("#comment-draw");
        Point2D face = onFx(() -> window.face().localToScreen(window.face().getWidth() / 2, 150));
        robot.moveTo(face)
                .press(MouseButton.PRIMARY)
                .moveBy(30, 5)
                .moveBy(30, 20)
                .release(MouseButton.PRIMARY);
        assertEquals(1, onFx(() -> window.face().strokes().drawn().get().size()));
        robot.clickOn("#add-comment");
        settle();
        Comment comment = comments().getFirst();
        assertEquals("Anke", comment.author());
        assertEquals(1, comment.drawn().size());
        assertTrue(comment.view().isPresent());
        assertTrue(onFx(() -> window.face().strokes().drawn().get().isEmpty()));
        Path table = folder.resolve("comments.csv");
        answers.add(table);
        robot.clickOn("#comments-out");
        await(() -> Files.exists(table));
        settle();
        Files.writeString(table, Files.readString(table).replace(",open", ",done"));
        answers.add(table);
        robot.clickOn("#comments-in");
        await(() -> onFx(() -> comments().getFirst().done()));
        run(workspace::undo);
        assertFalse(comments().getFirst().done());
        Path page = folder.resolve("proof.html");
        answers.add(page);
        robot.clickOn("#notes-out");
        await(() -> Files.exists(page));
        assertTrue(Files.readString(page).contains("Brow higher"));
        Path sheet = folder.resolve("line.png");
        answers.add(sheet);
        robot.clickOn("#contact-sheet");
        await(() -> Files.exists(sheet) && Files.size(sheet) > 20_000);
    }

    private void review() throws Exception {
        run(() -> ((ToggleButton) window.root().lookup("#tab-review")).setSelected(true));
        settle();
    }

    private List<Comment> comments() {
        return onFx(() -> workspace.line().map(Line::review).orElseThrow().comments());
    }

    private Image stage(int eye) {
        return ((ImageView) window.face().lookupAll(".stage-eye").stream()
                        .skip(eye)
                        .findFirst()
                        .orElseThrow()
                        .lookup("ImageView"))
                .getImage();
    }

    /** The pixels of a column of a picture, as they are now: the stage draws into the same pictures again and again. */
    private int[] column(int eye, double share) {
        return onFx(() -> {
            Image image = stage(eye);
            int x = (int) (share * (image.getWidth() - 1));
            return IntStream.range(0, (int) image.getHeight())
                    .map(y -> image.getPixelReader().getArgb(x, y))
                    .toArray();
        });
    }

    private static int differ(int[] a, int[] b) {
        return (int) IntStream.range(0, Math.min(a.length, b.length))
                .filter(i -> a[i] != b[i])
                .count();
    }

    @Test
    void twoVersionsStandSideBySideAndSplit() throws Exception {
        review();
        run(() -> ((TextField) window.root().lookup("#version-name")).setText("First pass"));
        robot.clickOn("#keep-version");
        settle();
        assertEquals("First pass", workspace.project().versions().getFirst().name());
        run(() -> window.player().seek(3.4));
        Clip.Look wide = Clip.Look.of("Startled").withMouth(1);
        run(() -> workspace.editLine(0, l -> new ClipEdit.AddClip(l, "", 2.9, 4.1, wide)));
        settle();
        robot.clickOn("#compare-first-pass");
        await(() -> onFx(() -> proof().comparison().scene().get().isPresent()));
        await(() -> onFx(() -> window.face().lookupAll(".stage-eye").size()) == 2);
        assertEquals("First pass", shown("#compare-was"));
        await(() -> stage(0) != null && stage(1) != null && differ(column(0, 0.5), column(1, 0.5)) > 20);
        robot.clickOn("#compare-split");
        await(() -> onFx(() -> window.face().lookupAll(".stage-eye").size()) == 1);
        await(() -> Math.abs(onFx(() -> stage(0).getWidth())
                        - onFx(() -> window.face().getWidth()))
                < 2);
        int[] half = column(0, 0.53);
        Point2D grip = onFx(() -> {
            var node = window.root().lookup("#compare-grip");
            return node.localToScreen(7, 60);
        });
        robot.moveTo(grip)
                .press(MouseButton.PRIMARY)
                .moveBy(90, 0)
                .moveBy(90, 0)
                .release(MouseButton.PRIMARY);
        await(() -> differ(half, column(0, 0.53)) > 5);
        run(workspace::undo);
        run(() -> proof().comparison().version().set(Optional.empty()));
        assertEquals(
                0,
                workspace
                        .line()
                        .orElseThrow()
                        .layers()
                        .first(ClipsPlan.class)
                        .map(p -> p.clips().size())
                        .orElse(0));
    }

    /** A version is gone back to as one step, and forgotten. */
    @Test
    void aVersionIsGoneBackTo() throws Exception {
        review();
        run(() -> ((TextField) window.root().lookup("#version-name")).setText("Before"));
        robot.clickOn("#keep-version");
        run(() -> workspace.editLine(0, l -> new LineEdit.NameLine(l, "Another name")));
        settle();
        robot.clickOn(named("Go back to Before"));
        settle();
        assertNotEquals("Another name", workspace.line().orElseThrow().title());
        run(workspace::undo);
        assertEquals("Another name", workspace.line().orElseThrow().title());
        robot.clickOn(named("Forget the version Before"));
        settle();
        assertTrue(workspace.project().versions().isEmpty());
    }

    private Node named(String accessible) {
        return window.root().lookupAll(".button").stream()
                .filter(n -> accessible.equals(n.getAccessibleText()))
                .findFirst()
                .orElseThrow();
    }

    /** On the sheet a note is clicked, and mended from its menu. */
    @Test
    void notesStandOnTheSheet() throws Exception {
        plantJump();
        run(() -> window.knot().set(Knot.ACTING));
        Point2D at = onSheet(2.9, "notes");
        robot.clickOn(at);
        settle();
        assertEquals(
                "jump", onFx(() -> proof().chosen().get().orElseThrow().rule().id()));
        assertEquals(Knot.PROOF, onFx(() -> window.knot().get()));
        robot.rightClickOn(at);
        MenuItem ease = onFx(() -> robot.listWindows().stream()
                .filter(ContextMenu.class::isInstance)
                .flatMap(w -> ((ContextMenu) w).getItems().stream())
                .filter(m -> "Ease it".equals(m.getText()))
                .findFirst()
                .orElseThrow());
        run(ease::fire);
        await(() -> !open().contains("jump"));
        assertEquals("Proof", onFx(() -> ((ToggleButton) window.root().lookup("#knot-proof")).getText()));
    }

    /** The face alone: the controls come with the pointer, play, and go through the notes. */
    @Test
    void theFaceAloneHasItsControls() throws Exception {
        plantJump();
        assertEquals("Proof 1", onFx(() -> ((ToggleButton) window.root().lookup("#knot-proof")).getText()));
        run(() -> window.faceAlone().show(true));
        Node bar = window.root().lookup("#review-bar");
        assertFalse(bar.isVisible());
        robot.moveTo(window.face());
        robot.moveBy(20, 10);
        await(bar::isVisible);
        robot.clickOn("#review-next");
        settle();
        assertEquals(2.9, onFx(() -> window.player().time().get()), 0.01);
        assertTrue(shown("#review-note").startsWith("Jump: "), shown("#review-note"));
        robot.clickOn("#review-play");
        await(() -> onFx(() -> window.player().playing().get()));
        run(() -> window.player().pause());
        run(() -> window.faceAlone().show(false));
        assertTrue(window.root().lookup("#review-bar") == null);
    }
}
