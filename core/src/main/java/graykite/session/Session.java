package graykite.session;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import graykite.base.AtomicFiles;
import graykite.base.BadInput;
import graykite.edit.Edit;
import graykite.edit.History;
import graykite.format.EditJson;
import graykite.format.ProjectFiles;
import graykite.project.Project;
import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.Optional;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.function.Consumer;

/**
 * What keeps a project safe while somebody works on it: a state on disk and a journal of everything since, each entry
 * flushed. Written on a thread of its own, in order; large things are stored once under their hash. A session that ends
 * properly leaves nothing; one that does not is found by {@link Rescues}.
 */
public final class Session implements AutoCloseable {
    static final String BASE = "base" + ProjectFiles.DOCUMENT_EXTENSION;
    static final String ABOUT = "about.json";
    static final String LOCK = "lock";
    static final String SHELF = "shelf";

    private final Path folder;
    private final DiskShelf shelf;
    private final Journal journal;
    private final FileChannel lockFile;
    private final FileLock lock;
    private final Consumer<String> trouble;
    private final ExecutorService writer = Executors.newSingleThreadExecutor(
            Thread.ofPlatform().daemon().name("kite-journal").factory());
    /** How far back the journal can go: the index in the history of the state on disk. Only the writer touches it. */
    private int begins;

    /**
     * @param root where sessions are kept
     * @param trouble is told, on another thread, when work could not be written
     */
    public Session(Path root, Consumer<String> trouble) {
        this.trouble = trouble;
        try {
            Files.createDirectories(root);
            folder = Files.createTempDirectory(root, "session-");
            shelf = new DiskShelf(root.resolve(SHELF));
            lockFile = FileChannel.open(folder.resolve(LOCK), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
            lock = lockFile.lock();
            journal = new Journal(folder, new EditJson(shelf));
        } catch (IOException unwritable) {
            throw BadInput.inFile(
                    root,
                    "cannot be written to, and unsaved work could not be kept. Set KITE_HOME to a folder that can.",
                    unwritable);
        }
    }

    Path folder() {
        return folder;
    }

    private interface Work {
        void run() throws IOException;
    }

    private void write(Work work) {
        if (writer.isShutdown()) {
            return;
        }
        writer.execute(() -> {
            try {
                work.run();
            } catch (IOException | RuntimeException failure) {
                System.getLogger(Session.class.getName())
                        .log(System.Logger.Level.WARNING, "Unsaved work could not be written", failure);
                trouble.accept("Unsaved work cannot be kept in " + folder.getParent()
                        + ". Free some space there, or save the project now.");
            }
        });
    }

    /**
     * Begins with a state: what came before it no longer matters.
     *
     * @param history at the state
     * @param file where the project is saved; nothing while it is not
     * @param unsaved true when the state itself holds work that is in no file
     */
    public void begin(History history, Optional<Path> file, boolean unsaved) {
        write(() -> base(history, file, unsaved));
    }

    private void base(History history, Optional<Path> file, boolean unsaved) throws IOException {
        Project project = history.present();
        ProjectFiles.writeDocument(project, shelf, folder.resolve(BASE));
        journal.restart();
        ObjectNode about = new ObjectMapper().createObjectNode();
        about.put("title", project.title()).put("unsaved", unsaved);
        file.ifPresent(f -> about.put("file", f.toAbsolutePath().toString()));
        AtomicFiles.write(
                folder.resolve(ABOUT), out -> out.write(about.toString().getBytes("UTF-8")));
        begins = history.at();
    }

    /**
     * An edit was done.
     *
     * @param history after it
     * @param file as for {@link #begin}
     */
    public void did(Edit edit, long gesture, History history, Optional<Path> file) {
        write(() -> {
            // An edit that joined the very step that is on disk cannot be told as something that came after it.
            if (history.at() <= begins || history.steps().size() >= History.MOST) {
                base(history, file, true);
            } else {
                journal.did(edit, gesture);
            }
        });
    }

    /**
     * The history stands elsewhere now: something was undone, done again or jumped to.
     *
     * @param file as for {@link #begin}
     */
    public void jumped(History history, Optional<Path> file) {
        write(() -> {
            if (history.at() < begins || history.steps().size() >= History.MOST) {
                base(history, file, true);
            } else {
                journal.jumped(history.at() - begins);
            }
        });
    }

    /** Waits until all that was handed over is on disk. */
    public void flush() {
        try {
            writer.submit(() -> {}).get(30, TimeUnit.SECONDS);
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
        } catch (ExecutionException | TimeoutException late) {
            throw new IllegalStateException("The journal does not come to an end.", late);
        }
    }

    /** Ends; what is unsaved stays on disk for the next start. */
    @Override
    public void close() {
        end(false);
    }

    /** Ends and leaves nothing behind: everything is saved, or was given up on purpose. */
    public void closeClean() {
        end(true);
    }

    private void end(boolean clean) {
        if (!lock.isValid()) {
            return;
        }
        writer.shutdown();
        try {
            if (!writer.awaitTermination(10, TimeUnit.SECONDS)) {
                writer.shutdownNow();
            }
            journal.close();
            lock.release();
            lockFile.close();
            if (clean) {
                Rescues.remove(folder);
            }
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
        } catch (IOException leftover) {
            System.getLogger(Session.class.getName())
                    .log(System.Logger.Level.WARNING, "A session could not be closed: " + folder, leftover);
        }
    }
}
