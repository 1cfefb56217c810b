package graykite.studio.view;

import graykite.acting.PassesLayer;
import graykite.acting.PassesLayer.Ready;
import graykite.acting.Performed;
import graykite.motion.Motion;
import graykite.rig.Roles;
import graykite.studio.model.Chosen;
import graykite.studio.model.Palette;
import graykite.studio.model.PassEdits;
import graykite.studio.model.PassEdits.Placed;
import graykite.time.TimeRange;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Cursor;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.ContextMenu;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;

/**
 * Live passes and captures: a block each with what its busiest control does in it; those that overlap lie one under another.
 * Its ends stretch it; with Shift they trim it.
 */
final class PassesRow extends SheetRow {
    private static final Font NAME = Font.font("Inter", 12);

    private final PassEdits edits;
    private BlockGrip grip = BlockGrip.NONE;
    private double grabbed;
    private long gesture;

    private record Spot(Placed pass, BlockGrip grip) {}

    PassesRow(SheetContext sheet) {
        super(sheet, "live", 28);
        this.edits = sheet.workspace().passes();
    }

    @Override
    boolean present() {
        return !edits.all().isEmpty();
    }

    /** The lane of each pass: the first in which nothing else stands at its time. */
    private static List<Integer> lanes(List<Placed> passes) {
        List<Integer> lanes = new ArrayList<>();
        for (int p = 0; p < passes.size(); p++) {
            Ready own = passes.get(p).ready();
            int lane = 0;
            for (int o = 0; o < p; o++) {
                Ready other = passes.get(o).ready();
                if (lanes.get(o) == lane && other.start() < own.end() && other.end() > own.start()) {
                    lane++;
                    o = -1;
                }
            }
            lanes.add(lane);
        }
        return lanes;
    }

    private double laneHeight(List<Integer> lanes) {
        return height() / (1 + lanes.stream().mapToInt(l -> l).max().orElse(0));
    }

    @Override
    void draw(GraphicsContext g, double width) {
        Palette palette = sheet.palette().get();
        List<Placed> passes = edits.all();
        List<Integer> lanes = lanes(passes);
        double tall = laneHeight(lanes);
        for (int p = 0; p < passes.size(); p++) {
            Ready ready = passes.get(p).ready();
            if (!sheet.scale().outside(ready.start(), ready.end())) {
                draw(g, palette, passes.get(p), lanes.get(p) * tall + 2, tall - 4);
            }
        }
    }

    private void draw(GraphicsContext g, Palette palette, Placed pass, double top, double tall) {
        Ready ready = pass.ready();
        boolean chosen = edits.chosen().get().equals(Optional.of(pass.choice()));
        double x = sheet.scale().xOf(ready.start());
        double wide = Math.max(2, sheet.scale().xOf(ready.end()) - x);
        // Made by hand, so tide and not plum.
        Color tide = palette.tide();
        g.setFill(Blocks.alpha(tide, pass.muted() ? 0.06 : chosen ? 0.34 : 0.16));
        g.fillRoundRect(x, top, wide, tall, 5, 5);
        trace(g, Blocks.alpha(tide, pass.muted() ? 0.3 : 0.75), ready, x, wide, top, tall);
        g.setStroke(pass.muted() ? Blocks.alpha(tide, 0.4) : tide);
        g.setLineWidth(chosen ? 2 : 1);
        g.strokeRoundRect(x, top, wide, tall, 5, 5);
        g.setLineWidth(1);
        g.setFill(palette.ink());
        String name = ready.pass().what().name() + (ready.pass().adds() ? ", added" : "");
        Blocks.name(g, NAME, name, x + 5, x, x + wide - 2, top, tall);
    }

    /** What the control that moves most does in the pass. */
    private void trace(GraphicsContext g, Color colour, Ready ready, double x, double wide, double top, double tall) {
        Busiest shown = Busiest.of(ready.pass().what());
        double middle = shown.bothWays ? top + tall / 2 : top + tall - 2;
        double swing = shown.bothWays ? tall / 2 - 2 : tall - 4;
        double from = Math.max(0, GUTTER - x);
        double to = Math.min(
                wide, sheet.scale().xOf(sheet.scale().start() + sheet.scale().visibleSeconds()) - x);
        Motion motion = ready.pass().what().motion();
        Blocks.trace(g, colour, x + from, x + to, at -> {
            double moment = ready.pass().what().from()
                    + (at - x) / wide * ready.pass().what().length();
            return middle - swing * Math.clamp(motion.at(shown.control, moment) / shown.reach, -1, 1);
        });
    }

    /** The control that goes furthest of the first few. @param reach how far @param bothWays true when also below rest */
    private record Busiest(int control, double reach, boolean bothWays) {
        private static final int LOOKED_AT = 8;
        private static final int MOMENTS = 40;

        static Busiest of(Performed what) {
            Busiest most = new Busiest(0, 1e-3, false);
            double share = 0;
            for (int c = 0; c < Math.min(LOOKED_AT, what.motion().controls().size()); c++) {
                double high = 0;
                double low = 0;
                for (int i = 0; i <= MOMENTS; i++) {
                    double value = what.motion().at(c, what.from() + what.length() * i / MOMENTS);
                    high = Math.max(high, value);
                    low = Math.min(low, value);
                }
                double reach = Math.max(high, -low);
                double own = reach / (Roles.turns(what.motion().controls().get(c)) ? 30 : 1);
                if (own > share) {
                    share = own;
                    most = new Busiest(c, 1.1 * reach, low < -0.1 * reach);
                }
            }
            return most;
        }
    }

    private Optional<Spot> spot(SheetPointer at) {
        List<Placed> passes = edits.all();
        List<Integer> lanes = lanes(passes);
        double tall = laneHeight(lanes);
        for (int p = passes.size() - 1; p >= 0; p--) {
            double from = sheet.scale().xOf(passes.get(p).ready().start());
            double to = sheet.scale().xOf(passes.get(p).ready().end());
            boolean across = at.x() >= from - BlockGrip.GRAB && at.x() <= to + BlockGrip.GRAB;
            if (across && (int) (at.y() / tall) == lanes.get(p)) {
                return Optional.of(new Spot(passes.get(p), BlockGrip.at(at.x(), from, to)));
            }
        }
        return Optional.empty();
    }

    @Override
    Cursor cursor(SheetPointer at) {
        return spot(at).map(s -> s.grip == BlockGrip.MIDDLE ? Cursor.HAND : Cursor.H_RESIZE)
                .orElse(Cursor.DEFAULT);
    }

    @Override
    boolean press(SheetPointer at) {
        Optional<Spot> spot = spot(at);
        (spot.isPresent() ? Chosen.PASS : Chosen.NOTHING).alone(sheet.workspace());
        edits.chosen().set(spot.map(s -> s.pass.choice()));
        grip = spot.map(Spot::grip).orElse(BlockGrip.NONE);
        grabbed = spot.map(s -> at.time() - s.pass.ready().start()).orElse(0.0);
        gesture = sheet.workspace().newGesture();
        return spot.isPresent() || super.press(at);
    }

    @Override
    void drag(SheetPointer at) {
        edits.pass().ifPresent(pass -> {
            TimeRange to = grip.dragged(at, pass.start(), pass.end(), grabbed, PassesLayer.LEAST);
            if (at.shift() && grip != BlockGrip.MIDDLE) {
                edits.trim(to.start(), to.end(), gesture);
            } else {
                edits.place(to.start(), to.end(), gesture);
            }
            sheet.player().seek(at.time());
        });
    }

    @Override
    void offer(ContextMenu menu, SheetPointer at) {
        spot(at).ifPresent(s -> {
            edits.chosen().set(Optional.of(s.pass.choice()));
            Ready ready = s.pass.ready();
            item(
                    menu,
                    "Loop it",
                    () -> sheet.player().loopRange().set(Optional.of(new TimeRange(ready.start(), ready.end()))));
            item(menu, "Delete the pass", edits::delete);
        });
    }
}
