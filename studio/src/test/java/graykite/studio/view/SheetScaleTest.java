package graykite.studio.view;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Random;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

class SheetScaleTest {
    private final SheetScale scale = new SheetScale();

    @BeforeEach
    void tenSecondsInAThousandPixels() {
        scale.room(SheetRow.GUTTER + 1016, 10);
        scale.fit();
    }

    @Test
    void fitShowsAll() {
        assertEquals(100, scale.pixelsASecond(), 1e-9);
        assertEquals(SheetRow.GUTTER, scale.xOf(0), 1e-9);
        assertFalse(scale.outside(0, 0.1));
        assertFalse(scale.outside(9.9, 10));
    }

    @Test
    void pixelsAndTimesAreInverse() {
        scale.zoom(7.3, 400);
        for (double x = SheetRow.GUTTER; x < 1000; x += 37) {
            assertEquals(x, scale.xOf(scale.timeAt(x)), 1e-9);
        }
    }

    /** The time under the pointer stays there, wherever one zooms in. */
    @Test
    void zoomKeepsTheTimeUnderThePointer() {
        Random random = new Random(4);
        for (int i = 0; i < 200; i++) {
            double x = SheetRow.GUTTER + random.nextDouble() * 1000;
            double time = scale.timeAt(x);
            scale.zoom(1.5, x);
            if (scale.pixelsASecond() < 400_000) {
                assertEquals(time, scale.timeAt(x), 0.02, "zoom " + i);
            }
            scale.zoom(1 / 1.3, x);
        }
    }

    @Test
    void neverLeavesTheLine() {
        scale.zoom(10, 500);
        scale.scrollBy(-1e9);
        assertEquals(0, scale.start());
        scale.scrollBy(1e9);
        assertTrue(scale.start() + scale.visibleSeconds() <= 10 + 0.2);
        assertTrue(scale.outside(0, 1));
        scale.zoom(1e-9, 500);
        assertEquals(100, scale.pixelsASecond(), 1e-9);
        scale.zoom(1e9, 500);
        assertEquals(400_000, scale.pixelsASecond(), 1e-9);
    }

    @Test
    void twoHoursFitAndSingleSamplesComeApart() {
        scale.room(SheetRow.GUTTER + 1016, 7200);
        scale.fit();
        assertFalse(scale.outside(7199, 7200));
        assertTrue(scale.xOf(7200) <= SheetRow.GUTTER + 1016);
        for (int i = 0; i < 60; i++) {
            scale.zoom(2, 500);
        }
        assertTrue(scale.xOf(3600 + 1 / 48_000.0) - scale.xOf(3600) > 6);
    }

    /** In a scene others speak before the line: there is time before 0, and what is seen stays when the clock changes. */
    @Test
    void timeBeforeTheLine() {
        SheetScale scale = new SheetScale();
        scale.room(1076, -4, 6);
        scale.fit();
        assertEquals(SheetRow.GUTTER, scale.xOf(-4), 1e-9);
        double third = scale.xOf(2);
        scale.shiftBy(-1.5);
        assertEquals(third, scale.xOf(0.5), 1e-9);
        scale.startAt(-99);
        assertEquals(-5.5, scale.start(), 1e-9);
    }
}
