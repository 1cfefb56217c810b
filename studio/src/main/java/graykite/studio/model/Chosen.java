package graykite.studio.model;

import java.util.Optional;
import java.util.Set;

/** One thing on the sheet is chosen at a time. */
public enum Chosen {
    POSE,
    CLIP,
    LOOK,
    PASS,
    MARK,
    NOTHING;

    /** Lets go of everything that is chosen but this kind. */
    public void alone(Workspace workspace) {
        if (this != POSE) {
            workspace.keys().index().set(-1);
        }
        if (this != CLIP) {
            workspace.clips().chosen().set(Optional.empty());
        }
        if (this != LOOK) {
            workspace.looks().chosen().set(-1);
        }
        workspace.passes().keys().chosen().set(Set.of());
        if (this != PASS) {
            workspace.passes().chosen().set(Optional.empty());
        }
        if (this != MARK) {
            workspace.marks().chosen().set(Optional.empty());
        }
    }
}
