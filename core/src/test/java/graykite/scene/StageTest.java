package graykite.scene;

import static org.junit.jupiter.api.Assertions.assertDoesNotThrow;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.acting.PoseKey;
import graykite.acting.Score;
import graykite.layer.Changes;
import graykite.layer.LayerSetting;
import graykite.motion.Curve;
import graykite.motion.Key;
import graykite.mouth.FittedChart;
import graykite.mouth.MouthChart;
import graykite.mouth.MouthWork;
import graykite.mouth.OwnCurvesLayer;
import graykite.mouth.Pull;
import graykite.mouth.TakenCurve;
import graykite.picture.Camera;
import graykite.reading.Timing;
import graykite.reading.TimingTest;
import graykite.reading.WordFinder;
import graykite.rig.Character;
import graykite.rig.Deformer;
import graykite.rig.Figures;
import graykite.sound.Loudness;
import graykite.time.FrameRate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Who stands where, who says what, and what is told of it. */
class StageTest {
    private static final Character ODILE = Figures.ODILE;
    private static final FittedChart CHART = FittedChart.standard(ODILE);
    private static final Deformer DEFORMER = new Deformer(ODILE);
    private static final Timing TIMING = TimingTest.sample();
    private static final Loudness QUIET = Loudness.silent(2);
    private static final int JAW = ODILE.channelIndex().get("jawDrop");

    private static Score score(PoseKey... keys) {
        return new Score(TIMING, QUIET, MouthWork.STANDARD, FrameRate.FILM, List.of(keys), 4);
    }

    private static Performance line(PoseKey... keys) {
        return Performance.of(ODILE, CHART, score(keys));
    }

    private static Role role(String line, Performance performance, Stand stand) {
        return new Role(line, ODILE, CHART, DEFORMER, stand, List.of(new Role.Entry(line, performance, 0.5)));
    }

    @Test
    void places() {
        assertDoesNotThrow(() -> new Stand(20_000, -20_000, -180));
        assertThrows(IllegalArgumentException.class, () -> new Stand(20_001, 0, 0));
        assertThrows(IllegalArgumentException.class, () -> new Stand(0, -20_001, 0));
        assertThrows(IllegalArgumentException.class, () -> new Stand(0, 0, 180.1));
        assertEquals(new Stand(-285, 0, 0), Stand.of(0, 3));
        assertEquals(new Stand(142.5, 0, 0), Stand.of(1, 2));
        assertEquals(45, Stand.MIDDLE.towards(new Stand(100, 100, 0)), 1e-9);
        assertEquals(-45, new Stand(0, 0, 90).towards(new Stand(100, 100, 0)), 1e-9);
        // One who has turned their back sees on their right who stands on the viewer's.
        assertEquals(-90, new Stand(0, 0, 180).towards(new Stand(100, 0, 0)), 1e-9);
        assertEquals(100, new Stand(3, 100, 0).place().z());
    }

    @Test
    void whoSaysWhat() {
        Scene two = Scene.of(List.of(role("first", line(), Stand.of(0, 2)), role("second", line(), Stand.of(1, 2))), 1);
        assertEquals(0, two.speakerOf("first"));
        assertEquals(1, two.speakerOf("second"));
        assertEquals(-1, two.speakerOf("third"));
        assertEquals(0.5, two.entry("second").orElseThrow().start());
        assertEquals(2.5, two.entry("second").orElseThrow().end());
        assertEquals(Optional.empty(), two.entry("third"));
        assertEquals(0, two.preRoll(0), "without a neutral key nothing comes before the start");
    }

    /** Of two in one line of sight the nearer one is meant. */
    @Test
    void whoStandsInFront() {
        for (double first : new double[] {400, -400}) {
            Scene two = Scene.of(
                    List.of(role("a", line(), new Stand(0, first, 0)), role("b", line(), new Stand(0, -first, 0))), 1);
            Camera camera = two.framed(Camera.FRONT, 1);
            Scene.Picked picked =
                    two.pick(two.at(0.1), camera, 200, 200, 100, 100).orElseThrow();
            assertEquals(first > 0 ? 0 : 1, picked.actor());
        }
    }

    @Test
    void whatChangedSince() {
        Scene scene = Scene.solo(line());
        assertEquals(Changes.NONE, scene.since(scene));
        assertTrue(scene.since(Scene.solo(line())).none(), "the same acted again");
        Performance longer = Performance.of(
                ODILE,
                CHART,
                new Score(
                        new Timing(TIMING.words(), 3),
                        Loudness.silent(3),
                        MouthWork.STANDARD,
                        FrameRate.FILM,
                        List.of(),
                        4));
        assertEquals(Changes.EVERYWHERE, scene.since(Scene.solo(longer)));
        assertEquals(
                Changes.EVERYWHERE,
                scene.since(Scene.of(List.of(role("a", line(), Stand.MIDDLE), role("b", line(), Stand.MIDDLE)), 1)));
    }

    /** A mouth that is keyed wide open over "map" is shut for its m and its p, and the guard says by how much. */
    @Test
    void whatTheGuardSays() {
        WordFinder words = new WordFinder(TIMING);
        Scene open = Scene.solo(line())
                .with(
                        0,
                        new OwnCurvesLayer(
                                LayerSetting.of("Wide", LayerSetting.Blend.OVERRIDE),
                                ODILE,
                                List.of(
                                        flat("jawDrop", 0.6, words),
                                        flat("lipsTogether", 0, words),
                                        flat("lipToTeeth", 0, words)),
                                words));
        List<String> told = open.guarded(0, 1.2);
        assertEquals(1, told.size(), told::toString);
        assertTrue(
                told.getFirst().matches("m shuts the lips: off by \\d+\\.\\d mm before, 0\\.[0-3] mm after"),
                told::toString);
        assertTrue(open.guarded(0, 0.2).getFirst().startsWith("f brings lip to teeth: off by"));
        assertEquals(List.of(), open.guarded(0, 0.85), "in the pause nothing is shut");
        String why = open.why(0, ODILE.channelIndex().get("lipsTogether"), 1.2)
                .reasons()
                .toString();
        assertTrue(why.contains("The closure guard: m shuts the lips"), why);
        List<Scene.Step> steps = open.steps(0, 1.2);
        assertEquals(Scene.COUPLINGS, steps.getLast().name());
        assertEquals(Scene.GUARD, steps.get(steps.size() - 2).name());
    }

    private static TakenCurve flat(String channel, double value, WordFinder words) {
        return TakenCurve.of(
                channel,
                new Curve(
                        List.of(new Key(0.01, value, Key.Way.LINEAR, 0, 0), new Key(1.9, value, Key.Way.LINEAR, 0, 0))),
                words);
    }

    @Test
    void aLineActedAgain() {
        Performance line = line();
        assertSame(line, line.after(score()), "nothing changed");
        Performance glad = line.after(score(new PoseKey(0.5, "Glad", 1, 0.2)));
        assertSame(line.mouth(), glad.mouth(), "a pose does not move the mouth anew");
        assertNotEquals(line.score(), glad.score());
        Score stronger = new Score(
                TIMING, QUIET, MouthWork.of(line.score().settings().withStrength(0.4)), FrameRate.FILM, List.of(), 4);
        double at = TIMING.words().get(2).phones().get(1).range().middle();
        double before = line.mouth().at(line.mouth().channels().indexOf("jawDrop"), at);
        double after = line.after(stronger).mouth().at(line.mouth().channels().indexOf("jawDrop"), at);
        assertTrue(after < 0.7 * before, before + " became " + after);
        FittedChart small = FittedChart.of(ODILE, MouthChart.ofSize(6));
        assertEquals(small, line.charted(small).chart());
        double sum = line.pulls(JAW, at).stream().mapToDouble(Pull::adds).sum();
        assertEquals(before, sum, 1e-9);
        assertEquals(List.of(), line.pulls(ODILE.channelIndex().get("browLowerer.L"), at));
    }
}
