package graykite.studio.desk;

import graykite.text.Phone;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiConsumer;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.scene.Parent;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Pane;
import javafx.scene.layout.VBox;

/** A sound that is dragged from one shape of the chart to another. */
final class PhoneDrag {
    private static final double EDGE = 36;

    private final Pane pane;
    private final Map<String, VBox> rowOf;
    private final BiConsumer<Phone, Optional<String>> dropped;
    private final Label ghost = new Label();
    private Optional<Phone> held = Optional.empty();
    private Optional<String> dropOn = Optional.empty();
    private boolean dragging;
    private double dragY;

    /**
     * @param pane over which it is dragged
     * @param rowOf the tiles of the shapes by name
     * @param dropped told of the sound and the shape that it fell on
     */
    PhoneDrag(Pane pane, Map<String, VBox> rowOf, BiConsumer<Phone, Optional<String>> dropped) {
        this.pane = pane;
        this.rowOf = rowOf;
        this.dropped = dropped;
        ghost.getStyleClass().addAll("phone-chip", "chip-ghost");
        ghost.setManaged(false);
        ghost.setVisible(false);
        ghost.setMouseTransparent(true);
        // Heard here and not by the chip: what is dragged may be over any row.
        pane.addEventFilter(MouseEvent.MOUSE_DRAGGED, e -> held.ifPresent(phone -> dragged(phone, e)));
        pane.addEventFilter(MouseEvent.MOUSE_RELEASED, e -> {
            held.ifPresent(phone -> released(phone, e));
            held = Optional.empty();
        });
    }

    /** What is seen under the pointer. */
    Label ghost() {
        return ghost;
    }

    boolean isDragging() {
        return dragging;
    }

    /** A sound was pressed. */
    void hold(Phone phone) {
        held = Optional.of(phone);
    }

    private void dragged(Phone each, MouseEvent e) {
        if (!dragging) {
            dragging = true;
            dragY = e.getSceneY();
            ghost.setText(each.ipa());
            ghost.setVisible(true);
            ghost.toFront();
            ghost.autosize();
        }
        Point2D at = pane.sceneToLocal(e.getSceneX(), e.getSceneY());
        ghost.relocate(at.getX() - ghost.getWidth() / 2, at.getY() - ghost.getHeight() / 2);
        over(shapeUnder(e));
        scrollAtEdges(e.getSceneY());
    }

    /** Marks the row that a sound would be dropped on. */
    private void over(Optional<String> shapeThere) {
        if (!shapeThere.equals(dropOn)) {
            dropOn.map(rowOf::get).ifPresent(r -> r.getStyleClass().remove("drop-here"));
            shapeThere.map(rowOf::get).ifPresent(r -> r.getStyleClass().add("drop-here"));
            dropOn = shapeThere;
        }
    }

    private void released(Phone each, MouseEvent e) {
        if (!dragging) {
            return;
        }
        e.consume();
        dragging = false;
        ghost.setVisible(false);
        Optional<String> target = shapeUnder(e);
        over(Optional.empty());
        dropped.accept(each, target);
    }

    private Optional<String> shapeUnder(MouseEvent e) {
        return rowOf.entrySet().stream()
                .filter(r -> {
                    Bounds box = r.getValue().localToScene(r.getValue().getLayoutBounds());
                    return box.contains(e.getSceneX(), e.getSceneY());
                })
                .map(Map.Entry::getKey)
                .findFirst();
    }

    /** The desk scrolls along when a sound is dragged towards its edge; on the way back it stays. */
    private void scrollAtEdges(double sceneY) {
        double way = sceneY - dragY;
        dragY = sceneY;
        for (Parent at = pane.getParent(); at != null; at = at.getParent()) {
            if (at instanceof ScrollPane scroll) {
                Bounds box = scroll.localToScene(scroll.getLayoutBounds());
                double by = way < 0 && sceneY < box.getMinY() + EDGE
                        ? -0.02
                        : way > 0 && sceneY > box.getMaxY() - EDGE ? 0.02 : 0;
                scroll.setVvalue(Math.clamp(scroll.getVvalue() + by, 0, 1));
                return;
            }
        }
    }
}
