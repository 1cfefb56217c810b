package graykite.studio.view;

import graykite.picture.Camera;
import java.util.Optional;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.AccessibleRole;
import javafx.scene.Cursor;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.image.ImageView;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.shape.Circle;

/** One view of who is on stage: turned, moved and zoomed with the mouse, or touched with the tool of a desk. */
final class StageEye extends StackPane {
    /** Pixels for one of the window that a picture has at most. */
    private static final double FINEST = 2;

    private final StageView stage;
    private final ObjectProperty<Camera> camera;
    private final StagePainter.Brush brush = new StagePainter.Brush();
    private final ImageView image = new ImageView();
    private Screen screen = new Screen(1, 1);
    private final Circle ring = new Circle(9);
    private boolean tooled;
    /** True while the key light is turned by a drag. */
    private boolean lighting;

    private long gesture;
    private double dragX;
    private double dragY;
    private double overX;
    private double overY;

    /** @param first where it looks from at first */
    StageEye(StageView stage, Camera first) {
        this.stage = stage;
        this.camera = new SimpleObjectProperty<>(first);
        getStyleClass().add("stage-eye");
        setMinSize(60, 60);
        image.setManaged(false);
        Label hint = hint();
        Region mark = new Region();
        mark.getStyleClass().add("stage-eye-mark");
        mark.setMouseTransparent(true);
        mark.setMaxHeight(3);
        StackPane.setAlignment(mark, Pos.BOTTOM_CENTER);
        ring.getStyleClass().add("stage-ring");
        ring.setManaged(false);
        ring.setMouseTransparent(true);
        ring.setVisible(false);
        getChildren().addAll(image, ring, hint, mark);
        FocusFrame.over(this);
        widthProperty().addListener((o, b, n) -> stage.request());
        heightProperty().addListener((o, b, n) -> stage.request());
        camera.addListener((o, b, n) -> stage.request());
        installMouse();
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
        setAccessibleText("The face. Drag to turn, right drag to move, wheel to zoom, Alt and drag to turn the light.");
    }

    private Label hint() {
        Label hint = new Label();
        hint.getStyleClass().add("stage-chip");
        hint.setMouseTransparent(true);
        hint.setVisible(false);
        StackPane.setAlignment(hint, Pos.BOTTOM_CENTER);
        StackPane.setMargin(hint, new Insets(12));
        stage.tool().addListener((o, b, now) -> {
            hint.setVisible(now.isPresent());
            placeMark();
            now.ifPresent(t -> hint.setText(t.hint()));
            // A hand that lies over the face already plays from there.
            now.filter(t -> isHover()).ifPresent(t -> t.move(seen(), overX, overY));
            setCursor(now.isPresent() ? Cursor.CROSSHAIR : Cursor.DEFAULT);
        });
        return hint;
    }

    ObjectProperty<Camera> camera() {
        return camera;
    }

    StagePainter.Brush brush() {
        return brush;
    }

    void present(int[] drawn, StagePainter.Shot shot) {
        if (!screen.is(shot.width(), shot.height())) {
            screen = new Screen(shot.width(), shot.height());
            image.setImage(screen.image());
            image.setFitWidth(shot.width() / shot.density());
            image.setFitHeight(shot.height() / shot.density());
        }
        screen.show(drawn);
        placeMark();
    }

    /** The tool's mark follows the view. */
    private void placeMark() {
        Optional<double[]> at = getWidth() < 16 ? Optional.empty() : tool().flatMap(t -> t.mark(seen()));
        ring.setVisible(at.isPresent());
        at.ifPresent(p -> {
            ring.setCenterX(p[0]);
            ring.setCenterY(p[1]);
        });
    }

    /** The picture that it needs now; nothing while it has no room. */
    Optional<StagePainter.Shot> shot() {
        double density = density();
        int width = (int) Math.round(getWidth() * density);
        int height = (int) Math.round(getHeight() * density);
        return getWidth() < 16 || getHeight() < 16
                ? Optional.empty()
                : Optional.of(new StagePainter.Shot(this, camera.get(), width, height, 0, density));
    }

    /** Pixels of the screen for one of the window. */
    private double density() {
        return getScene() == null || getScene().getWindow() == null
                ? 1
                : Math.clamp(getScene().getWindow().getRenderScaleX(), 1, FINEST);
    }

    private FaceTool.View seen() {
        int width = (int) Math.round(getWidth());
        int height = (int) Math.round(getHeight());
        return new FaceTool.View(stage.framed(camera.get(), width / (double) height), width, height);
    }

    private Optional<FaceTool> tool() {
        return stage.tool().get();
    }

    private void installMouse() {
        addEventFilter(MouseEvent.MOUSE_PRESSED, e -> stage.choose(this));
        setOnMousePressed(e -> {
            dragX = e.getX();
            dragY = e.getY();
            requestFocus();
            lighting = e.isAltDown() && e.getButton() == MouseButton.PRIMARY;
            gesture = stage.light().newGesture();
            tooled = e.getButton() == MouseButton.PRIMARY
                    && !lighting
                    && !e.isShiftDown()
                    && tool().map(t -> t.press(seen(), e.getX(), e.getY())).orElse(false);
        });
        setOnMouseDragged(this::drag);
        setOnMouseMoved(e -> {
            overX = e.getX();
            overY = e.getY();
            tool().ifPresent(t -> t.move(seen(), overX, overY));
        });
        setOnMouseReleased(e -> {
            if (tooled) {
                tool().ifPresent(FaceTool::release);
            }
        });
        setOnScroll(e -> {
            if (!tool().map(t -> t.wheel(e.getDeltaY())).orElse(false)) {
                camera.set(camera.get().zoomed(Math.pow(0.9985, e.getDeltaY())));
            }
        });
        setOnMouseClicked(e -> {
            if (e.getClickCount() == 2 && e.getButton() == MouseButton.PRIMARY && !tooled) {
                camera.set(Camera.FRONT);
            }
        });
        MenuItem reset = new MenuItem("Front view");
        reset.setOnAction(e -> camera.set(Camera.FRONT));
        ContextMenu menu = new ContextMenu(reset);
        setOnContextMenuRequested(e -> {
            if (e.isKeyboardTrigger()) {
                menu.show(this, e.getScreenX(), e.getScreenY());
            }
        });
    }

    private void drag(MouseEvent e) {
        if (tooled) {
            tool().ifPresent(t -> t.drag(seen(), e.getX(), e.getY()));
            return;
        }
        double dx = e.getX() - dragX;
        double dy = e.getY() - dragY;
        dragX = e.getX();
        dragY = e.getY();
        if (lighting) {
            stage.light().turn(0.5 * dx, -0.5 * dy, gesture);
            return;
        }
        Camera now = camera.get();
        if (e.getButton() == MouseButton.PRIMARY && (!e.isShiftDown() || tool().isPresent())) {
            camera.set(now.orbited(-dx * 0.35, dy * 0.3));
        } else {
            double scale = now.height() / Math.max(1, getHeight());
            camera.set(now.panned(-dx * scale, dy * scale));
        }
    }
}
