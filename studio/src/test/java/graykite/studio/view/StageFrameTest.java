package graykite.studio.view;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import javafx.geometry.Rectangle2D;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class StageFrameTest {
    /** The largest picture of its shape that fits, in the middle. */
    @ParameterizedTest
    @CsvSource({
        "WIDE, 640, 480, 0, 60, 640, 360",
        "TALL, 640, 480, 185, 0, 270, 480",
        "SQUARE, 640, 480, 80, 0, 480, 480"
    })
    void fits(StageFrame.Ratio ratio, double width, double height, double x, double y, double w, double h) {
        Rectangle2D frame = StageFrame.frame(ratio, width, height).orElseThrow();
        assertEquals(new Rectangle2D(x, y, w, h), frame);
    }

    @ParameterizedTest
    @EnumSource
    void staysOnTheStage(StageFrame.Ratio ratio) {
        Rectangle2D stage = new Rectangle2D(0, 0, 333, 517);
        StageFrame.frame(ratio, 333, 517).ifPresent(f -> {
            assertTrue(stage.contains(f));
            assertEquals(ratio.aspect, f.getWidth() / f.getHeight(), 1e-9);
        });
        assertTrue(StageFrame.frame(ratio, 0, 0).isEmpty());
    }
}
