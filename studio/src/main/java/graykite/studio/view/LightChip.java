package graykite.studio.view;

import graykite.picture.Backdrop;
import graykite.picture.Dressing;
import graykite.picture.Lighting;
import graykite.studio.model.StageLight;
import graykite.studio.model.Workspace;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ColorPicker;
import javafx.scene.control.CustomMenuItem;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.Spinner;
import javafx.scene.control.SpinnerValueFactory.DoubleSpinnerValueFactory;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import javafx.scene.paint.Color;

/** How the stage is lit and what is behind those on it: kept with the line or scene, in movies and pictures too. */
final class LightChip extends MenuButton {
    private final StageLight light;
    private final LightBall ball;
    private final List<ToggleButton> moods = new ArrayList<>();
    private final List<ToggleButton> backdrops = new ArrayList<>();
    private final Spinner<Double> side = angle("light-side");
    private final Spinner<Double> up = angle("light-up");
    private final ColorPicker own = new ColorPicker();
    private boolean showing;

    /** @param dressed is told how the stage is dressed, at once and whenever that changes */
    LightChip(Workspace workspace, Consumer<Dressing> dressed) {
        super("Light");
        this.light = workspace.light();
        ball = new LightBall(light);
        setId("stage-light");
        getStyleClass().add("stage-chip");
        setTooltip(new Tooltip(
                "Light and background of this line or scene, in movies too. Alt+drag on the face turns the key light"));
        CustomMenuItem content = new CustomMenuItem(content(), false);
        content.getStyleClass().add("light-menu");
        getItems().add(content);
        Runnable refresh = () -> {
            dressed.accept(light.get());
            show(light.get());
        };
        workspace.history().addListener((o, b, n) -> refresh.run());
        workspace.lineId().addListener((o, b, n) -> refresh.run());
        workspace.sceneId().addListener((o, b, n) -> refresh.run());
        refresh.run();
    }

    private VBox content() {
        ToggleGroup moodGroup = new ToggleGroup();
        HBox moodRow = new HBox(4);
        for (Lighting.Mood mood : Lighting.Mood.values()) {
            ToggleButton button = choice(mood.title(), moodGroup, moods);
            button.setId("light-" + mood.word());
            button.setOnAction(e -> light.light(light.get().lighting().withMood(mood), light.newGesture()));
            moodRow.getChildren().add(button);
        }
        GridPane angles = new GridPane(8, 8);
        angles.addRow(0, new Label("Side"), side);
        angles.addRow(1, new Label("Up"), up);
        side.setTooltip(new Tooltip("Degrees to the right of the picture"));
        up.setTooltip(new Tooltip("Degrees from above"));
        HBox key = new HBox(12, ball, angles);
        key.setAlignment(Pos.CENTER_LEFT);
        ToggleGroup behindGroup = new ToggleGroup();
        HBox behind = new HBox(4);
        for (Backdrop backdrop : Backdrop.SHIPPED) {
            ToggleButton button = choice(backdrop.title(), behindGroup, backdrops);
            button.setId("backdrop-" + backdrop.word());
            button.setOnAction(e -> light.before(backdrop));
            behind.getChildren().add(button);
        }
        own.setId("backdrop-own");
        own.setTooltip(new Tooltip("An even colour of your own"));
        own.setOnAction(e -> {
            if (!showing) {
                Color c = own.getValue();
                light.before(Backdrop.even((int) Math.round(255 * c.getRed()) << 16
                        | (int) Math.round(255 * c.getGreen()) << 8
                        | (int) Math.round(255 * c.getBlue())));
            }
        });
        Button everywhere = new Button("For every line and scene");
        everywhere.setId("light-everywhere");
        everywhere.setTooltip(new Tooltip("Gives this light and background to every line and scene of the project"));
        everywhere.setOnAction(e -> light.everywhere());
        VBox all = new VBox(8, heading("Light"), moodRow, key, heading("Behind"), behind, own, everywhere);
        all.setPadding(new Insets(4));
        return all;
    }

    private static Label heading(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("heading");
        return label;
    }

    private static ToggleButton choice(String text, ToggleGroup group, List<ToggleButton> all) {
        ToggleButton button = new ToggleButton(text);
        button.setToggleGroup(group);
        all.add(button);
        return button;
    }

    private Spinner<Double> angle(String id) {
        Spinner<Double> spinner = new Spinner<>(new DoubleSpinnerValueFactory(-Lighting.WIDEST, Lighting.WIDEST, 0, 2));
        spinner.setId(id);
        spinner.setEditable(true);
        spinner.setPrefWidth(92);
        spinner.valueProperty().addListener((o, b, now) -> {
            if (!showing && now != null) {
                light.light(light.get().lighting().from(side.getValue(), up.getValue()), light.newGesture());
            }
        });
        return spinner;
    }

    private void show(Dressing dressing) {
        showing = true;
        Lighting lighting = dressing.lighting();
        for (Lighting.Mood mood : Lighting.Mood.values()) {
            moods.get(mood.ordinal()).setSelected(mood == lighting.mood());
        }
        for (int i = 0; i < backdrops.size(); i++) {
            backdrops.get(i).setSelected(Backdrop.SHIPPED.get(i).equals(dressing.backdrop()));
        }
        if (dressing.backdrop().word().startsWith("#")) {
            own.setValue(Color.web(dressing.backdrop().word()));
        }
        side.getValueFactory().setValue(lighting.yaw());
        up.getValueFactory().setValue(lighting.pitch());
        ball.show(lighting);
        showing = false;
    }
}
