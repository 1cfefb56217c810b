package graykite.picture;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.geometry.Vec;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class LightingTest {
    private static final Material GLASS = new Material("glass", 0.12f, 0.9f, 0.3f, 0, false);
    private static final Material CHALK = new Material("chalk", 0.9f, 0, 0, 0, true);

    /** A ball of 30 mm round the origin. */
    private static Surface ball(Material material) {
        int rows = 40;
        int columns = 60;
        float[] p = new float[3 * (rows + 1) * columns];
        float[] colours = new float[p.length];
        int[] triangles = new int[6 * rows * columns];
        for (int r = 0; r <= rows; r++) {
            for (int c = 0; c < columns; c++) {
                double polar = Math.PI * r / rows;
                double turn = 2 * Math.PI * c / columns;
                int at = 3 * (r * columns + c);
                p[at] = (float) (30 * Math.sin(polar) * Math.sin(turn));
                p[at + 1] = (float) (30 * Math.cos(polar));
                p[at + 2] = (float) (30 * Math.sin(polar) * Math.cos(turn));
                colours[at] = 0.2f;
                colours[at + 1] = 0.2f;
                colours[at + 2] = 0.2f;
            }
        }
        int t = 0;
        for (int r = 0; r < rows; r++) {
            for (int c = 0; c < columns; c++) {
                int a = r * columns + c;
                int b = r * columns + (c + 1) % columns;
                for (int v : new int[] {a, a + columns, b, b, a + columns, b + columns}) {
                    triangles[t++] = v;
                }
            }
        }
        float[] normals = new float[p.length];
        for (int i = 0; i < p.length; i++) {
            normals[i] = p[i] / 30;
        }
        return new Surface(p, normals, colours, triangles, material);
    }

    private static int[] brightest(Lighting lighting) {
        Renderer renderer = new Renderer();
        renderer.setLighting(lighting);
        Picture picture = renderer.draw(List.of(ball(GLASS)), new Camera(Vec.ZERO, 0, 0, 5000, 100), 200, 200);
        int best = -1;
        int[] at = {0, 0};
        for (int i = 0; i < 200 * 200; i++) {
            int value = (picture.pixels()[i] >> 16 & 255) + (picture.pixels()[i] >> 8 & 255);
            if (value > best) {
                best = value;
                at = new int[] {i % 200 - 100, 100 - i / 200};
            }
        }
        return at;
    }

    /**
     * Optics: on a ball the glint of a far light is where the normal halves the angle between the light and the eye; from
     * straight ahead that is half the light's angle from the axis.
     */
    @ParameterizedTest
    @ValueSource(strings = {"day,-40,0", "day,50,0", "day,0,60", "day,0,-50", "lamp,30,20"})
    void theGlintFollowsTheKeyLight(String text) {
        Lighting lighting = Lighting.of(text);
        Vec half = lighting.key(new Camera(Vec.ZERO, 0, 0, 5000, 100))
                .plus(new Vec(0, 0, 1))
                .unit();
        int[] glint = brightest(lighting);
        assertEquals(60 * half.x(), glint[0], 3, "60 pixels from the middle to the edge of the ball");
        assertEquals(60 * half.y(), glint[1], 3);
    }

    /** Blood under skin: in the shade it is redder than chalk of the same colour, in full light the two are alike. */
    @Test
    void skinIsRedderInTheShade() {
        Material skin = new Material("skin", 0.9f, 0, 0, 1, true);
        double[] shade = {redness(skin, 60), redness(CHALK, 60)};
        assertEquals(1.1, shade[0] / shade[1], 0.05);
        assertEquals(1, redness(skin, 145) / redness(CHALK, 145), 0.02);
    }

    /** Red by green of a ball that is lit from the right, so far from the left of the picture. */
    private static double redness(Material material, int x) {
        Renderer renderer = new Renderer();
        renderer.setLighting(new Lighting(Lighting.Mood.DAY, 60, 10));
        int pixel = renderer.draw(List.of(ball(material)), new Camera(Vec.ZERO, 0, 0, 5000, 100), 200, 200)
                .pixels()[100 * 200 + x];
        return (pixel >> 16 & 255) / (double) (pixel >> 8 & 255);
    }

    /** From the right, the right of a ball is lit and its left is not; in fog there is little between them. */
    @ParameterizedTest
    @EnumSource(Lighting.Mood.class)
    void theSideOfTheLightIsBright(Lighting.Mood mood) {
        Renderer renderer = new Renderer();
        renderer.setLighting(new Lighting(mood, 60, 10));
        int[] pixels = renderer.draw(List.of(ball(CHALK)), new Camera(Vec.ZERO, 0, 0, 5000, 100), 200, 200)
                .pixels();
        int lit = pixels[100 * 200 + 140] >> 8 & 255;
        int dark = pixels[100 * 200 + 60] >> 8 & 255;
        assertTrue(lit > dark, mood + ": " + lit + " and " + dark);
        assertEquals(mood == Lighting.Mood.FOG, lit < 1.45 * dark, mood + ": " + lit + " and " + dark);
    }

    @Test
    void whatIsWrittenIsRead() {
        SplittableRandom random = new SplittableRandom(3);
        for (int i = 0; i < 50; i++) {
            Lighting lighting = new Lighting(
                    Lighting.Mood.values()[random.nextInt(3)],
                    random.nextInt(-170, 171) / 2.0,
                    random.nextInt(-85, 86));
            assertEquals(lighting, Lighting.of(lighting.text()));
        }
        assertEquals(Lighting.USUAL.withMood(Lighting.Mood.LAMP), Lighting.of(" LAMP "));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "moon", "day,1", "day,1,2,3", "day,left,2", "day,90,0", "day,NaN,0"})
    void lightsThatAreNone(String text) {
        assertThrows(IllegalArgumentException.class, () -> Lighting.of(text));
    }

    @Test
    void aTurnEndsBeforeTheFace() {
        Lighting turned = Lighting.USUAL.from(300, -300);
        assertEquals(Lighting.WIDEST, turned.yaw());
        assertEquals(-Lighting.WIDEST, turned.pitch());
    }

    @Test
    void backdropsHaveWords() {
        for (Backdrop backdrop : Backdrop.SHIPPED) {
            assertEquals(backdrop, Backdrop.of(backdrop.word().toUpperCase()));
        }
        Backdrop own = Backdrop.of("#4A5560");
        assertTrue(own.isEven());
        assertEquals(own, Backdrop.even(0x4A5560));
        assertFalse(Backdrop.FELT.isEven());
        assertThrows(IllegalArgumentException.class, () -> Backdrop.of("#4A556"));
        assertThrows(IllegalArgumentException.class, () -> Backdrop.of("sky"));
        Renderer renderer = new Renderer();
        renderer.dress(Dressing.USUAL.before(own));
        int pixel = renderer.draw(List.of(), Camera.FRONT, 4, 4).pixels()[5];
        // A colour is shown as it was asked for, within one step of 255 (the sRGB curve, IEC 61966-2-1).
        for (int shift = 0; shift < 24; shift += 8) {
            assertEquals(0x4A5560 >> shift & 255, pixel >> shift & 255, 1);
        }
    }
}
