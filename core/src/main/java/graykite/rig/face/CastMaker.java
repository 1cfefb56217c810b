package graykite.rig.face;

import graykite.rig.Cast;
import graykite.rig.CharacterStore;
import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;

/** Run by the build: makes the cast once and stores it among the resources. */
public final class CastMaker {
    private CastMaker() {}

    /** @param arguments the folder of the compiled classes */
    public static void main(String[] arguments) throws IOException {
        Path folder = Files.createDirectories(Path.of(arguments[0], "graykite", "cast"));
        for (String name : Cast.names()) {
            try (OutputStream out =
                    new BufferedOutputStream(Files.newOutputStream(folder.resolve(name + CharacterStore.EXTENSION)))) {
                CharacterStore.write(Cast.made(name), out);
            }
        }
    }
}
