package graykite.base;

import java.nio.file.Path;
import java.util.regex.Pattern;

/** What a user brought cannot be used. The message is one line that names the file, the place and what to do. */
public final class BadInput extends RuntimeException {
    private static final long serialVersionUID = 1L;
    /** A message is read in one glance; words of a damaged file that it quotes may be of any length. */
    private static final int LONGEST = 800;

    private static final Pattern ENDLESS = Pattern.compile("(\\S{60})\\S{60,}");

    public BadInput(String message) {
        super(oneLine(message));
    }

    public BadInput(String message, Throwable cause) {
        super(oneLine(message), cause);
    }

    private static String oneLine(String message) {
        String line = ENDLESS.matcher(message.replaceAll("[\\p{Cntrl}\\u2028\\u2029]+", " "))
                .replaceAll("$1…");
        return line.length() <= LONGEST ? line : line.substring(0, LONGEST - 1) + "…";
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
