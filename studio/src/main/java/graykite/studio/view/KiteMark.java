package graykite.studio.view;

import javafx.scene.Group;
import javafx.scene.paint.Color;
import javafx.scene.shape.CubicCurve;
import javafx.scene.shape.Line;
import javafx.scene.shape.Polygon;
import javafx.scene.shape.StrokeLineCap;

/** The mark: a four-cornered gray kite with a two-bow tail. */
final class KiteMark {
    private KiteMark() {}

    /** @param size height of the whole mark in pixels */
    static Group large(double size) {
        double s = size / 100;
        Polygon left = facet(s, "#AEB2B6", 40, 4, 16, 34, 40, 40);
        Polygon right = facet(s, "#C6C9CC", 40, 4, 64, 34, 40, 40);
        Polygon lowLeft = facet(s, "#868B91", 16, 34, 40, 70, 40, 40);
        Polygon lowRight = facet(s, "#9A9FA4", 64, 34, 40, 70, 40, 40);
        CubicCurve tail = new CubicCurve(40 * s, 70 * s, 48 * s, 80 * s, 28 * s, 84 * s, 38 * s, 98 * s);
        tail.setFill(null);
        tail.setStroke(Color.web("#5C636E"));
        tail.setStrokeWidth(1.6 * s + 0.4);
        tail.setStrokeLineCap(StrokeLineCap.ROUND);
        return new Group(left, right, lowLeft, lowRight, tail, bow(s, 41.5, 79), bow(s, 34.5, 89));
    }

    private static Polygon facet(double s, String colour, double... points) {
        Polygon facet = new Polygon();
        for (double p : points) {
            facet.getPoints().add(p * s);
        }
        facet.setFill(Color.web(colour));
        return facet;
    }

    private static Polygon bow(double s, double x, double y) {
        return facet(s, "#B83E32", x, y, x - 6, y - 3.4, x - 6, y + 3.4, x, y, x + 6, y - 3.4, x + 6, y + 3.4);
    }

    /**
     * A knot of the string: a small kite, empty, half filled or full.
     *
     * @param fill 0, 0.5 or 1
     */
    static Group knot(double fill, Color colour, Color line) {
        Polygon outline = new Polygon(11, 1, 20, 11, 11, 25, 2, 11);
        outline.setFill(fill >= 1 ? colour : Color.TRANSPARENT);
        outline.setStroke(fill > 0 ? colour : line);
        outline.setStrokeWidth(1.5);
        Group group = new Group(outline);
        if (fill > 0 && fill < 1) {
            Polygon half = new Polygon(2, 11, 20, 11, 11, 25);
            half.setFill(colour);
            group.getChildren().add(half);
        }
        Line cross = new Line(11, 2, 11, 24);
        cross.setStroke(fill >= 1 ? Color.color(1, 1, 1, 0.5) : Color.color(0.5, 0.5, 0.5, 0.25));
        group.getChildren().add(cross);
        return group;
    }
}
