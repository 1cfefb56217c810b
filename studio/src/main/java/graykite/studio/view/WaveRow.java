package graykite.studio.view;

import graykite.sound.Envelope;
import graykite.sound.Sound;
import graykite.studio.model.Palette;
import graykite.workbench.LineSound;
import java.util.Optional;
import javafx.scene.Cursor;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;

/**
 * The wave with, on request, loudness and pitch over it; dragging scrubs, or stretches what is chosen. From afar its
 * extremes, a line a pixel; close by a line through the samples, and then each sample as a dot.
 */
final class WaveRow extends SheetRow {
    /** Pixels between samples from which on they are joined by a line. */
    private static final double JOINED = 2;
    /** Pixels between samples from which on each is a dot. */
    private static final double DOTTED = 6;

    private static final double DOT = 1.75;

    private final float[] extremes = new float[2];
    private final StretchGrip grip;

    WaveRow(SheetContext sheet) {
        super(sheet, "wave", 52);
        this.grip = new StretchGrip(sheet);
    }

    @Override
    void draw(GraphicsContext g, double width) {
        Optional<LineSound> heard = sheet.workspace().sound().get();
        if (heard.isEmpty()) {
            return;
        }
        LineSound sound = heard.get();
        SheetScale scale = sheet.scale();
        Palette palette = sheet.palette().get();
        boolean faint = sheet.workspace().overlays().loudness().get()
                || sheet.workspace().overlays().pitch().get();
        double middle = height() / 2;
        double tall = (height() / 2 - 4) / Math.max(0.05, sound.envelope().peak());
        Color ink = palette.ink2().deriveColor(0, 1, 1, faint ? 0.35 : 1);
        g.setStroke(ink);
        g.setLineWidth(1);
        double apart = scale.pixelsASecond() / sound.sound().rate();
        if (apart < JOINED) {
            drawExtremes(g, sound.envelope(), scale, sound.sound().duration(), middle, tall, width);
        } else {
            g.setFill(ink);
            drawSamples(g, sound.sound(), scale, middle, tall, apart >= DOTTED);
        }
        VoiceCurves.draw(g, sheet, width, height());
        RetimingMarks.draw(g, palette, scale, sheet.workspace().retiming().map(), height());
        grip.draw(g, palette, height());
    }

    @Override
    Cursor cursor(SheetPointer at) {
        return grip.isAt(at) ? Cursor.H_RESIZE : Cursor.DEFAULT;
    }

    @Override
    boolean press(SheetPointer at) {
        if (!grip.press(at)) {
            sheet.player().scrub(at.time());
        }
        return true;
    }

    @Override
    void drag(SheetPointer at) {
        if (grip.isHeld()) {
            grip.drag(at);
        } else {
            sheet.player().scrub(at.time());
        }
    }

    @Override
    void release(SheetPointer at) {
        grip.release();
    }

    private void drawExtremes(
            GraphicsContext g,
            Envelope envelope,
            SheetScale scale,
            double duration,
            double middle,
            double tall,
            double width) {
        double perPixel = 1 / scale.pixelsASecond();
        int last = (int) Math.min(width, Math.ceil(scale.xOf(duration)));
        for (int x = (int) Math.max(GUTTER, scale.xOf(0)); x < last; x++) {
            double t = scale.timeAt(x);
            envelope.between(t, t + perPixel, extremes);
            double high = middle - extremes[1] * tall;
            double low = middle - extremes[0] * tall;
            g.strokeLine(x + 0.5, high, x + 0.5, Math.max(low, high + 0.6));
        }
    }

    private static void drawSamples(
            GraphicsContext g, Sound sound, SheetScale scale, double middle, double tall, boolean dots) {
        int first = (int) Math.max(0, Math.floor(scale.start() * sound.rate()) - 1);
        int last = (int)
                Math.min(sound.length() - 1, Math.ceil((scale.start() + scale.visibleSeconds()) * sound.rate()) + 1);
        double beforeX = 0;
        double beforeY = 0;
        for (int i = first; i <= last; i++) {
            double x = scale.xOf(i / (double) sound.rate());
            double y = middle - mean(sound, i) * tall;
            if (i > first) {
                g.strokeLine(beforeX, beforeY, x, y);
            }
            if (dots) {
                g.fillOval(x - DOT, y - DOT, 2 * DOT, 2 * DOT);
            }
            beforeX = x;
            beforeY = y;
        }
    }

    private static double mean(Sound sound, int sample) {
        double sum = 0;
        for (int c = 0; c < sound.channelCount(); c++) {
            sum += sound.channel(c)[sample];
        }
        return sum / sound.channelCount();
    }
}
