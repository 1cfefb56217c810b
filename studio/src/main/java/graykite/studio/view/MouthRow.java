package graykite.studio.view;

import graykite.mouth.Beat;
import graykite.mouth.TouchUp;
import graykite.scene.Performance;
import graykite.scene.Scene;
import graykite.studio.model.Palette;
import graykite.studio.model.Selection;
import graykite.studio.model.Workspace;
import graykite.time.FrameRate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.IntConsumer;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.ContextMenu;
import javafx.scene.image.Image;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;

/**
 * What the mouth really does: a film strip of equal pictures, and under it the sounds as the mouth shows them, a little
 * before they are heard. What a hand touched is notched.
 */
final class MouthRow extends SheetRow {
    private static final Font HINT = Font.font("Inter", 13);
    private static final double BLOCKS = 9;
    private static final double NOTCH = 5;

    private final FilmStrip film;
    private final IntConsumer retype;

    /** @param retype opens the field over a word */
    MouthRow(SheetContext sheet, IntConsumer retype) {
        super(sheet, "mouth", 60);
        this.retype = retype;
        film = new FilmStrip(sheet.redraw());
    }

    @Override
    void draw(GraphicsContext g, double width) {
        Workspace workspace = sheet.workspace();
        Palette palette = sheet.palette().get();
        Optional<Performance> performance = workspace.performance().get();
        Optional<Scene> scene = workspace.scene().get();
        if (performance.isEmpty() || scene.isEmpty()) {
            drawHint(g, palette, width);
            return;
        }
        film.show(
                scene.get(),
                workspace.speakerOnStage(),
                workspace.lineStart(),
                workspace.project().rate());
        drawFilm(g, palette, performance.get(), width);
        Selection selected = workspace.selection().get();
        List<TouchUp> touchUps = performance.get().score().work().touchUps();
        for (Beat beat : performance.get().beats().list()) {
            if (beat.end() > 0 && !sheet.scale().outside(Math.max(0, beat.start()), beat.end())) {
                boolean chosen = selected.word() >= 0
                        && beat.word() == selected.word()
                        && (selected.phone() < 0 || beat.index() == selected.phone());
                List<TouchUp> touched =
                        beat.touchUps().stream().map(touchUps::get).toList();
                block(g, palette, beat, touched, chosen);
            }
        }
    }

    /** Equal pictures side by side, each of the frame in its middle. Those that are missing are asked for. */
    private void drawFilm(GraphicsContext g, Palette palette, Performance performance, double width) {
        SheetScale scale = sheet.scale();
        FrameRate rate = sheet.workspace().project().rate();
        double side = height() - BLOCKS - 4;
        double origin = scale.xOf(0);
        List<Long> missing = new ArrayList<>();
        int first = (int) Math.max(0, Math.floor((GUTTER - origin) / side));
        for (int cell = first; origin + cell * side < width; cell++) {
            double x = origin + cell * side;
            double time = scale.timeAt(x + side / 2);
            if (time > performance.duration()) {
                break;
            }
            long frame = rate.frameAt(time);
            Optional<Image> picture = film.at(frame);
            if (picture.isPresent()) {
                g.drawImage(picture.get(), x, 2, side, side);
            } else {
                missing.add(frame);
                g.setFill(palette.paper2());
                g.fillRect(x, 2, side, side);
            }
            g.setStroke(palette.paper());
            g.setLineWidth(1);
            g.strokeLine(snap(x), 2, snap(x), 2 + side);
        }
        film.want(missing);
    }

    private void block(GraphicsContext g, Palette palette, Beat beat, List<TouchUp> touched, boolean chosen) {
        double left = snap(sheet.scale().xOf(Math.max(0, beat.start())));
        double wide = Math.max(1, Math.floor(sheet.scale().xOf(beat.end())) - left - 0.5);
        double top = height() - BLOCKS;
        Color colour = touched.isEmpty() ? palette.sand() : palette.tide();
        boolean passed = touched.stream().anyMatch(TouchUp::removed);
        g.setFill(Blocks.alpha(colour, beat.isSilence() ? 0.12 : passed ? 0.2 : chosen ? 0.9 : 0.55));
        // A sound that is too short for a block is a tick.
        g.fillRect(left, top, wide < 3 ? 1 : wide - 1, BLOCKS - 3);
        if (!touched.isEmpty() && wide > NOTCH) {
            g.setFill(palette.paper());
            g.fillPolygon(new double[] {left, left + NOTCH, left}, new double[] {top, top, top + NOTCH}, 3);
        }
        if (passed) {
            g.setStroke(colour);
            g.strokeLine(left, top + BLOCKS - 3, left + wide, top);
        }
        if (chosen) {
            g.setStroke(colour);
            g.setLineWidth(2);
            g.strokeRect(left, 1.5, wide, height() - 4);
            g.setLineWidth(1);
        }
    }

    private String hint() {
        Workspace workspace = sheet.workspace();
        if (workspace.line().isEmpty()) {
            return "Drop a recording here, or open one with Ctrl+I.";
        }
        if (workspace.sound().get().isEmpty()) {
            return "No recording yet: open one on the Voice desk.";
        }
        if (workspace.timing().isPresent()) {
            return "";
        }
        return workspace.jobs().running().get().startsWith("Reading")
                ? "Being read…"
                : "Not read yet: type the words on the Reading desk and read the line.";
    }

    private void drawHint(GraphicsContext g, Palette palette, double width) {
        g.setFill(palette.ink2());
        g.setFont(HINT);
        g.setTextAlign(TextAlignment.CENTER);
        g.setTextBaseline(VPos.CENTER);
        g.fillText(hint(), GUTTER + (width - GUTTER) / 2, height() / 2);
        g.setTextBaseline(VPos.BASELINE);
    }

    private Selection at(double time) {
        return sheet.workspace()
                .performance()
                .get()
                .map(p -> p.beats().at(time))
                .map(beat -> new Selection(beat.word(), beat.index()))
                .orElse(Selection.NONE);
    }

    @Override
    boolean press(SheetPointer at) {
        sheet.workspace().selection().set(at(at.time()));
        return super.press(at);
    }

    @Override
    void offer(ContextMenu menu, SheetPointer at) {
        SpokenMenu.offer(menu, sheet, at(at.time()), retype);
    }

    @Override
    public void close() {
        film.close();
    }
}
