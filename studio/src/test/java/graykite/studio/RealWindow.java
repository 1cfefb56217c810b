package graykite.studio;

import static graykite.studio.FxWork.await;
import static graykite.studio.FxWork.onFx;

import graykite.acting.Layers;
import graykite.project.Project;
import graykite.studio.model.FilePicker;
import graykite.studio.model.Workspace;
import graykite.studio.play.SilentOut;
import graykite.studio.view.SheetView;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import javafx.event.ActionEvent;
import javafx.geometry.Point2D;
import javafx.scene.control.TextField;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.framework.junit5.ApplicationExtension;

/** The real window, opened for each test with settings of its own. */
@ExtendWith(ApplicationExtension.class)
abstract class RealWindow {
    @TempDir
    Path folder;

    /** Where settings and what is kept against accidents lie. */
    @TempDir
    Path home;

    /** Answers the questions for files: the next answer for each. */
    final Deque<Path> answers = new ArrayDeque<>();

    /** Folders that were shown in the file manager. */
    final List<Path> revealed = new ArrayList<>();

    /** Files about which it was asked whether they may be written over, and the answer. */
    final List<Path> asked = new ArrayList<>();

    boolean replaces;

    private final FilePicker picker = new FilePicker() {
        @Override
        public Optional<Path> open(Ask ask) {
            return Optional.ofNullable(answers.poll());
        }

        @Override
        public List<Path> openSeveral(Ask ask) {
            List<Path> all = List.copyOf(answers);
            answers.clear();
            return all;
        }

        @Override
        public Optional<Path> save(Ask ask) {
            return Optional.ofNullable(answers.poll());
        }

        @Override
        public boolean mayReplace(Path file) {
            asked.add(file);
            return replaces;
        }

        @Override
        public boolean reveal(Path shown) {
            revealed.add(shown);
            return true;
        }

        @Override
        public Optional<Path> folder(Ask ask) {
            return Optional.ofNullable(answers.poll());
        }
    };

    final QuickRobot robot = new QuickRobot();

    StudioWindow window;
    Workspace workspace;

    /** Opens it; called by each class's own start, since TestFX looks for that nowhere else. */
    final void open(Stage stage) throws Exception {
        // In the corner: the windowless system keeps a picture of a thousand by a thousand, and a face that has just
        // left the whole screen would be drawn beyond its end anywhere else.
        stage.setX(0);
        stage.setY(0);
        stage.setWidth(1280);
        stage.setHeight(800);
        window = StudioApp.open(stage, home, new SilentOut(), picker);
        workspace = window.workspace();
    }

    /** Opens the demo as it is before anybody acted it: what its lines have of their own are mouth, instincts and poses. */
    final void openUnactedDemo() throws Exception {
        run(window::openDemo);
        awaitActed();
        run(() -> {
            Project acted = workspace.project();
            workspace.replaceProject(
                    acted.withLines(acted.lines().stream()
                            .map(l -> l.withLayers(Layers.usual().withSeed(l.seed())))
                            .toList()),
                    Optional.empty());
        });
        awaitActed();
    }

    @AfterEach
    void close() {
        onFx(() -> {
            window.close();
            return null;
        });
    }

    final void run(Runnable action) {
        onFx(() -> {
            action.run();
            return null;
        });
        settle();
    }

    /** What a channel of whoever speaks the open line is at a time of the line, as it is seen. */
    final double onStage(String channel, double time) {
        return onFx(() -> workspace
                .scene()
                .get()
                .orElseThrow()
                .at(workspace.speakerOnStage(), time + workspace.lineStart())[
                workspace
                        .performance()
                        .get()
                        .orElseThrow()
                        .character()
                        .channelIndex()
                        .get(channel)]);
    }

    /** Types over what stands in a field, and Enter. */
    final void type(TextField field, String text) {
        run(() -> {
            field.requestFocus();
            field.setText(text);
            field.getOnAction().handle(new ActionEvent());
        });
    }

    /** Waits until somebody acts the line as it is now. */
    final void awaitActed() throws Exception {
        await(() -> workspace.settled() && workspace.performance().get().isPresent());
    }

    /** Waits until what is seen is what the project comes to. */
    final void settle() {
        FxWork.rest();
        try {
            await(() -> workspace.settled());
        } catch (Exception late) {
            throw new AssertionError("The window does not settle.", late);
        }
    }

    /** The middle of a row of the sheet at a time of the line, on the screen. @param row name as it stands in the gutter */
    final Point2D onSheet(double time, String row) {
        return onSheet(time, sheet -> sheet.rowY(row));
    }

    /** A place on the sheet, on the screen. @param y pixels from the top of the sheet */
    final Point2D onSheet(double time, ToDoubleFunction<SheetView> y) {
        settle();
        SheetView sheet = window.sheet();
        return onFx(() -> sheet.localToScreen(sheet.xOf(time), y.applyAsDouble(sheet)));
    }
}
