package graykite.studio.view;

import graykite.studio.model.Knot;
import graykite.studio.model.Palette;
import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import java.util.function.Function;
import javafx.beans.property.ObjectProperty;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** The string: seven knots on the left edge. A knot opens its desk and shows how far its work has come. */
public final class StringSide extends VBox {
    /**
     * How far a station is.
     *
     * @param fill 0 nothing yet, 0.5 something is missing, 1 ready
     * @param says what is missing, or that it is ready
     * @param count of what is to be looked at there; 0 for nothing
     */
    public record State(double fill, String says, long count) {
        public State(double fill, String says) {
            this(fill, says, 0);
        }
    }

    private final Map<Knot, ToggleButton> buttons = new EnumMap<>(Knot.class);

    /**
     * @param open the knot whose desk is open
     * @param guide opens the guide
     */
    public StringSide(ObjectProperty<Knot> open, Runnable guide) {
        super(4);
        getStyleClass().add("string-side");
        setPadding(new Insets(10, 6, 10, 6));
        setPrefWidth(76);
        setMinWidth(76);
        setAlignment(Pos.TOP_CENTER);
        ToggleGroup group = new ToggleGroup();
        getChildren().add(KiteMark.large(38));
        for (Knot knot : Knot.values()) {
            ToggleButton button = new ToggleButton(knot.title());
            button.getStyleClass().setAll("toggle-button", "knot");
            button.setToggleGroup(group);
            button.setMaxWidth(Double.MAX_VALUE);
            button.setPrefHeight(54);
            button.setId("knot-" + knot.name().toLowerCase(Locale.ROOT));
            button.setOnAction(e -> {
                button.setSelected(true);
                open.set(knot);
            });
            buttons.put(knot, button);
            getChildren().add(button);
        }
        Region gap = new Region();
        VBox.setVgrow(gap, Priority.ALWAYS);
        Button help = new Button("", new FontIcon(Feather.HELP_CIRCLE));
        help.getStyleClass().addAll("flat");
        help.setId("guide");
        help.setTooltip(new Tooltip("The guide to the open desk (Shift+F1)"));
        help.setAccessibleText("The guide to the open desk");
        help.setOnAction(e -> guide.run());
        getChildren().addAll(gap, help);
        open.addListener((o, b, knot) -> buttons.get(knot).setSelected(true));
        buttons.get(open.get()).setSelected(true);
        VBox.setMargin(getChildren().getFirst(), new Insets(0, 0, 8, 0));
    }

    /** Redraws the kites. */
    public void update(Function<Knot, State> state, Palette palette) {
        buttons.forEach((knot, button) -> {
            State now = state.apply(knot);
            button.setGraphic(
                    KiteMark.knot(now.fill(), now.fill() >= 1 ? palette.moss() : palette.sand(), palette.ink2()));
            button.setText(knot.title() + (now.count() > 0 ? " " + now.count() : ""));
            Tooltip tip = new Tooltip(
                    knot.title() + ": " + knot.purpose() + "\n" + now.says() + "  (Ctrl+" + (knot.ordinal() + 1) + ")");
            button.setTooltip(tip);
            button.setAccessibleText(knot.title() + ". " + now.says());
        });
    }
}
