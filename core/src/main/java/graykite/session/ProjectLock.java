package graykite.session;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.Optional;

/**
 * Tells others that somebody has a project open. A lock of the operating system on a file beside the project: it ends with
 * the process, however that ends.
 */
public final class ProjectLock implements AutoCloseable {
    private final FileChannel channel;
    private final FileLock lock;
    private final Path file;

    private ProjectLock(FileChannel channel, FileLock lock, Path file) {
        this.channel = channel;
        this.lock = lock;
        this.file = file;
    }

    private static Path beside(Path project) {
        Path absolute = project.toAbsolutePath();
        return absolute.resolveSibling("." + absolute.getFileName() + ".lock");
    }

    /**
     * Takes a project for oneself.
     *
     * @param who is told to others who want it
     * @return nothing when somebody else has it, or where locks cannot be had
     */
    public static Optional<ProjectLock> take(Path project, String who) {
        Path file = beside(project);
        try {
            FileChannel channel = FileChannel.open(
                    file, StandardOpenOption.CREATE, StandardOpenOption.READ, StandardOpenOption.WRITE);
            // One byte far behind the text, so that others can still read who it is.
            FileLock lock = locked(channel);
            if (lock == null) {
                channel.close();
                return Optional.empty();
            }
            channel.truncate(0);
            channel.write(ByteBuffer.wrap(who.getBytes(StandardCharsets.UTF_8)), 0);
            channel.force(true);
            return Optional.of(new ProjectLock(channel, lock, file));
        } catch (IOException readOnly) {
            System.getLogger(ProjectLock.class.getName())
                    .log(System.Logger.Level.INFO, "No lock can be had beside " + project, readOnly);
            return Optional.empty();
        }
    }

    private static FileLock locked(FileChannel channel) throws IOException {
        try {
            return channel.tryLock(1 << 20, 1, false);
        } catch (OverlappingFileLockException own) {
            return null;
        }
    }

    /** Who has a project open; nothing when nobody has. */
    public static Optional<String> holder(Path project) {
        Path file = beside(project);
        if (!Files.exists(file)) {
            return Optional.empty();
        }
        try (FileChannel channel = FileChannel.open(file, StandardOpenOption.READ, StandardOpenOption.WRITE)) {
            try (FileLock lock = locked(channel)) {
                if (lock != null) {
                    return Optional.empty();
                }
            }
            String who = Files.readString(file).strip();
            return Optional.of(who.isEmpty() ? "Somebody" : who);
        } catch (IOException unreadable) {
            System.getLogger(ProjectLock.class.getName())
                    .log(System.Logger.Level.INFO, "Cannot tell who has " + project + " open", unreadable);
            return Optional.empty();
        }
    }

    @Override
    public void close() {
        try {
            lock.release();
            channel.close();
            Files.deleteIfExists(file);
        } catch (IOException leftover) {
            System.getLogger(ProjectLock.class.getName())
                    .log(System.Logger.Level.INFO, "A lock file stays behind: " + file, leftover);
        }
    }
}
