package graykite.mouth;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.layer.Changes;
import graykite.layer.LayerSetting;
import graykite.layer.LayerSetting.Blend;
import graykite.layer.Reason;
import graykite.reading.Anchor;
import graykite.reading.Timing;
import graykite.rig.Character;
import graykite.rig.Figures;
import graykite.time.TimeRange;
import java.util.Arrays;
import java.util.List;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;

/** Speech as a layer: what it asks for, what it says has changed, and the reasons that it gives. */
class SpeechLayerTest {
    private static final Character ODILE = Figures.ODILE;
    private static final Timing LINE = Lines.spoken("the map up by the lamp", 0.08);
    private static final LayerSetting SETTING = LayerSetting.of("Mouth", Blend.OVERRIDE);
    private static final Beats BEATS = Lines.beats(ODILE, LINE, MouthWork.STANDARD);
    private static final int JAW = ODILE.channelIndex().get("jawDrop");
    private static final int YAW = ODILE.channelIndex().get("headYaw");

    private static SpeechLayer layer(MouthMotion motion) {
        return new SpeechLayer(SETTING, ODILE, BEATS, motion);
    }

    private static MouthMotion motion(double step, double[]... curves) {
        return new MouthMotion(List.of("jawDrop", "headYaw").subList(0, curves.length), step, curves);
    }

    private static double[] samples(int count, double value) {
        double[] samples = new double[count];
        Arrays.fill(samples, value);
        return samples;
    }

    @Test
    void whatItAsksFor() {
        SpeechLayer layer = layer(motion(0.1, new double[] {0, 0.5, 1.2, -0.1}, new double[] {-80, 10, 20, 70}));
        double[] asked = samples(ODILE.channels().size(), Double.NaN);
        layer.ask(0.05, new double[asked.length], asked);
        assertEquals(0.25, asked[JAW], 1e-9);
        assertEquals(-35, asked[YAW], 1e-9);
        layer.ask(0.2, new double[asked.length], asked);
        assertEquals(1, asked[JAW], 0, "a channel keeps its range, from 0 to 1");
        layer.ask(0.3, new double[asked.length], asked);
        assertEquals(0, asked[JAW], 0);
        assertEquals(60, asked[YAW], 0, "and from -60 to 60 degrees");
        assertEquals(
                asked.length - 2, Arrays.stream(asked).filter(Double::isNaN).count(), "it minds its own channels");
        assertTrue(layer.isGenerated() && layer.alwaysTells());
        assertEquals(SETTING, layer.setting());
    }

    /** Samples are compared in eights; a change is told from a sample before to the end of the last eight. */
    @Test
    void whatHasChanged() {
        double[] flat = samples(100, 0.3);
        MouthMotion before = motion(0.01, flat, samples(100, 5));
        assertEquals(Changes.NONE, layer(before).since(layer(before)));
        assertEquals(Changes.NONE, layer(before).since(layer(motion(0.01, samples(100, 0.3), samples(100, 5)))));
        double[] other = flat.clone();
        other[20] = 0.4;
        other[24] = 0.4;
        MouthMotion after = motion(0.01, other, before.curves()[1]);
        Changes changes = layer(after).since(layer(before));
        assertFalse(changes.everywhere());
        assertEquals(1, changes.ranges().size(), "two eights that touch are one stretch");
        assertEquals(0.15, changes.ranges().getFirst().start(), 1e-9);
        assertEquals(0.32, changes.ranges().getFirst().end(), 1e-9);
        double[] ends = samples(100, 5);
        ends[0] = 6;
        ends[99] = 6;
        List<TimeRange> both =
                layer(motion(0.01, flat, ends)).since(layer(before)).ranges();
        assertEquals(2, both.size());
        assertEquals(0, both.getFirst().start(), 0);
        assertEquals(0.08, both.getFirst().end(), 1e-9);
        assertEquals(0.95, both.getLast().start(), 1e-9);
        assertEquals(1, both.getLast().end(), 1e-9);
    }

    @Test
    void whatCannotBeCompared() {
        MouthMotion motion = motion(0.01, samples(50, 0.3));
        SpeechLayer layer = layer(motion);
        assertEquals(Changes.EVERYWHERE, layer.since(layer(motion(0.01, samples(51, 0.3)))), "another length");
        assertEquals(Changes.EVERYWHERE, layer.since(layer(motion(0.02, samples(50, 0.3)))), "another step");
        assertEquals(
                Changes.EVERYWHERE,
                layer.since(layer(new MouthMotion(motion.channels(), 0.01, motion.curves(), true))),
                "held");
        assertEquals(
                Changes.EVERYWHERE,
                layer.since(layer(new MouthMotion(List.of("headYaw"), 0.01, motion.curves()))),
                "another channel");
        assertEquals(
                Changes.EVERYWHERE,
                layer.since(new SpeechLayer(SETTING.withMuted(true), ODILE, BEATS, motion)),
                "another setting");
        assertEquals(
                Changes.EVERYWHERE,
                layer.since(new SpeechLayer(SETTING, ODILE.withCouplings(List.of()), BEATS, motion)),
                "another character");
        assertEquals(
                Changes.EVERYWHERE,
                layer.since(new OwnCurvesLayer(SETTING, ODILE, List.of(), new graykite.reading.WordFinder(LINE))),
                "another layer");
    }

    private static List<Reason> why(MouthWork work, double time, double adds) {
        Beats beats = Lines.beats(ODILE, LINE, work);
        return new SpeechLayer(SETTING, ODILE, beats, new MouthMover(ODILE).move(beats)).why(JAW, time, adds);
    }

    private static double shown(MouthWork work, double time) {
        return Lines.at(new MouthMover(ODILE).move(Lines.beats(ODILE, LINE, work)), "jawDrop", time);
    }

    private static final double VOWEL =
            LINE.words().get(1).phones().get(1).range().middle() - 0.05;

    @Test
    void reasonsAddUpAndTheStrongestComesFirst() {
        for (double time = 0; time < LINE.duration(); time += 0.07) {
            double adds = shown(MouthWork.STANDARD, time);
            List<Reason> reasons = why(MouthWork.STANDARD, time, adds);
            assertEquals(adds, reasons.stream().mapToDouble(Reason::adds).sum(), 1e-9);
            List<Reason> sounds =
                    reasons.stream().filter(r -> r.words().contains("shown as")).toList();
            for (int i = 1; i < sounds.size(); i++) {
                assertTrue(
                        Math.abs(sounds.get(i - 1).adds())
                                >= Math.abs(sounds.get(i).adds()),
                        "at " + time);
            }
            assertEquals(
                    1,
                    sounds.stream()
                            .filter(r -> r.words().contains("sounding now"))
                            .count(),
                    "at " + time);
            assertTrue(reasons.stream().allMatch(r -> r.layer().equals("Mouth")));
        }
        assertEquals(List.of(), layer(motion(0.01, samples(50, 0.3))).why(YAW, 0.2, 0.1));
    }

    @Test
    void theWordsOfAReason() {
        double adds = shown(MouthWork.STANDARD, VOWEL);
        String first = why(MouthWork.STANDARD, VOWEL, adds).getFirst().words();
        assertTrue(first.startsWith("æ in “map”, sounding now, shown as Eh"), first);
        assertTrue(first.endsWith("(80 % strength)"), "nothing is told of what is as usual: " + first);
        UnaryOperator<Diction> wider = d -> d.withWide(1.25).withFirm(0.5).withStrength(0.6);
        MouthWork work = MouthWork.of(MouthSettings.STANDARD.withDiction(wider.apply(Diction.PLAIN)))
                .plus(TouchUp.on(Anchor.of(LINE, 1, 1)).withStrength(1.4));
        String told = why(work, VOWEL, shown(work, VOWEL)).getFirst().words();
        assertTrue(told.endsWith("(60 % strength, 125 % wide, 50 % firm, touch-up: 140 % strong)"), told);
        List<Reason> kept = why(MouthWork.STANDARD, VOWEL, adds - 0.2);
        assertEquals(
                "Kept within the channel's range and the weight of the layer",
                kept.getLast().words());
        assertEquals(-0.2, kept.getLast().adds(), 1e-9);
        double pause = LINE.words().getFirst().start() - 0.15;
        assertTrue(why(MouthWork.STANDARD, pause, shown(MouthWork.STANDARD, pause)).stream()
                .anyMatch(r -> r.words().startsWith("The pause, sounding now, shown as Rest, asks for 0.00")));
    }
}
