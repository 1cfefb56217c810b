package graykite.people.drawn;

import graykite.picture.Texture;
import graykite.rig.Card;
import graykite.rig.Showing;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.Shape;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;
import java.util.Optional;
import java.util.function.Consumer;

/** A sheet to draw one layer on, in millimetres with y upwards: flat fills and ink lines. */
final class Sketch {
    static final Color INK = new Color(0x23272E);

    /** Pixels a millimetre. */
    private static final double FINE = 2.6;

    private static final double LEFT = -200;
    private static final double TOP = 175;
    private static final double WIDE = 400;
    private static final double TALL = 375;

    private final BufferedImage image =
            new BufferedImage((int) (WIDE * FINE), (int) (TALL * FINE), BufferedImage.TYPE_INT_ARGB);
    private final Graphics2D pen = image.createGraphics();

    private Sketch() {
        pen.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        pen.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        pen.scale(FINE, -FINE);
        pen.translate(-LEFT, -TOP);
    }

    /** Draws a layer and cuts away what stays empty round it. */
    static Card layer(String name, int joint, double depth, Optional<Showing> showing, Consumer<Sketch> drawing) {
        Sketch sketch = new Sketch();
        drawing.accept(sketch);
        sketch.pen.dispose();
        return sketch.cut(name, joint, depth, showing);
    }

    private Card cut(String name, int joint, double depth, Optional<Showing> showing) {
        int w = image.getWidth();
        int h = image.getHeight();
        int[] all = image.getRGB(0, 0, w, h, null, 0, w);
        int x0 = w;
        int y0 = h;
        int x1 = -1;
        int y1 = -1;
        for (int i = 0; i < all.length; i++) {
            if (all[i] >>> 24 > 0) {
                x0 = Math.min(x0, i % w);
                x1 = Math.max(x1, i % w);
                y0 = Math.min(y0, i / w);
                y1 = Math.max(y1, i / w);
            }
        }
        if (x1 < 0) {
            throw new IllegalStateException("The drawing " + name + " is empty.");
        }
        // A clear border of two pixels keeps a repeating texture from bleeding over its edges.
        x0 = Math.max(0, x0 - 2);
        y0 = Math.max(0, y0 - 2);
        int width = Math.min(w, x1 + 3) - x0;
        int height = Math.min(h, y1 + 3) - y0;
        int[] pixels = image.getRGB(x0, y0, width, height, null, 0, width);
        return new Card(
                name,
                joint,
                new Texture(width, height, pixels),
                LEFT + x0 / FINE,
                TOP - y0 / FINE,
                width / FINE,
                height / FINE,
                depth,
                showing);
    }

    Sketch fill(Shape shape, Color colour) {
        pen.setColor(colour);
        pen.fill(shape);
        return this;
    }

    Sketch ink(Shape shape, double width) {
        return line(shape, width, INK);
    }

    Sketch line(Shape shape, double width, Color colour) {
        pen.setColor(colour);
        pen.setStroke(new BasicStroke((float) width, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
        pen.draw(shape);
        return this;
    }

    /** Fills a shape, then part of it again in its shade, then draws its outline. */
    Sketch cel(Shape shape, Color colour, Shape shade, Color shaded, double ink) {
        fill(shape, colour);
        Shape before = pen.getClip();
        pen.clip(shape);
        fill(shade, shaded);
        pen.setClip(before);
        return ink(shape, ink);
    }

    /** Draws only inside a shape. */
    Sketch inside(Shape shape, Consumer<Sketch> drawing) {
        Shape before = pen.getClip();
        pen.clip(shape);
        drawing.accept(this);
        pen.setClip(before);
        return this;
    }

    static Shape oval(double x, double y, double rx, double ry) {
        return new Ellipse2D.Double(x - rx, y - ry, 2 * rx, 2 * ry);
    }

    /** A path through curves: the start, then six figures a curve. */
    static Path2D curve(boolean closed, double x, double y, double... figures) {
        Path2D path = new Path2D.Double();
        path.moveTo(x, y);
        for (int i = 0; i + 5 < figures.length; i += 6) {
            path.curveTo(figures[i], figures[i + 1], figures[i + 2], figures[i + 3], figures[i + 4], figures[i + 5]);
        }
        if (closed) {
            path.closePath();
        }
        return path;
    }
}
