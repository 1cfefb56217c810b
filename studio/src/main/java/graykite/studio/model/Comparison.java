package graykite.studio.model;

import graykite.base.Progress;
import graykite.project.Project;
import graykite.project.Version;
import graykite.scene.Scene;
import java.util.Optional;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleObjectProperty;

/**
 * The line, or the scene, as it was in a version that was kept, to be seen beside the present one at the same time. Lives on
 * the JavaFX thread; what was is worked out in the background.
 */
public final class Comparison implements AutoCloseable {
    private final Workspace workspace;
    private final Latest worker = new Latest("kite-compare");
    private final ObjectProperty<Optional<String>> version = new SimpleObjectProperty<>(Optional.empty());
    private final BooleanProperty split = new SimpleBooleanProperty();
    private final ReadOnlyObjectWrapper<Optional<Scene>> scene = new ReadOnlyObjectWrapper<>(Optional.empty());

    Comparison(Workspace workspace) {
        this.workspace = workspace;
        version.addListener((o, b, n) -> derive());
        workspace.lineId().addListener((o, b, n) -> derive());
        workspace.sceneId().addListener((o, b, n) -> derive());
        workspace.history().addListener((o, b, n) -> {
            if (version.get().isPresent() && kept().isEmpty()) {
                version.set(Optional.empty());
            }
        });
    }

    /** Name of the version that is seen beside the present; nothing for none. */
    public ObjectProperty<Optional<String>> version() {
        return version;
    }

    /** True when both are seen in one picture, on either side of a line; false when they stand side by side. */
    public BooleanProperty split() {
        return split;
    }

    /** Everybody on stage as they were; nothing while nothing is compared, and while it is worked out. */
    public ReadOnlyObjectProperty<Optional<Scene>> scene() {
        return scene.getReadOnlyProperty();
    }

    private Optional<Version> kept() {
        return version.get()
                .flatMap(name -> workspace.project().versions().stream()
                        .filter(v -> v.name().equals(name))
                        .findFirst());
    }

    private void derive() {
        scene.set(Optional.empty());
        worker.drop();
        kept().ifPresent(v -> {
            Project was = v.project();
            String line = workspace.lineId().get();
            String together = workspace.sceneId().get();
            if (was.line(line).isEmpty()) {
                workspace.jobs().say("There was no such line in the version " + v.name() + ".");
                return;
            }
            boolean inScene = was.scene(together).isPresent();
            worker.ask(
                    () -> (inScene
                                    ? workspace.workbench().scene(was, together, Progress.none())
                                    : workspace.workbench().line(was, line, Progress.none()))
                            .scene(),
                    found -> {
                        scene.set(found);
                        if (found.isEmpty()) {
                            workspace.jobs().say("The line was not read in the version " + v.name() + ".");
                        }
                    },
                    failure -> workspace.jobs().say("The version cannot be shown (" + failure.getMessage() + ")."));
        });
    }

    @Override
    public void close() {
        worker.close();
    }
}
