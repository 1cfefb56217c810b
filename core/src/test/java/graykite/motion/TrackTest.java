package graykite.motion;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class TrackTest {
    private static final Track RAMP = new Track(10, List.of("a", "b"), new float[] {0, 5, 1, 4, 2, 3});

    @Test
    void betweenSamplesItIsStraightAndOutsideItHolds() {
        assertEquals(0.2, RAMP.duration(), 1e-12);
        assertEquals(0.5, RAMP.at(0, 0.05), 1e-9);
        assertEquals(4.5, RAMP.at(1, 0.05), 1e-9);
        assertEquals(0, RAMP.at(0, -3), 1e-9);
        assertEquals(3, RAMP.at(1, 99), 1e-9);
    }

    @Test
    void partsAndChoices() {
        Track part = RAMP.part(0.1, 0.2);
        assertEquals(1, part.at(0, 0), 1e-6);
        assertEquals(0.1, part.duration(), 1e-9);
        Track one = RAMP.only(List.of("b", "unknown"));
        assertEquals(List.of("b"), one.controls());
        assertEquals(4, one.value(1, 0));
        Keyed keyed = Thinning.thinned(RAMP, c -> 0.001).motion();
        assertEquals(1, keyed.part(0.1, 0.2).at(0, 0), 1e-6);
        assertEquals(List.of("b"), keyed.only(List.of("b")).controls());
    }

    @Test
    void joinedTheyBlend() {
        Track more = new Track(10, List.of("a", "b"), new float[] {10, 10, 10, 10, 10, 10, 10, 10});
        Track both = RAMP.joined(more);
        assertEquals(7, both.samples());
        assertEquals(2, both.value(2, 0), "what was there stays");
        assertTrue(both.value(3, 0) > 2 && both.value(3, 0) < 10, "no jump");
        assertEquals(10, both.value(5, 1));
        assertThrows(IllegalArgumentException.class, () -> RAMP.joined(more.only(List.of("a"))));
    }

    @Test
    void whatIsNoTrackIsRefused() {
        assertThrows(IllegalArgumentException.class, () -> new Track(0, List.of("a"), new float[4]));
        assertThrows(IllegalArgumentException.class, () -> new Track(60, List.of("a", "a"), new float[4]));
        assertThrows(IllegalArgumentException.class, () -> new Track(60, List.of("a"), new float[] {0, Float.NaN}));
        assertThrows(IllegalArgumentException.class, () -> new Track(60, List.of("a", "b"), new float[5]));
        assertThrows(IllegalArgumentException.class, () -> new Track(60, List.of("a"), new float[1]));
    }

    /** A stream with holes, repeats, jumps back and no figures comes out even, and says what it left out. */
    @Test
    void anUnevenStreamBecomesEven() {
        TrackRecorder recorder = new TrackRecorder(List.of("x", "y"));
        recorder.add(1.0, new double[] {0, 7});
        recorder.add(1.1, new double[] {0.1, Double.NaN});
        recorder.add(1.1, new double[] {9, 9});
        recorder.add(0.4, new double[] {9, 9});
        recorder.add(Double.NaN, new double[] {9, 9});
        recorder.add(1.6, new double[] {0.6, 8});
        Track track = recorder.track(20).orElseThrow();
        assertEquals(13, track.samples());
        for (int s = 0; s < track.samples(); s++) {
            assertEquals(s / 20.0, track.value(s, 0), 1e-6, "straight over the hole");
        }
        assertEquals(7, track.value(2, 1), 1e-6, "what is no figure leaves it as it was");
        assertEquals(3, recorder.late());
        assertEquals(1, recorder.refused());
        assertTrue(new TrackRecorder(List.of("x")).track(60).isEmpty());
    }

    private static double[] noisy(int count, double rate, double noise, long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        double[] samples = new double[count];
        for (int i = 0; i < count; i++) {
            samples[i] = clean(i / rate) + noise * (random.nextDouble() - 0.5);
        }
        return samples;
    }

    /** A head that turns, holds and turns back: slow and fast in turn. */
    private static double clean(double t) {
        return 10 * Math.tanh(6 * (t - 1)) - 10 * Math.tanh(2 * (t - 3));
    }

    private static double error(double[] samples, double rate, double shift) {
        double sum = 0;
        for (int i = 30; i < samples.length - 30; i++) {
            sum += Math.pow(samples[i] - clean(i / rate - shift), 2);
        }
        return Math.sqrt(sum / (samples.length - 60));
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5})
    void smoothingTakesTheTremblingAndComesNotLate(long seed) {
        double[] raw = noisy(300, 60, 1.2, seed);
        double[] smooth = OneEuro.smoothed(raw, 60, 0.5, 30);
        assertTrue(error(smooth, 60, 0) < 0.65 * error(raw, 60, 0), "less trembling");
        assertTrue(error(smooth, 60, 0) < error(smooth, 60, 0.02), "not late");
        assertTrue(error(smooth, 60, 0) < error(smooth, 60, -0.02), "nor early");
        assertArrayEquals(raw, OneEuro.smoothed(raw, 60, 0, 30));
    }

    /** Casiez et al. 2012: at rest the cut-off is the least one; a step of a first-order low-pass reaches 63 % after tau. */
    @Test
    void aSlowFilterIsAFirstOrderLowPass() {
        OneEuro filter = new OneEuro(1, 0);
        filter.next(0, 0.001);
        double value = 0;
        double tau = 1 / (2 * Math.PI);
        for (double t = 0; t < tau; t += 0.001) {
            value = filter.next(1, 0.001);
        }
        assertEquals(1 - Math.exp(-1), value, 0.01);
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.05, 0.3, 1})
    void thinningKeepsItsWord(double allowed) {
        double[] samples = OneEuro.smoothed(noisy(600, 60, 0.4, 9), 60, 0.4, 30);
        float[] both = new float[1200];
        for (int s = 0; s < 600; s++) {
            both[2 * s] = (float) samples[s];
            both[2 * s + 1] = (float) (samples[s] / 30);
        }
        Track track = new Track(60, List.of("headYaw", "smile"), both);
        Thinning.Result result = Thinning.thinned(track, c -> c.equals("headYaw") ? allowed : allowed / 30);
        assertTrue(result.error() <= 1 + 1e-9);
        for (int s = 0; s < 600; s++) {
            assertEquals(track.value(s, 0), result.motion().at(0, s / 60.0), allowed * 1.0001);
            assertEquals(track.value(s, 1), result.motion().at(1, s / 60.0), allowed / 30 * 1.0001);
        }
        assertTrue(
                result.motion().keys() < 1200 * (allowed < 0.1 ? 0.8 : 0.2),
                "few keys: " + result.motion().keys());
        Track dense = Thinning.dense(result.motion(), 60);
        assertEquals(600, dense.samples());
    }

    private static final Track THREE =
            new Track(24, List.of("a", "b", "c"), new float[] {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12});

    @Test
    void everyControlKeepsItsOwnValues() {
        assertArrayEquals(new double[] {2, 5, 8, 11}, THREE.of(1));
        Track two = THREE.only(List.of("c", "a"));
        assertEquals(List.of("a", "c"), two.controls());
        assertArrayEquals(new double[] {1, 4, 7, 10}, two.of(0));
        assertArrayEquals(new double[] {3, 6, 9, 12}, two.of(1));
        Track part = THREE.part(1 / 24.0, 3 / 24.0);
        assertEquals(3, part.samples());
        assertArrayEquals(new double[] {4, 7, 10}, part.of(0), 1e-5);
        assertArrayEquals(new double[] {6, 9, 12}, part.of(2), 1e-5);
        Track other = THREE.with(1, new double[] {0, -1, -2, -3});
        assertArrayEquals(new double[] {0, -1, -2, -3}, other.of(1));
        assertArrayEquals(THREE.of(0), other.of(0));
        assertArrayEquals(THREE.of(2), other.of(2));
        assertArrayEquals(new double[] {2, 5, 8, 11}, THREE.of(1), "the track itself stays");
        assertThrows(IllegalArgumentException.class, () -> THREE.with(1, new double[3]));
        assertThrows(IllegalArgumentException.class, () -> THREE.with(1, new double[] {0, 1, Double.NaN, 3}));
    }

    /** A twelfth of a second at 24 a second are two samples: a third and two thirds of the way from the last value. */
    @Test
    void theBlendByHand() {
        Track after = new Track(24, List.of("a", "b", "c"), new float[] {40, 11, 0, 40, 11, 0, 40, 11, 0});
        Track both = THREE.joined(after);
        assertArrayEquals(new double[] {1, 4, 7, 10, 20, 30, 40}, both.of(0), 1e-4);
        assertArrayEquals(new double[] {2, 5, 8, 11, 11, 11, 11}, both.of(1), 1e-4);
        assertArrayEquals(new double[] {3, 6, 9, 12, 8, 4, 0}, both.of(2), 1e-4);
    }

    @Test
    void tracksAreTheSameThatSayTheSame() {
        Track same = new Track(24, THREE.controls(), new float[] {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12});
        assertEquals(THREE, same);
        assertEquals(THREE.hashCode(), same.hashCode());
        assertNotEquals(THREE, THREE.with(2, new double[] {3, 6, 9, 13}));
        assertNotEquals(THREE, new Track(25, THREE.controls(), new float[] {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12}));
        assertNotEquals(THREE, THREE.only(List.of("a")));
        assertEquals("3 controls, 4 samples at 24.0 a second", THREE.toString());
    }

    @Test
    void limitsAreKept() {
        List<String> many = IntStream.rangeClosed(0, Motion.MOST_CONTROLS)
                .mapToObj(i -> "c" + i)
                .toList();
        assertThrows(IllegalArgumentException.class, () -> new Track(60, many, new float[2 * many.size()]));
        List<String> most = many.subList(1, many.size());
        assertEquals(2, new Track(1000, most, new float[2 * most.size()]).samples());
        assertThrows(IllegalArgumentException.class, () -> new Track(1000.1, List.of("a"), new float[2]));
        assertThrows(IllegalArgumentException.class, () -> new Track(60, List.of(), new float[2]));
        int hours = (int) Motion.LONGEST;
        assertEquals(Motion.LONGEST, new Track(1, List.of("a"), new float[hours + 1]).duration());
        assertThrows(IllegalArgumentException.class, () -> new Track(1, List.of("a"), new float[hours + 2]));
    }

    @Test
    void denseIsTheSameMotionAtEvenSteps() {
        assertSame(THREE, Thinning.dense(THREE, 24));
        Track twice = Thinning.dense(THREE, 48);
        assertEquals(7, twice.samples());
        assertArrayEquals(new double[] {1, 2.5, 4, 5.5, 7, 8.5, 10}, twice.of(0), 1e-5);
        assertArrayEquals(new double[] {3, 4.5, 6, 7.5, 9, 10.5, 12}, twice.of(2), 1e-5);
        Curve ramp = new Curve(List.of(new Key(0, 0, Key.Way.LINEAR, 0, 0), new Key(2, 4, Key.Way.LINEAR, 0, 0)));
        Curve level = new Curve(List.of(new Key(0, 9, Key.Way.LINEAR, 0, 0)));
        Track dense = Thinning.dense(new Keyed(2, List.of("ramp", "level"), List.of(ramp, level)), 2);
        assertArrayEquals(new double[] {0, 1, 2, 3, 4}, dense.of(0), 1e-6);
        assertArrayEquals(new double[] {9, 9, 9, 9, 9}, dense.of(1), 1e-6);
    }
}
