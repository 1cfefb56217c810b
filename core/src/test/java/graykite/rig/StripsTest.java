package graykite.rig;

import static org.junit.jupiter.api.Assertions.assertEquals;

import org.junit.jupiter.api.Test;

class StripsTest {
    private final Strips strips = new Strips(14);

    @Test
    void everyPlaceLiesInOneStripAndWhatIsBeyondInNone() {
        assertEquals(14, strips.count());
        assertEquals(0, strips.at(-14));
        assertEquals(0, strips.at(-12.01));
        assertEquals(1, strips.at(-12));
        assertEquals(7, strips.at(0));
        assertEquals(13, strips.at(13.99));
        assertEquals(-1, strips.at(14));
        assertEquals(-1, strips.at(-14.01));
    }
}
