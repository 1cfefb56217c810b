package graykite.studio.desk;

import graykite.mouth.Beat;
import graykite.mouth.TouchUp;
import graykite.reading.Anchor;
import graykite.rig.Pose;
import graykite.scene.Performance;
import graykite.studio.model.Selection;
import graykite.studio.model.Workspace;
import graykite.studio.play.Player;
import graykite.studio.view.MouthPictures;
import graykite.text.Phone;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.DoubleFunction;
import java.util.function.UnaryOperator;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** Edits of the chosen word or sound that stay with it, and the list of all of them. */
final class TouchUpPane extends VBox {
    private static final String NO_BLEND = "No second shape";

    private final Workspace workspace;
    private final Player player;
    private final PoseEditor editor;
    private final Label chosen = Parts.heading("");
    private final Label usual = Parts.quiet("");
    private final ShapeTiles tiles;
    private final Parts.Tuner strength;
    private final Parts.Tuner length;
    private final Parts.Tuner shift;
    private final Parts.Tuner hold;
    private final ComboBox<String> second = new ComboBox<>();
    private final Parts.Tuner share;
    private final CheckBox passOver = new CheckBox("Pass this sound over");
    private final Button ownPose = new Button("Own pose…");
    private final Button reset = new Button("Take it back");
    private final VBox card;
    private final TouchUpList list;
    private final Label empty = Parts.quiet(
            "Choose a sound or a word on the sheet, then change it here. A touch-up stays with its word: through new timing,"
                    + " another diction, another character and a new recording.");
    private Optional<MouthPictures> pictures = Optional.empty();
    private boolean filling;
    private long gesture;

    TouchUpPane(Workspace workspace, Player player, PoseEditor editor) {
        super(12);
        this.workspace = workspace;
        this.player = player;
        this.list = new TouchUpList(workspace, player);
        this.editor = editor;
        tiles = new ShapeTiles(shape -> touch(
                "Shape",
                t -> t.withShape(
                                t.shape().equals(Optional.of(shape)) || shape.equals(chartShape())
                                        ? Optional.empty()
                                        : Optional.of(shape))
                        .withPose(Optional.empty())));
        strength = tuner(
                "Strength",
                "Stronger or weaker than the chart has it",
                0,
                2,
                1,
                Parts::percent,
                (t, v) -> t.withStrength(v));
        length = tuner(
                "Length",
                "How long the shape stands, about its middle",
                0.25,
                4,
                1,
                Parts::percent,
                (t, v) -> t.withLength(v));
        shift = tuner(
                "Shift",
                "Later to the right, earlier to the left",
                -0.3,
                0.3,
                0,
                TouchUpPane::signedMs,
                (t, v) -> t.withShift(v));
        hold = tuner(
                "Hold",
                "How much longer the shape stays at its end",
                0,
                1,
                0,
                TouchUpPane::ms,
                (t, v) -> t.withHold(v));
        share = tuner(
                "Share",
                "How much of the second shape",
                0,
                1,
                0.5,
                Parts::percent,
                (t, v) -> t.withBlend(t.blend().map(b -> new TouchUp.Blend(b.shape(), v))));
        second.setId("second-shape");
        second.setMaxWidth(Double.MAX_VALUE);
        second.setAccessibleText("A second shape that is mixed in");
        second.setOnAction(e -> {
            if (!filling && second.getValue() != null) {
                Optional<TouchUp.Blend> blend = second.getValue().equals(NO_BLEND)
                        ? Optional.empty()
                        : Optional.of(new TouchUp.Blend(second.getValue(), 0.5));
                touch("Blend", t -> t.withBlend(blend));
            }
        });
        HBox.setHgrow(second, Priority.ALWAYS);
        passOver.setId("pass-over");
        passOver.setTooltip(new Tooltip("The mouth takes no notice of this sound"));
        passOver.setOnAction(e -> touch("Pass over", t -> t.withRemoved(passOver.isSelected())));
        ownPose.setId("own-pose");
        ownPose.setTooltip(new Tooltip("Make the mouth by hand for this sound: on sliders or by dragging the lips"));
        ownPose.setOnAction(e -> editOwnPose());
        reset.setId("reset-touch-up");
        reset.setTooltip(new Tooltip("Drop this touch-up: the sound is shown as the chart has it"));
        reset.setOnAction(e ->
                workspace.mouth().touchUpOn(workspace.selection().get()).ifPresent(workspace.mouth()::removeTouchUp));
        Button loop = new Button("", new FontIcon(Feather.REPEAT));
        loop.setAccessibleText("Loop the word");
        loop.setTooltip(new Tooltip("Loop the word to judge it"));
        loop.setOnAction(e -> loopWord());
        chosen.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(chosen, Priority.ALWAYS);
        Label with = new Label("Mix with");
        with.setMinWidth(Label.USE_PREF_SIZE);
        card = Parts.card(
                Parts.row(chosen, loop, reset),
                usual,
                tiles,
                strength,
                length,
                shift,
                hold,
                Parts.row(with, second),
                share,
                Parts.row(passOver, ownPose));
        HBox.setHgrow(passOver, Priority.ALWAYS);
        passOver.setMaxWidth(Double.MAX_VALUE);
        getChildren().addAll(empty, card, editor, Parts.heading("Touch-ups of this line"), list);
    }

    private interface Change {
        TouchUp apply(TouchUp touchUp, double value);
    }

    private Parts.Tuner tuner(
            String name,
            String tip,
            double min,
            double max,
            double usually,
            DoubleFunction<String> text,
            Change change) {
        return new Parts.Tuner(
                name,
                tip,
                min,
                max,
                usually,
                text,
                () -> gesture = workspace.newGesture(),
                v -> workspace.mouth().touch(workspace.selection().get(), gesture, t -> change.apply(t, v)));
    }

    private static String ms(double seconds) {
        return String.format(Locale.ROOT, "%.0f ms", 1000 * seconds);
    }

    private static String signedMs(double seconds) {
        return String.format(Locale.ROOT, "%+.0f ms", 1000 * seconds);
    }

    private void touch(String name, UnaryOperator<TouchUp> change) {
        workspace.mouth().touch(workspace.selection().get(), 0, change);
    }

    private void loopWord() {
        Selection now = workspace.selection().get();
        workspace.selection().set(new Selection(now.word(), -1));
        player.loopRange().set(workspace.selectedRange());
        workspace.selection().set(now);
        player.looping().set(true);
        player.loopRange().get().ifPresent(r -> player.seek(r.start()));
        player.play();
    }

    /** The beat of the chosen sound; the first of a chosen word. */
    private Optional<Beat> beat() {
        Selection now = workspace.selection().get();
        return workspace
                .performance()
                .get()
                .flatMap(p -> p.beats().list().stream()
                        .filter(b -> now.word() >= 0
                                && b.word() == now.word()
                                && (now.phone() < 0 || b.index() == now.phone()))
                        .findFirst());
    }

    private String chartShape() {
        return beat().map(b -> workspace.charts().chart().shapeOf(b.phone())).orElse("");
    }

    private void editOwnPose() {
        Selection at = workspace.selection().get();
        Optional<Performance> performance = workspace.performance().get();
        Optional<Beat> beat = beat();
        if (performance.isEmpty() || beat.isEmpty()) {
            return;
        }
        player.pause();
        Pose begin = beat.get().targets().stream()
                .findFirst()
                .map(t -> t.pose()
                        .orElseGet(() -> performance.get().chart().poses().getOrDefault(t.shape(), Pose.REST)))
                .orElse(Pose.REST);
        editor.edit(
                "Own pose: " + chosen.getText(),
                begin,
                pose -> workspace
                        .mouth()
                        .touch(
                                at,
                                0,
                                t -> t.withPose(Optional.of(pose))
                                        .withShape(Optional.empty())
                                        .withBlend(Optional.empty())));
    }

    void show(MouthPictures newPictures) {
        pictures = Optional.of(newPictures);
        refresh();
    }

    void refresh() {
        Optional<Beat> beat = beat();
        Parts.shown(empty, beat.isEmpty());
        Parts.shown(card, beat.isPresent());
        beat.ifPresent(this::fill);
        list.refresh();
    }

    private void fill(Beat beat) {
        Selection now = workspace.selection().get();
        // The reading that was acted, not the line's own: a new one may be under way.
        String word = workspace
                .performance()
                .get()
                .orElseThrow()
                .timing()
                .words()
                .get(now.word())
                .text();
        boolean whole = now.phone() < 0;
        chosen.setText(whole ? "The word “" + word + "”" : beat.phone().ipa() + " in “" + word + "”");
        Optional<TouchUp> touch = workspace
                .mouth()
                .touchUpOn(now)
                .map(t -> workspace.mouth().work().touchUps().get(t));
        TouchUp shown = touch.orElseGet(() -> TouchUp.on(new Anchor("x", List.of(), List.of(), 1, 0, -1, Phone.SIL)));
        usual.setText(whole ? "Every sound of the word changes alike." : "The chart shows it as " + chartShape() + ".");
        filling = true;
        Optional<String> marked = shown.pose().isPresent()
                ? Optional.empty()
                : shown.shape().or(() -> whole ? Optional.empty() : Optional.of(chartShape()));
        List<String> shapes = List.copyOf(workspace.charts().chart().shapes().keySet());
        tiles.show(shapes, marked, pictures);
        strength.set(shown.strength());
        length.set(shown.length());
        shift.set(shown.shift());
        hold.set(shown.hold());
        List<String> choices = new ArrayList<>(List.of(NO_BLEND));
        choices.addAll(shapes);
        Parts.offer(second, choices);
        second.setValue(shown.blend().map(TouchUp.Blend::shape).orElse(NO_BLEND));
        shown.blend().ifPresent(b -> share.set(b.share()));
        Parts.shown(share, shown.blend().isPresent());
        passOver.setText(whole ? "Pass this word over" : "Pass this sound over");
        passOver.setSelected(shown.removed());
        ownPose.setText(shown.pose().isPresent() ? "Edit own pose…" : "Own pose…");
        reset.setDisable(touch.isEmpty());
        filling = false;
    }
}
