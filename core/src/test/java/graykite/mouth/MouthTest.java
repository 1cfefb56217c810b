package graykite.mouth;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.acting.Life;
import graykite.acting.Score;
import graykite.base.Progress;
import graykite.hearing.Reader;
import graykite.hearing.SimulatedVoice;
import graykite.reading.Timing;
import graykite.rig.Character;
import graykite.rig.Figures;
import graykite.rig.LipGap;
import graykite.scene.Acted;
import graykite.scene.Performance;
import graykite.sound.Loudness;
import graykite.sound.Sound;
import graykite.text.CmuDictionary;
import graykite.text.Phone;
import graykite.text.Pronunciation;
import graykite.text.Script;
import graykite.time.FrameRate;
import graykite.time.TimeRange;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MouthTest {
    private static final Character ODILE = Figures.ODILE;
    private static final FittedChart CHART = FittedChart.standard(ODILE);
    private static Timing timing;
    private static Loudness loudness;

    @BeforeAll
    static void readALine() {
        String text = "Pim, the fog bell rang before we moved the buoy. Who put my map up by the lamp, very fast?";
        SimulatedVoice.Speech speech = SimulatedVoice.speak(text);
        Timing read = Reader.shipped().read(speech.sound(), Script.of(text), Progress.none());
        timing = new Timing(read.words(), read.duration() + 0.6);
        loudness = Loudness.of(speech.sound());
    }

    private static MouthSettings settings(double strength, double lead, double smoothness) {
        return MouthSettings.STANDARD.withStrength(strength).withLead(lead).withSmoothness(smoothness);
    }

    private static Performance performance(MouthSettings settings) {
        return Performance.of(ODILE, CHART, line(timing, settings));
    }

    private static Score line(Timing spoken, MouthSettings settings) {
        return new Score(spoken, loudness, settings, FrameRate.THIRTY, 7);
    }

    /** CMU Pronouncing Dictionary: whatever phone it uses has its shape. */
    @Test
    void everyPhoneOfTheDictionaryHasAShape() {
        CmuDictionary dictionary = CmuDictionary.shipped();
        Set<Phone> used = new HashSet<>();
        for (String word : dictionary.words()) {
            for (Pronunciation way : dictionary.pronunciations(word)) {
                used.addAll(way.phones());
            }
        }
        assertEquals(39, used.size());
        for (Phone phone : used) {
            assertTrue(!CHART.chart().shapeOf(phone).equals(MouthChart.REST), phone.name());
        }
    }

    /** MPEG-4 (ISO/IEC 14496-2, viseme_select), the groups that it names. */
    @ParameterizedTest
    @CsvSource({
        "1,P B M",
        "2,F V",
        "3,TH DH",
        "4,T D",
        "5,K G",
        "6,CH JH SH",
        "7,S Z",
        "8,N L",
        "9,R",
        "10,AA",
        "11,EH",
        "12,IH",
        "13,AO",
        "14,UH"
    })
    void groupsAreThoseOfMpeg4(int number, String phones) {
        for (String phone : phones.split(" ")) {
            assertEquals(
                    number,
                    Viseme.named(CHART.chart().shapeOf(Phone.valueOf(phone)))
                            .orElseThrow()
                            .number(),
                    phone);
        }
        assertEquals(15, Viseme.values().length);
    }

    /** Common practice: p, b and m shut the lips for at least one frame at 24 frames a second, at any strength and lead. */
    @ParameterizedTest
    @CsvSource({"0.8,0.05,1", "1.5,0.05,1", "0.3,0.0,2", "1.0,0.1,0.4", "1.2,0.05,4"})
    void closuresShutOnTheMesh(double strength, double lead, double smoothness) {
        MouthSettings settings = settings(strength, lead, smoothness);
        Performance performance = performance(settings);
        LipGap gap = new LipGap(ODILE);
        List<TimeRange> closures = performance.beats().closures(PhoneShape.Closure.LIPS);
        assertEquals(14, closures.size());
        for (TimeRange closure : closures) {
            for (FrameRate rate : List.of(FrameRate.FILM, FrameRate.THIRTY)) {
                double least = Double.MAX_VALUE;
                long from = rate.frameAt(closure.start()) - 1;
                for (long f = from; f <= rate.frameAt(closure.end()) + 1; f++) {
                    least = Math.min(least, gap.at(Acted.at(performance, rate.secondsAt(f))));
                }
                assertTrue(least < LipGap.SHUT, least + " mm at " + closure + " and " + rate);
            }
        }
    }

    /** Common practice: f and v bring the lip to the teeth, that is, the channel that does so is fully on for a frame. */
    @Test
    void lipMeetsTeeth() {
        Performance performance = performance(MouthSettings.STANDARD);
        int bite = ODILE.channelIndex().get("lipToTeeth");
        List<TimeRange> closures = performance.beats().closures(PhoneShape.Closure.LIP_TO_TEETH);
        assertTrue(closures.size() >= 4);
        for (TimeRange closure : closures) {
            assertEquals(1, Acted.at(performance, closure.middle())[bite], 1e-6);
        }
    }

    @Test
    void vowelsOpenAndSilenceRests() {
        Performance performance = performance(MouthSettings.STANDARD);
        LipGap gap = new LipGap(ODILE);
        double widest = 0;
        for (Timing.Segment segment : timing.segments()) {
            if (segment.phone() == Phone.AA || segment.phone() == Phone.AE) {
                widest = Math.max(widest, gap.at(Acted.at(performance, segment.start() + 0.02)));
            }
        }
        assertTrue(widest > 10, widest + " mm");
        double end = gap.at(Acted.at(performance, timing.duration() - 0.02));
        assertTrue(end < 1.5, end + " mm at the end");
    }

    /** Shapes come before their sound by the lead: all curves are shifted by it and, but for what lasts into a pause, by nothing else. */
    @Test
    void leadShiftsTheMovement() {
        Performance early = performance(MouthSettings.STANDARD.withLead(0.10));
        Performance late = performance(MouthSettings.STANDARD.withLead(0.0));
        List<Timing.Segment> pauses =
                timing.segments().stream().filter(Timing.Segment::isSilence).toList();
        int compared = 0;
        for (double t = 0.5; t < timing.duration() - 0.5; t += 0.05) {
            double now = t;
            if (pauses.stream().noneMatch(p -> now + 0.10 > p.start() - 0.15 && now < p.end() + 0.10)) {
                // What speech does alone: breath before a phrase does not come earlier because shapes do.
                assertEquals(jaw(late, now + 0.10), jaw(early, now), 0.02);
                compared++;
            }
        }
        assertTrue(compared > 40, compared + " moments");
    }

    /** Rest does not come before the voice has ended, whatever the lead. */
    @Test
    void lastSoundsAreSeenToTheirEnd() {
        Performance early = performance(MouthSettings.STANDARD.withLead(0.10));
        Performance late = performance(MouthSettings.STANDARD.withLead(0.0));
        double end = timing.words().getLast().end();
        assertTrue(jaw(early, end) > 0.9 * jaw(late, end), jaw(early, end) + " " + jaw(late, end));
    }

    private static double jaw(Performance performance, double time) {
        return Lines.at(performance.mouth(), "jawDrop", time);
    }

    @Test
    void strengthScalesOpeningNotClosing() {
        int jaw = ODILE.channelIndex().get("jawDrop");
        double weak = 0;
        double strong = 0;
        Performance half = performance(MouthSettings.STANDARD.withStrength(0.4));
        Performance full = performance(MouthSettings.STANDARD.withStrength(0.8));
        for (double t = 0; t < timing.duration(); t += 0.02) {
            weak += Acted.at(half, t)[jaw];
            strong += Acted.at(full, t)[jaw];
        }
        assertEquals(2, strong / weak, 0.1);
    }

    /** An edit solved in its window equals the whole line solved anew. */
    @Test
    void editsAreLocalAndExact() {
        Performance before = performance(MouthSettings.STANDARD);
        Timing moved =
                timing.withStart(5, 1, timing.words().get(5).phones().get(1).start() + 0.03);
        double from = timing.words().get(4).start();
        double to = timing.words().get(6).end();
        Performance quick = before.after(before.score().withTiming(moved));
        Performance whole = Performance.of(ODILE, CHART, line(moved, MouthSettings.STANDARD));
        for (double t = 0; t < timing.duration(); t += 0.01) {
            double[] a = Acted.at(quick, t);
            double[] b = Acted.at(whole, t);
            for (int c = 0; c < a.length; c++) {
                if (before.mouth().channels().contains(ODILE.channels().get(c).name())) {
                    assertEquals(b[c], a[c], 2e-3, ODILE.channels().get(c).name() + " at " + t);
                }
            }
        }
    }

    @Test
    void channelsStayInTheirRanges() {
        Performance performance = performance(settings(1.5, 0.05, 0.2));
        for (double t = 0; t < timing.duration(); t += 1 / 60.0) {
            double[] values = Acted.at(performance, t);
            for (int c = 0; c < values.length; c++) {
                assertTrue(values[c] >= ODILE.channels().get(c).min() - 1e-9);
                assertTrue(values[c] <= ODILE.channels().get(c).max() + 1e-9);
            }
        }
    }

    @Test
    void anEmptyLineIsStill() {
        Performance silent = Performance.of(
                ODILE,
                CHART,
                new Score(
                        Timing.empty(2),
                        Loudness.of(Sound.silence(2, 8000)),
                        MouthSettings.STANDARD,
                        FrameRate.THIRTY,
                        1));
        assertEquals(0, new LipGap(ODILE).at(Acted.at(silent, 1)), 1e-6);
        assertTrue(Life.generate(Timing.empty(2), loudness, 1).head().beats().isEmpty());
    }
}
