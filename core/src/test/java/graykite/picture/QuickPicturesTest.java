package graykite.picture;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.format.character.Cast;
import graykite.geometry.Vec;
import graykite.rig.Character;
import graykite.rig.Deformer;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Pictures that others follow at once are drawn with one point a pixel and softened outlines. */
class QuickPicturesTest {
    private static final int SIZE = 320;

    private static List<Surface> face(String name, String pose) {
        Character who = Cast.byName(name);
        return new Deformer(who).deform(who.values(who.poses().get(pose)));
    }

    private static int[] drawn(Renderer renderer, List<Surface> surfaces, boolean quick) {
        renderer.setQuick(quick);
        return renderer.draw(surfaces, Camera.FRONT, SIZE, SIZE).pixels();
    }

    /** The same face: on the mean a level beside the careful picture, and few pixels by a fifth of the range (measured at most 0.99 levels and 0.5 %). */
    @ParameterizedTest
    @ValueSource(strings = {"odile", "pim", "brine"})
    void aQuickPictureIsNearTheCarefulOne(String name) {
        List<Surface> face = face(name, "Ah");
        int[] careful = drawn(new Renderer(), face, false);
        int[] quick = drawn(new Renderer(), face, true);
        long sum = 0;
        int far = 0;
        for (int i = 0; i < quick.length; i++) {
            int off = Math.abs((quick[i] >> 8 & 255) - (careful[i] >> 8 & 255));
            sum += off;
            far += off > 50 ? 1 : 0;
        }
        assertTrue(sum < 1.1 * quick.length, sum / (double) quick.length + " levels");
        assertTrue(far < 0.006 * quick.length, far + " pixels");
    }

    /** What was drawn quickly before leaves nothing behind in the next careful picture. */
    @Test
    void careIsTheSameAfterHaste() {
        Renderer renderer = new Renderer();
        int[] first = drawn(renderer, face("odile", "Ah"), false);
        drawn(renderer, face("odile", "Rest"), true);
        drawn(renderer, face("pim", "Oo"), true);
        drawn(renderer, face("odile", "Rest"), true);
        assertArrayEquals(first, drawn(renderer, face("odile", "Ah"), false));
    }

    @Test
    void anEdgeIsSoftened() {
        Softening softening = new Softening();
        softening.begin(1);
        // Four columns and three rows; the two pixels beside the border of black and white in the middle row.
        int black = 0xff000000;
        int white = 0xffffffff;
        int[] pixels = {black, black, white, white, black, black, white, white, black, black, white, white};
        softening.mark(0, 0b110, 4);
        softening.soften(1, pixels, 4, 3);
        assertEquals(0xff202020, pixels[5], "an eighth of the light comes from the white neighbour");
        assertEquals(0xffdfdfdf, pixels[6]);
        assertEquals(black, pixels[4]);
        assertEquals(white, pixels[2]);
    }

    /** At the rim of a picture a pixel stands in for the neighbours that it lacks. */
    @Test
    void theRimIsSoftenedToo() {
        Softening softening = new Softening();
        softening.begin(1);
        int[] pixels = {0x80ffffff, 0x80ffffff, 0x80ffffff, 0x80ffffff};
        softening.mark(0, 0b1111, 0);
        softening.soften(1, pixels, 2, 2);
        assertArrayEquals(new int[] {0x80ffffff, 0x80ffffff, 0x80ffffff, 0x80ffffff}, pixels);
    }

    /** Shadows serve one more picture of the same people in the same light, and no further. */
    @Test
    void shadowsServeTwice() {
        List<Surface> face = face("odile", "Ah");
        Vec light = Lighting.USUAL.key(Camera.FRONT);
        ShadowMap shadows = new ShadowMap();
        assertFalse(shadows.lastOnceMore(face, light), "nothing was cast yet");
        shadows.draw(face, light);
        assertTrue(shadows.lastOnceMore(face, light));
        assertFalse(shadows.lastOnceMore(face, light));
        shadows.draw(face, light);
        assertFalse(shadows.lastOnceMore(face, new Vec(0, 1, 0)), "another light");
        shadows.draw(face, light);
        assertFalse(shadows.lastOnceMore(face("pim", "Ah"), light), "somebody else");
    }
}
