package graykite.studio.view;

import graykite.studio.model.Palette;
import java.util.function.DoubleUnaryOperator;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;

/** Blocks of time and their labels, as rows of the sheet draw them. */
final class Blocks {
    private Blocks() {}

    /** Generated blocks have plain edges, blocks that a hand touched notched ones. */
    static void block(
            GraphicsContext g,
            SheetScale scale,
            Palette palette,
            double from,
            double to,
            double height,
            boolean own,
            boolean chosen) {
        double x = SheetRow.snap(scale.xOf(from));
        double width = Math.max(2, SheetRow.snap(scale.xOf(to)) - x - 1);
        Color colour = own ? palette.tide() : palette.sand();
        g.setFill(alpha(colour, chosen ? 0.55 : 0.22));
        g.fillRect(x, 3, width, height - 6);
        g.setStroke(colour);
        g.setLineWidth(chosen ? 2 : 1);
        g.strokeRect(x, SheetRow.snap(3), width, height - 6);
        g.setLineWidth(1);
        if (own && width > 8) {
            notches(g, palette.tide(), palette.paper(), x, 3, width, height - 6);
        }
    }

    /** Two cut corners tell a hand's work without colour too. */
    private static void notches(
            GraphicsContext g, Color colour, Color paper, double x, double top, double width, double height) {
        g.setFill(paper);
        g.fillPolygon(new double[] {x - 1, x + 4, x - 1}, new double[] {top, top, top + 5}, 3);
        g.setFill(colour);
        g.fillPolygon(
                new double[] {x + width - 5, x + width, x + width},
                new double[] {top + height, top + height, top + height - 5},
                3);
    }

    /**
     * The name of a block, from its left, cut off where its room ends.
     *
     * @param x where it begins
     * @param left where its room begins
     * @param right where its room ends
     */
    static void name(
            GraphicsContext g, Font font, String text, double x, double left, double right, double top, double tall) {
        double from = Math.max(Math.max(SheetRow.GUTTER + 4, left), x);
        g.setFont(font);
        g.setTextAlign(TextAlignment.LEFT);
        g.setTextBaseline(VPos.CENTER);
        g.fillText(TextCut.cut(text, font, right - from), from, top + tall / 2);
        g.setTextBaseline(VPos.BASELINE);
    }

    /** Pixels by which a text may reach beyond its block: what comes next is drawn over it. */
    private static final double OVER = 4;

    /** Pixels between the edge of a block and a name within it. */
    private static final double INSET = 5;

    /** A text within a block, cut off where there is no room. */
    static void label(
            GraphicsContext g, SheetScale scale, Font font, String text, double from, double to, double middle) {
        double x = Math.max(SheetRow.GUTTER, scale.xOf(from));
        double width = scale.xOf(to) - x;
        double needed = TextCut.width(text, font);
        if (width < Math.min(needed, 10)) {
            return;
        }
        g.setFont(font);
        g.setTextBaseline(VPos.CENTER);
        if (needed > width + OVER) {
            g.setTextAlign(TextAlignment.LEFT);
            g.fillText(TextCut.cut(text, font, width + OVER), x + 2, middle);
        } else {
            g.setTextAlign(TextAlignment.CENTER);
            g.fillText(text, x + width / 2, middle);
        }
        g.setTextBaseline(VPos.BASELINE);
    }

    /** A name within its block, at its left edge; where there is too little room it ends in a sign that it goes on. */
    static void nameWithin(
            GraphicsContext g, SheetScale scale, Font font, String text, double from, double to, double middle) {
        double x = Math.max(SheetRow.GUTTER, scale.xOf(from)) + INSET;
        String shown = TextCut.shortened(text, font, scale.xOf(to) - INSET - x);
        if (!shown.isEmpty()) {
            g.setFont(font);
            g.setTextBaseline(VPos.CENTER);
            g.setTextAlign(TextAlignment.LEFT);
            g.fillText(shown, x, middle);
            g.setTextBaseline(VPos.BASELINE);
        }
    }

    /** The name of a lane at the left of its row, on paper so that what lies under it does not cross it. */
    static void lane(GraphicsContext g, Palette palette, Font font, String name, double middle) {
        double wide = 6 + name.length() * font.getSize() * 0.56;
        g.setFill(alpha(palette.paper(), 0.85));
        g.fillRect(SheetRow.GUTTER + 1, middle - font.getSize() / 2 - 1, wide, font.getSize() + 2);
        g.setFill(palette.ink2());
        g.setFont(font);
        g.setTextAlign(TextAlignment.LEFT);
        g.setTextBaseline(VPos.CENTER);
        g.fillText(name, SheetRow.GUTTER + 4, middle);
        g.setTextBaseline(VPos.BASELINE);
    }

    /** Draws a line from left to right through what a function gives. @param y pixels for each x */
    static void trace(GraphicsContext g, Color colour, double from, double to, DoubleUnaryOperator y) {
        g.setStroke(colour);
        g.beginPath();
        for (double x = from; x <= to; x += 1.5) {
            if (x == from) {
                g.moveTo(x, y.applyAsDouble(x));
            } else {
                g.lineTo(x, y.applyAsDouble(x));
            }
        }
        g.stroke();
    }

    static Color alpha(Color colour, double alpha) {
        return new Color(colour.getRed(), colour.getGreen(), colour.getBlue(), alpha);
    }
}
