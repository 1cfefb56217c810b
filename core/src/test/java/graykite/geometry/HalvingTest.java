package graykite.geometry;

import static org.junit.jupiter.api.Assertions.assertEquals;

import org.junit.jupiter.api.Test;

class HalvingTest {
    @Test
    void itFindsWhereSomethingEnds() {
        assertEquals(Math.sqrt(2), Halving.between(0, 100, x -> x * x < 2), 1e-5);
        assertEquals(-3, Halving.between(50, -50, x -> x > -3), 1e-5, "downwards too");
    }

    @Test
    void whatNeverEndsOrNeverBeginsGivesTheEnd() {
        assertEquals(8, Halving.between(4, 8, x -> true), 1e-5);
        assertEquals(4, Halving.between(4, 8, x -> false), 1e-5);
    }
}
