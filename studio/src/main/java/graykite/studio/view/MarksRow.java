package graykite.studio.view;

import graykite.acting.Instincts.Kind;
import graykite.acting.LifeMarks.Placed;
import graykite.studio.model.Chosen;
import graykite.studio.model.MarkEdits;
import graykite.studio.model.MarkEdits.Choice;
import graykite.studio.model.Palette;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.Cursor;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.ContextMenu;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;

/**
 * What the face does by itself, mark by mark: a lane each for blinks, eyes, brows, head and breath. A mark is dragged; a
 * double-click adds one. Sand came by itself, tide is the hand's. Shown when the Instincts tab asks for it.
 */
final class MarksRow extends SheetRow {
    private static final Font NAME = Font.font("Inter", 9);
    private static final List<Kind> LANES = List.of(Kind.values());
    private static final double GRAB = 5;

    private final MarkEdits edits;
    private Optional<Choice> held = Optional.empty();
    private double grabbed;
    private long gesture;

    MarksRow(SheetContext sheet) {
        super(sheet, "marks", 80);
        this.edits = sheet.workspace().marks();
    }

    @Override
    boolean present() {
        return sheet.workspace().overlays().marks().get()
                && sheet.workspace().performance().get().isPresent();
    }

    private double lane() {
        return height() / LANES.size();
    }

    @Override
    void draw(GraphicsContext g, double width) {
        Palette palette = sheet.palette().get();
        for (int l = 0; l < LANES.size(); l++) {
            Kind kind = LANES.get(l);
            Color colour = edits.isOwn(kind) ? palette.tide() : palette.sand();
            double top = l * lane();
            g.setStroke(palette.line());
            g.strokeLine(GUTTER, snap(top + lane() - 1), width, snap(top + lane() - 1));
            for (Placed mark : edits.marks(kind)) {
                if (!sheet.scale().outside(mark.time(), mark.time() + mark.length())) {
                    draw(g, palette, colour, kind, mark, top);
                }
            }
            Blocks.lane(g, palette, NAME, kind.title().toLowerCase(Locale.ROOT), top + lane() / 2);
        }
    }

    private void draw(GraphicsContext g, Palette palette, Color colour, Kind kind, Placed mark, double top) {
        boolean chosen = edits.chosen().get().equals(Optional.of(new Choice(kind, mark.index())));
        double x = sheet.scale().xOf(mark.time());
        double middle = top + lane() / 2;
        double half = Math.min(5, lane() / 2 - 2);
        g.setFill(chosen ? palette.ink() : colour);
        if (mark.length() <= 0) {
            // A moment, as keys are: a little kite.
            g.fillPolygon(
                    new double[] {x, x + half, x, x - half},
                    new double[] {middle - half, middle, middle + half, middle},
                    4);
            return;
        }
        double wide = Math.max(3, sheet.scale().xOf(mark.time() + mark.length()) - x);
        g.setGlobalAlpha(chosen ? 1 : 0.75);
        g.fillRoundRect(x, middle - half, wide, 2 * half, 4, 4);
        g.setGlobalAlpha(1);
        if (edits.isOwn(kind)) {
            // A notch, so that what is the hand's is told apart without its colour.
            g.setFill(palette.paper());
            g.fillPolygon(
                    new double[] {x + wide / 2 - 2, x + wide / 2 + 2, x + wide / 2},
                    new double[] {middle - half, middle - half, middle - half + 3},
                    3);
        }
    }

    private Kind kindAt(SheetPointer at) {
        return LANES.get(Math.clamp((int) (at.y() / lane()), 0, LANES.size() - 1));
    }

    private Optional<Placed> markAt(SheetPointer at) {
        Optional<Placed> nearest = Optional.empty();
        for (Placed mark : edits.marks(kindAt(at))) {
            double from = sheet.scale().xOf(mark.time());
            double to = sheet.scale().xOf(mark.time() + mark.length());
            if (at.x() > from - GRAB && at.x() < to + GRAB) {
                nearest = Optional.of(mark);
            }
        }
        return nearest;
    }

    @Override
    Cursor cursor(SheetPointer at) {
        return markAt(at).isPresent() ? Cursor.HAND : Cursor.DEFAULT;
    }

    @Override
    boolean press(SheetPointer at) {
        Optional<Placed> mark = markAt(at);
        held = mark.map(m -> new Choice(kindAt(at), m.index()));
        grabbed = mark.map(m -> at.time() - m.time()).orElse(0.0);
        gesture = sheet.workspace().newGesture();
        (held.isPresent() ? Chosen.MARK : Chosen.NOTHING).alone(sheet.workspace());
        edits.chosen().set(held);
        return held.isPresent() || super.press(at);
    }

    @Override
    void drag(SheetPointer at) {
        if (held.isPresent()) {
            edits.move(at.pulled() - grabbed, gesture);
            sheet.player().seek(at.time());
        }
    }

    @Override
    void doubleClick(SheetPointer at) {
        if (markAt(at).isEmpty()) {
            edits.add(kindAt(at), at.time());
        }
    }

    @Override
    void offer(ContextMenu menu, SheetPointer at) {
        Kind kind = kindAt(at);
        String name = kind.title().toLowerCase(Locale.ROOT);
        markAt(at).ifPresent(m -> {
            edits.chosen().set(Optional.of(new Choice(kind, m.index())));
            item(menu, "Remove it", edits::delete);
        });
        item(menu, "Add one here", () -> edits.add(kind, at.time()));
        if (edits.isOwn(kind)) {
            item(menu, "Let " + name + " come by itself again", () -> edits.giveBack(kind));
        } else {
            item(menu, "Take " + name + " over", () -> edits.takeOver(kind));
        }
    }
}
