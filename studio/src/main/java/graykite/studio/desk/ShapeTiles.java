package graykite.studio.desk;

import graykite.studio.view.MouthPictures;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.Tooltip;
import javafx.scene.image.ImageView;
import javafx.scene.layout.FlowPane;

/** The shapes of a chart as the character's own mouths, of which one is chosen with a click. */
final class ShapeTiles extends FlowPane {
    private static final double SIDE = 44;

    private final Consumer<String> chosen;
    private final Map<String, ToggleButton> tiles = new LinkedHashMap<>();
    private final Map<String, ImageView> views = new LinkedHashMap<>();
    private List<String> shown = List.of();

    ShapeTiles(Consumer<String> chosen) {
        super(3, 3);
        this.chosen = chosen;
    }

    /** Shows these shapes, one of them chosen. */
    void show(List<String> shapes, Optional<String> now, Optional<MouthPictures> pictures) {
        if (!shapes.equals(shown)) {
            shown = List.copyOf(shapes);
            tiles.clear();
            views.clear();
            getChildren().clear();
            shapes.forEach(this::add);
        }
        pictures.ifPresent(p -> views.forEach((shape, view) -> p.of(shape).ifPresent(view::setImage)));
        tiles.forEach((shape, tile) -> tile.setSelected(now.equals(Optional.of(shape))));
    }

    private void add(String shape) {
        ImageView view = new ImageView();
        view.setFitWidth(SIDE);
        view.setFitHeight(SIDE);
        ToggleButton tile = new ToggleButton(shape, view);
        tile.setId("tile-" + shape.toLowerCase(Locale.ROOT).replace(' ', '-'));
        tile.setContentDisplay(ContentDisplay.TOP);
        tile.getStyleClass().setAll("toggle-button", "shape-tile");
        tile.setPrefWidth(68);
        tile.setTooltip(new Tooltip(shape));
        tile.setOnAction(e -> chosen.accept(shape));
        tiles.put(shape, tile);
        views.put(shape, view);
        getChildren().add(tile);
    }
}
