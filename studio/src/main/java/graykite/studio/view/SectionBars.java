package graykite.studio.view;

import graykite.mouth.Section;
import graykite.studio.model.MouthEdits;
import graykite.studio.model.Palette;
import graykite.time.TimeRange;
import java.util.List;
import java.util.Optional;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;

/** Sections with their own diction, as bars at the top of the row of words; their ends slope as they blend. */
final class SectionBars {
    private static final double TALL = 5;

    private SectionBars() {}

    static void draw(GraphicsContext g, MouthEdits edits, SheetScale scale, Palette palette) {
        List<Section> sections = edits.work().sections();
        for (int s = 0; s < sections.size(); s++) {
            Optional<TimeRange> range = edits.range(sections.get(s));
            if (range.isEmpty()) {
                continue;
            }
            double half = sections.get(s).blend() / 2;
            double from = scale.xOf(range.get().start() - half);
            double full = scale.xOf(range.get().start() + half);
            double less = scale.xOf(range.get().end() - half);
            double to = scale.xOf(range.get().end() + half);
            boolean chosen = edits.section().get() == s;
            Color tide = palette.tide();
            g.setFill(new Color(tide.getRed(), tide.getGreen(), tide.getBlue(), chosen ? 0.95 : 0.5));
            g.fillPolygon(
                    new double[] {from, Math.min(full, less), Math.max(full, less), to},
                    new double[] {TALL, 0, 0, TALL},
                    4);
        }
    }

    /** The section whose bar is under a point. */
    static Optional<Integer> at(MouthEdits edits, SheetScale scale, double x, double y) {
        if (y > TALL + 2) {
            return Optional.empty();
        }
        int section = edits.sectionAt(scale.timeAt(x));
        return section < 0 ? Optional.empty() : Optional.of(section);
    }
}
