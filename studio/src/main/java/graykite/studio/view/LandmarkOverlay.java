package graykite.studio.view;

import graykite.base.Aside;
import graykite.geometry.Vec;
import graykite.rig.Character;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.application.Platform;
import javafx.geometry.Pos;
import javafx.scene.AccessibleRole;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.Tooltip;
import javafx.scene.image.Image;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;

/** Marks landmarks on a picture or a bare head, with an example face beside it that shows where each belongs. */
public final class LandmarkOverlay extends Overlay {
    private static final int SIZE = 520;
    private static final double GRAB = 11;

    private final Canvas canvas = new Canvas(SIZE, SIZE);
    private final ExampleFace example;
    private final ListView<String> list = new ListView<>();
    private final Map<String, Vec> marks;
    private final List<Map<String, Vec>> undo = new ArrayList<>();
    private LandmarkGround ground;
    private Optional<Image> image = Optional.empty();
    private boolean drawing;
    private boolean drawAgain;

    /** What can be asked of the window. */
    public interface Asks {
        /** Saves the landmarks in a file. */
        void save(Map<String, Vec> marks);

        /** Reads landmarks from a file. */
        Optional<Map<String, Vec>> load();

        /** Makes the character. */
        void make(Map<String, Vec> marks);
    }

    /**
     * @param model whose face serves as the example
     * @param start where the marks lie at first
     * @param making what the button that ends it says
     */
    public LandmarkOverlay(
            StackPane host,
            String title,
            String help,
            LandmarkGround ground,
            Map<String, Vec> start,
            Character model,
            String making,
            Asks asks) {
        super(host, 860, 690);
        this.ground = ground;
        this.marks = new LinkedHashMap<>(start);
        this.example = new ExampleFace(model);
        Label heading = new Label(title);
        heading.getStyleClass().add("title");
        Label quiet = new Label(help);
        quiet.getStyleClass().add("quiet");
        quiet.setWrapText(true);
        list.getItems().setAll(marks.keySet());
        list.setCellFactory(v -> new MarkCell());
        list.getSelectionModel().select(0);
        list.getSelectionModel().selectedItemProperty().addListener((o, b, n) -> {
            paint();
            example.mark(n);
        });
        list.setAccessibleText("The landmarks; arrow keys choose, Alt and arrow keys move the chosen one");
        VBox.setVgrow(list, Priority.ALWAYS);
        VBox side = new VBox(8, example, list);
        side.setPrefWidth(ExampleFace.SIZE + 60);
        HBox middle = new HBox(14, new StackPane(canvas), side);
        card().getChildren().addAll(heading, quiet, middle, buttons(making, asks));
        installMouse();
        addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        example.mark(list.getSelectionModel().getSelectedItem());
        redraw();
    }

    private final class MarkCell extends ListCell<String> {
        @Override
        protected void updateItem(String name, boolean empty) {
            super.updateItem(name, empty);
            setText(empty || name == null ? null : (getIndex() + 1) + "  " + spoken(name));
        }
    }

    /** A landmark's name for people: sides are the character's own, which are mirrored on screen. */
    private static String spoken(String name) {
        return name.replace(".L", ", its left").replace(".R", ", its right");
    }

    private HBox buttons(String making, Asks asks) {
        Button load = new Button("Load…");
        load.setTooltip(new Tooltip("Landmarks that were saved before"));
        load.setOnAction(e -> asks.load().ifPresent(read -> {
            remember();
            read.forEach((name, p) -> marks.computeIfPresent(name, (n, old) -> p));
            paint();
        }));
        Button save = new Button("Save…");
        save.setTooltip(new Tooltip("Keep the landmarks, for the command line or for later"));
        save.setOnAction(e -> asks.save(Map.copyOf(marks)));
        Button back = new Button("Undo");
        back.setTooltip(new Tooltip("Take the last move back (Ctrl+Z)"));
        back.setOnAction(e -> takeBack());
        Button left = new Button("◂ Turn");
        Button right = new Button("Turn ▸");
        left.setOnAction(e -> look(ground.turned(-30)));
        right.setOnAction(e -> look(ground.turned(30)));
        HBox turns = new HBox(6, left, right);
        turns.setVisible(ground instanceof LandmarkGround.Head);
        Button cancel = new Button("Cancel");
        cancel.setOnAction(e -> close());
        Button make = new Button(making);
        make.setId("make-character");
        make.getStyleClass().add("primary");
        make.setOnAction(e -> {
            close();
            asks.make(new LinkedHashMap<>(marks));
        });
        HBox gap = new HBox();
        HBox.setHgrow(gap, Priority.ALWAYS);
        HBox bar = new HBox(8, load, save, back, turns, gap, cancel, make);
        bar.setAlignment(Pos.CENTER_LEFT);
        return bar;
    }

    private void remember() {
        undo.add(new LinkedHashMap<>(marks));
    }

    private void takeBack() {
        if (!undo.isEmpty()) {
            marks.putAll(undo.removeLast());
            paint();
        }
    }

    private void look(LandmarkGround other) {
        ground = other;
        redraw();
    }

    /** Draws the ground elsewhere; while one picture is drawn only the newest wish is kept. */
    private void redraw() {
        if (drawing) {
            drawAgain = true;
            return;
        }
        drawing = true;
        LandmarkGround now = ground;
        Aside.ask(() -> MouthPictures.image(now.draw(SIZE)))
                .whenComplete((drawn, failure) -> Platform.runLater(() -> {
                    drawing = false;
                    if (failure == null) {
                        image = Optional.of(drawn);
                    }
                    paint();
                    if (drawAgain) {
                        drawAgain = false;
                        redraw();
                    }
                }));
    }

    private void paint() {
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.setFill(Color.web("#9A9DA1"));
        g.fillRect(0, 0, SIZE, SIZE);
        image.ifPresent(i -> g.drawImage(i, 0, 0));
        String chosen = list.getSelectionModel().getSelectedItem();
        marks.forEach((name, p) -> {
            if (!name.equals(chosen)) {
                dot(g, ground.seen(p, SIZE), 4, Color.web("#1A7280"));
            }
        });
        if (chosen != null) {
            double[] at = ground.seen(marks.get(chosen), SIZE);
            dot(g, at, 7, Color.web("#B83E32"));
            g.setFont(Font.font("Inter Semi Bold", 13));
            double width = 8.0 * spoken(chosen).length();
            double x = Math.clamp(at[0] + 12, 2, SIZE - width);
            double y = Math.clamp(at[1] - 14, 14, SIZE - 4);
            g.setFill(Color.color(0.96, 0.95, 0.93, 0.9));
            g.fillRoundRect(x - 4, y - 13, width, 18, 6, 6);
            g.setFill(Color.web("#23272E"));
            g.fillText(spoken(chosen), x, y);
        }
    }

    static void dot(GraphicsContext g, double[] at, double radius, Color colour) {
        g.setFill(Color.WHITE);
        g.fillOval(at[0] - radius - 1.5, at[1] - radius - 1.5, 2 * radius + 3, 2 * radius + 3);
        g.setFill(colour);
        g.fillOval(at[0] - radius, at[1] - radius, 2 * radius, 2 * radius);
    }

    private void installMouse() {
        canvas.setFocusTraversable(true);
        canvas.setAccessibleRole(AccessibleRole.IMAGE_VIEW);
        canvas.setAccessibleText("The picture with its landmarks. Arrow keys move the chosen one.");
        canvas.setOnMousePressed(e -> {
            canvas.requestFocus();
            nearest(e)
                    .ifPresentOrElse(
                            name -> {
                                list.getSelectionModel().select(name);
                                list.scrollTo(name);
                                remember();
                            },
                            () -> {
                                remember();
                                place(e.getX(), e.getY());
                            });
        });
        canvas.setOnMouseDragged(e -> place(e.getX(), e.getY()));
        canvas.setOnScroll(e -> look(ground.zoomed(Math.pow(0.998, e.getDeltaY()), e.getX(), e.getY(), SIZE)));
    }

    private Optional<String> nearest(MouseEvent e) {
        return marks.entrySet().stream()
                .min(Comparator.comparingDouble(m -> away(m.getValue(), e)))
                .filter(m -> away(m.getValue(), e) < GRAB)
                .map(Map.Entry::getKey);
    }

    private double away(Vec mark, MouseEvent e) {
        double[] at = ground.seen(mark, SIZE);
        return Math.hypot(at[0] - e.getX(), at[1] - e.getY());
    }

    private void place(double x, double y) {
        String chosen = list.getSelectionModel().getSelectedItem();
        if (chosen != null) {
            ground.markAt(x, y, SIZE).ifPresent(p -> {
                marks.put(chosen, p);
                paint();
            });
        }
    }

    private void key(KeyEvent e) {
        if (e.isShortcutDown() && e.getCode() == KeyCode.Z) {
            takeBack();
            e.consume();
            return;
        }
        String chosen = list.getSelectionModel().getSelectedItem();
        boolean arrow = e.getCode().isArrowKey();
        if (!arrow || !e.isAltDown() || chosen == null) {
            return;
        }
        double[] at = ground.seen(marks.get(chosen), SIZE);
        double dx = e.getCode() == KeyCode.LEFT ? -2 : e.getCode() == KeyCode.RIGHT ? 2 : 0;
        double dy = e.getCode() == KeyCode.UP ? -2 : e.getCode() == KeyCode.DOWN ? 2 : 0;
        remember();
        place(at[0] + dx, at[1] + dy);
        e.consume();
    }

    /** The marks as they are now; for those who look on. */
    public Map<String, Vec> marks() {
        return Map.copyOf(marks);
    }
}
