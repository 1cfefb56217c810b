package graykite.project;

import static graykite.base.Require.requireThat;

import java.util.ArrayList;
import java.util.List;

/**
 * The states that a project went through, for undo and redo. States share what did not change, so hundreds cost little.
 *
 * @param steps oldest first, never empty
 * @param at index of the present one
 */
public record History(List<Step> steps, int at) {
    private static final int MOST = 400;

    /**
     * A state and the edit that led to it.
     *
     * @param edit in words, such as "Move boundary"; edits of one gesture share a gesture number and undo as one
     */
    public record Step(Project project, String edit, long gesture) {}

    public History {
        steps = List.copyOf(steps);
        requireThat(at >= 0 && at < steps.size(), "The present is one of the steps.");
    }

    public static History of(Project project) {
        return new History(List.of(new Step(project, "", 0)), 0);
    }

    public Project present() {
        return steps.get(at).project();
    }

    /** After an edit; what was undone before it is forgotten. */
    public History edited(Project project, String edit) {
        return edited(project, edit, 0);
    }

    /**
     * After an edit that is part of a gesture such as a drag.
     *
     * @param gesture other than 0; an edit with the same number as the last replaces it
     */
    public History edited(Project project, String edit, long gesture) {
        boolean replaces = gesture != 0 && at > 0 && steps.get(at).gesture() == gesture;
        List<Step> kept = new ArrayList<>(steps.subList(0, replaces ? at : at + 1));
        kept.add(new Step(project, edit, gesture));
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

    /** The edit that undo would take back; empty when there is none. */
    public String undoName() {
        return canUndo() ? steps.get(at).edit() : "";
    }

    /** The edit that redo would bring again; empty when there is none. */
    public String redoName() {
        return canRedo() ? steps.get(at + 1).edit() : "";
    }
}
