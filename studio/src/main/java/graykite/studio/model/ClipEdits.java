package graykite.studio.model;

import graykite.acting.Clip;
import graykite.acting.ClipsLayer;
import graykite.acting.ClipsPlan;
import graykite.acting.Performed;
import graykite.edit.ClipEdit;
import graykite.project.Line;
import graykite.rig.Pose;
import graykite.time.TimeRange;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.beans.property.IntegerProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleIntegerProperty;
import javafx.beans.property.SimpleObjectProperty;

/** The expressions on the line: which is chosen, and the edits of it. Every change undoes. */
public final class ClipEdits {
    /** How long a clip lasts that is put at the playhead, in seconds. */
    public static final double USUAL_LENGTH = 1.6;

    private final Workspace workspace;
    private final ObjectProperty<Optional<Choice>> chosen = new SimpleObjectProperty<>(Optional.empty());

    private final IntegerProperty opened = new SimpleIntegerProperty();

    /** A clip of the line. @param layer name of its layer @param clip index on it */
    public record Choice(String layer, int clip) {}

    /** The clips of one layer, in the order of time, where they stand in the reading. */
    public record Lane(String layer, boolean muted, List<ClipsLayer.Ready> clips) {}

    ClipEdits(Workspace workspace) {
        this.workspace = workspace;
        workspace.lineId().addListener((o, b, n) -> chosen.set(Optional.empty()));
    }

    public ObjectProperty<Optional<Choice>> chosen() {
        return chosen;
    }

    /** Goes up whenever somebody wants the chosen clip's sliders: a double-click on the sheet. */
    public IntegerProperty opened() {
        return opened;
    }

    /** What the chosen clip shows becomes its own. */
    public void become(Pose pose) {
        look(0, l -> l.withContent(new Clip.Own(l.content().name(), pose)));
    }

    /** A lane for each layer of the line that holds clips, the lowest first. */
    public List<Lane> lanes() {
        return workspace.line().map(Line::layers).stream()
                .flatMap(l -> l.plans().stream())
                .filter(ClipsPlan.class::isInstance)
                .map(ClipsPlan.class::cast)
                .map(p -> new Lane(
                        p.setting().name(), p.setting().muted(), ClipsLayer.placed(p.clips(), LineWords.of(workspace))))
                .toList();
    }

    /** The chosen clip where it stands. */
    public Optional<ClipsLayer.Ready> clip() {
        return chosen.get()
                .flatMap(c -> lanes().stream()
                        .filter(l -> l.layer().equals(c.layer()))
                        .flatMap(l -> l.clips().stream())
                        .filter(r -> r.index() == c.clip())
                        .findFirst());
    }

    private static ClipEdit.AddClip adding(Line line, Clip.Look look, TimeRange range) {
        return new ClipEdit.AddClip(line.id(), "", range.start(), range.end(), look);
    }

    /** Puts an expression on a stretch and chooses it. */
    public void add(String pose, TimeRange range) {
        add(Clip.Look.of(pose), range);
    }

    /** Puts a performance on a stretch, to be eased, stretched and crossed as an expression is, and chooses it. */
    public void add(Performed what, TimeRange range) {
        add(Clip.Look.of(what.name()).withContent(what), range);
    }

    private void add(Clip.Look look, TimeRange range) {
        Optional<Line> line = workspace.line();
        if (line.isEmpty()) {
            workspace.jobs().say("There is no line to put an expression on.");
            return;
        }
        endPreview();
        if (workspace.edit(adding(line.get(), look, range))) {
            lanes().stream()
                    .findFirst()
                    .flatMap(l -> l.clips().stream()
                            .filter(r -> Math.abs(r.start() - range.start()) < 1e-6
                                    && r.clip().look().equals(look))
                            .reduce((a, b) -> b)
                            .map(r -> new Choice(l.layer(), r.index())))
                    .ifPresent(c -> chosen.set(Optional.of(c)));
        }
    }

    /** Where an expression goes that is put at a time: not beyond the end of the line. */
    public TimeRange room(double at) {
        return room(at, USUAL_LENGTH);
    }

    /** As {@link #room(double)}, for something that lasts so many seconds. */
    public TimeRange room(double at, double length) {
        double end = workspace.sound().get().map(s -> s.sound().duration()).orElse(at + length);
        double from = Math.clamp(at, 0, Math.max(0, end - 4 * ClipsLayer.LEAST));
        return new TimeRange(from, Math.max(from + 4 * ClipsLayer.LEAST, Math.min(end, from + length)));
    }

    /** Shows the face with an expression that is not put on the line yet. */
    public void preview(String pose, TimeRange range) {
        workspace.line().ifPresent(l -> workspace.preview(Optional.of(adding(l, Clip.Look.of(pose), range))));
    }

    public void endPreview() {
        workspace.preview(Optional.empty());
    }

    /** Moves or stretches the chosen clip. */
    public void place(double from, double to, long gesture) {
        double start = Math.max(0, from);
        clip().ifPresent(r ->
                change(start, Math.max(start + ClipsLayer.LEAST, to), r.clip().look(), gesture));
    }

    /** Changes what is seen of the chosen clip. */
    public void look(long gesture, UnaryOperator<Clip.Look> change) {
        clip().ifPresent(r -> change(r.start(), r.end(), change.apply(r.clip().look()), gesture));
    }

    private void change(double from, double to, Clip.Look look, long gesture) {
        Choice now = chosen.get().orElseThrow();
        workspace.editLine(gesture, l -> new ClipEdit.ChangeClip(l, now.layer(), now.clip(), from, to, look));
        // Clips are kept in the order in which they began: the chosen one may have passed another.
        lanes().stream()
                .filter(l -> l.layer().equals(now.layer()))
                .flatMap(l -> l.clips().stream())
                .filter(r ->
                        Math.abs(r.start() - from) < 1e-6 && r.clip().look().equals(look))
                .findFirst()
                .ifPresent(r -> chosen.set(Optional.of(new Choice(now.layer(), r.index()))));
    }

    /** Takes the chosen clip off the library: what is changed there no longer changes it. */
    public void makeOwn() {
        clip().ifPresent(r -> {
            Clip.Content content = r.clip().look().content();
            Pose pose = workspace
                    .performance()
                    .get()
                    .map(p -> content.on(p.character()))
                    .orElse(Pose.REST);
            look(0, l -> l.withContent(new Clip.Own(content.name(), pose)));
        });
    }

    /** Ties the chosen clip to an expression of the library. */
    public void link(String pose) {
        look(0, l -> l.withContent(new Clip.Linked(pose)));
    }

    /** Removes the chosen clip. @return false when none is chosen */
    public boolean delete() {
        Optional<Choice> now = chosen.get().filter(c -> clip().isPresent());
        chosen.set(Optional.empty());
        now.ifPresent(c -> workspace.editLine(0, l -> new ClipEdit.RemoveClip(l, c.layer(), c.clip())));
        return now.isPresent();
    }
}
