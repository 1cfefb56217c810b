package graykite.studio.model;

import graykite.format.ProjectFiles;
import graykite.picture.Camera;
import graykite.picture.Png;
import graykite.picture.Renderer;
import graykite.project.Project;
import graykite.rig.Character;
import graykite.rig.Deformer;
import graykite.rig.Framing;
import graykite.rig.Pose;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Optional;
import java.util.function.Supplier;

/** Opens and saves projects, away from the JavaFX thread. */
public final class Documents {
    private final Workspace workspace;

    Documents(Workspace workspace) {
        this.workspace = workspace;
    }

    /** @param held what the file holds; asked away from the JavaFX thread */
    public void open(Path path, Supplier<Project> held, Runnable opened) {
        workspace
                .jobs()
                .start(
                        Jobs.Lane.FILES,
                        "Opening " + path.getFileName(),
                        progress -> held.get(),
                        project -> {
                            workspace.jobs().say("Opened " + path.getFileName() + ".");
                            workspace.replaceProject(project, Optional.of(path));
                            workspace.settings().addRecent(path);
                            opened.run();
                        },
                        () -> {});
    }

    /** The face in the middle of the line, as a small PNG; none while the character is still being made. */
    private static Optional<byte[]> thumbnail(Optional<Character> figure) {
        if (figure.isEmpty()) {
            return Optional.empty();
        }
        double[] values = figure.get().values(figure.get().poses().getOrDefault("Eh", Pose.REST));
        return Optional.of(Png.bytes(new Renderer()
                .draw(
                        new Deformer(figure.get()).deform(values),
                        Framing.of(figure.get()).of(Camera.FRONT, 1),
                        96,
                        96)));
    }

    public void save(Path path, Runnable done) {
        Optional<String> other = workspace.safekeeping().holder();
        if (other.isPresent() && workspace.file().get().equals(Optional.of(path))) {
            workspace.jobs().say(other.get() + " has this project open: save it under another name (Ctrl+Shift+S).");
            return;
        }
        Project project = workspace.project();
        Optional<Character> figure = workspace.figures().isReady(workspace.speaker())
                ? Optional.of(workspace.character().join())
                : Optional.empty();
        workspace
                .jobs()
                .start(
                        Jobs.Lane.FILES,
                        "Saving " + path.getFileName(),
                        progress -> {
                            ProjectFiles.save(project, thumbnail(figure), path);
                            return path;
                        },
                        written -> {
                            workspace.savedAs(path, project);
                            workspace.jobs().say("Saved " + path.getFileName() + ".");
                            done.run();
                        },
                        () -> {});
    }

    /** @param demo what it holds; asked away from the JavaFX thread */
    public void openDemo(Supplier<Project> demo, Runnable opened) {
        workspace.jobs().start("Opening the demo", progress -> demo.get(), project -> {
            workspace.replaceProject(project, Optional.empty());
            workspace.jobs().say("The demo: six lines from the night ferry. Press Space to play.");
            opened.run();
        });
    }

    /** Reads the demo that ships with Gray Kite. */
    public static Project demo() {
        try (var in = Documents.class.getResourceAsStream("/graykite/demo/demo.kite")) {
            if (in == null) {
                throw new IllegalStateException("The demo project is missing.");
            }
            return ProjectFiles.read(in, "demo.kite");
        } catch (IOException failure) {
            throw new IllegalStateException("The demo project cannot be read.", failure);
        }
    }
}
