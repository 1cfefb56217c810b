package graykite.mouth;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.reading.Anchor;
import graykite.reading.TimedPhone;
import graykite.reading.TimedWord;
import graykite.reading.Timing;
import graykite.rig.Character;
import graykite.rig.Figures;
import graykite.rig.LipGap;
import graykite.rig.Pose;
import graykite.text.Phone;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Kinds of motion, and what speech research says of movement. */
class MotionTest {
    private static final Character ODILE = Figures.ODILE;
    private static final Timing LINE =
            Lines.spoken("drop the fenders free the rope and for pity sake keep both hands away", 0.09);

    private static MouthMotion moved(Timing timing, MotionStyle style, double pop) {
        MouthSettings settings =
                MouthSettings.STANDARD.withMotion(Optional.of(style)).withPop(pop);
        return new MouthMover(ODILE).move(Lines.beats(ODILE, timing, MouthWork.of(settings)));
    }

    /** Crisp motion makes nearly all of its way in the pops: in half of the samples it barely moves. */
    @Test
    void crispPopsAndRests() {
        double crisp = stillShare(moved(LINE, MotionStyle.CRISP, 1));
        double flowing = stillShare(moved(LINE, MotionStyle.FLOWING, 1));
        assertTrue(crisp > flowing + 0.15, crisp + " and " + flowing);
        double quick = fastest(moved(LINE, MotionStyle.CRISP, 1));
        double slow = fastest(moved(LINE, MotionStyle.CRISP, 3));
        assertTrue(quick > 1.5 * slow, quick + " and " + slow);
    }

    private static double stillShare(MouthMotion motion) {
        int jaw = motion.channels().indexOf("jawDrop");
        int still = 0;
        int all = 0;
        for (double t = 0.3; t < LINE.duration() - 0.3; t += 0.01) {
            still += Math.abs(motion.at(jaw, t + 0.01) - motion.at(jaw, t)) < 0.004 ? 1 : 0;
            all++;
        }
        return still / (double) all;
    }

    private static double fastest(MouthMotion motion) {
        int jaw = motion.channels().indexOf("jawDrop");
        double most = 0;
        for (double t = 0; t < LINE.duration(); t += 0.01) {
            most = Math.max(most, Math.abs(motion.at(jaw, t + 0.01) - motion.at(jaw, t)));
        }
        return most;
    }

    /** Held motion on a modelled face shows whole shapes: every frame is one of a few poses for each diction. */
    @Test
    void heldStandsStill() {
        MouthMotion held = moved(LINE, MotionStyle.HELD, 2);
        assertTrue(held.held());
        int jaw = held.channels().indexOf("jawDrop");
        int changes = 0;
        for (int f = 1; f < held.samples(); f++) {
            changes += held.curves()[jaw][f] != held.curves()[jaw][f - 1] ? 1 : 0;
        }
        assertTrue(changes > 10 && changes < held.samples() / 2, changes + " of " + held.samples());
    }

    /** Where a section changes the kind of motion, the two blend: no channel jumps more than its fastest kind does. */
    @Test
    void kindsOfMotionBlend() {
        MouthWork mixed = MouthWork.STANDARD.withSections(List.of(new Section(
                Anchor.of(LINE, 4, -1), Anchor.of(LINE, 8, -1), Diction.PLAIN, Optional.of(MotionStyle.CRISP), 0.3)));
        MouthMotion motion = new MouthMover(ODILE).move(Lines.beats(ODILE, LINE, mixed));
        assertTrue(fastest(motion) <= 1.05 * fastest(moved(LINE, MotionStyle.CRISP, 2)));
    }

    /** p b m are shut in the middle of each, in every kind of motion, measured on the mesh. Common practice. */
    @ParameterizedTest
    @EnumSource(MotionStyle.class)
    void closuresShutInEveryKind(MotionStyle style) {
        MouthMotion motion = moved(LINE, style, 2);
        LipGap gap = new LipGap(ODILE);
        Beats beats = Lines.beats(ODILE, LINE, MouthWork.STANDARD);
        for (Beats.Shut shut : beats.shuts()) {
            if (shut.kind() == PhoneShape.Closure.LIPS) {
                double middle = (shut.from() + shut.to()) / 2;
                double[] values = new double[ODILE.channels().size()];
                for (int c = 0; c < motion.channels().size(); c++) {
                    values[ODILE.channelIndex().get(motion.channels().get(c))] = motion.at(c, middle);
                }
                assertTrue(gap.at(values) < LipGap.SHUT, style + ": " + gap.at(values) + " mm");
            }
        }
    }

    private static Timing dad(double vowel) {
        double d = Math.min(0.08, vowel);
        return new Timing(
                List.of(new TimedWord(
                        "dad",
                        "",
                        List.of(
                                new TimedPhone(Phone.D, 0.5, 0.5 + d, false),
                                new TimedPhone(Phone.AA, 0.5 + d, 0.5 + d + vowel, false),
                                new TimedPhone(Phone.D, 0.5 + d + vowel, 0.5 + 2 * d + vowel, false)),
                        false,
                        1)),
                2);
    }

    /**
     * Vowel targets are undershot at speed (Lindblom 1963, "Spectrographic study of vowel reduction"): the shorter the vowel,
     * the less of its opening is reached, and a long one comes within a tenth of it.
     */
    @Test
    void shortVowelsUndershoot() {
        double[] reached = new double[4];
        double[] lengths = {0.04, 0.08, 0.16, 0.36};
        for (int i = 0; i < 4; i++) {
            MouthMotion motion = moved(dad(lengths[i]), MotionStyle.FLOWING, 2);
            for (double t = 0.3; t < 1.2; t += 0.005) {
                reached[i] = Math.max(reached[i], Lines.at(motion, "jawDrop", t));
            }
        }
        for (int i = 1; i < 4; i++) {
            assertTrue(reached[i] > reached[i - 1] + 0.01, Arrays.toString(reached));
        }
        double asked =
                0.8 * ODILE.values(ODILE.poses().get("Ah"))[ODILE.channelIndex().get("jawDrop")];
        assertTrue(reached[3] > 0.9 * asked, reached[3] + " of " + asked);
        assertTrue(reached[0] < 0.75 * asked, reached[0] + " of " + asked);
    }

    /** A shape dies away more slowly than it came: the frame after a closure still favours it (common practice). */
    @Test
    void lipsPeelApart() {
        Timing line = Lines.spoken("my", 0.1);
        Beats beats = Lines.beats(ODILE, line, MouthWork.STANDARD);
        double to = beats.shuts().getFirst().to();
        double frame = 1 / 24.0;
        double quick = Lines.at(stuck(line, 0), "lipsTogether", to + frame);
        double usual = Lines.at(stuck(line, 2.5), "lipsTogether", to + frame);
        double slow = Lines.at(stuck(line, 4), "lipsTogether", to + frame);
        assertTrue(quick < usual - 0.1 && usual < slow, quick + ", " + usual + ", " + slow);
        assertEquals(0, Lines.at(stuck(line, 2.5), "lipsTogether", to + 5 * frame), 0.1);
    }

    private static MouthMotion stuck(Timing line, double frames) {
        MouthWork work = MouthWork.of(MouthSettings.STANDARD.withStick(frames));
        return new MouthMover(ODILE).move(Lines.beats(ODILE, line, work));
    }

    /** Every hand-made sum of pulls is the motion, in flowing and in crisp motion. */
    @ParameterizedTest
    @EnumSource(value = MotionStyle.class)
    void pullsAddUp(MotionStyle style) {
        MouthWork work = MouthWork.of(MouthSettings.STANDARD.withMotion(Optional.of(style)))
                .plus(TouchUp.on(Anchor.of(LINE, 2, 1)).withPose(Optional.of(Pose.of("jawDrop", 0.7))));
        Beats beats = Lines.beats(ODILE, LINE, work);
        MouthMover mover = new MouthMover(ODILE);
        MouthMotion motion = mover.move(beats);
        for (double t = 0.1; t < LINE.duration(); t += 0.137) {
            for (int c = 0; c < motion.channels().size(); c += 5) {
                List<Pull> pulls = mover.pulls(motion, beats, c, t);
                double sum = pulls.stream().mapToDouble(Pull::adds).sum();
                assertEquals(motion.at(c, t), sum, 1e-9);
                double unknown = pulls.stream()
                        .filter(p -> p.beat() < 0)
                        .mapToDouble(p -> Math.abs(p.adds()))
                        .sum();
                assertTrue(
                        unknown < 0.02,
                        "unexplained " + unknown + " of " + motion.channels().get(c) + " at " + t);
            }
        }
    }
}
