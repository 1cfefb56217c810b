package graykite.people.wear;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.geometry.Vec;
import java.util.Arrays;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Strands run from a knot at the back of the head to the border of the hair. */
class StrandsTest {
    private static final Vec MIDDLE = new Vec(0, 0, -12);
    private static final Vec KNOT = new Vec(0, 0, -1);
    private static final int COLUMNS = 120;

    /** A place is told by its turn from the middle of the front and its height on an upright oval of 81 by 97 mm. */
    @ParameterizedTest
    @CsvSource({"0, 0, 97, 0", "-81, 0, 0, 1.5708", "81, 0, 0, -1.5708", "0, 40, 97, 0", "0, -30, -97, 3.1416"})
    void placesAreToldByTurnAndHeight(double x, double y, double z, double turn) {
        HairPlace place = HairPlace.of(MIDDLE, new Vec(x, y, z).unit());
        assertEquals(turn, Math.abs(turn) > 3 ? Math.abs(place.turn()) : place.turn(), 1e-4);
        assertEquals(y, place.height(), 1e-6);
        assertEquals(0, place.from(MIDDLE).minus(new Vec(x, y, z).unit()).length(), 1e-5);
    }

    /** Hair behind the ears, without an upper or a lower end: all strands reach a quarter of the way round. */
    @Test
    void strandsEndAtTheBorder() {
        Strands strands = new Strands(MIDDLE, KNOT, (turn, height) -> Math.abs(turn) > Math.PI / 2, COLUMNS);
        for (int c = 0; c < COLUMNS; c++) {
            assertEquals(Math.PI / 2, strands.borders[c], 1e-5);
            assertEquals(0, strands.at(c, 1).z(), 1e-5);
            assertEquals(1, strands.at(c, 0.3).dot(KNOT) / Math.cos(0.15 * Math.PI), 1e-5);
        }
    }

    /** From one strand to the next it is as far everywhere, by the way along the border and by the angle round the knot together. */
    @Test
    void strandsLieCloseWhereTheBorderIsLong() {
        Strands strands =
                new Strands(MIDDLE, KNOT, (turn, height) -> Math.abs(turn) > Math.PI / 2 && height > -20, COLUMNS);
        double whole = 0;
        double[] apart = new double[COLUMNS - 1];
        for (int c = 0; c + 1 < COLUMNS; c++) {
            double round = strands.rounds[c + 1] - strands.rounds[c];
            assertTrue(round > 0, "in order at " + c);
            apart[c] = round + strands.at(c + 1, 1).minus(strands.at(c, 1)).length();
            whole += apart[c];
            double other = 2 * Math.PI - strands.rounds[(COLUMNS - c) % COLUMNS];
            assertEquals(c == 0 ? 2 * Math.PI : strands.rounds[c], other, 0.02, "alike on both sides at " + c);
        }
        double mean = whole / apart.length;
        long even = Arrays.stream(apart)
                .filter(a -> Math.abs(a - mean) < 0.1 * mean)
                .count();
        assertTrue(even > 0.9 * apart.length, even + " of " + apart.length + "; the others at corners of the border");
        double widest = strands.rounds[1] - strands.rounds[0];
        assertTrue(widest > 1.5 * closest(strands), "above and beside the knot they are not equally close");
    }

    private static double closest(Strands strands) {
        double closest = Math.PI;
        for (int c = 1; c < COLUMNS; c++) {
            closest = Math.min(closest, strands.rounds[c] - strands.rounds[c - 1]);
        }
        return closest;
    }
}
