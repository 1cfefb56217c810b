package graykite.studio;

import graykite.base.BadInput;
import graykite.media.ReferenceFilm;
import graykite.media.ReferenceFilm.Still;
import graykite.project.Line;
import graykite.project.Reference;
import graykite.studio.model.Workspace;
import graykite.studio.play.Player;
import graykite.studio.view.MouthPictures;
import graykite.studio.view.StageView;
import graykite.time.FrameRate;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicReference;
import javafx.application.Platform;
import javafx.scene.image.Image;

/**
 * Keeps the film or pictures that the line is acted after in step with its time. Decodes on a thread of its own; of several
 * wishes only the newest is kept.
 */
final class ReferenceStage implements AutoCloseable {
    private final Workspace workspace;
    private final Player player;
    private final StageView stage;
    private final ExecutorService decoder = Executors.newSingleThreadExecutor(
            Thread.ofPlatform().daemon().name("kite-reference").factory());
    private final AtomicReference<Wish> wish = new AtomicReference<>();
    private final AtomicReference<Optional<Open>> open = new AtomicReference<>(Optional.empty());
    private boolean shown;

    private record Wish(Reference reference, FrameRate rate, double time) {}

    /** A film that is open. @param path and @param rate it was opened with */
    private record Open(String path, FrameRate rate, ReferenceFilm film) {}

    ReferenceStage(Workspace workspace, Player player, StageView stage) {
        this.workspace = workspace;
        this.player = player;
        this.stage = stage;
        workspace.history().addListener((o, b, n) -> follow());
        workspace.lineId().addListener((o, b, n) -> follow());
        player.time().addListener((o, b, n) -> follow());
    }

    private Optional<Reference> reference() {
        return workspace.line().flatMap(Line::reference);
    }

    private void follow() {
        Optional<Reference> reference = reference();
        if (reference.isEmpty()) {
            if (shown) {
                shown = false;
                stage.hideReference();
            }
            return;
        }
        shown = true;
        Wish wanted = new Wish(
                reference.get(),
                workspace.project().rate(),
                player.time().get() - reference.get().offset());
        if (wish.getAndSet(wanted) == null && !decoder.isShutdown()) {
            decoder.execute(this::decode);
        }
    }

    private void decode() {
        Wish wanted = wish.getAndSet(null);
        if (wanted == null) {
            return;
        }
        try {
            Optional<Image> picture =
                    film(wanted).at(wanted.time).map(Still::picture).map(MouthPictures::image);
            Platform.runLater(() -> {
                if (reference()
                        .map(r -> r.path().equals(wanted.reference.path()))
                        .orElse(false)) {
                    stage.showReference(reference().orElseThrow(), picture);
                }
            });
        } catch (BadInput unreadable) {
            Platform.runLater(() -> reference().ifPresent(r -> stage.sayOfReference(r, unreadable.getMessage())));
        }
    }

    private ReferenceFilm film(Wish wanted) {
        Optional<Open> now = open.get();
        if (now.isPresent()
                && now.get().path.equals(wanted.reference.path())
                && now.get().rate.equals(wanted.rate)) {
            return now.get().film;
        }
        now.ifPresent(o -> o.film.close());
        open.set(Optional.empty());
        ReferenceFilm film = ReferenceFilm.open(path(wanted.reference), wanted.rate);
        open.set(Optional.of(new Open(wanted.reference.path(), wanted.rate, film)));
        return film;
    }

    /** Where a reference lies. @throws BadInput when its path is none of this system */
    static Path path(Reference reference) {
        return reference
                .file()
                .orElseThrow(() -> new BadInput(
                        reference.path() + ": is no path on this machine. Find the reference again, or take it away."));
    }

    @Override
    public void close() {
        if (!decoder.isShutdown()) {
            decoder.execute(() -> open.getAndSet(Optional.empty()).ifPresent(o -> o.film.close()));
            decoder.shutdown();
        }
    }
}
