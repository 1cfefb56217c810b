package graykite.studio.view;

import graykite.acting.CueSpots.Spot;
import graykite.acting.CueSpots.State;
import graykite.studio.model.Chosen;
import graykite.studio.model.CueEdits;
import graykite.studio.model.Palette;
import java.util.List;
import java.util.Optional;
import javafx.scene.Cursor;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.ContextMenu;
import javafx.scene.text.Font;

/** Where cues come on the line: full where they do, an empty outline where they are switched off or stay away by chance. */
final class CuesRow extends SheetRow {
    private static final Font NAME = Font.font("Inter", 12);

    private final CueEdits edits;
    private Optional<Spot> held = Optional.empty();
    private double grabbed;
    private long gesture;

    CuesRow(SheetContext sheet) {
        super(sheet, "cues", 22);
        this.edits = sheet.workspace().cues();
    }

    @Override
    boolean present() {
        return !edits.cues().isEmpty();
    }

    @Override
    void draw(GraphicsContext g, double width) {
        Palette palette = sheet.palette().get();
        List<Spot> spots = edits.spots();
        for (int i = 0; i < spots.size(); i++) {
            Spot spot = spots.get(i);
            if (sheet.scale().outside(spot.start(), spot.end())) {
                continue;
            }
            boolean chosen =
                    edits.chosen().get().filter(spot.cue().name()::equals).isPresent();
            double x = sheet.scale().xOf(spot.start());
            double wide = Math.max(3, sheet.scale().xOf(spot.end()) - x);
            if (spot.state() == State.COMES) {
                g.setFill(Blocks.alpha(palette.plum(), chosen ? 0.45 : 0.18));
                g.fillRoundRect(x, 3, wide, height() - 6, 12, 12);
            } else {
                g.setLineDashes(3, 3);
            }
            g.setStroke(palette.plum());
            g.setLineWidth(chosen ? 2 : 1);
            g.strokeRoundRect(x, 3, wide, height() - 6, 12, 12);
            g.setLineWidth(1);
            g.setLineDashes((double[]) null);
            // A name ends where the next place begins.
            double next =
                    i + 1 < spots.size() ? sheet.scale().xOf(spots.get(i + 1).start()) - 1 : width;
            g.setFill(spot.state() == State.COMES ? palette.ink() : palette.plum());
            Blocks.name(
                    g, NAME, spot.clip().look().content().name(), x + 7, x, Math.min(x + wide - 3, next), 0, height());
        }
    }

    private Optional<Spot> spot(double x) {
        List<Spot> spots = edits.spots();
        for (int i = spots.size() - 1; i >= 0; i--) {
            if (x >= sheet.scale().xOf(spots.get(i).start()) - 2
                    && x <= sheet.scale().xOf(spots.get(i).end()) + 2) {
                return Optional.of(spots.get(i));
            }
        }
        return Optional.empty();
    }

    @Override
    Cursor cursor(SheetPointer at) {
        return spot(at.x()).isPresent() ? Cursor.HAND : Cursor.DEFAULT;
    }

    @Override
    boolean press(SheetPointer at) {
        held = spot(at.x());
        edits.chosen().set(held.map(s -> s.cue().name()));
        grabbed = held.map(s -> at.time() - s.start()).orElse(0.0);
        gesture = sheet.workspace().newGesture();
        // What is deleted must be what was clicked last.
        Chosen.NOTHING.alone(sheet.workspace());
        return held.isPresent() || super.press(at);
    }

    @Override
    void drag(SheetPointer at) {
        // The place as it is now: each step of the drag moved it.
        held.flatMap(h -> edits.spots().stream()
                        .filter(s -> s.word() == h.word()
                                && s.cue().name().equals(h.cue().name()))
                        .findFirst())
                .ifPresent(s -> edits.move(s, Math.max(0, at.pulled() - grabbed), gesture));
        sheet.player().seek(at.time());
    }

    @Override
    void release(SheetPointer at) {
        held = Optional.empty();
    }

    @Override
    void offer(ContextMenu menu, SheetPointer at) {
        spot(at.x()).ifPresent(s -> {
            edits.chosen().set(Optional.of(s.cue().name()));
            boolean comes = s.state() == State.COMES;
            item(menu, comes ? "Switch the cue off here" : "Let the cue come here", () -> edits.turn(s, !comes));
            item(menu, "Make it a clip here", () -> edits.take(s));
        });
    }
}
