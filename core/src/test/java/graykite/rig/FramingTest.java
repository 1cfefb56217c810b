package graykite.rig;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.format.character.Cast;
import graykite.geometry.Vec;
import graykite.people.face.PictureFigure;
import graykite.picture.Camera;
import graykite.picture.SurfacePick;
import graykite.picture.Texture;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FramingTest {
    private static Character portrait(int width, int height) {
        int[] pixels = new int[width * height];
        Arrays.fill(pixels, 0xff808080);
        return PictureFigure.of("Portrait", new Texture(width, height, pixels), PictureFigure.usual(width, height));
    }

    private static Part sheet(Character character) {
        return character.parts().stream()
                .filter(p -> p.name().equals("picture"))
                .findFirst()
                .orElseThrow();
    }

    /** The edges of the picture in a view, in shares of its height and width: left, right, top, bottom. */
    private static double[] edges(Character character, Camera camera, double aspect) {
        double[] edges = {9, -9, 9, -9};
        float[] p = sheet(character).positions();
        for (int i = 0; i < p.length; i += 3) {
            double[] at = SurfacePick.seen(new Vec(p[i], p[i + 1], 0), camera, aspect, 1);
            edges[0] = Math.min(edges[0], at[0] / aspect);
            edges[1] = Math.max(edges[1], at[0] / aspect);
            edges[2] = Math.min(edges[2], at[1]);
            edges[3] = Math.max(edges[3], at[1]);
        }
        return edges;
    }

    /** Seen whole, a picture fills the view from edge to edge, whichever way round it is. */
    @ParameterizedTest
    @CsvSource({"300, 300, 1.8", "240, 360, 1.8", "400, 260, 1.2", "200, 200, 0.7"})
    void aPictureFillsTheView(int width, int height, double aspect) {
        Character flat = portrait(width, height);
        Camera camera = Framing.of(flat).of(new Camera(Camera.FRONT.target(), 0, 0, 1400, 352), aspect);
        double[] edges = edges(flat, camera, aspect);
        boolean upright = width / (double) height < aspect;
        double from = upright ? edges[2] : edges[0];
        double to = upright ? edges[3] : edges[1];
        assertEquals(0, from, 0.035);
        assertEquals(1, to, 0.035);
        assertTrue(
                edges[0] > -0.05 && edges[1] < 1.05 && edges[2] > -0.05 && edges[3] < 1.05, "and nothing is cut off");
    }

    @Test
    void theMouthStaysAsNearAsAnyOther() {
        Character flat = portrait(300, 300);
        assertEquals(Camera.MOUTH, Framing.of(flat).of(Camera.MOUTH, 1.5));
    }

    @Test
    void zoomingNeverJumps() {
        Framing framing = Framing.of(portrait(240, 360));
        double before = 0;
        for (double height = 60; height < 500; height += 1) {
            Camera seen = framing.of(new Camera(Camera.FRONT.target(), 0, 0, 1400, height), 1.5);
            assertTrue(before == 0 || seen.height() > before && seen.height() < before * 1.1);
            before = seen.height();
        }
    }

    @Test
    void headsAndDrawingsAreSeenAsTheyAre() {
        for (String name : List.of("odile", "pim", "brine")) {
            assertEquals(Camera.FRONT, Framing.of(Cast.byName(name)).of(Camera.FRONT, 1.5), name);
        }
    }

    @Test
    void theMouthViewFindsTheMouth() {
        for (String name : List.of("odile", "pim", "brine")) {
            Camera mouth = Views.mouth(Cast.byName(name));
            assertTrue(mouth.height() > 20 && mouth.height() <= 200, name + ": " + mouth.height());
            assertTrue(Math.abs(mouth.target().x()) < 3, name + " is in the middle");
            assertTrue(mouth.target().y() < 0, name + "'s mouth lies below the eyes");
        }
    }
}
