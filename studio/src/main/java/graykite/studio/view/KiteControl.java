package graykite.studio.view;

import graykite.mouth.Diction;
import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import javafx.geometry.Point2D;
import javafx.geometry.Pos;
import javafx.scene.AccessibleRole;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Circle;
import javafx.scene.shape.CubicCurveTo;
import javafx.scene.shape.Line;
import javafx.scene.shape.MoveTo;
import javafx.scene.shape.Path;
import javafx.scene.shape.Polygon;

/**
 * The kite: how a stretch is spoken, as a shape one pulls. Corners are dragged outwards for more and inwards for less, the
 * tail is smoothness; a dashed kite shows plain speech. Arrow keys move the focused corner, a double-click resets it.
 */
public final class KiteControl extends Pane {
    private static final double WIDTH = 292;
    private static final double NAME = 46;
    private static final double HEIGHT = 196;
    private static final double MIDDLE_X = WIDTH / 2;
    private static final double MIDDLE_Y = 80;
    private static final double NEAREST = 12;
    private static final double A_WHOLE = 29;
    private static final double SHORTEST_TAIL = 15;
    private static final double TAIL_OF_ONE = 26;

    /** Receives what is pulled. */
    public interface Pulls {
        /** A pull begins; its edits undo as one. */
        void started();

        void pulled(KiteCorner corner, double value);
    }

    private final Pulls pulls;
    private final Polygon kite = new Polygon();
    private final Polygon plain = new Polygon();
    private final Line across = new Line();
    private final Line down = new Line();
    private final Path tail = new Path();
    private final Polygon bow = new Polygon(0, 0, -8, -5, -8, 5, 0, 0, 8, -5, 8, 5);
    private final Map<KiteCorner, Circle> handles = new EnumMap<>(KiteCorner.class);
    private final Map<KiteCorner, Label> names = new EnumMap<>(KiteCorner.class);
    private Diction shown = Diction.PLAIN;

    public KiteControl(Pulls pulls) {
        this.pulls = pulls;
        setPrefSize(WIDTH, HEIGHT);
        setMinSize(WIDTH, HEIGHT);
        setMaxSize(WIDTH, HEIGHT);
        kite.getStyleClass().add("kite-sail");
        plain.getStyleClass().add("kite-plain");
        across.getStyleClass().add("kite-spar");
        down.getStyleClass().add("kite-spar");
        tail.getStyleClass().add("kite-tail");
        bow.getStyleClass().add("kite-bow");
        getChildren().addAll(plain, kite, across, down, tail);
        for (KiteCorner corner : KiteCorner.values()) {
            add(corner);
        }
        setAccessibleText("The kite of diction: open, wide, firm, round and the tail");
        set(Diction.PLAIN);
    }

    private void add(KiteCorner corner) {
        Circle handle = new Circle(7);
        handle.setId("kite-" + corner.title().toLowerCase(Locale.ROOT));
        handle.getStyleClass().add("kite-handle");
        handle.setFocusTraversable(true);
        handle.setAccessibleRole(AccessibleRole.SLIDER);
        handle.setAccessibleText(corner.title());
        Tooltip.install(handle, new Tooltip(corner.tip() + "\nDrag it, or use the arrow keys; double-click resets."));
        handle.setOnMousePressed(e -> {
            handle.requestFocus();
            pulls.started();
            e.consume();
        });
        handle.setOnMouseDragged(e -> dragged(corner, e));
        handle.setOnMouseClicked(e -> {
            if (e.getClickCount() == 2) {
                pulls.started();
                pulls.pulled(corner, corner.of(Diction.PLAIN));
            }
        });
        handle.setOnKeyPressed(e -> keyed(corner, e));
        Label name = new Label(corner.title());
        name.getStyleClass().add("quiet");
        name.setMouseTransparent(true);
        name.setMinWidth(NAME);
        name.setAlignment(corner == KiteCorner.ROUND ? Pos.CENTER_RIGHT : Pos.CENTER_LEFT);
        handles.put(corner, handle);
        names.put(corner, name);
        if (corner == KiteCorner.TAIL) {
            bow.setMouseTransparent(true);
            getChildren().addAll(handle, bow, name);
        } else {
            getChildren().addAll(handle, name);
        }
    }

    private void dragged(KiteCorner corner, MouseEvent e) {
        Point2D at = sceneToLocal(e.getSceneX(), e.getSceneY());
        double value = corner == KiteCorner.TAIL
                ? tailValue(at.getY() - cornerY(KiteCorner.FIRM))
                : (corner.across() * (at.getX() - MIDDLE_X) + corner.down() * (at.getY() - MIDDLE_Y) - NEAREST)
                        / A_WHOLE;
        // Near 100 % it snaps, so that plain is found again.
        double snapped = Math.abs(value - 1) < 0.04 && !e.isAltDown() ? 1 : value;
        pulls.pulled(corner, Math.clamp(snapped, corner.min(), corner.max()));
        e.consume();
    }

    private void keyed(KiteCorner corner, KeyEvent e) {
        double by = switch (e.getCode()) {
            case UP -> corner.down() == 0 ? 0.05 : -0.05 * corner.down();
            case DOWN -> corner.down() == 0 ? -0.05 : 0.05 * corner.down();
            case RIGHT -> corner.across() == 0 ? 0 : 0.05 * corner.across();
            case LEFT -> corner.across() == 0 ? 0 : -0.05 * corner.across();
            default -> 0;
        };
        if (by != 0) {
            pulls.started();
            double value = Math.round((corner.of(shown) + by) * 100) / 100.0;
            pulls.pulled(corner, Math.clamp(value, corner.min(), corner.max()));
            e.consume();
        }
    }

    /** Shows a diction without reporting it. */
    public void set(Diction diction) {
        shown = diction;
        plain.getPoints().setAll(corners(Diction.PLAIN));
        kite.getPoints().setAll(corners(diction));
        Double[] p = corners(diction);
        line(down, p[0], p[1], p[4], p[5]);
        line(across, p[6], p[7], p[2], p[3]);
        for (KiteCorner corner : KiteCorner.values()) {
            Circle handle = handles.get(corner);
            handle.setCenterX(cornerX(corner));
            handle.setCenterY(cornerY(corner));
            place(names.get(corner), corner);
        }
        drawTail();
    }

    /** Names stand outside of the sail, whatever it looks like. */
    private void place(Label name, KiteCorner corner) {
        double besides = corner == KiteCorner.ROUND ? -14 - NAME : 14;
        name.setLayoutX(cornerX(corner) + besides);
        name.setLayoutY(cornerY(corner) - 9);
    }

    private void drawTail() {
        double x = cornerX(KiteCorner.FIRM);
        double y = cornerY(KiteCorner.FIRM);
        double end = cornerY(KiteCorner.TAIL);
        double third = (end - y) / 2;
        // A smooth tail swings wide, a crisp one is short and tight.
        double swing = 6 + 7 * Math.clamp(shown.smooth() / 2, 0, 1);
        tail.getElements()
                .setAll(
                        new MoveTo(x, y),
                        new CubicCurveTo(x + swing, y + third * 0.4, x - swing, y + third * 0.7, x, y + third),
                        new CubicCurveTo(x + swing, y + third * 1.4, x - swing, y + third * 1.7, x, end));
        bow.setLayoutX(x);
        bow.setLayoutY(end);
    }

    private static void line(Line line, double x1, double y1, double x2, double y2) {
        line.setStartX(x1);
        line.setStartY(y1);
        line.setEndX(x2);
        line.setEndY(y2);
    }

    private static Double[] corners(Diction diction) {
        double open = reach(diction.open());
        double wide = reach(diction.wide());
        double firm = reach(diction.firm());
        double round = reach(diction.round());
        return new Double[] {
            MIDDLE_X, MIDDLE_Y - open, MIDDLE_X + wide, MIDDLE_Y, MIDDLE_X, MIDDLE_Y + firm, MIDDLE_X - round, MIDDLE_Y
        };
    }

    private static double reach(double value) {
        return NEAREST + A_WHOLE * value;
    }

    private double cornerX(KiteCorner corner) {
        return MIDDLE_X + (corner == KiteCorner.TAIL ? 0 : corner.across() * reach(corner.of(shown)));
    }

    private double cornerY(KiteCorner corner) {
        return corner == KiteCorner.TAIL
                ? MIDDLE_Y + reach(shown.firm()) + tailLength(shown.smooth())
                : MIDDLE_Y + corner.down() * reach(corner.of(shown));
    }

    /** Length grows with the root, so that the usual values have most of the room. */
    private static double tailLength(double smooth) {
        return SHORTEST_TAIL + TAIL_OF_ONE * (Math.sqrt(smooth) - Math.sqrt(0.2)) * 0.62;
    }

    private static double tailValue(double length) {
        double root = (length - SHORTEST_TAIL) / (TAIL_OF_ONE * 0.62) + Math.sqrt(0.2);
        return root * Math.abs(root);
    }
}
