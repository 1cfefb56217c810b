package graykite.picture;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.geometry.Vec;
import graykite.rig.Deformer;
import graykite.rig.Figures;
import java.io.IOException;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;

class RendererTest {
    private static final Material CHALK = new Material("chalk", 0.9f, 0, 0, 0, true);

    /** A square that faces the camera, so many millimetres wide, at a depth. */
    private static Surface square(double half, double z, float red, float green) {
        float h = (float) half;
        float d = (float) z;
        float[] p = {-h, -h, d, h, -h, d, h, h, d, -h, h, d};
        float[] n = {0, 0, 1, 0, 0, 1, 0, 0, 1, 0, 0, 1};
        float[] c = {red, green, 0, red, green, 0, red, green, 0, red, green, 0};
        return new Surface(p, n, c, new int[] {0, 1, 2, 0, 2, 3}, CHALK);
    }

    private static Camera straight(double height) {
        return new Camera(Vec.ZERO, 0, 0, 1400, height);
    }

    /** A clear picture is seen through where nobody stands; its edges are half there, with colours to match. */
    @Test
    void aClearPictureIsSeenThrough() {
        Renderer renderer = new Renderer();
        renderer.setClear(true);
        int[] pixels = new int[101 * 101];
        renderer.draw(List.of(square(30, 0, 0.8f, 0.1f)), straight(101), 101, 101, pixels);
        assertEquals(0, pixels[0], "nothing in the corner");
        assertEquals(255, pixels[50 * 101 + 50] >>> 24);
        int soft = 0;
        for (int pixel : pixels) {
            int alpha = pixel >>> 24;
            soft += alpha > 0 && alpha < 255 ? 1 : 0;
            assertTrue((pixel >> 16 & 255) <= alpha && (pixel & 255) <= alpha, "premultiplied");
        }
        assertTrue(soft > 20, soft + " pixels at its edge");
    }

    private static int coloured(Picture picture) {
        int count = 0;
        for (int pixel : picture.pixels()) {
            count += (pixel & 0xff) < 20 ? 1 : 0;
        }
        return count;
    }

    /** Geometry: a square of 50 mm in a view of 100 mm covers a quarter of the picture. */
    @Test
    void sizeIsExact() {
        Picture picture = new Renderer().draw(List.of(square(25, 0, 0.8f, 0.1f)), straight(100), 200, 200);
        assertEquals(100 * 100, coloured(picture), 250);
    }

    @Test
    void nearHidesFar() {
        List<Surface> both = List.of(square(20, 10, 0.8f, 0), square(20, -10, 0, 0.8f));
        for (List<Surface> order : List.of(both, both.reversed())) {
            Picture picture = new Renderer().draw(order, straight(100), 100, 100);
            int middle = picture.pixels()[50 * 100 + 50];
            assertTrue((middle >> 16 & 0xff) > 100 && (middle >> 8 & 0xff) < 40, Integer.toHexString(middle));
        }
    }

    /** The even green is one colour everywhere, so that it can be keyed; the others darken towards the floor. */
    @Test
    void backdrops() {
        Renderer renderer = new Renderer();
        for (Backdrop backdrop : Backdrop.SHIPPED) {
            renderer.setBackdrop(backdrop);
            int[] pixels = renderer.draw(List.of(), straight(100), 40, 40).pixels();
            int top = pixels[0] >> 8 & 0xff;
            int bottom = pixels[39 * 40] >> 8 & 0xff;
            assertTrue(backdrop.isEven() ? top == bottom : top > bottom + 5, backdrop + " " + top + " " + bottom);
            long colours = Arrays.stream(pixels).distinct().count();
            assertEquals(backdrop.isEven(), colours == 1);
        }
    }

    @Test
    void backsAreNotDrawn() {
        Surface front = square(20, 0, 0.8f, 0);
        Surface back =
                new Surface(front.positions(), front.normals(), front.colours(), new int[] {0, 2, 1, 0, 3, 2}, CHALK);
        assertEquals(0, coloured(new Renderer().draw(List.of(back), straight(100), 80, 80)));
    }

    /** Antialiasing: an edge that crosses pixels leaves more than two levels along it. */
    @Test
    void edgesAreSmooth() {
        Surface tilted = square(25, 0, 0.9f, 0.9f);
        Camera rolled = new Camera(Vec.ZERO, 30, 17, 1400, 100);
        Picture picture = new Renderer().draw(List.of(tilted), rolled, 100, 100);
        long levels =
                Arrays.stream(picture.pixels()).map(p -> p & 0xff).distinct().count();
        assertTrue(levels > 12, levels + " levels");
    }

    @Test
    void sameInputSamePicture() {
        Deformer deformer = new Deformer(Figures.ODILE);
        List<Surface> face = deformer.deform(new double[Figures.ODILE.channels().size()]);
        Renderer renderer = new Renderer();
        Picture first = renderer.draw(face, Camera.FRONT, 160, 160);
        renderer.draw(face, Camera.PROFILE, 90, 140);
        Picture again = renderer.draw(face, Camera.FRONT, 160, 160);
        assertArrayEquals(first.pixels(), again.pixels());
    }

    @Test
    void pngComesBack() throws Exception {
        Picture picture = new Renderer().draw(List.of(square(25, 0, 0.5f, 0.2f)), straight(100), 61, 37);
        Picture back = Png.read(Png.bytes(picture));
        assertArrayEquals(picture.pixels(), back.pixels());
        assertThrows(IOException.class, () -> Png.read(new byte[] {1, 2, 3}));
    }

    @Test
    void camerasKeepToSense() {
        assertEquals(80, straight(100).orbited(0, 500).pitch());
        assertEquals(40, straight(100).zoomed(0.001).height());
        assertEquals(5, straight(100).panned(5, 0).target().x(), 1e-9);
        assertThrows(IllegalArgumentException.class, () -> new Renderer().draw(List.of(), straight(10), 0, 5));
    }
}
