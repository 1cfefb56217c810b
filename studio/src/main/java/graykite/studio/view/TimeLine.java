package graykite.studio.view;

import java.util.function.DoubleUnaryOperator;
import javafx.scene.canvas.GraphicsContext;

/** Draws how a value goes over the visible time, as one line; its colour and width are those that are set. */
final class TimeLine {
    /** Pixels from one point to the next. */
    private static final double STEP = 2;

    private TimeLine() {}

    /**
     * @param duration seconds after which there is no value, as there is none before 0
     * @param y by time in seconds, in pixels
     */
    static void draw(GraphicsContext g, SheetScale scale, double width, double duration, DoubleUnaryOperator y) {
        g.beginPath();
        boolean begun = false;
        for (double x = SheetRow.GUTTER; x < width; x += STEP) {
            double time = scale.timeAt(x);
            if (time < 0 || time > duration) {
                continue;
            }
            if (begun) {
                g.lineTo(x, y.applyAsDouble(time));
            } else {
                g.moveTo(x, y.applyAsDouble(time));
                begun = true;
            }
        }
        g.stroke();
    }
}
