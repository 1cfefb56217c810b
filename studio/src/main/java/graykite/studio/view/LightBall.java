package graykite.studio.view;

import graykite.picture.Lighting;
import graykite.studio.model.StageLight;
import javafx.geometry.Point2D;
import javafx.scene.AccessibleRole;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.StackPane;
import javafx.scene.paint.Color;
import javafx.scene.paint.CycleMethod;
import javafx.scene.paint.RadialGradient;
import javafx.scene.paint.Stop;

/** A ball that shows where the key light comes from: its bright spot is dragged, or moved with the arrow keys. */
final class LightBall extends StackPane {
    static final double SIZE = 104;
    private static final double RADIUS = 44;

    private final StageLight light;
    private final Canvas canvas = new Canvas(SIZE, SIZE);
    private long gesture;

    LightBall(StageLight light) {
        this.light = light;
        setId("light-ball");
        getStyleClass().add("light-ball");
        getChildren().add(canvas);
        setMaxSize(USE_PREF_SIZE, USE_PREF_SIZE);
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.SLIDER);
        setAccessibleText("Where the key light comes from. Arrow keys turn it.");
        Tooltip.install(
                this, new Tooltip("Drag the light; arrow keys turn it by 2 degrees, double-click puts it back"));
        setOnMousePressed(e -> {
            requestFocus();
            gesture = light.newGesture();
            place(e);
        });
        setOnMouseDragged(this::place);
        setOnMouseClicked(e -> {
            if (e.getClickCount() == 2) {
                Lighting usual = Lighting.USUAL;
                light.light(light.get().lighting().from(usual.yaw(), usual.pitch()), gesture);
            }
        });
        setOnKeyPressed(this::key);
    }

    private void place(MouseEvent e) {
        Point2D at = canvas.sceneToLocal(e.getSceneX(), e.getSceneY());
        double x = (at.getX() - SIZE / 2) / RADIUS;
        double y = (SIZE / 2 - at.getY()) / RADIUS;
        // The spot lies where the ball faces the light: beyond its edge the light stays at the edge.
        double away = Math.max(1, Math.hypot(x, y) / 0.995);
        double up = Math.toDegrees(Math.asin(y / away));
        double level = Math.max(1e-3, Math.cos(Math.toRadians(up)));
        double side = Math.toDegrees(Math.asin(Math.clamp(x / away / level, -1, 1)));
        light.light(light.get().lighting().from(Math.rint(side), Math.rint(up)), gesture);
    }

    private void key(KeyEvent e) {
        double right = switch (e.getCode()) {
            case LEFT -> -2;
            case RIGHT -> 2;
            default -> 0;
        };
        double up = switch (e.getCode()) {
            case UP -> 2;
            case DOWN -> -2;
            default -> 0;
        };
        if (right != 0 || up != 0) {
            light.turn(right, up, light.newGesture());
            e.consume();
        }
    }

    /** Shows where the light comes from. */
    void show(Lighting lighting) {
        double yaw = Math.toRadians(lighting.yaw());
        double pitch = Math.toRadians(lighting.pitch());
        double x = SIZE / 2 + RADIUS * Math.sin(yaw) * Math.cos(pitch);
        double y = SIZE / 2 - RADIUS * Math.sin(pitch);
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.clearRect(0, 0, SIZE, SIZE);
        boolean lamp = lighting.mood() == Lighting.Mood.LAMP;
        boolean fog = lighting.mood() == Lighting.Mood.FOG;
        Color bright = lamp ? Color.web("#F3C077") : fog ? Color.web("#D9DCDF") : Color.web("#F4E8D4");
        Color dark = lamp ? Color.web("#20242E") : fog ? Color.web("#9EA3A9") : Color.web("#565C66");
        g.setFill(new RadialGradient(
                0, 0, x, y, RADIUS * 1.7, false, CycleMethod.NO_CYCLE, new Stop(0, bright), new Stop(1, dark)));
        g.fillOval(SIZE / 2 - RADIUS, SIZE / 2 - RADIUS, 2 * RADIUS, 2 * RADIUS);
        g.setStroke(Color.web("#23272E"));
        g.setLineWidth(1);
        g.strokeOval(SIZE / 2 - RADIUS, SIZE / 2 - RADIUS, 2 * RADIUS, 2 * RADIUS);
        g.setFill(Color.WHITE);
        g.fillOval(x - 4, y - 4, 8, 8);
        g.strokeOval(x - 4, y - 4, 8, 8);
        setAccessibleHelp(
                String.format("%.0f degrees to the right, %.0f degrees up", lighting.yaw(), lighting.pitch()));
    }
}
