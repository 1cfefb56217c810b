package graykite.studio.view;

import graykite.picture.Backdrop;
import graykite.picture.Camera;
import graykite.picture.Renderer;
import graykite.picture.Surface;
import graykite.studio.model.Workspace;
import java.nio.IntBuffer;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Semaphore;
import java.util.concurrent.atomic.AtomicReference;
import javafx.application.Platform;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Cursor;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.image.ImageView;
import javafx.scene.image.PixelBuffer;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javafx.scene.input.MouseButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;

/**
 * The face. Pictures are drawn on a thread of their own; while one is drawn only the newest wish is kept, so a slow
 * machine shows fewer pictures and never late ones.
 */
public final class StageView extends StackPane implements AutoCloseable {
    /** A picture to be drawn. */
    private record Wish(
            Troupe troupe,
            List<double[]> values,
            Camera camera,
            Backdrop backdrop,
            int width,
            int height,
            long asked) {}

    /** Those who are on stage, ready to be drawn at their values. */
    public interface Troupe {
        List<Surface> surfaces(List<double[]> values);

        /** The camera as it must stand for all of them to be seen in a picture so many times as wide as high. */
        Camera framed(Camera camera, double aspect);
    }

    private static final double LONGEST_DELAY = 0.15;

    private final ExecutorService painter = Executors.newSingleThreadExecutor(
            Thread.ofPlatform().daemon().name("kite-stage").factory());
    private final AtomicReference<Wish> wish = new AtomicReference<>();
    private final Renderer renderer = new Renderer();
    private final ImageView image = new ImageView();
    private final Label note = new Label();
    private final ObjectProperty<Camera> camera = new SimpleObjectProperty<>(Camera.FRONT);
    private Backdrop backdrop = Backdrop.FELT;
    private Optional<Troupe> troupe = Optional.empty();
    private List<double[]> values = List.of();
    private final Canvas[] canvases = new Canvas[3];
    private final Semaphore oneAtATime = new Semaphore(1);
    private int back;
    private volatile long shown;
    private volatile double delay;
    private volatile double lastDelay;
    private Optional<Runnable> firstShown = Optional.empty();
    private final ObjectProperty<Optional<FaceTool>> tool = new SimpleObjectProperty<>(Optional.empty());
    private boolean tooled;
    private double dragX;
    private double dragY;

    /** @param workspace whose views are offered and in whose settings the look is kept */
    public StageView(Workspace workspace) {
        getStyleClass().add("stage");
        setMinSize(200, 160);
        setStyle("-fx-background-color: linear-gradient(to bottom, #9A9DA1, #7E8287);");
        image.setManaged(false);
        note.getStyleClass().add("stage-chip");
        note.setVisible(false);
        StackPane.setAlignment(note, Pos.CENTER);
        StageFrame frame = new StageFrame();
        HBox chips = chips(workspace, frame);
        Label hint = new Label();
        hint.getStyleClass().add("stage-chip");
        hint.setMouseTransparent(true);
        hint.setVisible(false);
        StackPane.setAlignment(hint, Pos.BOTTOM_CENTER);
        StackPane.setMargin(hint, new Insets(12));
        tool.addListener((o, b, now) -> {
            hint.setVisible(now.isPresent());
            now.ifPresent(t -> hint.setText(t.hint()));
            setCursor(now.isPresent() ? Cursor.CROSSHAIR : Cursor.DEFAULT);
        });
        getChildren().addAll(image, frame, note, chips, hint);
        widthProperty().addListener((o, b, n) -> request());
        heightProperty().addListener((o, b, n) -> request());
        camera.addListener((o, b, n) -> request());
        installMouse();
        setFocusTraversable(true);
        setAccessibleText("The face. Drag to turn, right drag to move, wheel to zoom.");
    }

    /** The views, and how the stage looks, over the face. */
    private HBox chips(Workspace workspace, StageFrame frame) {
        ViewChips views = new ViewChips(workspace, camera);
        HBox.setHgrow(views, Priority.ALWAYS);
        HBox chips = new HBox(6, views, new StageLook(workspace.settings(), this, frame));
        chips.setPickOnBounds(false);
        chips.setMaxHeight(USE_PREF_SIZE);
        StackPane.setAlignment(chips, Pos.TOP_LEFT);
        StackPane.setMargin(chips, new Insets(10));
        return chips;
    }

    public ObjectProperty<Camera> camera() {
        return camera;
    }

    void setBackdrop(Backdrop wanted) {
        backdrop = wanted;
        request();
    }

    /** Says why there is no face, or nothing when the text is empty. */
    public void note(String text) {
        note.setText(text);
        note.setVisible(!text.isEmpty());
    }

    /** Shows those on stage at their values. */
    public void show(Troupe newTroupe, List<double[]> newValues) {
        troupe = Optional.of(newTroupe);
        values = newValues;
        request();
    }

    /**
     * Seconds from the wish for a picture until it is on screen, as of late. While a line plays, poses are taken so much
     * ahead of the sound, so that picture and sound meet.
     */
    public double expectedDelay() {
        return delay;
    }

    /** Seconds that the last picture really took from its wish to the screen. */
    public double lastDelay() {
        return lastDelay;
    }

    /** Calls back once, when the next picture is on screen. */
    public void whenFirstShown(Runnable action) {
        firstShown = Optional.of(action);
    }

    /** How many pictures were shown so far. */
    public long pictures() {
        return shown;
    }

    private void request() {
        int width = (int) Math.round(getWidth());
        int height = (int) Math.round(getHeight());
        if (troupe.isEmpty() || width < 16 || height < 16 || values.isEmpty()) {
            return;
        }
        if (wish.getAndSet(new Wish(troupe.get(), values, camera.get(), backdrop, width, height, System.nanoTime()))
                == null) {
            painter.execute(this::paint);
        }
    }

    /**
     * Draws the newest wish into the canvas that is neither on screen nor about to be, so that drawing the next picture
     * and showing the last one go side by side.
     */
    private void paint() {
        Wish now = wish.getAndSet(null);
        if (now == null) {
            return;
        }
        back = (back + 1) % canvases.length;
        if (canvases[back] == null || canvases[back].width != now.width || canvases[back].height != now.height) {
            canvases[back] = new Canvas(now.width, now.height);
        }
        Canvas canvas = canvases[back];
        renderer.setBackdrop(now.backdrop);
        renderer.draw(
                now.troupe.surfaces(now.values),
                now.troupe.framed(now.camera, now.width / (double) now.height),
                now.width,
                now.height,
                canvas.pixels);
        oneAtATime.acquireUninterruptibly();
        Platform.runLater(() -> {
            present(now, canvas);
            oneAtATime.release();
        });
    }

    private void present(Wish now, Canvas canvas) {
        shown = shown + 1;
        double took = (System.nanoTime() - now.asked) * 1e-9;
        lastDelay = took;
        delay = Math.min(LONGEST_DELAY, delay + 0.15 * (took - delay));
        firstShown.ifPresent(Runnable::run);
        firstShown = Optional.empty();
        canvas.buffer.updateBuffer(buffer -> null);
        image.setImage(canvas.image);
    }

    /** Pixels that the renderer fills and JavaFX shows without copying. */
    private static final class Canvas {
        final int width;
        final int height;
        final int[] pixels;
        final PixelBuffer<IntBuffer> buffer;
        final WritableImage image;

        Canvas(int width, int height) {
            this.width = width;
            this.height = height;
            pixels = new int[width * height];
            buffer = new PixelBuffer<>(width, height, IntBuffer.wrap(pixels), PixelFormat.getIntArgbPreInstance());
            image = new WritableImage(buffer);
        }
    }

    /** What pressing on the face does besides turning it. */
    public ObjectProperty<Optional<FaceTool>> tool() {
        return tool;
    }

    private FaceTool.View seen() {
        int width = (int) Math.round(getWidth());
        int height = (int) Math.round(getHeight());
        Camera now =
                troupe.map(t -> t.framed(camera.get(), width / (double) height)).orElse(camera.get());
        return new FaceTool.View(now, width, height);
    }

    private void installMouse() {
        setOnMousePressed(e -> {
            dragX = e.getX();
            dragY = e.getY();
            requestFocus();
            tooled = e.getButton() == MouseButton.PRIMARY
                    && !e.isShiftDown()
                    && tool.get().map(t -> t.press(seen(), e.getX(), e.getY())).orElse(false);
        });
        setOnMouseDragged(e -> {
            if (tooled) {
                tool.get().ifPresent(t -> t.drag(seen(), e.getX(), e.getY()));
                return;
            }
            double dx = e.getX() - dragX;
            double dy = e.getY() - dragY;
            dragX = e.getX();
            dragY = e.getY();
            Camera now = camera.get();
            if (e.getButton() == MouseButton.PRIMARY
                    && (!e.isShiftDown() || tool.get().isPresent())) {
                camera.set(now.orbited(-dx * 0.35, dy * 0.3));
            } else {
                double scale = now.height() / Math.max(1, getHeight());
                camera.set(now.panned(-dx * scale, dy * scale));
            }
        });
        setOnScroll(e -> camera.set(camera.get().zoomed(Math.pow(0.9985, e.getDeltaY()))));
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

    @Override
    public void close() {
        painter.shutdownNow();
    }
}
