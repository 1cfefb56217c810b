package graykite.proof;

import static graykite.base.Require.requireThat;

import graykite.edit.Edit;
import graykite.edit.ReviewEdit;
import graykite.project.Project;
import java.util.List;

/**
 * What would mend something: edits that are made together and undone together. Nothing is mended unasked.
 *
 * @param title what it does, as people read it on a button
 */
public record Fix(String title, List<Edit> edits) {
    public Fix {
        edits = List.copyOf(edits);
        requireThat(!title.isBlank() && !edits.isEmpty(), "A fix has a title and edits.");
    }

    public static Fix of(String title, Edit... edits) {
        return new Fix(title, List.of(edits));
    }

    /** True when it changes nothing that is seen: it asks somebody for something. */
    public boolean asksForATake() {
        return edits.stream().allMatch(ReviewEdit.class::isInstance);
    }

    /** The project with it. @throws BadInput when it no longer fits */
    public Project on(Project project) {
        Project changed = project;
        for (Edit edit : edits) {
            changed = edit.on(changed);
        }
        return changed;
    }
}
