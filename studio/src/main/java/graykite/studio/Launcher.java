package graykite.studio;

import graykite.media.SoundReader;
import javafx.application.Application;

/** Starts the window. Not an Application itself, so that JavaFX may lie on the class path. */
public final class Launcher {
    private Launcher() {}

    public static void main(String[] arguments) {
        Thread.ofPlatform().daemon().name("kite-prepare").start(SoundReader::prepare);
        Application.launch(StudioApp.class, arguments);
    }
}
