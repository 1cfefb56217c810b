package graykite.studio.desk;

import graykite.mouth.TouchUp;
import graykite.reading.Anchor;
import graykite.studio.model.Selection;
import graykite.studio.model.Workspace;
import graykite.studio.play.Player;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** All touch-ups of the line: a click goes there, each can be muted and removed. */
final class TouchUpList extends VBox {
    private final Workspace workspace;
    private final Player player;

    TouchUpList(Workspace workspace, Player player) {
        super(4);
        this.workspace = workspace;
        this.player = player;
    }

    void refresh() {
        getChildren().clear();
        List<TouchUp> all = workspace.mouth().work().touchUps();
        List<Optional<Anchor.Spot>> places = workspace
                .performance()
                .get()
                .map(p -> p.beats().touchUpPlaces())
                .orElse(List.of());
        for (int t = 0; t < all.size(); t++) {
            getChildren().add(row(t, all.get(t), t < places.size() ? places.get(t) : Optional.empty()));
        }
        if (all.isEmpty()) {
            getChildren().add(Parts.quiet("None yet."));
        }
    }

    private HBox row(int index, TouchUp touch, Optional<Anchor.Spot> place) {
        Label where = new Label(touch.at().inWords());
        where.getStyleClass().add("touch-up");
        Label what =
                Parts.quiet(place.isPresent() ? touch.inWords() : touch.inWords() + " – this reading lacks its word");
        VBox text = new VBox(where, what);
        text.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(text, Priority.ALWAYS);
        ToggleButton mute = new ToggleButton("", new FontIcon(touch.muted() ? Feather.EYE_OFF : Feather.EYE));
        mute.setSelected(touch.muted());
        mute.setId("mute-" + index);
        mute.setAccessibleText("Mute the touch-up");
        mute.setTooltip(new Tooltip(touch.muted() ? "Muted: it does nothing" : "Mute it for comparison"));
        mute.setOnAction(e -> workspace.mouth().muteTouchUp(index, !touch.muted()));
        Button remove = new Button("", new FontIcon(Feather.X));
        remove.setId("remove-" + index);
        remove.setAccessibleText("Remove the touch-up");
        remove.setTooltip(new Tooltip("Remove it"));
        remove.setOnAction(e -> workspace.mouth().removeTouchUp(index));
        HBox row = new HBox(4, text, mute, remove);
        row.setAlignment(Pos.CENTER_LEFT);
        row.getStyleClass().add("list-row");
        if (place.isEmpty()) {
            row.getStyleClass().add("lost");
        }
        text.setOnMouseClicked(e -> place.ifPresent(p -> {
            workspace.selection().set(new Selection(p.word(), p.phone()));
            workspace.selectedRange().ifPresent(r -> player.seek(r.start()));
        }));
        return row;
    }
}
