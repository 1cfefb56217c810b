package graykite.studio.view;

import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;

class PaceTest {
    private final Pace pace = new Pace();

    @Test
    void movementsAreDrawnQuicklyWhereCareTakesTooLong() {
        assertFalse(pace.quick(1), "the first picture");
        pace.took(false, 0.02);
        assertTrue(pace.quick(1.02));
        pace.took(true, 0.013);
        assertTrue(pace.quick(1.04));
        assertFalse(pace.quick(1.5), "nothing moved for half a second");
    }

    @Test
    void aFastMachineAlwaysDrawsWithCare() {
        pace.quick(1);
        pace.took(false, 0.004);
        assertFalse(pace.quick(1.01));
    }

    /** The first pictures after the start are slow everywhere; later ones, quick as they are, tell what care would take. */
    @Test
    void aMachineThatHasWarmedUpDrawsWithCareAgain() {
        pace.quick(0);
        pace.took(false, 0.2);
        int quick = 0;
        for (int i = 1; i < 120 && pace.quick(i / 60.0); i++) {
            pace.took(true, 0.003);
            quick++;
        }
        assertTrue(quick > 10 && quick < 100, quick + " quick pictures");
    }
}
