package graykite.mouth;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.format.character.Cast;
import graykite.reading.TimedPhone;
import graykite.reading.TimedWord;
import graykite.reading.Timing;
import graykite.rig.Character;
import graykite.sound.Loudness;
import graykite.sound.Sound;
import graykite.text.Phone;
import graykite.time.FrameRate;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Held motion against a search through every sequence, and its promises on a spoken line. */
class HeldSolverTest {
    private static final Character BRINE = Cast.byName("brine");

    private static double price(double[][] costs, int[] chosen, int rest, int leastHold) {
        double sum = 0;
        int before = rest;
        int age = leastHold;
        for (int f = 0; f < chosen.length; f++) {
            if (chosen[f] != before) {
                if (age < leastHold) {
                    return Double.POSITIVE_INFINITY;
                }
                sum += HeldSolver.CHANGE;
                age = 0;
            }
            age++;
            before = chosen[f];
            sum += costs[f][chosen[f]];
        }
        return sum;
    }

    /** On lines of seven frames and three drawings the cheapest of all 2187 sequences is found. */
    @Test
    void nothingIsCheaper() {
        Random random = new Random(3);
        for (int round = 0; round < 120; round++) {
            int leastHold = 1 + round % 3;
            double[][] costs = new double[7][3];
            for (double[] frame : costs) {
                for (int d = 0; d < 3; d++) {
                    frame[d] = random.nextDouble();
                }
            }
            double best = Double.POSITIVE_INFINITY;
            for (int code = 0; code < 2187; code++) {
                int[] sequence = new int[7];
                for (int f = 0, rest = code; f < 7; f++, rest /= 3) {
                    sequence[f] = rest % 3;
                }
                best = Math.min(best, price(costs, sequence, 0, leastHold));
            }
            assertEquals(best, price(costs, HeldSolver.choose(costs, 0, leastHold), 0, leastHold), 1e-9);
        }
    }

    /** ma-pa-fa-ba, quickly: 0.07 s a sound. */
    private static Timing quick() {
        List<Phone> phones = List.of(
                Phone.M, Phone.AA, Phone.P, Phone.AA, Phone.F, Phone.AA, Phone.B, Phone.AA, Phone.M, Phone.IY, Phone.P,
                Phone.UW);
        List<TimedPhone> timed = new ArrayList<>();
        double t = 0.3;
        for (Phone phone : phones) {
            timed.add(new TimedPhone(phone, t, t + 0.07, false));
            t += 0.07;
        }
        return new Timing(List.of(new TimedWord("mapafaba", "", timed, false, 1)), t + 0.3);
    }

    @Test
    void closuresAreShownAndDrawingsStay() {
        FittedChart chart = FittedChart.standard(BRINE);
        for (FrameRate rate : List.of(FrameRate.FILM, FrameRate.THIRTY, FrameRate.parse("60"))) {
            for (int hold = 1; hold <= 3; hold++) {
                MouthSettings settings = MouthSettings.STANDARD.withLeastHold(hold);
                MouthMotion motion = new MouthMover(BRINE)
                        .move(Beats.of(
                                quick(),
                                Loudness.of(Sound.silence(2, 8000)),
                                chart,
                                MouthWork.of(settings),
                                rate,
                                MotionStyle.HELD));
                int mouth = motion.channels().indexOf("mouth");
                double[] shown = motion.curves()[mouth];
                int run = hold;
                for (int f = 1; f < shown.length; f++) {
                    assertEquals(Math.rint(shown[f]), shown[f], 0, "only whole drawings");
                    if (shown[f] != shown[f - 1]) {
                        assertTrue(run >= hold, "a drawing stayed " + run + " frames at " + rate);
                        run = 0;
                    }
                    run++;
                }
                if (hold == 1) {
                    closed(motion, mouth, settings);
                }
            }
        }
    }

    /** In the middle of every p, b, m the beak is shut, of every f the lower one is drawn in. */
    private static void closed(MouthMotion motion, int mouth, MouthSettings settings) {
        for (TimedPhone phone : quick().words().getFirst().phones()) {
            double middle = (phone.start() + phone.end()) / 2 - settings.lead();
            String wanted = switch (phone.phone()) {
                case P, B, M -> "Lips shut";
                case F -> "Lip to teeth";
                default -> "";
            };
            if (!wanted.isEmpty()) {
                assertEquals(BRINE.poses().get(wanted).of("mouth"), motion.at(mouth, middle), phone.toString());
            }
        }
    }
}
