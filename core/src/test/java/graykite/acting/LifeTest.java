package graykite.acting;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.acting.Instincts.Kind;
import graykite.mouth.Lines;
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

    /**
     * Common practice: quick to a pose, then a hold that still lives, by 0.2 to 0.5 degrees; never dead still, never a constant
     * swaying.
     */
    @Test
    void theHeadGoesAndItsHoldsLive() {
        HeadMotion head = HeadMotion.generate(tenMinutes(), loudness(), 2);
        assertTrue(head.beats().size() > 100, head.beats().size() + " beats");
        int holds = 0;
        int dead = 0;
        int all = 0;
        for (double t = 1; t < 590; t += 0.05) {
            HeadMotion.Pose a = head.at(t);
            HeadMotion.Pose b = head.at(t + 0.01);
            double speed = Math.hypot(b.yaw() - a.yaw(), b.pitch() - a.pitch()) / 0.01;
            assertTrue(speed < 120, speed + " degrees a second");
            holds += speed < 0.6 ? 1 : 0;
            HeadMotion.Pose later = head.at(t + 0.7);
            dead += Math.hypot(later.yaw() - a.yaw(), later.pitch() - a.pitch()) < 0.004 ? 1 : 0;
            all++;
        }
        assertTrue(holds / (double) all > 0.5, "holds " + holds / (double) all);
        assertTrue(dead / (double) all < 0.02, "dead still " + dead / (double) all);
        HeadMotion silent = HeadMotion.generate(Timing.empty(60), Loudness.silent(60), 2);
        double most = 0;
        for (double t = 0; t < 60; t += 0.05) {
            most = Math.max(most, Math.hypot(silent.at(t).yaw(), silent.at(t).pitch()));
        }
        assertTrue(most > 0.2 && most < 0.5, "a hold lives by " + most + " degrees");
    }

    /** Common practice: brows go up with the syllable, not after it, for 200 to 400 ms, and never both alike. */
    @Test
    void browsRiseWithTheSyllable() {
        Timing timing = tenMinutes();
        Brows brows = Brows.generate(timing, loudness(), 3, 1);
        assertTrue(brows.lifts().size() > 60, brows.lifts().size() + " lifts");
        for (Brows.Lift lift : brows.lifts()) {
            double up = lift.start() + lift.rise();
            boolean inVowel = timing.words().stream()
                    .flatMap(w -> w.phones().stream())
                    .anyMatch(p -> p.phone().isVowel() && up >= p.start() - 1e-9 && up <= p.end());
            assertTrue(inVowel, "up at " + up);
            double length = lift.end() - lift.start();
            assertTrue(length >= 0.2 && length <= 0.4, length + " s");
            assertTrue(Math.abs(lift.left() - lift.right()) > 0.02, "both alike");
        }
        assertTrue(Brows.generate(timing, loudness(), 3, 0).lifts().isEmpty());
    }

    @Test
    void aQuestionEndsWithRaisedBrows() {
        Timing plain = Lines.spoken("who put my map up by the lamp", 0.08);
        List<TimedWord> words = new ArrayList<>(plain.words());
        TimedWord lamp = words.getLast();
        words.set(words.size() - 1, new TimedWord(lamp.text(), "?", lamp.phones(), false, 1));
        Timing question = new Timing(words, plain.duration());
        Brows brows = Brows.generate(question, Loudness.silent(plain.duration()), 1, 1);
        Brows.Pose at = brows.at(lamp.end() - 0.05);
        assertTrue(at.left() > 0.5 && at.right() > 0.5, "raised at the end");
        assertTrue(at.left() != at.right());
        assertEquals(new Brows.Pose(0, 0), brows.at(words.getFirst().start()));
        assertTrue(Brows.generate(plain, Loudness.silent(plain.duration()), 1, 1)
                .lifts()
                .isEmpty());
    }

    /** Breath is taken in pauses, for 300 to 500 ms where there is room, and is over when the voice begins. */
    @Test
    void breathComesBeforePhrases() {
        Timing timing = tenMinutes();
        Breaths breaths = Breaths.generate(timing, 4, 1);
        assertTrue(breaths.breaths().size() > 500, "a pause lies before every word");
        for (Breaths.Breath breath : breaths.breaths()) {
            assertTrue(breath.end() - breath.start() >= 0.2 && breath.end() - breath.start() <= 0.5);
            boolean spoken = timing.words().stream()
                    .anyMatch(w -> w.start() < breath.end() - 1e-9 && w.end() > breath.start() + 1e-9);
            assertTrue(!spoken, "a breath at " + breath.start() + " while somebody speaks");
            assertEquals(0, breaths.at(breath.end() + 0.001), 1e-9);
        }
        Timing dense = Lines.spoken("the fog bell rang before we moved", 0.08);
        assertEquals(0, Breaths.generate(dense, 4, 1).breaths().size(), "no room before the first word, none between");
    }

    @Test
    void amountsTurnUpAndDown() {
        Timing timing = tenMinutes();
        int usual = Blinks.generate(timing, 5).blinks().size();
        assertEquals(0, Blinks.generate(timing, 5, 0).blinks().size());
        int often = Blinks.generate(timing, 5, 2).blinks().size();
        assertTrue(often > 1.5 * usual, usual + " and " + often);
        assertTrue(EyeDarts.generate(60, 5, 0).darts().isEmpty());
        double head =
                HeadMotion.generate(timing, loudness(), 5, 1).beats().getFirst().yaw();
        assertEquals(
                2 * head,
                HeadMotion.generate(timing, loudness(), 5, 2).beats().getFirst().yaw(),
                1e-9);
        HeadMotion still = HeadMotion.generate(timing, loudness(), 5, 0);
        assertEquals(new HeadMotion.Pose(0, 0, 0), still.at(7));
    }

    /** A lock keeps one instinct's variation when the others are varied. */
    @Test
    void locksKeepAVariation() {
        Instincts one = Instincts.of(1);
        Instincts locked = one.with(Kind.HEAD, one.of(Kind.HEAD).withLocked(true));
        Instincts varied = locked.varied(8);
        assertEquals(1, varied.of(Kind.HEAD).seed());
        assertEquals(8, varied.of(Kind.BLINKS).seed());
        assertThrows(IllegalArgumentException.class, () -> one.of(Kind.EYES).withAmount(2.1));
        assertThrows(IllegalArgumentException.class, () -> one.of(Kind.EYES).withAmount(Double.NaN));
    }

    @Test
    void seedsRepeatAndVary() {
        assertEquals(Life.generate(tenMinutes(), loudness(), 9), Life.generate(tenMinutes(), loudness(), 9));
        assertNotEquals(Life.generate(tenMinutes(), loudness(), 9), Life.generate(tenMinutes(), loudness(), 10));
    }
}
