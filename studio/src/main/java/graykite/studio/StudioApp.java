package graykite.studio;

import atlantafx.base.theme.PrimerDark;
import atlantafx.base.theme.PrimerLight;
import graykite.studio.model.Figures;
import graykite.studio.model.FilePicker;
import graykite.studio.model.InterfaceSize;
import graykite.studio.model.Jobs;
import graykite.studio.model.Palette;
import graykite.studio.model.Settings;
import graykite.studio.model.Workspace;
import graykite.studio.play.AudioOut;
import graykite.studio.play.Player;
import graykite.workbench.Workbench;
import java.io.InputStream;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.animation.PauseTransition;
import javafx.application.Application;
import javafx.geometry.Rectangle2D;
import javafx.scene.Scene;
import javafx.scene.text.Font;
import javafx.stage.Screen;
import javafx.stage.Stage;
import javafx.util.Duration;

/** The window's life: start, close. */
public final class StudioApp {
    private StudioApp() {}

    /**
     * Opens the window as the arguments ask: a project file, --demo, --timing or --rehearse. Call on the
     * JavaFX thread.
     */
    static StudioWindow start(Stage stage, List<String> arguments, Settings settings, Preparations prepared) {
        StudioWindow window =
                open(stage, settings, prepared.out().join(), prepared.workbench(), new NativeFilePicker(stage));
        stage.setOnHidden(e -> window.close());
        if (prepared.project().isEmpty()) {
            window.greet();
        } else {
            Preparations.file(arguments)
                    .ifPresentOrElse(
                            path -> window.openProject(path, prepared.opened()),
                            () -> window.openDemo(prepared.opened()));
        }
        if (arguments.contains("--timing")) {
            new WindowTiming(window).begin(arguments);
        }
        if (arguments.contains("--rehearse")) {
            rehearse(stage, window);
        }
        return window;
    }

    /** Opens everything once and leaves, so that the launcher can keep what Java learned for a faster start. */
    private static void rehearse(Stage stage, StudioWindow window) {
        window.whenLineShown(() -> {
            window.player().play();
            PauseTransition playing = new PauseTransition(Duration.seconds(3));
            playing.setOnFinished(e -> stage.hide());
            playing.play();
        });
    }

    /** Builds the whole window on a stage; what tests and documentation use as well. */
    public static StudioWindow open(Stage stage, Path settingsFolder, AudioOut out, FilePicker picker) {
        return open(stage, new Settings(settingsFolder), out, Preparations.newWorkbench(), picker);
    }

    private static StudioWindow open(
            Stage stage, Settings settings, AudioOut out, Workbench workbench, FilePicker picker) {
        loadFonts();
        Jobs jobs = new Jobs();
        Workspace workspace = new Workspace(jobs, settings, new Figures(workbench.figures()), workbench);
        StudioWindow window = new StudioWindow(stage, workspace, new Player(out), picker);
        Scene scene = new Scene(window.root(), 1280, 800);
        setTheme(scene, settings.flag("dusk"));
        stage.setScene(scene);
        stage.setMinWidth(1000);
        stage.setMinHeight(640);
        if (InterfaceSize.of(settings) > 100) {
            fit(stage, Screen.getPrimary().getVisualBounds());
        }
        window.start();
        stage.show();
        return window;
    }

    /** With large text a screen may hold less than the least that everything has room in: then the screen counts. */
    private static void fit(Stage stage, Rectangle2D room) {
        stage.setMinWidth(Math.min(stage.getMinWidth(), room.getWidth()));
        stage.setMinHeight(Math.min(stage.getMinHeight(), room.getHeight()));
        if (room.getWidth() < 1280 || room.getHeight() < 800) {
            stage.setWidth(Math.min(1280, room.getWidth()));
            stage.setHeight(Math.min(800, room.getHeight()));
        }
    }

    static void setTheme(Scene scene, boolean dusk) {
        Application.setUserAgentStylesheet(
                dusk ? new PrimerDark().getUserAgentStylesheet() : new PrimerLight().getUserAgentStylesheet());
        String own = Optional.ofNullable(StudioApp.class.getResource("/graykite/studio/studio.css"))
                .orElseThrow(() -> new IllegalStateException("The style sheet is missing."))
                .toExternalForm();
        scene.getStylesheets().setAll(own);
        // The paper below everything: a background of the root would be painted under the face for every picture.
        scene.setFill((dusk ? Palette.DUSK : Palette.LIGHT).paper());
        scene.getRoot().getStyleClass().remove("dusk");
        if (dusk) {
            scene.getRoot().getStyleClass().add("dusk");
        }
    }

    private static void loadFonts() {
        for (String name :
                List.of("Inter-Regular.otf", "Inter-SemiBold.otf", "Andika-Regular.ttf", "Andika-Bold.ttf")) {
            InputStream font = StudioApp.class.getResourceAsStream("/graykite/fonts/" + name);
            if (font == null || Font.loadFont(font, 13) == null) {
                throw new IllegalStateException("The font " + name + " is missing.");
            }
        }
    }
}
