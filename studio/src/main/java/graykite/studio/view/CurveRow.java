package graykite.studio.view;

import graykite.motion.Curve;
import graykite.motion.Key;
import graykite.mouth.Beats;
import graykite.rig.Channel;
import graykite.scene.Performance;
import graykite.scene.Scene;
import graykite.studio.model.Latest;
import graykite.studio.model.MouthEdits;
import graykite.studio.model.MouthEdits.KeyChoice;
import graykite.studio.model.Palette;
import graykite.studio.model.Workspace;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;

/**
 * The row of the sheet that shows one channel: what is generated (sand), what is asked for, closures, the lip gap, what is
 * seen in the end, and own keys (tide) that are dragged.
 */
final class CurveRow extends SheetRow {
    private static final Font SMALL = Font.font("Inter", 11);
    private static final double MARGIN = 12;
    private static final double GRAB = 7;
    private static final double HANDLE = 30;

    private final Workspace workspace;
    private final MouthEdits edits;
    private final SheetScale scale;
    private final Latest measuring = new Latest("kite-curve");
    private final Runnable redraw;
    private Optional<CurveTrace> trace = Optional.empty();
    private Optional<Object> traced = Optional.empty();
    private Grip grip = Grip.NONE;
    private long gesture;

    /** What is held while dragging. */
    private enum Grip {
        NONE,
        KEY,
        IN,
        OUT
    }

    /** What a trace was measured for. */
    private record Wanted(Scene scene, Performance line, int channel, double from, double to) {}

    CurveRow(SheetContext sheet) {
        super(sheet, "curve", 112);
        this.workspace = sheet.workspace();
        this.edits = workspace.mouth();
        this.scale = sheet.scale();
        this.redraw = sheet.redraw();
    }

    @Override
    boolean present() {
        return edits.channelIndex().isPresent();
    }

    // --- drawing ---------------------------------------------------------------------------------------------------

    private Optional<Channel> channel() {
        return edits.channelIndex().flatMap(i -> workspace.performance().get().map(p -> p.channels()
                .get(i)));
    }

    private double yOf(Channel c, double value) {
        double share = (value - c.min()) / (c.max() - c.min());
        return height() - MARGIN - share * (height() - 2 * MARGIN);
    }

    /** Where a value of the shown channel stands. */
    double yOf(double value) {
        return channel().map(c -> yOf(c, value)).orElse(0.0);
    }

    private double valueAt(Channel c, double y) {
        double share = (height() - MARGIN - y) / (height() - 2 * MARGIN);
        return Math.clamp(c.min() + share * (c.max() - c.min()), c.min(), c.max());
    }

    @Override
    void draw(GraphicsContext g, double width) {
        Palette palette = sheet.palette().get();
        Optional<Channel> channel = channel();
        if (channel.isEmpty()) {
            return;
        }
        Performance line = workspace.performance().get().orElseThrow();
        int index = edits.channelIndex().orElseThrow();
        g.setFill(palette.card());
        g.fillRect(GUTTER, 0, width - GUTTER, height());
        g.setStroke(palette.line());
        g.setLineWidth(1);
        double zero = Math.floor(yOf(
                        channel.get(),
                        Math.clamp(0, channel.get().min(), channel.get().max())))
                + 0.5;
        g.strokeLine(GUTTER, zero, width, zero);
        g.save();
        g.beginPath();
        g.rect(GUTTER, 0, width - GUTTER, height());
        g.clip();
        closures(g, palette, line);
        measure(line, index);
        trace.ifPresent(t -> traced(g, palette, channel.get(), t));
        generated(g, palette, line, channel.get(), index, width);
        for (int c = 0; c < edits.work().curves().size(); c++) {
            if (edits.work().curves().get(c).channel().equals(channel.get().name())) {
                int which = c;
                edits.curve(c).ifPresent(curve -> own(g, palette, channel.get(), which, curve));
            }
        }
        legend(g, palette, channel.get(), width);
        g.restore();
    }

    private void closures(GraphicsContext g, Palette palette, Performance line) {
        for (Beats.Shut shut : line.beats().shuts()) {
            if (!scale.outside(shut.from(), shut.to())) {
                double x = scale.xOf(shut.from());
                g.setFill(alpha(palette.string(), 0.16));
                g.fillRect(x, 1, scale.xOf(shut.to()) - x, height() - 1);
            }
        }
    }

    /** Asks for a new trace when the line, the channel or the view changed; the old one stays until it comes. */
    private void measure(Performance line, int channel) {
        double from = Math.max(0, scale.start());
        double to = Math.min(line.duration(), scale.start() + scale.visibleSeconds());
        Optional<Scene> scene = workspace.scene().get();
        if (scene.isEmpty()) {
            return;
        }
        Wanted wanted = new Wanted(scene.get(), line, channel, from, to);
        boolean same = traced.filter(Wanted.class::isInstance)
                .map(Wanted.class::cast)
                .map(w -> w.scene == scene.get()
                        && w.line == line
                        && w.channel == channel
                        && w.from == from
                        && w.to == to)
                .orElse(false);
        if (same || to <= from) {
            return;
        }
        traced = Optional.of(wanted);
        int pixels = (int) ((to - from) * scale.pixelsASecond() / 2);
        CurveTrace.Stage stage = new CurveTrace.Stage(scene.get(), workspace.speakerOnStage(), workspace.lineStart());
        measuring.ask(() -> CurveTrace.of(line, stage, channel, from, to, Math.min(pixels, 900)), found -> {
            trace = Optional.of(found);
            redraw.run();
        });
    }

    private void traced(GraphicsContext g, Palette palette, Channel c, CurveTrace t) {
        if (t.gaps().length > 0) {
            double widest = gapScale(t);
            double bottom = height();
            double tall = height() - 2 * MARGIN;
            g.setFill(alpha(palette.ink2(), 0.13));
            g.beginPath();
            g.moveTo(scale.xOf(t.start()), bottom);
            for (int i = 0; i < t.gaps().length; i++) {
                g.lineTo(scale.xOf(t.start() + i * t.step()), bottom - tall * t.gaps()[i] / widest);
            }
            g.lineTo(scale.xOf(t.start() + (t.gaps().length - 1) * t.step()), bottom);
            g.closePath();
            g.fill();
        }
        g.setStroke(alpha(palette.sand(), 0.8));
        g.setLineWidth(3);
        for (CurveTrace.Mark mark : t.marks()) {
            double y = yOf(c, Math.clamp(mark.asked(), c.min(), c.max()));
            g.strokeLine(
                    scale.xOf(mark.from()) + 2, y, Math.max(scale.xOf(mark.from()) + 3, scale.xOf(mark.to()) - 2), y);
        }
        g.setStroke(palette.ink());
        g.setLineWidth(1.2);
        g.beginPath();
        for (int i = 0; i < t.shown().length; i++) {
            double x = scale.xOf(t.start() + i * t.step());
            double y = yOf(c, t.shown()[i]);
            if (i == 0) {
                g.moveTo(x, y);
            } else {
                g.lineTo(x, y);
            }
        }
        g.stroke();
    }

    private static double gapScale(CurveTrace t) {
        double widest = 10;
        for (double gap : t.gaps()) {
            widest = Math.max(widest, gap);
        }
        return Math.ceil(widest / 5) * 5;
    }

    private void generated(GraphicsContext g, Palette palette, Performance line, Channel c, int index, double width) {
        g.setStroke(palette.sand());
        g.setLineWidth(1.8);
        TimeLine.draw(g, scale, width, line.duration(), time -> yOf(c, line.generated(index, time)));
    }

    private void own(GraphicsContext g, Palette palette, Channel c, int which, Curve curve) {
        g.setStroke(palette.tide());
        g.setLineWidth(2.4);
        g.beginPath();
        g.moveTo(scale.xOf(curve.start()), yOf(c, curve.at(curve.start())));
        double first = Math.max(scale.xOf(curve.start()), GUTTER);
        double last = scale.xOf(curve.end());
        for (double x = first; x <= last; x += 1.5) {
            g.lineTo(x, yOf(c, curve.at(scale.timeAt(x))));
        }
        g.lineTo(last, yOf(c, curve.at(curve.end())));
        g.stroke();
        List<Key> keys = curve.keys();
        for (int k = 0; k < keys.size(); k++) {
            double x = scale.xOf(keys.get(k).time());
            double y = yOf(c, keys.get(k).value());
            boolean chosen = edits.key().get().equals(new KeyChoice(which, k));
            double r = chosen ? 6 : 4.5;
            if (chosen && keys.get(k).way() == Key.Way.SMOOTH) {
                handles(g, palette, c, keys.get(k));
            }
            g.setFill(chosen ? palette.tide() : palette.card());
            g.setStroke(palette.tide());
            g.setLineWidth(1.8);
            // Keys are little kites.
            g.fillPolygon(new double[] {x, x + r, x, x - r}, new double[] {y - r, y, y + r, y}, 4);
            g.strokePolygon(new double[] {x, x + r, x, x - r}, new double[] {y - r, y, y + r, y}, 4);
        }
    }

    private void handles(GraphicsContext g, Palette palette, Channel c, Key key) {
        for (int side : new int[] {-1, 1}) {
            double[] at = handle(c, key, side);
            g.setStroke(palette.tide());
            g.setLineWidth(1);
            g.strokeLine(scale.xOf(key.time()), yOf(c, key.value()), at[0], at[1]);
            g.setFill(palette.tide());
            g.fillOval(at[0] - 3.5, at[1] - 3.5, 7, 7);
        }
    }

    /** Where the handle of a key's slope stands: at a fixed distance along the slope as it looks. */
    private double[] handle(Channel c, Key key, int side) {
        double slope = side < 0 ? key.in() : key.out();
        double perPixel = (height() - 2 * MARGIN) / (c.max() - c.min());
        double dx = 1;
        double dy = -slope * perPixel / scale.pixelsASecond();
        double length = Math.hypot(dx, dy);
        return new double[] {
            scale.xOf(key.time()) + side * HANDLE * dx / length, yOf(c, key.value()) + side * HANDLE * dy / length
        };
    }

    private void legend(GraphicsContext g, Palette palette, Channel c, double width) {
        g.setFont(SMALL);
        g.setTextBaseline(VPos.TOP);
        g.setTextAlign(TextAlignment.LEFT);
        g.setFill(palette.ink());
        g.fillText(c.name(), GUTTER + 6, 5);
        g.setTextAlign(TextAlignment.RIGHT);
        g.setFill(palette.ink2());
        String gap = trace.filter(t -> t.gaps().length > 0)
                .map(t -> String.format(Locale.ROOT, "grey: lip gap, 0 to %.0f mm", gapScale(t)))
                .orElse("no lip line: the gap cannot be measured");
        g.fillText(gap, width - 8, 5);
        g.setTextBaseline(VPos.BASELINE);
        g.setTextAlign(TextAlignment.LEFT);
    }

    private static Color alpha(Color colour, double alpha) {
        return new Color(colour.getRed(), colour.getGreen(), colour.getBlue(), alpha);
    }

    // --- mouse -----------------------------------------------------------------------------------------------------

    /** The own key under a point. */
    Optional<KeyChoice> keyAt(double x, double y) {
        Optional<Channel> c = channel();
        for (int i = 0; c.isPresent() && i < edits.work().curves().size(); i++) {
            Optional<Curve> curve =
                    edits.work().curves().get(i).channel().equals(c.get().name()) ? edits.curve(i) : Optional.empty();
            for (int k = 0; curve.isPresent() && k < curve.get().keys().size(); k++) {
                Key key = curve.get().keys().get(k);
                if (Math.hypot(scale.xOf(key.time()) - x, yOf(c.get(), key.value()) - y) < GRAB) {
                    return Optional.of(new KeyChoice(i, k));
                }
            }
        }
        return Optional.empty();
    }

    @Override
    boolean press(SheetPointer at) {
        return hold(at.x(), at.y(), at.clicks()) || super.press(at);
    }

    /** Takes hold of a key or a handle; a double-click on an own curve makes a key. */
    private boolean hold(double x, double y, int clicks) {
        grip = Grip.NONE;
        gesture = workspace.newGesture();
        Optional<Channel> c = channel();
        Optional<Key> chosen = chosenKey();
        if (c.isPresent() && chosen.isPresent() && chosen.get().way() == Key.Way.SMOOTH) {
            for (int side : new int[] {-1, 1}) {
                double[] at = handle(c.get(), chosen.get(), side);
                if (Math.hypot(at[0] - x, at[1] - y) < GRAB) {
                    grip = side < 0 ? Grip.IN : Grip.OUT;
                    return true;
                }
            }
        }
        Optional<KeyChoice> key = keyAt(x, y);
        if (key.isPresent()) {
            edits.key().set(key.get());
            grip = Grip.KEY;
            return true;
        }
        Optional<Integer> curve = edits.curveAt(scale.timeAt(x));
        if (clicks == 2 && curve.isPresent()) {
            addKey(curve.get(), scale.timeAt(x));
            return true;
        }
        edits.key().set(KeyChoice.NONE);
        return false;
    }

    /** Makes a key on an own curve and chooses it. */
    void addKey(int curve, double time) {
        edits.editCurve(curve, 0, k -> k.withKeyAt(time));
        edits.curve(curve).ifPresent(now -> {
            for (int k = 0; k < now.keys().size(); k++) {
                if (Math.abs(now.keys().get(k).time() - time) < 0.002) {
                    edits.key().set(new KeyChoice(curve, k));
                }
            }
        });
    }

    private Optional<Key> chosenKey() {
        KeyChoice now = edits.key().get();
        return edits.curve(now.curve())
                .filter(k -> now.key() >= 0 && now.key() < k.keys().size())
                .map(k -> k.keys().get(now.key()));
    }

    @Override
    void drag(SheetPointer at) {
        drag(at.pulled(), at.x(), at.y());
    }

    /** @param time the pointer's, pulled to frames */
    private void drag(double time, double x, double y) {
        KeyChoice now = edits.key().get();
        Optional<Channel> c = channel();
        Optional<Key> key = chosenKey();
        if (grip == Grip.NONE || c.isEmpty() || key.isEmpty()) {
            return;
        }
        switch (grip) {
            case KEY ->
                edits.editCurve(
                        now.curve(), gesture, k -> k.with(now.key(), key.get().movedTo(time, valueAt(c.get(), y))));
            case IN, OUT -> {
                int side = grip == Grip.IN ? -1 : 1;
                double dx = Math.max(2, side * (x - scale.xOf(key.get().time()))) / scale.pixelsASecond();
                double perPixel =
                        (height() - 2 * MARGIN) / (c.get().max() - c.get().min());
                double rise = side * (yOf(c.get(), key.get().value()) - y) / perPixel;
                // Both sides turn together, so that the curve stays smooth.
                edits.editCurve(
                        now.curve(), gesture, k -> k.with(now.key(), key.get().sloped(rise / dx, rise / dx)));
            }
            case NONE -> {}
        }
    }

    @Override
    void offer(ContextMenu menu, SheetPointer at) {
        MouthEdits mouth = edits;
        keyAt(at.x(), at.y()).ifPresent(key -> {
            mouth.key().set(key);
            for (Key.Way way : Key.Way.values()) {
                item(
                        menu,
                        way.title() + " from here",
                        () -> mouth.editCurve(
                                key.curve(),
                                0,
                                c -> c.with(key.key(), c.keys().get(key.key()).going(way))));
            }
            item(menu, "Delete the key", mouth::deleteKey);
        });
        Optional<Integer> own = mouth.curveAt(at.time());
        own.ifPresent(c -> {
            item(menu, "A key here", () -> addKey(c, at.time()));
            item(menu, "Give back", () -> mouth.giveBack(c));
        });
        sheet.player()
                .loopRange()
                .get()
                .ifPresent(r ->
                        item(menu, "Take over the looped stretch", () -> mouth.takeOver(r, MouthEdits.USUAL_ERROR)));
        workspace
                .selectedRange()
                .ifPresent(
                        r -> item(menu, "Take over what is chosen", () -> mouth.takeOver(r, MouthEdits.USUAL_ERROR)));
        item(menu, "Why is it so here?", () -> {
            sheet.player().pause();
            sheet.player().seek(at.time());
            mouth.asked().set(mouth.channel().get());
        });
        item(menu, "Hide the curve", () -> mouth.channel().set(""));
        menu.getItems().add(new SeparatorMenuItem());
    }

    @Override
    public void close() {
        measuring.close();
    }
}
