package graykite.studio.view;

import graykite.acting.PoseKey;
import graykite.project.Line;
import graykite.studio.model.Palette;
import graykite.studio.model.Workspace;
import java.util.List;
import java.util.Optional;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;

/** The row of keyed poses: where it lies, how it is drawn, what stands under the pointer. */
final class FeelRow {
    private static final Font NAME = Font.font("Inter", 12);
    private static final double GRAB = 5;

    private FeelRow() {}

    private static List<PoseKey> keys(Workspace workspace) {
        return workspace.line().map(Line::keys).orElse(List.of());
    }

    private static double time(Workspace workspace, PoseKey key) {
        return workspace.keys().timeOf(key);
    }

    /** Each key is a block that lasts until the next one; its slope shows how long the face takes to get there. */
    static void draw(GraphicsContext g, Workspace workspace, SheetScale scale, Palette palette, double width) {
        double top = SheetRows.FEEL_TOP;
        double bottom = SheetRows.BOTTOM - 3;
        g.setStroke(palette.line());
        g.setLineWidth(1);
        g.strokeLine(SheetRows.GUTTER, Math.floor(top) + 0.5, width, Math.floor(top) + 0.5);
        List<PoseKey> keys = keys(workspace);
        if (keys.isEmpty() && workspace.line().flatMap(Line::timing).isPresent()) {
            g.setFill(palette.ink2());
            g.setFont(NAME);
            g.setTextAlign(TextAlignment.LEFT);
            g.setTextBaseline(VPos.CENTER);
            g.fillText(
                    "Double-click a pose on the Cast desk to key it here.",
                    SheetRows.GUTTER + 8,
                    top + SheetRows.FEEL / 2);
            g.setTextBaseline(VPos.BASELINE);
        }
        for (int k = 0; k < keys.size(); k++) {
            PoseKey key = keys.get(k);
            double end = k + 1 < keys.size()
                    ? time(workspace, keys.get(k + 1)) - keys.get(k + 1).ease()
                    : scale.duration();
            if (scale.outside(time(workspace, key) - key.ease(), Math.max(end, time(workspace, key)))) {
                continue;
            }
            double from = scale.xOf(time(workspace, key) - key.ease());
            double at = scale.xOf(time(workspace, key));
            double to = Math.max(at + 2, scale.xOf(end));
            boolean rest = key.pose().equals("Rest");
            boolean chosen = workspace.keys().index().get() == k;
            Color plum = palette.plum();
            g.setFill(new Color(plum.getRed(), plum.getGreen(), plum.getBlue(), rest ? 0.08 : chosen ? 0.5 : 0.25));
            g.fillPolygon(new double[] {from, at, to, to}, new double[] {bottom, top + 3, top + 3, bottom}, 4);
            g.setStroke(plum);
            g.setLineWidth(chosen ? 2 : 1);
            g.strokeLine(from, bottom, at, top + 3);
            g.strokeLine(at, top + 3, to, top + 3);
            g.setLineWidth(1);
            g.setFill(palette.ink());
            g.save();
            g.beginPath();
            g.rect(
                    Math.max(at, SheetRows.GUTTER),
                    top,
                    Math.max(0, to - Math.max(at, SheetRows.GUTTER)),
                    SheetRows.FEEL);
            g.clip();
            g.setFont(NAME);
            g.setTextAlign(TextAlignment.LEFT);
            g.setTextBaseline(VPos.CENTER);
            String percent = key.strength() == 1 || rest ? "" : " " + Math.round(100 * key.strength()) + " %";
            g.fillText(key.pose() + percent, Math.max(at, SheetRows.GUTTER) + 4, top + SheetRows.FEEL / 2 + 1);
            g.restore();
            g.setTextBaseline(VPos.BASELINE);
        }
    }

    /** The key whose time lies under the pointer, to be dragged. */
    static Optional<Integer> edgeAt(Workspace workspace, SheetScale scale, double x, double y) {
        if (!SheetRows.inFeel(y) || x < SheetRows.GUTTER) {
            return Optional.empty();
        }
        List<PoseKey> keys = keys(workspace);
        for (int k = 0; k < keys.size(); k++) {
            if (Math.abs(scale.xOf(time(workspace, keys.get(k))) - x) < GRAB) {
                return Optional.of(k);
            }
        }
        return Optional.empty();
    }

    /** The key whose pose holds at a time. */
    static Optional<Integer> keyAt(Workspace workspace, double time) {
        List<PoseKey> keys = keys(workspace);
        for (int k = keys.size() - 1; k >= 0; k--) {
            if (time(workspace, keys.get(k)) - keys.get(k).ease() <= time) {
                return Optional.of(k);
            }
        }
        return Optional.empty();
    }
}
