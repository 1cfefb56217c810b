package graykite.hearing;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNull;

import java.util.HashMap;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** The table of phones in context holds what a map of the library would. */
class TriphonesTest {
    @Test
    void holdsWhatAMapHoldsAndGrows() {
        Triphones table = new Triphones(4);
        Map<Long, int[]> map = new HashMap<>();
        Random random = new Random(3);
        for (int i = 0; i < 20_000; i++) {
            // Keys come in runs that differ in few bits, and again.
            long key =
                    (long) random.nextInt(40) << 34 | (long) random.nextInt(40) << 20 | random.nextInt(40) << 6 | i & 3;
            int[] states = {random.nextInt(5000), random.nextInt(5000), random.nextInt(5000)};
            table.put(key, states[0], states[1], states[2]);
            map.put(key, states);
        }
        map.forEach((key, states) -> assertArrayEquals(states, table.get(key)));
        for (long absent = 1L << 50; absent < (1L << 50) + 1000; absent++) {
            assertNull(table.get(absent));
        }
        int[] count = {0};
        table.forEachState((key, state) -> count[0]++);
        assertEquals(3 * map.size(), count[0]);
    }
}
