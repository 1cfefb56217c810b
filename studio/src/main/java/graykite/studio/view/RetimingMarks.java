package graykite.studio.view;

import graykite.studio.model.Palette;
import graykite.time.TimeMap;
import graykite.time.TimeMap.Pair;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;

/** Where the line runs slower or faster than it was recorded, or pauses: bars at the foot of the wave. */
final class RetimingMarks {
    private static final Font SMALL = Font.font("Inter", 10);
    private static final double TALL = 4;

    private RetimingMarks() {}

    /**
     * A stretch of the line that does not run as recorded.
     *
     * @param factor how many times as long it lasts; 0 for a pause that was put in
     */
    record Mark(double from, double to, double factor) {
        boolean isPause() {
            return factor == 0;
        }

        String inWords() {
            return isPause()
                    ? String.format(Locale.ROOT, "pause %.2f s", to - from)
                    : String.format(Locale.ROOT, "%.0f %%", 100 * factor);
        }
    }

    /** The marks of a way from the recording to the line, in the line's seconds. */
    static List<Mark> of(TimeMap map) {
        List<Mark> marks = new ArrayList<>();
        for (int i = 1; i < map.pairs().size(); i++) {
            Pair a = map.pairs().get(i - 1);
            Pair b = map.pairs().get(i);
            double recorded = b.from() - a.from();
            double lasts = b.to() - a.to();
            if (lasts < 1e-6) {
                continue;
            }
            double factor = recorded < 1e-6 ? 0 : lasts / recorded;
            if (Math.abs(factor - 1) > 0.001) {
                marks.add(new Mark(a.to(), b.to(), factor));
            }
        }
        return marks;
    }

    static void draw(GraphicsContext g, Palette palette, SheetScale scale, TimeMap map, double height) {
        g.setFont(SMALL);
        g.setTextAlign(TextAlignment.LEFT);
        g.setTextBaseline(VPos.BOTTOM);
        for (Mark mark : of(map)) {
            if (scale.outside(mark.from(), mark.to())) {
                continue;
            }
            double x = scale.xOf(mark.from());
            double width = Math.max(2, scale.xOf(mark.to()) - x);
            g.setFill(Blocks.alpha(palette.tide(), mark.isPause() ? 0.45 : 0.9));
            g.fillRect(x, height - TALL, width, TALL);
            if (width > 7.0 * mark.inWords().length()) {
                g.setFill(palette.tide());
                g.fillText(mark.inWords(), x + 3, height - TALL);
            }
        }
        g.setTextBaseline(VPos.BASELINE);
    }
}
