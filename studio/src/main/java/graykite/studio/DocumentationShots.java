package graykite.studio;

import java.nio.file.Path;
import javafx.stage.Stage;

/** Placeholder for the documentation pictures. */
final class DocumentationShots {
    DocumentationShots(Stage stage, StudioWindow window, Path folder) {}

    void take() {}
}
