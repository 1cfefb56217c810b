package graykite.picture;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.geometry.Vec;
import java.util.List;
import org.junit.jupiter.api.Test;

/** The shadow of a square card, 80 mm a side, 40 mm before a wall that the light falls on straight. */
class ShadowMapTest {
    private static ShadowMap shadows() {
        float[] corners = {-40, -40, 40, 40, -40, 40, 40, 40, 40, -40, 40, 40};
        Material card = new Material("card", 0.8f, 0, 0, 0, true);
        Surface surface = new Surface(
                corners,
                new float[] {0, 0, 1, 0, 0, 1, 0, 0, 1, 0, 0, 1},
                new float[12],
                new int[] {0, 1, 2, 0, 2, 3},
                card);
        ShadowMap shadows = new ShadowMap();
        shadows.draw(List.of(surface), new Vec(0, 0, 1));
        return shadows;
    }

    @Test
    void behindTheCardItIsDarkAndBesideItLight() {
        ShadowMap shadows = shadows();
        for (float away = -25; away <= 25; away += 5) {
            assertEquals(0, shadows.lit(away, -away, 0), 1e-6);
            assertEquals(1, shadows.lit(65, away, 0), 1e-6);
            assertEquals(1, shadows.lit(away, -65, 0), 1e-6);
            assertEquals(1, shadows.lit(away, away, 50), 1e-6, "before the card");
        }
    }

    /** The edge is broader than three vertices of a skin, which lie 4 mm apart, and rises without a jump: a line of teeth otherwise. */
    @Test
    void itsEdgeIsSoft() {
        ShadowMap shadows = shadows();
        float last = 0;
        float begins = 0;
        float ends = 0;
        for (float x = 20; x < 60; x += 0.25f) {
            float lit = shadows.lit(x, 3, 0);
            assertTrue(lit >= last - 1e-6 && lit - last < 0.06, "from " + last + " to " + lit + " at " + x);
            begins = lit < 0.05 ? x : begins;
            ends = lit < 0.95 ? x : ends;
            last = lit;
        }
        assertEquals(16, ends - begins, 3);
        assertEquals(40, (begins + ends) / 2, 1.5, "about the edge of the card");
    }
}
