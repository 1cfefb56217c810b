package graykite.studio.model;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

/** Asks the user for files and folders. The dialogs of the system stand behind it; whoever drives the window brings others. */
public interface FilePicker {
    /**
     * What is asked for.
     *
     * @param kind what such files are called
     * @param endings with their dots
     * @param proposed a name; empty for none
     * @param folder where to begin
     */
    record Ask(String title, String kind, List<String> endings, String proposed, Optional<Path> folder) {}

    /** Nothing when the user changed their mind. */
    Optional<Path> open(Ask ask);

    List<Path> openSeveral(Ask ask);

    /** Where to save; asks before something is overwritten. */
    Optional<Path> save(Ask ask);

    /** Asks whether a file that is there already may be written over. */
    boolean mayReplace(Path file);

    Optional<Path> folder(Ask ask);

    /** Shows a folder in the file manager of the system; false where there is none. */
    boolean reveal(Path folder);
}
