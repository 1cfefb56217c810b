package graykite.studio.model;

import graykite.base.BadInput;
import graykite.edit.Edit;
import graykite.edit.History;
import graykite.project.Project;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.collections.FXCollections;
import javafx.collections.ObservableMap;

/** The project that is open: its history, edits of it, undo, and where it is saved. Lives on the JavaFX thread. */
public abstract sealed class OpenProject permits Workspace {
    private final Jobs jobs;
    private final Settings settings;
    private final ReadOnlyObjectWrapper<History> history = new ReadOnlyObjectWrapper<>(History.of(Project.empty()));
    private final ReadOnlyObjectWrapper<Optional<Path>> file = new ReadOnlyObjectWrapper<>(Optional.empty());
    private final ReadOnlyObjectWrapper<Project> saved =
            new ReadOnlyObjectWrapper<>(history.get().present());
    private final ObservableMap<String, String> problems = FXCollections.observableHashMap();
    private final ReadOnlyObjectWrapper<List<Edit>> tried = new ReadOnlyObjectWrapper<>(List.of());
    private final Safekeeping safekeeping;
    private long gestures;

    OpenProject(Jobs jobs, Settings settings) {
        this.jobs = jobs;
        this.settings = settings;
        this.safekeeping = new Safekeeping(this, settings.sessionFolder());
    }

    /** Another project is about to be open: what was chosen in the one before is forgotten. */
    abstract void begin(Project project);

    public Jobs jobs() {
        return jobs;
    }

    public Settings settings() {
        return settings;
    }

    public ReadOnlyObjectProperty<History> history() {
        return history.getReadOnlyProperty();
    }

    public Project project() {
        return history.get().present();
    }

    public ReadOnlyObjectProperty<Optional<Path>> file() {
        return file.getReadOnlyProperty();
    }

    public ReadOnlyObjectProperty<Project> savedProject() {
        return saved.getReadOnlyProperty();
    }

    public boolean dirty() {
        return saved.get() != project();
    }

    /** Keeps unsaved work on disk, and tells others that a project is open. */
    public Safekeeping safekeeping() {
        return safekeeping;
    }

    /** What went wrong with lines, by their ids. */
    public ObservableMap<String, String> problems() {
        return problems;
    }

    // --- editing -------------------------------------------------------------------------------------------------

    /**
     * Shows what an edit would come to, without doing it; nothing for the project as it is. Any real edit ends it.
     *
     * @param edit one that cannot be done shows the project as it is
     */
    public void preview(Optional<Edit> edit) {
        previewAll(edit.map(List::of).orElse(List.of()));
    }

    /** Shows what several edits would come to, one after another; with none, the project as it is. */
    public void previewAll(List<Edit> edits) {
        if (!tried.get().equals(edits)) {
            tried.set(edits);
        }
    }

    /** The edits that are shown without being done. */
    ReadOnlyObjectProperty<List<Edit>> tried() {
        return tried.getReadOnlyProperty();
    }

    /** The project as it is seen: with the edits that are tried. */
    Project seen() {
        try {
            Project seen = project();
            for (Edit edit : tried.get()) {
                seen = edit.apply(seen);
            }
            return seen;
        } catch (BadInput cannot) {
            return project();
        }
    }

    /** A number that ties the edits of one drag together. */
    public long newGesture() {
        return ++gestures;
    }

    /** Does an edit. @return false when it cannot be done; the user is told why */
    public boolean edit(Edit edit) {
        return edit(edit, 0);
    }

    /** Does an edit that is part of a gesture. */
    public boolean edit(Edit edit, long gesture) {
        try {
            History after = history.get().edited(edit, gesture);
            if (after != history.get()) {
                history.set(after);
                safekeeping.did(edit, gesture);
            }
            return true;
        } catch (BadInput refused) {
            jobs.say(refused.getMessage());
            return false;
        }
    }

    public void undo() {
        if (history.get().canUndo()) {
            jobs.say("Undone: " + history.get().undoName());
            jump(history.get().at() - 1);
        }
    }

    public void redo() {
        if (history.get().canRedo()) {
            jobs.say("Done again: " + history.get().redoName());
            jump(history.get().at() + 1);
        }
    }

    /** Goes to another step of the history. */
    public void jump(int step) {
        if (step != history.get().at()) {
            history.set(history.get().jumped(step));
            safekeeping.jumped();
        }
    }

    // --- files ---------------------------------------------------------------------------------------------------

    public void replaceProject(Project project, Optional<Path> from) {
        replaceHistory(History.of(project), from, true);
    }

    /**
     * Goes on with another history, as it was opened or rescued.
     *
     * @param isSaved true when its present state is what the file holds
     */
    public void replaceHistory(History opened, Optional<Path> from, boolean isSaved) {
        problems.clear();
        file.set(from);
        Project project = opened.present();
        saved.set(isSaved ? project : opened.steps().getFirst().project());
        begin(project);
        history.set(opened);
        safekeeping.began(isSaved);
    }

    /** Remembers that the project is now this file. */
    void savedAs(Path path, Project project) {
        file.set(Optional.of(path));
        saved.set(project);
        settings.addRecent(path);
        safekeeping.began(project == project());
    }
}
