package graykite.studio;

import static graykite.studio.FxWork.await;
import static graykite.studio.FxWork.onFx;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.delivery.Kind;
import graykite.edit.ActingEdit;
import graykite.edit.LineEdit;
import graykite.edit.ReadingEdit;
import graykite.format.ProjectFiles;
import graykite.hearing.SimulatedVoice;
import graykite.media.WavFiles;
import graykite.picture.Backdrop;
import graykite.picture.Camera;
import graykite.picture.Dressing;
import graykite.picture.Lighting;
import graykite.project.Line;
import graykite.project.Project;
import graykite.project.SceneWork;
import graykite.sound.Sound;
import graykite.studio.model.Knot;
import graykite.studio.model.Settings;
import graykite.time.TimeRange;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.event.ActionEvent;
import javafx.event.EventType;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.TableView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;

/** Lines and scenes in the window: two recordings become a conversation, lines are retimed, looks survive a new take. */
class SceneWindowTest extends RealWindow {
    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    private Path recording(String name, String words) throws Exception {
        Path file = folder.resolve(name + ".wav");
        try (OutputStream out = Files.newOutputStream(file)) {
            WavFiles.write(SimulatedVoice.speak(words).sound(), out);
        }
        Files.writeString(folder.resolve(name + ".txt"), words);
        return file;
    }

    private void bringTwo() throws Exception {
        List<Path> two = List.of(recording("one", "The fog bell rang."), recording("two", "It was not me."));
        run(() -> window.takeRecordings(two));
        await(() ->
                workspace.project().lines().stream().allMatch(l -> l.timing().isPresent())
                        && workspace.project().lines().size() == 2);
        awaitActed();
    }

    private SceneWork scene() {
        return onFx(() -> workspace.openScene().orElseThrow());
    }

    /** From two recordings to a scene of two people, in which one speaks and the other listens, delivered as one. */
    @Test
    void aConversationOfTwo() throws Exception {
        bringTwo();
        run(() -> workspace.lineId().set(workspace.project().lines().get(1).id()));
        run(() -> window.knot().set(Knot.CAST));
        run(() -> window.trial().memberId().set("pim"));
        run(() -> workspace.edit(new LineEdit.GiveLine(workspace.lineId().get(), "pim")));
        run(() -> workspace.scenes().make("Fog", workspace.project().lines()));
        await(() -> workspace.scene().get().map(s -> s.size() == 2).orElse(false));
        String second = scene().blocks().get(1).line();
        double gap = scene().blocks().get(1).start();
        assertTrue(gap > 1, "one after the other: " + gap);
        await(() -> onFx(() -> window.sheet().getHeight() >= window.sheet().getPrefHeight()));
        assertEquals(
                gap
                        + onFx(() -> workspace
                                .project()
                                .line(second)
                                .orElseThrow()
                                .timing()
                                .orElseThrow()
                                .duration()),
                onFx(() -> workspace.scene().get().orElseThrow().duration()),
                1e-6);

        // Typed on the Acting desk, then dragged on the sheet with the others along.
        run(() -> window.knot().set(Knot.ACTING));
        robot.clickOn("#tab-scene");
        TextField start = robot.lookup(n -> n instanceof TextField t
                        && "When the line begins, in seconds".equals(t.getAccessibleText())
                        && t.getText().startsWith(String.format(Locale.ROOT, "%.2f", gap)))
                .query();
        run(() -> {
            start.setText("4");
            start.getOnAction().handle(new ActionEvent());
        });
        assertEquals(4, scene().block(second).orElseThrow().start());
        run(() -> workspace.scenes().ripple().set(true));
        run(window.sheet()::fit);
        Point2D block = onFx(() -> window.sheet()
                .localToScreen(
                        window.sheet().xOf(0.3 - workspace.lineStart()),
                        window.sheet().sceneRowY()));
        robot.moveTo(block)
                .press(MouseButton.PRIMARY)
                .moveBy(20, 0)
                .moveBy(40, 0)
                .release(MouseButton.PRIMARY);
        settle();
        assertTrue(scene().blocks().getFirst().start() > 0.2);
        assertTrue(scene().block(second).orElseThrow().start() > 4.2, "the other moved along");
        run(workspace::undo);
        assertEquals(4, scene().block(second).orElseThrow().start(), "the drag undoes as one");

        // The clock is that of the line that is worked on; the moment on stage stays when another is chosen.
        run(() -> workspace.lineId().set(scene().blocks().getFirst().line()));
        run(() -> window.player().seek(4.5));
        run(() -> workspace.lineId().set(second));
        assertEquals(0.5, onFx(() -> window.player().time().get()), 1e-6);

        run(() -> window.knot().set(Knot.DELIVERY));
        answers.add(folder);
        run(() -> window.delivery().choose(Kind.CURVES_CSV));
        robot.clickOn("#export");
        await(() -> Files.exists(folder.resolve("Fog-pim.csv")));
        assertTrue(Files.exists(folder.resolve("Fog-odile.csv")));

        // Saved and opened again the scene is there.
        answers.add(folder.resolve("talk.kite"));
        robot.press(KeyCode.CONTROL, KeyCode.S).release(KeyCode.S, KeyCode.CONTROL);
        await(() -> !workspace.dirty());
        assertEquals(
                "Fog",
                ProjectFiles.open(folder.resolve("talk.kite"))
                        .scenes()
                        .getFirst()
                        .title());
    }

    /** A keyed look stays on its word in a new take that is spoken elsewhere. */
    @Test
    void aLookSurvivesANewTake() throws Exception {
        Path first = recording("first", "The fog bell rang.");
        run(() -> window.take(first));
        awaitActed();
        double bell = onFx(() -> workspace.timing().orElseThrow().words().get(2).start());
        run(() -> window.player().seek(bell + 0.05));
        run(() -> window.keyPose("Glad"));
        Path take = folder.resolve("take.wav");
        try (OutputStream out = Files.newOutputStream(take)) {
            Sound said = SimulatedVoice.speak("The fog bell rang.").sound();
            WavFiles.write(Sound.together(List.of(Sound.silence(0.1, said.rate()), said), List.of(0.0, 0.8)), out);
        }
        answers.add(take);
        run(() -> workspace.intake().replaceRecording(take));
        await(() -> workspace.timing().isPresent()
                && workspace.timing().get().words().get(2).start() > bell + 0.6);
        awaitActed();
        double key = onFx(() ->
                workspace.keys().timeOf(workspace.line().orElseThrow().keys().getFirst()));
        double now = onFx(() -> workspace.timing().orElseThrow().words().get(2).start());
        assertEquals(now + 0.05, key, 0.04, "on the same word");
    }

    /** A pause is typed, a stretch is typed: voice, reading and picture become longer together; one click takes it back. */
    @Test
    void theLineIsRetimed() throws Exception {
        Path first = recording("first", "The fog bell rang.");
        run(() -> window.take(first));
        awaitActed();
        double length = onFx(() -> workspace.sound().get().orElseThrow().sound().duration());
        double rang = onFx(() -> workspace.timing().orElseThrow().words().get(3).start());
        run(() -> window.knot().set(Knot.VOICE));
        run(() -> window.player().seek(rang - 0.01));
        run(() -> robot.lookup("#pause-length").queryAs(TextField.class).setText("0.5"));
        robot.clickOn("#insert-pause");
        settle();
        assertEquals(
                length + 0.5,
                onFx(() -> workspace.sound().get().orElseThrow().sound().duration()),
                0.002);
        assertEquals(
                rang + 0.5,
                onFx(() -> workspace.timing().orElseThrow().words().get(3).start()),
                0.02);
        assertEquals(
                length + 0.5, onFx(() -> workspace.scene().get().orElseThrow().duration()), 0.002);
        run(() -> window.player().loopRange().set(Optional.of(new TimeRange(0, 0.4))));
        run(() -> {
            TextField field = robot.lookup("#stretch-length").queryAs(TextField.class);
            field.setText("0.6");
            field.getOnAction().handle(new ActionEvent());
        });
        assertEquals(
                length + 0.7,
                onFx(() -> workspace.sound().get().orElseThrow().sound().duration()),
                0.002);
        robot.clickOn("#take-retiming-back");
        settle();
        assertEquals(
                length, onFx(() -> workspace.sound().get().orElseThrow().sound().duration()), 1e-6);
        assertEquals(
                rang, onFx(() -> workspace.timing().orElseThrow().words().get(3).start()), 1e-6);
    }

    /** The look of the stage is chosen from its menu, seen at once, and kept for the next start. */
    @Test
    void theStageHasALook() {
        run(() -> workspace.edit(new LineEdit.AddLine("a", "A", Optional.empty(), "Fog.", "")));
        robot.clickOn("#stage-look");
        robot.clickOn("16 : 9");
        settle();
        Settings kept = new Settings(workspace.settings().sessionFolder().getParent());
        assertEquals("wide", kept.text("stage-frame", ""));
    }

    /** Light and background are chosen over the stage, kept with the line, undone, and given to all. */
    @Test
    void theStageIsLit() {
        run(() -> workspace.edit(new LineEdit.AddLine("a", "A", Optional.empty(), "Fog.", "")));
        robot.clickOn("#stage-light");
        robot.clickOn("#light-lamp");
        robot.clickOn("#backdrop-night");
        robot.clickOn("#light-ball");
        robot.type(KeyCode.RIGHT).type(KeyCode.UP);
        settle();
        Dressing dressed = onFx(() -> workspace.light().get());
        assertEquals(Lighting.Mood.LAMP, dressed.lighting().mood());
        assertEquals(Backdrop.NIGHT, dressed.backdrop());
        assertEquals(
                2, dressed.lighting().yaw(), "a click in the middle puts the light ahead, a key two degrees aside");
        assertEquals(2, dressed.lighting().pitch());
        run(() -> workspace.edit(new LineEdit.AddLine("b", "B", Optional.empty(), "Fog.", "")));
        assertEquals(Dressing.USUAL, onFx(() -> workspace.project().dressing("b")), "kept with its own line");
        run(() -> workspace.lineId().set("a"));
        robot.clickOn("#light-everywhere");
        assertEquals(dressed, onFx(() -> workspace.project().dressing("b")));
        run(() -> workspace.undo());
        assertEquals(Dressing.USUAL, onFx(() -> workspace.project().dressing("b")));
        robot.type(KeyCode.ESCAPE);
        Node face = robot.lookup(".stage-eye").query();
        altDragged(face, MouseEvent.MOUSE_PRESSED, 100);
        altDragged(face, MouseEvent.MOUSE_DRAGGED, 130);
        altDragged(face, MouseEvent.MOUSE_DRAGGED, 160);
        altDragged(face, MouseEvent.MOUSE_RELEASED, 160);
        settle();
        assertTrue(onFx(() -> workspace.light().get().lighting().yaw()) > 10, "turned by hand on the face");
        run(() -> workspace.undo());
        assertEquals(dressed, onFx(() -> workspace.light().get()), "one gesture is one step");
    }

    /** The window's robot knows no Alt with the mouse. */
    private void altDragged(Node node, EventType<MouseEvent> type, double x) {
        run(() -> node.fireEvent(new MouseEvent(
                type,
                x,
                150,
                x,
                150,
                MouseButton.PRIMARY,
                1,
                false,
                false,
                true,
                false,
                true,
                false,
                false,
                false,
                false,
                true,
                null)));
    }

    /** What is seen is kept with the project under a name, seen again with a click, and undone. */
    @Test
    void viewsAreKept() {
        Camera near = Camera.PROFILE.zoomed(0.5);
        run(() -> window.face().camera().set(near));
        robot.clickOn("#keep-view");
        robot.clickOn("#view-name").write("Near").type(KeyCode.ENTER);
        settle();
        assertEquals(near, workspace.project().views().getFirst().camera());
        robot.clickOn("Front");
        robot.clickOn("Near");
        assertEquals(near, onFx(() -> window.face().camera().get()));
        run(workspace::undo);
        assertTrue(robot.lookup("Near").tryQuery().isEmpty());
    }

    /** A thousand lines: the table finds, narrows, acts on many and opens one; what it does undoes. */
    @Test
    void aTableOfAThousandLines() throws Exception {
        Project thousand = Project.empty();
        ArrayList<Line> lines = new ArrayList<>();
        for (int i = 0; i < 1000; i++) {
            lines.add(Line.empty("l" + i, "Line " + i)
                    .withScript(i % 100 == 7 ? "the ferry leaves" : "nobody listens")
                    .withSpeaker(i % 2 == 0 ? "odile" : "pim"));
        }
        run(() -> workspace.replaceProject(thousand.withLines(lines), Optional.empty()));
        robot.press(KeyCode.CONTROL, KeyCode.L).release(KeyCode.L, KeyCode.CONTROL);
        settle();
        TableView<?> table = robot.lookup("#lines-list").query();
        assertEquals(1000, onFx(() -> table.getItems().size()));
        run(() -> robot.lookup("#find-line").queryAs(TextField.class).setText("ferry"));
        assertEquals(10, onFx(() -> table.getItems().size()));
        run(() -> table.getSelectionModel().selectAll());
        run(() -> robot.lookup("#delete-lines").queryAs(Button.class).fire());
        assertEquals(990, onFx(() -> workspace.project().lines().size()));
        run(workspace::undo);
        assertEquals(1000, onFx(() -> workspace.project().lines().size()), "deleting many undoes as one");
        run(() -> robot.lookup("#find-line").queryAs(TextField.class).setText("Line 107"));
        run(() -> table.getSelectionModel().select(0));
        run(() -> {
            table.requestFocus();
            table.getOnKeyPressed()
                    .handle(new KeyEvent(KeyEvent.KEY_PRESSED, "", "", KeyCode.ENTER, false, false, false, false));
        });
        assertEquals("l107", onFx(() -> workspace.lineId().get()));
        assertFalse(onFx(() -> window.table().isOpen()));
        robot.press(KeyCode.CONTROL, KeyCode.DOWN).release(KeyCode.DOWN, KeyCode.CONTROL);
        settle();
        assertEquals("l108", onFx(() -> workspace.lineId().get()));
    }

    /** Vary on one line while another is read: what comes late lands on the line it belongs to. */
    @Test
    void resultsLandWhereTheyBelong() throws Exception {
        bringTwo();
        String first = onFx(() -> workspace.project().lines().get(0).id());
        String second = onFx(() -> workspace.project().lines().get(1).id());
        run(() -> workspace.lineId().set(first));
        onFx(() -> {
            workspace.edit(new ReadingEdit.ClearReading(first, 2));
            workspace.readings().read();
            workspace.lineId().set(second);
            return null;
        });
        await(() -> !workspace
                .project()
                .line(first)
                .orElseThrow()
                .timing()
                .orElseThrow()
                .words()
                .isEmpty());
        assertEquals(
                "It was not me.", onFx(() -> workspace.timing().orElseThrow().text()));
        run(() -> workspace.edit(new ActingEdit.Vary(first, 9)));
        assertEquals(1, onFx(() -> workspace.line().orElseThrow().seed()));
    }
}
