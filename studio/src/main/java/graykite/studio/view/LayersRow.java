package graykite.studio.view;

import graykite.acting.LayerPlan;
import graykite.layer.LayerSetting;
import graykite.motion.Curve;
import graykite.motion.Key;
import graykite.studio.model.LayerEdits;
import graykite.studio.model.Palette;
import java.util.List;
import java.util.Optional;
import javafx.scene.Cursor;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.ContextMenu;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;

/**
 * How much of each layer is seen over time: a lane a layer, the highest on top. A double-click sets a weight there, little kites
 * are dragged, the menu takes them away. Shown when the Layers tab asks for it.
 */
final class LayersRow extends SheetRow {
    private static final Font NAME = Font.font("Inter", 10);
    private static final double GRAB = 6;
    private static final double MOST = 2;

    private final LayerEdits edits;
    private Optional<Spot> held = Optional.empty();
    private long gesture;

    /** A weight that is held. @param layer index of its layer @param key index of its key */
    private record Spot(int layer, int key) {}

    LayersRow(SheetContext sheet) {
        super(sheet, "layers", 96);
        this.edits = new LayerEdits(sheet.workspace());
    }

    @Override
    boolean present() {
        return sheet.workspace().overlays().weights().get()
                && sheet.workspace().line().isPresent();
    }

    private double laneHeight(int lanes) {
        return height() / Math.max(1, lanes);
    }

    private int laneOf(int layer, int count) {
        return count - 1 - layer;
    }

    private static double y(double weight, double top, double tall) {
        return top + tall - 1 - weight / MOST * (tall - 2);
    }

    @Override
    void draw(GraphicsContext g, double width) {
        Palette palette = sheet.palette().get();
        List<LayerPlan> plans = edits.plans();
        double tall = laneHeight(plans.size());
        for (int l = 0; l < plans.size(); l++) {
            draw(g, palette, plans.get(l).setting(), laneOf(l, plans.size()) * tall, tall, width);
        }
    }

    private void draw(GraphicsContext g, Palette palette, LayerSetting setting, double top, double tall, double width) {
        Color colour = setting.muted() ? Blocks.alpha(palette.ink2(), 0.5) : palette.plum();
        Curve weight = setting.weight();
        double from = Math.max(GUTTER, sheet.scale().xOf(0));
        double to = Math.min(width, sheet.scale().xOf(sheet.scale().duration()));
        g.setStroke(palette.line());
        g.strokeLine(from, snap(top + tall - 1), to, snap(top + tall - 1));
        g.setLineWidth(1.4);
        Blocks.trace(g, colour, from, to, x -> y(weight.at(sheet.scale().timeAt(x)), top, tall));
        g.setLineWidth(1);
        if (weight.keys().size() > 1) {
            g.setFill(colour);
            for (Key key : weight.keys()) {
                double x = sheet.scale().xOf(key.time());
                double at = y(key.value(), top, tall);
                g.fillPolygon(new double[] {x, x + 4, x, x - 4}, new double[] {at - 4, at, at + 4, at}, 4);
            }
        }
        Blocks.lane(g, palette, NAME, setting.name() + (setting.muted() ? ", muted" : ""), top + tall / 2);
    }

    private Optional<Integer> layerAt(SheetPointer at) {
        int count = edits.plans().size();
        int lane = (int) Math.floor(at.y() / laneHeight(count));
        return lane < 0 || lane >= count ? Optional.empty() : Optional.of(count - 1 - lane);
    }

    private Optional<Spot> spot(SheetPointer at) {
        return layerAt(at).flatMap(layer -> {
            List<Key> keys = edits.plans().get(layer).setting().weight().keys();
            if (keys.size() < 2) {
                return Optional.empty();
            }
            for (int k = 0; k < keys.size(); k++) {
                if (Math.abs(sheet.scale().xOf(keys.get(k).time()) - at.x()) < GRAB) {
                    return Optional.of(new Spot(layer, k));
                }
            }
            return Optional.empty();
        });
    }

    private double weightAt(SheetPointer at, int layer) {
        int count = edits.plans().size();
        double tall = laneHeight(count);
        double within = at.y() - laneOf(layer, count) * tall;
        // A magnet on nothing and on all of it: these are what people mean.
        double raw = Math.clamp((tall - 1 - within) / (tall - 2) * MOST, 0, MOST);
        return Math.abs(raw - 1) < 0.12 ? 1 : raw < 0.08 ? 0 : raw;
    }

    @Override
    Cursor cursor(SheetPointer at) {
        return spot(at).isPresent() ? Cursor.MOVE : Cursor.DEFAULT;
    }

    @Override
    boolean press(SheetPointer at) {
        held = spot(at);
        gesture = sheet.workspace().newGesture();
        return held.isPresent() || super.press(at);
    }

    @Override
    void drag(SheetPointer at) {
        held.ifPresent(s -> edits.setting(s.layer, gesture, now -> {
            Key key = now.weight().keys().get(s.key);
            return now.withWeight(now.weight()
                    .with(s.key, key.movedTo(Math.max(0, at.pulled()), weightAt(at, s.layer))));
        }));
    }

    @Override
    void doubleClick(SheetPointer at) {
        layerAt(at).filter(l -> spot(at).isEmpty()).ifPresent(l -> edits.weigh(l, at.time(), weightAt(at, l)));
    }

    @Override
    void offer(ContextMenu menu, SheetPointer at) {
        layerAt(at).ifPresent(layer -> {
            spot(at).ifPresent(s -> item(menu, "Delete this weight", () -> edits.unweigh(s.layer, s.key)));
            item(menu, "Set a weight here", () -> edits.weigh(layer, at.time(), weightAt(at, layer)));
            item(
                    menu,
                    "The same weight throughout",
                    () -> edits.setting(
                            layer,
                            0,
                            now -> now.withWeight(
                                    LayerSetting.always(now.weight().at(at.time())))));
            boolean muted = edits.plans().get(layer).setting().muted();
            item(
                    menu,
                    muted ? "Let it be seen" : "Mute it",
                    () -> edits.setting(layer, 0, now -> now.withMuted(!muted)));
        });
    }
}
