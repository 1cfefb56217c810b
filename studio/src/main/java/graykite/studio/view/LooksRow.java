package graykite.studio.view;

import graykite.acting.LookPoint;
import graykite.acting.LooksLayer.Ready;
import graykite.studio.model.Chosen;
import graykite.studio.model.LookEdits;
import graykite.studio.model.Palette;
import graykite.time.TimeRange;
import java.util.List;
import java.util.Optional;
import javafx.scene.Cursor;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.ContextMenu;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;

/** Where whoever speaks looks: a block a look, with an arrow for its side. The middle moves it, its ends stretch it. */
final class LooksRow extends SheetRow {
    private static final Font NAME = Font.font("Inter", 12);

    /** The shortest look, in seconds. */
    private static final double LEAST = 0.1;

    private final LookEdits edits;
    private BlockGrip grip = BlockGrip.NONE;
    private double grabbed;
    private long gesture;

    private record Spot(Ready look, BlockGrip grip) {}

    LooksRow(SheetContext sheet) {
        super(sheet, "look", 22);
        this.edits = sheet.workspace().looks();
    }

    @Override
    boolean present() {
        return !edits.looks().isEmpty();
    }

    /** Points to where one looks as the viewer sees it. */
    private static String arrow(LookPoint point) {
        return switch (point) {
            case LookPoint.Viewer v -> "●";
            case LookPoint.Toward t ->
                Math.abs(t.yaw()) > Math.abs(t.pitch()) ? t.yaw() > 0 ? "▸" : "◂" : t.pitch() > 0 ? "▴" : "▾";
            case LookPoint.Person p -> "◆";
            case LookPoint.Spot s -> "✕";
        };
    }

    @Override
    void draw(GraphicsContext g, double width) {
        Palette palette = sheet.palette().get();
        for (Ready look : edits.looks()) {
            if (sheet.scale().outside(look.start(), look.end())) {
                continue;
            }
            boolean chosen = edits.chosen().get() == look.index();
            double x = sheet.scale().xOf(look.start());
            double wide = Math.max(2, sheet.scale().xOf(look.end()) - x);
            Color plum = palette.plum();
            g.setFill(Blocks.alpha(plum, chosen ? 0.45 : 0.18));
            g.fillRoundRect(x, 3, wide, height() - 6, 5, 5);
            g.setStroke(plum);
            g.setLineWidth(chosen ? 2 : 1);
            g.strokeRoundRect(x, 3, wide, height() - 6, 5, 5);
            g.setLineWidth(1);
            g.setFill(palette.ink());
            String name =
                    arrow(look.look().point()) + " " + edits.nameOf(look.look().point());
            Blocks.name(g, NAME, name, x + 5, x, x + wide - 2, 0, height());
        }
    }

    private Optional<Spot> spot(double x) {
        List<Ready> looks = edits.looks();
        for (int i = looks.size() - 1; i >= 0; i--) {
            double from = sheet.scale().xOf(looks.get(i).start());
            double to = sheet.scale().xOf(looks.get(i).end());
            if (x >= from - BlockGrip.GRAB && x <= to + BlockGrip.GRAB) {
                return Optional.of(new Spot(looks.get(i), BlockGrip.at(x, from, to)));
            }
        }
        return Optional.empty();
    }

    @Override
    Cursor cursor(SheetPointer at) {
        return spot(at.x())
                .map(s -> s.grip == BlockGrip.MIDDLE ? Cursor.HAND : Cursor.H_RESIZE)
                .orElse(Cursor.DEFAULT);
    }

    @Override
    boolean press(SheetPointer at) {
        Optional<Spot> spot = spot(at.x());
        (spot.isPresent() ? Chosen.LOOK : Chosen.NOTHING).alone(sheet.workspace());
        edits.chosen().set(spot.map(s -> s.look.index()).orElse(-1));
        grip = spot.map(Spot::grip).orElse(BlockGrip.NONE);
        grabbed = spot.map(s -> at.time() - s.look.start()).orElse(0.0);
        gesture = sheet.workspace().newGesture();
        return spot.isPresent() || super.press(at);
    }

    @Override
    void drag(SheetPointer at) {
        edits.look().ifPresent(look -> {
            TimeRange to = grip.dragged(at, look.start(), look.end(), grabbed, LEAST);
            edits.place(to.start(), to.end(), gesture);
            sheet.player().seek(at.time());
        });
    }

    @Override
    void offer(ContextMenu menu, SheetPointer at) {
        spot(at.x()).ifPresent(s -> {
            edits.chosen().set(s.look.index());
            item(menu, "Delete the look", edits::delete);
        });
    }
}
