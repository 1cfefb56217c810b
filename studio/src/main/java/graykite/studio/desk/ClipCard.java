package graykite.studio.desk;

import graykite.acting.Clip;
import graykite.acting.ClipsLayer.Ready;
import graykite.acting.Performed;
import graykite.studio.model.Workspace;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.DoubleConsumer;
import java.util.function.DoubleFunction;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** The chosen clip: its expression, when it comes and goes, how much of it on either side, and of its mouth. */
final class ClipCard extends VBox {
    private final Workspace workspace;
    private final ComboBox<String> pose = new ComboBox<>();
    private final TextField from = new TextField();
    private final TextField to = new TextField();
    private final Parts.Tuner left;
    private final Parts.Tuner right;
    private final CheckBox both = new CheckBox("Both sides alike");
    private final Parts.Tuner mouth;
    private final Parts.Tuner easeIn;
    private final Parts.Tuner easeOut;
    private final Button face = new Button("On the face", new FontIcon(Feather.SLIDERS));
    private final Button own = new Button("Make it this clip's own");
    private long gesture;
    private boolean filling;

    ClipCard(Workspace workspace) {
        super(6);
        this.workspace = workspace;
        getStyleClass().add("card");
        setId("clip-card");
        left = tuner(
                "Left",
                "How much of it on the character's left",
                0,
                Clip.MOST,
                1,
                Parts::percent,
                v -> amounts(v, true));
        right = tuner(
                "Right",
                "How much of it on the character's right",
                0,
                Clip.MOST,
                1,
                Parts::percent,
                v -> amounts(v, false));
        mouth = tuner(
                "Mouth",
                "How much of its jaw and lips lies over speech; 0 leaves the mouth to the words",
                0,
                1,
                Clip.USUAL_MOUTH,
                Parts::percent,
                v -> workspace.clips().look(gesture, l -> l.withMouth(v)));
        easeIn = tuner(
                "Comes in",
                "How long it takes to come",
                0,
                2,
                Clip.USUAL_EASE,
                Parts::seconds,
                v -> workspace.clips().look(gesture, l -> l.withEases(v, l.easeOut())));
        easeOut = tuner(
                "Goes in",
                "How long it takes to go",
                0,
                2,
                Clip.USUAL_EASE,
                Parts::seconds,
                v -> workspace.clips().look(gesture, l -> l.withEases(l.easeIn(), v)));
        both.setId("clip-both");
        both.setSelected(true);
        both.setTooltip(new Tooltip("Off: left and right differ, as on a living face"));
        pose.setMaxWidth(Double.MAX_VALUE);
        pose.setId("clip-pose");
        pose.setAccessibleText("The expression of the clip");
        pose.setOnAction(e -> {
            if (!filling && pose.getValue() != null) {
                workspace.clips().link(pose.getValue());
            }
        });
        HBox.setHgrow(pose, Priority.ALWAYS);
        Button delete = new Button("", new FontIcon(Feather.TRASH_2));
        delete.setId("delete-clip");
        delete.setAccessibleText("Delete the clip");
        delete.setTooltip(new Tooltip("Delete the clip (Delete)"));
        delete.setOnAction(e -> workspace.clips().delete());
        face.setId("clip-face");
        face.setTooltip(new Tooltip("Sliders for this clip, and dragging on the face (double-click on the clip)"));
        face.setOnAction(
                e -> workspace.clips().opened().set(workspace.clips().opened().get() + 1));
        own.setTooltip(new Tooltip("What is changed in the library no longer changes it"));
        own.setOnAction(e -> workspace.clips().makeOwn());
        time(from, "clip-from", "When the clip begins, in seconds");
        time(to, "clip-to", "When it ends, in seconds");
        getChildren()
                .addAll(
                        Parts.heading("The chosen clip"),
                        Parts.row(pose, delete),
                        Parts.row(new Label("from"), from, new Label("to"), to, new Label("s")),
                        left,
                        right,
                        both,
                        mouth,
                        easeIn,
                        easeOut,
                        Parts.row(face, own));
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

    private void amounts(double value, boolean ofLeft) {
        workspace.clips().look(gesture, l -> {
            double onLeft = ofLeft || both.isSelected() ? value : l.left();
            double onRight = !ofLeft || both.isSelected() ? value : l.right();
            return l.withAmounts(onLeft, onRight);
        });
    }

    private void time(TextField field, String id, String says) {
        field.setId(id);
        field.setPrefWidth(72);
        field.getStyleClass().add("figures");
        field.setAccessibleText(says);
        field.setOnAction(e -> {
            Optional<Double> first = Parts.number(from.getText());
            Optional<Double> last = Parts.number(to.getText());
            if (first.isPresent() && last.isPresent()) {
                workspace.clips().place(first.get(), last.get(), 0);
            }
            refresh(List.copyOf(pose.getItems()));
        });
    }

    /** @param expressions of who speaks */
    void refresh(List<String> expressions) {
        Optional<Ready> chosen = workspace.clips().clip();
        Parts.shown(this, chosen.isPresent());
        if (chosen.isEmpty()) {
            return;
        }
        Clip.Look look = chosen.get().clip().look();
        filling = true;
        Parts.offer(pose, expressions);
        pose.setValue(look.content().name());
        filling = false;
        if (!from.isFocused()) {
            from.setText(String.format(Locale.ROOT, "%.3f", chosen.get().start()));
        }
        if (!to.isFocused()) {
            to.setText(String.format(Locale.ROOT, "%.3f", chosen.get().end()));
        }
        if (look.left() != look.right()) {
            both.setSelected(false);
        }
        left.set(look.left());
        right.set(look.right());
        mouth.set(look.mouth());
        easeIn.set(look.easeIn());
        easeOut.set(look.easeOut());
        face.setDisable(look.content() instanceof Performed);
        boolean linked = look.content() instanceof Clip.Linked;
        own.setDisable(!linked);
        own.setText(linked ? "Make it this clip's own" : "This clip's own");
    }
}
