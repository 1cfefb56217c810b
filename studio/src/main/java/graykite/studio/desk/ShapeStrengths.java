package graykite.studio.desk;

import graykite.mouth.Diction;
import graykite.mouth.MouthChart;
import graykite.studio.model.Workspace;
import graykite.studio.view.MouthPictures;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.scene.control.TitledPane;
import javafx.scene.image.ImageView;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** How strong each shape of the chart is in what is worked on, with its picture. */
final class ShapeStrengths extends TitledPane {
    private final Workspace workspace;
    private final VBox shapes = new VBox(6);
    private final Map<String, Parts.Tuner> shapeStrengths = new HashMap<>();
    private final Map<String, ImageView> shapePictures = new HashMap<>();
    private List<String> shapesShown = List.of();
    private Optional<MouthPictures> pictures = Optional.empty();
    private long gesture;

    ShapeStrengths(Workspace workspace) {
        this.workspace = workspace;
        setText("Strength of single shapes");
        setContent(shapes);
        setExpanded(true);
        setAnimated(false);
        setId("shape-strengths");
    }

    void show(MouthPictures newPictures) {
        pictures = Optional.of(newPictures);
        shapePictures.forEach((shape, view) -> newPictures.of(shape).ifPresent(view::setImage));
    }

    void refresh() {
        List<String> names = workspace.charts().chart().shapes().keySet().stream()
                .filter(s -> !s.equals(MouthChart.REST))
                .toList();
        if (!names.equals(shapesShown)) {
            shapesShown = names;
            shapes.getChildren().clear();
            shapeStrengths.clear();
            shapePictures.clear();
            for (String shape : names) {
                ImageView view = new ImageView();
                view.setFitWidth(40);
                view.setFitHeight(40);
                Parts.Tuner tuner = new Parts.Tuner(
                        shape,
                        "Further strength of this shape",
                        0,
                        Diction.MOST,
                        1,
                        Parts::percent,
                        () -> gesture = workspace.newGesture(),
                        v -> workspace.mouth().diction(gesture, d -> d.withShape(shape, v)));
                HBox.setHgrow(tuner, Priority.ALWAYS);
                shapeStrengths.put(shape, tuner);
                shapePictures.put(shape, view);
                shapes.getChildren().add(Parts.row(view, tuner));
            }
            pictures.ifPresent(this::show);
        }
        Diction now = workspace.mouth().diction();
        shapeStrengths.forEach((shape, tuner) -> tuner.set(now.of(shape)));
    }
}
