package graykite.studio.view;

import graykite.reading.TimedWord;
import graykite.reading.Timing;
import graykite.scene.Performance;
import graykite.studio.model.Palette;
import graykite.studio.model.Workspace;
import graykite.studio.model.Workspace.Selection;
import graykite.studio.play.Player;
import graykite.time.FrameRate;
import graykite.time.TimeRange;
import java.util.List;
import java.util.Optional;
import javafx.scene.Cursor;
import javafx.scene.canvas.Canvas;
import javafx.scene.control.ScrollBar;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Line;
import javafx.scene.shape.Polygon;

/**
 * The time-aligned rows of a line: ruler, wave, words, sounds, mouth, feel. Drawn on one canvas, only what is visible.
 */
public final class SheetView extends Pane {
    private static final double SCROLL_HEIGHT = 14;

    private final Workspace workspace;
    private final Player player;
    private final SheetScale scale = new SheetScale();
    private final CurveRow curve;
    private final SheetHits hits;
    private final SheetPainter painter;
    private final Canvas canvas = new Canvas();
    private final ScrollBar scroll = new ScrollBar();
    private final WordEditor editor;
    /** Time is shown by nodes above the canvas, so that playing does not draw the rows again. */
    private final Line playhead = new Line();

    private final Polygon playheadKite = new Polygon(0, 0, -5, 6, 0, 14, 5, 6);
    private boolean fitted;
    /** True while the whole line is meant to be seen, so that a new window size shows it whole again. */
    private boolean whole = true;

    private Drag drag = Drag.NONE;
    private int dragWord;
    private int dragPhone;
    private long gesture;
    private double rangeFrom;
    private double mouseX;

    private enum Drag {
        NONE,
        SEEK,
        START,
        END,
        RANGE,
        PAN,
        KEY,
        CURVE
    }

    public SheetView(Workspace workspace, Player player) {
        this.workspace = workspace;
        this.player = player;
        this.hits = new SheetHits(workspace, scale);
        this.curve = new CurveRow(workspace, scale, this::draw);
        this.painter = new SheetPainter(workspace, player, scale, curve);
        this.editor = new WordEditor(workspace, this::requestFocus);
        getStyleClass().add("sheet");
        setPrefHeight(wantedHeight());
        setMinHeight(150);
        playhead.setStrokeWidth(1.5);
        // Unmanaged: moving them must not lay out, and so draw, the rows again.
        playhead.setManaged(false);
        playheadKite.setManaged(false);
        playhead.setMouseTransparent(true);
        playheadKite.setMouseTransparent(true);
        getChildren().addAll(canvas, playhead, playheadKite, scroll, editor);
        setFocusTraversable(true);
        setAccessibleText("The sheet: ruler, wave, words, sounds and mouth over time");
        workspace.performance().addListener((o, b, n) -> draw());
        workspace.history().addListener((o, b, n) -> draw());
        workspace.sound().addListener((o, b, n) -> {
            fitted = false;
            whole = true;
            draw();
        });
        workspace.selection().addListener((o, b, n) -> draw());
        workspace.showLoudness().addListener((o, b, n) -> draw());
        workspace.showPitch().addListener((o, b, n) -> draw());
        workspace.keys().index().addListener((o, b, n) -> draw());
        workspace.mouth().section().addListener((o, b, n) -> draw());
        workspace.mouth().key().addListener((o, b, n) -> draw());
        workspace.mouth().channel().addListener((o, b, n) -> {
            setPrefHeight(wantedHeight());
            draw();
        });
        workspace.jobs().running().addListener((o, b, n) -> draw());
        player.time().addListener((o, b, n) -> {
            follow();
            placePlayhead();
        });
        player.loopRange().addListener((o, b, n) -> draw());
        player.looping().addListener((o, b, n) -> draw());
        scroll.valueProperty().addListener((o, b, n) -> {
            if (scroll.isPressed() || scroll.isFocused()) {
                scale.startAt(n.doubleValue());
                draw();
            }
        });
        scroll.setFocusTraversable(false);
        installMouse();
    }

    SheetScale scale() {
        return scale;
    }

    /** Height at which every row is seen. */
    public double wantedHeight() {
        return SheetRows.BOTTOM + curve.height() + SCROLL_HEIGHT + 6;
    }

    /** Stops measuring. */
    public void close() {
        curve.close();
    }

    public void setPalette(Palette newPalette) {
        painter.setPalette(newPalette);
        draw();
    }

    public void setMouths(MouthPictures newPictures) {
        painter.setMouths(newPictures);
        draw();
    }

    // --- time and place ------------------------------------------------------------------------------------------

    private double lineDuration() {
        return workspace.sound().get().map(s -> s.sound().duration()).orElse(5.0);
    }

    /** Pixel of a time. */
    public double xOf(double time) {
        return scale.xOf(time);
    }

    /** Time of a pixel. */
    public double timeAt(double x) {
        return scale.timeAt(x);
    }

    /** Middle of the row of sounds, in pixels from the top: for those who point at a boundary. */
    public double soundsRowY() {
        return SheetRows.SOUNDS_TOP + SheetRows.SOUNDS / 2;
    }

    /** Pixels from the top of a value of the channel whose curve is shown. */
    public double curveY(double value) {
        return curve.yOf(value);
    }

    /** Middle of the row of mouths. */
    public double mouthRowY() {
        return SheetRows.MOUTHS_TOP + SheetRows.MOUTHS / 2;
    }

    /** Middle of the row of keyed poses. */
    public double feelRowY() {
        return SheetRows.FEEL_TOP + SheetRows.FEEL / 2;
    }

    private FrameRate rate() {
        return workspace.project().rate();
    }

    /** Shows the whole line. */
    public void fit() {
        scale.fit();
        fitted = true;
        whole = true;
        draw();
    }

    /** Zooms by a factor about a pixel. */
    public void zoom(double factor, double aboutX) {
        whole = false;
        scale.zoom(factor, aboutX);
        draw();
    }

    public void zoomAtPlayhead(double factor) {
        zoom(factor, xOf(player.time().get()));
    }

    private void follow() {
        if (player.playing().get()) {
            double x = xOf(player.time().get());
            if (x > getWidth() - 20 || x < SheetRows.GUTTER) {
                scale.startAt(player.time().get() - 0.08 * scale.visibleSeconds());
                draw();
            }
        }
    }

    @Override
    protected void layoutChildren() {
        double height = Math.max(1, getHeight() - SCROLL_HEIGHT);
        double wide = Math.max(10, getWidth() - SheetRows.GUTTER);
        scroll.resizeRelocate(SheetRows.GUTTER, height, wide, SCROLL_HEIGHT);
        if (canvas.getWidth() != getWidth() || canvas.getHeight() != height) {
            canvas.setWidth(getWidth());
            canvas.setHeight(height);
            fitted = fitted && !whole;
            draw();
        }
    }

    private void draw() {
        if (canvas.getWidth() < SheetRows.GUTTER + 10) {
            return;
        }
        scale.room(getWidth(), lineDuration());
        if (!fitted) {
            scale.fit();
            fitted = workspace.sound().get().isPresent();
        }
        scroll.setVisible(scale.visibleSeconds() < scale.duration());
        scroll.setMax(Math.max(0, scale.duration() - scale.visibleSeconds()));
        scroll.setVisibleAmount(Math.min(scale.duration(), scale.visibleSeconds()));
        if (!scroll.isPressed()) {
            scroll.setValue(scale.start());
        }
        painter.draw(canvas.getGraphicsContext2D(), canvas.getWidth(), canvas.getHeight());
        placePlayhead();
    }

    private void placePlayhead() {
        double x = Math.floor(xOf(player.time().get())) + 0.5;
        boolean visible = x >= SheetRows.GUTTER && x <= getWidth();
        playhead.setVisible(visible);
        playheadKite.setVisible(visible);
        playhead.setStroke(painter.palette().string());
        playheadKite.setFill(painter.palette().string());
        playhead.setStartX(x);
        playhead.setEndX(x);
        playhead.setStartY(8);
        playhead.setEndY(SheetRows.BOTTOM + curve.height());
        playheadKite.setLayoutX(x);
    }

    // --- mouse ---------------------------------------------------------------------------------------------------

    private void installMouse() {
        canvas.setOnMouseMoved(e -> {
            mouseX = e.getX();
            boolean edge = hits.boundaryAt(e.getX(), e.getY()).isPresent()
                    || FeelRow.edgeAt(workspace, scale, e.getX(), e.getY()).isPresent();
            canvas.setCursor(edge ? Cursor.H_RESIZE : Cursor.DEFAULT);
        });
        canvas.setOnMousePressed(this::pressed);
        canvas.setOnMouseDragged(this::dragged);
        canvas.setOnMouseReleased(e -> {
            if (drag == Drag.RANGE && Math.abs(timeAt(e.getX()) - rangeFrom) < 0.03) {
                player.loopRange().set(Optional.empty());
            }
            drag = Drag.NONE;
        });
        canvas.setOnMouseClicked(e -> {
            if (e.getClickCount() == 2 && e.getButton() == MouseButton.PRIMARY && SheetRows.inWords(e.getY())) {
                hits.wordAt(e.getX()).ifPresent(this::editWord);
            }
        });
        canvas.setOnScroll(this::scrolled);
        canvas.setOnContextMenuRequested(e -> new SheetMenu(workspace, player, this, curve)
                .at(hits.placeAt(e.getX(), e.getY()), e.getX(), e.getY())
                .show(canvas, e.getScreenX(), e.getScreenY()));
    }

    private void pressed(MouseEvent e) {
        requestFocus();
        editor.commit();
        if (e.getButton() == MouseButton.MIDDLE) {
            drag = Drag.PAN;
            mouseX = e.getX();
            return;
        }
        if (e.getButton() != MouseButton.PRIMARY || e.getX() < SheetRows.GUTTER) {
            return;
        }
        Optional<SheetHits.Boundary> boundary = hits.boundaryAt(e.getX(), e.getY());
        Optional<Integer> section = SectionBars.at(workspace.mouth(), scale, e.getX(), e.getY());
        if (curve.contains(e.getY())) {
            pressedCurve(e);
        } else if (section.isPresent()) {
            workspace.mouth().section().set(section.get());
        } else if (SheetRows.inFeel(e.getY())) {
            pressedFeel(e.getX(), e.getY());
        } else if (boundary.isPresent()) {
            gesture = workspace.newGesture();
            dragWord = boundary.get().word();
            dragPhone = boundary.get().phone();
            drag = dragPhone < 0 ? Drag.END : Drag.START;
        } else if (e.getY() < SheetRows.RULER && e.isShiftDown()) {
            drag = Drag.RANGE;
            rangeFrom = timeAt(e.getX());
        } else if (e.getY() < SheetRows.RULER + SheetRows.WAVE) {
            drag = Drag.SEEK;
            player.scrub(timeAt(e.getX()));
        } else {
            workspace.selection().set(hits.placeAt(e.getX(), e.getY()));
            player.seek(timeAt(e.getX()));
        }
    }

    private void pressedCurve(MouseEvent e) {
        if (curve.press(e.getX(), e.getY(), e.getClickCount())) {
            drag = Drag.CURVE;
        } else {
            player.seek(timeAt(e.getX()));
        }
    }

    private void pressedFeel(double x, double y) {
        Optional<Integer> edge = FeelRow.edgeAt(workspace, scale, x, y);
        workspace
                .keys()
                .index()
                .set(edge.or(() -> FeelRow.keyAt(workspace, timeAt(x))).orElse(-1));
        if (edge.isPresent()) {
            gesture = workspace.newGesture();
            drag = Drag.KEY;
        } else {
            player.seek(timeAt(x));
        }
    }

    private void dragged(MouseEvent e) {
        double time = timeAt(e.getX());
        switch (drag) {
            case SEEK -> player.scrub(time);
            case START -> {
                double at = magnet(time, e.isAltDown());
                workspace.moveStart(dragWord, dragPhone, at, gesture);
                player.seek(at);
            }
            case END -> {
                double at = magnet(time, e.isAltDown());
                workspace.moveEnd(dragWord, at, gesture);
                player.seek(at);
            }
            case RANGE -> {
                double other = Math.clamp(time, 0, scale.duration());
                player.loopRange()
                        .set(Optional.of(new TimeRange(Math.min(rangeFrom, other), Math.max(rangeFrom, other))));
            }
            case KEY -> {
                workspace.keys().move(magnet(time, e.isAltDown()), gesture);
                player.seek(time);
            }
            case CURVE -> curve.drag(magnet(time, e.isAltDown()), e.getX(), e.getY());
            case PAN -> {
                scale.scrollBy(mouseX - e.getX());
                mouseX = e.getX();
                draw();
            }
            case NONE -> {}
        }
    }

    /** Pulls a time to a frame that is within a few pixels; Alt lets go. */
    private double magnet(double time, boolean free) {
        double frame = rate().secondsAt(rate().nearestFrame(time));
        return !free && Math.abs(frame - time) * scale.pixelsASecond() < 4 ? frame : time;
    }

    private void scrolled(ScrollEvent e) {
        if (e.isControlDown()) {
            zoom(Math.pow(1.0022, e.getDeltaY()), Math.max(SheetRows.GUTTER, e.getX()));
        } else {
            double by = e.isShiftDown() && e.getDeltaX() != 0 ? e.getDeltaX() : e.getDeltaY() + e.getDeltaX();
            scale.scrollBy(-by);
            draw();
        }
    }

    /** Opens the field over a word; Enter reads the line again with the new text. */
    public void editWord(int word) {
        TimedWord timed =
                workspace.line().orElseThrow().timing().orElseThrow().words().get(word);
        double x = Math.max(SheetRows.GUTTER, xOf(timed.start()));
        editor.resizeRelocate(x, SheetRows.WORDS_TOP, Math.max(90, xOf(timed.end()) - x), SheetRows.WORDS);
        editor.open(word, timed.text());
    }

    /** Moves the selection to the next or previous sound and goes there. */
    public void step(int by) {
        Optional<Performance> performance = workspace.performance().get();
        if (performance.isEmpty()) {
            return;
        }
        List<Timing.Segment> sounds = performance.get().timing().segments().stream()
                .filter(s -> !s.isSilence())
                .toList();
        Selection now = workspace.selection().get();
        int at = -1;
        for (int i = 0; i < sounds.size(); i++) {
            if (sounds.get(i).word() == now.word() && sounds.get(i).index() == Math.max(0, now.phone())) {
                at = i;
            }
        }
        if (sounds.isEmpty()) {
            return;
        }
        Timing.Segment next = sounds.get(Math.clamp(at + by, 0, sounds.size() - 1));
        workspace.selection().set(new Selection(next.word(), next.index()));
        player.seek(next.start());
    }
}
