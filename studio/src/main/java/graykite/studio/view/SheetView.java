package graykite.studio.view;

import graykite.project.Line;
import graykite.reading.TimedWord;
import graykite.reading.Timing;
import graykite.scene.Performance;
import graykite.studio.model.Palette;
import graykite.studio.model.Selection;
import graykite.studio.model.Workspace;
import graykite.studio.play.Player;
import java.util.List;
import java.util.Optional;
import javafx.scene.AccessibleRole;
import javafx.scene.canvas.Canvas;
import javafx.scene.control.ScrollBar;
import javafx.scene.layout.Pane;

/**
 * The time-aligned rows of a line over one time axis. Drawn on one canvas, only what is visible, at most once a pulse; what
 * is drawn and what the mouse does is the business of each row.
 */
public final class SheetView extends Pane {
    private static final double SCROLL_HEIGHT = 14;

    private final Workspace workspace;
    private final Player player;
    private final SheetScale scale = new SheetScale();
    private final SheetRows rows;
    private final SceneRow scene;
    private final WordsRow words;
    private final Canvas canvas = new Canvas();
    private final ScrollBar scroll = new ScrollBar();
    private final WordEditor editor;
    private final Playhead playhead = new Playhead();
    private Palette palette = Palette.LIGHT;
    private boolean dirty = true;
    private boolean fitted;
    /** True while the whole line is meant to be seen, so that a new window size shows it whole again. */
    private boolean whole = true;

    public SheetView(Workspace workspace, Player player) {
        this.workspace = workspace;
        this.player = player;
        SheetContext context = new SheetContext(workspace, player, scale, () -> palette, this::redraw);
        scene = new SceneRow(context);
        words = new WordsRow(context, this::editWord);
        // The one list of rows: a new one is a file of its own and a place in here.
        rows = new SheetRows(
                workspace.settings(),
                List.of(
                        new RulerRow(context),
                        scene,
                        new WaveRow(context),
                        words,
                        new SoundsRow(context, this::editWord),
                        new MouthRow(context, this::editWord),
                        new ClipsRow(context),
                        new LooksRow(context),
                        new CuesRow(context),
                        new NotesRow(context),
                        new PassesRow(context),
                        new PosesRow(context),
                        new KeysRow(context),
                        new MarksRow(context),
                        new LayersRow(context),
                        new CurveRow(context)));
        this.editor = new WordEditor(workspace, this::requestFocus);
        getStyleClass().add("sheet");
        setPrefHeight(wantedHeight());
        setMinHeight(100);
        getChildren().addAll(canvas, playhead, scroll, editor);
        FocusFrame.over(this);
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
        setAccessibleText("The sheet: ruler, wave, words, sounds and mouth over time");
        watch();
        canvas.pressedProperty().addListener((o, b, n) -> redraw());
        scroll.valueProperty().addListener((o, b, n) -> {
            if (scroll.isPressed() || scroll.isFocused()) {
                scale.startAt(n.doubleValue());
                redraw();
            }
        });
        scroll.setFocusTraversable(false);
        new SheetMouse(this, canvas, rows, editor, workspace, player);
    }

    private void watch() {
        List.of(
                        workspace.performance(),
                        workspace.scene(),
                        workspace.history(),
                        workspace.selection(),
                        workspace.overlays().loudness(),
                        workspace.overlays().pitch(),
                        workspace.overlays().weights(),
                        workspace.overlays().marks(),
                        workspace.overlays().keys(),
                        workspace.passes().keys().chosen(),
                        workspace.passes().keys().control(),
                        workspace.marks().chosen(),
                        workspace.passes().chosen(),
                        workspace.keys().index(),
                        workspace.clips().chosen(),
                        workspace.looks().chosen(),
                        workspace.cues().chosen(),
                        workspace.proof().proof(),
                        workspace.proof().chosen(),
                        workspace.mouth().section(),
                        workspace.mouth().curves().key(),
                        workspace.jobs().running(),
                        player.loopRange(),
                        player.looping())
                .forEach(watched -> watched.addListener((o, b, n) -> redraw()));
        workspace.lineId().addListener((o, b, n) -> showWholeAgain());
        workspace.sceneId().addListener((o, b, n) -> showWholeAgain());
        workspace.sound().addListener((o, b, n) -> {
            if (b.isEmpty() || workspace.openScene().isEmpty()) {
                fitted = fitted && b.equals(n);
            }
            redraw();
        });
        workspace.mouth().curves().channel().addListener((o, b, n) -> redraw());
        workspace.stageSound().addListener((o, b, n) -> {
            // A scene stays where it is seen when another of its lines is worked on.
            scale.shiftBy(b.lineStart() - n.lineStart());
            redraw();
        });
        player.shown().addListener((o, b, n) -> {
            follow();
            placePlayhead();
        });
    }

    private void showWholeAgain() {
        if (workspace.openScene().isEmpty()) {
            fitted = false;
            whole = true;
        }
        redraw();
    }

    SheetScale scale() {
        return scale;
    }

    /** Height at which every row is seen; also the preferred height. */
    private double wantedHeight() {
        return rows.height() + SCROLL_HEIGHT + 6;
    }

    /** Stops what works in the background. */
    public void close() {
        rows.close();
    }

    public void setPalette(Palette newPalette) {
        palette = newPalette;
        redraw();
    }

    private double lineDuration() {
        return workspace.sound().get().map(s -> s.sound().duration()).orElse(5.0);
    }

    /** Pixel of a time of the line. */
    public double xOf(double time) {
        return scale.xOf(time);
    }

    /** Middle of a row, in pixels from the top. @param name as it stands in the gutter */
    public double rowY(String name) {
        return rows.middleOf(name);
    }

    /** The upper lane of the row of the scene. */
    public double sceneRowY() {
        return rows.topOf(scene) + 12;
    }

    /** Pixels from the top at which a row draws a value. @param row name as it stands in the gutter */
    public double yOf(String row, double value) {
        return rows.yOf(row, value);
    }

    /** Shows the whole line, or the whole scene. */
    public void fit() {
        scale.fit();
        fitted = true;
        whole = true;
        redraw();
    }

    /** Zooms by a factor about a pixel. */
    public void zoom(double factor, double aboutX) {
        whole = false;
        scale.zoom(factor, aboutX);
        redraw();
    }

    public void zoomAtPlayhead(double factor) {
        zoom(factor, xOf(player.time().get()));
    }

    private void follow() {
        if (player.playing().get()) {
            double x = xOf(player.shown().get());
            if (x > getWidth() - 20 || x < SheetRow.GUTTER) {
                scale.startAt(player.shown().get() - 0.08 * scale.visibleSeconds());
                redraw();
            }
        }
    }

    /** Asks for the rows to be drawn at the next pulse. */
    void redraw() {
        dirty = true;
        requestLayout();
    }

    @Override
    protected void layoutChildren() {
        double height = Math.max(1, getHeight() - SCROLL_HEIGHT);
        double wide = Math.max(10, getWidth() - SheetRow.GUTTER);
        scroll.resizeRelocate(SheetRow.GUTTER, height, wide, SCROLL_HEIGHT);
        if (canvas.getWidth() != getWidth() || canvas.getHeight() != height) {
            canvas.setWidth(getWidth());
            canvas.setHeight(height);
            fitted = fitted && !whole;
            dirty = true;
        }
        if (dirty) {
            dirty = false;
            draw();
        }
    }

    private void draw() {
        if (canvas.getWidth() < SheetRow.GUTTER + 10) {
            return;
        }
        if (getPrefHeight() != wantedHeight()) {
            setPrefHeight(wantedHeight());
        }
        double end = workspace.openScene().isPresent() ? Math.max(player.duration(), lineDuration()) : lineDuration();
        scale.room(getWidth(), player.beginning(), end);
        // What is dragged must not slide away under the pointer: the sheet fits itself again when it is let go.
        if (!fitted && !canvas.isPressed()) {
            scale.fit();
            fitted = workspace.sound().get().isPresent();
        }
        scroll.setVisible(scale.visibleSeconds() < scale.duration() - scale.beginning());
        scroll.setMin(scale.beginning());
        scroll.setMax(Math.max(scale.beginning(), scale.duration() - scale.visibleSeconds()));
        scroll.setVisibleAmount(Math.min(scale.duration() - scale.beginning(), scale.visibleSeconds()));
        if (!scroll.isPressed()) {
            scroll.setValue(scale.start());
        }
        rows.draw(canvas.getGraphicsContext2D(), palette, canvas.getWidth(), canvas.getHeight());
        placePlayhead();
    }

    private void placePlayhead() {
        double height = Math.min(rows.height(), canvas.getHeight());
        playhead.place(xOf(player.shown().get()), getWidth(), height, palette);
    }

    /** Opens the field over a word; Enter reads the line again with the new text. */
    public void editWord(int word) {
        TimedWord timed =
                workspace.line().flatMap(Line::timing).orElseThrow().words().get(word);
        double x = Math.max(SheetRow.GUTTER, xOf(timed.start()));
        editor.resizeRelocate(x, rows.topOf(words), Math.max(90, xOf(timed.end()) - x), words.height());
        editor.open(word, timed.text());
    }

    /** Moves the selection to the next or previous sound and goes there. */
    public void step(int by) {
        Optional<Performance> performance = workspace.performance().get();
        if (performance.isEmpty()) {
            return;
        }
        List<Timing.Segment> all = performance.get().timing().segments().stream()
                .filter(s -> !s.isSilence())
                .toList();
        Selection now = workspace.selection().get();
        int at = -1;
        for (int i = 0; i < all.size(); i++) {
            if (all.get(i).word() == now.word() && all.get(i).index() == Math.max(0, now.phone())) {
                at = i;
            }
        }
        if (all.isEmpty()) {
            return;
        }
        Timing.Segment next = all.get(Math.clamp(at + by, 0, all.size() - 1));
        workspace.selection().set(new Selection(next.word(), next.index()));
        player.seek(next.start());
    }
}
