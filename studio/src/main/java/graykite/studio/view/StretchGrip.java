package graykite.studio.view;

import graykite.studio.model.Palette;
import graykite.time.TimeMap;
import graykite.time.TimeRange;
import java.util.Optional;
import javafx.scene.canvas.GraphicsContext;

/**
 * The chosen stretch in the wave, with a grip at its end: pulled to the right it takes longer, to the left it takes less
 * time, and voice, reading, mouth and acting go along.
 */
final class StretchGrip {
    private static final double REACH = 6;
    private static final double SHORTEST = 0.05;

    private final SheetContext sheet;
    private Optional<TimeRange> held = Optional.empty();
    private TimeMap before = TimeMap.SAME;
    private long gesture;

    StretchGrip(SheetContext sheet) {
        this.sheet = sheet;
    }

    private Optional<TimeRange> stretch() {
        return sheet.player()
                .loopRange()
                .get()
                .filter(r -> sheet.workspace().sound().get().isPresent())
                // In a scene the clock is that of the stage; lines are stretched one at a time.
                .filter(r -> sheet.workspace().openScene().isEmpty());
    }

    void draw(GraphicsContext g, Palette palette, double height) {
        stretch().filter(r -> !sheet.scale().outside(r.start(), r.end())).ifPresent(r -> {
            double from = sheet.scale().xOf(r.start());
            double to = sheet.scale().xOf(r.end());
            g.setFill(Blocks.alpha(palette.tide(), 0.10));
            g.fillRect(from, 0, to - from, height);
            g.setStroke(palette.tide());
            g.setLineWidth(1.5);
            g.strokeLine(to, 2, to, height - 2);
            g.setFill(palette.card());
            g.fillRoundRect(to - 4, height / 2 - 9, 8, 18, 4, 4);
            g.strokeRoundRect(to - 4, height / 2 - 9, 8, 18, 4, 4);
        });
    }

    boolean isAt(SheetPointer at) {
        return stretch()
                .map(r -> Math.abs(sheet.scale().xOf(r.end()) - at.x()) <= REACH)
                .orElse(false);
    }

    /** Takes hold when the pointer is on the grip. */
    boolean press(SheetPointer at) {
        held = stretch().filter(r -> isAt(at));
        before = sheet.workspace().retiming().map();
        gesture = sheet.workspace().newGesture();
        return held.isPresent();
    }

    boolean isHeld() {
        return held.isPresent();
    }

    void drag(SheetPointer at) {
        held.ifPresent(r -> {
            double length = Math.max(SHORTEST, at.time() - r.start());
            sheet.workspace().retiming().setLength(before, r, length, gesture);
            sheet.player().loopRange().set(Optional.of(new TimeRange(r.start(), r.start() + length)));
        });
    }

    void release() {
        held = Optional.empty();
    }
}
