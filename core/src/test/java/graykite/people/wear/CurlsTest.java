package graykite.people.wear;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.geometry.Vec;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Curls lie close together all over the head, of one size everywhere. */
class CurlsTest {
    private static final Curls CURLS = new Curls(3);

    /** Half the length of a head, so that angles are told in millimetres. */
    private static final double HEAD = 85;

    /** A place of a level circle round the head. @param up 0 for the widest one, 1 for the crown */
    private static Vec place(double up, double turn) {
        double around = Math.sqrt(1 - up * up);
        return new Vec(around * Math.cos(turn), up, around * Math.sin(turn));
    }

    /** Going round the head a groove is crossed every 6 to 12 mm, at any height. */
    @ParameterizedTest
    @ValueSource(doubles = {-0.5, 0, 0.4, 0.8, 0.95})
    void curlsAreOfOneSize(double up) {
        double length = 2 * Math.PI * HEAD * Math.sqrt(1 - up * up);
        int grooves = 0;
        boolean deep = CURLS.at(place(up, 0)) < 0.4;
        for (double mm = 0; mm < length; mm += 0.1) {
            boolean now = CURLS.at(place(up, 2 * Math.PI * mm / length)) < 0.4;
            grooves += now && !deep ? 1 : 0;
            deep = now;
        }
        double apart = length / grooves;
        assertTrue(apart > 6 && apart < 12, "at " + up + " every " + apart + " mm");
    }

    /** Most of the hair is curl, some of it groove, and no curl stands out like a spike. */
    @Test
    void groovesAreNarrow() {
        int deep = 0;
        double highest = 0;
        int places = 0;
        for (double up = -0.9; up < 0.95; up += 0.02) {
            for (double turn = 0; turn < 2 * Math.PI; turn += 0.05) {
                double height = CURLS.at(place(up, turn));
                assertTrue(height > -0.01, "under the ground at " + up + ", " + turn);
                highest = Math.max(highest, height);
                deep += height < 0.4 ? 1 : 0;
                places++;
            }
        }
        double share = deep / (double) places;
        assertTrue(share > 0.1 && share < 0.4, "grooves are " + share + " of all");
        assertTrue(highest > 1 && highest < 1.6, "the highest curl is " + highest);
    }

    /** The same seed makes the same hair. */
    @Test
    void patternsRepeat() {
        Vec somewhere = place(0.3, 1.1);
        assertEquals(CURLS.at(somewhere), new Curls(3).at(somewhere));
        assertTrue(CURLS.at(somewhere) != new Curls(4).at(somewhere));
    }
}
