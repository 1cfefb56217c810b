package graykite.studio;

import graykite.media.SoundReader;
import java.util.logging.Level;
import java.util.logging.Logger;
import javafx.application.Application;

/** Starts the window. Not an Application itself, so that JavaFX may lie on the class path. */
public final class Launcher {
    /** JavaFX warns of being on the class path, which is where it is meant to be here; kept so that the level stays set. */
    private static final Logger JAVAFX = Logger.getLogger("javafx");

    private Launcher() {}

    public static void main(String[] arguments) {
        JAVAFX.setLevel(Level.SEVERE);
        Thread.ofPlatform().daemon().name("kite-prepare").start(SoundReader::prepare);
        Application.launch(StudioApp.class, arguments);
    }
}
