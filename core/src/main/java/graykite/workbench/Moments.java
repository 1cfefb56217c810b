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
        return scene.map(
                s -> draw(s, near ? Views.features(s.character(0), 0) : s.framed(Camera.FRONT, 1), time, size, size));
    }

    /**
     * Everybody on the stage of a scene.
     *
     * @param id of the scene
     * @param time seconds of the scene
     * @return nothing while none of its lines is read
     */
    public Optional<Picture> ofScene(Project project, String id, double time, int width, int height) {
        return workbench
                .scene(project, id, Progress.none())
                .scene()
                .map(s -> draw(s, s.framed(Camera.FRONT, width / (double) height), time, width, height));
    }

    /** Seconds of a scene; 0 while none of its lines is read. */
    public double duration(Project project, String id) {
        return workbench
                .scene(project, id, Progress.none())
                .scene()
                .map(Scene::duration)
                .orElse(0.0);
    }

    private static Picture draw(Scene scene, Camera camera, double time, int width, int height) {
        List<double[]> values = scene.at(Math.clamp(time, 0, scene.duration()));
        return new Renderer().draw(scene.surfaces(values), camera, width, height);
    }
}
