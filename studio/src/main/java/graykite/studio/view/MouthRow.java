package graykite.studio.view;

import graykite.mouth.Beat;
import graykite.mouth.MouthWork;
import graykite.mouth.TouchUp;
import graykite.scene.Performance;
import graykite.studio.model.Palette;
import graykite.studio.model.Workspace;
import graykite.studio.model.Workspace.Selection;
import java.util.List;
import java.util.Optional;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.image.Image;
import javafx.scene.paint.Color;

/** The row of the sheet that shows each sound as the character's own mouth; what a hand touched is notched. */
final class MouthRow {
    private static final double SIDE = SheetRows.MOUTHS - 8;
    private static final double NOTCH = 6;

    private MouthRow() {}

    static void draw(
            GraphicsContext g, Workspace workspace, SheetScale scale, Palette palette, MouthPictures pictures) {
        Optional<Performance> performance = workspace.performance().get();
        if (performance.isEmpty()) {
            return;
        }
        MouthWork work = performance.get().score().work();
        Selection selected = workspace.selection().get();
        for (Beat beat : performance.get().beats().list()) {
            double from = Math.max(0, beat.start());
            if (beat.end() <= 0 || scale.outside(from, beat.end())) {
                continue;
            }
            double left = Math.floor(scale.xOf(from)) + 0.5;
            double wide = Math.max(1, Math.floor(scale.xOf(beat.end())) - left - 0.5);
            if (wide < 2) {
                continue;
            }
            boolean chosen = selected.word() >= 0
                    && beat.word() == selected.word()
                    && (selected.phone() < 0 || beat.index() == selected.phone());
            List<TouchUp> touched =
                    beat.touchUps().stream().map(work.touchUps()::get).toList();
            block(g, palette, beat, touched, pictures, left, wide, chosen);
        }
    }

    private static void block(
            GraphicsContext g,
            Palette palette,
            Beat beat,
            List<TouchUp> touched,
            MouthPictures pictures,
            double left,
            double wide,
            boolean chosen) {
        double top = SheetRows.MOUTHS_TOP + 4;
        Color edge = touched.isEmpty() ? palette.sand() : palette.tide();
        boolean passed = touched.stream().anyMatch(TouchUp::removed);
        if (!passed) {
            g.setGlobalAlpha(beat.isSilence() ? 0.35 : 1);
            face(g, beat, pictures, left, wide, top);
            g.setGlobalAlpha(1);
        }
        g.setStroke(edge);
        g.setLineWidth(chosen ? 2.5 : touched.isEmpty() ? 1 : 1.5);
        g.strokeRect(left, top - 0.5, wide, SIDE + 1);
        g.setLineWidth(1);
        if (!touched.isEmpty()) {
            // Two notched corners tell a hand's work without colour too.
            double n = Math.min(NOTCH, wide / 2);
            g.setFill(edge);
            g.fillPolygon(new double[] {left, left + n, left}, new double[] {top, top, top + n}, 3);
            double right = left + wide;
            double bottom = top + SIDE;
            g.fillPolygon(new double[] {right, right - n, right}, new double[] {bottom, bottom, bottom - n}, 3);
        }
        if (passed) {
            g.strokeLine(left, top + SIDE, left + wide, top);
        }
    }

    /** One mouth, or two halves side by side where the sound glides or two shapes are mixed. */
    private static void face(
            GraphicsContext g, Beat beat, MouthPictures pictures, double left, double wide, double top) {
        int count = Math.min(beat.targets().size(), wide > 1.3 * SIDE ? 2 : 1);
        for (int t = 0; t < count; t++) {
            Beat.Target target = beat.targets().get(t);
            Optional<Image> image =
                    target.pose().isPresent() ? pictures.of(target.pose().get()) : pictures.of(target.shape());
            double room = wide / count;
            double shown = Math.min(SIDE, room - 1);
            double source = MouthPictures.SIZE * shown / SIDE;
            double cut = (MouthPictures.SIZE - source) / 2;
            double x = left + t * room + (room - shown) / 2;
            image.ifPresent(i -> g.drawImage(i, cut, 0, source, MouthPictures.SIZE, x, top, shown, SIDE));
        }
    }
}
