package graykite.base;

import static org.junit.jupiter.api.Assertions.assertEquals;

import org.junit.jupiter.api.Test;

/** What figures of words and phones rest on. */
class EditDistanceTest {
    private static int letters(String a, String b) {
        return EditDistance.between(
                a.chars().boxed().toList(), b.chars().boxed().toList(), letter -> Character.toLowerCase(letter));
    }

    /** "kitten" to "sitting" is the usual example: two letters changed, one added. */
    @Test
    void countsWhatIsChangedLeftOutAndAdded() {
        assertEquals(3, letters("kitten", "sitting"));
        assertEquals(3, letters("sitting", "kitten"));
        assertEquals(0, letters("Kite", "kITE"));
        assertEquals(4, letters("", "kite"));
        assertEquals(0, letters("", ""));
    }
}
