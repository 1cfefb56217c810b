package graykite.studio.desk;

import graykite.people.plan.Paint;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.IntConsumer;
import javafx.scene.control.ColorPicker;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Region;
import javafx.scene.paint.Color;

/** Colours in a row to choose among, and any other one. */
final class Swatches extends FlowPane {
    private final List<ToggleButton> choices = new ArrayList<>();
    private final List<Paint> paints;
    private final ToggleGroup group = new ToggleGroup();
    private final ColorPicker other;

    /**
     * @param of what is coloured, for people
     * @param paints what is offered
     * @param chosen receives the place of a choice
     * @param own receives any other colour
     */
    Swatches(String of, List<Paint> paints, IntConsumer chosen, Consumer<Paint> own) {
        super(4, 4);
        this.paints = paints;
        for (int i = 0; i < paints.size(); i++) {
            int at = i;
            Region dot = new Region();
            dot.setMinSize(16, 16);
            dot.setMaxSize(16, 16);
            dot.setStyle("-fx-background-radius: 8; -fx-background-color: "
                    + paints.get(i).word());
            ToggleButton button = new ToggleButton();
            button.setGraphic(dot);
            button.getStyleClass().setAll("swatch");
            button.setToggleGroup(group);
            button.setAccessibleText(of + ", colour " + (i + 1) + " of " + paints.size());
            button.setTooltip(new Tooltip(of + " " + paints.get(i).word()));
            button.setOnAction(e -> {
                button.setSelected(true);
                chosen.accept(at);
            });
            choices.add(button);
        }
        getChildren().addAll(choices);
        other = picker(of, own);
        getChildren().add(other);
    }

    /** A small picker of any colour. */
    static ColorPicker picker(String of, Consumer<Paint> chosen) {
        ColorPicker picker = new ColorPicker();
        picker.getStyleClass().addAll("button", "swatch-picker");
        picker.setAccessibleText(of + ", any colour");
        picker.setTooltip(new Tooltip(of + ": any colour"));
        picker.setOnAction(e -> chosen.accept(paint(picker.getValue())));
        return picker;
    }

    private static Paint paint(Color c) {
        return new Paint((int) Math.round(255 * c.getRed()) << 16
                | (int) Math.round(255 * c.getGreen()) << 8
                | (int) Math.round(255 * c.getBlue()));
    }

    /** Shows which colour it is. */
    void show(Paint paint) {
        int at = paints.indexOf(paint);
        group.selectToggle(at < 0 ? null : choices.get(at));
        other.setValue(Color.web(paint.word()));
    }
}
