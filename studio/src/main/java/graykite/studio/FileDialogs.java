package graykite.studio;

import graykite.format.ChartFiles;
import graykite.format.ProjectFiles;
import graykite.studio.model.Workspace;
import java.io.File;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.control.Alert;
import javafx.scene.control.ButtonBar;
import javafx.scene.control.ButtonType;
import javafx.stage.FileChooser;
import javafx.stage.Stage;

/** The questions for files: which to open, where to save. The last folder is remembered. */
final class FileDialogs {
    static final List<String> SOUNDS =
            List.of(".wav", ".aif", ".aiff", ".flac", ".ogg", ".oga", ".opus", ".mp3", ".m4a", ".aac", ".mp4", ".wma");
    static final List<String> SCRIPTS = List.of(".txt", ".srt", ".vtt");

    private final Stage stage;
    private final Workspace workspace;
    private final Consumer<Path> openProject;
    private final Consumer<Path> take;
    private final Consumer<List<Path>> takeSeveral;

    /**
     * @param openProject opens a project that was chosen
     * @param take takes in a recording that was chosen
     * @param takeSeveral takes in several recordings that were chosen together
     */
    FileDialogs(
            Stage stage,
            Workspace workspace,
            Consumer<Path> openProject,
            Consumer<Path> take,
            Consumer<List<Path>> takeSeveral) {
        this.stage = stage;
        this.workspace = workspace;
        this.openProject = openProject;
        this.take = take;
        this.takeSeveral = takeSeveral;
    }

    private FileChooser chooser(String title, String name, List<String> patterns) {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(title);
        chooser.getExtensionFilters()
                .addAll(
                        new FileChooser.ExtensionFilter(name, patterns),
                        new FileChooser.ExtensionFilter("All files", "*"));
        File folder = new File(workspace.settings().text("folder", System.getProperty("user.home")));
        if (folder.isDirectory()) {
            chooser.setInitialDirectory(folder);
        }
        return chooser;
    }

    private Optional<Path> chosen(File file) {
        if (file == null) {
            return Optional.empty();
        }
        workspace.settings().setText("folder", file.getParent());
        return Optional.of(file.toPath());
    }

    void chooseProject() {
        chosen(chooser("Open a project", "Gray Kite projects", List.of("*" + ProjectFiles.EXTENSION))
                        .showOpenDialog(stage))
                .ifPresent(openProject);
    }

    void chooseRecording(boolean replace) {
        FileChooser chooser = chooser(
                replace ? "Another take of this line" : "Add recordings",
                "Recordings",
                SOUNDS.stream().map(s -> "*" + s).toList());
        if (replace) {
            chosen(chooser.showOpenDialog(stage)).ifPresent(workspace.intake()::replaceRecording);
        } else {
            List<File> files = chooser.showOpenMultipleDialog(stage);
            if (files != null && files.size() == 1) {
                chosen(files.getFirst()).ifPresent(take);
            } else if (files != null && !files.isEmpty()) {
                chosen(files.getFirst());
                takeSeveral.accept(files.stream().map(File::toPath).toList());
            }
        }
    }

    void chooseScript() {
        chosen(chooser(
                                "Load a script",
                                "Scripts",
                                SCRIPTS.stream().map(s -> "*" + s).toList())
                        .showOpenDialog(stage))
                .ifPresent(workspace.intake()::loadScript);
    }

    Optional<Path> chooseChart(String title) {
        return chosen(
                chooser(title, "Mouth charts", List.of("*" + ChartFiles.CHART)).showOpenDialog(stage));
    }

    Optional<Path> chooseChartToSave(String name) {
        FileChooser chooser = chooser("Save the mouth chart", "Mouth charts", List.of("*" + ChartFiles.CHART));
        chooser.setInitialFileName(name + ChartFiles.CHART);
        return chosen(chooser.showSaveDialog(stage));
    }

    /** Asks for a file to open. */
    Optional<Path> choose(String title, String name, List<String> patterns) {
        return chosen(chooser(title, name, patterns).showOpenDialog(stage));
    }

    /** Asks where to save. */
    Optional<Path> chooseToSave(String title, String name, List<String> patterns, String proposed) {
        FileChooser chooser = chooser(title, name, patterns);
        chooser.setInitialFileName(proposed);
        return chosen(chooser.showSaveDialog(stage));
    }

    void save() {
        saveThen(() -> {});
    }

    void saveThen(Runnable then) {
        if (workspace.file().get().isPresent()) {
            workspace.documents().save(workspace.file().get().get(), then);
        } else {
            saveAsThen(then);
        }
    }

    void saveAsThen(Runnable then) {
        FileChooser chooser = chooser("Save the project", "Gray Kite projects", List.of("*" + ProjectFiles.EXTENSION));
        chooser.setInitialFileName(workspace.project().title() + ProjectFiles.EXTENSION);
        chosen(chooser.showSaveDialog(stage)).ifPresent(path -> {
            boolean named = path.toString().endsWith(ProjectFiles.EXTENSION);
            workspace
                    .documents()
                    .save(named ? path : path.resolveSibling(path.getFileName() + ProjectFiles.EXTENSION), then);
        });
    }

    /** Asks what to do with unsaved changes, then goes on unless the user cancels. */
    void unlessUnsaved(Runnable then) {
        if (!workspace.dirty()) {
            then.run();
            return;
        }
        ButtonType save = new ButtonType("Save", ButtonBar.ButtonData.YES);
        ButtonType discard = new ButtonType("Do not save", ButtonBar.ButtonData.NO);
        Alert question = new Alert(Alert.AlertType.NONE, "", save, discard, ButtonType.CANCEL);
        question.setTitle("Unsaved changes");
        question.setHeaderText(null);
        question.setContentText("\"" + workspace.project().title() + "\" has changes that are not saved.");
        question.initOwner(stage);
        Optional<ButtonType> answer = question.showAndWait();
        if (answer.isPresent() && answer.get() == save) {
            saveThen(then);
        } else if (answer.isPresent() && answer.get() == discard) {
            then.run();
        }
    }
}
