package graykite.studio.model;

import graykite.acting.PassesLayer;
import graykite.acting.PassesLayer.Ready;
import graykite.acting.PassesPlan;
import graykite.acting.Performed;
import graykite.edit.PassEdit;
import graykite.edit.ProjectEdit;
import graykite.motion.Motion;
import graykite.project.Line;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;

/** The live passes and captures on the line: which is chosen, and the edits of it. Every change undoes. */
public final class PassEdits {
    /** The least of a motion that is shown, in seconds. */
    private static final double LEAST = 0.02;

    private final Workspace workspace;
    private final ObjectProperty<Optional<Choice>> chosen = new SimpleObjectProperty<>(Optional.empty());

    private final KeyEdits keys;

    /** A pass of the line. @param layer name of its layer @param pass index on it */
    public record Choice(String layer, int pass) {}

    /** A pass where it stands in the reading. */
    public record Placed(Choice choice, boolean muted, Ready ready) {}

    PassEdits(Workspace workspace) {
        this.workspace = workspace;
        workspace.lineId().addListener((o, b, n) -> chosen.set(Optional.empty()));
        keys = new KeyEdits(workspace, this);
    }

    /** The keys of passes: any channel of the face. */
    public KeyEdits keys() {
        return keys;
    }

    public ObjectProperty<Optional<Choice>> chosen() {
        return chosen;
    }

    /** Every pass of the line, the lowest first. */
    public List<Placed> all() {
        return workspace.line().map(Line::layers).stream()
                .flatMap(l -> l.plans().stream())
                .filter(PassesPlan.class::isInstance)
                .map(PassesPlan.class::cast)
                .flatMap(p -> PassesLayer.placed(p.passes(), LineWords.of(workspace)).stream()
                        .map(r -> new Placed(
                                new Choice(p.setting().name(), r.index()),
                                p.setting().muted(),
                                r)))
                .toList();
    }

    /** The chosen pass where it stands. */
    public Optional<Ready> pass() {
        return chosen.get()
                .flatMap(c -> all().stream()
                        .filter(p -> p.choice().equals(c))
                        .map(Placed::ready)
                        .findFirst());
    }

    /** Chooses the pass of a performance that was laid just now. */
    public void choose(Performed laid) {
        all().stream()
                .filter(p -> p.ready().pass().what() == laid)
                .reduce((a, b) -> b)
                .ifPresent(p -> chosen.set(Optional.of(p.choice())));
    }

    /** Moves or stretches the chosen pass. */
    public void place(double from, double to, long gesture) {
        double start = Math.max(0, from);
        pass().ifPresent(r ->
                change(start, Math.max(start + PassesLayer.LEAST, to), PassEdit.Look.of(r.pass()), gesture));
    }

    /** Shows less or more of what the chosen pass performs, at the speed that it has. */
    public void trim(double from, double to, long gesture) {
        pass().ifPresent(r -> {
            PassEdit.Look look = PassEdit.Look.of(r.pass());
            Performed what = look.what();
            double speed = what.length() / (r.end() - r.start());
            double last = what.motion().duration();
            double begins = Math.clamp(what.from() + (from - r.start()) * speed, 0, Math.max(0, last - 2 * LEAST));
            double ends = Math.clamp(what.to() + (to - r.end()) * speed, begins + LEAST, last);
            Performed less = new Performed(what.name(), what.motion(), begins, ends);
            change(
                    Math.max(0, r.start() + (begins - what.from()) / speed),
                    r.end() + (ends - what.to()) / speed,
                    new PassEdit.Look(less, look.adds(), look.ease(), look.mouth(), look.weights()),
                    gesture);
        });
    }

    /** Changes the chosen pass apart from where it stands. */
    public void look(long gesture, UnaryOperator<PassEdit.Look> change) {
        pass().ifPresent(r -> change(r.start(), r.end(), change.apply(PassEdit.Look.of(r.pass())), gesture));
    }

    /** What the chosen pass performs becomes something else. */
    public void what(long gesture, UnaryOperator<Performed> change) {
        look(gesture, l -> new PassEdit.Look(change.apply(l.what()), l.adds(), l.ease(), l.mouth(), l.weights()));
    }

    private void change(double from, double to, PassEdit.Look look, long gesture) {
        Choice now = chosen.get().orElseThrow();
        workspace.editLine(gesture, l -> new PassEdit.ChangePass(l, now.layer(), now.pass(), from, to, look));
    }

    /** The chosen pass performs something longer, at its own speed. */
    public void extend(Motion motion) {
        pass().ifPresent(r -> {
            PassEdit.Look look = PassEdit.Look.of(r.pass());
            Performed what = Performed.whole(look.what().name(), motion);
            change(
                    r.start(),
                    r.start() + motion.duration(),
                    new PassEdit.Look(what, look.adds(), look.ease(), look.mouth(), look.weights()),
                    0);
        });
    }

    /** Keeps what the chosen pass performs for other lines and characters. */
    public void keep(String name) {
        pass().ifPresent(r ->
                workspace.edit(new ProjectEdit.KeepPerformance(r.pass().what().named(name))));
    }

    /** Removes the chosen pass. @return false when none is chosen */
    public boolean delete() {
        Optional<Choice> now = chosen.get().filter(c -> pass().isPresent());
        chosen.set(Optional.empty());
        now.ifPresent(c -> workspace.editLine(0, l -> new PassEdit.RemovePass(l, c.layer(), c.pass())));
        return now.isPresent();
    }
}
