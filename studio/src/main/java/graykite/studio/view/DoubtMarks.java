package graykite.studio.view;

import graykite.reading.Doubt;
import graykite.reading.Timing;
import graykite.studio.model.Palette;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import javafx.scene.canvas.GraphicsContext;

/** Marks on the row of words: what should be looked at, and where a word of the script is missing. */
final class DoubtMarks {
    private static final double STEP = 4;

    private Timing known = Timing.empty(0);
    private List<Doubt> doubts = List.of();
    private Set<Integer> doubtful = Set.of();

    /** Looks a reading through, once for each. */
    void of(Timing timing) {
        if (timing != known) {
            known = timing;
            doubts = Doubt.of(timing);
            doubtful = new HashSet<>();
            doubts.stream().filter(d -> d.reason() != Doubt.Reason.MISSING).forEach(d -> doubtful.add(d.word()));
        }
    }

    boolean isDoubtful(int word) {
        return doubtful.contains(word);
    }

    /** A wavy line under a word. */
    void mark(GraphicsContext g, Palette palette, double from, double to, double y) {
        g.setStroke(palette.string());
        g.setLineWidth(1.2);
        g.beginPath();
        g.moveTo(from + 3, y);
        boolean up = true;
        for (double x = from + 3 + STEP; x < to - 2; x += STEP) {
            g.lineTo(x, up ? y - 2.5 : y);
            up = !up;
        }
        g.stroke();
        g.setLineWidth(1);
    }

    /** A small kite where a word of the script was not found. */
    void drawMissing(GraphicsContext g, Palette palette, SheetScale scale, Timing timing, double top) {
        g.setFill(palette.string());
        for (Doubt doubt : doubts) {
            if (doubt.reason() == Doubt.Reason.MISSING) {
                double time = doubt.word() < timing.words().size()
                        ? timing.words().get(doubt.word()).start()
                        : timing.words().isEmpty()
                                ? 0
                                : timing.words().getLast().end();
                double x = scale.xOf(time);
                if (x >= SheetRow.GUTTER) {
                    g.fillPolygon(
                            new double[] {x, x + 4, x, x - 4}, new double[] {top - 1, top + 4, top + 11, top + 4}, 4);
                }
            }
        }
    }
}
