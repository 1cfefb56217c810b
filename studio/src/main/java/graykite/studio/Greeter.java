package graykite.studio;

import graykite.format.ProjectFiles;
import graykite.project.Project;
import graykite.studio.model.Autosave;
import graykite.studio.view.StartScreen;
import java.nio.file.Path;
import java.util.Optional;
import javafx.scene.layout.StackPane;

/** Shows the start screen and does what is asked there. */
final class Greeter {
    private final StudioWindow window;
    private final FileDialogs files;
    private final StackPane root;
    private final Autosave autosave;
    private Optional<StartScreen> startScreen = Optional.empty();

    Greeter(StudioWindow window, FileDialogs files, StackPane root, Autosave autosave) {
        this.window = window;
        this.files = files;
        this.root = root;
        this.autosave = autosave;
    }

    void show() {
        StartScreen start = new StartScreen(window.workspace(), autosave.rescues(), new StartScreen.Asks() {
            @Override
            public void demo() {
                window.openDemo();
            }

            @Override
            public void openDialog() {
                files.chooseProject();
            }

            @Override
            public void recordingDialog() {
                files.chooseRecording(false);
            }

            @Override
            public void open(Path project) {
                window.openProject(project);
            }

            @Override
            public void recover(Autosave.Rescue rescue) {
                window.workspace().jobs().start("Recovering", p -> ProjectFiles.open(rescue.file()), project -> {
                    window.workspace().replaceProject(Project.empty(), Optional.empty());
                    window.workspace().edit("Recover", p -> project);
                    autosave.delete(rescue.file());
                    hide();
                });
            }
        });
        hide();
        startScreen = Optional.of(start);
        root.getChildren().add(start);
    }

    void hide() {
        startScreen.ifPresent(s -> root.getChildren().remove(s));
        startScreen = Optional.empty();
    }
}
