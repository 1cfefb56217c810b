package graykite.session;

import graykite.base.AtomicFiles;
import graykite.base.BadInput;
import graykite.format.Shelf;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;

/** A folder in which each large thing is a file under its hash: written once, never changed. */
public final class DiskShelf implements Shelf {
    private final Path folder;

    public DiskShelf(Path folder) {
        this.folder = folder;
    }

    private Path place(String hash) {
        if (!hash.matches("[0-9a-f]{64}")) {
            throw new BadInput("\"" + hash + "\" is no SHA-256.");
        }
        return folder.resolve(hash);
    }

    @Override
    public String keep(byte[] content, String hash) {
        Path file = place(hash);
        if (!Files.exists(file)) {
            AtomicFiles.write(file, out -> out.write(content));
        }
        return hash;
    }

    @Override
    public byte[] content(String hash) {
        Path file = place(hash);
        try {
            return Files.readAllBytes(file);
        } catch (IOException missing) {
            throw BadInput.inFile(file, "is missing or cannot be read.", missing);
        }
    }

    @Override
    public Path file(String named) {
        throw new BadInput("A journal names no files.");
    }
}
