package graykite.scene;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.acting.Clip;
import graykite.acting.ClipsPlan;
import graykite.acting.LayerPlan;
import graykite.acting.Layers;
import graykite.acting.MotionOn;
import graykite.acting.Pass;
import graykite.acting.PassesPlan;
import graykite.acting.Performed;
import graykite.acting.Score;
import graykite.base.Progress;
import graykite.format.character.Cast;
import graykite.layer.LayerSetting;
import graykite.layer.LayerSetting.Blend;
import graykite.motion.Thinning;
import graykite.motion.Track;
import graykite.mouth.FittedChart;
import graykite.mouth.Lines;
import graykite.mouth.MouthSettings;
import graykite.reading.Place;
import graykite.reading.Timing;
import graykite.rig.Character;
import graykite.rig.Figures;
import graykite.time.FrameRate;
import graykite.time.TimeRange;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class BakedTest {
    private static final Character ODILE = Figures.ODILE;
    private static final Timing TIMING = Lines.spoken("the fog bell rang before we moved the map", 0.08);
    private static final List<LayerPlan> PLANS = plans();

    private static List<LayerPlan> plans() {
        List<LayerPlan> plans = new ArrayList<>(Layers.usual().plans());
        plans.add(new ClipsPlan(
                LayerSetting.of("Feel", Blend.ADD),
                List.of(new Clip(Place.at(0.3), Place.at(1.5), Clip.Look.of("Sceptical")))));
        plans.add(new PassesPlan(
                LayerSetting.of("Live", Blend.OVERRIDE).withWeight(LayerSetting.always(0.7)),
                List.of(new Pass(
                        Place.at(0.5),
                        Place.at(1.8),
                        Performed.whole(
                                "Head",
                                new Track(1, List.of("headYaw", "browLowerer.L"), new float[] {-20, 0.2f, 15, 0.9f})),
                        false,
                        0.1,
                        1,
                        Map.of()))));
        return plans;
    }

    private static Performance acted(Character who, List<LayerPlan> plans) {
        return Performance.of(
                who,
                FittedChart.standard(who),
                new Score(TIMING, Lines.quiet(TIMING), MouthSettings.STANDARD, FrameRate.THIRTY, 1).withLayers(plans));
    }

    private static PassesPlan laid(Performed what) {
        return new PassesPlan(
                LayerSetting.of("Merged", Blend.ADD),
                List.of(new Pass(Place.at(0), Place.at(what.length()), what, true, 0, 1, Map.of())));
    }

    private static void assertSame(Performance before, Performance after, double within) {
        for (int frame = 0; frame < TIMING.duration() * 30; frame++) {
            double t = frame / 30.0;
            double[] was = Acted.at(before, t);
            double[] now = Acted.at(after, t);
            for (int c = 0; c < was.length; c++) {
                double reach =
                        ODILE.channels().get(c).max() - ODILE.channels().get(c).min();
                assertEquals(
                        was[c], now[c], within * reach, ODILE.channels().get(c).name() + " at " + t);
            }
        }
    }

    /**
     * Two layers become one and no frame shows it: dense within half a per cent, thinned within what is stated. (Between
     * samples a lid that the layers below shut wholly may be off by some per cent, where its corner is rounded.)
     */
    @Test
    void twoLayersBecomeOne() {
        Performance before = acted(ODILE, PLANS);
        int upper = PLANS.size() - 1;
        Track track = Baked.merged(before, upper, Progress.none());
        List<LayerPlan> merged = new ArrayList<>(PLANS.subList(0, upper - 1));
        merged.add(laid(Performed.whole("Both", track)));
        assertSame(before, acted(ODILE, merged), 0.005);
        merged.set(
                upper - 1,
                laid(Performed.whole(
                        "Few",
                        Thinning.thinned(track, c -> c.startsWith("head") ? 0.3 : 0.01)
                                .motion())));
        assertSame(before, acted(ODILE, merged), 0.016);
        assertThrows(IllegalArgumentException.class, () -> Baked.merged(before, 0, Progress.none()));
    }

    /** A stretch of some layers as a performance, without speech, played by others: what they lack is left out. */
    @Test
    void aStretchBecomesAPerformanceForOthers() {
        Performance before = acted(ODILE, PLANS);
        TimeRange range = new TimeRange(0.6, 1.4);
        Track kept = Baked.performance(before, List.of(PLANS.size() - 1), range, Progress.none());
        assertEquals(
                List.of("browLowerer.L", "headYaw"),
                kept.controls().stream().sorted().toList());
        assertEquals(0.8, kept.duration(), 0.02);
        Character brine = Cast.byName("brine");
        MotionOn onBrine = new MotionOn(brine, kept);
        assertTrue(onBrine.moved()[brine.channelIndex().get("headYaw")]);
        Performance gull = acted(brine, List.of(laid(Performed.whole("Head", kept))));
        int yaw = brine.channelIndex().get("headYaw");
        assertEquals(
                kept.at(kept.controls().indexOf("headYaw"), kept.duration() / 2),
                Acted.at(gull, kept.duration() / 2)[yaw],
                0.1,
                "as far as the person turned");
        Track nothing = Baked.performance(before, List.of(), range, Progress.none());
        assertEquals(1, nothing.controls().size(), "layers that do nothing move nothing");
        assertEquals(0, nothing.at(0, 0.3));
    }
}
