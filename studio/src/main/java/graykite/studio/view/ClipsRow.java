package graykite.studio.view;

import graykite.acting.Clip;
import graykite.acting.ClipsLayer;
import graykite.acting.ClipsLayer.Ready;
import graykite.studio.model.Chosen;
import graykite.studio.model.ClipEdits;
import graykite.studio.model.ClipEdits.Choice;
import graykite.studio.model.ClipEdits.Lane;
import graykite.studio.model.Palette;
import graykite.time.TimeRange;
import java.util.List;
import java.util.Optional;
import javafx.geometry.VPos;
import javafx.scene.Cursor;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.ContextMenu;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;

/**
 * The expressions on the line: blocks with slopes where they come and go, a lane for each layer. The middle moves a clip, its
 * ends stretch it, the corners at the top set how long it takes to come and to go; where two overlap they cross.
 */
final class ClipsRow extends SheetRow {
    private static final Font NAME = Font.font("Inter", 12);
    private static final double GRAB = 5;
    private static final double CORNER = 9;

    private final ClipEdits edits;
    private Grip grip = Grip.NONE;
    private double grabbed;
    private long gesture;

    /** What is held of a clip. */
    private enum Grip {
        NONE,
        MIDDLE,
        START,
        END,
        EASE_IN,
        EASE_OUT
    }

    /** A clip under the pointer. */
    private record Spot(Choice choice, Ready clip, Grip grip) {}

    ClipsRow(SheetContext sheet) {
        super(sheet, "feel", 28);
        this.edits = sheet.workspace().clips();
    }

    private double laneHeight(int lanes) {
        return height() / Math.max(1, lanes);
    }

    @Override
    void draw(GraphicsContext g, double width) {
        Palette palette = sheet.palette().get();
        List<Lane> lanes = edits.lanes();
        if (lanes.stream().allMatch(l -> l.clips().isEmpty())
                && sheet.workspace().timing().isPresent()) {
            g.setFill(palette.ink2());
            g.setFont(NAME);
            g.setTextAlign(TextAlignment.LEFT);
            g.setTextBaseline(VPos.CENTER);
            g.fillText("Choose an expression on the Acting desk, or drag one here.", GUTTER + 8, height() / 2);
            g.setTextBaseline(VPos.BASELINE);
        }
        double frame = sheet.workspace().project().rate().frameLength();
        for (int l = 0; l < lanes.size(); l++) {
            double top = l * laneHeight(lanes.size()) + 3;
            double tall = laneHeight(lanes.size()) - 6;
            for (Ready clip : lanes.get(l).clips()) {
                draw(g, palette, lanes.get(l), clip, top, tall, frame);
            }
        }
    }

    private void draw(
            GraphicsContext g, Palette palette, Lane lane, Ready clip, double top, double tall, double frame) {
        SheetScale scale = sheet.scale();
        if (scale.outside(clip.start(), clip.end())) {
            return;
        }
        boolean chosen = edits.chosen().get().equals(Optional.of(new Choice(lane.layer(), clip.index())));
        double bottom = top + tall;
        double[] x = {
            scale.xOf(clip.start()),
            scale.xOf(clip.start() + clip.fadeIn()),
            Math.max(scale.xOf(clip.start() + clip.fadeIn()), scale.xOf(clip.foot())),
            scale.xOf(clip.end())
        };
        double[] y = {bottom, top, top, bottom};
        Color plum = palette.plum();
        g.setFill(Blocks.alpha(plum, lane.muted() ? 0.08 : chosen ? 0.5 : 0.25));
        g.fillPolygon(x, y, 4);
        g.setStroke(lane.muted() ? Blocks.alpha(plum, 0.4) : plum);
        g.setLineWidth(chosen ? 2 : 1);
        g.strokePolyline(x, y, 4);
        g.setLineWidth(1);
        if (chosen) {
            g.setFill(plum);
            for (int k = 1; k <= 2; k++) {
                // Little kites, as keys are.
                g.fillPolygon(
                        new double[] {x[k], x[k] + 4, x[k], x[k] - 4}, new double[] {top - 3, top, top + 4, top}, 4);
            }
        }
        jumps(g, palette, clip, top, bottom, frame);
        Clip.Look look = clip.clip().look();
        boolean own = look.content() instanceof Clip.Own;
        String amount = look.left() == look.right()
                ? look.left() == 1 ? "" : " " + Math.round(100 * look.left()) + " %"
                : " " + Math.round(100 * look.left()) + " | " + Math.round(100 * look.right()) + " %";
        g.setFill(palette.ink());
        String name = (own ? "◆ " : "") + look.content().name() + amount;
        Blocks.name(g, NAME, name, Math.min(x[1], x[0] + 16) + 4, x[0] + 2, x[3] - 2, top, tall);
    }

    /** Marks edges at which the face jumps. */
    private void jumps(GraphicsContext g, Palette palette, Ready clip, double top, double bottom, double frame) {
        g.setStroke(palette.string());
        g.setLineWidth(2);
        if (clip.fadeIn() < frame) {
            double x = sheet.scale().xOf(clip.start());
            g.strokeLine(x, top, x, bottom);
        }
        if (clip.fadeOut() < frame) {
            double x = sheet.scale().xOf(clip.end());
            g.strokeLine(x, top, x, bottom);
        }
        g.setLineWidth(1);
    }

    private Optional<Spot> spot(SheetPointer at) {
        List<Lane> lanes = edits.lanes();
        int l = (int) Math.clamp(Math.floor(at.y() / laneHeight(lanes.size())), 0, Math.max(0, lanes.size() - 1));
        if (lanes.isEmpty()) {
            return Optional.empty();
        }
        double top = l * laneHeight(lanes.size());
        List<Ready> clips = lanes.get(l).clips();
        // What began last lies on top.
        for (int i = clips.size() - 1; i >= 0; i--) {
            Ready clip = clips.get(i);
            double from = sheet.scale().xOf(clip.start());
            double to = sheet.scale().xOf(clip.end());
            if (at.x() >= from - GRAB && at.x() <= to + GRAB) {
                Choice choice = new Choice(lanes.get(l).layer(), clip.index());
                return Optional.of(new Spot(choice, clip, grip(clip, choice, at.x(), at.y() - top, from, to)));
            }
        }
        return Optional.empty();
    }

    private Grip grip(Ready clip, Choice choice, double x, double y, double from, double to) {
        boolean chosen = edits.chosen().get().equals(Optional.of(choice));
        if (chosen && y < CORNER) {
            if (Math.abs(x - sheet.scale().xOf(clip.start() + clip.fadeIn())) < GRAB) {
                return Grip.EASE_IN;
            }
            if (Math.abs(x - sheet.scale().xOf(clip.foot())) < GRAB) {
                return Grip.EASE_OUT;
            }
        }
        if (Math.abs(x - from) < GRAB) {
            return Grip.START;
        }
        return Math.abs(x - to) < GRAB ? Grip.END : Grip.MIDDLE;
    }

    @Override
    Cursor cursor(SheetPointer at) {
        return spot(at).map(s -> s.grip == Grip.MIDDLE ? Cursor.HAND : Cursor.H_RESIZE)
                .orElse(Cursor.DEFAULT);
    }

    @Override
    boolean press(SheetPointer at) {
        Optional<Spot> spot = spot(at);
        (spot.isPresent() ? Chosen.CLIP : Chosen.NOTHING).alone(sheet.workspace());
        edits.chosen().set(spot.map(Spot::choice));
        grip = spot.map(Spot::grip).orElse(Grip.NONE);
        grabbed = spot.map(s -> at.time() - s.clip.start()).orElse(0.0);
        gesture = sheet.workspace().newGesture();
        return spot.isPresent() || super.press(at);
    }

    @Override
    void drag(SheetPointer at) {
        edits.clip().ifPresent(clip -> {
            double length = clip.end() - clip.start();
            switch (grip) {
                case MIDDLE -> {
                    double start = Math.max(0, at.pulled() - grabbed);
                    edits.place(start, start + length, gesture);
                }
                case START -> edits.place(Math.min(at.pulled(), clip.end() - ClipsLayer.LEAST), clip.end(), gesture);
                case END -> edits.place(clip.start(), at.pulled(), gesture);
                case EASE_IN -> {
                    double ease = Math.clamp(at.time() - clip.start(), 0, length);
                    edits.look(gesture, l -> l.withEases(ease, l.easeOut()));
                }
                case EASE_OUT -> {
                    double ease = Math.clamp(clip.end() - at.time(), 0, length);
                    edits.look(gesture, l -> l.withEases(l.easeIn(), ease));
                }
                case NONE -> {}
            }
            sheet.player().seek(at.time());
        });
    }

    @Override
    void doubleClick(SheetPointer at) {
        spot(at).ifPresent(s -> {
            edits.chosen().set(Optional.of(s.choice));
            edits.opened().set(edits.opened().get() + 1);
        });
    }

    @Override
    void offer(ContextMenu menu, SheetPointer at) {
        spot(at).ifPresent(s -> {
            edits.chosen().set(Optional.of(s.choice));
            double frame = sheet.workspace().project().rate().frameLength();
            Clip.Look look = s.clip.clip().look();
            if (s.clip.fadeIn() < frame || s.clip.fadeOut() < frame) {
                item(
                        menu,
                        "Mend the jump",
                        () -> edits.look(
                                0,
                                l -> l.withEases(
                                        l.easeIn() < frame ? Clip.USUAL_EASE : l.easeIn(),
                                        l.easeOut() < frame ? Clip.USUAL_EASE : l.easeOut())));
            }
            item(menu, "Exchange left and right", () -> edits.look(0, l -> l.withAmounts(l.right(), l.left())));
            if (look.content() instanceof Clip.Linked) {
                item(menu, "Make it this clip's own", edits::makeOwn);
            } else if (look.content() instanceof Clip.Own) {
                item(
                        menu,
                        "Follow the library again",
                        () -> edits.link(look.content().name()));
            }
            item(
                    menu,
                    "Loop it",
                    () -> sheet.player().loopRange().set(Optional.of(new TimeRange(s.clip.start(), s.clip.end()))));
            item(menu, "Delete the clip", edits::delete);
        });
    }
}
