package graykite.geometry;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Random;
import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.RotationConvention;
import org.hipparchus.geometry.euclidean.threed.RotationOrder;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;

/** Movements of space, held against Hipparchus. */
class AffineTest {
    private static final double[] NO_SHIFT = {0, 0, 0};
    private static final double[] NO_SCALE = {1, 1, 1};

    private static double[] someTurn(Random random) {
        double[] q = new double[4];
        double sum = 0;
        for (int i = 0; i < 4; i++) {
            q[i] = random.nextGaussian();
            sum += q[i] * q[i];
        }
        for (int i = 0; i < 4; i++) {
            q[i] /= Math.sqrt(sum);
        }
        return q;
    }

    private static Rotation theirs(double[] xyzw) {
        return new Rotation(xyzw[3], -xyzw[0], -xyzw[1], -xyzw[2], false);
    }

    private static void same(Vector3D expected, Vec ours) {
        assertArrayEquals(
                new double[] {expected.getX(), expected.getY(), expected.getZ()},
                new double[] {ours.x(), ours.y(), ours.z()},
                1e-9);
    }

    /** glTF 2.0: a node's own movement is translation times rotation times scale. */
    @Test
    void nodesMoveAsTheStandardHasIt() {
        Random random = new Random(1);
        for (int i = 0; i < 50; i++) {
            double[] q = someTurn(random);
            double[] t = {random.nextGaussian(), random.nextGaussian(), random.nextGaussian()};
            double[] s = {1 + random.nextDouble(), 1 + random.nextDouble(), 1 + random.nextDouble()};
            Vector3D p = new Vector3D(random.nextGaussian(), random.nextGaussian(), random.nextGaussian());
            Vector3D scaled = new Vector3D(s[0] * p.getX(), s[1] * p.getY(), s[2] * p.getZ());
            Vector3D expected = theirs(q).applyTo(scaled).add(new Vector3D(t));
            same(expected, Affine.of(t, q, s).point(p.getX(), p.getY(), p.getZ()));
            same(theirs(q).applyTo(scaled), Affine.of(t, q, s).direction(p.getX(), p.getY(), p.getZ()));
            assertEquals(new Vec(t[0], t[1], t[2]), Affine.of(t, q, s).origin());
        }
    }

    @Test
    void movementsFollowOneAnother() {
        Random random = new Random(2);
        Affine a = Affine.of(new double[] {1, 2, 3}, someTurn(random), new double[] {1, 2, 1});
        Affine b = Affine.of(new double[] {-4, 0, 9}, someTurn(random), NO_SCALE);
        Vec moved = b.point(5, 6, 7);
        Vec both = a.times(b).point(5, 6, 7);
        Vec after = a.point(moved.x(), moved.y(), moved.z());
        assertEquals(0, both.minus(after).length(), 1e-9);
        assertArrayEquals(a.m(), a.times(Affine.NONE).m(), 1e-12);
        assertArrayEquals(a.m(), Affine.NONE.times(a).m(), 1e-12);
    }

    /** glTF 2.0 writes matrices column after column. */
    @Test
    void matricesComeColumnsFirst() {
        Affine moved = Affine.ofColumns(new double[] {1, 0, 0, 0, 0, 2, 0, 0, 0, 0, 3, 0, 7, 8, 9, 1});
        assertEquals(new Vec(8, 10, 12), moved.point(1, 1, 1));
        assertEquals(new Vec(1, 2, 3), moved.direction(1, 1, 1));
    }

    /** About z, then x, then y, as joints turn. */
    @Test
    void anglesComeBackFromATurn() {
        Random random = new Random(3);
        for (int i = 0; i < 50; i++) {
            double x = -80 + 160 * random.nextDouble();
            double y = -170 + 340 * random.nextDouble();
            double z = -170 + 340 * random.nextDouble();
            Rotation turn = new Rotation(
                    RotationOrder.YXZ,
                    RotationConvention.VECTOR_OPERATOR,
                    Math.toRadians(y),
                    Math.toRadians(x),
                    Math.toRadians(z));
            double[][] m = turn.getMatrix();
            double[] rows = {m[0][0], m[0][1], m[0][2], m[1][0], m[1][1], m[1][2], m[2][0], m[2][1], m[2][2]};
            assertArrayEquals(new double[] {x, y, z}, Affine.degrees(rows), 1e-6);
        }
    }

    @Test
    void aTurnAloneLeavesScaleOut() {
        double[] q = someTurn(new Random(4));
        double[] turn = Affine.of(NO_SHIFT, q, new double[] {2, 3, 4}).turn();
        assertArrayEquals(Affine.rotation(q), turn, 1e-9);
        double[] none = Affine.product(turn, Affine.transposed(turn));
        assertArrayEquals(new double[] {1, 0, 0, 0, 1, 0, 0, 0, 1}, none, 1e-9);
        assertArrayEquals(
                new double[] {1, 0, 0, 0, 1, 0, 0, 0, 1},
                Affine.rotation(new double[4]),
                1e-12,
                "a file that gives no turn at all is taken as none");
    }

    @Test
    void verticesFollowSeveralJoints() {
        Affine left = Affine.of(new double[] {10, 0, 0}, new double[] {0, 0, 0, 1}, NO_SCALE);
        Affine up = Affine.of(new double[] {0, 20, 0}, new double[] {0, 0, 0, 1}, NO_SCALE);
        Affine both = Affine.mixed(new Affine[] {left, up}, new double[] {0.25, 0.75});
        assertEquals(new Vec(2.5, 15, 0), both.point(0, 0, 0));
    }

    @Test
    void vectors() {
        Vec a = new Vec(1, 2, 3);
        Vec b = new Vec(-2, 5, 0.5);
        same(new Vector3D(1, 2, 3).crossProduct(new Vector3D(-2, 5, 0.5)), a.cross(b));
        assertEquals(0, a.cross(b).dot(a), 1e-9);
        assertEquals(1, b.unit().length(), 1e-12);
        assertEquals(Vec.ZERO, Vec.ZERO.unit(), "zero has no direction");
        assertEquals(new Vec(-0.5, 3.5, 1.75), a.mix(b, 0.5));
        assertEquals(new Vec(-1, 2, 3), a.mirroredTo(-1));
        assertTrue(a.minus(b).plus(b).minus(a).length() < 1e-12);
    }
}
