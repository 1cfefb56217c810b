package graykite.time;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.sound.Pitch;
import graykite.sound.Retimed;
import graykite.sound.Sound;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

class TimeMapTest {
    @Test
    void stretchesAndPauses() {
        TimeMap slow = TimeMap.stretching(new TimeRange(1, 2), 1.5);
        assertEquals(0.5, slow.after(0.5));
        assertEquals(1.75, slow.after(1.5), 1e-12);
        assertEquals(3.5, slow.after(3), 1e-12);
        TimeMap held = TimeMap.pausing(1, 0.4);
        assertEquals(1, held.before(1), 1e-12);
        assertEquals(1.4, held.after(1), 1e-12);
        assertEquals(1, held.back(1.2), 1e-12);
        assertEquals(2.4, held.after(2), 1e-12);
        assertTrue(TimeMap.SAME.isSame());
        assertTrue(TimeMap.pausing(1, 0).isSame());
        assertThrows(
                IllegalArgumentException.class,
                () -> new TimeMap(List.of(new TimeMap.Pair(0, 0), new TimeMap.Pair(1, -1))));
        assertThrows(IllegalArgumentException.class, () -> TimeMap.stretching(new TimeRange(0, 1), 0));
    }

    /** Any chain of stretches and pauses: one after another is the same as all at once, and back leads back. */
    @RepeatedTest(50)
    void chainsAndWayBack(RepetitionInfo repetition) {
        SplittableRandom random = new SplittableRandom(repetition.getCurrentRepetition());
        TimeMap whole = TimeMap.SAME;
        List<Double> times = new ArrayList<>();
        for (double t = 0; t < 10; t += 0.173) {
            times.add(t);
        }
        List<Double> moved = new ArrayList<>(times);
        for (int i = 0; i < 6; i++) {
            double at = random.nextDouble(0, 10);
            TimeMap next = random.nextBoolean()
                    ? TimeMap.pausing(at, random.nextDouble(0, 1))
                    : TimeMap.stretching(new TimeRange(at, at + random.nextDouble(0.1, 2)), random.nextDouble(0.5, 2));
            whole = whole.then(next);
            moved.replaceAll(next::after);
        }
        for (int i = 0; i < times.size(); i++) {
            assertEquals(moved.get(i), whole.after(times.get(i)), 1e-6);
            assertEquals(times.get(i), whole.back(moved.get(i)), 1e-6);
        }
    }

    /** A line that has a pause is stretched before the pause: what lies in the pause moves with it and keeps its length. */
    @Test
    void fromOneRetimingToAnother() {
        TimeMap paused = TimeMap.pausing(0.8, 0.5);
        TimeMap both = paused.then(TimeMap.stretching(new TimeRange(0, 0.4), 1.5));
        TimeMap change = paused.inverse().then(both);
        assertEquals(1.0, change.after(0.8), 1e-9);
        assertEquals(1.25, change.after(1.05), 1e-9);
        assertEquals(1.5, change.after(1.3), 1e-9);
        assertEquals(2.2, change.after(2), 1e-9);
        assertEquals(1.05, both.inverse().then(paused).after(1.25), 1e-9);
    }

    /** A retimed voice has the length that the map says, keeps its pitch, and is silent in its pauses. */
    @Test
    void voicesKeepTheirPitch() {
        int rate = 16_000;
        float[] samples = new float[2 * rate];
        for (int i = 0; i < samples.length; i++) {
            samples[i] = (float)
                    (0.4 * Math.sin(2 * Math.PI * 140 * i / rate) + 0.2 * Math.sin(2 * Math.PI * 280 * i / rate));
        }
        Sound voice = Sound.mono(samples, rate);
        TimeMap map = TimeMap.stretching(new TimeRange(0.5, 1.5), 1.6).then(TimeMap.pausing(0.5, 0.3));
        Sound heard = Retimed.of(voice, map);
        assertEquals(2.9, heard.duration(), 1e-3);
        Pitch pitch = Pitch.of(heard);
        for (double t : new double[] {0.25, 1.2, 1.9, 2.7}) {
            assertEquals(140, pitch.at(t), 4, "at " + t);
        }
        for (int i = (int) (0.51 * rate); i < 0.79 * rate; i++) {
            assertEquals(0, heard.channel(0)[i]);
        }
        assertEquals(voice, Retimed.of(voice, TimeMap.SAME));
    }
}
