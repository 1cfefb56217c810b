package graykite.mouth;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.reading.TimedPhone;
import graykite.reading.TimedWord;
import graykite.reading.Timing;
import graykite.rig.Character;
import graykite.rig.Figures;
import graykite.sound.Loudness;
import graykite.text.Phone;
import graykite.time.FrameRate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Crisp motion between long vowels. */
class CrispSolverTest {
    private static final Character ODILE = Figures.ODILE;
    private static final int JAW = ODILE.channelIndex().get("jawDrop");
    private static final double LENGTH = 0.4;

    private static Timing said(Phone... phones) {
        List<TimedPhone> timed = new ArrayList<>();
        for (Phone phone : phones) {
            double start = 0.5 + LENGTH * timed.size();
            timed.add(new TimedPhone(phone, start, start + LENGTH, false));
        }
        return new Timing(List.of(new TimedWord("x", "", timed, false, 1)), 1 + LENGTH * phones.length);
    }

    private static MouthMotion crisp(double pop, Phone... phones) {
        MouthSettings settings = MouthSettings.STANDARD
                .withMotion(Optional.of(MotionStyle.CRISP))
                .withPop(pop)
                .withLead(0);
        Timing timing = said(phones);
        Beats beats = Beats.of(
                timing,
                Loudness.silent(timing.duration()),
                FittedChart.standard(ODILE),
                MouthWork.of(settings),
                FrameRate.FILM,
                MotionStyle.FLOWING);
        return new MouthMover(ODILE).move(beats);
    }

    /** What the chart asks of the jaw for a vowel spoken plainly: four fifths of its share of the shape. */
    private static double asked(Phone vowel) {
        PhoneShape.Step step = FittedChart.standard(ODILE)
                .chart()
                .of(vowel)
                .orElseThrow()
                .steps()
                .getFirst();
        return 0.8 * step.share() * ODILE.values(ODILE.poses().get(step.shape()))[JAW];
    }

    @Test
    void longVowelsComeNearTheirPoses() {
        MouthMotion motion = crisp(2, Phone.AA, Phone.IY, Phone.AA);
        double first = Lines.at(motion, "jawDrop", 0.5 + 0.8 * LENGTH);
        double last = Lines.at(motion, "jawDrop", 0.5 + 2.8 * LENGTH);
        // Its neighbours draw it a little, at most by a fifth.
        assertTrue(first < asked(Phone.AA) && first > 0.8 * asked(Phone.AA), first + " of " + asked(Phone.AA));
        assertEquals(first, last, 0.02, "the same vowel between other neighbours");
        assertTrue(Lines.at(motion, "jawDrop", 0.5 + 1.8 * LENGTH) < 0.6 * first);
    }

    /** Of the way between two poses 88 % are made within the pop, two frames of which lie on each side of the boundary. */
    @Test
    void thePopMakesNearlyAllOfTheWay() {
        double boundary = 0.5 + LENGTH;
        for (double frames : new double[] {1, 2, 4}) {
            MouthMotion motion = crisp(frames, Phone.AA, Phone.IY);
            double half = frames / 24 / 2;
            double before = Lines.at(motion, "jawDrop", boundary - half);
            double behind = Lines.at(motion, "jawDrop", boundary + half);
            double settled = Lines.at(motion, "jawDrop", boundary + 0.8 * LENGTH);
            assertEquals(0.88, (behind - before) / (settled - before), 0.02, frames + " frames");
            double middle = Lines.at(motion, "jawDrop", boundary);
            assertEquals((before + behind) / 2, middle, 0.02, "half of it is made at the boundary");
            double still = Lines.at(motion, "jawDrop", boundary - half - 0.06);
            assertEquals(before, still, 0.01, "and none before it");
            // What is left is eased in, never back.
            for (double t = boundary + half; t < boundary + 0.7 * LENGTH; t += 0.01) {
                assertTrue(Lines.at(motion, "jawDrop", t + 0.01) <= Lines.at(motion, "jawDrop", t) + 1e-6);
            }
        }
    }

    /** A sound that does not mind the jaw leaves it between its neighbours, one that minds does not. */
    @Test
    void whatDoesNotMindTakesFromBothSides() {
        MouthMotion alike = crisp(2, Phone.AA, Phone.HH, Phone.AA);
        double middle = 0.5 + 1.5 * LENGTH;
        assertEquals(Lines.at(alike, "jawDrop", 0.5 + 0.8 * LENGTH), Lines.at(alike, "jawDrop", middle), 0.15);
        MouthMotion between = crisp(2, Phone.AA, Phone.HH, Phone.UW);
        double low = Lines.at(between, "jawDrop", 0.5 + 2.8 * LENGTH);
        double high = Lines.at(between, "jawDrop", 0.5 + 0.8 * LENGTH);
        double h = Lines.at(between, "jawDrop", middle);
        assertTrue(h > low + 0.05 && h < high - 0.05, low + " " + h + " " + high);
        MouthMotion teeth = crisp(2, Phone.AA, Phone.S, Phone.AA);
        assertTrue(Lines.at(teeth, "jawDrop", middle) < 0.5 * Lines.at(teeth, "jawDrop", 0.5 + 0.8 * LENGTH));
    }

    /** Shut for its whole closure, to the last sample; let go within a fiftieth of a second. */
    @Test
    void closuresAreWhole() {
        Timing timing = said(Phone.AA, Phone.P, Phone.AA);
        MouthMotion motion = crisp(2, Phone.AA, Phone.P, Phone.AA);
        Beats beats = Beats.of(
                timing,
                Loudness.silent(timing.duration()),
                FittedChart.standard(ODILE),
                MouthWork.of(MouthSettings.STANDARD.withLead(0).withMotion(Optional.of(MotionStyle.CRISP))),
                FrameRate.FILM,
                MotionStyle.CRISP);
        Beats.Shut shut = beats.shuts().getFirst();
        double wanted = Lines.at(motion, "lipsTogether", (shut.from() + shut.to()) / 2);
        assertTrue(wanted > 0.9, "together: " + wanted);
        double step = MouthSolver.STEP;
        for (double t = step * Math.ceil(shut.from() / step); t <= shut.to(); t += step) {
            assertEquals(wanted, Lines.at(motion, "lipsTogether", t), 1e-6, "at " + t);
        }
        assertTrue(Lines.at(motion, "lipsTogether", 0.7) < 0.2, "and not before");
    }
}
