package graykite.base;

import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.channels.FileChannel;
import java.nio.file.AccessDeniedException;
import java.nio.file.AtomicMoveNotSupportedException;
import java.nio.file.FileSystemException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;

/** Writes files so that a reader sees the old one or the new one, never half of one. */
public final class AtomicFiles {
    private AtomicFiles() {}

    /** Something that writes a whole file into a stream. */
    @FunctionalInterface
    public interface Content {
        void writeTo(OutputStream out) throws IOException;
    }

    /** Something that writes a whole file at a path, for libraries that insist on a path. */
    @FunctionalInterface
    public interface PathContent {
        void writeTo(Path path) throws IOException;
    }

    /**
     * Writes beside the target, flushes to the disk and renames over it.
     *
     * @throws BadInput when the folder cannot be written to
     */
    public static void write(Path target, Content content) {
        writeBeside(target, partial -> {
            try (OutputStream out = new BufferedOutputStream(Files.newOutputStream(partial), 1 << 16)) {
                content.writeTo(out);
            }
        });
    }

    /** As {@link #write}, keeping what stood there before under another name beside it. */
    public static void writeKeeping(Path target, Path before, Content content) {
        writeBeside(target, partial -> {
            try (OutputStream out = new BufferedOutputStream(Files.newOutputStream(partial), 1 << 16)) {
                content.writeTo(out);
            }
            if (Files.exists(target)) {
                keep(target, before);
            }
        });
    }

    /** A second name for the same bytes where the system can, else a copy. */
    private static void keep(Path target, Path before) throws IOException {
        Path fresh = before.resolveSibling(".part-" + Long.toHexString(System.nanoTime()) + "-" + before.getFileName());
        try {
            try {
                Files.createLink(fresh, target);
            } catch (UnsupportedOperationException | IOException noLinks) {
                Files.copy(target, fresh, StandardCopyOption.REPLACE_EXISTING);
            }
            move(fresh, before);
        } finally {
            Files.deleteIfExists(fresh);
        }
    }

    /** As {@link #write}, for content that is written by path. The partial name keeps the target's extension. */
    public static void writeBeside(Path target, PathContent content) {
        Path absolute = target.toAbsolutePath();
        Path partial =
                absolute.resolveSibling(".part-" + Long.toHexString(System.nanoTime()) + "-" + absolute.getFileName());
        try {
            Files.createDirectories(absolute.getParent());
            content.writeTo(partial);
            try (FileChannel channel = FileChannel.open(partial, StandardOpenOption.WRITE)) {
                channel.force(true);
            }
            move(partial, absolute);
            flushFolder(absolute.getParent());
        } catch (IOException failure) {
            throw BadInput.inFile(
                    target,
                    "could not be written (" + reason(failure) + "). Choose another folder or free some space.",
                    failure);
        } finally {
            try {
                Files.deleteIfExists(partial);
            } catch (IOException leftover) {
                // The target is already whole or was never touched; a stray hidden partial file harms nobody.
                System.getLogger(AtomicFiles.class.getName())
                        .log(System.Logger.Level.WARNING, "Left behind: " + partial, leftover);
            }
        }
    }

    /** A new name is only safe from a power cut once its folder is on the disk too; not every system lets one flush it. */
    private static void flushFolder(Path folder) {
        try (FileChannel channel = FileChannel.open(folder, StandardOpenOption.READ)) {
            channel.force(true);
        } catch (IOException notHere) {
            System.getLogger(AtomicFiles.class.getName())
                    .log(System.Logger.Level.DEBUG, "This system does not flush folders: " + folder, notHere);
        }
    }

    /** Why, without the names of partial files, which mean nothing to people. */
    static String reason(IOException failure) {
        return switch (failure) {
            case AccessDeniedException denied -> "the folder may not be written to";
            case NoSuchFileException missing -> "the folder does not take files";
            case FileSystemException other when other.getReason() != null -> other.getReason();
            case FileSystemException other -> "the file system refuses";
            default -> failure.getMessage();
        };
    }

    private static void move(Path from, Path to) throws IOException {
        try {
            Files.move(from, to, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        } catch (AtomicMoveNotSupportedException unsupported) {
            Files.move(from, to, StandardCopyOption.REPLACE_EXISTING);
        }
    }
}
