package graykite.people.face;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.geometry.Vec;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Blending in one pass comes to what blending one after another comes to. */
class BlendTest {
    private static final Field SKULL = Field.ellipsoid(0, 30, -10, 75, 70, 85);
    private static final Field CHEEK = Field.ellipsoid(40, -30, 50, 22, 18, 20);
    private static final Field SOCKET = Field.sphere(33, 5, 80, 18);
    private static final Field NOSE = Field.rod(0, 15, 80, 5, 0, -20, 95, 7);
    private static final Field ONE_BY_ONE =
            SKULL.with(CHEEK.mirrored(), 30).without(SOCKET.mirrored(), 12).with(NOSE, 18);
    private static final Blend BLEND = new Blend(List.of(
            new Blend.Piece(SKULL, new Vec(0, 30, -10), 85, 1, false, false),
            new Blend.Piece(CHEEK, new Vec(40, -30, 50), 22, 30, true, false),
            new Blend.Piece(SOCKET, new Vec(33, 5, 80), 18, 12, true, true),
            new Blend.Piece(NOSE, new Vec(0, -2.5, 87.5), 26, 18, false, false)));

    /** Where the surface is, to a thousandth; farther off what cannot matter is passed over. */
    @Test
    void nearTheSurfaceBothAgree() {
        Random random = new Random(4);
        int near = 0;
        for (int i = 0; i < 60_000; i++) {
            double x = random.nextDouble(-110, 110);
            double y = random.nextDouble(-80, 120);
            double z = random.nextDouble(-110, 120);
            double slow = ONE_BY_ONE.at(x, y, z);
            double fast = BLEND.at(x, y, z);
            if (Math.abs(slow) < 6) {
                near++;
                assertEquals(slow, fast, 1e-3, x + ", " + y + ", " + z);
            } else {
                assertEquals(Math.signum(slow), Math.signum(fast), "inside and outside are the same");
            }
        }
        assertTrue(near > 1500, near + " places are near the surface");
    }

    private static FacePlan plan(Field form, Vec centre) {
        Vec at = new Vec(0, -40, 80);
        return new FacePlan(form, centre, at, 25, 8, 9, 2, 3, 1, at, 16, at, at, at, at);
    }

    /** A ray from the middle ends on the surface, whichever way it goes. */
    @Test
    void raysEndOnTheSurface() {
        FacePlan plan = plan(BLEND, new Vec(0, 10, 0));
        Random random = new Random(9);
        for (int i = 0; i < 3000; i++) {
            Vec way = new Vec(random.nextGaussian(), random.nextGaussian(), random.nextGaussian()).unit();
            Vec end = plan.surface(way);
            assertEquals(0, BLEND.at(end.x(), end.y(), end.z()), 2e-3, "on the surface at " + end);
            assertEquals(1, end.minus(plan.centre()).unit().dot(way), 1e-9, "on the ray");
            assertTrue(plan.normal(end).dot(way) > -0.2, "and it looks outward");
        }
    }

    @Test
    void aMiddleOutsideIsRefused() {
        FacePlan plan = plan(Field.sphere(0, 200, 0, 20), new Vec(0, 0, 0));
        assertThrows(IllegalArgumentException.class, () -> plan.surface(new Vec(1, 0, 0)));
    }
}
