package graykite.bench;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.function.DoubleUnaryOperator;
import org.junit.jupiter.api.Test;

/** When lips count as shut about the end of a word, with lips that were made to shut at known times. */
class ShutMouthsTest {
    private static final double STEP = 0.005;

    /** Lips that are 6 mm apart until a time, then shut within a tenth of a second. */
    private static DoubleUnaryOperator shutFrom(double time) {
        return t -> Math.clamp(6 * (1 - (t - time) / 0.1), 0, 6);
    }

    /** 5.5 of 6 mm are gone after 92 ms. */
    @Test
    void lipsThatShutAfterTheWord() {
        assertEquals(0.112, ShutMouths.shut(shutFrom(1.02), 0.5, 1, 1.3), STEP);
        assertEquals(0.002, ShutMouths.shut(shutFrom(0.91), 0.5, 1, 1.3), STEP, "just at its end");
    }

    @Test
    void lipsThatShutBeforeItHasEnded() {
        assertEquals(-0.108, ShutMouths.shut(shutFrom(0.8), 0.5, 1, 1.3), STEP);
        assertEquals(-0.5, ShutMouths.shut(t -> 0.2, 0.5, 1, 1.3), STEP, "that were shut all through it");
    }

    @Test
    void lipsThatStayApart() {
        assertEquals(Double.POSITIVE_INFINITY, ShutMouths.shut(t -> 3, 0.5, 1, 1.3));
        assertEquals(Double.POSITIVE_INFINITY, ShutMouths.shut(shutFrom(1.25), 0.5, 1, 1.3), "until the next word");
    }

    /** A p in the middle of a word, and an opening for the next one, are not its end. */
    @Test
    void whatLiesElsewhereDoesNotCount() {
        DoubleUnaryOperator lips = t -> t > 0.6 && t < 0.7 || t > 1.1 && t < 1.2 ? 0 : 4;
        assertEquals(0.1, ShutMouths.shut(lips, 0.5, 1, 1.3), STEP);
    }
}
