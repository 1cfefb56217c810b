package graykite.studio.view;

import graykite.acting.PoseKey;
import graykite.project.Line;
import graykite.studio.model.Palette;
import java.util.List;
import java.util.Optional;
import javafx.geometry.VPos;
import javafx.scene.Cursor;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.ContextMenu;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;

/** The keyed poses: each is a block that lasts until the next one; its slope shows how long the face takes to get there. */
final class PosesRow extends SheetRow {
    private static final Font NAME = Font.font("Inter", 12);
    private static final double GRAB = 5;

    private long gesture;

    PosesRow(SheetContext sheet) {
        super(sheet, "poses", 24);
    }

    @Override
    boolean present() {
        return !keys().isEmpty();
    }

    private List<PoseKey> keys() {
        return sheet.workspace().line().map(Line::keys).orElse(List.of());
    }

    private double time(PoseKey key) {
        return sheet.workspace().keys().timeOf(key);
    }

    @Override
    void draw(GraphicsContext g, double width) {
        Palette palette = sheet.palette().get();
        List<PoseKey> keys = keys();
        for (int k = 0; k < keys.size(); k++) {
            double end = k + 1 < keys.size()
                    ? time(keys.get(k + 1)) - keys.get(k + 1).ease()
                    : sheet.scale().duration();
            draw(g, palette, keys.get(k), k, end);
        }
    }

    private void draw(GraphicsContext g, Palette palette, PoseKey key, int index, double end) {
        SheetScale scale = sheet.scale();
        double time = time(key);
        if (scale.outside(time - key.ease(), Math.max(end, time))) {
            return;
        }
        double bottom = height() - 3;
        double from = scale.xOf(time - key.ease());
        double at = scale.xOf(time);
        double to = Math.max(at + 2, scale.xOf(end));
        boolean rest = key.pose().equals("Rest");
        boolean chosen = sheet.workspace().keys().index().get() == index;
        Color plum = palette.plum();
        g.setFill(Blocks.alpha(plum, rest ? 0.08 : chosen ? 0.5 : 0.25));
        g.fillPolygon(new double[] {from, at, to, to}, new double[] {bottom, 3, 3, bottom}, 4);
        g.setStroke(plum);
        g.setLineWidth(chosen ? 2 : 1);
        g.strokeLine(from, bottom, at, 3);
        g.strokeLine(at, 3, to, 3);
        g.setLineWidth(1);
        g.setFill(palette.ink());
        double left = Math.max(at, GUTTER);
        g.setFont(NAME);
        g.setTextAlign(TextAlignment.LEFT);
        g.setTextBaseline(VPos.CENTER);
        String percent = key.strength() == 1 || rest ? "" : " " + Math.round(100 * key.strength()) + " %";
        g.fillText(TextCut.cut(key.pose() + percent, NAME, to - left - 4), left + 4, height() / 2 + 1);
        g.setTextBaseline(VPos.BASELINE);
    }

    /** The key whose time lies under the pointer, to be dragged. */
    private Optional<Integer> edgeAt(double x) {
        List<PoseKey> keys = keys();
        for (int k = 0; k < keys.size(); k++) {
            if (Math.abs(sheet.scale().xOf(time(keys.get(k))) - x) < GRAB) {
                return Optional.of(k);
            }
        }
        return Optional.empty();
    }

    /** The key whose pose holds at a time. */
    private Optional<Integer> keyAt(double time) {
        List<PoseKey> keys = keys();
        for (int k = keys.size() - 1; k >= 0; k--) {
            if (time(keys.get(k)) - keys.get(k).ease() <= time) {
                return Optional.of(k);
            }
        }
        return Optional.empty();
    }

    @Override
    Cursor cursor(SheetPointer at) {
        return edgeAt(at.x()).isPresent() ? Cursor.H_RESIZE : Cursor.DEFAULT;
    }

    @Override
    boolean press(SheetPointer at) {
        Optional<Integer> edge = edgeAt(at.x());
        sheet.workspace().keys().index().set(edge.or(() -> keyAt(at.time())).orElse(-1));
        gesture = sheet.workspace().newGesture();
        sheet.workspace().clips().chosen().set(Optional.empty());
        sheet.workspace().looks().chosen().set(-1);
        return edge.isPresent() || super.press(at);
    }

    @Override
    void drag(SheetPointer at) {
        sheet.workspace().keys().move(at.pulled(), gesture);
        sheet.player().seek(at.time());
    }

    @Override
    void offer(ContextMenu menu, SheetPointer at) {
        keyAt(at.time())
                .ifPresent(key -> item(menu, "Delete the key", () -> {
                    sheet.workspace().keys().index().set(key);
                    sheet.workspace().keys().delete();
                }));
    }
}
