package graykite.studio;

import graykite.project.Comment;
import graykite.project.Line;
import graykite.reading.WordFinder;
import graykite.scene.Scene;
import graykite.studio.model.Comparison;
import graykite.studio.model.LineWords;
import graykite.studio.model.Workspace;
import graykite.studio.play.Player;
import graykite.studio.view.StagePainter;
import graykite.studio.view.StageView;
import java.util.List;
import java.util.Optional;

/** What reviewing adds to the stage: a version beside the present, locked in time, and what comments drew. */
final class ReviewStage {
    /** So near, in seconds, the drawing of a comment is seen while nothing plays. */
    private static final double NEAR = 0.06;

    private final Workspace workspace;
    private final Player player;
    private final StageView stage;
    private Optional<Compared> compared = Optional.empty();

    /** A version with its troupe. */
    private record Compared(Scene scene, StagePainter.Troupe troupe) {}

    ReviewStage(Workspace workspace, Player player, StageView stage) {
        this.workspace = workspace;
        this.player = player;
        this.stage = stage;
        Comparison comparison = workspace.proof().comparison();
        comparison.scene().addListener((o, b, n) -> show());
        comparison.split().addListener((o, b, n) -> show());
        player.time().addListener((o, b, n) -> show());
        player.playing().addListener((o, b, n) -> show());
        workspace.history().addListener((o, b, n) -> drawings());
        workspace.lineId().addListener((o, b, n) -> drawings());
    }

    private void show() {
        drawings();
        Comparison comparison = workspace.proof().comparison();
        Optional<Scene> scene = comparison.scene().get();
        if (scene.isEmpty()) {
            if (compared.isPresent()) {
                compared = Optional.empty();
                stage.compare(Optional.empty(), false, "");
            }
            return;
        }
        if (compared.filter(c -> c.scene == scene.get()).isEmpty()) {
            compared = Optional.of(new Compared(scene.get(), StageDirector.troupe(scene.get())));
        }
        double ahead =
                player.playing().get() ? stage.expectedDelay() * player.speed().get() : 0;
        List<double[]> values = scene.get().at(player.time().get() + workspace.lineStart() + ahead);
        stage.compare(
                Optional.of(new StagePainter.Others(compared.get().troupe, values)),
                comparison.split().get(),
                comparison.version().get().orElse(""));
    }

    private void drawings() {
        if (player.playing().get()) {
            stage.strokes().show(List.of());
            return;
        }
        double now = player.time().get();
        Optional<Line> line = workspace.line();
        WordFinder words = LineWords.of(workspace);
        stage.strokes()
                .show(line.stream()
                        .flatMap(l -> l.review().comments().stream())
                        .filter(c -> !c.done() && Math.abs(c.at().in(words) - now) < NEAR)
                        .map(Comment::drawn)
                        .flatMap(List::stream)
                        .toList());
    }
}
