package graykite.studio.desk;

import graykite.delivery.Kind;
import graykite.delivery.Order;
import graykite.studio.model.Deliveries;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import javafx.geometry.VPos;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;

/** What a delivery consists of: any number of formats, in rows of a sort. */
final class KindsPane extends GridPane {
    private record Sort(String name, List<Kind> kinds) {}

    private static final List<Sort> SORTS = List.of(
            new Sort("Motion", List.of(Kind.GLB, Kind.CURVES_CSV, Kind.CURVES_JSON)),
            new Sort("Picture", List.of(Kind.MOVIE, Kind.PRORES, Kind.WEBM, Kind.PICTURES)),
            new Sort("Sound", List.of(Kind.WAV)),
            new Sort("Subtitles", List.of(Kind.SUBRIP, Kind.WEBVTT)),
            new Sort("Paper", List.of(Kind.SHEET_PDF, Kind.SHEET_CSV, Kind.CONTACT)),
            new Sort(
                    "Times",
                    List.of(Kind.WORDS_CSV, Kind.WORDS_CTM, Kind.PHONES_CSV, Kind.PHONES_CTM, Kind.READING_JSON)));

    private final Deliveries deliveries;
    private final Map<Kind, ToggleButton> chips = new EnumMap<>(Kind.class);

    KindsPane(Deliveries deliveries) {
        this.deliveries = deliveries;
        setHgap(8);
        setVgap(6);
        for (int row = 0; row < SORTS.size(); row++) {
            Sort sort = SORTS.get(row);
            Label name = new Label(sort.name);
            name.setMinWidth(68);
            GridPane.setValignment(name, VPos.TOP);
            FlowPane flow = new FlowPane(4, 4);
            flow.setPrefWrapLength(270);
            sort.kinds.forEach(k -> flow.getChildren().add(chip(k)));
            addRow(row, name, flow);
        }
        refresh();
    }

    private ToggleButton chip(Kind kind) {
        ToggleButton chip = new ToggleButton(kind.label());
        chip.getStyleClass().add("chip");
        chip.setId("kind-" + kind.id());
        chip.setAccessibleText(kind.title());
        chip.setTooltip(new Tooltip(kind.title()));
        chip.setOnAction(e -> toggle(kind, chip.isSelected()));
        chips.put(kind, chip);
        return chip;
    }

    private void toggle(Kind kind, boolean wanted) {
        Order order = deliveries.order().get();
        EnumSet<Kind> kinds = EnumSet.copyOf(order.kinds());
        if (wanted) {
            kinds.add(kind);
        } else {
            kinds.remove(kind);
        }
        if (kinds.isEmpty()) {
            // Something is delivered, or nothing could be chosen at all.
            refresh();
            return;
        }
        deliveries.order().set(order.withKinds(kinds));
    }

    void refresh() {
        chips.forEach((kind, chip) ->
                chip.setSelected(deliveries.order().get().kinds().contains(kind)));
    }
}
