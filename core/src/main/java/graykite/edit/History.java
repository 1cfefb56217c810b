package graykite.edit;

import static graykite.base.Require.requireThat;

import graykite.base.BadInput;
import graykite.project.Project;
import java.util.ArrayList;
import java.util.List;

/**
 * The states that a project went through and the edits between them, for undo, redo and jumping about. States share what
 * did not change, so hundreds cost little.
 *
 * @param steps oldest first, never empty
 * @param at index of the present one
 */
public record History(List<Step> steps, int at) {
    /** Steps that are kept; the oldest go first. */
    public static final int MOST = 400;

    /** An edit, and the project after it. */
    public record Done(Edit edit, Project after) {}

    /**
     * What undoes as one: one edit, or those of one gesture such as a drag.
     *
     * @param project after all of them
     * @param done in order; empty for the state that the history begins with
     * @param gesture other than 0 while edits of the same number join in
     */
    public record Step(Project project, List<Done> done, long gesture) {
        public Step {
            done = List.copyOf(done);
        }

        /** In words; empty for the beginning. */
        public String name() {
            if (done.isEmpty()) {
                return "";
            }
            String first = done.getFirst().edit().inWords();
            return done.size() == 1 ? first : first + " and " + (done.size() - 1) + " more";
        }
    }

    public History {
        steps = List.copyOf(steps);
        requireThat(at >= 0 && at < steps.size(), "The present is one of the steps.");
    }

    public static History of(Project project) {
        return new History(List.of(new Step(project, List.of(), 0)), 0);
    }

    public Project present() {
        return steps.get(at).project();
    }

    /**
     * After an edit; what was undone before it is forgotten. The same history when nothing changes.
     *
     * @throws BadInput when the edit cannot be done
     */
    public History edited(Edit edit) {
        return edited(edit, 0);
    }

    /**
     * After an edit that may be part of a gesture.
     *
     * @param gesture 0 for none. An edit with the number of the last step joins it, and takes the place of one that was about
     *     the same thing: a drag is as if it had gone straight to where it ends
     * @throws BadInput when the edit cannot be done
     */
    public History edited(Edit edit, long gesture) {
        Step now = steps.get(at);
        boolean joins = gesture != 0 && at > 0 && now.gesture() == gesture;
        List<Done> done = new ArrayList<>(joins ? now.done() : List.of());
        Project before = present();
        if (joins && Target.same(done.getLast().edit(), edit)) {
            done.removeLast();
            before = done.isEmpty()
                    ? steps.get(at - 1).project()
                    : done.getLast().after();
        }
        Project after = edit.apply(before);
        if (after == present()) {
            return this;
        }
        done.add(new Done(edit, after));
        List<Step> kept = new ArrayList<>(steps.subList(0, joins ? at : at + 1));
        kept.add(new Step(after, done, gesture));
        if (kept.size() > MOST) {
            kept.removeFirst();
        }
        return new History(kept, kept.size() - 1);
    }

    public boolean canUndo() {
        return at > 0;
    }

    public boolean canRedo() {
        return at + 1 < steps.size();
    }

    public History undone() {
        return canUndo() ? new History(steps, at - 1) : this;
    }

    public History redone() {
        return canRedo() ? new History(steps, at + 1) : this;
    }

    /** At another of its steps. */
    public History jumped(int step) {
        return new History(steps, step);
    }

    /** What undo would take back; empty when there is nothing. */
    public String undoName() {
        return canUndo() ? steps.get(at).name() : "";
    }

    /** What redo would bring again; empty when there is nothing. */
    public String redoName() {
        return canRedo() ? steps.get(at + 1).name() : "";
    }

    /** The edits of some steps, in order, as a script could hold them. @param from first step, 1 for the first edit */
    public List<Edit> edits(int from, int to) {
        return steps.subList(from, to).stream()
                .flatMap(s -> s.done().stream())
                .map(Done::edit)
                .toList();
    }
}
