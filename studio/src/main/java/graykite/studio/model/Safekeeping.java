package graykite.studio.model;

import graykite.edit.Edit;
import graykite.edit.History;
import graykite.session.ProjectLock;
import graykite.session.Rescues;
import graykite.session.Session;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.application.Platform;

/**
 * Keeps unsaved work on disk while it is made, finds what earlier sessions left behind, and tells others that a project is
 * open. Lives on the JavaFX thread; writing goes on elsewhere.
 */
public final class Safekeeping implements AutoCloseable {
    private final OpenProject workspace;
    private final Rescues rescues;
    private final Session session;
    private Optional<ProjectLock> lock = Optional.empty();
    private Optional<Path> locked = Optional.empty();
    private Optional<String> holder = Optional.empty();

    Safekeeping(OpenProject workspace, Path folder) {
        this.workspace = workspace;
        this.rescues = new Rescues(folder);
        rescues.tidy();
        this.session = new Session(
                folder, text -> Platform.runLater(() -> workspace.jobs().say(text)));
    }

    /** What can be brought back. */
    public List<Rescues.Rescue> rescues() {
        return rescues.list();
    }

    /** Brings the work of an earlier session back, undo included; it is forgotten once this session has it on disk. */
    public void restore(Rescues.Rescue rescue, Runnable restored) {
        workspace
                .jobs()
                .start(
                        Jobs.Lane.FILES,
                        "Bringing back \"" + rescue.title() + "\"",
                        progress -> rescues.restore(rescue),
                        history -> {
                            workspace.replaceHistory(history, rescue.file(), false);
                            workspace.jobs().say("Brought back: " + rescue.title() + ". Save it to keep it.");
                            forgetOnceKept(rescue);
                            restored.run();
                        },
                        () -> {});
    }

    private void forgetOnceKept(Rescues.Rescue rescue) {
        Thread.ofPlatform().daemon().name("kite-rescue").start(() -> {
            session.flush();
            rescues.forget(rescue);
        });
    }

    void did(Edit edit, long gesture) {
        session.did(edit, gesture, history(), workspace.file().get());
    }

    void jumped() {
        session.jumped(history(), workspace.file().get());
    }

    /** Another project is open, or this one was saved. */
    void began(boolean isSaved) {
        session.begin(history(), workspace.file().get(), !isSaved);
        takeLock();
    }

    private History history() {
        return workspace.history().get();
    }

    private void takeLock() {
        Optional<Path> file = workspace.file().get();
        if (file.equals(locked)) {
            return;
        }
        lock.ifPresent(ProjectLock::close);
        locked = file;
        holder = file.flatMap(ProjectLock::holder);
        lock = holder.isPresent() ? Optional.empty() : file.flatMap(f -> ProjectLock.take(f, who()));
        holder.ifPresent(who -> workspace
                .jobs()
                .say(who + " has this project open. You can look and try things out; save under another name."));
    }

    private static String who() {
        return System.getProperty("user.name") + " (process "
                + ProcessHandle.current().pid() + ")";
    }

    /** Who else has the project open; it may then only be saved under another name. */
    public Optional<String> holder() {
        return holder;
    }

    /** All is saved, or was given up on purpose: nothing needs to be brought back. */
    public void closeClean() {
        lock.ifPresent(ProjectLock::close);
        lock = Optional.empty();
        session.closeClean();
    }

    @Override
    public void close() {
        lock.ifPresent(ProjectLock::close);
        lock = Optional.empty();
        session.close();
    }
}
