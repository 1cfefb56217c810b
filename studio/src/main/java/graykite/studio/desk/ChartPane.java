package graykite.studio.desk;

import graykite.mouth.FittedChart;
import graykite.mouth.MouthChart;
import graykite.mouth.PhoneShape;
import graykite.studio.model.ChartEdits;
import graykite.studio.model.Workspace;
import graykite.studio.view.MouthPictures;
import graykite.studio.view.Reveal;
import graykite.text.Phone;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import javafx.application.Platform;
import javafx.geometry.Pos;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.Tooltip;
import javafx.scene.image.ImageView;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The mouth chart of who speaks: each shape as the character's own mouth, with its sounds to drag between shapes. */
final class ChartPane extends VBox {
    private static final double PICTURE = 46;
    private static final int COLUMNS = 3;

    private final Workspace workspace;
    private final ChartEdits charts;
    private final PoseEditor editor;
    private final ChartMenus menus;
    private final PhoneDrag drag;
    private final Label size = Parts.quiet("");
    private final VBox rows = new VBox(4);
    private final Map<String, VBox> rowOf = new LinkedHashMap<>();
    private Optional<MouthPictures> pictures = Optional.empty();
    private Optional<String> shape = Optional.empty();
    private Optional<Phone> phone = Optional.empty();
    private Optional<MouthChart> built = Optional.empty();
    private Optional<Compared> compared = Optional.empty();

    /** Another chart whose differences are listed. */
    private record Compared(String name, MouthChart chart) {}

    ChartPane(Workspace workspace, PoseEditor editor, ChartMenus.Files files) {
        super(6);
        this.workspace = workspace;
        this.charts = workspace.charts();
        this.editor = editor;
        this.menus = new ChartMenus(charts, files, this::compare);
        this.drag = new PhoneDrag(this, rowOf, this::assign);
        size.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(size, Priority.ALWAYS);
        getChildren()
                .addAll(Parts.row(size, menus.sizes(), menus.more()), editor, menus.motionRow(), rows, drag.ghost());
    }

    private void assign(Phone each, Optional<String> target) {
        target.filter(t -> !t.equals(charts.chart().shapeOf(each))
                        || charts.chart().of(each).isEmpty())
                .ifPresent(t -> charts.edit("Show " + each.ipa() + " as " + t, 0, c -> c.assigned(each, t)));
        refresh();
    }

    /** Lists the differences to another chart in place of the shapes, until that is closed. */
    void compare(String name, MouthChart other) {
        compared = Optional.of(new Compared(name, other));
        listDifferences(compared.get());
    }

    private void listDifferences(Compared with) {
        MouthChart chart = charts.chart();
        built = Optional.of(chart);
        menus.refresh(chart);
        List<String> differences = chart.differences(with.chart());
        VBox card = Parts.card(Parts.heading("Compared with " + with.name()));
        card.setId("chart-differences");
        differences.forEach(d -> card.getChildren().add(Parts.quiet(d)));
        if (differences.isEmpty()) {
            card.getChildren().add(Parts.quiet("Both are the same."));
        }
        Button close = new Button("Close");
        close.setOnAction(e -> {
            compared = Optional.empty();
            built = Optional.empty();
            refresh();
        });
        card.getChildren().add(close);
        rows.getChildren().setAll(card);
    }

    void show(MouthPictures newPictures) {
        pictures = Optional.of(newPictures);
        built = Optional.empty();
        refresh();
    }

    void refresh() {
        MouthChart chart = charts.chart();
        if (compared.isPresent()) {
            if (!built.equals(Optional.of(chart))) {
                listDifferences(compared.get());
            }
            return;
        }
        if (drag.isDragging() || built.map(b -> b.equals(chart)).orElse(false)) {
            return;
        }
        boolean onlyFigures = built.map(
                        b -> b.shapes().keySet().equals(chart.shapes().keySet()) && sameSounds(b, chart))
                .orElse(false);
        built = Optional.of(chart);
        if (onlyFigures && cardHasFocus()) {
            // A slider of the open card is being dragged: it must not be made anew under the pointer.
            return;
        }
        build(chart);
    }

    private boolean cardHasFocus() {
        Node owner = getScene() == null ? null : getScene().getFocusOwner();
        for (Node at = owner; at != null; at = at.getParent()) {
            if ("phone-card".equals(at.getId()) || "shape-card".equals(at.getId())) {
                return owner instanceof Slider;
            }
        }
        return false;
    }

    private static boolean sameSounds(MouthChart a, MouthChart b) {
        return a.shapes().keySet().stream().allMatch(s -> a.phonesOf(s).equals(b.phonesOf(s)))
                && a.phones().keySet().equals(b.phones().keySet())
                && a.phones().entrySet().stream()
                        .allMatch(p -> p.getValue().steps().size()
                                == b.phones().get(p.getKey()).steps().size());
    }

    private void build(MouthChart chart) {
        menus.refresh(chart);
        shape = shape.filter(chart.shapes()::containsKey);
        phone = phone.filter(p -> chart.of(p).isPresent());
        rows.getChildren().clear();
        rowOf.clear();
        size.setText(chart.shapes().size() + " shapes for "
                + (Phone.values().length - 1 - unmapped(chart).size()) + " sounds. Drag a sound to another shape."
                + (chart.unused().isEmpty() ? "" : " Used by no sound: " + String.join(", ", chart.unused()) + "."));
        List<String> borrowed = charts.fitted().map(FittedChart::borrowed).orElse(List.of());
        if (!unmapped(chart).isEmpty()) {
            VBox lost = Parts.card(Parts.heading("Without a shape"), chips(unmapped(chart), chart));
            lost.getStyleClass().add("lost");
            rows.getChildren().add(lost);
        }
        HBox line = new HBox(4);
        Optional<String> opened = Optional.empty();
        int at = 0;
        for (String name : chart.shapes().keySet()) {
            if (line.getChildren().isEmpty()) {
                rows.getChildren().add(line);
            }
            line.getChildren().add(tile(name, chart, borrowed.contains(name)));
            opened = shape.equals(Optional.of(name)) ? shape : opened;
            at++;
            if (line.getChildren().size() == COLUMNS || at == chart.shapes().size()) {
                // What is open stands under the line of its tile.
                opened.ifPresent(this::card);
                opened = Optional.empty();
                while (line.getChildren().size() < COLUMNS) {
                    Region gap = new Region();
                    HBox.setHgrow(gap, Priority.ALWAYS);
                    line.getChildren().add(gap);
                }
                line = new HBox(4);
            }
        }
    }

    private void card(String name) {
        phone.ifPresent(p -> rows.getChildren().add(new PhoneCard(workspace, p)));
        rows.getChildren().add(new ShapeCard(workspace, name, phone, new ShapeCard.Asks() {
            @Override
            public void editLook(String wanted) {
                charts.fitted()
                        .ifPresent(f -> editor.edit(
                                "The look of " + wanted,
                                charts.figure()
                                        .orElseThrow()
                                        .poses()
                                        .getOrDefault(wanted, f.poses().get(wanted)),
                                pose -> charts.setPose(wanted, pose)));
            }

            @Override
            public void choose(String wanted) {
                open(Optional.of(wanted), phone);
            }
        }));
    }

    private static List<Phone> unmapped(MouthChart chart) {
        return chart.unmapped().stream().filter(p -> p != Phone.SIL).toList();
    }

    private VBox tile(String name, MouthChart chart, boolean borrowed) {
        ImageView view = new ImageView();
        view.setFitWidth(PICTURE);
        view.setFitHeight(PICTURE);
        pictures.flatMap(p -> p.of(name)).ifPresent(view::setImage);
        Label title = new Label(name);
        title.getStyleClass().add(borrowed ? "warn" : "shape-name");
        FlowPane sounds = chips(chart.phonesOf(name), chart);
        sounds.setAlignment(Pos.TOP_CENTER);
        VBox row = new VBox(view, title, sounds);
        row.prefWidthProperty()
                .bind(rows.widthProperty().subtract(4 * (COLUMNS - 1)).divide(COLUMNS));
        row.getStyleClass().add("shape-grid-tile");
        if (borrowed) {
            Tooltip.install(row, new Tooltip("Looks like the nearest shape: this character has none of its own"));
        }
        row.setId("shape-" + name.toLowerCase(Locale.ROOT).replace(' ', '-'));
        row.getStyleClass().add("shape-row");
        row.setFocusTraversable(true);
        row.setAccessibleRole(AccessibleRole.BUTTON);
        row.setAccessibleText(name);
        if (shape.equals(Optional.of(name))) {
            row.getStyleClass().add("chosen");
        }
        row.setOnMouseClicked(e -> open(
                shape.equals(Optional.of(name)) && phone.isEmpty() ? Optional.empty() : Optional.of(name),
                Optional.empty()));
        row.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ENTER || e.getCode() == KeyCode.SPACE) {
                open(Optional.of(name), Optional.empty());
                e.consume();
            }
        });
        rowOf.put(name, row);
        return row;
    }

    private void open(Optional<String> newShape, Optional<Phone> newPhone) {
        shape = newShape;
        phone = newPhone;
        build(charts.chart());
        newShape.map(rowOf::get)
                .ifPresent(row -> Platform.runLater(() -> {
                    int card = rows.getChildren().indexOf(row.getParent()) + 1;
                    if (card < rows.getChildren().size()) {
                        Reveal.show(rows.getChildren().get(card));
                    }
                    Reveal.show(row);
                }));
    }

    private FlowPane chips(List<Phone> phones, MouthChart chart) {
        FlowPane pane = new FlowPane(2, 2);
        for (Phone each : phones) {
            if (each != Phone.SIL) {
                pane.getChildren().add(chip(each, chart.of(each)));
            }
        }
        if (pane.getChildren().isEmpty()) {
            pane.getChildren().add(Parts.quiet(phones.contains(Phone.SIL) ? "silence" : "no sound yet"));
        }
        return pane;
    }

    private ToggleButton chip(Phone each, Optional<PhoneShape> how) {
        boolean glides = how.map(PhoneShape::glides).orElse(false);
        ToggleButton chip = new ToggleButton(each.ipa() + (glides ? "→" : ""));
        chip.setId("phone-" + each.name());
        chip.getStyleClass().setAll("toggle-button", "phone-chip");
        chip.setSelected(phone.equals(Optional.of(each)));
        String goes =
                glides ? ", goes on to " + how.orElseThrow().steps().get(1).shape() : "";
        chip.setTooltip(new Tooltip(each.name() + ", as in \"" + each.example() + "\"" + goes
                + "\nDrag it to another shape, or click to set how it shows."));
        chip.setOnAction(e -> {
            boolean again = phone.equals(Optional.of(each));
            open(
                    again ? shape : Optional.of(charts.chart().shapeOf(each)),
                    again ? Optional.empty() : Optional.of(each));
        });
        chip.addEventFilter(MouseEvent.MOUSE_PRESSED, e -> drag.hold(each));
        return chip;
    }
}
