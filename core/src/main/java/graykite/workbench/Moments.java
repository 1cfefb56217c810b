package graykite.workbench;

import graykite.base.Progress;
import graykite.picture.Camera;
import graykite.picture.Picture;
import graykite.picture.Renderer;
import graykite.project.Line;
import graykite.project.Project;
import graykite.rig.Views;
import graykite.scene.Scene;
import java.util.List;
import java.util.Optional;

/** Pictures of moments of lines, each alone on the stage. Takes its time; not for an interface thread. */
public final class Moments {
    private final Workbench workbench;

    public Moments(Workbench workbench) {
        this.workbench = workbench;
    }

    /**
     * A square picture of whoever speaks a line.
     *
     * @param near true for the features alone, false for head and shoulders
     * @param time seconds of the line
     * @param size pixels a side
     * @return nothing while the line is not read
     */
    public Optional<Picture> of(Project project, Line line, boolean near, double time, int size) {
        Optional<Scene> scene =
                workbench.line(project, line.id(), Progress.none()).scene();
        return scene.map(s -> {
            List<double[]> values = s.at(Math.clamp(time, 0, s.duration()));
            Camera camera = near ? Views.features(s.character(0), 0) : s.framed(Camera.FRONT, 1);
            return new Renderer().draw(s.surfaces(values), camera, size, size);
        });
    }
}
