package graykite.studio;

import graykite.live.LiveLayer;
import graykite.picture.Camera;
import graykite.picture.Surface;
import graykite.rig.Character;
import graykite.rig.Deformer;
import graykite.rig.Framing;
import graykite.scene.Scene;
import graykite.studio.live.LivePass;
import graykite.studio.model.Knot;
import graykite.studio.model.Trial;
import graykite.studio.model.Workspace;
import graykite.studio.play.Player;
import graykite.studio.view.StagePainter;
import graykite.studio.view.StageView;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.application.Platform;
import javafx.beans.property.ObjectProperty;

/** Decides what stands on the stage: the line at its time, or, on the Cast desk, the face that is tried. */
final class StageDirector {
    private final Workspace workspace;
    private final Player player;
    private final StageView stage;
    private final Trial trial;
    private final ObjectProperty<Knot> knot;

    /** A scene with what is performed on top of it. */
    private record Performed(Scene plain, LiveLayer top, Scene whole) {}

    private Optional<Object> shown = Optional.empty();
    private Optional<StagePainter.Troupe> troupe = Optional.empty();
    private final LivePass live;
    private final ReferenceStage reference;
    private Optional<Performed> performed = Optional.empty();
    private final List<Runnable> lineShown = new ArrayList<>();

    StageDirector(Workspace workspace, Player player, StageView stage, Trial trial, ObjectProperty<Knot> knot) {
        this.workspace = workspace;
        this.player = player;
        this.stage = stage;
        this.trial = trial;
        this.knot = knot;
        this.live = new LivePass(workspace, player);
        this.reference = new ReferenceStage(workspace, player, stage);
        new ReviewStage(workspace, player, stage);
        live.layer().addListener((o, b, n) -> show());
        live.whenMoved(this::show);
        workspace.scene().addListener((o, b, n) -> show());
        player.time().addListener((o, b, n) -> show());
        player.playing().addListener((o, b, n) -> show());
        trial.values().addListener((o, b, n) -> show());
        trial.seen().addListener((o, b, n) -> show());
        trial.onStage().addListener((o, b, n) -> show());
        knot.addListener((o, b, n) -> show());
        stage.withEachShown(player::pictured);
        stage.note("The face is coming…");
    }

    /** Performing on the face. */
    LivePass live() {
        return live;
    }

    /** Stops what works in the background. */
    void close() {
        live.close();
        reference.close();
    }

    private boolean trying() {
        boolean wanted = knot.get() == Knot.CAST
                || (knot.get() == Knot.MOUTH || knot.get() == Knot.ACTING)
                        && trial.onStage().get();
        return wanted
                && !player.playing().get()
                && trial.seen()
                        .get()
                        // While another figure comes up its values follow a moment later.
                        .map(f -> f.channels().size() == trial.values().get().length)
                        .orElse(false);
    }

    /** Brings the stage up to date. */
    void show() {
        Optional<Scene> scene = workspace.scene().get();
        if (trying()) {
            alone(trial.seen().get().orElseThrow(), trial.shownValues());
        } else if (scene.isPresent()) {
            together(scene.get());
        } else if (workspace.figures().isReady(workspace.speaker())) {
            Character figure = workspace.character().join();
            alone(figure, new double[figure.channels().size()]);
        } else {
            workspace
                    .character()
                    .whenComplete((figure, failure) -> Platform.runLater(() -> {
                        if (failure == null) {
                            show();
                        } else {
                            stage.note("The face could not be opened: " + failure.getMessage());
                        }
                    }));
        }
    }

    private void alone(Character figure, double[] values) {
        if (!shown.map(s -> s == figure).orElse(false)) {
            Deformer deformer = workspace.figures().deformer(figure);
            Framing framing = Framing.of(figure);
            put(figure, new StagePainter.Troupe() {
                @Override
                public List<Surface> surfaces(List<double[]> all) {
                    return deformer.deform(all.getFirst());
                }

                @Override
                public Camera framed(Camera view, double aspect) {
                    return framing.of(view, aspect);
                }
            });
        }
        stage.show(troupe.orElseThrow(), List.of(values));
    }

    /** The scene with what a hand performs on whoever speaks the line, while it does. */
    private Scene performed(Scene scene) {
        Optional<LiveLayer> layer = live.layer().get();
        if (layer.isEmpty()) {
            return scene;
        }
        if (performed.filter(p -> p.plain == scene && p.top == layer.get()).isEmpty()) {
            Scene whole = scene.with(workspace.speakerOnStage(), layer.get());
            performed = Optional.of(new Performed(scene, layer.get(), whole));
        }
        return performed.get().whole;
    }

    private void together(Scene plain) {
        Scene scene = performed(plain);
        lineShown.forEach(stage::whenFirstShown);
        lineShown.clear();
        if (!shown.map(s -> s == scene).orElse(false)) {
            put(scene, troupe(scene));
        }
        double ahead =
                player.playing().get() ? stage.expectedDelay() * player.speed().get() : 0;
        stage.show(troupe.orElseThrow(), scene.at(player.time().get() + workspace.lineStart() + ahead));
    }

    /** All who stand in a scene. */
    static StagePainter.Troupe troupe(Scene scene) {
        return new StagePainter.Troupe() {
            @Override
            public List<Surface> surfaces(List<double[]> values) {
                return scene.surfaces(values);
            }

            @Override
            public Camera framed(Camera camera, double aspect) {
                return scene.framed(camera, aspect);
            }
        };
    }

    /** Calls back once, when the first picture of a line is on screen. */
    void whenLineShown(Runnable action) {
        lineShown.add(action);
    }

    private void put(Object who, StagePainter.Troupe newTroupe) {
        shown = Optional.of(who);
        troupe = Optional.of(newTroupe);
        stage.note("");
    }
}
