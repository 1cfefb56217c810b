package graykite.acting;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.reading.TimedPhone;
import graykite.reading.TimedWord;
import graykite.reading.Timing;
import graykite.sound.Loudness;
import graykite.sound.Sound;
import graykite.text.Phone;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class LifeTest {
    /** Ten minutes of a word every second, every third one loud. */
    private static Timing tenMinutes() {
        List<TimedWord> words = new ArrayList<>();
        for (int i = 0; i < 598; i++) {
            double start = i + 0.2;
            words.add(new TimedWord(
                    "ah",
                    i % 5 == 0 ? "." : "",
                    List.of(new TimedPhone(Phone.AA, start, start + 0.4, false)),
                    false,
                    1));
        }
        return new Timing(words, 600);
    }

    private static Loudness loudness() {
        float[] samples = new float[600 * 1000];
        for (int i = 0; i < samples.length; i++) {
            int second = i / 1000;
            boolean inWord = i % 1000 > 200 && i % 1000 < 600;
            samples[i] = (float) (Math.sin(i * 0.7) * (inWord ? second % 3 == 0 ? 0.6 : 0.12 : 0.005));
        }
        return Loudness.of(Sound.mono(samples, 1000));
    }

    /** Bentivoglio et al. 1997: about 26 blinks a minute in conversation; a blink lasts 100 to 400 ms. */
    @Test
    void blinksAsOftenAsPeople() {
        for (long seed = 1; seed <= 5; seed++) {
            List<Blinks.Blink> blinks = Blinks.generate(tenMinutes(), seed).blinks();
            double aMinute = blinks.size() / 10.0;
            assertTrue(aMinute > 17 && aMinute < 32, aMinute + " a minute");
            List<Double> gaps = new ArrayList<>();
            for (int i = 0; i < blinks.size(); i++) {
                double length = blinks.get(i).end() - blinks.get(i).start();
                assertTrue(length >= 0.1 && length <= 0.4);
                if (i > 0) {
                    gaps.add(blinks.get(i).start() - blinks.get(i - 1).start());
                }
            }
            double mean = gaps.stream().mapToDouble(g -> g).average().orElseThrow();
            double spread = Math.sqrt(gaps.stream()
                    .mapToDouble(g -> (g - mean) * (g - mean))
                    .average()
                    .orElseThrow());
            assertTrue(spread / mean > 0.25, "a metronome: " + spread / mean);
        }
    }

    @Test
    void lidsCloseAndOpen() {
        Blinks blinks = Blinks.generate(tenMinutes(), 3);
        Blinks.Blink blink = blinks.blinks().getFirst();
        assertEquals(0, blinks.at(blink.start() - 0.01));
        assertEquals(1, blinks.at(blink.start() + blink.closing() + blink.held() / 2), 1e-9);
        assertEquals(0, blinks.at(blink.end() + 0.001));
    }

    /** Carpenter 1988: a saccade of so many degrees takes 2.2 ms a degree and 21 ms. */
    @Test
    void dartsFollowTheMainSequence() {
        assertEquals(0.043, EyeDarts.seconds(10), 1e-9);
        EyeDarts darts = EyeDarts.generate(600, 4);
        for (int i = 1; i < darts.darts().size(); i++) {
            EyeDarts.Dart before = darts.darts().get(i - 1);
            EyeDarts.Dart dart = darts.darts().get(i);
            double length = EyeDarts.seconds(Math.hypot(dart.yaw() - before.yaw(), dart.pitch() - before.pitch()));
            assertEquals(before.yaw(), darts.at(dart.time() - 1e-6).yaw(), 1e-3);
            assertEquals(dart.yaw(), darts.at(dart.time() + length + 1e-6).yaw(), 1e-9);
        }
    }

    /** Common practice: quick to a pose, then a hold; never a constant drift. */
    @Test
    void theHeadGoesAndHolds() {
        HeadMotion head = HeadMotion.generate(tenMinutes(), loudness(), 2);
        assertTrue(head.beats().size() > 100, head.beats().size() + " beats");
        int still = 0;
        int all = 0;
        for (double t = 1; t < 590; t += 0.05) {
            HeadMotion.Pose a = head.at(t);
            HeadMotion.Pose b = head.at(t + 0.01);
            double speed = Math.hypot(b.yaw() - a.yaw(), b.pitch() - a.pitch()) / 0.01;
            assertTrue(speed < 120, speed + " degrees a second");
            still += speed < 0.2 ? 1 : 0;
            all++;
        }
        assertTrue(still / (double) all > 0.5, "holds " + still / (double) all);
    }

    @Test
    void seedsRepeatAndVary() {
        assertEquals(Life.generate(tenMinutes(), loudness(), 9), Life.generate(tenMinutes(), loudness(), 9));
        assertNotEquals(Life.generate(tenMinutes(), loudness(), 9), Life.generate(tenMinutes(), loudness(), 10));
    }
}
