package graykite.studio.model;

import graykite.edit.ProjectEdit;
import graykite.picture.Backdrop;
import graykite.picture.Dressing;
import graykite.picture.Lighting;
import graykite.project.Line;
import graykite.project.Project;
import graykite.project.SceneWork;

/** How what is on the stage is lit and what is behind it, as the project keeps it with the line or scene. */
public final class StageLight {
    private final Workspace workspace;

    StageLight(Workspace workspace) {
        this.workspace = workspace;
    }

    /** The dressing of the scene or line on the stage. */
    public Dressing get() {
        return workspace.project().dressing(id());
    }

    private String id() {
        return workspace
                .openScene()
                .map(SceneWork::id)
                .or(() -> workspace.line().map(Line::id))
                .orElse(Project.EVERYWHERE);
    }

    /** A gesture of its own: all that follows under it is undone at once. */
    public long newGesture() {
        return workspace.newGesture();
    }

    /** Lights it otherwise; steps of one gesture are undone together. */
    public void light(Lighting lighting, long gesture) {
        set(get().lit(lighting), gesture);
    }

    /** Turns the key light, in degrees to the right and up. */
    public void turn(double right, double up, long gesture) {
        Lighting now = get().lighting();
        light(now.from(halves(now.yaw() + right), halves(now.pitch() + up)), gesture);
    }

    private static double halves(double degrees) {
        return Math.rint(2 * degrees) / 2;
    }

    public void before(Backdrop backdrop) {
        set(get().before(backdrop), workspace.newGesture());
    }

    /** Gives every line and scene the dressing that is seen. */
    public void everywhere() {
        workspace.edit(new ProjectEdit.DressStage(Project.EVERYWHERE, get()));
    }

    private void set(Dressing dressing, long gesture) {
        workspace.edit(new ProjectEdit.DressStage(id(), dressing), gesture);
    }
}
