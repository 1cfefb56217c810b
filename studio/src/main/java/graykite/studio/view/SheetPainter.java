package graykite.studio.view;

import static graykite.studio.view.SheetRows.GUTTER;
import static graykite.studio.view.SheetRows.MOUTHS;
import static graykite.studio.view.SheetRows.RULER;
import static graykite.studio.view.SheetRows.SOUNDS;
import static graykite.studio.view.SheetRows.WAVE;
import static graykite.studio.view.SheetRows.WORDS;

import graykite.reading.TimedPhone;
import graykite.reading.TimedWord;
import graykite.reading.Timing;
import graykite.studio.model.Palette;
import graykite.studio.model.Workspace;
import graykite.studio.model.Workspace.Selection;
import graykite.studio.play.Player;
import graykite.text.Phone;
import graykite.time.FrameRate;
import graykite.time.TimeRange;
import graykite.time.Timecode;
import graykite.workbench.LineSound;
import java.util.List;
import java.util.Optional;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;

/** Draws the rows of the sheet, only what is visible. */
final class SheetPainter {
    private static final Font SMALL = Font.font("Andika", 12);
    private static final Font IPA = Font.font("Andika", 14);
    private static final Font LABEL = Font.font("Inter", 11);
    private static final Font WORD = Font.font("Inter", 13);

    private final Workspace workspace;
    private final Player player;
    private final SheetScale scale;
    private final CurveRow curve;
    /** Seconds from which on the ruler shows hours. */
    private static final double HOUR = 3600;

    private final WaveRow wave = new WaveRow();
    private final DoubtMarks doubts = new DoubtMarks();
    private final GapLabels gaps = new GapLabels();
    private Timing unread = Timing.empty(0);
    private Palette palette = Palette.LIGHT;
    private Optional<MouthPictures> pictures = Optional.empty();
    private double width;
    private double height;

    SheetPainter(Workspace workspace, Player player, SheetScale scale, CurveRow curve) {
        this.curve = curve;
        this.workspace = workspace;
        this.player = player;
        this.scale = scale;
    }

    Palette palette() {
        return palette;
    }

    void setPalette(Palette newPalette) {
        palette = newPalette;
    }

    void setMouths(MouthPictures newPictures) {
        pictures = Optional.of(newPictures);
    }

    private FrameRate rate() {
        return workspace.project().rate();
    }

    /** Draws all rows into an area of this size. */
    void draw(GraphicsContext g, double newWidth, double newHeight) {
        width = newWidth;
        height = newHeight;
        g.setFill(palette.paper());
        g.fillRect(0, 0, width, height);
        drawRuler(g, 0);
        drawWave(g, RULER);
        Optional<Timing> timing = workspace.line().flatMap(s -> s.timing());
        drawWords(g, SheetRows.WORDS_TOP, timing);
        drawSounds(g, SheetRows.SOUNDS_TOP, timing);
        line(g, SheetRows.MOUTHS_TOP);
        pictures.ifPresent(p -> MouthRow.draw(g, workspace, scale, palette, p));
        SectionBars.draw(g, workspace.mouth(), scale, palette);
        FeelRow.draw(g, workspace, scale, palette, width);
        curve.draw(g, palette, width);
        drawGutter(g);
        if (timing.isEmpty()) {
            drawHint(g);
        }
    }

    private String hint() {
        if (workspace.line().isEmpty()) {
            return "Drop a recording here, or open one with Ctrl+I.";
        }
        if (workspace.sound().get().isEmpty()) {
            return "No recording yet: open one on the Voice desk.";
        }
        return workspace.jobs().running().get().startsWith("Reading")
                ? "Being read…"
                : "Not read yet: type the words on the Reading desk and read the line.";
    }

    private void drawHint(GraphicsContext g) {
        String hint = hint();
        g.setFill(palette.ink2());
        g.setFont(WORD);
        g.setTextAlign(TextAlignment.CENTER);
        g.fillText(hint, GUTTER + (width - GUTTER) / 2, SheetRows.MOUTHS_TOP + MOUTHS / 2 + 5);
    }

    private void drawRuler(GraphicsContext g, double top) {
        g.setFill(palette.paper2());
        g.fillRect(GUTTER, top, width - GUTTER, RULER);
        FrameRate rate = rate();
        g.setStroke(palette.line());
        g.setLineWidth(1);
        double framePixels = scale.pixelsASecond() * rate.frameLength();
        if (framePixels >= 5) {
            long first = rate.frameAt(Math.max(0, scale.start()));
            long last = rate.frameAt(scale.start() + scale.visibleSeconds()) + 1;
            for (long f = first; f <= last; f++) {
                double x = snap(scale.xOf(rate.secondsAt(f)));
                g.strokeLine(x, top + RULER - 5, x, top + RULER);
            }
        }
        double step = labelStep();
        g.setFont(SMALL);
        g.setFill(palette.ink2());
        g.setTextAlign(TextAlignment.LEFT);
        g.setTextBaseline(VPos.BASELINE);
        for (double t = Math.floor(scale.start() / step) * step;
                t <= scale.start() + scale.visibleSeconds();
                t += step) {
            if (t < -1e-9) {
                continue;
            }
            double x = snap(scale.xOf(t));
            g.setStroke(palette.ink2());
            g.strokeLine(x, top + RULER - 9, x, top + RULER);
            // A label that would be cut off at the edge is left out.
            if (x + 44 < width) {
                g.fillText(label(t, step), x + 4, top + RULER - 10);
            }
        }
        if (player.looping().get() || player.loopRange().get().isPresent()) {
            TimeRange range = player.loopRange().get().orElse(new TimeRange(0, scale.duration()));
            g.setFill(withAlpha(palette.string(), player.looping().get() ? 0.75 : 0.3));
            g.fillRect(
                    scale.xOf(range.start()), top, Math.max(2, scale.xOf(range.end()) - scale.xOf(range.start())), 4);
        }
    }

    private double labelStep() {
        double frame = rate().frameLength();
        if (frame * scale.pixelsASecond() > (width - GUTTER) / 3) {
            return finestStep();
        }
        for (double step : new double[] {frame, 0.1, 0.25, 0.5, 1, 2, 5, 10, 15, 30, 60, 300, 600, 1800}) {
            if (step * scale.pixelsASecond() >= (scale.duration() < HOUR ? 76 : 92)) {
                return step;
            }
        }
        return HOUR;
    }

    /** Where a frame fills much of the row, the ruler counts in parts of a second instead. */
    private double finestStep() {
        for (double step : new double[] {0.0001, 0.0002, 0.0005, 0.001, 0.002, 0.005}) {
            if (step * scale.pixelsASecond() >= 96) {
                return step;
            }
        }
        return 0.01;
    }

    private String label(double time, double step) {
        if (step < 0.02) {
            return String.format(java.util.Locale.ROOT, step < 0.001 ? "%.4f s" : "%.3f s", time);
        }
        if (step < 0.1) {
            return Long.toString(workspace.startFrame() + rate().nearestFrame(time));
        }
        if (step < 1) {
            return String.format(java.util.Locale.ROOT, "%.2f", time);
        }
        String code = Timecode.format(workspace.startFrame() + rate().nearestFrame(time), rate());
        return scale.duration() < HOUR ? code.substring(3) : code;
    }

    private void drawWave(GraphicsContext g, double top) {
        g.setStroke(palette.line());
        g.strokeLine(GUTTER, snap(top), width, snap(top));
        Optional<LineSound> sound = workspace.sound().get();
        if (sound.isEmpty()) {
            return;
        }
        boolean curves = workspace.showLoudness().get() || workspace.showPitch().get();
        wave.draw(g, sound.get(), scale, palette, top, width, curves);
        VoiceCurves.draw(g, workspace, scale, palette, top, width);
    }

    private void drawWords(GraphicsContext g, double top, Optional<Timing> timing) {
        line(g, top);
        if (timing.isEmpty()) {
            return;
        }
        doubts.of(timing.get());
        List<TimedWord> words = timing.get().words();
        Selection selected = workspace.selection().get();
        for (int w = 0; w < words.size(); w++) {
            TimedWord word = words.get(w);
            if (scale.outside(word.start(), word.end())) {
                continue;
            }
            boolean own = word.phones().stream().anyMatch(TimedPhone::pinned);
            block(g, word.start(), word.end(), top, WORDS, own, selected.word() == w && selected.phone() < 0);
            boolean doubtful = doubts.isDoubtful(w);
            g.setFill(doubtful ? palette.string() : palette.ink());
            String text = word.guessed() ? word.text() + " ?" : word.text();
            label(g, WORD, text, word.start(), word.end(), top, WORDS);
            if (doubtful) {
                doubts.mark(g, palette, scale.xOf(word.start()), scale.xOf(word.end()), top + WORDS - 6);
            }
        }
        doubts.drawMissing(g, palette, scale, timing.get(), top);
    }

    private void drawSounds(GraphicsContext g, double top, Optional<Timing> timing) {
        line(g, top);
        if (timing.isEmpty()) {
            workspace
                    .sound()
                    .get()
                    .ifPresent(s -> gaps.draw(
                            g, workspace, scale, palette, unread(s.sound().duration()), top));
            return;
        }
        gaps.draw(g, workspace, scale, palette, timing.get(), top);
        Selection selected = workspace.selection().get();
        List<TimedWord> words = timing.get().words();
        for (int w = 0; w < words.size(); w++) {
            List<TimedPhone> phones = words.get(w).phones();
            for (int p = 0; p < phones.size(); p++) {
                TimedPhone phone = phones.get(p);
                if (scale.outside(phone.start(), phone.end())) {
                    continue;
                }
                boolean chosen = selected.word() == w && selected.phone() == p;
                block(g, phone.start(), phone.end(), top, SOUNDS, phone.pinned(), chosen);
                if (isClosure(phone.phone())) {
                    g.setFill(palette.string());
                    g.fillRect(
                            scale.xOf(phone.start()) + 1,
                            top + SOUNDS - 5,
                            scale.xOf(phone.end()) - scale.xOf(phone.start()) - 2,
                            2);
                }
                g.setFill(palette.ink());
                label(g, IPA, phone.phone().ipa(), phone.start(), phone.end(), top - 1, SOUNDS);
            }
        }
    }

    /** A reading without words, the same one as long as the sound is as long. */
    private Timing unread(double duration) {
        if (unread.duration() != duration) {
            unread = Timing.empty(duration);
        }
        return unread;
    }

    private static boolean isClosure(Phone phone) {
        return switch (phone) {
            case P, B, M, F, V -> true;
            default -> false;
        };
    }

    private void drawGutter(GraphicsContext g) {
        g.setFill(palette.paper2());
        g.fillRect(0, 0, GUTTER, height);
        g.setStroke(palette.line());
        g.strokeLine(GUTTER - 0.5, 0, GUTTER - 0.5, height);
        g.setFill(palette.ink2());
        g.setFont(LABEL);
        g.setTextAlign(TextAlignment.RIGHT);
        g.setTextBaseline(VPos.CENTER);
        double[] heights = {RULER, WAVE, WORDS, SOUNDS, MOUTHS, SheetRows.FEEL, SheetRows.CURVE};
        String[] names = {"time", "wave", "words", "sounds", "mouth", "feel", "curve"};
        double y = 0;
        for (int i = 0; i < names.length - (curve.open() ? 0 : 1); i++) {
            g.fillText(names[i], GUTTER - 10, y + heights[i] / 2);
            y += heights[i];
            g.strokeLine(0, snap(y), GUTTER, snap(y));
        }
        g.setTextBaseline(VPos.BASELINE);
    }

    /** Generated blocks have plain edges, blocks that a hand touched notched ones. */
    private void block(
            GraphicsContext g, double from, double to, double top, double height, boolean own, boolean chosen) {
        double x = snap(scale.xOf(from));
        double width = Math.max(2, snap(scale.xOf(to)) - x - 1);
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
        double x = Math.max(GUTTER, scale.xOf(from));
        double width = scale.xOf(to) - x;
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
        g.strokeLine(GUTTER, snap(y), width, snap(y));
    }

    private static double snap(double x) {
        return Math.floor(x) + 0.5;
    }

    private static Color withAlpha(Color colour, double alpha) {
        return new Color(colour.getRed(), colour.getGreen(), colour.getBlue(), alpha);
    }
}
