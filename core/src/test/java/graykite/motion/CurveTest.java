package graykite.motion;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.time.TimeMap;
import java.util.List;
import java.util.Random;
import org.hipparchus.analysis.interpolation.HermiteInterpolator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Curves against Hipparchus and against figures by hand. */
class CurveTest {
    private static final Curve PLAIN = new Curve(List.of(
            new Key(0, 1, Key.Way.STEPPED, 0, 0),
            new Key(1, 3, Key.Way.LINEAR, 0, 2),
            new Key(3, 0, Key.Way.SMOOTH, -1, 0.5),
            new Key(4, 2, Key.Way.SMOOTH, 2, 0)));

    @Test
    void eachWayByHand() {
        assertEquals(1, PLAIN.at(-5));
        assertEquals(1, PLAIN.at(0.999));
        assertEquals(3, PLAIN.at(1));
        assertEquals(1.5, PLAIN.at(2), 1e-12);
        assertEquals(2, PLAIN.at(9));
    }

    /** A smooth stretch is the Hermite cubic of Hipparchus. */
    @Test
    void smoothIsHermite() {
        HermiteInterpolator outside = new HermiteInterpolator();
        outside.addSamplePoint(3, new double[] {0}, new double[] {0.5});
        outside.addSamplePoint(4, new double[] {2}, new double[] {2});
        for (double t = 3; t <= 4; t += 0.05) {
            assertEquals(outside.value(t)[0], PLAIN.at(t), 1e-9);
        }
    }

    @Test
    void keysKeepTheirOrder() {
        Curve pushed = PLAIN.with(1, PLAIN.keys().get(1).movedTo(10, 7));
        assertEquals(4, pushed.keys().size());
        assertTrue(pushed.keys().get(1).time() < 3);
        assertEquals(7, pushed.keys().get(1).value());
        Curve more = PLAIN.withKeyAt(3.5);
        assertEquals(5, more.keys().size());
        assertEquals(PLAIN.at(3.5), more.at(3.5), 1e-9);
        assertEquals(5, more.withKeyAt(3.5).keys().size(), "a key that stands there stays");
        assertEquals(PLAIN.keys(), more.without(3).keys());
        Curve two = new Curve(List.of(PLAIN.keys().getFirst(), PLAIN.keys().getLast()));
        assertEquals(2, two.without(0).keys().size(), "the ends of a curve stay");
        assertThrows(
                IllegalArgumentException.class,
                () -> new Curve(List.of(PLAIN.keys().getFirst(), PLAIN.keys().getFirst())));
    }

    /** Stretched to twice the length it takes the same values at twice the distance. */
    @Test
    void stretchingKeepsTheShape() {
        Curve long2 = PLAIN.retimed(new TimeMap(List.of(new TimeMap.Pair(0, 10), new TimeMap.Pair(4, 18))));
        for (double t = 0.05; t <= 4; t += 0.1) {
            assertEquals(PLAIN.at(t), long2.at(10 + 2 * t), 1e-9);
        }
    }

    /** However wild the curve, what is left lies within the error that is stated, and is fewer than the samples. */
    @ParameterizedTest
    @ValueSource(doubles = {0.002, 0.01, 0.05})
    void reductionKeepsItsWord(double allowed) {
        Random random = new Random(5);
        double[] samples = new double[300];
        double a = random.nextDouble() * 9;
        for (int i = 0; i < samples.length; i++) {
            samples[i] = 0.4 + 0.3 * Math.sin(i * 0.11 + a) * Math.cos(i * 0.031) + (i > 120 && i < 128 ? 0.3 : 0);
        }
        KeyReduction.Result result = KeyReduction.reduce(2, 0.01, samples, allowed);
        double worst = 0;
        for (int i = 0; i < samples.length; i++) {
            worst = Math.max(worst, Math.abs(samples[i] - result.curve().at(2 + i * 0.01)));
        }
        assertEquals(worst, result.error(), 1e-12);
        assertTrue(worst <= allowed, worst + " beyond " + allowed);
        assertTrue(result.curve().keys().size() < 80, result.curve().keys().size() + " keys");
    }

    @Test
    void aStraightLineNeedsItsEnds() {
        double[] samples = new double[50];
        for (int i = 0; i < samples.length; i++) {
            samples[i] = 0.01 * i;
        }
        assertEquals(
                2, KeyReduction.reduce(0, 0.01, samples, 0.001).curve().keys().size());
    }

    /** Leaving out any key would break the promise: none is there in vain. */
    @Test
    void noKeyIsThereInVain() {
        double step = 0.01;
        double[] samples = new double[400];
        for (int i = 0; i < samples.length; i++) {
            samples[i] = Math.sin(i * 0.05) + 0.3 * Math.sin(i * 0.17);
        }
        Curve curve = KeyReduction.reduce(0, step, samples, 0.02).curve();
        int last = curve.keys().size() - 1;
        for (int k = 1; k < last; k++) {
            Curve fewer = curve.without(k);
            double worst = 0;
            for (int i = 0; i < samples.length; i++) {
                worst = Math.max(worst, Math.abs(fewer.at(i * step) - samples[i]));
            }
            assertTrue(worst > 0.02, "key " + k + " could go: " + worst);
        }
    }
}
