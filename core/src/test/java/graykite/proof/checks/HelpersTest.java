package graykite.proof.checks;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.acting.Pass;
import graykite.acting.Performed;
import graykite.motion.Curve;
import graykite.motion.Key;
import graykite.motion.Keyed;
import graykite.motion.Track;
import graykite.reading.Place;
import graykite.rig.Channel;
import graykite.rig.Roles;
import graykite.time.FrameRate;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** The arithmetic that checks and fixes have in common, by hand. */
class HelpersTest {
    private static final Channel JAW = new Channel("jawDrop", Channel.Group.JAW, 0, 1, "Opens the jaw");

    private static Key key(double time, double value, Key.Way way) {
        return new Key(time, value, way, 0, 0);
    }

    @Test
    void keysAreBroughtIntoTheRange() {
        Curve wild = new Curve(
                List.of(key(0, -0.5, Key.Way.LINEAR), key(1, 0.4, Key.Way.LINEAR), key(2, 1.8, Key.Way.LINEAR)));
        assertEquals(0.8, Clamping.beyond(wild, JAW), 1e-9);
        Curve tame = Clamping.curve(wild, JAW);
        assertEquals(
                List.of(0.0, 0.4, 1.0), tame.keys().stream().map(Key::value).toList());
        assertTrue(Clamping.beyond(tame, JAW) <= 0);
    }

    /** At 24 a second 0.51 s is frame 12.24; of two keys on one frame the later stays; what does not hold stays where it is. */
    @Test
    void steppedKeysAreBroughtOntoFrames() {
        Curve off = new Curve(List.of(
                key(0.51, 1, Key.Way.STEPPED),
                key(0.515, 2, Key.Way.STEPPED),
                key(0.77, 3, Key.Way.LINEAR),
                key(0.93, 4, Key.Way.LINEAR)));
        List<Key> on = Clamping.onFrames(off, 0, 1, FrameRate.FILM).keys();
        assertEquals(List.of(2.0, 3.0, 4.0), on.stream().map(Key::value).toList());
        assertEquals(12 / 24.0, on.get(0).time(), 1e-9);
        assertEquals(18 / 24.0, on.get(1).time(), 1e-9, "it ends a step");
        assertEquals(0.93, on.get(2).time(), 1e-9, "it ends none");
        Key moved = Clamping.onFrames(off, 0.1, 2, FrameRate.FILM).keys().getFirst();
        double onTheLine = (0.1 + 2 * moved.time()) * 24;
        assertEquals(Math.rint(onTheLine), onTheLine, 1e-6, "on the clock of the line");
    }

    @Test
    void turnsToAndFroAreCounted() {
        double[] shakes = IntStream.range(0, 100)
                .mapToDouble(i -> 5 * Math.sin(i * Math.PI / 10))
                .toArray();
        List<Integer> turns = Head.turns(shakes, 3);
        assertEquals(9, turns.size(), 1, "ten half waves");
        assertEquals(5, turns.getFirst());
        assertEquals(10, turns.get(1) - turns.getFirst());
        assertEquals(List.of(), Head.turns(shakes, 12), "too small to count");
        double[] once = IntStream.range(0, 50).mapToDouble(i -> i).toArray();
        assertEquals(List.of(), Head.turns(once, 3));
    }

    /** Uniform trembling of half width h lies h / sqrt(2) from the middle of its neighbours (variance h²/3 + h²/6). */
    @Test
    void tremblingIsMeasuredAndTakenOut() {
        SplittableRandom random = new SplittableRandom(4);
        float[] values = new float[2000];
        for (int i = 0; i < values.length; i++) {
            values[i] = (float) (0.5 + 0.3 * Math.sin(i / 40.0) + random.nextDouble(-0.06, 0.06));
        }
        Track track = new Track(60, List.of("cheekRaiser.L"), values);
        assertEquals(0.06 / Math.sqrt(2), Smoothing.trembling(track.of(0)), 0.002);
        Pass pass = new Pass(Place.at(0), Place.at(20), Performed.whole("It", track), true, 0.1, 1, Map.of());
        Pass smooth = Smoothing.of(pass);
        double left = Smoothing.trembling(((Track) smooth.what().motion()).of(0));
        assertTrue(left < 0.008, "left over: " + left);
        Pass keyed = pass.with(Performed.whole(
                "Keys", new Keyed(1, List.of("jawDrop"), List.of(new Curve(List.of(key(0, 1, Key.Way.LINEAR)))))));
        assertSame(keyed, Smoothing.of(keyed), "keys do not tremble");
        assertEquals(30, Roles.reach("headYaw"));
        assertEquals(1, Roles.reach("jawDrop"));
    }
}
