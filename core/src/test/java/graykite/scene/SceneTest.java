package graykite.scene;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.acting.PoseKey;
import graykite.acting.Score;
import graykite.format.character.Cast;
import graykite.mouth.FittedChart;
import graykite.mouth.MouthWork;
import graykite.picture.Camera;
import graykite.reading.Timing;
import graykite.reading.TimingTest;
import graykite.rig.Character;
import graykite.rig.Deformer;
import graykite.rig.LipGap;
import graykite.sound.Loudness;
import graykite.sound.Sound;
import graykite.time.FrameRate;
import graykite.time.TimeRange;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Keyed poses, changing the actor, and several on one stage. */
class SceneTest {
    private static final Character ODILE = Cast.byName("odile");
    private static final Character PIM = Cast.byName("pim");
    private static final Character BRINE = Cast.byName("brine");
    private static final Timing TIMING = TimingTest.sample();

    private static Score line(PoseKey... keys) {
        return new Score(
                TIMING,
                Loudness.of(Sound.silence(TIMING.duration(), 8000)),
                MouthWork.STANDARD,
                FrameRate.THIRTY,
                List.of(keys),
                4);
    }

    private static Performance performance(Character who, PoseKey... keys) {
        return Performance.of(who, FittedChart.standard(who), line(keys));
    }

    private static Role role(Character who, int index, int count, double start) {
        return new Role(
                who.name(),
                who,
                FittedChart.standard(who),
                new Deformer(who),
                Stand.of(index, count),
                List.of(new Role.Entry(who.name(), performance(who), start)));
    }

    private static double value(Character who, double[] values, String channel) {
        return values[who.channelIndex().get(channel)];
    }

    /** Half way through its ease a key is half there, at its time wholly; strength scales it; Rest ends it. */
    @Test
    void keyedPoses() {
        Performance bare = performance(ODILE);
        Performance keyed = performance(ODILE, new PoseKey(0.5, "Angry", 0.8, 0.4), new PoseKey(1.4, "Rest", 1, 0.2));
        double full = 0.8 * ODILE.poses().get("Angry").of("browLowerer");
        for (double[] check : new double[][] {{0.05, 0}, {0.3, 0.5}, {0.5, 1}, {1.1, 1}, {1.3, 0.5}, {1.5, 0}}) {
            double got = value(ODILE, Acted.at(keyed, check[0]), "browLowerer.L")
                    - value(ODILE, Acted.at(bare, check[0]), "browLowerer.L");
            assertEquals(full * check[1], got, 1e-9, "at " + check[0]);
        }
        assertArrayEquals(Acted.at(bare, 0.7), Acted.at(keyed.after(line()), 0.7), 1e-12);
    }

    /** A pose that a character lacks does nothing; a drawing that speech chose stays. */
    @Test
    void keysOnDrawings() {
        Performance laughing =
                performance(BRINE, new PoseKey(0.01, "Laughing", 1, 0.01), new PoseKey(1.9, "Nowhere", 1, 0.01));
        Performance bare = performance(BRINE);
        boolean replaced = false;
        for (double t = 0.05; t < 1.8; t += 0.05) {
            double spoken = value(BRINE, Acted.at(bare, t), "mouth");
            double shown = value(BRINE, Acted.at(laughing, t), "mouth");
            assertEquals(spoken == 0 ? 6 : spoken, shown, "at " + t);
            replaced |= spoken == 0;
        }
        assertTrue(replaced);
    }

    /** The same line on another character: the same instincts, its own mouth. */
    @Test
    void anotherActor() {
        Performance odile = performance(ODILE);
        Performance pim = odile.actedBy(PIM, FittedChart.standard(PIM));
        Performance gull = odile.actedBy(BRINE, FittedChart.standard(BRINE));
        assertEquals(odile.life().orElseThrow(), pim.life().orElseThrow());
        for (double t = 0; t < 2; t += 0.11) {
            double blink = value(ODILE, Acted.at(odile, t), "lidClose.L");
            assertEquals(blink, value(PIM, Acted.at(pim, t), "lidClose.L"), 1e-9);
            assertEquals(Math.round(2 * blink), Math.round(value(BRINE, Acted.at(gull, t), "lids.L")), 1, "at " + t);
        }
        assertTrue(gull.mouth().held());
    }

    /** Who listens turns to the one who speaks, eyes first, and lives on; the line lasts until all have spoken. */
    @Test
    void listenersLook() {
        Scene two = Scene.of(List.of(role(ODILE, 0, 2, 0), role(PIM, 1, 2, 3)), 4);
        assertEquals(3 + TIMING.duration(), two.duration(), 1e-9);
        double speaks = TIMING.words().getFirst().start();
        double spoken = TIMING.words().getLast().end();
        // Pim stands on the viewer's right of Odile: she is on his right, which is a negative yaw.
        double[] pim = two.at((speaks + spoken) / 2 + 0.2).get(1);
        double gaze = value(PIM, pim, "headYaw") + value(PIM, pim, "eyeYaw");
        assertTrue(gaze < -12, "gaze " + gaze);
        double[] early = two.at(speaks + 0.25 + 0.09).get(1);
        assertTrue(value(PIM, early, "eyeYaw") < value(PIM, early, "headYaw"), "the eyes are there first");
        double[] odile = two.at(3 + (speaks + spoken) / 2 + 0.2).get(0);
        assertTrue(value(ODILE, odile, "headYaw") + value(ODILE, odile, "eyeYaw") > 12);
        boolean blinks = false;
        for (double t = 0; t < two.duration(); t += 1 / 30.0) {
            blinks |= value(PIM, two.at(t).get(1), "lidClose.L") > 0.8;
        }
        assertTrue(blinks);
        assertEquals(
                two.surfaces(two.at(1)).size(),
                ODILE.parts().size() + PIM.parts().size());
        assertTrue(two.framed(Camera.FRONT, 1).height() > Camera.FRONT.height());
    }

    @Test
    void somebodyIsThere() {
        assertThrows(IllegalArgumentException.class, () -> Scene.of(List.of(), 1));
        assertThrows(IllegalArgumentException.class, () -> new PoseKey(-1, "Glad", 1, 0.2));
        assertThrows(IllegalArgumentException.class, () -> new PoseKey(1, "Glad", 2, 0.2));
        Sound a = Sound.mono(new float[] {1, 1, 1, 1}, 1000);
        Sound both = Sound.together(List.of(a, a), List.of(0.0, 0.002));
        assertArrayEquals(new float[] {1, 1, 2, 2, 1, 1}, Arrays.copyOf(both.channel(0), 6), 1e-6f);
    }

    /** From 0.2 to 1.5 s of each line; a pause under 0.8 s is a breath, not the end of what is said. */
    @Test
    void whenSomebodySpeaks() {
        assertEquals(List.of(new TimeRange(0.2, 1.5)), speeches(0));
        assertEquals(List.of(new TimeRange(0.2, 3.4)), speeches(0, 1.9));
        assertEquals(List.of(new TimeRange(0.2, 1.5), new TimeRange(2.5, 3.8)), speeches(0, 2.3));
        assertEquals(
                List.of(new TimeRange(3.2, 4.5), new TimeRange(0.2, 1.5)), speeches(3, 0), "in the order of the lines");
        assertEquals(List.of(), speeches());
    }

    private static List<TimeRange> speeches(double... starts) {
        List<Role.Entry> entries = Arrays.stream(starts)
                .mapToObj(start -> new Role.Entry("line", performance(ODILE), start))
                .toList();
        return new Role("o", ODILE, FittedChart.standard(ODILE), new Deformer(ODILE), Stand.MIDDLE, entries)
                .speeches().stream()
                        .map(r -> new TimeRange(Math.round(r.start() * 1e6) / 1e6, Math.round(r.end() * 1e6) / 1e6))
                        .toList();
    }

    /** Everybody is in the picture, which keeps its lower edge; each who joins makes it as much wider as people stand apart. */
    @Test
    void theCameraStepsBackForMany() {
        Scene two = Scene.of(List.of(role(ODILE, 0, 2, 0), role(PIM, 1, 2, 0)), 3);
        Scene three = Scene.of(List.of(role(ODILE, 0, 3, 0), role(PIM, 1, 3, 0), role(BRINE, 2, 3, 0)), 3);
        Camera close = two.framed(Camera.FRONT, 1);
        Camera wide = three.framed(Camera.FRONT, 1);
        assertEquals(Stand.APART, wide.height() - close.height(), 1e-9);
        assertEquals(0, close.target().x(), 1e-9);
        assertEquals(
                Camera.FRONT.target().y() - Camera.FRONT.height() / 2,
                wide.target().y() - wide.height() / 2,
                1e-9);
        assertEquals(close.height() / 1.5, two.framed(Camera.FRONT, 1.5).height(), 1e-9);
        assertEquals(Camera.FRONT, two.framed(Camera.FRONT, 9), "where there is room enough nothing changes");
        // Who stands to the left of the picture is found there.
        List<double[]> values = two.at(0.3);
        double per = 300 / close.height();
        double y = 150 + (close.target().y() + 20) * per;
        assertEquals(
                0,
                two.pick(values, close, 300, 300, 150 - Stand.APART / 2 * per, y)
                        .orElseThrow()
                        .actor());
        assertEquals(
                1,
                two.pick(values, close, 300, 300, 150 + Stand.APART / 2 * per, y)
                        .orElseThrow()
                        .actor());
        assertTrue(two.pick(values, close, 300, 300, 2, 2).isEmpty());
    }

    @Test
    void whichChannelsMoveTheLips() {
        LipGap gap = new LipGap(ODILE);
        boolean[] turns = new boolean[ODILE.channels().size()];
        List<String> lips = names(new LipChannels(ODILE, turns).of(gap));
        assertTrue(
                lips.containsAll(List.of("jawDrop", "lipsTogether", "lipToTeeth", "lipPucker", "lowerLipDepressor.L")));
        assertTrue(
                lips.stream().noneMatch(c -> c.startsWith("lid") || c.startsWith("brow") || c.startsWith("tongue")),
                lips::toString);
        turns[ODILE.channelIndex().get("jawDrop")] = true;
        List<String> without = names(new LipChannels(ODILE, turns).of(gap));
        assertEquals(lips.size() - 1, without.size());
        assertTrue(!without.contains("jawDrop"));
    }

    private static List<String> names(int[] channels) {
        return Arrays.stream(channels)
                .mapToObj(c -> ODILE.channels().get(c).name())
                .toList();
    }
}
