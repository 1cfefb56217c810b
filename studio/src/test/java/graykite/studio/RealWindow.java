package graykite.studio;

import static graykite.studio.FxWork.await;
import static graykite.studio.FxWork.onFx;

import graykite.studio.model.Workspace;
import graykite.studio.play.SilentOut;
import java.nio.file.Files;
import java.nio.file.Path;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.util.WaitForAsyncUtils;

/** The real window, opened for each test with settings of its own. */
@ExtendWith(ApplicationExtension.class)
abstract class RealWindow {
    @TempDir
    Path folder;

    StudioWindow window;
    Workspace workspace;

    /** Opens it; called by each class's own start, since TestFX looks for that nowhere else. */
    final void open(Stage stage) throws Exception {
        stage.setWidth(1280);
        stage.setHeight(800);
        window = StudioApp.open(stage, Files.createTempDirectory("kite-test"), new SilentOut());
        workspace = window.workspace();
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

    /** Waits until what is seen is what the project comes to. */
    final void settle() {
        WaitForAsyncUtils.waitForFxEvents();
        try {
            await(() -> workspace.settled());
        } catch (Exception late) {
            throw new AssertionError("The window does not settle.", late);
        }
    }
}
