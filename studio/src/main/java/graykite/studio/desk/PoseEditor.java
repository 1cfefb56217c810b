package graykite.studio.desk;

import graykite.geometry.Vec;
import graykite.picture.Camera;
import graykite.rig.Channel;
import graykite.rig.Character;
import graykite.rig.FacePoint;
import graykite.rig.FacePull;
import graykite.rig.Pose;
import graykite.studio.model.Latest;
import graykite.studio.model.Trial;
import graykite.studio.model.Workspace;
import graykite.studio.view.FaceTool;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Predicate;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.VBox;

/** Makes a pose by hand: with sliders, or by dragging on the face. Nothing is kept until one says so. */
final class PoseEditor extends VBox implements FaceTool {
    static final Predicate<Channel> MOUTH = c -> switch (c.group()) {
        case JAW, LIPS, TONGUE, CHEEKS -> true;
        default -> false;
    };

    /** What an expression may move: everything. */
    static final Predicate<Channel> EVERYTHING = c -> true;

    private final Workspace workspace;
    private final Predicate<Channel> mask;
    private final Trial trial;
    private final Latest pulling = new Latest("kite-pull");
    private final Label title = Parts.heading("");
    private final ChannelsPane sliders;
    private final CheckBox both = new CheckBox("Both sides alike");
    private final BooleanProperty open = new SimpleBooleanProperty(false);
    private Consumer<Pose> kept = pose -> {};
    private Optional<FacePull> pull = Optional.empty();
    private double[] before = new double[0];
    private double[] beforePull = new double[0];
    private double pressX;
    private double pressY;

    /** @param mask what the pose may move */
    PoseEditor(Workspace workspace, Trial trial, Predicate<Channel> mask) {
        super(8);
        this.mask = mask;
        this.workspace = workspace;
        this.trial = trial;
        getStyleClass().add("card");
        setId("pose-editor");
        sliders = new ChannelsPane(trial, mask);
        both.setSelected(true);
        both.setTooltip(new Tooltip("What you drag on one side happens on the other too"));
        Button keep = new Button("Keep");
        keep.setId("keep-pose");
        keep.getStyleClass().add("primary");
        keep.setTooltip(new Tooltip("Take the face that is shown"));
        keep.setOnAction(e -> keep());
        Button back = new Button("As it was");
        back.setTooltip(new Tooltip("Back to what it was when you began"));
        back.setOnAction(e -> trial.show(before));
        Button cancel = new Button("Cancel");
        cancel.setOnAction(e -> close());
        getChildren()
                .addAll(
                        title,
                        Parts.quiet(
                                (mask == MOUTH ? "Drag the lips or the jaw" : "Drag brows, lids, cheeks, lips or jaw")
                                        + " on the face, or use the sliders. Shift-drag turns the view."),
                        both,
                        Parts.row(keep, back, cancel),
                        sliders);
        Parts.shown(this, false);
    }

    /** True while a pose is being made. */
    BooleanProperty open() {
        return open;
    }

    /**
     * Begins.
     *
     * @param begin the pose to start from, over channels or standard actions
     * @param whenKept receives the new pose
     */
    void edit(String name, Pose begin, Consumer<Pose> whenKept) {
        trial.memberId().set(workspace.speaker().id());
        trial.figure().get().ifPresent(f -> {
            title.setText(name);
            kept = whenKept;
            before = f.values(begin);
            sliders.show(f);
            trial.show(before);
            Parts.shown(this, true);
            open.set(true);
            trial.onStage().set(true);
        });
    }

    private void keep() {
        Consumer<Pose> taker = kept;
        Pose pose = trial.asPose();
        close();
        taker.accept(pose);
    }

    void close() {
        pull = Optional.empty();
        open.set(false);
        trial.onStage().set(false);
        Parts.shown(this, false);
    }

    void stop() {
        pulling.close();
    }

    @Override
    public boolean press(View view, double x, double y) {
        Optional<Character> figure = trial.figure().get();
        if (!open.get() || figure.isEmpty()) {
            return false;
        }
        pull = Optional.empty();
        pressX = x;
        pressY = y;
        beforePull = trial.values().get().clone();
        double[] seen = trial.shownValues();
        Character f = figure.get();
        pulling.ask(
                () -> FacePoint.at(f, seen, view.camera(), view.width(), view.height(), x, y)
                        .map(p -> new FacePull(f, p, mask)),
                found -> pull = found);
        return true;
    }

    @Override
    public void drag(View view, double x, double y) {
        pull.ifPresent(p -> {
            Camera camera = view.camera();
            double scale = camera.height() / view.height();
            Vec by = camera.right().times((x - pressX) * scale).plus(camera.up().times((pressY - y) * scale));
            double[] start = beforePull;
            boolean even = both.isSelected();
            pulling.ask(() -> p.pulled(start, by, even), trial::show);
        });
    }

    @Override
    public String hint() {
        return mask == MOUTH ? "Drag the lips" : "Drag brows, lids, cheeks, lips or jaw";
    }
}
