package graykite.studio.desk;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.DoubleConsumer;
import java.util.function.DoubleFunction;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.kordamp.ikonli.Ikon;
import org.kordamp.ikonli.javafx.FontIcon;

/** The pieces that all desks are made of. */
final class Parts {
    private Parts() {}

    static Label title(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("title");
        return label;
    }

    static Label heading(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("heading");
        return label;
    }

    static Label quiet(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("quiet");
        label.setWrapText(true);
        label.setMinHeight(Label.USE_PREF_SIZE);
        return label;
    }

    static VBox card(Node... children) {
        VBox card = new VBox(children);
        card.getStyleClass().add("card");
        return card;
    }

    /** A button with a picture. @param id for those who look for it */
    static Button button(String text, Ikon icon, String tip, String id, Runnable action) {
        Button button = new Button(text, new FontIcon(icon));
        button.setTooltip(new Tooltip(tip));
        button.setId(id);
        button.setOnAction(e -> action.run());
        return button;
    }

    static HBox row(Node... children) {
        HBox row = new HBox(8, children);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    /** Shows or hides a node; hidden ones take no room. */
    static <T> void offer(ComboBox<T> choice, List<T> items) {
        // Filling it anew would lose what is chosen and what is open.
        if (!choice.getItems().equals(items)) {
            choice.getItems().setAll(items);
        }
    }

    static void shown(Node node, boolean visible) {
        node.setVisible(visible);
        node.setManaged(visible);
    }

    private static final Pattern FIGURE = Pattern.compile("-?\\d*[.,]?\\d+");

    /** The first figure in a text that may carry a unit, a comma or a sign. */
    static Optional<Double> number(String text) {
        Matcher found = FIGURE.matcher(text.replace('−', '-'));
        return found.find() ? Optional.of(Double.parseDouble(found.group().replace(',', '.'))) : Optional.empty();
    }

    /** A share in per cent. */
    static String percent(double share) {
        return String.format(Locale.ROOT, "%.0f %%", 100 * share);
    }

    /** Seconds to a hundredth. */
    static String seconds(double seconds) {
        return String.format(Locale.ROOT, "%.2f s", seconds);
    }

    /** A slider with its number: drag it or type it; a double-click on its name resets it. */
    static final class Tuner extends VBox {
        private final Slider slider;
        private final TextField number = new TextField();
        private final DoubleFunction<String> shown;
        private boolean setting;
        private Runnable held = () -> {};
        private Runnable released = () -> {};

        /**
         * @param shown turns the value into text with its unit
         * @param change receives each value while it is dragged
         * @param started called when a drag begins, so that its edits undo as one
         */
        Tuner(
                String name,
                String tip,
                double min,
                double max,
                double usual,
                DoubleFunction<String> shown,
                Runnable started,
                DoubleConsumer change) {
            super(2);
            this.shown = shown;
            slider = new Slider(min, max, usual);
            Label label = new Label(name);
            Tooltip help = new Tooltip(tip + "\nDouble-click the name to reset.");
            label.setTooltip(help);
            slider.setTooltip(help);
            slider.setAccessibleText(name);
            slider.setBlockIncrement((max - min) / 50);
            number.getStyleClass().add("figures");
            number.setMinWidth(94);
            number.setPrefWidth(94);
            label.setMinWidth(76);
            label.setPrefWidth(76);
            number.setAlignment(Pos.CENTER_RIGHT);
            number.setAccessibleText(name + ", as a number");
            HBox.setHgrow(slider, Priority.ALWAYS);
            label.setOnMouseClicked(e -> {
                if (e.getClickCount() == 2) {
                    started.run();
                    change.accept(usual);
                }
            });
            slider.setOnMousePressed(e -> {
                started.run();
                held.run();
            });
            slider.setOnMouseReleased(e -> released.run());
            slider.setOnKeyPressed(e -> started.run());
            slider.valueProperty().addListener((o, b, n) -> {
                if (!setting) {
                    change.accept(n.doubleValue());
                }
            });
            number.setOnAction(e -> {
                started.run();
                parse(number.getText(), min, max, change);
            });
            number.focusedProperty().addListener((o, b, focused) -> {
                if (!focused) {
                    set(slider.getValue());
                }
            });
            HBox line = new HBox(6, label, slider, number);
            line.setAlignment(Pos.CENTER_LEFT);
            getChildren().add(line);
            set(usual);
        }

        private void parse(String text, double min, double max, DoubleConsumer change) {
            number(text)
                    .ifPresentOrElse(
                            v -> change.accept(Math.clamp(v * scale(text), min, max)), () -> set(slider.getValue()));
        }

        /** Values that are shown in per cent or milliseconds are typed so. */
        private double scale(String text) {
            if (shown.apply(0.5).contains("ms")) {
                return 0.001;
            }
            return text.contains("%") || shown.apply(0.5).contains("%") ? 0.01 : 1;
        }

        /** True while the slider is dragged. */
        boolean isHeld() {
            return slider.isPressed();
        }

        /** Calls back when the mouse takes hold of it. */
        void whenHeld(Runnable action) {
            held = action;
        }

        /** Calls back when a drag ends. */
        void whenReleased(Runnable action) {
            released = action;
        }

        /** Shows a value without reporting it. */
        void set(double value) {
            setting = true;
            slider.setValue(value);
            number.setText(shown.apply(value));
            setting = false;
        }
    }
}
