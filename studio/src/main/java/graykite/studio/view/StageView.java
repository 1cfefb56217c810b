package graykite.studio.view;

import graykite.picture.Camera;
import graykite.picture.Dressing;
import graykite.project.Reference;
import graykite.studio.model.Settings;
import graykite.studio.model.StageLight;
import graykite.studio.model.Workspace;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.css.PseudoClass;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.image.Image;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;

/** The stage: who is on it, seen from one side or from two at once, with the views that one can choose over it. */
public final class StageView extends StackPane implements AutoCloseable {
    private static final String TWO = "stage-two-views";
    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");

    private final Settings settings;
    private final StageLight light;
    private final StagePainter painter = new StagePainter();
    private final Label note = new Label();
    private final ObjectProperty<Optional<FaceTool>> tool = new SimpleObjectProperty<>(Optional.empty());
    private final ObjectProperty<Camera> camera = new SimpleObjectProperty<>(Camera.FRONT);
    private final BooleanProperty two = new SimpleBooleanProperty();
    private final HBox eyes = new HBox(2);
    private final ReferencePane beside = new ReferencePane("reference-beside");
    private final ReferencePane behind = new ReferencePane("reference-behind");
    private final ReferencePane over = new ReferencePane("reference-over");
    private final StageEye first = new StageEye(this, Camera.FRONT);
    private final StageEye second = new StageEye(this, Camera.MOUTH);
    private StageEye chosen = first;
    private Dressing dressing = Dressing.USUAL;
    private Optional<StagePainter.Troupe> troupe = Optional.empty();
    private List<double[]> values = List.of();
    private Optional<StagePainter.Others> others = Optional.empty();
    private boolean splits;
    private final CompareLine line = new CompareLine(this::request);
    private final Strokes strokes = new Strokes();

    /** @param workspace whose views are offered and in whose settings the look is kept */
    public StageView(Workspace workspace) {
        this.settings = workspace.settings();
        this.light = workspace.light();
        getStyleClass().add("stage");
        setMinSize(200, 160);
        // Plain: it is painted under every picture, and a gradient takes longer than the face.
        setStyle("-fx-background-color: #8C9094;");
        note.getStyleClass().add("stage-chip");
        note.setVisible(false);
        StackPane.setAlignment(note, Pos.CENTER);
        second.setId("second-view");
        HBox.setHgrow(first, Priority.ALWAYS);
        HBox.setHgrow(second, Priority.ALWAYS);
        // Both halves are equally wide whatever stands in them.
        first.setPrefWidth(100);
        second.setPrefWidth(100);
        eyes.getChildren().add(first);
        camera.bindBidirectional(first.camera());
        two.addListener((o, b, now) -> showTwo(now));
        two.set(settings.flag(TWO));
        StageFrame frame = new StageFrame();
        HBox.setHgrow(eyes, Priority.ALWAYS);
        HBox.setHgrow(beside, Priority.ALWAYS);
        eyes.setPrefWidth(100);
        beside.setPrefWidth(100);
        getChildren()
                .addAll(behind, new HBox(2, beside, eyes), over, frame, line, strokes, note, chips(workspace, frame));
    }

    /** The views, and how the stage looks, over the face. */
    private HBox chips(Workspace workspace, StageFrame frame) {
        ViewChips views = new ViewChips(workspace, camera);
        HBox.setHgrow(views, Priority.ALWAYS);
        HBox chips = new HBox(6, views, new LightChip(workspace, this::dress), new StageLook(settings, this, frame));
        chips.getStyleClass().add("stage-controls");
        chips.setPickOnBounds(false);
        chips.setMaxHeight(USE_PREF_SIZE);
        StackPane.setAlignment(chips, Pos.TOP_LEFT);
        StackPane.setMargin(chips, new Insets(10));
        return chips;
    }

    private void showTwo(boolean both) {
        settings.setFlag(TWO, both);
        if (both) {
            eyes.getChildren().setAll(first, second);
            choose(second);
        } else {
            eyes.getChildren().setAll(first);
            choose(first);
        }
        request();
    }

    /** True while the stage is seen from two sides at once. */
    public BooleanProperty two() {
        return two;
    }

    /** What is chosen and turned from now on is this view. */
    void choose(StageEye eye) {
        if (eye != chosen) {
            camera.unbindBidirectional(chosen.camera());
            chosen = eye;
            camera.bindBidirectional(chosen.camera());
        }
        first.pseudoClassStateChanged(CHOSEN, two.get() && chosen == first);
        second.pseudoClassStateChanged(CHOSEN, two.get() && chosen == second);
    }

    /** From where the chosen view looks. */
    public ObjectProperty<Camera> camera() {
        return camera;
    }

    /** Shows a picture of what the line is acted after. @param picture nothing before it begins and after it ends */
    public void showReference(Reference reference, Optional<Image> picture) {
        ReferencePane wanted = placed(reference);
        wanted.show(reference, picture);
        request();
    }

    /** Says why what the line is acted after cannot be seen. */
    public void sayOfReference(Reference reference, String text) {
        placed(reference).say(text);
        request();
    }

    /** Shows the face alone. */
    public void hideReference() {
        List.of(beside, behind, over).forEach(ReferencePane::hide);
        request();
    }

    private ReferencePane placed(Reference reference) {
        ReferencePane wanted = switch (reference.place()) {
            case BESIDE -> beside;
            case BEHIND -> behind;
            case OVER -> over;
        };
        List.of(beside, behind, over).stream().filter(p -> p != wanted).forEach(ReferencePane::hide);
        return wanted;
    }

    private void dress(Dressing wanted) {
        if (!wanted.equals(dressing)) {
            dressing = wanted;
            request();
        }
    }

    /** How those on stage are lit: turned by hand on the face. */
    StageLight light() {
        return light;
    }

    /** Says why there is no face, or nothing when the text is empty. */
    public void note(String text) {
        note.setText(text);
        note.setVisible(!text.isEmpty());
    }

    /** Shows those on stage at their values. */
    public void show(StagePainter.Troupe newTroupe, List<double[]> newValues) {
        troupe = Optional.of(newTroupe);
        values = newValues;
        request();
    }

    /**
     * Shows others beside those on stage, or on the left of a line that one can move; nothing ends it.
     *
     * @param name what they are, for their label
     */
    public void compare(Optional<StagePainter.Others> wanted, boolean inOne, String name) {
        boolean besideNow = wanted.isPresent() && !inOne;
        boolean besideBefore = others.isPresent() && !splits;
        others = wanted;
        splits = inOne;
        line.show(wanted.isPresent(), inOne, name);
        if (besideNow != besideBefore) {
            eyes.getChildren().setAll(besideNow || two.get() ? List.of(first, second) : List.of(first));
            choose(besideNow ? first : chosen);
        }
        request();
    }

    /** What somebody drew on the picture. */
    public Strokes strokes() {
        return strokes;
    }

    /** The pictures that are wanted now: of those who are compared the left one shows who they are compared with. */
    private List<StagePainter.Shot> shots() {
        if (others.isPresent() && !splits) {
            return Stream.concat(
                            first.shot().map(s -> s.showing(1)).stream(),
                            second.shot().map(s -> s.from(first.camera().get())).stream())
                    .toList();
        }
        double share = others.isPresent() ? line.share() : 0;
        return eyes.getChildren().stream()
                .flatMap(e -> ((StageEye) e).shot().map(s -> s.showing(share)).stream())
                .toList();
    }

    /**
     * Seconds from the wish for a picture until it is on screen, as of late. While a line plays, poses are taken so much
     * ahead of the sound, so that picture and sound meet.
     */
    public double expectedDelay() {
        return painter.expectedDelay();
    }

    /** Seconds that the last picture really took from its wish to the screen. */
    public double lastDelay() {
        return painter.lastDelay();
    }

    /** Calls back once, when the next picture is on screen. */
    public void whenFirstShown(Runnable action) {
        painter.whenFirstShown(action);
    }

    /** Has something done with every picture that is put on the screen, in the same pulse of the window. */
    public void withEachShown(Runnable action) {
        painter.withEachShown(action);
    }

    /** How many pictures were shown so far. */
    public long pictures() {
        return painter.pictures();
    }

    /** What pressing on the face does besides turning it. */
    public ObjectProperty<Optional<FaceTool>> tool() {
        return tool;
    }

    /** The camera as it must stand for all on stage to be seen. */
    Camera framed(Camera view, double aspect) {
        return troupe.map(t -> t.framed(view, aspect)).orElse(view);
    }

    void request() {
        if (troupe.isEmpty() || values.isEmpty()) {
            return;
        }
        List<StagePainter.Shot> shots = shots();
        if (!shots.isEmpty()) {
            painter.draw(troupe.get(), values, others, new StagePainter.Ground(dressing, behind.isVisible()), shots);
        }
    }

    @Override
    public void close() {
        painter.close();
    }
}
