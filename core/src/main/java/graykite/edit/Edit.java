package graykite.edit;

import graykite.base.BadInput;
import graykite.project.Project;

/**
 * A change to a project, as a value: the window makes them, the history holds them, the journal on disk is a list of them
 * and so is a script.
 */
public sealed interface Edit
        permits ProjectEdit,
                LineEdit,
                ReadingEdit,
                MouthEdit,
                ActingEdit,
                ClipEdit,
                PassEdit,
                MarkEdit,
                LookEdit,
                CueEdit,
                CastEdit,
                ReviewEdit,
                SceneEdit {
    /** What it does, in words for the history. */
    String inWords();

    /**
     * The project after it; the same object when nothing changes.
     *
     * @throws BadInput with one clear line when it cannot be done
     * @throws IllegalArgumentException when a figure in it is out of its range
     */
    Project on(Project project);

    /**
     * As {@link #on}, with every refusal as one clear line.
     *
     * @throws BadInput when it cannot be done
     */
    default Project apply(Project project) {
        try {
            return on(project);
        } catch (IllegalArgumentException | IndexOutOfBoundsException outOfRange) {
            throw new BadInput(inWords() + ": " + outOfRange.getMessage(), outOfRange);
        }
    }
}
