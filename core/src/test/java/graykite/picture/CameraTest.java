package graykite.picture;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.geometry.Vec;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

class CameraTest {
    private static final int WIDTH = 640;
    private static final int HEIGHT = 400;

    private static double[] seen(Vec place, Camera camera) {
        return SurfacePick.seen(place, camera, WIDTH, HEIGHT);
    }

    @Test
    void theTargetIsInTheMiddle() {
        for (Camera camera : List.of(Camera.FRONT, Camera.THREE_QUARTER, Camera.PROFILE, Camera.MOUTH)) {
            assertArrayEquals(new double[] {WIDTH / 2.0, HEIGHT / 2.0}, seen(camera.target(), camera), 1e-9);
        }
    }

    /** From the front the character's left is on the right of the picture, and up is up. */
    @Test
    void leftIsTheCharactersOwn() {
        double[] left = seen(Camera.FRONT.target().plus(new Vec(30, 0, 0)), Camera.FRONT);
        assertTrue(left[0] > WIDTH / 2.0 + 20);
        double[] above = seen(Camera.FRONT.target().plus(new Vec(0, 30, 0)), Camera.FRONT);
        assertTrue(above[1] < HEIGHT / 2.0 - 20);
    }

    @Test
    void thePictureIsAsHighAsItSays() {
        Camera straight = new Camera(Vec.ZERO, 0, 0, 1400, 200);
        assertEquals(0, seen(new Vec(0, 100, 0), straight)[1], 1e-9);
        assertEquals(HEIGHT, seen(new Vec(0, -100, 0), straight)[1], 1e-9);
    }

    @Test
    void panningTakesTheTargetAlongThePicture() {
        Camera panned = Camera.THREE_QUARTER.panned(12, -7);
        Vec was = Camera.THREE_QUARTER.target();
        double[] at = seen(was, panned);
        double scale = HEIGHT / panned.height();
        assertEquals(WIDTH / 2.0 - 12 * scale, at[0], 0.5);
        assertEquals(HEIGHT / 2.0 + -7 * scale, at[1], 0.5);
    }

    @Test
    void turningAndZoomingHaveTheirEnds() {
        assertEquals(80, Camera.FRONT.orbited(0, 500).pitch());
        assertEquals(-80, Camera.FRONT.orbited(0, -500).pitch());
        assertEquals(40, Camera.FRONT.zoomed(1e-6).height());
        assertEquals(900, Camera.FRONT.zoomed(1e6).height());
        assertThrows(IllegalArgumentException.class, () -> new Camera(Vec.ZERO, 0, 90, 1400, 200));
        assertThrows(IllegalArgumentException.class, () -> new Camera(Vec.ZERO, 0, 0, 5, 200));
        assertThrows(IllegalArgumentException.class, () -> new Camera(Vec.ZERO, 0, Double.NaN, 1400, 200));
    }

    /** Somebody who stands elsewhere and is turned looks the same through a camera that was moved for them. */
    @Test
    void aStageIsSeenFromEverybodysOwnPlace() {
        Random random = new Random(4);
        for (int i = 0; i < 40; i++) {
            Camera camera = Camera.FRONT.orbited(-60 + 120 * random.nextDouble(), -30 + 60 * random.nextDouble());
            Vec place = new Vec(-300 + 600 * random.nextDouble(), 0, -100 * random.nextDouble());
            double yaw = -90 + 180 * random.nextDouble();
            Vec own = new Vec(random.nextGaussian() * 60, random.nextGaussian() * 60, random.nextGaussian() * 60);
            double cos = Math.cos(Math.toRadians(yaw));
            double sin = Math.sin(Math.toRadians(yaw));
            Vec onStage = new Vec(cos * own.x() + sin * own.z(), own.y(), -sin * own.x() + cos * own.z()).plus(place);
            assertArrayEquals(seen(onStage, camera), seen(own, camera.seenFrom(place, yaw)), 1e-6);
        }
    }

    /** What is seen at a pixel is the place whose pixel that is. */
    @Test
    void pickingAndSeeingAreTheSameWay() {
        float[] square = {-80, -80, 0, 80, -80, 0, 80, 80, 0, -80, 80, 0};
        float[] normals = {0, 0, 1, 0, 0, 1, 0, 0, 1, 0, 0, 1};
        Surface surface =
                new Surface(square, normals, new float[12], new int[] {0, 1, 2, 0, 2, 3}, Material.drawing("square"));
        Camera camera = new Camera(new Vec(5, 3, 0), 20, 10, 900, 240);
        Random random = new Random(5);
        for (int i = 0; i < 30; i++) {
            Vec place = new Vec(-70 + 140 * random.nextDouble(), -70 + 140 * random.nextDouble(), 0);
            double[] at = seen(place, camera);
            Optional<Vec> hit = SurfacePick.at(List.of(surface), camera, at[0], at[1], WIDTH, HEIGHT);
            assertEquals(0, hit.orElseThrow().minus(place).length(), 1e-3);
        }
        assertTrue(SurfacePick.at(List.of(surface), camera, 1, 1, WIDTH, HEIGHT).isEmpty());
        Camera behind = new Camera(Vec.ZERO, 180, 0, 900, 240);
        assertTrue(
                SurfacePick.at(List.of(surface), behind, WIDTH / 2.0, HEIGHT / 2.0, WIDTH, HEIGHT)
                        .isEmpty(),
                "from behind nothing is touched");
    }
}
