package graykite.studio.model;

import graykite.acting.Instincts.Kind;
import graykite.acting.InstinctsPlan;
import graykite.acting.LifeMarks;
import graykite.acting.LifeMarks.Placed;
import graykite.acting.Mark;
import graykite.edit.MarkEdit;
import graykite.reading.WordFinder;
import graykite.scene.Performance;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;

/**
 * What the face does by itself, mark by mark: which is chosen, and the edits of it. The first touch takes its kind over; Vary
 * leaves it alone from then on, until it is given back. Every change undoes.
 */
public final class MarkEdits {
    private final Workspace workspace;
    private final ObjectProperty<Optional<Choice>> chosen = new SimpleObjectProperty<>(Optional.empty());

    /** A mark of the line. @param index among the marks of its kind */
    public record Choice(Kind kind, int index) {}

    MarkEdits(Workspace workspace) {
        this.workspace = workspace;
        workspace.lineId().addListener((o, b, n) -> chosen.set(Optional.empty()));
    }

    public ObjectProperty<Optional<Choice>> chosen() {
        return chosen;
    }

    private Optional<InstinctsPlan> plan() {
        return workspace.line().flatMap(l -> l.layers().first(InstinctsPlan.class));
    }

    /** True once the marks of a kind are the hand's. */
    public boolean isOwn(Kind kind) {
        return plan().map(p -> p.own().containsKey(kind)).orElse(false);
    }

    /** The marks of a kind as they are now, made by itself or by hand, in the order of time. */
    public List<Placed> marks(Kind kind) {
        return LifeMarks.placed(raw(kind), kind, words());
    }

    private WordFinder words() {
        return LineWords.of(workspace);
    }

    private List<Mark> raw(Kind kind) {
        Optional<InstinctsPlan> plan = plan();
        if (plan.isPresent() && plan.get().own().containsKey(kind)) {
            return plan.get().own().get(kind);
        }
        return workspace
                .performance()
                .get()
                .flatMap(Performance::life)
                .map(l -> LifeMarks.of(l, kind, words()))
                .orElse(List.of());
    }

    /** The chosen mark where it stands. */
    public Optional<Placed> mark() {
        return chosen.get()
                .flatMap(c -> marks(c.kind()).stream()
                        .filter(p -> p.index() == c.index())
                        .findFirst());
    }

    /** What is generated of a kind becomes marks; nothing when it is the hand's already. @return false when it cannot */
    private boolean take(Kind kind, long gesture) {
        if (plan().isEmpty()) {
            workspace.jobs().say("The line has no layer for what the face does by itself.");
            return false;
        }
        List<Mark> now = raw(kind);
        return isOwn(kind) || workspace.editLine(gesture, l -> new MarkEdit.TakeMarks(l, kind, now));
    }

    /** Takes a kind over. */
    public void takeOver(Kind kind) {
        take(kind, 0);
    }

    /** Lets a kind come by itself again. */
    public void giveBack(Kind kind) {
        chosen.set(Optional.empty());
        workspace.editLine(0, l -> new MarkEdit.GiveBackMarks(l, kind));
    }

    /** Adds a usual one at a time and chooses it. @param time seconds of the line */
    public void add(Kind kind, double time) {
        long gesture = workspace.newGesture();
        if (!take(kind, gesture)) {
            return;
        }
        List<Double> usual = Mark.figures(kind).stream().map(Mark.Figure::usual).toList();
        if (workspace.editLine(gesture, l -> new MarkEdit.AddMark(l, kind, time, usual))) {
            chosen.set(Optional.of(new Choice(kind, raw(kind).size() - 1)));
        }
    }

    /** Moves the chosen mark. @param time seconds of the line */
    public void move(double time, long gesture) {
        mark().ifPresent(m -> change(Math.max(0, time), m.mark().figures(), gesture));
    }

    /** Changes a figure of the chosen mark. @param figure its index among those of the kind */
    public void set(int figure, double value, long gesture) {
        mark().ifPresent(m -> {
            List<Double> figures = new ArrayList<>(m.mark().figures());
            figures.set(figure, value);
            change(m.time(), figures, gesture);
        });
    }

    private void change(double time, List<Double> figures, long gesture) {
        Choice now = chosen.get().orElseThrow();
        if (take(now.kind(), gesture)) {
            workspace.editLine(gesture, l -> new MarkEdit.ChangeMark(l, now.kind(), now.index(), time, figures));
        }
    }

    /** Removes the chosen mark. @return false when none is chosen */
    public boolean delete() {
        Optional<Choice> now = chosen.get().filter(c -> mark().isPresent());
        chosen.set(Optional.empty());
        now.ifPresent(c -> {
            long gesture = workspace.newGesture();
            if (take(c.kind(), gesture)) {
                workspace.editLine(gesture, l -> new MarkEdit.RemoveMark(l, c.kind(), c.index()));
            }
        });
        return now.isPresent();
    }
}
