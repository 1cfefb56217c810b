package graykite.bench;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;

class EveryTest {
    private static final List<Integer> ALL = List.of(0, 1, 2, 3, 4, 5, 6, 7);

    @Test
    void eachSoAndSoManiethFromOneOn() {
        assertEquals(List.of(0, 3, 6), new Every(3, 0).of(ALL));
        assertEquals(List.of(4, 7), new Every(3, 4).of(ALL));
        assertEquals(List.of(), new Every(1, 8).of(ALL));
        assertEquals(List.of(), new Every(2, 0).of(List.of()));
    }

    /** What begins at another place shares nothing with it, and all together are all. */
    @Test
    void thoseThatBeginElsewhereAreOthers() {
        TreeSet<Integer> all = new TreeSet<>();
        for (int first = 0; first < 3; first++) {
            for (int one : new Every(3, first).of(ALL)) {
                assertTrue(all.add(one), one + " is met once");
            }
        }
        assertEquals(new TreeSet<>(ALL), all);
    }

    @Test
    void asACommandSaysIt() {
        assertEquals(new Every(6, 0), Every.said(new String[] {"doubts", "folder"}, 2, 6));
        assertEquals(new Every(8, 0), Every.said(new String[] {"doubts", "folder", "8"}, 2, 6));
        assertEquals(new Every(8, 2), Every.said(new String[] {"doubts", "folder", "8", "2"}, 2, 6));
        assertThrows(IllegalArgumentException.class, () -> new Every(0, 0));
        assertThrows(IllegalArgumentException.class, () -> new Every(1, -1));
    }
}
