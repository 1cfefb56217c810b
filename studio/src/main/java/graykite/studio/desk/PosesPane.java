package graykite.studio.desk;

import graykite.mouth.Viseme;
import graykite.picture.Camera;
import graykite.rig.Channel;
import graykite.rig.Character;
import graykite.rig.Pose;
import graykite.rig.Views;
import graykite.studio.model.Trial;
import graykite.studio.view.PosePictures;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.AccessibleRole;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.control.TextInputDialog;
import javafx.scene.control.Tooltip;
import javafx.scene.image.ImageView;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** The pose library of a character: click to see a pose, double-click to key it on the line, blend, mirror, save. */
final class PosesPane extends VBox {
    private static final int SIZE = 92;

    private final Trial trial;
    private final PosePictures pictures;
    private final Consumer<String> key;
    private final FlowPane feelings = new FlowPane(8, 8);
    private final FlowPane mouths = new FlowPane(8, 8);
    private final ComboBox<String> other = new ComboBox<>();
    private final Parts.Tuner blend;
    private final TextField name = new TextField();
    private final CheckBox mouthToo = new CheckBox("with the mouth");
    private final Map<String, VBox> cells = new HashMap<>();
    private Optional<Character> shown = Optional.empty();

    /** @param key keys a pose at the playhead */
    PosesPane(Trial trial, PosePictures pictures, Consumer<String> key) {
        super(10);
        this.trial = trial;
        this.pictures = pictures;
        this.key = key;
        other.setMaxWidth(Double.MAX_VALUE);
        other.setPromptText("Blend with…");
        other.setAccessibleText("The pose to blend with");
        HBox.setHgrow(other, Priority.ALWAYS);
        blend = new Parts.Tuner(
                "Blend", "Share of the second pose", 0, 1, 0.5, Parts::percent, () -> {}, this::blendTo);
        other.setOnAction(e -> blendTo(0.5));
        Button mirror = new Button("Mirror");
        mirror.setTooltip(new Tooltip("Exchange left and right on the face that is shown"));
        mirror.setOnAction(
                e -> shown.ifPresent(f -> trial.show(f.values(trial.asPose().mirrored(f)))));
        Button save = new Button("Save pose");
        save.setId("save-pose");
        save.setTooltip(
                new Tooltip("Keep the face that is shown in the library; an old pose of that name is replaced"));
        save.setOnAction(e -> savePose());
        name.setPromptText("Name of the pose");
        name.setOnAction(e -> savePose());
        mouthToo.setSelected(true);
        mouthToo.setTooltip(
                new Tooltip("Off: jaw, lips and tongue are left out, so that the pose can lie under speech"));
        HBox.setHgrow(name, Priority.ALWAYS);
        getChildren()
                .addAll(
                        Parts.quiet("Click to see, double-click to key at the playhead. Right-click for more."),
                        Parts.heading("Expressions"),
                        feelings,
                        Parts.heading("Mouth shapes"),
                        mouths,
                        Parts.card(Parts.row(other, mirror), blend, Parts.row(name, save), mouthToo));
        trial.pose().addListener((o, b, n) -> mark());
    }

    private void blendTo(double share) {
        blend.set(share);
        shown.filter(f -> other.getValue() != null
                        && f.poses().containsKey(trial.pose().get()))
                .ifPresent(f -> {
                    Pose first = f.poses().get(trial.pose().get());
                    Pose second = f.poses().getOrDefault(other.getValue(), Pose.REST);
                    trial.show(f.values(first.blended(second, share)));
                });
    }

    private void savePose() {
        String title = name.getText().strip();
        if (title.isEmpty() || shown.isEmpty()) {
            name.requestFocus();
            return;
        }
        Map<String, Channel.Group> groups =
                shown.get().channels().stream().collect(Collectors.toMap(c -> c.name(), c -> c.group()));
        Pose pose = mouthToo.isSelected()
                ? trial.asPose()
                : trial.asPose().only(c -> groups.get(c).ordinal() > Channel.Group.TONGUE.ordinal());
        trial.keepPose(title, pose);
        name.clear();
    }

    /** Shows a character's library; only what changed is drawn anew. */
    void show(Character character) {
        if (shown.map(f -> f == character).orElse(false)) {
            return;
        }
        shown = Optional.of(character);
        cells.clear();
        feelings.getChildren().clear();
        mouths.getChildren().clear();
        Set<String> visemes = new TreeSet<>();
        List<PosePictures.Order> orders = new ArrayList<>();
        Camera mouth = Views.mouth(character);
        for (Viseme viseme : Viseme.values()) {
            visemes.add(viseme.title());
        }
        for (String pose : character.poses().keySet()) {
            if (!visemes.contains(pose)) {
                feelings.getChildren().add(cell(pose, "", Views.face(0), orders));
            }
        }
        for (Viseme viseme : Viseme.values()) {
            if (character.poses().containsKey(viseme.title())) {
                mouths.getChildren().add(cell(viseme.title(), viseme.sounds(), mouth, orders));
            }
        }
        if (feelings.getChildren().isEmpty()) {
            feelings.getChildren().add(Parts.quiet("None yet: set a face with the channels and save it as a pose."));
        }
        if (mouths.getChildren().isEmpty()) {
            mouths.getChildren().add(Parts.quiet("None yet: assign shapes under Shapes."));
        }
        String before = other.getValue();
        other.getItems().setAll(character.poses().keySet());
        other.setValue(before);
        pictures.draw(character, SIZE, orders);
        mark();
    }

    private VBox cell(String pose, String note, Camera camera, List<PosePictures.Order> orders) {
        ImageView view = new ImageView();
        view.setFitWidth(SIZE);
        view.setFitHeight(SIZE);
        shown.ifPresent(
                f -> orders.add(new PosePictures.Order(f.values(f.poses().get(pose)), camera, view::setImage)));
        Label label = new Label(pose);
        label.setMaxWidth(SIZE);
        VBox cell = new VBox(2, view, label);
        if (!note.isEmpty()) {
            cell.getChildren().add(Parts.quiet(note));
        }
        cell.setAlignment(Pos.TOP_CENTER);
        cell.getStyleClass().add("pose-cell");
        cell.setFocusTraversable(true);
        cell.setAccessibleRole(AccessibleRole.BUTTON);
        cell.setAccessibleText(pose);
        cell.setOnMouseClicked(e -> {
            cell.requestFocus();
            if (e.getButton() == MouseButton.PRIMARY) {
                trial.show(pose);
                if (e.getClickCount() == 2) {
                    key.accept(pose);
                }
            }
        });
        cell.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ENTER || e.getCode() == KeyCode.SPACE) {
                trial.show(pose);
                e.consume();
            }
        });
        cell.setOnContextMenuRequested(e -> menu(pose).show(cell, e.getScreenX(), e.getScreenY()));
        cells.put(pose, cell);
        return cell;
    }

    private ContextMenu menu(String pose) {
        ContextMenu menu = new ContextMenu();
        item(menu, "Key at the playhead", () -> key.accept(pose));
        item(menu, "Replace by the face that is shown", () -> trial.keepPose(pose, trial.asPose()));
        item(
                menu,
                "Save a mirrored copy",
                () -> shown.ifPresent(f -> trial.keepPose(
                        pose + " mirrored",
                        Pose.of(f, f.values(f.poses().get(pose))).mirrored(f))));
        item(menu, "Rename…", () -> {
            TextInputDialog ask = new TextInputDialog(pose);
            ask.setTitle("Rename the pose");
            ask.setHeaderText(null);
            ask.setContentText("Name");
            ask.initOwner(getScene().getWindow());
            ask.showAndWait()
                    .map(String::strip)
                    .filter(t -> !t.isEmpty() && !t.equals(pose))
                    .ifPresent(t -> trial.renamePose(pose, t));
        });
        item(menu, "Delete", () -> trial.removePose(pose));
        return menu;
    }

    private static void item(ContextMenu menu, String text, Runnable action) {
        MenuItem item = new MenuItem(text);
        item.setOnAction(e -> action.run());
        menu.getItems().add(item);
    }

    private void mark() {
        cells.forEach((pose, cell) -> {
            cell.getStyleClass().remove("chosen");
            if (pose.equals(trial.pose().get())) {
                cell.getStyleClass().add("chosen");
            }
        });
    }
}
