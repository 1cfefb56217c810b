package graykite.studio.desk;

import graykite.mouth.MouthChart;
import graykite.mouth.MouthShape;
import graykite.mouth.Viseme;
import graykite.studio.model.ChartEdits;
import graykite.studio.model.Workspace;
import graykite.text.Phone;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** One shape of the chart: its strength, its look, and how it is split, merged and renamed. */
final class ShapeCard extends VBox {
    private final Workspace workspace;
    private final ChartEdits charts;
    private final String shape;
    private long gesture;

    /** What the card asks of the pane around it. */
    interface Asks {
        /** Edit the look of a shape. */
        void editLook(String shape);

        /** Show another shape's card. */
        void choose(String shape);
    }

    /** @param phone the sound that is chosen, which a split takes along */
    ShapeCard(Workspace workspace, String shape, Optional<Phone> phone, Asks asks) {
        super(6);
        this.workspace = workspace;
        this.charts = workspace.charts();
        this.shape = shape;
        getStyleClass().add("card");
        setId("shape-card");
        MouthShape now = charts.chart().shapes().get(shape);
        Parts.Tuner strength = new Parts.Tuner(
                "Strength",
                "How much of this look counts as the full shape",
                0,
                1.5,
                1,
                Parts::percent,
                () -> gesture = workspace.newGesture(),
                v -> charts.edit(
                        "Strength of " + shape,
                        gesture,
                        c -> c.withShape(c.shapes().get(shape).withStrength(v))));
        strength.set(now.strength());
        Button look = new Button("Edit its look…");
        look.setId("edit-look");
        look.setTooltip(new Tooltip("On sliders, or by dragging the lips on the face"));
        look.setOnAction(e -> asks.editLook(shape));
        getChildren().addAll(Parts.row(Parts.heading(shape), look), strength);
        if (!shape.equals(MouthChart.REST)) {
            getChildren().addAll(like(now), rename(asks), split(phone, asks), merge(asks));
        }
    }

    private HBox like(MouthShape now) {
        ComboBox<String> kin = new ComboBox<>();
        kin.getItems().setAll(Arrays.stream(Viseme.values()).map(Viseme::title).toList());
        kin.setValue(now.kin().title());
        kin.setMaxWidth(Double.MAX_VALUE);
        kin.setTooltip(new Tooltip("The standard shape that stands in on a character without this one"));
        kin.setOnAction(e -> Viseme.named(kin.getValue())
                .ifPresent(v -> charts.edit(
                        "Kin of " + shape,
                        0,
                        c -> c.withShape(
                                new MouthShape(shape, v, c.shapes().get(shape).strength())))));
        HBox.setHgrow(kin, Priority.ALWAYS);
        return labelled("Like", kin);
    }

    private HBox rename(Asks asks) {
        TextField name = field("Another name", "rename-shape");
        Button go = new Button("Rename");
        Runnable act = () -> {
            String wanted = name.getText().strip();
            if (!wanted.isEmpty() && wanted.length() <= 60) {
                charts.rename(shape, wanted);
                asks.choose(charts.chart().shapes().containsKey(wanted) ? wanted : shape);
            }
        };
        name.setOnAction(e -> act.run());
        go.setOnAction(e -> act.run());
        return Parts.row(name, go);
    }

    private HBox split(Optional<Phone> phone, Asks asks) {
        List<Phone> moved = phone.filter(p -> charts.chart().phonesOf(shape).contains(p))
                .map(List::of)
                .orElse(List.of());
        TextField name = field(
                moved.isEmpty()
                        ? "A new shape like this one"
                        : "A shape of its own for " + moved.getFirst().ipa(),
                "split-shape");
        Button go = new Button("Split");
        go.setTooltip(new Tooltip("Make a shape that begins as this one; the chosen sound goes along"));
        Runnable act = () -> {
            String wanted = name.getText().strip();
            if (!wanted.isEmpty() && wanted.length() <= 60) {
                charts.split(shape, wanted, moved);
                asks.choose(charts.chart().shapes().containsKey(wanted) ? wanted : shape);
            }
        };
        name.setOnAction(e -> act.run());
        go.setOnAction(e -> act.run());
        return Parts.row(name, go);
    }

    private HBox merge(Asks asks) {
        ComboBox<String> into = new ComboBox<>();
        into.getItems()
                .setAll(charts.chart().shapes().keySet().stream()
                        .filter(s -> !s.equals(shape))
                        .toList());
        into.setPromptText("Merge into…");
        into.setId("merge-shape");
        into.setAccessibleText("Merge " + shape + " into another shape");
        into.setMaxWidth(Double.MAX_VALUE);
        into.setTooltip(new Tooltip("Its sounds take the other shape; this one is gone from the chart"));
        into.setOnAction(e -> {
            if (into.getValue() != null) {
                String other = into.getValue();
                charts.edit("Merge " + shape + " into " + other, 0, c -> c.merged(shape, other));
                asks.choose(other);
            }
        });
        HBox.setHgrow(into, Priority.ALWAYS);
        return Parts.row(into);
    }

    private static TextField field(String prompt, String id) {
        TextField field = new TextField();
        field.setPromptText(prompt);
        field.setAccessibleText(prompt);
        field.setId(id);
        HBox.setHgrow(field, Priority.ALWAYS);
        return field;
    }

    private static HBox labelled(String name, ComboBox<String> box) {
        Label label = new Label(name);
        label.setMinWidth(40);
        return Parts.row(label, box);
    }
}
