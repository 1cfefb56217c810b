package graykite.studio;

import graykite.session.Rescues;
import graykite.studio.view.StartScreen;
import java.nio.file.Path;
import java.util.Optional;
import javafx.scene.layout.StackPane;

/** Shows the start screen and does what is asked there. */
final class Greeter {
    private final StudioWindow window;
    private final FileDialogs files;
    private final StackPane root;
    private Optional<StartScreen> startScreen = Optional.empty();

    Greeter(StudioWindow window, FileDialogs files, StackPane root) {
        this.window = window;
        this.files = files;
        this.root = root;
    }

    void show() {
        StartScreen start = new StartScreen(
                window.workspace(), window.workspace().safekeeping().rescues(), new StartScreen.Asks() {
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
                    public void recover(Rescues.Rescue rescue) {
                        window.workspace().safekeeping().restore(rescue, Greeter.this::hide);
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
