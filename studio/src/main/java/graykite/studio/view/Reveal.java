package graykite.studio.view;

import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ScrollPane;

/** Scrolls what lies around a node so that the node is seen. */
public final class Reveal {
    private static final double AIR = 12;

    private Reveal() {}

    /** Scrolls what lies around a node back to its top. */
    public static void top(Node node) {
        for (Parent at = node.getParent(); at != null; at = at.getParent()) {
            if (at instanceof ScrollPane pane) {
                pane.setVvalue(0);
                return;
            }
        }
    }

    /** Does nothing for a node that is seen already or that nothing scrolls. */
    public static void show(Node node) {
        for (Parent at = node.getParent(); at != null; at = at.getParent()) {
            if (at instanceof ScrollPane pane) {
                show(node, pane);
                return;
            }
        }
    }

    private static void show(Node node, ScrollPane pane) {
        pane.applyCss();
        pane.layout();
        Node content = pane.getContent();
        Bounds box = content.sceneToLocal(node.localToScene(node.getLayoutBounds()));
        double tall = content.getLayoutBounds().getHeight();
        double seen = pane.getViewportBounds().getHeight();
        double most = tall - seen;
        if (most <= 0) {
            return;
        }
        double top = pane.getVvalue() * most;
        if (box.getMinY() < top + AIR || box.getHeight() > seen) {
            top = box.getMinY() - AIR;
        } else if (box.getMaxY() > top + seen - AIR) {
            top = box.getMaxY() - seen + AIR;
        }
        pane.setVvalue(Math.clamp(top / most, 0, 1));
    }
}
