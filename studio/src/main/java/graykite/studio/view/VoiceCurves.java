package graykite.studio.view;

import graykite.sound.Loudness;
import graykite.sound.Pitch;
import graykite.studio.model.Palette;
import graykite.studio.model.Workspace;
import graykite.workbench.LineSound;
import java.util.Optional;
import javafx.scene.canvas.GraphicsContext;

/** Loudness and pitch of the voice, drawn over its wave on request. */
final class VoiceCurves {
    private static final double FLOOR_DB = -60;

    private VoiceCurves() {}

    static void draw(GraphicsContext g, SheetContext sheet, double width, double height) {
        Workspace workspace = sheet.workspace();
        SheetScale scale = sheet.scale();
        Palette palette = sheet.palette().get();
        Optional<LineSound> sound = workspace.sound().get();
        if (sound.isEmpty()) {
            return;
        }
        if (workspace.overlays().loudness().get()) {
            drawLoudness(g, sound.get().loudness(), scale, palette, width, height);
        }
        if (workspace.overlays().pitch().get()) {
            sound.get().pitch().ifPresent(p -> drawPitch(g, p, scale, palette, width, height));
        }
    }

    private static void drawLoudness(
            GraphicsContext g, Loudness loudness, SheetScale scale, Palette palette, double width, double height) {
        g.setStroke(palette.sand());
        g.setLineWidth(1.6);
        TimeLine.draw(g, scale, width, scale.duration(), time -> {
            double share = Math.clamp(1 - loudness.at(time) / FLOOR_DB, 0, 1);
            return height - 3 - share * (height - 6);
        });
        g.setLineWidth(1);
    }

    /** Equal steps of the ear are equal steps up. */
    private static void drawPitch(
            GraphicsContext g, Pitch pitch, SheetScale scale, Palette palette, double width, double height) {
        g.setFill(palette.tide());
        double range = Math.log(Pitch.HIGHEST / Pitch.LOWEST);
        for (double x = Math.max(SheetRow.GUTTER, scale.xOf(0));
                x <= Math.min(width, scale.xOf(scale.duration()));
                x += 2) {
            double hertz = pitch.at(scale.timeAt(x));
            if (hertz > 0) {
                double share = Math.clamp(Math.log(hertz / Pitch.LOWEST) / range, 0, 1);
                g.fillOval(x - 1.6, height - 3 - share * (height - 6) - 1.6, 3.2, 3.2);
            }
        }
    }
}
