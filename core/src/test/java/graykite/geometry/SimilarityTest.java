package graykite.geometry;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Bringing points onto others with the least squared error (Umeyama 1991). */
class SimilarityTest {
    private static final Random RANDOM = new Random(11);

    private static List<Vec> points(int count) {
        List<Vec> all = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            all.add(new Vec(RANDOM.nextGaussian(), RANDOM.nextGaussian(), RANDOM.nextGaussian()).times(40));
        }
        return all;
    }

    private static Similarity some() {
        double[] q = {RANDOM.nextGaussian(), RANDOM.nextGaussian(), RANDOM.nextGaussian(), RANDOM.nextGaussian()};
        return new Similarity(0.5 + RANDOM.nextDouble(), Affine.rotation(q), new Vec(10, -20, 5));
    }

    private static double error(Similarity way, List<Vec> from, List<Vec> to) {
        double sum = 0;
        for (int i = 0; i < from.size(); i++) {
            Vec d = way.point(from.get(i)).minus(to.get(i));
            sum += d.dot(d);
        }
        return sum;
    }

    @Test
    void aKnownMovementIsFound() {
        for (int i = 0; i < 30; i++) {
            Similarity known = some();
            List<Vec> from = points(12);
            Similarity found =
                    Similarity.between(from, from.stream().map(known::point).toList());
            assertEquals(known.scale(), found.scale(), 1e-9);
            assertArrayEquals(known.rotation(), found.rotation(), 1e-9);
            assertEquals(0, known.shift().minus(found.shift()).length(), 1e-6);
        }
    }

    /** No other movement near it does better. */
    @Test
    void theErrorIsTheLeast() {
        Similarity known = some();
        List<Vec> from = points(20);
        List<Vec> to = from.stream()
                .map(p -> known.point(p).plus(new Vec(RANDOM.nextGaussian(), RANDOM.nextGaussian(), 0).times(3)))
                .toList();
        Similarity found = Similarity.between(from, to);
        double least = error(found, from, to);
        for (int i = 0; i < 200; i++) {
            double[] q = {0.01 * RANDOM.nextGaussian(), 0.01 * RANDOM.nextGaussian(), 0.01 * RANDOM.nextGaussian(), 1};
            Similarity beside = new Similarity(
                    found.scale() * (1 + 0.01 * RANDOM.nextGaussian()),
                    Affine.product(Affine.rotation(q), found.rotation()),
                    found.shift().plus(new Vec(RANDOM.nextGaussian(), RANDOM.nextGaussian(), RANDOM.nextGaussian())));
            assertTrue(error(beside, from, to) >= least - 1e-6);
        }
    }

    /** Points on a mirror image are turned as well as can be, never mirrored. */
    @Test
    void nothingIsTurnedInsideOut() {
        List<Vec> from = points(15);
        List<Vec> mirrored = from.stream().map(p -> p.mirroredTo(-1)).toList();
        double[] r = Similarity.between(from, mirrored).rotation();
        double det = r[0] * (r[4] * r[8] - r[5] * r[7])
                - r[1] * (r[3] * r[8] - r[5] * r[6])
                + r[2] * (r[3] * r[7] - r[4] * r[6]);
        assertEquals(1, det, 1e-9);
    }

    @Test
    void theWayBackUndoesIt() {
        Similarity way = some();
        Vec p = new Vec(3, -4, 12);
        assertEquals(0, way.inverse().point(way.point(p)).minus(p).length(), 1e-9);
        assertEquals(0, way.inverse().direction(way.direction(p)).minus(p).length(), 1e-9);
        float[] there = way.points(new float[] {3, -4, 12});
        assertArrayEquals(new float[] {3, -4, 12}, way.inverse().points(there), 1e-4f);
        float[] direction = way.directions(new float[] {3, -4, 12});
        assertEquals(way.direction(p).x(), direction[0], 1e-4);
    }
}
