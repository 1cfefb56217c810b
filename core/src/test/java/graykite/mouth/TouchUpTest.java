package graykite.mouth;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.layer.Changes;
import graykite.mouth.PhoneShape.Closure;
import graykite.reading.Anchor;
import graykite.reading.TimedPhone;
import graykite.reading.Timing;
import graykite.rig.Character;
import graykite.rig.Figures;
import graykite.rig.Pose;
import graykite.time.TimeRange;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;

/** What touch-ups, sections and diction do to the movement. */
class TouchUpTest {
    private static final Character ODILE = Figures.ODILE;
    private static final Timing LINE = Lines.spoken("the map up by the lamp", 0.08);

    private static MouthMotion moved(MouthWork work) {
        return new MouthMover(ODILE).move(Lines.beats(ODILE, LINE, work));
    }

    private static MouthMotion moved(UnaryOperator<TouchUp> change) {
        return moved(MouthWork.STANDARD.plus(change.apply(TouchUp.on(Anchor.of(LINE, 1, 1)))));
    }

    private static double middle(int word, int phone) {
        return LINE.words().get(word).phones().get(phone).range().middle() - 0.05;
    }

    @Test
    void eachChangeShows() {
        MouthMotion plain = moved(MouthWork.STANDARD);
        double at = middle(1, 1);
        double jaw = Lines.at(plain, "jawDrop", at);
        assertTrue(Lines.at(moved(t -> t.withStrength(1.5)), "jawDrop", at) > jaw + 0.1);
        assertTrue(Lines.at(moved(t -> t.withStrength(0.3)), "jawDrop", at) < jaw - 0.1);
        double pucker = Lines.at(plain, "lipPucker", at);
        assertTrue(Lines.at(moved(t -> t.withShape(Optional.of("Oo"))), "lipPucker", at) > pucker + 0.3);
        TouchUp.Blend half = new TouchUp.Blend("Oo", 0.5);
        double blended = Lines.at(moved(t -> t.withBlend(Optional.of(half))), "lipPucker", at);
        assertTrue(blended > pucker + 0.12 && blended < pucker + 0.6);
        MouthMotion posed = moved(t -> t.withPose(Optional.of(Pose.of("cheekPuff.L", 0.9))));
        assertTrue(Lines.at(posed, "cheekPuff.L", at) > 0.3, "a hand-made pose brings its own channels");
        assertTrue(Lines.at(moved(t -> t.withRemoved(true)), "jawDrop", at) < jaw - 0.1);
        double late = middle(1, 1) + 0.09;
        assertTrue(Lines.at(moved(t -> t.withHold(0.12)), "jawDrop", late) > Lines.at(plain, "jawDrop", late) + 0.05);
        assertTrue(peak(moved(t -> t.withShift(0.06))) > peak(plain) + 0.02);
    }

    private static double peak(MouthMotion motion) {
        double best = 0;
        for (double t = middle(1, 1) - 0.15; t < middle(1, 1) + 0.2; t += 0.005) {
            best = Lines.at(motion, "jawDrop", t) > Lines.at(motion, "jawDrop", best) ? t : best;
        }
        return best;
    }

    @Test
    void mutedIsAsIfItWereNotThere() {
        MouthMotion plain = moved(MouthWork.STANDARD);
        MouthMotion muted = moved(t -> t.withStrength(1.8).withMuted(true));
        for (double t = 0; t < LINE.duration(); t += 0.02) {
            assertEquals(Lines.at(plain, "jawDrop", t), Lines.at(muted, "jawDrop", t), 1e-12);
        }
        assertEquals(MouthWork.STANDARD, MouthWork.STANDARD.plus(TouchUp.on(Anchor.of(LINE, 1, 1))));
    }

    /** "m" shown as Oo is no closure any more; "ae" shown as Lips shut becomes one. */
    @Test
    void closuresFollowTheShape() {
        int before = Lines.beats(ODILE, LINE, MouthWork.STANDARD)
                .closures(Closure.LIPS)
                .size();
        TouchUp open = TouchUp.on(Anchor.of(LINE, 1, 0)).withShape(Optional.of("Oo"));
        TouchUp shut = TouchUp.on(Anchor.of(LINE, 1, 1)).withShape(Optional.of("Lips shut"));
        assertEquals(
                before - 1,
                Lines.beats(ODILE, LINE, MouthWork.STANDARD.plus(open))
                        .closures(Closure.LIPS)
                        .size());
        assertEquals(
                before + 1,
                Lines.beats(ODILE, LINE, MouthWork.STANDARD.plus(shut))
                        .closures(Closure.LIPS)
                        .size());
    }

    /** After a new take the same sound has the touch-up, whatever the times. */
    @Test
    void survivesANewTake() {
        Random random = new Random(2);
        MouthWork work =
                MouthWork.STANDARD.plus(TouchUp.on(Anchor.of(LINE, 1, 1)).withShape(Optional.of("Oo")));
        for (int round = 0; round < 20; round++) {
            Timing take = Lines.again(LINE, random);
            Beats beats = Lines.beats(ODILE, take, work);
            MouthMotion motion = new MouthMover(ODILE).move(beats);
            TimedPhone vowel = take.words().get(1).phones().get(1);
            assertEquals(List.of(Optional.of(new Anchor.Spot(1, 1))), beats.touchUpPlaces());
            assertTrue(Lines.at(motion, "lipPucker", vowel.range().middle() - 0.05) > 0.3);
        }
        Beats other = Lines.beats(ODILE, Lines.spoken("both hands away from the winch", 0.08), work);
        assertEquals(List.of(Optional.empty()), other.touchUpPlaces(), "listed, not lost");
    }

    /** A section is spoken in its own way, and before and after it nothing changes beyond its blend. */
    @Test
    void sectionsKeepToTheirWords() {
        MouthWork work = MouthWork.STANDARD.withSections(List.of(new Section(
                Anchor.of(LINE, 5, -1), Anchor.of(LINE, 5, -1), Diction.PLAIN.withOpen(1.6), Optional.empty(), 0.1)));
        MouthMotion plain = moved(MouthWork.STANDARD);
        MouthMotion cut = moved(work);
        assertTrue(Lines.at(cut, "jawDrop", middle(5, 1)) > 1.3 * Lines.at(plain, "jawDrop", middle(5, 1)));
        for (double t = 0; t < middle(3, 0); t += 0.02) {
            assertEquals(Lines.at(plain, "jawDrop", t), Lines.at(cut, "jawDrop", t), 2e-3);
        }
    }

    /** Each corner of the kite moves its own part of the mouth; closures keep. */
    @Test
    void cornersOfTheKite() {
        Diction plain = Diction.PLAIN;
        assertTrue(sum("jawDrop", plain.withOpen(1.6)) > 1.4 * sum("jawDrop", plain));
        assertTrue(sum("lipCornerPuller.L", plain.withWide(1.8)) > sum("lipCornerPuller.L", plain) + 3);
        Timing round = Lines.spoken("who moved you too", 0.08);
        assertTrue(sum(round, "lipPucker", plain.withRound(1.6)) > 1.3 * sum(round, "lipPucker", plain));
        assertTrue(sum("lipsTogether", plain.withFirm(1.8)) > sum("lipsTogether", plain));
        assertFalse(Lines.beats(ODILE, LINE, MouthWork.STANDARD).shuts().isEmpty());
        double still = sum("jawDrop", plain.withStrength(0).withOpen(2));
        assertEquals(0, still, 0.3);
    }

    private static double sum(String channel, Diction diction) {
        return sum(LINE, channel, diction);
    }

    private static double sum(Timing line, String channel, Diction diction) {
        MouthWork work = MouthWork.of(MouthSettings.STANDARD.withDiction(diction));
        MouthMotion motion = new MouthMover(ODILE).move(Lines.beats(ODILE, line, work));
        double sum = 0;
        for (double t = 0; t < line.duration() && motion.channels().contains(channel); t += 0.02) {
            sum += Lines.at(motion, channel, t);
        }
        return sum;
    }

    /** An edit that is solved in its window is the whole line solved anew, for touch-ups as for times, in both motions. */
    @Test
    void editsAreLocal() {
        for (MotionStyle style : List.of(MotionStyle.FLOWING, MotionStyle.CRISP)) {
            MouthWork before = MouthWork.of(MouthSettings.STANDARD.withMotion(Optional.of(style)));
            MouthWork after = before.plus(TouchUp.on(Anchor.of(LINE, 1, 1)).withStrength(1.6));
            MouthMover mover = new MouthMover(ODILE);
            MouthMotion first = mover.move(Lines.beats(ODILE, LINE, before));
            Beats beats = Lines.beats(ODILE, LINE, after);
            MouthMotion quick = mover.moveAgain(first, beats, Changes.in(new TimeRange(middle(1, 0), middle(1, 2))));
            MouthMotion whole = mover.move(beats);
            for (int c = 0; c < whole.channels().size(); c++) {
                for (double t = 0; t < LINE.duration(); t += 0.01) {
                    assertEquals(
                            whole.at(c, t),
                            quick.at(c, t),
                            2e-3,
                            style + " " + whole.channels().get(c));
                }
            }
        }
    }

    /** One touch-up on the word and one on a sound in it both work, and neighbours give way to either. */
    @Test
    void wordAndSoundAddUp() {
        TouchUp word = TouchUp.on(Anchor.of(LINE, 1, -1)).withShift(0.05);
        TouchUp sound = TouchUp.on(Anchor.of(LINE, 1, 1)).withStrength(1.4);
        Beats both = Lines.beats(ODILE, LINE, MouthWork.STANDARD.plus(word).plus(sound));
        Beat vowel = both.list().stream()
                .filter(b -> b.word() == 1 && b.index() == 1)
                .findFirst()
                .orElseThrow();
        assertEquals(List.of(0, 1), vowel.touchUps());
        Beats plain = Lines.beats(ODILE, LINE, MouthWork.STANDARD);
        double before = plain.list().stream()
                .filter(b -> b.word() == 1 && b.index() == 1)
                .findFirst()
                .orElseThrow()
                .middle();
        assertTrue(vowel.middle() > before + 0.02, "the word's shift counts for the sound");
        for (int b = 1; b < both.list().size(); b++) {
            assertTrue(
                    both.list().get(b).start() >= both.list().get(b - 1).end() - 1e-9,
                    "no two sounds stand at once: " + both.list().get(b));
        }
    }
}
