package graykite.studio.model;

import graykite.edit.CastEdit;
import graykite.project.Member;
import graykite.rig.Channel;
import graykite.rig.Character;
import graykite.rig.Couplings;
import graykite.rig.Pose;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.function.UnaryOperator;
import javafx.application.Platform;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleObjectProperty;

/**
 * The member of the cast that is looked at, and the face that is tried on it with sliders and poses. A trial is no part of
 * the project until it is saved as a pose or keyed.
 */
public final class Trial {
    private final Workspace workspace;
    private final ObjectProperty<String> memberId = new SimpleObjectProperty<>("");
    private final ReadOnlyObjectWrapper<Optional<Character>> figure = new ReadOnlyObjectWrapper<>(Optional.empty());
    private final ReadOnlyObjectWrapper<Optional<Character>> seen = new ReadOnlyObjectWrapper<>(Optional.empty());
    private final ReadOnlyObjectWrapper<double[]> values = new ReadOnlyObjectWrapper<>(new double[0]);
    private final ObjectProperty<String> pose = new SimpleObjectProperty<>("");
    private final BooleanProperty onStage = new SimpleBooleanProperty(false);
    private Optional<Member> shown = Optional.empty();

    public Trial(Workspace workspace) {
        this.workspace = workspace;
        workspace.history().addListener((o, b, n) -> refresh());
        workspace.lineId().addListener((o, b, n) -> {
            // Another line brings its own speaker up.
            memberId.set(workspace.speaker().id());
            refresh();
        });
        memberId.addListener((o, b, n) -> refresh());
        figure.addListener((o, b, n) -> seen.set(n));
        refresh();
    }

    /** The member that is looked at. */
    public ObjectProperty<String> memberId() {
        return memberId;
    }

    public Member member() {
        return workspace.project().member(memberId.get()).orElse(workspace.speaker());
    }

    /** Its figure, once it is there. */
    public ReadOnlyObjectProperty<Optional<Character>> figure() {
        return figure.getReadOnlyProperty();
    }

    /** True while the face that is tried is what the stage shows on desks other than Cast. */
    public BooleanProperty onStage() {
        return onStage;
    }

    /** Its figure as it is looked at: while it is shaped, a sketch of what it will be. */
    public ReadOnlyObjectProperty<Optional<Character>> seen() {
        return seen.getReadOnlyProperty();
    }

    /** Shows a sketch of the figure until it is there itself. */
    void sketch(Character sketch) {
        if (figure.get()
                .filter(f -> f.channels().size() == sketch.channels().size())
                .isPresent()) {
            seen.set(Optional.of(sketch));
        }
    }

    /** The values that are tried, before couplings. */
    public ReadOnlyObjectProperty<double[]> values() {
        return values.getReadOnlyProperty();
    }

    /** Name of the pose that was chosen last, empty for none. */
    public ObjectProperty<String> pose() {
        return pose;
    }

    /** The values with couplings applied: what the face shows. */
    public double[] shownValues() {
        double[] now = values.get().clone();
        figure.get().ifPresent(f -> new Couplings(f).apply(now));
        return now;
    }

    private void refresh() {
        Member now = member();
        if (shown.map(m -> m == now).orElse(false)) {
            return;
        }
        boolean same = shown.map(m -> m.id().equals(now.id())).orElse(false);
        shown = Optional.of(now);
        CompletableFuture<Character> coming = workspace.figures().of(now);
        if (coming.isDone() && !coming.isCompletedExceptionally()) {
            show(coming.join(), same);
            return;
        }
        coming.whenComplete((f, failure) -> Platform.runLater(() -> {
            if (failure != null) {
                workspace.jobs().say(Jobs.explain("Opening " + now.name(), failure));
            } else if (shown.map(m -> m == now).orElse(false)) {
                show(f, same);
            }
        }));
    }

    private void show(Character now, boolean keep) {
        double[] fresh = new double[now.channels().size()];
        if (!keep || values.get().length != fresh.length) {
            pose.set("");
            figure.set(Optional.of(now));
            values.set(fresh);
        } else {
            figure.set(Optional.of(now));
        }
    }

    /** Sets one channel. */
    public void set(int channel, double value) {
        double[] changed = values.get().clone();
        Channel c = figure.get().orElseThrow().channels().get(channel);
        changed[channel] = Math.clamp(value, c.min(), c.max());
        values.set(changed);
    }

    /** Shows a pose of the library. */
    public void show(String name) {
        figure.get().ifPresent(f -> {
            pose.set(name);
            values.set(f.values(f.poses().getOrDefault(name, Pose.REST)));
        });
    }

    /** Shows any values. */
    public void show(double[] newValues) {
        values.set(newValues.clone());
    }

    public void rest() {
        pose.set("");
        figure.get().ifPresent(f -> values.set(new double[f.channels().size()]));
    }

    /** What is tried, as a pose. */
    public Pose asPose() {
        return figure.get().map(f -> Pose.of(f, values.get())).orElse(Pose.REST);
    }

    // --- decisions about the member, each an edit that undoes ------------------------------------------------------

    /** Changes the library of the member. */
    public void editLibrary(String name, UnaryOperator<Member.Library> change) {
        figure.get().ifPresent(f -> {
            Member.Library now = member().library().orElseGet(() -> Member.Library.of(f));
            workspace.edit(new CastEdit.SetLibrary(member().id(), change.apply(now), name));
        });
    }

    /** Adds or replaces a pose. */
    public void keepPose(String name, Pose kept) {
        editLibrary("Save pose " + name, l -> {
            Map<String, Pose> poses = new HashMap<>(l.poses());
            poses.put(name, kept);
            return l.withPoses(poses);
        });
        pose.set(name);
    }

    public void removePose(String name) {
        editLibrary("Delete pose " + name, l -> {
            Map<String, Pose> poses = new HashMap<>(l.poses());
            poses.remove(name);
            return l.withPoses(poses);
        });
    }

    public void renamePose(String from, String to) {
        editLibrary("Rename pose", l -> {
            Map<String, Pose> poses = new HashMap<>(l.poses());
            Optional.ofNullable(poses.remove(from)).ifPresent(p -> poses.put(to, p));
            return l.withPoses(poses);
        });
    }
}
