package graykite.studio.view;

import graykite.reading.GapSound;
import graykite.reading.Timing;
import graykite.studio.model.Palette;
import graykite.studio.model.Workspace;
import graykite.workbench.LineSound;
import java.util.List;
import java.util.Optional;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;

/** What is heard between words, on the row of sounds: breaths and noises by name, silence by nothing. */
final class GapLabels {
    private static final Font FONT = Font.font("Inter", 11);
    private static final double LEAST_WIDTH = 34;

    private Timing known = Timing.empty(0);
    private Optional<LineSound> heard = Optional.empty();
    private List<GapSound> gaps = List.of();

    void draw(GraphicsContext g, Workspace workspace, SheetScale scale, Palette palette, Timing timing, double height) {
        Optional<LineSound> sound = workspace.sound().get();
        if (timing != known || !sound.equals(heard)) {
            known = timing;
            heard = sound;
            gaps = sound.flatMap(s -> s.pitch().map(p -> GapSound.of(timing, s.loudness(), p)))
                    .orElse(List.of());
        }
        g.setFont(FONT);
        g.setTextAlign(TextAlignment.CENTER);
        g.setTextBaseline(VPos.CENTER);
        for (GapSound gap : gaps) {
            if (gap.kind() == GapSound.Kind.SILENCE || scale.outside(gap.start(), gap.end())) {
                continue;
            }
            double from = Math.max(SheetRow.GUTTER, scale.xOf(gap.start()));
            double to = scale.xOf(gap.end());
            g.setFill(palette.paper2());
            g.fillRect(from + 1, 5, Math.max(1, to - from - 2), height - 10);
            if (to - from >= LEAST_WIDTH) {
                g.setFill(palette.ink2());
                g.fillText(gap.kind().title(), (from + to) / 2, height / 2);
            }
        }
        g.setTextBaseline(VPos.BASELINE);
    }
}
