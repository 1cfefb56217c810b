package graykite.studio.model;

import graykite.base.BadInput;
import graykite.format.ProjectFiles;
import graykite.project.Project;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicReference;

/**
 * Keeps unsaved work in a file of its own, some seconds after each change, and finds what an earlier session left behind
 * when it did not end properly.
 */
public final class Autosave implements AutoCloseable {
    private final Path folder;
    private final Path own;
    private final AtomicReference<Project> waiting = new AtomicReference<>();
    private final ScheduledExecutorService writer = Executors.newSingleThreadScheduledExecutor(
            Thread.ofPlatform().daemon().name("kite-autosave").factory());

    /** Unsaved work of an earlier session. */
    public record Rescue(Path file, String title, String when) {}

    /** @param everySeconds how often unsaved changes are written */
    public Autosave(Path folder, double everySeconds) {
        this.folder = folder;
        this.own = folder.resolve("unsaved-" + ProcessHandle.current().pid() + "-" + Long.toHexString(System.nanoTime())
                + ProjectFiles.EXTENSION);
        long millis = Math.round(everySeconds * 1000);
        writer.scheduleWithFixedDelay(this::writeWaiting, millis, millis, TimeUnit.MILLISECONDS);
    }

    /** Work that should survive a crash from now on. */
    public void keep(Project project) {
        waiting.set(project);
    }

    /** Nothing is unsaved any more. */
    public void clear() {
        waiting.set(null);
        writer.execute(() -> delete(own));
    }

    private void writeWaiting() {
        Project project = waiting.getAndSet(null);
        if (project == null) {
            return;
        }
        try {
            ProjectFiles.save(project, own);
        } catch (RuntimeException failure) {
            // Thrown on, it would end all further autosaves; the next change is tried again.
            System.getLogger(Autosave.class.getName()).log(System.Logger.Level.WARNING, "Autosave failed", failure);
        }
    }

    /** What earlier sessions left, newest first; files of sessions that still run are passed over. */
    public List<Rescue> rescues() {
        List<Rescue> found = new ArrayList<>();
        if (!Files.isDirectory(folder)) {
            return found;
        }
        try (var files = Files.list(folder)) {
            for (Path file : files.sorted(
                            java.util.Comparator.comparing(Autosave::modified).reversed())
                    .toList()) {
                String name = file.getFileName().toString();
                if (name.startsWith("unsaved-") && name.endsWith(ProjectFiles.EXTENSION) && !isAlive(name)) {
                    rescue(file, found);
                }
            }
        } catch (IOException unreadable) {
            System.getLogger(Autosave.class.getName())
                    .log(System.Logger.Level.WARNING, "Cannot look for unsaved work", unreadable);
        }
        return found;
    }

    private static void rescue(Path file, List<Rescue> found) {
        try {
            String title = ProjectFiles.open(file).title();
            String when = DateTimeFormatter.ofPattern("d MMMM, HH:mm", Locale.ROOT)
                    .withZone(ZoneId.systemDefault())
                    .format(modified(file));
            found.add(new Rescue(file, title, when));
        } catch (BadInput damaged) {
            System.getLogger(Autosave.class.getName())
                    .log(System.Logger.Level.WARNING, "Unsaved work is damaged: " + file, damaged);
        }
    }

    private static boolean isAlive(String name) {
        String[] parts = name.split("-");
        try {
            long pid = Long.parseLong(parts[1]);
            return pid == ProcessHandle.current().pid()
                    || ProcessHandle.of(pid).map(ProcessHandle::isAlive).orElse(false);
        } catch (NumberFormatException foreign) {
            return false;
        }
    }

    private static Instant modified(Path file) {
        try {
            return Files.getLastModifiedTime(file).toInstant();
        } catch (IOException gone) {
            return Instant.EPOCH;
        }
    }

    public void delete(Path file) {
        try {
            Files.deleteIfExists(file);
        } catch (IOException locked) {
            System.getLogger(Autosave.class.getName())
                    .log(System.Logger.Level.WARNING, "Cannot delete " + file, locked);
        }
    }

    /** Ends a session: what still waits is written first, so that an unsaved project survives even a hurried exit. */
    @Override
    public void close() {
        writer.execute(this::writeWaiting);
        writer.shutdown();
        try {
            if (!writer.awaitTermination(5, TimeUnit.SECONDS)) {
                writer.shutdownNow();
            }
        } catch (InterruptedException interrupted) {
            writer.shutdownNow();
            Thread.currentThread().interrupt();
        }
    }
}
