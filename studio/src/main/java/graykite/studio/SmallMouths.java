package graykite.studio;

import graykite.base.Aside;
import graykite.mouth.MouthWork;
import graykite.scene.Performance;
import graykite.studio.model.Workspace;
import graykite.studio.view.MouthPictures;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.application.Platform;

/** The small mouths on the desks are those of who speaks; drawn after the face, away from the JavaFX thread. */
final class SmallMouths {
    private final Workspace workspace;
    private final Desks desks;
    private boolean drawing;
    private boolean faceSeen;
    private Optional<MouthPictures> mouths = Optional.empty();

    /** @param whenLineShown calls back when the first face is seen: the small pictures wait for it, so that it comes sooner */
    SmallMouths(Workspace workspace, Desks desks, Consumer<Runnable> whenLineShown) {
        this.workspace = workspace;
        this.desks = desks;
        whenLineShown.accept(() -> {
            faceSeen = true;
            workspace.performance().get().ifPresent(this::show);
        });
    }

    void show(Performance performance) {
        MouthWork work = performance.score().work();
        if (!faceSeen
                || drawing
                || mouths.map(m -> m.serve(performance.character(), performance.chart(), work))
                        .orElse(false)) {
            return;
        }
        drawing = true;
        Optional<MouthPictures> before = mouths;
        Aside.ask(() -> MouthPictures.of(performance.character(), performance.chart(), work, before))
                .thenAccept(pictures -> Platform.runLater(() -> {
                    drawing = false;
                    mouths = Optional.of(pictures);
                    desks.show(pictures);
                    // The line may have become another one meanwhile.
                    workspace.performance().get().ifPresent(this::show);
                }));
    }
}
