package graykite.workbench;

import graykite.base.BadInput;
import graykite.format.Shelf;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.Map;

/** What a script names: files beside it. What it stores stays in memory. */
public final class ScriptShelf implements Shelf {
    private final Path folder;
    private final Map<String, byte[]> kept = new HashMap<>();

    /** @param folder against which the names of files are meant */
    public ScriptShelf(Path folder) {
        this.folder = folder;
    }

    /** Takes the recordings that a project holds already, so that a script may name them by their hash. */
    public void take(byte[] content, String hash) {
        kept.put(hash, content);
    }

    @Override
    public String keep(byte[] content, String hash) {
        take(content, hash);
        return hash;
    }

    @Override
    public byte[] content(String hash) {
        byte[] content = kept.get(hash);
        if (content == null) {
            throw new BadInput("No recording of the project has the SHA-256 " + hash + ".");
        }
        return content;
    }

    @Override
    public Path file(String named) {
        if (named.isBlank()) {
            throw new BadInput("The name of the file is missing.");
        }
        return folder.resolve(named);
    }
}
