package graykite.studio;

import graykite.studio.model.Settings;
import java.nio.file.Path;
import java.util.List;
import java.util.logging.Level;
import java.util.logging.Logger;
import javafx.application.Platform;
import javafx.stage.Stage;

/** Starts the program to take the pictures of the documentation; no part of what ships. */
public final class DocumentationLauncher {
    private static final Logger JAVAFX = Logger.getLogger("javafx");

    private DocumentationLauncher() {}

    /** @param arguments the folder for the pictures; a size such as 1100x700, unless the usual is wanted; names of
     *     pictures, all without any */
    public static void main(String[] arguments) {
        JAVAFX.setLevel(Level.SEVERE);
        Preparations prepared = Preparations.begin(List.of());
        Platform.startup(() -> {
            Stage stage = new Stage();
            StudioWindow window = StudioApp.start(stage, List.of(), new Settings(Settings.standardFolder()), prepared);
            new DocumentationShots(
                            stage,
                            window,
                            Path.of(arguments[0]),
                            List.of(arguments).subList(1, arguments.length))
                    .take();
        });
    }
}
