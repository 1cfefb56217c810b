package graykite.studio.desk;

import java.util.Locale;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Line;

/** A square in which two channels are set at once: left and right, up and down. A double-click brings both to rest. */
final class Pad extends StackPane {
    private static final double SIDE = 112;

    /** Receives both values. */
    @FunctionalInterface
    interface Change {
        void to(double across, double up);
    }

    private final double across;
    private final double up;
    private final Change change;
    private final Circle knob = new Circle(6);
    private double x;
    private double y;

    /**
     * @param across farthest value to either side; positive is the character's left, which is right on screen
     * @param up farthest value up and down
     */
    Pad(String name, double across, double up, Change change) {
        this.across = across;
        this.up = up;
        this.change = change;
        getStyleClass().add("pad");
        setMinSize(SIDE, SIDE);
        setMaxSize(SIDE, SIDE);
        setPrefSize(SIDE, SIDE);
        Line level = new Line(0, 0, SIDE - 16, 0);
        Line upright = new Line(0, 0, 0, SIDE - 16);
        level.getStyleClass().add("pad-line");
        upright.getStyleClass().add("pad-line");
        knob.getStyleClass().add("pad-knob");
        Region under = new Region();
        getChildren().addAll(under, level, upright, knob);
        for (Node child : getChildren()) {
            child.setMouseTransparent(true);
        }
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.SLIDER);
        setAccessibleText(name);
        Tooltip.install(this, new Tooltip(name + ": drag, or use the arrow keys. Double-click for rest."));
        setOnMousePressed(e -> {
            requestFocus();
            if (e.getClickCount() == 2) {
                ask(0, 0);
            } else {
                at(e.getX(), e.getY());
            }
        });
        setOnMouseDragged(e -> at(e.getX(), e.getY()));
        setOnKeyPressed(this::key);
    }

    private void key(KeyEvent e) {
        double stepX = across / 20;
        double stepY = up / 20;
        switch (e.getCode()) {
            case LEFT -> ask(x - stepX, y);
            case RIGHT -> ask(x + stepX, y);
            case UP -> ask(x, y + stepY);
            case DOWN -> ask(x, y - stepY);
            case HOME -> ask(0, 0);
            default -> {
                return;
            }
        }
        e.consume();
    }

    private void at(double px, double py) {
        double room = SIDE / 2 - 8;
        ask((px - SIDE / 2) / room * across, -(py - SIDE / 2) / room * up);
    }

    private void ask(double newX, double newY) {
        set(Math.clamp(newX, -across, across), Math.clamp(newY, -up, up));
        change.to(x, y);
    }

    /** Shows values without reporting them. */
    void set(double newX, double newY) {
        x = newX;
        y = newY;
        double room = SIDE / 2 - 8;
        knob.setTranslateX(x / across * room);
        knob.setTranslateY(-y / up * room);
        setAccessibleHelp(String.format(Locale.ROOT, "%.0f to the left, %.0f up", x, y));
    }
}
