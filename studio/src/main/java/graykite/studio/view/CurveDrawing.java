package graykite.studio.view;

import graykite.motion.Curve;
import graykite.motion.Key;
import graykite.mouth.Beats;
import graykite.rig.Channel;
import graykite.scene.Performance;
import graykite.studio.model.Palette;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;

/** How the curve of one channel is drawn: on a frame, with a palette. */
final class CurveDrawing {
    private static final Font SMALL = Font.font("Inter", 11);

    private final GraphicsContext g;
    private final Palette palette;
    private final CurveFrame frame;
    private final SheetScale scale;
    private final double width;

    /** @param width of the sheet */
    CurveDrawing(GraphicsContext g, Palette palette, CurveFrame frame, double width) {
        this.g = g;
        this.palette = palette;
        this.frame = frame;
        this.scale = frame.scale();
        this.width = width;
    }

    /** The paper, and where the channel is at nothing. */
    void ground() {
        Channel c = frame.channel();
        g.setFill(palette.card());
        g.fillRect(SheetRow.GUTTER, 0, width - SheetRow.GUTTER, frame.height());
        g.setStroke(palette.line());
        g.setLineWidth(1);
        double zero = SheetRow.snap(frame.yOf(Math.clamp(0, c.min(), c.max())));
        g.strokeLine(SheetRow.GUTTER, zero, width, zero);
    }

    /** Stretches in which lips are shut, or lip meets teeth. */
    void closures(Performance line) {
        for (Beats.Shut shut : line.beats().shuts()) {
            if (!scale.outside(shut.from(), shut.to())) {
                double x = scale.xOf(shut.from());
                g.setFill(Blocks.alpha(palette.string(), 0.16));
                g.fillRect(x, 1, scale.xOf(shut.to()) - x, frame.height() - 1);
            }
        }
    }

    /** What is asked for, the lip gap, and what is seen in the end. */
    void traced(CurveTrace t) {
        if (t.gaps().length > 0) {
            double widest = gapScale(t);
            double bottom = frame.height();
            double tall = frame.height() - 2 * CurveFrame.MARGIN;
            g.setFill(Blocks.alpha(palette.ink2(), 0.13));
            g.beginPath();
            g.moveTo(scale.xOf(t.start()), bottom);
            for (int i = 0; i < t.gaps().length; i++) {
                g.lineTo(scale.xOf(t.start() + i * t.step()), bottom - tall * t.gaps()[i] / widest);
            }
            g.lineTo(scale.xOf(t.start() + (t.gaps().length - 1) * t.step()), bottom);
            g.closePath();
            g.fill();
        }
        g.setStroke(Blocks.alpha(palette.sand(), 0.8));
        g.setLineWidth(3);
        Channel c = frame.channel();
        for (CurveTrace.Mark mark : t.marks()) {
            double y = frame.yOf(Math.clamp(mark.asked(), c.min(), c.max()));
            g.strokeLine(
                    scale.xOf(mark.from()) + 2, y, Math.max(scale.xOf(mark.from()) + 3, scale.xOf(mark.to()) - 2), y);
        }
        g.setStroke(palette.ink());
        g.setLineWidth(1.2);
        g.beginPath();
        for (int i = 0; i < t.shown().length; i++) {
            double x = scale.xOf(t.start() + i * t.step());
            double y = frame.yOf(t.shown()[i]);
            if (i == 0) {
                g.moveTo(x, y);
            } else {
                g.lineTo(x, y);
            }
        }
        g.stroke();
    }

    private static double gapScale(CurveTrace t) {
        double widest = 10;
        for (double gap : t.gaps()) {
            widest = Math.max(widest, gap);
        }
        return Math.ceil(widest / 5) * 5;
    }

    /** What was generated. */
    void generated(Performance line, int index) {
        g.setStroke(palette.sand());
        g.setLineWidth(1.8);
        TimeLine.draw(g, scale, width, line.duration(), time -> frame.yOf(line.generated(index, time)));
    }

    /**
     * Own keys and the curve through them.
     *
     * @param chosenKey -1 when none is
     */
    void own(Curve curve, int chosenKey) {
        g.setStroke(palette.tide());
        g.setLineWidth(2.4);
        g.beginPath();
        g.moveTo(scale.xOf(curve.start()), frame.yOf(curve.at(curve.start())));
        double first = Math.max(scale.xOf(curve.start()), SheetRow.GUTTER);
        double last = scale.xOf(curve.end());
        for (double x = first; x <= last; x += 1.5) {
            g.lineTo(x, frame.yOf(curve.at(scale.timeAt(x))));
        }
        g.lineTo(last, frame.yOf(curve.at(curve.end())));
        g.stroke();
        List<Key> keys = curve.keys();
        for (int k = 0; k < keys.size(); k++) {
            double x = scale.xOf(keys.get(k).time());
            double y = frame.yOf(keys.get(k).value());
            boolean chosen = k == chosenKey;
            double r = chosen ? 6 : 4.5;
            if (chosen && keys.get(k).way() == Key.Way.SMOOTH) {
                handles(keys.get(k));
            }
            g.setFill(chosen ? palette.tide() : palette.card());
            g.setStroke(palette.tide());
            g.setLineWidth(1.8);
            // Keys are little kites.
            g.fillPolygon(new double[] {x, x + r, x, x - r}, new double[] {y - r, y, y + r, y}, 4);
            g.strokePolygon(new double[] {x, x + r, x, x - r}, new double[] {y - r, y, y + r, y}, 4);
        }
    }

    private void handles(Key key) {
        for (int side : new int[] {-1, 1}) {
            double[] at = frame.handle(key, side);
            g.setStroke(palette.tide());
            g.setLineWidth(1);
            g.strokeLine(scale.xOf(key.time()), frame.yOf(key.value()), at[0], at[1]);
            g.setFill(palette.tide());
            g.fillOval(at[0] - 3.5, at[1] - 3.5, 7, 7);
        }
    }

    /** The channel's name, and what the grey is. */
    void legend(Optional<CurveTrace> trace) {
        g.setFont(SMALL);
        g.setTextBaseline(VPos.TOP);
        g.setTextAlign(TextAlignment.LEFT);
        g.setFill(palette.ink());
        g.fillText(frame.channel().name(), SheetRow.GUTTER + 6, 5);
        g.setTextAlign(TextAlignment.RIGHT);
        g.setFill(palette.ink2());
        String gap = trace.filter(t -> t.gaps().length > 0)
                .map(t -> String.format(Locale.ROOT, "grey: lip gap, 0 to %.0f mm", gapScale(t)))
                .orElse("no lip line: the gap cannot be measured");
        g.fillText(gap, width - 8, 5);
        g.setTextBaseline(VPos.BASELINE);
        g.setTextAlign(TextAlignment.LEFT);
    }
}
