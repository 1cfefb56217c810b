package graykite.studio.desk;

import graykite.base.BadInput;
import graykite.delivery.Behind;
import graykite.delivery.Kind;
import graykite.delivery.NameTemplate;
import graykite.delivery.Order;
import graykite.delivery.Span;
import graykite.delivery.Subjects;
import graykite.picture.Backdrop;
import graykite.picture.Lighting;
import graykite.project.KeptView;
import graykite.studio.model.Deliveries;
import graykite.studio.model.Workspace;
import graykite.time.FrameRate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.function.BiFunction;
import java.util.function.UnaryOperator;
import javafx.scene.control.CheckBox;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** How a delivery is made: frames, pictures, curves and names. What is typed counts once Enter is pressed or one goes on. */
final class OrderFields extends VBox {
    private static final String AS_PROJECT = "Project's";
    private static final String AS_STAGE = "Stage's";
    private static final String NOTHING = "Nothing";
    private static final List<String> SIZES =
            List.of("480", "720", "1080", "2160", "1280x720", "1920x1080", "3840x2160");
    private static final List<Double> THINNINGS = List.of(0.0, 0.002, 0.005, 0.01, 0.02);

    private final Workspace workspace;
    private final Deliveries deliveries;
    private final ComboBox<String> rate = new ComboBox<>();
    private final TextField range = new TextField();
    private final TextField start = new TextField();
    private final TextField before = new TextField();
    private final TextField after = new TextField();
    private final ComboBox<String> size = new ComboBox<>();
    private final MenuButton views = new MenuButton();
    private final ComboBox<String> behind = new ComboBox<>();
    private final ComboBox<String> light = new ComboBox<>();
    private final CheckBox deep = new CheckBox("16 bits a colour");
    private final ComboBox<String> keys = new ComboBox<>();
    private final TextField channels = new TextField();
    private final CheckBox figure = new CheckBox("With the character");
    private final CheckBox compact = new CheckBox("Compressed");
    private final TextField names = new TextField();
    private final GridPane pictures = grid();
    private final GridPane curves = grid();
    private boolean showing;

    OrderFields(Workspace workspace) {
        super(8);
        this.workspace = workspace;
        this.deliveries = workspace.deliveries();
        GridPane frames = grid();
        rate.getItems().addAll(AS_PROJECT, "23.976", "24", "25", "29.97", "30", "48", "50", "59.94", "60");
        choice(
                rate,
                "Frames a second of what is delivered",
                (order, text) -> order.withRate(
                        text.equals(AS_PROJECT) ? Optional.empty() : Optional.of(FrameRate.parse(text))));
        rate.setAccessibleText("Frames a second");
        field(
                range,
                "all",
                "Only these frames (24-96), seconds (1.5s-4s) or timecodes; either end may be left out",
                "Range",
                this::ranged);
        field(
                start,
                "project's",
                "Number of the first frame; empty for what the project says",
                "First frame",
                (order, text) -> order.withSpan(order.span()
                        .withStartFrame(text.isBlank() ? OptionalLong.empty() : OptionalLong.of(whole(text)))));
        field(
                before,
                "0",
                "Frames before the first",
                "Frames before",
                (order, text) -> order.withSpan(
                        order.span().withRolls(roll(text), order.span().postRoll())));
        field(
                after,
                "0",
                "Frames after the last",
                "Frames after",
                (order, text) ->
                        order.withSpan(order.span().withRolls(order.span().preRoll(), roll(text))));
        frames.addRow(0, name("Rate"), rate, name("Range"), range);
        frames.addRow(1, name("First"), start, name("Roll"), new HBox(4, before, after));
        pictures();
        curves();
        field(
                names,
                NameTemplate.USUAL,
                "Names of the files. Filled in: {" + String.join("} {", NameTemplate.FIELDS) + "}",
                "Names",
                (order, text) -> order.withNames(text.isBlank() ? NameTemplate.USUAL : text));
        names.setId("delivery-names");
        HBox.setHgrow(names, Priority.ALWAYS);
        names.setMaxWidth(Double.MAX_VALUE);
        getChildren().addAll(frames, pictures, curves, Parts.row(name("Names"), names));
    }

    private static Behind behind(String text) {
        return switch (text) {
            case AS_STAGE -> Behind.STAGE;
            case NOTHING -> Behind.NOTHING;
            default ->
                Backdrop.SHIPPED.stream()
                        .filter(b -> b.title().equals(text))
                        .findFirst()
                        .<Behind>map(Behind.Own::new)
                        .orElse(Behind.STAGE);
        };
    }

    private void pictures() {
        size.setEditable(true);
        size.getItems().addAll(SIZES);
        choice(
                size,
                "Pixels, 64 to 4096: 720 or 1920x1080",
                (order, text) -> order.withPictures(order.pictures().sized(text)));
        size.setAccessibleText("Size in pixels");
        size.getEditor().setId("delivery-size");
        views.setMaxWidth(Double.MAX_VALUE);
        views.setTooltip(new Tooltip("From where it is seen; a file for each"));
        behind.getItems().addAll(AS_STAGE, NOTHING);
        Backdrop.SHIPPED.forEach(b -> behind.getItems().add(b.title()));
        light.getItems().add(AS_STAGE);
        for (Lighting.Mood mood : Lighting.Mood.values()) {
            light.getItems().add(mood.title());
        }
        choice(
                light,
                "How everybody is lit",
                (order, text) -> order.withPictures(order.pictures()
                        .lit(
                                text.equals(AS_STAGE)
                                        ? Optional.empty()
                                        : Optional.of(Lighting.USUAL.withMood(Lighting.Mood.of(text))))));
        light.setAccessibleText("Light");
        light.setMinWidth(80);
        light.setPrefWidth(96);
        choice(
                behind,
                "What is seen behind everybody; nothing where the format can be seen through",
                (order, text) -> order.withPictures(order.pictures().before(behind(text))));
        behind.setAccessibleText("Behind everybody");
        deep.setTooltip(new Tooltip("PNG pictures with 16 bits a colour, for grading"));
        deep.setOnAction(e -> change(o -> o.withPictures(o.pictures().deep(deep.isSelected()))));
        pictures.addRow(0, name("Size"), size, name("View"), views);
        pictures.addRow(1, name("Behind"), behind, name("Light"), light);
        pictures.add(deep, 1, 2, 3, 1);
    }

    private void curves() {
        for (double thinning : THINNINGS) {
            keys.getItems().add(thinned(thinning));
        }
        choice(
                keys,
                "Keys of glTF: one a frame, or as few as stay within an error",
                (order, text) -> order.withCurves(order.curves()
                        .thinned(THINNINGS.get(Math.max(0, keys.getItems().indexOf(text))))));
        keys.setAccessibleText("Keys of glTF");
        field(
                channels,
                "all",
                "Channels by name, or regions: jaw, lips, head, eyes \u2026, with commas between",
                "Channels",
                (order, text) -> order.withCurves(order.curves()
                        .only(Arrays.stream(text.split(","))
                                .map(String::strip)
                                .filter(t -> !t.isEmpty())
                                .toList())));
        figure.setTooltip(new Tooltip("Without it glTF holds the named nodes and their keys alone"));
        figure.setOnAction(e -> change(o -> o.withCurves(o.curves().withFigure(figure.isSelected()))));
        curves.addRow(0, name("Keys"), keys, name("Only"), channels);
        compact.setTooltip(
                new Tooltip(
                        "Less than half the size: whole numbers in glTF (KHR_mesh_quantization), which its readers have to know"));
        compact.setOnAction(e -> change(o -> o.withCurves(o.curves().compact(compact.isSelected()))));
        compact.setId("delivery-compact");
        curves.add(figure, 0, 1, 2, 1);
        curves.add(compact, 2, 1, 2, 1);
    }

    private static GridPane grid() {
        GridPane grid = new GridPane(8, 6);
        grid.setMaxWidth(Double.MAX_VALUE);
        return grid;
    }

    private static Label name(String text) {
        Label label = new Label(text);
        label.setMinWidth(46);
        return label;
    }

    private static String thinned(double share) {
        return share == 0 ? "Every frame" : String.format(Locale.ROOT, "Within %.1f %%", 100 * share);
    }

    private static long whole(String text) {
        return Parts.number(text)
                .map(Math::round)
                .orElseThrow(() -> new BadInput("\"" + text.strip() + "\" is no number of a frame."));
    }

    private static int roll(String text) {
        return text.isBlank() ? 0 : Math.clamp(whole(text), 0, Span.MOST_ROLL);
    }

    private Order ranged(Order order, String text) {
        Span bare = new Span(
                Optional.empty(),
                Optional.empty(),
                order.span().preRoll(),
                order.span().postRoll(),
                order.span().startFrame());
        return order.withSpan(text.isBlank() ? bare : bare.withRange(text));
    }

    // --- what is typed and chosen ----------------------------------------------------------------------------------

    private void field(TextField field, String prompt, String tip, String name, BiFunction<Order, String, Order> set) {
        field.setPromptText(prompt);
        field.setTooltip(new Tooltip(tip));
        field.setAccessibleText(name);
        field.setPrefWidth(96);
        Runnable take = () -> change(o -> set.apply(o, field.getText()));
        field.setOnAction(e -> take.run());
        field.focusedProperty().addListener((o, b, focused) -> {
            if (!focused) {
                take.run();
            }
        });
    }

    private void choice(ComboBox<String> choice, String tip, BiFunction<Order, String, Order> set) {
        choice.setTooltip(new Tooltip(tip));
        choice.setPrefWidth(118);
        choice.setMinWidth(118);
        choice.setOnAction(e -> {
            if (choice.getValue() != null) {
                change(o -> set.apply(o, choice.getValue()));
            }
        });
    }

    /** Takes what was typed; what is wrong is said, and what was there before comes back. */
    private void change(UnaryOperator<Order> change) {
        if (showing) {
            return;
        }
        try {
            deliveries.order().set(change.apply(deliveries.order().get()));
        } catch (BadInput | IllegalArgumentException wrong) {
            workspace.jobs().say(wrong.getMessage());
            refresh();
        }
    }

    // --- showing ---------------------------------------------------------------------------------------------------

    void refresh() {
        showing = true;
        Order order = deliveries.order().get();
        rate.setValue(order.rate().map(FrameRate::toString).orElse(AS_PROJECT));
        show(range, order.span().range());
        show(
                start,
                order.span().startFrame().isPresent()
                        ? Long.toString(order.span().startFrame().getAsLong())
                        : "");
        show(
                before,
                order.span().preRoll() == 0 ? "" : Integer.toString(order.span().preRoll()));
        show(
                after,
                order.span().postRoll() == 0
                        ? ""
                        : Integer.toString(order.span().postRoll()));
        show(names, order.names());
        Order.Pictures drawn = order.pictures();
        if (!size.getEditor().isFocused()) {
            size.setValue(drawn.size());
        }
        behind.setValue(
                switch (drawn.behind()) {
                    case Behind.Stage stage -> AS_STAGE;
                    case Behind.Nothing nothing -> NOTHING;
                    case Behind.Own(Backdrop backdrop) -> backdrop.title();
                });
        light.setValue(drawn.light().map(l -> l.mood().title()).orElse(AS_STAGE));
        deep.setSelected(drawn.deep());
        Parts.shown(deep, order.kinds().contains(Kind.PICTURES));
        offerViews(drawn.views());
        keys.setValue(thinned(order.curves().thinning()));
        show(channels, String.join(", ", order.curves().channels()));
        figure.setSelected(order.curves().figure());
        boolean glb = order.kinds().contains(Kind.GLB);
        Parts.shown(pictures, order.kinds().stream().anyMatch(Kind::isDrawn));
        Parts.shown(
                curves,
                glb || order.kinds().contains(Kind.CURVES_CSV) || order.kinds().contains(Kind.CURVES_JSON));
        keys.setDisable(!glb);
        compact.setSelected(order.curves().compact());
        Parts.shown(figure, glb);
        Parts.shown(compact, glb);
        showing = false;
    }

    private static void show(TextField field, String text) {
        if (!field.isFocused() || field.getText().equals(text)) {
            field.setText(text);
        }
    }

    private void offerViews(List<String> chosen) {
        List<String> all = new ArrayList<>(Subjects.STANDARD.keySet());
        all.add(DeliveryDesk.STAGE);
        workspace.project().views().stream().map(KeptView::name).forEach(all::add);
        views.getItems().clear();
        for (String view : all) {
            CheckMenuItem item = new CheckMenuItem(view.equals(DeliveryDesk.STAGE) ? "As on the stage" : view);
            item.setSelected(chosen.stream().anyMatch(view::equalsIgnoreCase));
            item.setOnAction(e -> choose(view, item.isSelected()));
            views.getItems().add(item);
        }
        views.setText(chosen.size() == 1 ? chosen.getFirst() : chosen.size() + " views");
    }

    private void choose(String view, boolean wanted) {
        List<String> chosen =
                new ArrayList<>(deliveries.order().get().pictures().views());
        chosen.removeIf(view::equalsIgnoreCase);
        if (wanted) {
            chosen.add(view);
        }
        if (chosen.isEmpty()) {
            refresh();
            return;
        }
        change(o -> o.withPictures(o.pictures().seen(chosen)));
    }
}
