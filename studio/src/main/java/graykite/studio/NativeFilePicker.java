package graykite.studio;

import graykite.studio.model.FilePicker;
import java.io.File;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.control.Alert;
import javafx.scene.control.ButtonBar;
import javafx.scene.control.ButtonType;
import javafx.stage.DirectoryChooser;
import javafx.stage.FileChooser;
import javafx.stage.Stage;

/** The file dialogs of the system. */
final class NativeFilePicker implements FilePicker {
    private final Stage stage;

    NativeFilePicker(Stage stage) {
        this.stage = stage;
    }

    @Override
    public boolean reveal(Path folder) {
        String system = System.getProperty("os.name").toLowerCase(Locale.ROOT);
        String opens = system.contains("win") ? "explorer" : system.contains("mac") ? "open" : "xdg-open";
        try {
            new ProcessBuilder(opens, folder.toAbsolutePath().toString())
                    .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                    .redirectError(ProcessBuilder.Redirect.DISCARD)
                    .start();
            return true;
        } catch (IOException noManager) {
            System.getLogger(NativeFilePicker.class.getName())
                    .log(System.Logger.Level.INFO, "No file manager: " + opens, noManager);
            return false;
        }
    }

    private static FileChooser chooser(Ask ask) {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(ask.title());
        chooser.getExtensionFilters()
                .addAll(
                        new FileChooser.ExtensionFilter(
                                ask.kind(),
                                ask.endings().stream().map(e -> "*" + e).toList()),
                        new FileChooser.ExtensionFilter("All files", "*"));
        ask.folder().map(Path::toFile).ifPresent(chooser::setInitialDirectory);
        if (!ask.proposed().isEmpty()) {
            chooser.setInitialFileName(ask.proposed());
        }
        return chooser;
    }

    @Override
    public Optional<Path> open(Ask ask) {
        return Optional.ofNullable(chooser(ask).showOpenDialog(stage)).map(File::toPath);
    }

    @Override
    public List<Path> openSeveral(Ask ask) {
        List<File> files = chooser(ask).showOpenMultipleDialog(stage);
        return files == null ? List.of() : files.stream().map(File::toPath).toList();
    }

    @Override
    public Optional<Path> save(Ask ask) {
        return Optional.ofNullable(chooser(ask).showSaveDialog(stage)).map(File::toPath);
    }

    @Override
    public boolean mayReplace(Path file) {
        ButtonType replace = new ButtonType("Replace", ButtonBar.ButtonData.YES);
        Alert question = new Alert(Alert.AlertType.NONE, "", replace, ButtonType.CANCEL);
        question.initOwner(stage);
        question.setTitle("Replace the file");
        question.setHeaderText(null);
        question.setContentText("\"" + file.getFileName() + "\" is there already.");
        return question.showAndWait().filter(replace::equals).isPresent();
    }

    @Override
    public Optional<Path> folder(Ask ask) {
        DirectoryChooser chooser = new DirectoryChooser();
        chooser.setTitle(ask.title());
        ask.folder().map(Path::toFile).ifPresent(chooser::setInitialDirectory);
        return Optional.ofNullable(chooser.showDialog(stage)).map(File::toPath);
    }
}
