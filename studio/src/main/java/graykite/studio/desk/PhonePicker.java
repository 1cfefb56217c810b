package graykite.studio.desk;

import graykite.mouth.MouthChart;
import graykite.studio.view.MouthPictures;
import graykite.text.Phone;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.image.ImageView;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** All sounds of speech, laid out by the mouth that says them: one row a shape of the character, with its picture. */
final class PhonePicker extends VBox {
    private static final double SIDE = 40;

    private final Consumer<Phone> chosen;
    private final Map<Phone, Button> buttons = new HashMap<>();
    private final Map<String, ImageView> views = new HashMap<>();
    private List<List<Phone>> shown = List.of();

    PhonePicker(Consumer<Phone> chosen) {
        super(2);
        this.chosen = chosen;
        setId("phone-picker");
    }

    /** Shows the sounds in the rows of a chart, one of them marked. */
    void show(MouthChart chart, Optional<Phone> now, Optional<MouthPictures> pictures) {
        List<List<Phone>> rows = new ArrayList<>();
        for (String shape : chart.shapes().keySet()) {
            rows.add(chart.phonesOf(shape));
        }
        rows.add(chart.unmapped());
        if (!rows.equals(shown)) {
            shown = rows;
            build(chart);
        }
        pictures.ifPresent(p -> views.forEach((shape, view) -> p.of(shape).ifPresent(view::setImage)));
        buttons.forEach((phone, button) -> {
            button.getStyleClass().remove("phone-now");
            if (now.equals(Optional.of(phone))) {
                button.getStyleClass().add("phone-now");
            }
        });
    }

    private void build(MouthChart chart) {
        getChildren().clear();
        buttons.clear();
        views.clear();
        for (String shape : chart.shapes().keySet()) {
            addRow(shape, chart.phonesOf(shape));
        }
        addRow("No shape", chart.unmapped());
    }

    private void addRow(String shape, List<Phone> all) {
        List<Phone> phones = all.stream().filter(p -> p != Phone.SIL).toList();
        if (phones.isEmpty()) {
            return;
        }
        ImageView view = new ImageView();
        view.setFitWidth(SIDE);
        view.setFitHeight(SIDE);
        views.put(shape, view);
        Label name = new Label(shape);
        name.getStyleClass().add("quiet");
        name.setMinWidth(88);
        FlowPane row = new FlowPane(4, 4);
        for (Phone phone : phones) {
            Button button = new Button(phone.ipa());
            button.getStyleClass().setAll("button", "phone-chip", "phone-pick");
            button.setId("pick-" + phone.name().toLowerCase(Locale.ROOT));
            button.setAccessibleText("The sound of " + phone.example() + ", " + phone.name());
            button.setTooltip(new Tooltip(phone.name() + " as in \"" + phone.example() + "\""));
            button.setOnAction(e -> chosen.accept(phone));
            buttons.put(phone, button);
            row.getChildren().add(button);
        }
        HBox.setHgrow(row, Priority.ALWAYS);
        HBox line = new HBox(8, view, name, row);
        line.setAlignment(Pos.CENTER_LEFT);
        getChildren().add(line);
    }
}
