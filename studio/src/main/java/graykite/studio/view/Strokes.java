package graykite.studio.view;

import graykite.project.Comment.Stroke;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.layout.Region;
import javafx.scene.paint.Color;
import javafx.scene.shape.StrokeLineCap;
import javafx.scene.shape.StrokeLineJoin;

/** Strokes that reviewers draw on the picture, over the stage. They keep their place when the stage changes its size. */
public final class Strokes extends Region {
    private static final Color INK = Color.web("#B83E32");
    private static final double WIDE = 3;

    /** Points nearer than this, in shares of the height, are left out. */
    private static final double NEAR = 0.003;

    private static final int MOST_POINTS = 1_500;

    private final Canvas canvas = new Canvas();
    private final ObjectProperty<List<Stroke>> drawn = new SimpleObjectProperty<>(List.of());
    private List<Stroke> shown = List.of();
    private List<Stroke.Dot> current = List.of();

    Strokes() {
        setMouseTransparent(true);
        getChildren().add(canvas);
        drawn.addListener((o, b, n) -> requestLayout());
    }

    /** What is being drawn for a new comment. */
    public ObjectProperty<List<Stroke>> drawn() {
        return drawn;
    }

    /** Shows the strokes of comments. */
    public void show(List<Stroke> strokes) {
        if (!strokes.equals(shown)) {
            shown = List.copyOf(strokes);
            requestLayout();
        }
    }

    /** The tool with which one draws. */
    public FaceTool pen() {
        return new FaceTool() {
            @Override
            public boolean press(View view, double x, double y) {
                current = new ArrayList<>(List.of(dot(view, x, y)));
                return true;
            }

            @Override
            public void drag(View view, double x, double y) {
                Stroke.Dot dot = dot(view, x, y);
                Stroke.Dot last = current.getLast();
                if (current.size() < MOST_POINTS && Math.hypot(dot.x() - last.x(), dot.y() - last.y()) > NEAR) {
                    current.add(dot);
                    requestLayout();
                }
            }

            @Override
            public void release() {
                if (!current.isEmpty()) {
                    List<Stroke> all = new ArrayList<>(drawn.get());
                    all.add(new Stroke(current));
                    current = List.of();
                    drawn.set(all);
                }
            }

            @Override
            public Optional<double[]> mark(View view) {
                return Optional.empty();
            }

            @Override
            public String hint() {
                return "Draw on the picture; Shift and drag turns the face";
            }
        };
    }

    private static Stroke.Dot dot(FaceTool.View view, double x, double y) {
        return new Stroke.Dot((x - view.width() / 2.0) / view.height(), (y - view.height() / 2.0) / view.height());
    }

    @Override
    protected void layoutChildren() {
        canvas.setWidth(getWidth());
        canvas.setHeight(getHeight());
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.clearRect(0, 0, getWidth(), getHeight());
        g.setStroke(INK);
        g.setLineWidth(WIDE);
        g.setLineCap(StrokeLineCap.ROUND);
        g.setLineJoin(StrokeLineJoin.ROUND);
        shown.forEach(s -> draw(g, s.points()));
        drawn.get().forEach(s -> draw(g, s.points()));
        draw(g, current);
    }

    private void draw(GraphicsContext g, List<Stroke.Dot> points) {
        double middle = getWidth() / 2;
        double half = getHeight() / 2;
        for (int i = 1; i < points.size(); i++) {
            Stroke.Dot a = points.get(i - 1);
            Stroke.Dot b = points.get(i);
            g.strokeLine(
                    middle + a.x() * getHeight(),
                    half + a.y() * getHeight(),
                    middle + b.x() * getHeight(),
                    half + b.y() * getHeight());
        }
    }
}
