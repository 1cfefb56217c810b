package graykite.studio.view;

import graykite.motion.Curve;
import graykite.motion.Key;
import graykite.motion.KeyWork.Ref;
import graykite.motion.Keyed;
import graykite.rig.Channel;
import graykite.studio.model.Chosen;
import graykite.studio.model.KeyEdits;
import graykite.studio.model.KeyEdits.Target;
import graykite.studio.model.Palette;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import javafx.geometry.VPos;
import javafx.scene.Cursor;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.ContextMenu;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;

/**
 * Keys of any channel: the control on top with its curve and keys, the others of its pass faintly behind. A key is dragged in
 * time and value, a frame about several chooses them, a double-click sets one. Shown while the Keys tab is open.
 */
final class KeysRow extends SheetRow {
    private static final Font SMALL = Font.font("Inter", 10);
    private static final double GRAB = 6;
    private static final double PAD = 6;

    private final KeyEdits edits;
    private Optional<Grip> held = Optional.empty();
    private Optional<double[]> frozen = Optional.empty();
    private Optional<SheetPointer> frameFrom = Optional.empty();
    private Optional<SheetPointer> frameTo = Optional.empty();

    /** What is dragged: the keys as they were when it began. */
    private record Grip(SheetPointer from, Keyed began, Set<Ref> keys, long gesture) {}

    KeysRow(SheetContext sheet) {
        super(sheet, "keys", 92);
        this.edits = sheet.workspace().passes().keys();
    }

    @Override
    boolean present() {
        return sheet.workspace().overlays().keys().get()
                && sheet.workspace().performance().get().isPresent();
    }

    private Optional<Channel> channel(String name) {
        return edits.channels().stream().filter(c -> c.name().equals(name)).findFirst();
    }

    /** The range that is drawn of a control: as far as its keys go, with room about them. It stays while one is dragged. */
    private double[] range(String control) {
        if (frozen.isPresent() && control.equals(edits.control().get())) {
            return frozen.get();
        }
        double least = channel(control).map(Channel::min).orElse(-1.0);
        double most = channel(control).map(Channel::max).orElse(1.0);
        double low = 0;
        double high = 0;
        for (Key key : keysOf(control)) {
            low = Math.min(low, key.value());
            high = Math.max(high, key.value());
        }
        double room = Math.max(0.35 * (high - low), 0.06 * (most - least));
        return new double[] {Math.max(least, low - room), Math.min(most, high + room)};
    }

    private List<Key> keysOf(String control) {
        return edits.target()
                .filter(t -> t.motion().controls().contains(control))
                .map(t -> t.motion()
                        .curves()
                        .get(t.motion().controls().indexOf(control))
                        .keys())
                .orElse(List.of());
    }

    /** Where a value of the control on top is drawn, from the top of the row. */
    @Override
    double yOf(double value) {
        return y(value, range(edits.control().get()));
    }

    private double y(double value, double[] range) {
        double share = (value - range[0]) / (range[1] - range[0]);
        return height() - PAD - share * (height() - 2 * PAD);
    }

    private double valueAt(double y, double[] range) {
        double share = (height() - PAD - y) / (height() - 2 * PAD);
        return Math.clamp(range[0] + share * (range[1] - range[0]), range[0], range[1]);
    }

    @Override
    void draw(GraphicsContext g, double width) {
        Palette palette = sheet.palette().get();
        g.setFill(palette.card());
        g.fillRect(GUTTER, 0, width - GUTTER, height());
        Optional<Target> target = edits.target();
        String on = edits.control().get();
        double[] range = range(on);
        if (!on.isEmpty() && range[0] < 0 && range[1] > 0) {
            g.setStroke(palette.line());
            double zero = snap(y(0, range));
            g.strokeLine(GUTTER, zero, width, zero);
        }
        target.ifPresent(t -> {
            for (int c = 0; c < t.motion().controls().size(); c++) {
                String control = t.motion().controls().get(c);
                if (!control.equals(on)) {
                    trace(g, Blocks.alpha(palette.ink2(), 0.3), t, c, range(control), width);
                }
            }
            int top = t.motion().controls().indexOf(on);
            if (top >= 0) {
                g.setLineWidth(1.6);
                trace(g, palette.tide(), t, top, range, width);
                g.setLineWidth(1);
                keys(g, palette, t, t.motion().curves().get(top), range);
            }
        });
        label(g, palette, target, on, range);
        frame(g, palette);
    }

    private void trace(GraphicsContext g, Color colour, Target t, int control, double[] range, double width) {
        double from = Math.max(GUTTER, sheet.scale().xOf(t.placed().ready().start()));
        double to = Math.min(width, sheet.scale().xOf(t.placed().ready().end()));
        Blocks.trace(
                g,
                colour,
                from,
                to,
                x -> y(t.motion().at(control, t.inward(sheet.scale().timeAt(x))), range));
    }

    private void keys(GraphicsContext g, Palette palette, Target t, Curve curve, double[] range) {
        for (Key key : curve.keys()) {
            double x = sheet.scale().xOf(t.outward(key.time()));
            double at = y(key.value(), range);
            boolean chosen =
                    edits.chosen().get().contains(new Ref(edits.control().get(), key.time()));
            double r = chosen ? 5.5 : 4;
            g.setFill(chosen ? palette.ink() : palette.tide());
            if (key.way() == Key.Way.STEPPED) {
                g.fillRect(x - r + 1, at - r + 1, 2 * r - 2, 2 * r - 2);
            } else {
                g.fillPolygon(new double[] {x, x + r, x, x - r}, new double[] {at - r, at, at + r, at}, 4);
            }
        }
    }

    private void label(GraphicsContext g, Palette palette, Optional<Target> target, String on, double[] range) {
        g.setFill(palette.ink2());
        g.setFont(SMALL);
        g.setTextAlign(TextAlignment.LEFT);
        g.setTextBaseline(VPos.TOP);
        String pass = target.map(t -> t.placed().ready().pass().what().name()).orElse("no keys yet");
        String text = on.isEmpty()
                ? "Choose a channel on the Keys tab."
                : String.format(Locale.ROOT, "%s, %.4g to %.4g; %s", on, range[0], range[1], pass);
        g.fillText(text, GUTTER + 6, 3);
        g.setTextBaseline(VPos.BASELINE);
    }

    private void frame(GraphicsContext g, Palette palette) {
        frameFrom.ifPresent(a -> frameTo.ifPresent(b -> {
            g.setStroke(palette.tide());
            g.setFill(Blocks.alpha(palette.tide(), 0.12));
            double x = Math.min(a.x(), b.x());
            double top = Math.min(a.y(), b.y());
            double wide = Math.abs(a.x() - b.x());
            double tall = Math.abs(a.y() - b.y());
            g.fillRect(x, top, wide, tall);
            g.strokeRect(snap(x), snap(top), wide, tall);
        }));
    }

    private List<Key> shown() {
        return keysOf(edits.control().get());
    }

    private Optional<Key> keyAt(SheetPointer at) {
        double[] range = range(edits.control().get());
        return edits.target()
                .flatMap(t -> shown().stream()
                        .filter(k -> Math.abs(sheet.scale().xOf(t.outward(k.time())) - at.x()) < GRAB
                                && Math.abs(y(k.value(), range) - at.y()) < GRAB + 2)
                        .findFirst());
    }

    @Override
    Cursor cursor(SheetPointer at) {
        return keyAt(at).isPresent() ? Cursor.MOVE : Cursor.DEFAULT;
    }

    @Override
    boolean press(SheetPointer at) {
        Optional<Ref> key = keyAt(at).map(k -> new Ref(edits.control().get(), k.time()));
        frameFrom = Optional.empty();
        frameTo = Optional.empty();
        if (key.isEmpty()) {
            held = Optional.empty();
            frameFrom = Optional.of(at);
            if (!at.shift()) {
                edits.chosen().set(Set.of());
            }
            sheet.player().seek(at.time());
            return true;
        }
        // The pass stays chosen: its keys are what is worked on.
        if (sheet.workspace().passes().chosen().get().isEmpty()) {
            Chosen.NOTHING.alone(sheet.workspace());
        }
        Set<Ref> now = new HashSet<>(edits.chosen().get());
        if (at.shift() && !now.add(key.get())) {
            now.remove(key.get());
        } else if (!at.shift() && !now.contains(key.get())) {
            now.clear();
            now.add(key.get());
        }
        edits.chosen().set(now);
        frozen = Optional.of(range(edits.control().get()));
        held = edits.target()
                .map(t -> new Grip(at, t.motion(), now, sheet.workspace().newGesture()));
        return true;
    }

    @Override
    void drag(SheetPointer at) {
        if (held.isPresent()) {
            Grip grip = held.get();
            double[] range = range(edits.control().get());
            double by = valueAt(at.y(), range) - valueAt(grip.from.y(), range);
            edits.drag(grip.began, grip.keys, at.pulled() - grip.from.pulled(), by, grip.gesture);
        } else if (frameFrom.isPresent()) {
            frameTo = Optional.of(at);
            choose(frameFrom.get(), at);
            sheet.redraw();
        }
    }

    /** Chooses what lies in a frame. */
    private void choose(SheetPointer a, SheetPointer b) {
        double[] range = range(edits.control().get());
        edits.target().ifPresent(t -> {
            Set<Ref> now = new HashSet<>();
            for (Key key : shown()) {
                double time = t.outward(key.time());
                double at = y(key.value(), range);
                boolean inside = time >= Math.min(a.time(), b.time())
                        && time <= Math.max(a.time(), b.time())
                        && at >= Math.min(a.y(), b.y()) - 3
                        && at <= Math.max(a.y(), b.y()) + 3;
                if (inside) {
                    now.add(new Ref(edits.control().get(), key.time()));
                }
            }
            edits.chosen().set(now);
        });
    }

    @Override
    void release(SheetPointer at) {
        frameFrom = Optional.empty();
        frameTo = Optional.empty();
        held = Optional.empty();
        frozen = Optional.empty();
        sheet.redraw();
    }

    @Override
    void doubleClick(SheetPointer at) {
        if (keyAt(at).isEmpty()) {
            edits.key(at.time(), valueAt(at.y(), range(edits.control().get())), 0);
        }
    }

    @Override
    void offer(ContextMenu menu, SheetPointer at) {
        keyAt(at).ifPresent(k -> {
            Ref ref = new Ref(edits.control().get(), k.time());
            if (!edits.chosen().get().contains(ref)) {
                edits.chosen().set(Set.of(ref));
            }
        });
        KeysMenu.fill(menu, edits, at.time(), () -> doubleClick(at));
    }
}
