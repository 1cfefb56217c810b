package graykite.studio.view;

import graykite.mouth.MouthChart;
import graykite.mouth.Viseme;
import graykite.performance.Performance;
import graykite.speech.Phone;
import graykite.speech.TimedPhone;
import graykite.speech.TimedWord;
import graykite.speech.Timing;
import graykite.studio.model.LineSound;
import graykite.studio.model.Palette;
import graykite.studio.model.Workspace;
import graykite.studio.model.Workspace.Selection;
import graykite.studio.play.Player;
import graykite.time.FrameRate;
import graykite.time.TimeRange;
import graykite.time.Timecode;
import java.util.List;
import java.util.Optional;
import javafx.geometry.VPos;
import javafx.scene.Cursor;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ScrollBar;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;
import javafx.scene.layout.Pane;
import javafx.scene.paint.Color;
import javafx.scene.shape.Line;
import javafx.scene.shape.Polygon;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;

/**
 * The time-aligned rows of a line: ruler, wave, words, sounds, mouth, feel. Drawn on one canvas, only what is visible.
 */
public final class SheetView extends Pane {
    private static final double GUTTER = 76;
    private static final double RULER = 26;
    private static final double WAVE = 62;
    private static final double WORDS = 27;
    private static final double SOUNDS = 27;
    private static final double MOUTHS = 58;
    private static final double GRAB = 5;
    private static final Font SMALL = Font.font("Andika", 12);
    private static final Font IPA = Font.font("Andika", 14);
    private static final Font LABEL = Font.font("Inter", 11);
    private static final Font WORD = Font.font("Inter", 13);

    private final Workspace workspace;
    private final Player player;
    private final Canvas canvas = new Canvas();
    private final ScrollBar scroll = new ScrollBar();
    private final TextField editor = new TextField();
    /** Time is shown by nodes above the canvas, so that playing does not draw the rows again. */
    private final Line playhead = new Line();

    private final Polygon playheadKite = new Polygon(0, 0, -5, 6, 0, 14, 5, 6);
    private final float[] extremes = new float[2];
    private Palette palette = Palette.LIGHT;
    private Optional<MouthPictures> pictures = Optional.empty();
    private Optional<MouthChart> chart = Optional.empty();
    private double start;
    private double pixelsASecond = 0;
    private boolean fitted;
    private Drag drag = Drag.NONE;
    private int dragWord;
    private int dragPhone;
    private long gesture;
    private double rangeFrom;
    private int editedWord = -1;
    private double mouseX;

    private enum Drag {
        NONE,
        SEEK,
        START,
        END,
        RANGE,
        PAN
    }

    /** A boundary under the pointer: the start of a phone, or the end of a word (phone -1). */
    private record Boundary(int word, int phone) {}

    public SheetView(Workspace workspace, Player player) {
        this.workspace = workspace;
        this.player = player;
        getStyleClass().add("sheet");
        setPrefHeight(RULER + WAVE + WORDS + SOUNDS + MOUTHS + 14 + 6);
        setMinHeight(150);
        editor.getStyleClass().add("word-editor");
        editor.setVisible(false);
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
            draw();
        });
        workspace.selection().addListener((o, b, n) -> draw());
        player.time().addListener((o, b, n) -> {
            follow();
            placePlayhead();
        });
        player.loopRange().addListener((o, b, n) -> draw());
        player.looping().addListener((o, b, n) -> draw());
        scroll.valueProperty().addListener((o, b, n) -> {
            if (scroll.isPressed() || scroll.isFocused()) {
                start = n.doubleValue();
                draw();
            }
        });
        scroll.setFocusTraversable(false);
        installMouse();
        installEditor();
    }

    public void setPalette(Palette newPalette) {
        palette = newPalette;
        draw();
    }

    public void setMouths(MouthPictures newPictures, MouthChart newChart) {
        pictures = Optional.of(newPictures);
        chart = Optional.of(newChart);
        draw();
    }

    // --- time and place ------------------------------------------------------------------------------------------

    private double duration() {
        return Math.max(
                0.1, workspace.sound().get().map(s -> s.sound().duration()).orElse(5.0));
    }

    private double visibleSeconds() {
        return Math.max(1, getWidth() - GUTTER) / pixelsASecond;
    }

    /** Pixel of a time. */
    public double xOf(double time) {
        return GUTTER + (time - start) * pixelsASecond;
    }

    /** Time of a pixel. */
    public double timeAt(double x) {
        return start + (x - GUTTER) / pixelsASecond;
    }

    /** Middle of the row of sounds, in pixels from the top: for those who point at a boundary. */
    public double soundsRowY() {
        return RULER + WAVE + WORDS + SOUNDS / 2;
    }

    private FrameRate rate() {
        return workspace.project().rate();
    }

    /** Shows the whole line. */
    public void fit() {
        pixelsASecond = Math.max(20, (getWidth() - GUTTER - 16) / duration());
        start = 0;
        fitted = true;
        draw();
    }

    /** Zooms by a factor about a pixel. */
    public void zoom(double factor, double aboutX) {
        double anchor = timeAt(aboutX);
        double least = Math.max(2, (getWidth() - GUTTER - 16) / duration());
        pixelsASecond = Math.clamp(pixelsASecond * factor, Math.min(least, 48_000), 48_000);
        start = anchor - (aboutX - GUTTER) / pixelsASecond;
        bound();
        draw();
    }

    public void zoomAtPlayhead(double factor) {
        zoom(factor, xOf(player.time().get()));
    }

    private void bound() {
        double most = Math.max(0, duration() - visibleSeconds() + 16 / pixelsASecond);
        start = Math.clamp(start, 0, most);
    }

    private void follow() {
        if (player.playing().get()) {
            double x = xOf(player.time().get());
            if (x > getWidth() - 20 || x < GUTTER) {
                start = player.time().get() - 0.08 * visibleSeconds();
                bound();
                draw();
            }
        }
    }

    // --- drawing -------------------------------------------------------------------------------------------------

    @Override
    protected void layoutChildren() {
        double barHeight = 14;
        double height = Math.max(1, getHeight() - barHeight);
        scroll.resizeRelocate(GUTTER, getHeight() - barHeight, Math.max(10, getWidth() - GUTTER), barHeight);
        if (canvas.getWidth() != getWidth() || canvas.getHeight() != height) {
            canvas.setWidth(getWidth());
            canvas.setHeight(height);
            draw();
        }
    }

    private void draw() {
        if (canvas.getWidth() < GUTTER + 10) {
            return;
        }
        if (!fitted || pixelsASecond == 0) {
            pixelsASecond = Math.max(20, (getWidth() - GUTTER - 16) / duration());
            start = 0;
            fitted = workspace.sound().get().isPresent();
        }
        scroll.setVisible(visibleSeconds() < duration());
        scroll.setMax(Math.max(0, duration() - visibleSeconds()));
        scroll.setVisibleAmount(Math.min(duration(), visibleSeconds()));
        if (!scroll.isPressed()) {
            scroll.setValue(start);
        }
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.setFill(palette.paper());
        g.fillRect(0, 0, canvas.getWidth(), canvas.getHeight());
        double y = 0;
        drawRuler(g, y);
        y += RULER;
        drawWave(g, y);
        y += WAVE;
        Optional<Timing> timing = workspace.shot().flatMap(s -> s.timing());
        drawWords(g, y, timing);
        y += WORDS;
        drawSounds(g, y, timing);
        y += SOUNDS;
        drawMouths(g, y, timing);
        drawGutter(g);
        placePlayhead();
        if (timing.isEmpty()) {
            drawHint(g);
        }
    }

    private void drawHint(GraphicsContext g) {
        boolean sound = workspace.sound().get().isPresent();
        String hint = workspace.shot().isEmpty()
                ? "Drop a recording here, or open one with Ctrl+I."
                : sound
                        ? "Not read yet: type the words on the Reading desk and read the line."
                        : "No recording yet: open one on the Voice desk.";
        g.setFill(palette.ink2());
        g.setFont(WORD);
        g.setTextAlign(TextAlignment.CENTER);
        g.fillText(hint, GUTTER + (canvas.getWidth() - GUTTER) / 2, RULER + WAVE + WORDS + SOUNDS / 2 + 10);
    }

    private void drawRuler(GraphicsContext g, double top) {
        g.setFill(palette.paper2());
        g.fillRect(GUTTER, top, canvas.getWidth() - GUTTER, RULER);
        FrameRate rate = rate();
        g.setStroke(palette.line());
        g.setLineWidth(1);
        double framePixels = pixelsASecond * rate.frameLength();
        if (framePixels >= 5) {
            long first = rate.frameAt(Math.max(0, start));
            long last = rate.frameAt(start + visibleSeconds()) + 1;
            for (long f = first; f <= last; f++) {
                double x = snap(xOf(rate.secondsAt(f)));
                g.strokeLine(x, top + RULER - 5, x, top + RULER);
            }
        }
        double step = labelStep();
        g.setFont(SMALL);
        g.setFill(palette.ink2());
        g.setTextAlign(TextAlignment.LEFT);
        g.setTextBaseline(VPos.BASELINE);
        for (double t = Math.floor(start / step) * step; t <= start + visibleSeconds(); t += step) {
            if (t < -1e-9) {
                continue;
            }
            double x = snap(xOf(t));
            g.setStroke(palette.ink2());
            g.strokeLine(x, top + RULER - 9, x, top + RULER);
            g.fillText(label(t, step), x + 4, top + RULER - 10);
        }
        if (player.looping().get() || player.loopRange().get().isPresent()) {
            TimeRange range = player.loopRange().get().orElse(new TimeRange(0, duration()));
            g.setFill(withAlpha(palette.string(), player.looping().get() ? 0.75 : 0.3));
            g.fillRect(xOf(range.start()), top, Math.max(2, xOf(range.end()) - xOf(range.start())), 4);
        }
    }

    private double labelStep() {
        for (double step : new double[] {rate().frameLength(), 0.1, 0.25, 0.5, 1, 2, 5, 10, 15, 30, 60, 300, 600}) {
            if (step * pixelsASecond >= 76) {
                return step;
            }
        }
        return 1800;
    }

    private String label(double time, double step) {
        if (step < 0.1) {
            return Long.toString(rate().nearestFrame(time));
        }
        return step < 1
                ? String.format(java.util.Locale.ROOT, "%.2f", time)
                : Timecode.format(rate().nearestFrame(time), rate()).substring(3);
    }

    private void drawWave(GraphicsContext g, double top) {
        double middle = top + WAVE / 2;
        g.setStroke(palette.line());
        g.strokeLine(GUTTER, snap(top), canvas.getWidth(), snap(top));
        Optional<LineSound> sound = workspace.sound().get();
        if (sound.isEmpty()) {
            return;
        }
        double peak = Math.max(0.05, sound.get().sound().peak());
        double scale = (WAVE / 2 - 4) / peak;
        g.setStroke(palette.ink2());
        g.setLineWidth(1);
        double perPixel = 1 / pixelsASecond;
        int last = (int) Math.min(canvas.getWidth(), Math.ceil(xOf(duration())));
        for (int x = (int) GUTTER; x < last; x++) {
            double t = timeAt(x);
            sound.get().envelope().between(t, t + perPixel, extremes);
            double high = middle - extremes[1] * scale;
            double low = middle - extremes[0] * scale;
            g.strokeLine(x + 0.5, high, x + 0.5, Math.max(low, high + 0.6));
        }
    }

    private void drawWords(GraphicsContext g, double top, Optional<Timing> timing) {
        line(g, top);
        if (timing.isEmpty()) {
            return;
        }
        List<TimedWord> words = timing.get().words();
        Selection selected = workspace.selection().get();
        for (int w = 0; w < words.size(); w++) {
            TimedWord word = words.get(w);
            if (outside(word.start(), word.end())) {
                continue;
            }
            boolean own = word.phones().stream().anyMatch(TimedPhone::pinned);
            block(g, word.start(), word.end(), top, WORDS, own, selected.word() == w && selected.phone() < 0);
            g.setFill(word.guessed() ? palette.string() : palette.ink());
            String text = word.guessed() ? word.text() + " ?" : word.text();
            label(g, WORD, text, word.start(), word.end(), top, WORDS);
        }
    }

    private void drawSounds(GraphicsContext g, double top, Optional<Timing> timing) {
        line(g, top);
        if (timing.isEmpty()) {
            return;
        }
        Selection selected = workspace.selection().get();
        List<TimedWord> words = timing.get().words();
        for (int w = 0; w < words.size(); w++) {
            List<TimedPhone> phones = words.get(w).phones();
            for (int p = 0; p < phones.size(); p++) {
                TimedPhone phone = phones.get(p);
                if (outside(phone.start(), phone.end())) {
                    continue;
                }
                boolean chosen = selected.word() == w && selected.phone() == p;
                block(g, phone.start(), phone.end(), top, SOUNDS, phone.pinned(), chosen);
                if (isClosure(phone.phone())) {
                    g.setFill(palette.string());
                    g.fillRect(xOf(phone.start()) + 1, top + SOUNDS - 5, xOf(phone.end()) - xOf(phone.start()) - 2, 2);
                }
                g.setFill(palette.ink());
                label(g, IPA, phone.phone().ipa(), phone.start(), phone.end(), top - 1, SOUNDS);
            }
        }
    }

    private static boolean isClosure(Phone phone) {
        return switch (phone) {
            case P, B, M, F, V -> true;
            default -> false;
        };
    }

    private void drawMouths(GraphicsContext g, double top, Optional<Timing> timing) {
        line(g, top);
        if (timing.isEmpty() || pictures.isEmpty() || chart.isEmpty()) {
            return;
        }
        double lead = workspace.shot().map(s -> s.mouth().lead()).orElse(0.0);
        double side = MOUTHS - 8;
        for (Timing.Segment segment : timing.get().segments()) {
            double from = Math.max(0, segment.start() - lead);
            double to = segment.end() - lead;
            if (outside(from, to) || to <= 0) {
                continue;
            }
            Viseme viseme = chart.get().visemeOf(segment.phone());
            double x = xOf(from);
            double width = xOf(to) - x;
            if (width < 3) {
                continue;
            }
            double shown = Math.min(side, width - 2);
            double source = MouthPictures.SIZE * shown / side;
            double cut = (MouthPictures.SIZE - source) / 2;
            g.setGlobalAlpha(segment.isSilence() ? 0.35 : 1);
            double left = x + (width - shown) / 2;
            g.drawImage(pictures.get().of(viseme), cut, 0, source, MouthPictures.SIZE, left, top + 4, shown, side);
            g.setGlobalAlpha(1);
            g.setStroke(palette.sand());
            g.setLineWidth(1);
            g.strokeRect(snap(x) + 0, snap(top + 3), Math.max(1, Math.floor(width) - 1), side + 1);
        }
    }

    private void drawGutter(GraphicsContext g) {
        g.setFill(palette.paper2());
        g.fillRect(0, 0, GUTTER, canvas.getHeight());
        g.setStroke(palette.line());
        g.strokeLine(GUTTER - 0.5, 0, GUTTER - 0.5, canvas.getHeight());
        g.setFill(palette.ink2());
        g.setFont(LABEL);
        g.setTextAlign(TextAlignment.RIGHT);
        g.setTextBaseline(VPos.CENTER);
        double[] heights = {RULER, WAVE, WORDS, SOUNDS, MOUTHS};
        String[] names = {"time", "wave", "words", "sounds", "mouth"};
        double y = 0;
        for (int i = 0; i < names.length; i++) {
            g.fillText(names[i], GUTTER - 10, y + heights[i] / 2);
            y += heights[i];
            g.strokeLine(0, snap(y), GUTTER, snap(y));
        }
        g.setTextBaseline(VPos.BASELINE);
    }

    private void placePlayhead() {
        double x = snap(xOf(player.time().get()));
        boolean visible = x >= GUTTER && x <= getWidth();
        playhead.setVisible(visible);
        playheadKite.setVisible(visible);
        playhead.setStroke(palette.string());
        playheadKite.setFill(palette.string());
        playhead.setStartX(x);
        playhead.setEndX(x);
        playhead.setStartY(8);
        playhead.setEndY(RULER + WAVE + WORDS + SOUNDS + MOUTHS);
        playheadKite.setLayoutX(x);
    }

    /** Generated blocks have plain edges, blocks that a hand touched notched ones. */
    private void block(
            GraphicsContext g, double from, double to, double top, double height, boolean own, boolean chosen) {
        double x = snap(xOf(from));
        double width = Math.max(2, snap(xOf(to)) - x - 1);
        Color colour = own ? palette.tide() : palette.sand();
        g.setFill(withAlpha(colour, chosen ? 0.55 : 0.22));
        g.fillRect(x, top + 3, width, height - 6);
        g.setStroke(colour);
        g.setLineWidth(chosen ? 2 : 1);
        g.strokeRect(x, snap(top + 3), width, height - 6);
        g.setLineWidth(1);
        if (own && width > 8) {
            g.setFill(palette.paper());
            g.fillPolygon(new double[] {x - 1, x + 4, x - 1}, new double[] {top + 3, top + 3, top + 8}, 3);
            g.setFill(palette.tide());
            g.fillPolygon(
                    new double[] {x + width - 5, x + width, x + width},
                    new double[] {top + height - 3, top + height - 3, top + height - 8},
                    3);
        }
    }

    private void label(GraphicsContext g, Font font, String text, double from, double to, double top, double height) {
        double x = Math.max(GUTTER, xOf(from));
        double width = xOf(to) - x;
        double needed = text.length() * font.getSize() * 0.5;
        if (width < Math.min(needed, 10)) {
            return;
        }
        g.setFont(font);
        g.setTextAlign(TextAlignment.CENTER);
        g.setTextBaseline(VPos.CENTER);
        g.save();
        g.beginPath();
        g.rect(x + 1, top, Math.max(0, width - 2), height);
        g.clip();
        if (needed > width) {
            g.setTextAlign(TextAlignment.LEFT);
            g.fillText(text, x + 3, top + height / 2);
        } else {
            g.fillText(text, x + width / 2, top + height / 2);
        }
        g.restore();
        g.setTextBaseline(VPos.BASELINE);
    }

    private void line(GraphicsContext g, double y) {
        g.setStroke(palette.line());
        g.strokeLine(GUTTER, snap(y), canvas.getWidth(), snap(y));
    }

    private boolean outside(double from, double to) {
        return to < start || from > start + visibleSeconds();
    }

    private static double snap(double x) {
        return Math.floor(x) + 0.5;
    }

    private static Color withAlpha(Color colour, double alpha) {
        return new Color(colour.getRed(), colour.getGreen(), colour.getBlue(), alpha);
    }

    // --- mouse ---------------------------------------------------------------------------------------------------

    private void installMouse() {
        canvas.setOnMouseMoved(e -> {
            mouseX = e.getX();
            canvas.setCursor(boundaryAt(e.getX(), e.getY()).isPresent() ? Cursor.H_RESIZE : Cursor.DEFAULT);
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
            if (e.getClickCount() == 2 && e.getButton() == MouseButton.PRIMARY && inWords(e.getY())) {
                wordAt(e.getX()).ifPresent(this::editWord);
            }
        });
        canvas.setOnScroll(this::scrolled);
        canvas.setOnContextMenuRequested(e -> menuAt(e.getX(), e.getY()).show(canvas, e.getScreenX(), e.getScreenY()));
    }

    private void pressed(MouseEvent e) {
        requestFocus();
        commitEditor();
        if (e.getButton() == MouseButton.MIDDLE) {
            drag = Drag.PAN;
            mouseX = e.getX();
            return;
        }
        if (e.getButton() != MouseButton.PRIMARY || e.getX() < GUTTER) {
            return;
        }
        Optional<Boundary> boundary = boundaryAt(e.getX(), e.getY());
        if (boundary.isPresent()) {
            gesture = workspace.newGesture();
            dragWord = boundary.get().word();
            dragPhone = boundary.get().phone();
            drag = dragPhone < 0 ? Drag.END : Drag.START;
        } else if (e.getY() < RULER && e.isShiftDown()) {
            drag = Drag.RANGE;
            rangeFrom = timeAt(e.getX());
        } else if (e.getY() < RULER + WAVE) {
            drag = Drag.SEEK;
            player.scrub(timeAt(e.getX()));
        } else {
            select(e.getX(), e.getY());
            player.seek(timeAt(e.getX()));
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
                double other = Math.clamp(time, 0, duration());
                player.loopRange()
                        .set(Optional.of(new TimeRange(Math.min(rangeFrom, other), Math.max(rangeFrom, other))));
            }
            case PAN -> {
                start -= (e.getX() - mouseX) / pixelsASecond;
                mouseX = e.getX();
                bound();
                draw();
            }
            case NONE -> {}
        }
    }

    /** Pulls a time to a frame that is within a few pixels; Alt lets go. */
    private double magnet(double time, boolean free) {
        double frame = rate().secondsAt(rate().nearestFrame(time));
        return !free && Math.abs(frame - time) * pixelsASecond < 4 ? frame : time;
    }

    private void scrolled(ScrollEvent e) {
        if (e.isControlDown()) {
            zoom(Math.pow(1.0022, e.getDeltaY()), Math.max(GUTTER, e.getX()));
        } else {
            double by = e.isShiftDown() && e.getDeltaX() != 0 ? e.getDeltaX() : e.getDeltaY() + e.getDeltaX();
            start -= by / pixelsASecond;
            bound();
            draw();
        }
    }

    private boolean inWords(double y) {
        return y >= RULER + WAVE && y < RULER + WAVE + WORDS;
    }

    private boolean inSounds(double y) {
        return y >= RULER + WAVE + WORDS && y < RULER + WAVE + WORDS + SOUNDS;
    }

    private Optional<Boundary> boundaryAt(double x, double y) {
        Optional<Timing> timing = workspace.shot().flatMap(s -> s.timing());
        if (timing.isEmpty() || x < GUTTER || !(inSounds(y) || inWords(y))) {
            return Optional.empty();
        }
        boolean onlyWords = inWords(y);
        List<TimedWord> words = timing.get().words();
        Optional<Boundary> best = Optional.empty();
        double nearest = GRAB;
        for (int w = 0; w < words.size(); w++) {
            List<TimedPhone> phones = words.get(w).phones();
            for (int p = 0; p < (onlyWords ? 1 : phones.size()); p++) {
                double away = Math.abs(xOf(phones.get(p).start()) - x);
                if (away < nearest) {
                    nearest = away;
                    best = Optional.of(new Boundary(w, p));
                }
            }
            double away = Math.abs(xOf(words.get(w).end()) - x);
            if (away < nearest) {
                nearest = away;
                best = Optional.of(new Boundary(w, -1));
            }
        }
        return best;
    }

    private Optional<Integer> wordAt(double x) {
        int word = workspace
                .shot()
                .flatMap(s -> s.timing())
                .map(t -> t.wordAt(timeAt(x)))
                .orElse(-1);
        return word < 0 ? Optional.empty() : Optional.of(word);
    }

    private void select(double x, double y) {
        Optional<Integer> word = wordAt(x);
        if (word.isEmpty()) {
            workspace.selection().set(Selection.NONE);
            return;
        }
        int phone = -1;
        if (!inWords(y)) {
            List<TimedPhone> phones = workspace
                    .shot()
                    .orElseThrow()
                    .timing()
                    .orElseThrow()
                    .words()
                    .get(word.get())
                    .phones();
            for (int p = 0; p < phones.size(); p++) {
                if (phones.get(p).range().contains(timeAt(x))) {
                    phone = p;
                }
            }
        }
        workspace.selection().set(new Selection(word.get(), phone));
    }

    private ContextMenu menuAt(double x, double y) {
        ContextMenu menu = new ContextMenu();
        wordAt(x).ifPresent(word -> {
            TimedWord timed = workspace
                    .shot()
                    .orElseThrow()
                    .timing()
                    .orElseThrow()
                    .words()
                    .get(word);
            MenuItem edit = new MenuItem("Edit \"" + timed.text() + "\" and read again");
            edit.setOnAction(e -> editWord(word));
            MenuItem loop = new MenuItem("Loop \"" + timed.text() + "\"");
            loop.setOnAction(e -> {
                player.loopRange().set(Optional.of(timed.range()));
                player.looping().set(true);
            });
            menu.getItems().addAll(edit, loop, new SeparatorMenuItem());
        });
        MenuItem play = new MenuItem("Play from here");
        play.setOnAction(e -> {
            player.seek(timeAt(x));
            player.play();
        });
        MenuItem whole = new MenuItem("Loop the whole line");
        whole.setOnAction(e -> player.loopRange().set(Optional.empty()));
        MenuItem fit = new MenuItem("Show the whole line");
        fit.setOnAction(e -> fit());
        menu.getItems().addAll(play, whole, fit);
        return menu;
    }

    // --- editing a word ------------------------------------------------------------------------------------------

    private void installEditor() {
        editor.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ENTER) {
                commitEditor();
                e.consume();
            } else if (e.getCode() == KeyCode.ESCAPE) {
                editedWord = -1;
                editor.setVisible(false);
                requestFocus();
                e.consume();
            }
        });
        editor.focusedProperty().addListener((o, b, focused) -> {
            if (!focused) {
                commitEditor();
            }
        });
    }

    /** Opens the field over a word; Enter reads the line again with the new text. */
    public void editWord(int word) {
        TimedWord timed =
                workspace.shot().orElseThrow().timing().orElseThrow().words().get(word);
        editor.setText(timed.text());
        double x = Math.max(GUTTER, xOf(timed.start()));
        editor.resizeRelocate(x, RULER + WAVE, Math.max(90, xOf(timed.end()) - x), WORDS);
        editor.setVisible(true);
        editor.requestFocus();
        editor.selectAll();
        editedWord = word;
    }

    private void commitEditor() {
        int word = editedWord;
        if (word < 0) {
            return;
        }
        editedWord = -1;
        editor.setVisible(false);
        String now = workspace
                .shot()
                .flatMap(s -> s.timing())
                .map(t -> t.words().get(word).text())
                .orElse("");
        if (!editor.getText().strip().equals(now)) {
            workspace.retypeWord(word, editor.getText());
        }
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
