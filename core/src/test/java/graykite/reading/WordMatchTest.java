package graykite.reading;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

class WordMatchTest {
    private static int[] partners(String first, String second) {
        return WordMatch.partners(List.of(first.split(" ")), List.of(second.split(" ")));
    }

    @Test
    void wordsFindTheirPartners() {
        assertArrayEquals(new int[] {0, 1, 2}, partners("the fog bell", "The FOG bell"));
        assertArrayEquals(new int[] {0, 2, 3}, partners("the fog bell", "the old fog bell"));
        assertArrayEquals(new int[] {0, -1, 1}, partners("the fog bell", "the bell"));
        assertArrayEquals(new int[] {0, -1, 2}, partners("the fog bell", "the church bell"));
        assertArrayEquals(new int[] {-1, -1}, partners("fog bell", "up there"));
        assertArrayEquals(new int[] {1, 2, -1, 4}, partners("turn the old boat", "and turn the new boat now"));
        assertArrayEquals(new int[0], WordMatch.partners(List.of(), List.of("a")));
        assertArrayEquals(new int[] {-1}, WordMatch.partners(List.of("a"), List.of()));
    }

    /** As many partners as the longest common sequence has words, worked out the slow way; in order, and the same words. */
    @Property(tries = 300)
    void thereIsNoLongerMatch(
            @ForAll @Size(max = 9) List<Boolean> first,
            @ForAll @Size(max = 9) List<Boolean> second,
            @ForAll @Size(max = 4) List<Boolean> more) {
        List<String> a = words(first, "fog", "bell");
        a.addAll(words(more, "map", "fog"));
        List<String> b = words(second, "Bell", "MAP");
        b.addAll(words(more, "fog", "lamp"));
        int[] partner = WordMatch.partners(a, b);
        int latest = -1;
        int count = 0;
        for (int i = 0; i < partner.length; i++) {
            if (partner[i] >= 0) {
                assertTrue(partner[i] > latest, "in order");
                assertEquals(
                        a.get(i).toLowerCase(Locale.ROOT), b.get(partner[i]).toLowerCase(Locale.ROOT));
                latest = partner[i];
                count++;
            }
        }
        assertEquals(longest(a, b, 0, 0), count);
    }

    private static List<String> words(List<Boolean> which, String one, String other) {
        List<String> words = new ArrayList<>();
        which.forEach(w -> words.add(w ? one : other));
        return words;
    }

    /** By the definition: either both first words go together, or one of them is left out. */
    private static int longest(List<String> a, List<String> b, int i, int j) {
        if (i == a.size() || j == b.size()) {
            return 0;
        }
        if (a.get(i).equalsIgnoreCase(b.get(j))) {
            return 1 + longest(a, b, i + 1, j + 1);
        }
        return Math.max(longest(a, b, i + 1, j), longest(a, b, i, j + 1));
    }

    /** Of lists too long to be compared as a whole, beginnings and ends that are the same still go together. */
    @Test
    void longListsAreMatchedFromBothEnds() {
        List<String> first = new ArrayList<>(Collections.nCopies(6400, "fog"));
        List<String> second = new ArrayList<>(Collections.nCopies(6400, "bell"));
        first.set(0, "boat");
        second.set(0, "boat");
        first.set(6399, "ahead");
        second.set(6399, "ahead");
        first.set(3000, "bell");
        int[] partner = WordMatch.partners(first, second);
        assertEquals(0, partner[0]);
        assertEquals(6399, partner[6399]);
        assertEquals(-1, partner[3000]);
    }
}
