package graykite.studio.view;

import graykite.studio.model.Palette;
import graykite.time.FrameRate;
import graykite.time.TimeRange;
import graykite.time.Timecode;
import java.util.Locale;
import java.util.Optional;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.ContextMenu;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;

/** The ruler: timecode and frames; dragging scrubs, with Shift it chooses the stretch that is looped. */
final class RulerRow extends SheetRow {
    private static final Font SMALL = Font.font("Andika", 12);

    /** Seconds from which on the ruler shows hours. */
    private static final double HOUR = 3600;

    private double rangeFrom;
    private boolean choosing;

    RulerRow(SheetContext sheet) {
        super(sheet, "time", 26);
    }

    private FrameRate rate() {
        return sheet.workspace().project().rate();
    }

    private SheetScale scale() {
        return sheet.scale();
    }

    @Override
    void draw(GraphicsContext g, double width) {
        Palette palette = sheet.palette().get();
        double height = height();
        g.setFill(palette.paper2());
        g.fillRect(GUTTER, 0, width - GUTTER, height);
        double lineStart = sheet.workspace().lineStart();
        FrameRate rate = rate();
        g.setStroke(palette.line());
        g.setLineWidth(1);
        if (scale().pixelsASecond() * rate.frameLength() >= 5) {
            long first = rate.frameAt(Math.max(0, scale().start() + lineStart));
            long last = rate.frameAt(scale().start() + lineStart + scale().visibleSeconds()) + 1;
            for (long f = first; f <= last; f++) {
                double x = snap(scale().xOf(rate.secondsAt(f) - lineStart));
                g.strokeLine(x, height - 5, x, height);
            }
        }
        double step = labelStep(width);
        g.setFont(SMALL);
        g.setFill(palette.ink2());
        g.setTextAlign(TextAlignment.LEFT);
        g.setTextBaseline(VPos.BASELINE);
        double from = scale().start() + lineStart;
        for (double t = Math.floor(from / step) * step; t <= from + scale().visibleSeconds(); t += step) {
            if (t < -1e-9) {
                continue;
            }
            double x = snap(scale().xOf(t - lineStart));
            g.setStroke(palette.ink2());
            g.strokeLine(x, height - 9, x, height);
            // A label that would be cut off at the edge is left out.
            if (x + 44 < width) {
                g.fillText(label(t, step), x + 4, height - 10);
            }
        }
        drawLoop(g, palette);
    }

    private void drawLoop(GraphicsContext g, Palette palette) {
        boolean looping = sheet.player().looping().get();
        Optional<TimeRange> chosen = sheet.player().loopRange().get();
        if (looping || chosen.isPresent()) {
            TimeRange range = chosen.orElse(new TimeRange(scale().beginning(), scale().duration()));
            double x = scale().xOf(range.start());
            g.setFill(Blocks.alpha(palette.string(), looping ? 0.75 : 0.3));
            g.fillRect(x, 0, Math.max(2, scale().xOf(range.end()) - x), 4);
        }
    }

    private double labelStep(double width) {
        double frame = rate().frameLength();
        if (frame * scale().pixelsASecond() > (width - GUTTER) / 3) {
            return finestStep();
        }
        for (double step : new double[] {frame, 0.1, 0.25, 0.5, 1, 2, 5, 10, 15, 30, 60, 300, 600, 1800}) {
            if (step * scale().pixelsASecond() >= (scale().duration() < HOUR ? 76 : 92)) {
                return step;
            }
        }
        return HOUR;
    }

    /** Where a frame fills much of the row, the ruler counts in parts of a second instead. */
    private double finestStep() {
        for (double step : new double[] {0.0001, 0.0002, 0.0005, 0.001, 0.002, 0.005}) {
            if (step * scale().pixelsASecond() >= 96) {
                return step;
            }
        }
        return 0.01;
    }

    private String label(double time, double step) {
        if (step < 0.02) {
            return String.format(Locale.ROOT, step < 0.001 ? "%.4f s" : "%.3f s", time);
        }
        if (step < 0.1) {
            return Long.toString(sheet.workspace().scenes().startFrame() + rate().nearestFrame(time));
        }
        if (step < 1) {
            return String.format(Locale.ROOT, "%.2f", time);
        }
        String code = Timecode.format(sheet.workspace().scenes().startFrame() + rate().nearestFrame(time), rate());
        return scale().duration() < HOUR ? code.substring(3) : code;
    }

    @Override
    boolean press(SheetPointer at) {
        choosing = at.shift();
        rangeFrom = at.time();
        if (!choosing) {
            sheet.player().scrub(at.time());
        }
        return true;
    }

    @Override
    void drag(SheetPointer at) {
        if (!choosing) {
            sheet.player().scrub(at.time());
            return;
        }
        double other = Math.clamp(at.time(), scale().beginning(), scale().duration());
        sheet.player()
                .loopRange()
                .set(Optional.of(new TimeRange(Math.min(rangeFrom, other), Math.max(rangeFrom, other))));
    }

    @Override
    void release(SheetPointer at) {
        if (choosing && Math.abs(at.time() - rangeFrom) < 0.03) {
            sheet.player().loopRange().set(Optional.empty());
        }
    }

    @Override
    void offer(ContextMenu menu, SheetPointer at) {
        sheet.player().loopRange().get().filter(r -> r.contains(at.time())).ifPresent(r -> {
            item(
                    menu,
                    "Speak the looped stretch in its own way",
                    () -> sheet.workspace().mouth().cutSection(r));
            item(
                    menu,
                    "Slower: half as long again",
                    () -> sheet.workspace().retiming().stretch(r, 1.5));
            item(
                    menu,
                    "Faster: two thirds as long",
                    () -> sheet.workspace().retiming().stretch(r, 2 / 3.0));
        });
        item(
                menu,
                "A pause of a quarter second here",
                () -> sheet.workspace().retiming().pause(at.time(), 0.25));
    }
}
