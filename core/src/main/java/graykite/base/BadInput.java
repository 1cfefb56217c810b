package graykite.base;

import java.nio.file.Path;

/** What a user brought cannot be used. The message is one line that names the file, the place and what to do. */
public final class BadInput extends RuntimeException {
    private static final long serialVersionUID = 1L;

    public BadInput(String message) {
        super(message);
    }

    public BadInput(String message, Throwable cause) {
        super(message, cause);
    }

    /** "name: what is wrong" for a file; the folder is left out because messages are read in narrow places. */
    public static BadInput inFile(Path file, String what) {
        return new BadInput(nameOf(file) + ": " + what);
    }

    /** As {@link #inFile(Path, String)}, with the cause kept for the log. */
    public static BadInput inFile(Path file, String what, Throwable cause) {
        return new BadInput(nameOf(file) + ": " + what, cause);
    }

    private static String nameOf(Path file) {
        Path name = file.getFileName();
        return name == null ? file.toString() : name.toString();
    }
}
