package graykite.studio.desk;

import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.scene.Node;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** Sections of a desk of which one is open. */
final class Tabs extends VBox {
    private final ToggleGroup group = new ToggleGroup();
    private final HBox bar = new HBox();
    private final VBox section = new VBox();
    private final Map<String, ToggleButton> buttons = new LinkedHashMap<>();
    private final ReadOnlyStringWrapper open = new ReadOnlyStringWrapper("");

    Tabs() {
        super(12);
        bar.getStyleClass().add("tabs");
        getChildren().addAll(bar, section);
        group.selectedToggleProperty().addListener((o, before, now) -> {
            // One of them is always open.
            if (now == null && before != null) {
                before.setSelected(true);
            }
        });
    }

    /** Adds a section; the first one is open until another is. */
    void add(String title, String tip, Node pane) {
        ToggleButton tab = new ToggleButton(title);
        tab.setId("tab-" + title.toLowerCase(Locale.ROOT));
        tab.setToggleGroup(group);
        tab.getStyleClass().setAll("toggle-button", "tab-button");
        tab.setMinWidth(ToggleButton.USE_PREF_SIZE);
        tab.setTooltip(new Tooltip(tip));
        buttons.put(title, tab);
        bar.getChildren().add(tab);
        tab.selectedProperty().addListener((o, b, selected) -> {
            if (selected) {
                section.getChildren().setAll(pane);
                open.set(title);
            }
        });
    }

    /** Title of the section that is open. */
    ReadOnlyStringProperty open() {
        return open.getReadOnlyProperty();
    }

    void open(String title) {
        buttons.get(title).setSelected(true);
    }
}
