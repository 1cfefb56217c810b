package graykite.studio.view;

import graykite.motion.Curve;
import graykite.motion.Key;
import graykite.rig.Channel;
import graykite.scene.Performance;
import graykite.scene.Scene;
import graykite.studio.model.Latest;
import graykite.studio.model.OwnCurves;
import graykite.studio.model.OwnCurves.KeyChoice;
import graykite.studio.model.Workspace;
import java.util.Optional;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.SeparatorMenuItem;

/**
 * The row of the sheet that shows one channel: what is generated (sand), what is asked for, closures, the lip gap, what is
 * seen in the end, and own keys (tide) that are dragged.
 */
final class CurveRow extends SheetRow {
    private static final double GRAB = 7;

    private final Workspace workspace;
    private final OwnCurves edits;
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
        this.edits = workspace.mouth().curves();
        this.scale = sheet.scale();
        this.redraw = sheet.redraw();
    }

    @Override
    boolean present() {
        return edits.channelIndex().isPresent();
    }

    // --- drawing ---------------------------------------------------------------------------------------------------

    private Optional<Channel> channel() {
        return edits.channelIndex()
                .flatMap(
                        i -> workspace.performance().get().map(p -> p.channels().get(i)));
    }

    private Optional<CurveFrame> frame() {
        return channel().map(c -> new CurveFrame(c, scale, height()));
    }

    /** Where a value of the shown channel stands. */
    @Override
    double yOf(double value) {
        return frame().map(f -> f.yOf(value)).orElse(0.0);
    }

    @Override
    void draw(GraphicsContext g, double width) {
        frame().ifPresent(f -> draw(g, f, new CurveDrawing(g, sheet.palette().get(), f, width), width));
    }

    private void draw(GraphicsContext g, CurveFrame frame, CurveDrawing drawing, double width) {
        Performance line = workspace.performance().get().orElseThrow();
        int index = edits.channelIndex().orElseThrow();
        drawing.ground();
        g.save();
        g.beginPath();
        g.rect(GUTTER, 0, width - GUTTER, height());
        g.clip();
        drawing.closures(line);
        measure(line, index);
        trace.ifPresent(drawing::traced);
        drawing.generated(line, index);
        for (int c = 0; c < workspace.mouth().work().curves().size(); c++) {
            if (workspace
                    .mouth()
                    .work()
                    .curves()
                    .get(c)
                    .channel()
                    .equals(frame.channel().name())) {
                KeyChoice chosen = edits.key().get();
                int key = chosen.curve() == c ? chosen.key() : -1;
                edits.curve(c).ifPresent(curve -> drawing.own(curve, key));
            }
        }
        drawing.legend(trace);
        g.restore();
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

    // --- mouse -----------------------------------------------------------------------------------------------------

    /** The own key under a point. */
    Optional<KeyChoice> keyAt(double x, double y) {
        Optional<CurveFrame> frame = frame();
        for (int i = 0;
                frame.isPresent() && i < workspace.mouth().work().curves().size();
                i++) {
            boolean shown = workspace
                    .mouth()
                    .work()
                    .curves()
                    .get(i)
                    .channel()
                    .equals(frame.get().channel().name());
            Optional<Curve> curve = shown ? edits.curve(i) : Optional.empty();
            for (int k = 0; curve.isPresent() && k < curve.get().keys().size(); k++) {
                Key key = curve.get().keys().get(k);
                if (Math.hypot(scale.xOf(key.time()) - x, frame.get().yOf(key.value()) - y) < GRAB) {
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
        Optional<CurveFrame> frame = frame();
        Optional<Key> chosen = chosenKey();
        if (frame.isPresent() && chosen.isPresent() && chosen.get().way() == Key.Way.SMOOTH) {
            for (int side : new int[] {-1, 1}) {
                double[] at = frame.get().handle(chosen.get(), side);
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
        Optional<CurveFrame> frame = frame();
        Optional<Key> key = chosenKey();
        if (grip == Grip.NONE || frame.isEmpty() || key.isEmpty()) {
            return;
        }
        switch (grip) {
            case KEY ->
                edits.editCurve(
                        now.curve(),
                        gesture,
                        k -> k.with(
                                now.key(), key.get().movedTo(time, frame.get().valueAt(y))));
            case IN, OUT -> {
                double slope = frame.get().slope(key.get(), grip == Grip.IN ? -1 : 1, x, y);
                // Both sides turn together, so that the curve stays smooth.
                edits.editCurve(
                        now.curve(), gesture, k -> k.with(now.key(), key.get().sloped(slope, slope)));
            }
            case NONE -> {}
        }
    }

    @Override
    void offer(ContextMenu menu, SheetPointer at) {
        OwnCurves mouth = edits;
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
                        item(menu, "Take over the looped stretch", () -> mouth.takeOver(r, OwnCurves.USUAL_ERROR)));
        workspace
                .selectedRange()
                .ifPresent(r -> item(menu, "Take over what is chosen", () -> mouth.takeOver(r, OwnCurves.USUAL_ERROR)));
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
