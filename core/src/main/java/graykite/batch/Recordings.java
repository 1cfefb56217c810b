package graykite.batch;

import graykite.base.BadInput;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;

/** The recordings of a folder. */
public final class Recordings {
    private static final List<String> ENDINGS =
            List.of(".wav", ".aif", ".aiff", ".flac", ".ogg", ".oga", ".opus", ".mp3", ".m4a", ".aac");

    private Recordings() {}

    /**
     * All of them, in the order of their names.
     *
     * @throws BadInput when it is no folder, or holds none
     */
    public static List<Path> of(Path folder) {
        if (!Files.isDirectory(folder)) {
            throw new BadInput(folder + ": is no folder. Give a folder with recordings and their scripts.");
        }
        try (Stream<Path> files = Files.list(folder)) {
            List<Path> sounds = files.filter(
                            f -> ENDINGS.stream().anyMatch(f.toString().toLowerCase(Locale.ROOT)::endsWith))
                    .sorted()
                    .toList();
            if (sounds.isEmpty()) {
                throw new BadInput(folder + ": holds no recordings (WAV, AIFF, FLAC, OGG, MP3 or M4A).");
            }
            return sounds;
        } catch (IOException unreadable) {
            throw BadInput.inFile(folder, "cannot be read. Check that it may be opened.", unreadable);
        }
    }
}
