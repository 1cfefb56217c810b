package graykite.studio.desk;

import graykite.acting.Clip;
import graykite.acting.ClipsLayer;
import graykite.acting.Cue;
import graykite.studio.model.CueEdits;
import graykite.studio.model.Workspace;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleConsumer;
import java.util.function.DoubleFunction;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** The chosen cue: what comes, how much of it, when and how often. */
final class CueCard extends VBox {
    private final Workspace workspace;
    private final CueEdits edits;
    private final Label title = Parts.heading("");
    private final ComboBox<String> pose = new ComboBox<>();
    private final Parts.Tuner amount;
    private final Parts.Tuner mouth;
    private final Parts.Tuner offset;
    private final Parts.Tuner length;
    private final Parts.Tuner chance;
    private final Parts.Tuner variation;
    private long gesture;
    private boolean filling;

    CueCard(Workspace workspace) {
        super(6);
        this.workspace = workspace;
        this.edits = workspace.cues();
        getStyleClass().add("card");
        setId("cue-card");
        amount = tuner(
                "Amount",
                "How much of the expression",
                0,
                Clip.MOST,
                1,
                Parts::percent,
                v -> edits.change(gesture, q -> q.withLook(q.look().withAmounts(v, v))));
        mouth = tuner(
                "Mouth",
                "How much of its jaw and lips lies over speech",
                0,
                1,
                0.2,
                Parts::percent,
                v -> edits.change(gesture, q -> q.withLook(q.look().withMouth(v))));
        offset = tuner(
                "Offset",
                "Seconds after its place; below 0 before it",
                -2,
                2,
                0,
                Parts::seconds,
                v -> edits.change(gesture, q -> q.withTimes(v, q.length())));
        length = tuner(
                "Length",
                "How long it stays",
                ClipsLayer.LEAST,
                4,
                Cue.USUAL_LENGTH,
                Parts::seconds,
                v -> edits.change(gesture, q -> q.withTimes(q.offset(), v)));
        chance = tuner(
                "Chance",
                "How often it comes",
                0,
                1,
                1,
                Parts::percent,
                v -> edits.change(gesture, q -> q.withChance(v, q.variation())));
        variation = tuner(
                "Variation",
                "How far strength and time differ from place to place",
                0,
                1,
                0,
                Parts::percent,
                v -> edits.change(gesture, q -> q.withChance(q.chance(), v)));
        pose.setId("cue-card-pose");
        pose.setAccessibleText("The expression that comes");
        pose.setMaxWidth(Double.MAX_VALUE);
        pose.setOnAction(e -> {
            if (!filling && pose.getValue() != null) {
                edits.change(0, q -> q.withLook(q.look().withContent(new Clip.Linked(pose.getValue()))));
            }
        });
        HBox.setHgrow(pose, Priority.ALWAYS);
        Button delete = new Button("", new FontIcon(Feather.TRASH_2));
        delete.setId("delete-cue");
        delete.setAccessibleText("Remove the cue");
        delete.setTooltip(new Tooltip("Remove the cue from this line"));
        delete.setOnAction(e -> edits.delete());
        getChildren().addAll(title, Parts.row(pose, delete), amount, mouth, offset, length, chance, variation);
        Parts.shown(this, false);
    }

    private Parts.Tuner tuner(
            String name,
            String tip,
            double min,
            double max,
            double usual,
            DoubleFunction<String> shown,
            DoubleConsumer change) {
        return new Parts.Tuner(name, tip, min, max, usual, shown, () -> gesture = workspace.newGesture(), change);
    }

    /** @param expressions of who speaks */
    void refresh(List<String> expressions) {
        Optional<Cue> chosen = edits.cue();
        Parts.shown(this, chosen.isPresent());
        chosen.ifPresent(cue -> {
            title.setText("The cue " + cue.name());
            filling = true;
            Parts.offer(pose, expressions);
            pose.setValue(cue.look().content().name());
            filling = false;
            amount.set((cue.look().left() + cue.look().right()) / 2);
            mouth.set(cue.look().mouth());
            offset.set(cue.offset());
            length.set(cue.length());
            chance.set(cue.chance());
            variation.set(cue.variation());
        });
    }
}
