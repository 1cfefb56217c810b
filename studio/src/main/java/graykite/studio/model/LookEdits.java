package graykite.studio.model;

import graykite.acting.LookBlock;
import graykite.acting.LookPoint;
import graykite.acting.LooksLayer;
import graykite.acting.LooksLayer.Ready;
import graykite.acting.LooksPlan;
import graykite.edit.LookEdit;
import graykite.project.Line;
import graykite.project.Member;
import graykite.time.TimeRange;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import javafx.beans.property.IntegerProperty;
import javafx.beans.property.SimpleIntegerProperty;

/** Where whoever speaks looks on the line: which look is chosen, and the edits of it. Every change undoes. */
public final class LookEdits {
    /** How long a look lasts that is put at the playhead, in seconds. */
    public static final double USUAL_LENGTH = 1.2;

    private final Workspace workspace;
    private final IntegerProperty chosen = new SimpleIntegerProperty(-1);

    LookEdits(Workspace workspace) {
        this.workspace = workspace;
        workspace.lineId().addListener((o, b, n) -> chosen.set(-1));
    }

    /** Which look of the line is chosen, -1 for none. */
    public IntegerProperty chosen() {
        return chosen;
    }

    /** The looks of the line where they stand in its reading, in the order of time. */
    public List<Ready> looks() {
        return workspace
                .line()
                .flatMap(l -> l.layers().first(LooksPlan.class))
                .map(p -> LooksLayer.placed(p.looks(), LineWords.of(workspace)))
                .orElse(List.of());
    }

    public Optional<Ready> look() {
        return looks().stream().filter(r -> r.index() == chosen.get()).findFirst();
    }

    /** What can be looked at: the usual points, and everybody else of the cast. */
    public List<LookPoint> points() {
        List<LookPoint> points = new ArrayList<>(LookPoint.USUAL);
        for (Member member : workspace.project().cast()) {
            if (!member.id().equals(workspace.speaker().id())) {
                points.add(new LookPoint.Person(member.id()));
            }
        }
        return points;
    }

    /** The name of a point as people know it. */
    public String nameOf(LookPoint point) {
        return point instanceof LookPoint.Person p
                ? workspace.project().member(p.member()).map(Member::name).orElse("Somebody who left")
                : point.name();
    }

    /** True when what is looked at is there: somebody else only where they share the stage. */
    public boolean isThere(LookPoint point) {
        return !(point instanceof LookPoint.Person p)
                || workspace.scene().get().stream()
                        .anyMatch(s -> IntStream.range(0, s.size())
                                .anyMatch(i -> s.role(i).member().equals(p.member())));
    }

    private LookEdit.AddLook adding(Line line, LookPoint point, TimeRange range) {
        return new LookEdit.AddLook(line.id(), range.start(), range.end(), point, LookBlock.USUAL_HEAD);
    }

    /** Lets whoever speaks look at something for a stretch, and chooses the look. */
    public void add(LookPoint point, TimeRange range) {
        Optional<Line> line = workspace.line();
        if (line.isEmpty()) {
            workspace.jobs().say("There is no line to look on.");
            return;
        }
        workspace.preview(Optional.empty());
        if (workspace.edit(adding(line.get(), point, range))) {
            looks().stream()
                    .filter(r -> Math.abs(r.start() - range.start()) < 1e-6)
                    .reduce((a, b) -> b)
                    .ifPresent(r -> chosen.set(r.index()));
        }
    }

    /** Where a look goes that is put at a time. */
    public TimeRange room(double at) {
        double end = workspace.sound().get().map(s -> s.sound().duration()).orElse(at + USUAL_LENGTH);
        double from = Math.clamp(at, 0, Math.max(0, end - 0.3));
        return new TimeRange(from, Math.max(from + 0.3, Math.min(end, from + USUAL_LENGTH)));
    }

    /** Shows the face as it would look there. */
    public void preview(LookPoint point, TimeRange range) {
        workspace.line().ifPresent(l -> workspace.preview(Optional.of(adding(l, point, range))));
    }

    /** Moves or stretches the chosen look. */
    public void place(double from, double to, long gesture) {
        double start = Math.max(0, from);
        look().ifPresent(r -> change(
                start, Math.max(start + 0.1, to), r.look().point(), r.look().head(), gesture));
    }

    /** Lets the chosen look go elsewhere. */
    public void point(LookPoint point) {
        point(point, 0);
    }

    /** As {@link #point(LookPoint)}, as part of a drag. */
    public void point(LookPoint point, long gesture) {
        look().ifPresent(r -> change(r.start(), r.end(), point, r.look().head(), gesture));
    }

    /** How much of the turn the head takes. */
    public void head(double share, long gesture) {
        look().ifPresent(r -> change(r.start(), r.end(), r.look().point(), share, gesture));
    }

    private void change(double from, double to, LookPoint point, double head, long gesture) {
        int at = chosen.get();
        workspace.editLine(gesture, l -> new LookEdit.ChangeLook(l, at, from, to, point, head));
        looks().stream()
                .filter(r ->
                        Math.abs(r.start() - from) < 1e-6 && r.look().point().equals(point))
                .findFirst()
                .ifPresent(r -> chosen.set(r.index()));
    }

    /** Removes the chosen look. @return false when none is chosen */
    public boolean delete() {
        boolean there = look().isPresent();
        int at = chosen.get();
        chosen.set(-1);
        if (there) {
            workspace.editLine(0, l -> new LookEdit.RemoveLook(l, at));
        }
        return there;
    }
}
