package graykite.studio.model;

import graykite.edit.SceneEdit;
import graykite.project.Line;
import graykite.project.Member;
import graykite.project.Project;
import graykite.project.SceneWork;
import graykite.scene.Stand;
import graykite.time.TimeRange;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.SimpleBooleanProperty;

/** The scene that is open: its blocks in time and who stands where. Every change undoes. */
public final class SceneEdits {
    private final Workspace workspace;
    private final BooleanProperty ripple = new SimpleBooleanProperty(false);

    SceneEdits(Workspace workspace) {
        this.workspace = workspace;
    }

    /** True while those that follow move along with a block. */
    public BooleanProperty ripple() {
        return ripple;
    }

    /** Makes a scene of lines, one after another, and opens it. */
    public void make(String title, List<Line> lines) {
        String id = Project.newId();
        long gesture = workspace.newGesture();
        workspace.edit(new SceneEdit.AddScene(id, title), gesture);
        double time = 0;
        for (Line line : lines) {
            workspace.edit(new SceneEdit.PlaceLine(id, line.id(), time), gesture);
            time += length(line) + SceneWork.USUAL_GAP;
        }
        if (!lines.isEmpty()) {
            workspace.lineId().set(lines.getFirst().id());
        }
        workspace.sceneId().set(id);
    }

    /** Length of a line in seconds; three where there is no reading yet. */
    public double length(Line line) {
        return line.timing().map(t -> t.duration()).orElse(3.0);
    }

    /** When a block is heard. */
    public TimeRange range(SceneWork.Block block) {
        double length = workspace.project().line(block.line()).map(this::length).orElse(1.0);
        return new TimeRange(block.start(), block.start() + length);
    }

    /** Puts a line at the end of the open scene, or opens a new scene of what is worked on and that line. */
    public void add(Line line) {
        Optional<SceneWork> open = workspace.openScene();
        if (open.isEmpty()) {
            List<Line> both = new ArrayList<>(workspace.line().stream().toList());
            both.removeIf(l -> l.id().equals(line.id()));
            both.add(line);
            make("Scene " + (workspace.project().scenes().size() + 1), both);
            return;
        }
        double end = open.get().blocks().stream()
                .mapToDouble(b -> range(b).end())
                .max()
                .orElse(-SceneWork.USUAL_GAP);
        workspace.edit(new SceneEdit.PlaceLine(open.get().id(), line.id(), end + SceneWork.USUAL_GAP));
    }

    public void move(String line, double start, long gesture) {
        workspace
                .openScene()
                .ifPresent(s -> workspace.edit(
                        new SceneEdit.MoveLine(s.id(), line, Math.max(0, start), ripple.get()), gesture));
    }

    public void takeOut(String line) {
        workspace.openScene().ifPresent(s -> workspace.edit(new SceneEdit.TakeOut(s.id(), line)));
    }

    public void rename(String title) {
        workspace
                .openScene()
                .filter(s -> !title.isBlank() && !title.equals(s.title()))
                .ifPresent(s -> workspace.edit(new SceneEdit.NameScene(s.id(), title)));
    }

    public void remove() {
        workspace.openScene().ifPresent(s -> {
            workspace.sceneId().set("");
            workspace.edit(new SceneEdit.RemoveScene(s.id()));
        });
    }

    /** Somebody joins who only listens; with no scene open, one is made of the line that is worked on. */
    public void join(Member member) {
        if (workspace.openScene().isEmpty()) {
            make(
                    "Scene " + (workspace.project().scenes().size() + 1),
                    workspace.line().stream().toList());
        }
        workspace.openScene().ifPresent(s -> {
            long gesture = workspace.newGesture();
            // Who speaks stands there by name too, so that the order is one that can be seen.
            for (String speaker : speakers(s)) {
                if (s.people().stream().noneMatch(p -> p.member().equals(speaker))) {
                    workspace.edit(new SceneEdit.PutOnStage(s.id(), speaker, Optional.empty()), gesture);
                }
            }
            workspace.edit(new SceneEdit.PutOnStage(s.id(), member.id(), Optional.empty()), gesture);
        });
    }

    public void leave(String member) {
        workspace.openScene().ifPresent(s -> workspace.edit(new SceneEdit.LeaveStage(s.id(), member)));
    }

    public void stand(String member, Optional<Stand> stand, long gesture) {
        workspace.openScene().ifPresent(s -> workspace.edit(new SceneEdit.PutOnStage(s.id(), member, stand), gesture));
    }

    /** Who speaks in a scene, in the order of their first words. */
    public List<String> speakers(SceneWork scene) {
        return scene.blocks().stream()
                .flatMap(b -> workspace.project().line(b.line()).stream())
                .map(l -> workspace.project().speakerOf(l).id())
                .distinct()
                .toList();
    }

    /** Everybody on the stage, by id, from left to right as they stand without places of their own. */
    public List<String> people(SceneWork scene) {
        List<String> all = new ArrayList<>(
                scene.people().stream().map(SceneWork.Standing::member).toList());
        speakers(scene).stream().filter(s -> !all.contains(s)).forEach(all::add);
        return all;
    }

    /** Number of the frame at which what is open begins: the line's own; a scene begins at 0. */
    public long startFrame() {
        return workspace.openScene().isPresent()
                ? 0
                : workspace.line().map(s -> s.voice().startFrame()).orElse(0L);
    }
}
