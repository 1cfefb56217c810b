package graykite.studio;

import graykite.mouth.MouthWork;
import graykite.scene.Performance;
import graykite.studio.model.Workspace;
import graykite.studio.view.MouthPictures;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import javafx.application.Platform;

/** The small mouths on the desks are those of who speaks; drawn after the face, away from the JavaFX thread. */
final class SmallMouths {
    private final Workspace workspace;
    private final Desks desks;
    private boolean drawing;
    private Optional<MouthPictures> mouths = Optional.empty();

    SmallMouths(Workspace workspace, Desks desks) {
        this.workspace = workspace;
        this.desks = desks;
    }

    void show(Performance performance) {
        MouthWork work = performance.score().work();
        if (drawing
                || mouths.map(m -> m.serve(performance.character(), performance.chart(), work))
                        .orElse(false)) {
            return;
        }
        drawing = true;
        Optional<MouthPictures> before = mouths;
        CompletableFuture.supplyAsync(
                        () -> MouthPictures.of(performance.character(), performance.chart(), work, before))
                .thenAccept(pictures -> Platform.runLater(() -> {
                    drawing = false;
                    mouths = Optional.of(pictures);
                    desks.show(pictures);
                    // The line may have become another one meanwhile.
                    workspace.performance().get().ifPresent(this::show);
                }));
    }
}
