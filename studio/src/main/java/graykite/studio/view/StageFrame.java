package graykite.studio.view;

import java.util.Optional;
import javafx.geometry.Rectangle2D;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.layout.Region;
import javafx.scene.paint.Color;

/** The edge of the picture that will be delivered, with what lies outside dimmed, and the safe areas in it. */
final class StageFrame extends Region {
    /** Parts of the width and height in which action and titles are safe (SMPTE ST 2046-1: 93 % and 90 %). */
    static final double ACTION = 0.93;

    static final double TITLES = 0.90;

    /** How many times as wide as high the picture is. */
    enum Ratio {
        NONE("No frame", 0),
        WIDE("16 : 9", 16 / 9.0),
        SCOPE("2.39 : 1", 2.39),
        CLASSIC("4 : 3", 4 / 3.0),
        SQUARE("1 : 1", 1),
        TALL("9 : 16", 9 / 16.0);

        final String title;
        final double aspect;

        Ratio(String title, double aspect) {
            this.title = title;
            this.aspect = aspect;
        }
    }

    private final Canvas canvas = new Canvas();
    private Ratio ratio = Ratio.NONE;
    private boolean safe;

    StageFrame() {
        setMouseTransparent(true);
        getChildren().add(canvas);
    }

    void show(Ratio wanted, boolean safeAreas) {
        ratio = wanted;
        safe = safeAreas;
        requestLayout();
    }

    /** Where the picture lies in a stage of some size; nothing without a frame. */
    static Optional<Rectangle2D> frame(Ratio ratio, double width, double height) {
        if (ratio == Ratio.NONE || width < 1 || height < 1) {
            return Optional.empty();
        }
        double w = Math.min(width, height * ratio.aspect);
        double h = w / ratio.aspect;
        return Optional.of(new Rectangle2D((width - w) / 2, (height - h) / 2, w, h));
    }

    @Override
    protected void layoutChildren() {
        canvas.setWidth(getWidth());
        canvas.setHeight(getHeight());
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.clearRect(0, 0, getWidth(), getHeight());
        Optional<Rectangle2D> frame = frame(ratio, getWidth(), getHeight());
        frame.ifPresent(f -> {
            g.setFill(Color.rgb(20, 22, 26, 0.55));
            g.fillRect(0, 0, getWidth(), f.getMinY());
            g.fillRect(0, f.getMaxY(), getWidth(), getHeight() - f.getMaxY());
            g.fillRect(0, f.getMinY(), f.getMinX(), f.getHeight());
            g.fillRect(f.getMaxX(), f.getMinY(), getWidth() - f.getMaxX(), f.getHeight());
        });
        if (safe) {
            Rectangle2D all = frame.orElse(new Rectangle2D(0, 0, getWidth(), getHeight()));
            g.setStroke(Color.rgb(244, 242, 237, 0.75));
            g.setLineWidth(1);
            outline(g, all, ACTION);
            g.setLineDashes(4, 4);
            outline(g, all, TITLES);
            g.setLineDashes();
        }
    }

    private static void outline(GraphicsContext g, Rectangle2D all, double part) {
        double w = all.getWidth() * part;
        double h = all.getHeight() * part;
        g.strokeRect(
                Math.round(all.getMinX() + (all.getWidth() - w) / 2) + 0.5,
                Math.round(all.getMinY() + (all.getHeight() - h) / 2) + 0.5,
                Math.round(w),
                Math.round(h));
    }
}
