package graykite.people.wear;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.geometry.Vec;
import graykite.people.face.MeshBuilder;
import graykite.picture.Camera;
import graykite.picture.Colour;
import graykite.picture.Material;
import graykite.picture.Picture;
import graykite.picture.Renderer;
import graykite.picture.Surface;
import graykite.rig.Part;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is sewn onto a coat lies on it and is seen; what is worn below it is not. */
class CoatTest {
    private static final int SIDE = 300;
    /** A pixel a millimetre, seen from straight ahead and far away. */
    private static final Camera AHEAD = new Camera(new Vec(0, -230, 60), 0, 0, 10_000, SIDE);

    private static final Colour BLUE = new Colour(0, 0, 0.5f);
    private static final Colour RED = new Colour(0.6f, 0, 0);
    /** Straight walls; a quarter of the rows is collar. */
    private static final Coat TUBE = new Coat(
            20, 48, 0.25, (u, turn) -> new Vec(120 * Math.sin(turn), -100 - 250 * u, 90 * Math.cos(turn) - 20 * u));

    private static MeshBuilder drawn() {
        return new MeshBuilder("coat", Material.drawing("cloth"), 0);
    }

    private static Surface surface(Part part) {
        return new Surface(
                part.positions(),
                new float[part.positions().length],
                part.colours(),
                part.triangles(),
                Material.drawing("as painted"));
    }

    private static Picture picture(Camera camera, Part... parts) {
        return new Renderer().draw(Arrays.stream(parts).map(CoatTest::surface).toList(), camera, SIDE, SIDE);
    }

    private static boolean isRed(int pixel) {
        return (pixel >> 16 & 255) > 2 * (pixel & 255);
    }

    private static long count(Picture picture, int fromRow, IntPredicate colour) {
        return Arrays.stream(picture.pixels(), fromRow * SIDE, SIDE * SIDE)
                .filter(colour)
                .count();
    }

    @ParameterizedTest
    @CsvSource({"0, -200", "60, -260", "-100, -300", "30, -180"})
    void placesAreWhereTheyAreSeen(double x, double y) {
        Vec front = TUBE.at(TUBE.front(x, y), 0);
        assertEquals(x, front.x(), 0.01);
        assertEquals(y, front.y(), 0.01);
        Vec back = TUBE.at(TUBE.behind(x, y), 0);
        assertEquals(x, back.x(), 0.01);
        assertEquals(y, back.y(), 0.01);
        assertTrue(front.z() > back.z() + 50, "in front and behind");
    }

    @Test
    void aboveIsOutside() {
        Vec on = TUBE.at(TUBE.front(0, -250), 0);
        Vec above = TUBE.at(TUBE.front(0, -250), 5);
        assertEquals(5, above.minus(on).length(), 1e-9);
        assertTrue(above.z() > on.z() + 4.5, "towards the viewer");
    }

    /** By the drawing: 122 mm of chest, 92 deep, arms of 54 whose middles are 138 away. */
    @Test
    void armsHangBesideTheChest() {
        Coat.Build build = new Coat.Build(122, 92, 138, 54);
        assertEquals(92, build.out(0), 0.5, "in front");
        assertEquals(92, build.out(Math.PI), 0.5, "behind");
        assertEquals(192, build.out(Math.PI / 2), 12, "the outside of an arm, rounded");
        assertEquals(build.out(0.9), build.out(-0.9), 1e-9, "left and right alike");
        double before = build.out(0);
        for (double turn = 0; turn <= Math.PI / 2; turn += 0.01) {
            double out = build.out(turn);
            assertTrue(out > before - 1.5 && out - before < 7, "no step at " + turn);
            before = out;
        }
    }

    /** A piece of cloth of 80 by 60 mm covers as many pixels, all of them above the coat. */
    @Test
    void aFlapLiesOnTop() {
        MeshBuilder mesh = drawn();
        TUBE.cloth(mesh, BLUE);
        TUBE.flap(mesh, 6, 8, (u, v) -> 3, (u, v) -> TUBE.front(-40 + 80 * v, -200 - 60 * u), RED);
        Picture picture = picture(AHEAD, mesh.build());
        assertEquals(83 * 63, count(picture, 0, CoatTest::isRed), 83 * 63 * 0.05);
    }

    /** The seams of both sleeves are seen in every row of pixels from the shoulder down. */
    @ParameterizedTest
    @CsvSource({"true", "false"})
    void aSleeveSeamIsUnbroken(boolean skipper) {
        MeshBuilder mesh = drawn();
        Coat form = skipper ? SkippersCoat.FORM : Oilskin.FORM;
        form.cloth(mesh, BLUE);
        form.sleeve(mesh, 1, 0.65, RED);
        form.sleeve(mesh, -1, 0.65, RED);
        int[] pixels = picture(AHEAD, mesh.build()).pixels();
        int top = IntStream.range(0, SIDE * SIDE)
                .filter(i -> isRed(pixels[i]))
                .min()
                .orElseThrow();
        for (int row = top / SIDE + 3; row < SIDE * 0.7; row++) {
            for (int half = 0; half < 2; half++) {
                int from = row * SIDE + half * SIDE / 2;
                assertTrue(
                        IntStream.range(from, from + SIDE / 2).anyMatch(i -> isRed(pixels[i])),
                        "row " + row + ", half " + half);
            }
        }
    }

    private static List<Part> worn(boolean skipper) {
        List<Part> parts = new ArrayList<>();
        parts.add(skipper ? SkippersClothes.jersey(0, RED) : DeckhandsClothes.jersey(0, RED, RED));
        parts.addAll(List.of(skipper ? SkippersCoat.of(0, BLUE, BLUE) : Oilskin.of(0, BLUE, BLUE)));
        return parts;
    }

    /** Below its collar nothing of the jersey comes through a coat, from whatever side. */
    @ParameterizedTest
    @CsvSource({"true", "false"})
    void theJerseyStaysBelowTheCoat(boolean skipper) {
        Part[] parts = worn(skipper).toArray(Part[]::new);
        assertTrue(count(picture(AHEAD, parts), 0, CoatTest::isRed) > 500, "it is seen in the collar");
        for (int yaw = 0; yaw < 360; yaw += 45) {
            Picture picture = picture(AHEAD.orbited(yaw, 0), parts);
            assertEquals(0, count(picture, 115, CoatTest::isRed), "from " + yaw + " degrees, below -195 mm");
        }
    }

    /** Straps lie on both shoulders, with two bars each that lie on the straps: seen from above, gold is on either side, in two lines. */
    @Test
    void shoulderStrapsHaveTwoBars() {
        Part[] parts = SkippersCoat.of(0, BLUE, RED);
        int[] pixels = picture(new Camera(new Vec(0, -160, -20), 0, 80, 10_000, SIDE), parts[0])
                .pixels();
        for (int half = 0; half < 2; half++) {
            int from = SIDE * SIDE / 2 + half * SIDE / 2;
            int[] ends = IntStream.range(from + 1, from + SIDE / 2)
                    .filter(i -> isRed(pixels[i]) && !isRed(pixels[i - 1]))
                    .toArray();
            assertEquals(2, ends.length, "bars on side " + half);
        }
    }

    /** Buttons and toggles stand before the cloth: none is drowned in it. */
    @ParameterizedTest
    @CsvSource({"true, 2, 200", "false, 2, 200"})
    void whatClosesACoatIsSeen(boolean skipper, int rows, int pixelsEach) {
        Part[] parts = skipper ? SkippersCoat.of(0, BLUE, RED) : Oilskin.of(0, BLUE, RED);
        Camera lower = AHEAD.panned(0, -30);
        Part[] without = {parts[0]};
        long closed = count(picture(lower, parts), 100, CoatTest::isRed)
                - count(picture(lower, without), 100, CoatTest::isRed);
        assertTrue(closed >= (long) rows * pixelsEach, closed + " pixels");
    }
}
