package graykite.picture;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.color.ColorSpace;
import java.io.IOException;
import java.util.Random;
import org.junit.jupiter.api.Test;

class ColourTest {
    /** IEC 61966-2-1, against the colour profiles of the Java platform. */
    @Test
    void linearLightFollowsTheStandard() {
        ColorSpace linear = ColorSpace.getInstance(ColorSpace.CS_LINEAR_RGB);
        for (int level = 0; level <= 255; level += 15) {
            float shown = level / 255f;
            float theirs = linear.fromRGB(new float[] {shown, shown, shown})[0];
            assertEquals(theirs, Colour.srgb(level << 16 | level << 8 | level).red(), 0.002, "level " + level);
        }
        assertEquals(0.0031308, Tone.linear(0.04045), 1e-6, "where the straight piece ends");
        for (double x = 0; x <= 1; x += 0.05) {
            assertEquals(x, Tone.linear(Tone.srgb(x)), 1e-9);
        }
    }

    @Test
    void highlightsRollOffAndNeverTurnBack() {
        int before = -1;
        for (float light = 0; light < 8; light += 0.01f) {
            int level = Tone.pixel(light, light, light) & 0xff;
            assertTrue(level >= before);
            before = level;
        }
        assertEquals(0, Tone.pixel(-1, -1, -1) & 0xffffff, "no light below none");
        assertTrue(before >= 250);
    }

    /** A drawing keeps its colours through the shoulder. */
    @Test
    void whatMustKeepItsColourDoes() {
        for (int level = 0; level <= 245; level += 7) {
            float shown = (float) Tone.linear(level / 255.0);
            float light = Tone.beforeShoulder(shown);
            assertEquals(level, Tone.pixel(light, light, light) & 0xff, 1.5, "level " + level);
        }
    }

    @Test
    void coloursMix() {
        Colour red = Colour.srgb(0xff0000);
        Colour blue = Colour.srgb(0x0000ff);
        assertEquals(new Colour(0.5f, 0, 0.5f), red.mix(blue, 0.5));
        assertEquals(blue, red.mix(blue, 7), "a share is held between none and all");
        assertEquals(0.25f, red.times(0.25).red());
    }

    @Test
    void picturesComeBackFromPng() throws IOException {
        Random random = new Random(9);
        int[] pixels = new int[40 * 30];
        for (int i = 0; i < pixels.length; i++) {
            pixels[i] = 0xff000000 | random.nextInt(0x1000000);
        }
        Picture again = Png.read(Png.bytes(new Picture(40, 30, pixels)));
        assertEquals(40, again.width());
        assertArrayEquals(pixels, again.pixels());
        assertThrows(IOException.class, () -> Png.read(new byte[] {1, 2, 3}));
    }

    @Test
    void texturesKeepTheirHoles() throws IOException {
        int[] pixels = {0xffff0000, 0x00000000, 0xff00ff00, 0xff0000ff};
        Texture texture = new Texture(2, 2, pixels);
        assertTrue(texture.hasHoles());
        assertArrayEquals(pixels, Png.read(Png.bytes(texture)).pixels());
        assertEquals(0, texture.opacity(0.75f, 0.25f));
        assertEquals(255, texture.opacity(0.25f, 0.25f));
        assertEquals(255, texture.opacity(1.25f, 0.25f), "it repeats beyond its edge");
        float[] light = new float[3];
        texture.sample(0.5f, 0.25f, light);
        assertEquals(1, light[0], 0.01, "what is transparent has no colour to mix in");
        assertFalse(new Texture(1, 1, new int[] {0xff123456}).hasHoles());
        assertThrows(IllegalArgumentException.class, () -> new Texture(2, 2, new int[3]));
        assertThrows(IllegalArgumentException.class, () -> new Texture(0, 2, new int[0]));
        assertThrows(IllegalArgumentException.class, () -> new Texture(8193, 1, new int[8193]));
    }

    @Test
    void backdropsFadeOrAreEven() {
        float[] top = new float[3];
        float[] bottom = new float[3];
        for (Backdrop backdrop : Backdrop.SHIPPED) {
            backdrop.light(0, top);
            backdrop.light(1, bottom);
            assertEquals(backdrop.isEven(), top[1] == bottom[1], backdrop.title());
        }
        assertTrue(Backdrop.GREEN.isEven(), "what is keyed out has one colour");
        Backdrop.GREEN.light(0.3f, top);
        assertTrue(top[1] > 4 * Math.max(top[0], top[2]));
    }
}
