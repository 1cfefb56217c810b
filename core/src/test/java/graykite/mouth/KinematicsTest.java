package graykite.mouth;

import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.acting.Score;
import graykite.base.Progress;
import graykite.hearing.Reader;
import graykite.hearing.Recordings;
import graykite.hearing.SimulatedVoice;
import graykite.reading.Timing;
import graykite.rig.Character;
import graykite.rig.Figures;
import graykite.rig.LipGap;
import graykite.scene.Acted;
import graykite.scene.Performance;
import graykite.sound.Loudness;
import graykite.sound.Sound;
import graykite.text.Script;
import graykite.time.FrameRate;
import java.util.Locale;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Speeds of lips and jaw against what is measured on speakers: peaks of lower lip and jaw in normal speech lie in the order
 * of 100 to 300 mm/s (Kuehn and Moll, "A cineradiographic study of VC and CV articulatory velocities", Journal of Phonetics
 * 4, 1976; Löfqvist and Gracco, "Lip and jaw kinematics in bilabial stop consonant production", JSLHR 40, 1997; both from
 * memory). As there, places are taken 200 times a second and smoothed before they are differenced.
 */
class KinematicsTest {
    private static final Character ODILE = Figures.ODILE;
    private static final FittedChart CHART = FittedChart.standard(ODILE);
    private static final LipGap LIPS = new LipGap(ODILE);
    private static final double STEP = 1 / 200.0;
    private static final int SMOOTH = 2;

    /** Millimetres that the teeth part when the jaw is wholly dropped. */
    private static final double JAW_OPENS = 30;

    private record Peak(double speed, double time, int pair) {
        String said(Performance line) {
            Beat beat = line.beats().at(time);
            return String.format(
                    Locale.ROOT,
                    "%.0f mm/s at %.3f s (%s), pair %d",
                    speed,
                    time,
                    beat.phone().ipa(),
                    pair);
        }
    }

    private static Performance human(String number, String words) throws Exception {
        Sound sound = Recordings.human(number);
        return line(Reader.shipped().read(sound, Script.of(words), Progress.none()), sound);
    }

    private static Performance line(Timing timing, Sound sound) {
        return Performance.of(
                ODILE, CHART, new Score(timing, Loudness.of(sound), MouthSettings.STANDARD, FrameRate.THIRTY, 3));
    }

    /** Lower lip of each pair over time, the head held still: [sample][2 * pair] height and depth. */
    private static double[][] lowerLip(Performance line) {
        int count = (int) (line.duration() / STEP);
        double[][] places = new double[count][];
        for (int i = 0; i < count; i++) {
            double[] values = Acted.at(line, i * STEP);
            for (int c = 0; c < values.length; c++) {
                values[c] = ODILE.channels().get(c).carriesFace() ? 0 : values[c];
            }
            places[i] = LIPS.lowerLip(values);
        }
        return places;
    }

    private static Peak peak(double[][] places) {
        Peak peak = new Peak(0, 0, 0);
        int pairs = places[0].length / 2;
        for (int pair = pairs / 3; pair <= pairs - pairs / 3; pair++) {
            for (int i = SMOOTH; i < places.length - SMOOTH; i++) {
                double dy = places[i + SMOOTH][2 * pair] - places[i - SMOOTH][2 * pair];
                double dz = places[i + SMOOTH][2 * pair + 1] - places[i - SMOOTH][2 * pair + 1];
                double speed = Math.hypot(dy, dz) / (2 * SMOOTH * STEP);
                peak = speed > peak.speed ? new Peak(speed, i * STEP, pair) : peak;
            }
        }
        return peak;
    }

    @ParameterizedTest
    @MethodSource("graykite.hearing.Recordings#humanSpeech")
    void humanSpeech(String number, String words) throws Exception {
        Performance line = human(number, words);
        double[][] places = lowerLip(line);
        Peak lip = peak(places);
        assertTrue(lip.speed > 100 && lip.speed < 300, lip.said(line));
        double hardest = hardest(places);
        assertTrue(hardest > 2 && hardest < 15, hardest + " m/s²");
    }

    /** Greatest acceleration of the middle of the lower lip in m/s², over 20 ms: of the order of 10 (from memory). */
    private static double hardest(double[][] places) {
        int middle = places[0].length / 4 * 2;
        int reach = 2 * SMOOTH;
        double most = 0;
        for (int i = reach; i < places.length - reach; i++) {
            double bend = places[i + reach][middle] - 2 * places[i][middle] + places[i - reach][middle];
            most = Math.max(most, Math.abs(bend) / Math.pow(reach * STEP, 2) / 1000);
        }
        return most;
    }

    /**
     * The jaw by itself, and the most that a line of the demo asks for: a stylised mouth opens about a third further than a
     * person's, so its lip may be a third faster.
     */
    @Test
    void simulatedVoice() {
        int jaw = ODILE.channelIndex().get("jawDrop");
        for (String text : new String[] {
            "Pim, the fog bell rang before we moved the buoy. Who put my map up by the lamp?",
            "Boat ahead! Turn, turn, turn!",
            "Drop the fenders, free the rope, and for pity's sake keep both hands away from the winch."
        }) {
            SimulatedVoice.Speech voice = SimulatedVoice.speak(text);
            Timing timing = Reader.shipped().read(voice.sound(), Script.of(text), Progress.none());
            Performance line = line(timing, voice.sound());
            Peak lip = peak(lowerLip(line));
            assertTrue(lip.speed > 100 && lip.speed < 400, lip.said(line));
            double fastest = 0;
            for (double t = SMOOTH * STEP; t < line.duration(); t += STEP) {
                double moved = Acted.at(line, t + SMOOTH * STEP)[jaw] - Acted.at(line, t - SMOOTH * STEP)[jaw];
                fastest = Math.max(fastest, JAW_OPENS * Math.abs(moved) / (2 * SMOOTH * STEP));
            }
            assertTrue(fastest > 60 && fastest < 220, text + ": the jaw at " + fastest + " mm/s");
        }
    }

    /** Said twice as slowly, the same words move lips and jaw further, and hardly faster. */
    @Test
    void slowSpeechReachesFurther() {
        String words = "papa got a pot of coffee";
        double[][] fast = lowerLip(ruled(words, 0.05));
        double[][] slow = lowerLip(ruled(words, 0.12));
        assertTrue(reach(slow) > 1.15 * reach(fast), reach(slow) + " mm slowly, " + reach(fast) + " mm fast");
        assertTrue(peak(slow).speed < 1.2 * peak(fast).speed, peak(slow) + " and " + peak(fast));
    }

    private static Performance ruled(String words, double consonant) {
        Timing timing = Lines.spoken(words, consonant);
        return line(timing, Sound.silence(timing.duration(), 8000));
    }

    private static double reach(double[][] places) {
        int middle = places[0].length / 4 * 2;
        double lowest = places[0][middle];
        double highest = lowest;
        for (double[] place : places) {
            lowest = Math.min(lowest, place[middle]);
            highest = Math.max(highest, place[middle]);
        }
        return highest - lowest;
    }
}
