package graykite.picture;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.format.character.Cast;
import graykite.geometry.Vec;
import graykite.rig.Character;
import graykite.rig.Deformer;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Where outlines run four points of a pixel are looked at, elsewhere one: that costs a quarter and is not seen. */
class EdgesTest {
    private static final int SIZE = 300;
    private static final Material DRAWN = Material.drawing("paper");

    private static Surface bar(double left, double right, double lean, double z) {
        float[] p = {
            (float) left, -40, (float) z, (float) right, -40, (float) z,
            (float) (right + lean), 40, (float) z, (float) (left + lean), 40, (float) z
        };
        float[] n = {0, 0, 1, 0, 0, 1, 0, 0, 1, 0, 0, 1};
        return new Surface(p, n, new float[12], new int[] {0, 1, 2, 0, 2, 3}, DRAWN);
    }

    private static Camera straight() {
        return new Camera(Vec.ZERO, 0, 0, 1400, 100);
    }

    private static Edges edges(List<Surface> surfaces) {
        Projection scene = new Projection();
        scene.take(surfaces, straight(), 2 * SIZE, 2 * SIZE);
        Edges edges = new Edges();
        edges.mark(scene, surfaces, SIZE, SIZE);
        return edges;
    }

    /** Pixels of the middle row with an outline, when something of this nearness is seen everywhere. */
    private static int inMiddleRow(Edges edges, float nearness) {
        float[] depth = new float[32];
        Arrays.fill(depth, nearness);
        int count = 0;
        for (int left = 0; left + 32 <= SIZE; left += 32) {
            count += Integer.bitCount(edges.seen(left, SIZE / 2, 32, depth, 0));
        }
        return count;
    }

    /** A bar has two upright outlines; where its triangles meet there is none; behind something nearer none is seen. */
    @Test
    void outlinesAreWhereASurfaceEnds() {
        Edges edges = edges(List.of(bar(-20, 20, 0, 0)));
        assertEquals(2, inMiddleRow(edges, 0));
        assertEquals(0, inMiddleRow(edges, 0.05f), "70 mm before it");
    }

    /** What is thinner than a pixel keeps its share of the picture: geometry says how much that is. */
    @ParameterizedTest
    @ValueSource(doubles = {0.1, 0.2, 0.4})
    void thinThingsAreNotLost(double millimetres) {
        Renderer renderer = new Renderer();
        renderer.setBackdrop(Backdrop.even(0x808080));
        int[] pixels = renderer.draw(List.of(bar(0, millimetres, 7, 0)), straight(), SIZE, SIZE)
                .pixels();
        double covered = 0;
        for (int pixel : pixels) {
            // Light, not levels, is shared between what is seen in a pixel.
            covered += 1 - Tone.linear((pixel >> 8 & 255) / 255.0) / Tone.linear(128 / 255.0);
        }
        double expected = 80 * 3 * millimetres * 3;
        assertEquals(expected, covered, 0.12 * expected);
    }

    /** One point where no outline runs and four everywhere give the same face: on the mean within a tenth of a level. */
    @ParameterizedTest
    @ValueSource(strings = {"odile", "pim", "brine"})
    void onePointIsEnoughWithinASurface(String name) {
        Character who = Cast.byName(name);
        List<Surface> surfaces = new Deformer(who).deform(who.values(who.poses().get("Glad")));
        int[] few = drawn(surfaces, false);
        int[] all = drawn(surfaces, true);
        long sum = 0;
        for (int i = 0; i < few.length; i++) {
            sum += Math.abs((few[i] >> 8 & 255) - (all[i] >> 8 & 255));
        }
        assertTrue(sum < 0.1 * few.length, sum / (double) few.length + " levels");
    }

    private static int[] drawn(List<Surface> surfaces, boolean everywhere) {
        Projection scene = new Projection();
        scene.take(surfaces, Camera.FRONT, 2 * SIZE, 2 * SIZE);
        ShadowMap shadows = new ShadowMap();
        shadows.draw(surfaces, Lighting.USUAL.key(Camera.FRONT));
        Shader shader = new Shader(scene, shadows, Lighting.USUAL, Camera.FRONT);
        shader.lightVertices(0, scene.vertexCount());
        Edges edges = new Edges();
        if (everywhere) {
            edges.markAll(SIZE, SIZE);
        } else {
            edges.mark(scene, surfaces, SIZE, SIZE);
        }
        int[] pixels = new int[SIZE * SIZE];
        Canvas canvas = new Canvas(SIZE, SIZE, pixels, new short[0], new int[SIZE * SIZE], Backdrop.FELT, false);
        Tiles tiles = new Tiles(scene, SIZE, SIZE, 2);
        Brush brush = new Brush();
        for (int row = 0; row < tiles.down; row++) {
            brush.paint(row, tiles, shader, edges, canvas);
        }
        return pixels;
    }
}
