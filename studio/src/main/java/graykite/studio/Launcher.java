package graykite.studio;

import graykite.base.BadInput;
import graykite.studio.model.InterfaceSize;
import graykite.studio.model.Settings;
import java.util.List;
import java.util.logging.Level;
import java.util.logging.Logger;
import javafx.application.Platform;
import javafx.stage.Stage;

/** Starts the program: what needs no window begins at once, then the window opens. */
public final class Launcher {
    /** JavaFX warns of being on the class path, which is where it is meant to be here; kept so that the level stays set. */
    private static final Logger JAVAFX = Logger.getLogger("javafx");

    private Launcher() {}

    public static void main(String[] arguments) {
        JAVAFX.setLevel(Level.SEVERE);
        ToolkitVariables.settle();
        Preparations prepared = Preparations.begin(List.of(arguments));
        Settings settings = new Settings(Settings.standardFolder());
        InterfaceSize.ask(settings, System.getProperties());
        Platform.startup(() -> {
            try {
                StudioApp.start(new Stage(), List.of(arguments), settings, prepared);
            } catch (BadInput unusable) {
                // Without a window there is nobody to press anything: say why, and end.
                System.err.println("kite: " + unusable.getMessage());
                System.exit(1);
            }
        });
    }
}
