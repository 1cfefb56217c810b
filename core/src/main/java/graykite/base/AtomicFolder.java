package graykite.base;

import java.io.IOException;
import java.nio.file.FileVisitResult;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.SimpleFileVisitor;
import java.nio.file.attribute.BasicFileAttributes;

/** Writes folders so that a reader sees the old one or the new one: never half of one, never files of both. */
public final class AtomicFolder {
    private AtomicFolder() {}

    /**
     * Fills a folder beside the target and puts it in its place.
     *
     * @param content fills the folder that it is given
     * @throws BadInput when it cannot be written, or a file stands in its place
     */
    public static void write(Path target, AtomicFiles.PathContent content) {
        Path absolute = target.toAbsolutePath().normalize();
        String mark = Long.toHexString(System.nanoTime());
        Path part = absolute.resolveSibling(".part-" + mark + "-" + absolute.getFileName());
        Path old = absolute.resolveSibling(".old-" + mark + "-" + absolute.getFileName());
        if (Files.exists(absolute) && !Files.isDirectory(absolute)) {
            throw BadInput.inFile(target, "is a file; pictures go into a folder. Choose another name.");
        }
        try {
            Files.createDirectories(part);
            content.writeTo(part);
            if (Files.exists(absolute)) {
                Files.move(absolute, old);
            }
            Files.move(part, absolute);
        } catch (IOException failure) {
            throw BadInput.inFile(
                    target,
                    "could not be written (" + AtomicFiles.reason(failure)
                            + "). Choose another folder or free some space.",
                    failure);
        } finally {
            bringBack(old, absolute);
            remove(part);
            remove(old);
        }
    }

    /** Where the new one could not be put in place, the old one stays. */
    private static void bringBack(Path old, Path absolute) {
        if (Files.exists(old) && !Files.exists(absolute)) {
            try {
                Files.move(old, absolute);
            } catch (IOException stuck) {
                throw BadInput.inFile(absolute, "lies under the name " + old.getFileName() + " now.", stuck);
            }
        }
    }

    private static void remove(Path folder) {
        if (!Files.exists(folder)) {
            return;
        }
        try {
            Files.walkFileTree(folder, new SimpleFileVisitor<>() {
                @Override
                public FileVisitResult visitFile(Path file, BasicFileAttributes attributes) throws IOException {
                    Files.delete(file);
                    return FileVisitResult.CONTINUE;
                }

                @Override
                public FileVisitResult postVisitDirectory(Path visited, IOException failure) throws IOException {
                    Files.delete(visited);
                    return FileVisitResult.CONTINUE;
                }
            });
        } catch (IOException leftover) {
            System.getLogger(AtomicFolder.class.getName())
                    .log(System.Logger.Level.WARNING, "Left behind: " + folder, leftover);
        }
    }
}
