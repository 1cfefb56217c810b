package graykite.studio.desk;

import graykite.mouth.Viseme;
import graykite.rig.Character;
import graykite.rig.Views;
import graykite.studio.model.ClipEdits;
import graykite.studio.model.Workspace;
import graykite.studio.play.Player;
import graykite.studio.view.ExpressionDrag;
import graykite.studio.view.PosePictures;
import graykite.time.TimeRange;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.AccessibleRole;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.image.ImageView;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;

/**
 * The expressions of who speaks: pointing at one shows it on the moving face, a click puts it at the playhead (or on the looped
 * stretch), and it can be dragged to the sheet.
 */
final class ExpressionsPane extends VBox {
    private static final int SIZE = 70;
    private static final Set<String> VISEMES =
            Arrays.stream(Viseme.values()).map(Viseme::title).collect(Collectors.toUnmodifiableSet());

    private final Workspace workspace;
    private final Player player;
    private final PosePictures pictures;
    private final TextField find = new TextField();
    private final FlowPane tiles = new FlowPane(5, 5);
    private Optional<Character> shown = Optional.empty();

    ExpressionsPane(Workspace workspace, Player player, PosePictures pictures) {
        super(8);
        this.workspace = workspace;
        this.player = player;
        this.pictures = pictures;
        find.setPromptText("Find an expression");
        find.setId("find-expression");
        find.setAccessibleText("Find an expression by a part of its name");
        find.textProperty().addListener((o, b, n) -> narrow());
        getChildren()
                .addAll(
                        Parts.quiet(
                                "Point at one to see it on the face. A click puts it at the playhead, or on the looped"
                                        + " stretch; or drag it to the row \"feel\"."),
                        find,
                        tiles);
    }

    /** The expressions of a character: its poses that are no mouth shapes. */
    static List<String> expressions(Character character) {
        return character.poses().keySet().stream()
                .filter(p -> !VISEMES.contains(p)
                        && !character.poses().get(p).values().isEmpty())
                .toList();
    }

    private ClipEdits clips() {
        return workspace.clips();
    }

    /** Where an expression goes now. */
    private TimeRange room() {
        return player.loopRange()
                .get()
                .orElseGet(() -> clips().room(player.time().get()));
    }

    /** Shows a character's library; nothing happens when it is shown already. */
    void show(Character character) {
        if (shown.map(c -> c == character).orElse(false)) {
            return;
        }
        shown = Optional.of(character);
        tiles.getChildren().clear();
        List<PosePictures.Order> orders = new ArrayList<>();
        for (String pose : expressions(character)) {
            tiles.getChildren().add(tile(character, pose, orders));
        }
        if (tiles.getChildren().isEmpty()) {
            tiles.getChildren()
                    .add(Parts.quiet(
                            "This character has no expressions yet: set a face on the Cast desk and save it."));
        }
        pictures.draw(character, SIZE, orders);
        narrow();
    }

    private VBox tile(Character character, String pose, List<PosePictures.Order> orders) {
        ImageView view = new ImageView();
        view.setFitWidth(SIZE);
        view.setFitHeight(SIZE);
        orders.add(new PosePictures.Order(
                character.values(character.poses().get(pose)), Views.features(character, 12), view::setImage));
        Label name = new Label(pose);
        name.setMaxWidth(SIZE + 4);
        name.setStyle("-fx-font-size: 12px;");
        VBox tile = new VBox(1, view, name);
        tile.setAlignment(Pos.TOP_CENTER);
        tile.getStyleClass().add("pose-cell");
        tile.setId("expression-" + pose.toLowerCase(Locale.ROOT).replace(' ', '-'));
        tile.setFocusTraversable(true);
        tile.setAccessibleRole(AccessibleRole.BUTTON);
        tile.setAccessibleText(pose);
        Tooltip.install(tile, new Tooltip("Click or Enter puts \"" + pose + "\" on the line"));
        tile.setOnMouseEntered(e -> clips().preview(pose, room()));
        tile.setOnMouseExited(e -> clips().endPreview());
        tile.focusedProperty().addListener((o, b, focused) -> {
            if (focused && tile.isFocusVisible()) {
                clips().preview(pose, room());
            } else if (!focused) {
                clips().endPreview();
            }
        });
        tile.setOnMouseClicked(e -> {
            if (e.getButton() == MouseButton.PRIMARY && e.isStillSincePress()) {
                clips().add(pose, room());
            }
        });
        tile.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ENTER || e.getCode() == KeyCode.SPACE) {
                clips().add(pose, room());
                e.consume();
            }
        });
        ExpressionDrag.from(tile, pose);
        return tile;
    }

    private void narrow() {
        String wanted = find.getText().strip().toLowerCase(Locale.ROOT);
        tiles.getChildren()
                .forEach(t -> Parts.shown(
                        t,
                        t.getAccessibleText() == null
                                || t.getAccessibleText()
                                        .toLowerCase(Locale.ROOT)
                                        .contains(wanted)));
    }
}
