package graykite.studio;

import graykite.format.ChartFiles;
import graykite.format.ProjectFiles;
import graykite.studio.model.FileMemory;
import graykite.studio.model.FilePicker;
import graykite.studio.model.Workspace;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.control.Alert;
import javafx.scene.control.ButtonBar;
import javafx.scene.control.ButtonType;
import javafx.stage.Stage;
import javafx.stage.WindowEvent;

/** The questions for files: which to open, where to save. The last folder is remembered. */
final class FileDialogs {
    static final List<String> SOUNDS =
            List.of(".wav", ".aif", ".aiff", ".flac", ".ogg", ".oga", ".opus", ".mp3", ".m4a", ".aac", ".mp4", ".wma");
    static final List<String> SCRIPTS = List.of(".txt", ".srt", ".vtt");

    private final Stage stage;
    private final Workspace workspace;
    private final FileMemory memory;
    private final Consumer<Path> openProject;
    private final Consumer<Path> take;
    private final Consumer<List<Path>> takeSeveral;

    /**
     * @param picker asks the user
     * @param openProject opens a project that was chosen
     * @param take takes in a recording that was chosen
     * @param takeSeveral takes in several recordings that were chosen together
     */
    FileDialogs(
            Stage stage,
            Workspace workspace,
            FilePicker picker,
            Consumer<Path> openProject,
            Consumer<Path> take,
            Consumer<List<Path>> takeSeveral) {
        this.stage = stage;
        this.workspace = workspace;
        this.memory = new FileMemory(picker, workspace.settings(), "folder");
        this.openProject = openProject;
        this.take = take;
        this.takeSeveral = takeSeveral;
    }

    void chooseProject() {
        memory.open("Open a project", "Gray Kite projects", List.of(ProjectFiles.EXTENSION))
                .ifPresent(openProject);
    }

    void chooseRecording(boolean replace) {
        if (replace) {
            memory.open("Another take of this line", "Recordings", SOUNDS)
                    .ifPresent(workspace.intake()::replaceRecording);
            return;
        }
        List<Path> files = memory.openSeveral("Add recordings", "Recordings", SOUNDS);
        if (files.size() == 1) {
            take.accept(files.getFirst());
        } else if (!files.isEmpty()) {
            takeSeveral.accept(files);
        }
    }

    void chooseScript() {
        memory.open("Load a script", "Scripts", SCRIPTS).ifPresent(workspace.intake()::loadScript);
    }

    Optional<Path> chooseChart(String title) {
        return memory.open(title, "Mouth charts", List.of(ChartFiles.CHART));
    }

    Optional<Path> chooseChartToSave(String name) {
        return memory.save("Save the mouth chart", "Mouth charts", List.of(ChartFiles.CHART), name + ChartFiles.CHART);
    }

    /** Asks for a file to open. @param endings with their dots */
    Optional<Path> choose(String title, String name, List<String> endings) {
        return memory.open(title, name, endings);
    }

    /** Asks where to save. @param endings with their dots */
    Optional<Path> chooseToSave(String title, String name, List<String> endings, String proposed) {
        return memory.save(title, name, endings, proposed);
    }

    /** Asks for a folder. */
    Optional<Path> chooseFolder(String title) {
        return memory.folder(title);
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
        memory.save(
                        "Save the project",
                        "Gray Kite projects",
                        List.of(ProjectFiles.EXTENSION),
                        workspace.project().title() + ProjectFiles.EXTENSION)
                .ifPresent(path -> workspace.documents().save(path, then));
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

    /** The window is asked to close: it does when nothing is unsaved, or once the user has decided about it. */
    void closing(WindowEvent e) {
        if (!workspace.dirty()) {
            workspace.safekeeping().closeClean();
            return;
        }
        e.consume();
        unlessUnsaved(() -> {
            workspace.safekeeping().closeClean();
            stage.setOnCloseRequest(null);
            stage.close();
        });
    }
}
