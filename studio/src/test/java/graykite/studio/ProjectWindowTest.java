package graykite.studio;

import static graykite.studio.FxWork.await;
import static graykite.studio.FxWork.onFx;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.edit.ActingEdit;
import graykite.edit.Edit;
import graykite.edit.History;
import graykite.edit.LineEdit;
import graykite.edit.ProjectEdit;
import graykite.format.EditJson;
import graykite.format.ProjectFiles;
import graykite.format.Shelf;
import graykite.project.Line;
import graykite.project.Project;
import graykite.session.Rescues;
import graykite.session.Session;
import graykite.studio.model.Knot;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.ListView;
import javafx.scene.input.Clipboard;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import javafx.stage.WindowEvent;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;

/** What becomes of work: closing, unsaved changes, recovery, the history, and who else has a project open. */
class ProjectWindowTest extends RealWindow {
    private Stage stage;

    @Start
    void start(Stage opened) throws Exception {
        stage = opened;
        open(stage);
    }

    private void work() {
        run(() -> workspace.edit(new LineEdit.AddLine("a", "A", Optional.empty(), "The fog bell rang.", "")));
        run(() -> workspace.edit(new ActingEdit.Vary("a", 7)));
    }

    private boolean closes() {
        return onFx(() -> {
            WindowEvent request = new WindowEvent(stage, WindowEvent.WINDOW_CLOSE_REQUEST);
            stage.getOnCloseRequest().handle(request);
            return !request.isConsumed();
        });
    }

    /** Closing asks about unsaved work: cancelling stays, saving asks where and then leaves nothing to rescue. */
    @Test
    void closingAsksAboutUnsavedWork() throws Exception {
        work();
        assertTrue(onFx(() -> workspace.dirty()));
        Platform.runLater(this::requestClose);
        await(() -> robot.lookup(".dialog-pane").tryQuery().isPresent());
        answer("Cancel");
        await(() -> robot.lookup(".dialog-pane").tryQuery().isEmpty());
        assertTrue(onFx(() -> stage.isShowing()));
        answers.add(folder.resolve("kept.kite"));
        Platform.runLater(this::requestClose);
        await(() -> robot.lookup(".dialog-pane").tryQuery().isPresent());
        answer("Save");
        await(() -> !stage.isShowing());
        assertEquals(
                7,
                ProjectFiles.open(folder.resolve("kept.kite"))
                        .lines()
                        .getFirst()
                        .seed());
    }

    private void answer(String button) {
        robot.clickOn(robot.from(robot.lookup(".dialog-pane").<Node>query())
                .lookup(button)
                .<Node>query());
    }

    private void requestClose() {
        stage.getOnCloseRequest().handle(new WindowEvent(stage, WindowEvent.WINDOW_CLOSE_REQUEST));
    }

    @Test
    void nothingUnsavedClosesAtOnce() {
        assertTrue(closes());
    }

    /** What an earlier session left is offered on the start screen and comes back with its undo. */
    @Test
    void unsavedWorkIsBroughtBack() throws Exception {
        Path sessions = onFx(() -> workspace.settings().sessionFolder());
        History history = History.of(Project.empty().withTitle("Night watch"));
        Session crashed = new Session(sessions, text -> {});
        crashed.begin(history, Optional.empty(), false);
        for (Edit edit :
                List.of(new LineEdit.AddLine("x", "X", Optional.empty(), "Fog.", ""), new LineEdit.SetGain("x", 4))) {
            history = history.edited(edit);
            crashed.did(edit, 0, history, Optional.empty());
        }
        crashed.close();
        run(window::greet);
        robot.clickOn("Bring it back");
        await(() -> workspace.project().title().equals("Night watch"));
        assertEquals(4, onFx(() -> workspace.line().orElseThrow().voice().gain()));
        assertTrue(onFx(() -> workspace.dirty()));
        run(workspace::undo);
        assertEquals(0, onFx(() -> workspace.line().orElseThrow().voice().gain()));
        await(() -> new Rescues(sessions).list().isEmpty());
    }

    /** Who comes second gets a project to look at, is told who has it, and cannot save over it. */
    @Test
    void theSecondOneMayLook() throws Exception {
        Path file = folder.resolve("shared.kite");
        ProjectFiles.save(Project.empty().withTitle("Shared").with(Line.empty("a", "A")), file);
        Process other = new ProcessBuilder(
                        ProcessHandle.current().info().command().orElseThrow(),
                        "-cp",
                        System.getProperty("java.class.path"),
                        LockHolder.class.getName(),
                        file.toString())
                .start();
        try {
            assertEquals("locked", new String(other.getInputStream().readNBytes(6)));
            run(() -> window.openProject(file));
            await(() -> workspace.project().title().equals("Shared"));
            assertTrue(onFx(() -> workspace.jobs().message().get()).contains("Brine"), "told who has it");
            run(() -> workspace.edit(new ProjectEdit.NameProject("Mine")));
            robot.press(KeyCode.CONTROL, KeyCode.S).release(KeyCode.S, KeyCode.CONTROL);
            settle();
            assertTrue(onFx(() -> workspace.jobs().message().get()).contains("another name"));
            assertEquals("Shared", ProjectFiles.open(file).title());
        } finally {
            other.destroyForcibly();
        }
    }

    /** What was done is listed, one can go back and forth in it, and copy it out as a script that does the same. */
    @Test
    void theHistoryIsAList() throws Exception {
        Project before = onFx(() -> workspace.project());
        work();
        run(() -> workspace.edit(new LineEdit.SetGain("a", 3)));
        robot.press(KeyCode.CONTROL, KeyCode.H).release(KeyCode.H, KeyCode.CONTROL);
        settle();
        ListView<Integer> list = robot.lookup("#history").query();
        assertEquals(4, onFx(() -> list.getItems().size()));
        run(() -> list.getSelectionModel().clearAndSelect(2));
        robot.clickOn("#history-go");
        settle();
        assertEquals(1, onFx(() -> workspace.history().get().at()));
        assertEquals(1, onFx(() -> workspace.line().orElseThrow().seed()));
        run(() -> list.getSelectionModel().selectRange(0, 4));
        robot.clickOn("#history-copy");
        settle();
        String script = onFx(() -> Clipboard.getSystemClipboard().getString());
        EditJson edits = new EditJson(Shelf.none());
        Project again = before;
        for (String line : script.lines().toList()) {
            again = edits.read(line).apply(again);
        }
        run(() -> workspace.jump(3));
        assertEquals(onFx(() -> workspace.project()), again, "ten clicks or ten edits, the same project");
        run(() -> workspace.jump(1));
        run(() -> workspace.edit(new LineEdit.SetGain("a", 6)));
        assertEquals(3, onFx(() -> list.getItems().size()), "what was undone is gone, and the open list knows");
        run(() -> list.getSelectionModel().clearAndSelect(0));
        robot.clickOn("#history-copy");
        settle();
        assertEquals(
                1, onFx(() -> Clipboard.getSystemClipboard().getString().lines().count()));
    }

    /** The desk is put away and comes back; the face has the screen for itself; rows fold. */
    @Test
    void roomIsMade() throws Exception {
        run(window::openDemo);
        awaitActed();
        double wide = onFx(() -> window.face().getWidth());
        robot.press(KeyCode.CONTROL, KeyCode.DIGIT0).release(KeyCode.DIGIT0, KeyCode.CONTROL);
        settle();
        assertTrue(onFx(() -> window.face().getWidth()) > wide + 300);
        assertTrue(onFx(() -> workspace.settings().flag("desk.away")), "and that is remembered");
        robot.press(KeyCode.CONTROL, KeyCode.DIGIT4).release(KeyCode.DIGIT4, KeyCode.CONTROL);
        settle();
        assertEquals(Knot.MOUTH, onFx(() -> window.knot().get()));
        await(() -> window.face().getWidth() < wide + 10);
        robot.press(KeyCode.F11).release(KeyCode.F11);
        await(() -> window.faceAlone().isShown() && window.sheet().getScene() == null);
        robot.press(KeyCode.F11).release(KeyCode.F11);
        await(() -> !window.faceAlone().isShown() && window.sheet().getScene() != null);
        double sounds = onFx(() -> window.sheet().rowY("sounds"));
        robot.clickOn(onFx(() -> window.sheet().localToScreen(40, window.sheet().rowY("words"))));
        settle();
        assertTrue(onFx(() -> window.sheet().rowY("sounds")) < sounds - 8, "the row of words is folded");
        run(() -> window.sheet().fit());
    }

    /** Edits made while a save runs stay unsaved and are known as such. */
    @Test
    void editsDuringASaveStayUnsaved() throws Exception {
        work();
        Path file = folder.resolve("during.kite");
        onFx(() -> {
            workspace.documents().save(file, () -> {});
            workspace.edit(new ActingEdit.Vary("a", 8));
            return null;
        });
        await(() -> workspace.file().get().isPresent());
        assertTrue(onFx(() -> workspace.dirty()));
        assertEquals(7, ProjectFiles.open(file).lines().getFirst().seed());
        assertFalse(Files.exists(ProjectFiles.before(file)));
        onFx(() -> {
            workspace.documents().save(file, () -> {});
            return null;
        });
        await(() -> !workspace.dirty());
        assertEquals(
                7,
                ProjectFiles.open(ProjectFiles.before(file)).lines().getFirst().seed(),
                "the version before");
    }
}
