package graykite.studio.view;

import graykite.studio.model.Palette;
import javafx.scene.Group;
import javafx.scene.shape.Line;
import javafx.scene.shape.Polygon;

/** The moment that is looked at, over the rows: nodes of its own, so that playing does not draw the rows again. */
final class Playhead extends Group {
    private final Line line = new Line();
    private final Polygon kite = new Polygon(0, 0, -5, 6, 0, 14, 5, 6);

    Playhead() {
        // Unmanaged: moving it must not lay out, and so draw, the rows again.
        setManaged(false);
        setMouseTransparent(true);
        line.setStrokeWidth(1.5);
        getChildren().addAll(line, kite);
    }

    /**
     * @param wanted pixel of the moment
     * @param width of the sheet
     * @param height of all rows that are seen
     */
    void place(double wanted, double width, double height, Palette palette) {
        double x = Math.floor(wanted) + 0.5;
        setVisible(x >= SheetRow.GUTTER && x <= width);
        line.setStroke(palette.string());
        kite.setFill(palette.string());
        line.setStartX(x);
        line.setEndX(x);
        line.setStartY(8);
        line.setEndY(height);
        kite.setLayoutX(x);
    }
}
