package graykite.format;

import graykite.format.character.Cast;
import graykite.format.character.CharacterStore;
import graykite.rig.Character;
import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;

/** Run by the build: makes the cast once and stores it among the resources, quick to open and as glTF. */
public final class CastMaker {
    private CastMaker() {}

    /** @param arguments the folder of the compiled classes */
    public static void main(String[] arguments) throws IOException {
        Path folder = Files.createDirectories(Path.of(arguments[0], "graykite", "cast"));
        for (String name : Cast.names()) {
            Character figure = Cast.made(name);
            try (OutputStream out =
                    new BufferedOutputStream(Files.newOutputStream(folder.resolve(name + CharacterStore.EXTENSION)))) {
                CharacterStore.write(figure, out);
            }
            try (OutputStream out = new BufferedOutputStream(Files.newOutputStream(folder.resolve(name + ".glb")))) {
                GltfWriter.write(figure, Optional.empty(), out);
            }
        }
    }
}
