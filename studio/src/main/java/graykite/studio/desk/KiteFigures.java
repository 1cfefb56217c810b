package graykite.studio.desk;

import graykite.mouth.Diction;
import graykite.studio.model.Workspace;
import graykite.studio.view.KiteCorner;
import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** The kite's figures, typed. */
final class KiteFigures extends HBox {
    private final Map<KiteCorner, TextField> figures = new EnumMap<>(KiteCorner.class);

    KiteFigures(Workspace workspace) {
        super(4);
        setAlignment(Pos.CENTER);
        for (KiteCorner corner : KiteCorner.values()) {
            TextField field = new TextField();
            field.setPrefWidth(58);
            field.setAlignment(Pos.CENTER);
            field.setId("figure-" + corner.title().toLowerCase(Locale.ROOT));
            field.setStyle("-fx-padding: 3 2 3 2; -fx-font-size: 12px;");
            field.setAccessibleText(corner.title() + ", in per cent");
            field.setOnAction(e -> {
                Parts.number(field.getText()).ifPresent(v -> workspace.mouth().diction(0, d -> corner.in(d, v / 100)));
                show(corner, workspace.mouth().diction());
            });
            Label name = new Label(corner.title());
            name.getStyleClass().add("quiet");
            name.setTooltip(new Tooltip(corner.tip() + "\nDouble-click to reset."));
            name.setOnMouseClicked(e -> {
                if (e.getClickCount() == 2) {
                    workspace.mouth().diction(0, d -> corner.in(d, corner.of(Diction.PLAIN)));
                }
            });
            VBox cell = new VBox(1, name, field);
            cell.setAlignment(Pos.CENTER);
            figures.put(corner, field);
            getChildren().add(cell);
        }
    }

    /** Shows the figures of a diction, but not in a field that is being typed in. */
    void set(Diction now) {
        figures.forEach((corner, field) -> {
            if (!field.isFocused()) {
                show(corner, now);
            }
        });
    }

    private void show(KiteCorner corner, Diction now) {
        figures.get(corner).setText(String.format(Locale.ROOT, "%.0f %%", 100 * corner.of(now)));
    }
}
