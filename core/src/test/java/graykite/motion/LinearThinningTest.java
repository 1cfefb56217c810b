package graykite.motion;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Random;
import org.hipparchus.analysis.interpolation.LinearInterpolator;
import org.hipparchus.analysis.polynomials.PolynomialSplineFunction;
import org.junit.jupiter.api.Test;

class LinearThinningTest {
    /** Through the kept samples another library's straight lines (Hipparchus) are nowhere further off than allowed. */
    @Test
    void theErrorHolds() {
        Random random = new Random(3);
        for (int round = 0; round < 50; round++) {
            int count = 3 + random.nextInt(200);
            float[] times = new float[count];
            float[] values = new float[2 * count];
            for (int i = 0; i < count; i++) {
                times[i] = i / 30f;
                values[2 * i] = (float) (Math.sin(i * 0.2) + 0.1 * random.nextGaussian());
                values[2 * i + 1] = (float) Math.cos(i * 0.05);
            }
            double allowed = 0.2 * random.nextDouble();
            int[] kept = LinearThinning.kept(times, values, 2, allowed);
            assertEquals(0, kept[0]);
            assertEquals(count - 1, kept[kept.length - 1]);
            for (int c = 0; c < 2; c++) {
                double[] x = new double[kept.length];
                double[] y = new double[kept.length];
                for (int k = 0; k < kept.length; k++) {
                    x[k] = times[kept[k]];
                    y[k] = values[2 * kept[k] + c];
                }
                PolynomialSplineFunction line = new LinearInterpolator().interpolate(x, y);
                for (int i = 0; i < count; i++) {
                    assertEquals(values[2 * i + c], line.value(times[i]), allowed + 1e-6);
                }
            }
        }
    }

    @Test
    void straightLinesNeedTheirEnds() {
        assertArrayEquals(
                new int[] {0, 3}, LinearThinning.kept(new float[] {0, 1, 2, 3}, new float[] {0, 2, 4, 6}, 1, 1e-6));
        assertArrayEquals(new int[] {0}, LinearThinning.kept(new float[] {0}, new float[] {5}, 1, 0.1));
        assertTrue(LinearThinning.kept(new float[] {0, 1, 2}, new float[] {0, 1, 0}, 1, 0.1).length == 3);
    }
}
