package graykite.session;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import graykite.base.BadInput;
import graykite.edit.History;
import graykite.format.EditJson;
import graykite.format.ProjectFiles;
import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.FileTime;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Finds what sessions left behind that did not end properly. Whether a session still runs is told by its file lock. */
public final class Rescues {
    private final Path root;

    /**
     * Unsaved work of an earlier session.
     *
     * @param title of the project
     * @param file where it was saved last, if it was
     * @param when it was last changed
     */
    public record Rescue(Path folder, String title, Optional<Path> file, Instant when) {}

    /** @param root where sessions are kept */
    public Rescues(Path root) {
        this.root = root;
    }

    /** What can be brought back, newest first. Reads no whole project. */
    public List<Rescue> list() {
        List<Rescue> found = new ArrayList<>();
        for (Path folder : sessions()) {
            if (!isAlive(folder)) {
                about(folder).ifPresent(found::add);
            }
        }
        found.sort(Comparator.comparing(Rescue::when).reversed());
        return found;
    }

    private List<Path> sessions() {
        if (!Files.isDirectory(root)) {
            return List.of();
        }
        try (Stream<Path> all = Files.list(root)) {
            return all.filter(f -> f.getFileName().toString().startsWith("session-"))
                    .toList();
        } catch (IOException unreadable) {
            System.getLogger(Rescues.class.getName())
                    .log(System.Logger.Level.WARNING, "Cannot look for unsaved work in " + root, unreadable);
            return List.of();
        }
    }

    private static boolean isAlive(Path folder) {
        Path file = folder.resolve(Session.LOCK);
        try (FileChannel channel = FileChannel.open(file, StandardOpenOption.WRITE);
                FileLock lock = channel.tryLock()) {
            return lock == null;
        } catch (OverlappingFileLockException own) {
            return true;
        } catch (IOException gone) {
            return false;
        }
    }

    /** Nothing when everything was saved. */
    private static Optional<Rescue> about(Path folder) {
        try {
            Path journal = folder.resolve(Journal.FILE);
            JsonNode about = new ObjectMapper().readTree(Files.readAllBytes(folder.resolve(Session.ABOUT)));
            boolean changed = Files.exists(journal) && Files.size(journal) > 0;
            if (!changed && !about.path("unsaved").asBoolean(false)) {
                return Optional.empty();
            }
            FileTime when = Files.getLastModifiedTime(changed ? journal : folder.resolve(Session.ABOUT));
            return Optional.of(new Rescue(
                    folder,
                    about.path("title").asText("Untitled"),
                    about.hasNonNull("file")
                            ? Optional.of(Path.of(about.path("file").asText()))
                            : Optional.empty(),
                    when.toInstant()));
        } catch (IOException nothingThere) {
            return Optional.empty();
        }
    }

    /**
     * Brings work back: the state on disk and everything that was done since, undo included.
     *
     * @throws BadInput when the state on disk is damaged
     */
    public History restore(Rescue rescue) {
        DiskShelf shelf = new DiskShelf(root.resolve(Session.SHELF));
        History begun = History.of(ProjectFiles.readDocument(rescue.folder().resolve(Session.BASE), shelf));
        return Journal.replay(rescue.folder(), new EditJson(shelf), begun);
    }

    /** Forgets a rescue. Only to be called once what took its place is on disk. */
    public void forget(Rescue rescue) {
        remove(rescue.folder());
    }

    /** Deletes what only ended sessions needed, when nothing is left to be rescued. */
    public void tidy() {
        List<Path> dead = sessions().stream().filter(f -> !isAlive(f)).toList();
        dead.stream().filter(f -> about(f).isEmpty()).forEach(Rescues::remove);
        if (sessions().isEmpty()) {
            remove(root.resolve(Session.SHELF));
        }
    }

    static void remove(Path folder) {
        if (!Files.exists(folder)) {
            return;
        }
        try (Stream<Path> all = Files.walk(folder)) {
            for (Path path : all.sorted(Comparator.reverseOrder()).toList()) {
                Files.deleteIfExists(path);
            }
        } catch (IOException locked) {
            System.getLogger(Rescues.class.getName())
                    .log(System.Logger.Level.WARNING, "Cannot delete " + folder, locked);
        }
    }
}
