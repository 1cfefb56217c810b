package graykite.studio;

import atlantafx.base.theme.PrimerDark;
import atlantafx.base.theme.PrimerLight;
import graykite.studio.model.Autosave;
import graykite.studio.model.Jobs;
import graykite.studio.model.Settings;
import graykite.studio.model.Workspace;
import graykite.studio.play.AudioOut;
import graykite.studio.play.DeviceOut;
import graykite.studio.play.Player;
import graykite.studio.play.SilentOut;
import java.io.InputStream;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.application.Application;
import javafx.scene.Scene;
import javafx.scene.text.Font;
import javafx.stage.Stage;

/** The window's life: start, close. */
public final class StudioApp extends Application {
    private static final double AUTOSAVE_SECONDS = 10;

    private StudioWindow window;

    @Override
    public void start(Stage stage) {
        List<String> arguments = getParameters().getRaw();
        window = open(stage, Settings.standardFolder(), DeviceOut.open().<AudioOut>map(d -> d).orElseGet(SilentOut::new));
        if (arguments.contains("--demo")) {
            window.openDemo();
        } else if (!arguments.isEmpty() && !arguments.getFirst().startsWith("--")) {
            window.openProject(Path.of(arguments.getFirst()));
        }
        int shots = arguments.indexOf("--shots");
        if (shots >= 0) {
            new DocumentationShots(stage, window, Path.of(arguments.get(shots + 1))).take();
        }
    }

    /** Builds the whole window on a stage; what tests and documentation use as well. */
    public static StudioWindow open(Stage stage, Path settingsFolder, AudioOut out) {
        loadFonts();
        Settings settings = new Settings(settingsFolder);
        Jobs jobs = new Jobs();
        Workspace workspace = new Workspace(jobs, settings);
        Autosave autosave = new Autosave(settings.autosaveFolder(), AUTOSAVE_SECONDS);
        StudioWindow window = new StudioWindow(stage, workspace, new Player(out), autosave);
        Scene scene = new Scene(window.root(), 1280, 800);
        setTheme(scene, settings.flag("dusk"));
        stage.setScene(scene);
        stage.setMinWidth(1000);
        stage.setMinHeight(640);
        window.start();
        stage.show();
        return window;
    }

    static void setTheme(Scene scene, boolean dusk) {
        Application.setUserAgentStylesheet(
                dusk ? new PrimerDark().getUserAgentStylesheet() : new PrimerLight().getUserAgentStylesheet());
        String own = Optional.ofNullable(StudioApp.class.getResource("/graykite/studio/studio.css"))
                .orElseThrow(() -> new IllegalStateException("The style sheet is missing."))
                .toExternalForm();
        scene.getStylesheets().setAll(own);
        scene.getRoot().getStyleClass().remove("dusk");
        if (dusk) {
            scene.getRoot().getStyleClass().add("dusk");
        }
    }

    private static void loadFonts() {
        for (String name : List.of("Inter-Regular.otf", "Inter-SemiBold.otf", "Andika-Regular.ttf", "Andika-Bold.ttf")) {
            InputStream font = StudioApp.class.getResourceAsStream("/graykite/studio/fonts/" + name);
            if (font == null || Font.loadFont(font, 13) == null) {
                throw new IllegalStateException("The font " + name + " is missing.");
            }
        }
    }

    @Override
    public void stop() {
        if (window != null) {
            window.close();
        }
    }
}
