package graykite.layer;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.acting.LayerContext;
import graykite.acting.LayerPlan;
import graykite.acting.Layers;
import graykite.acting.Score;
import graykite.layer.LayerSetting.Blend;
import graykite.motion.Curve;
import graykite.motion.Key;
import graykite.mouth.FittedChart;
import graykite.mouth.Lines;
import graykite.mouth.MouthWork;
import graykite.rig.Channel;
import graykite.rig.Character;
import graykite.rig.Figures;
import graykite.scene.Acted;
import graykite.scene.Performance;
import graykite.time.FrameRate;
import graykite.time.TimeRange;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** How layers lie over one another; with a kind of layer that is not among those that ship. */
class MixerTest {
    private static final Character ODILE = Figures.ODILE;
    private static final int JAW = ODILE.channelIndex().get("jawDrop");
    private static final int BROW = ODILE.channelIndex().get("browLowerer.L");

    /** A trial kind of layer: asks for the same value of every channel, at any time. */
    private record Flat(LayerSetting setting, double value) implements LayerPlan, Layer {
        @Override
        public Flat with(LayerSetting newSetting) {
            return new Flat(newSetting, value);
        }

        @Override
        public Layer ready(LayerContext context) {
            return this;
        }

        @Override
        public void ask(double time, double[] below, double[] asked) {
            Arrays.fill(asked, value);
        }

        @Override
        public Changes since(Layer earlier) {
            return equals(earlier) ? Changes.NONE : Changes.EVERYWHERE;
        }
    }

    private static Flat flat(Blend blend, double value) {
        return new Flat(LayerSetting.of("Flat", blend), value);
    }

    private static double[] mixed(Layer... layers) {
        return new Mixer(ODILE, List.of(layers)).at(1);
    }

    @Test
    void addsAndOverrides() {
        Flat low = flat(Blend.OVERRIDE, 0.5);
        assertEquals(0.7, mixed(low, flat(Blend.ADD, 0.2))[JAW], 1e-12);
        assertEquals(0.2, mixed(low, flat(Blend.OVERRIDE, 0.2))[JAW], 1e-12);
        assertEquals(1, mixed(low, flat(Blend.ADD, 9))[JAW], 1e-12, "within the range of the channel");
        Flat half = flat(Blend.OVERRIDE, 0.2).with(low.setting().withWeight(LayerSetting.always(0.5)));
        assertEquals(0.35, mixed(low, half)[JAW], 1e-12);
        assertEquals(0.5, mixed(low, half.with(half.setting().withMuted(true)))[JAW], 1e-12);
    }

    @Test
    void masksHoldItOff() {
        Flat low = flat(Blend.OVERRIDE, 0.5);
        LayerSetting setting = low.setting().withMask(new Mask(Set.of(Channel.Group.BROWS), Set.of()));
        double[] values = mixed(low, new Flat(setting, 0.1));
        assertEquals(0.5, values[JAW], 1e-12);
        assertEquals(0.1, values[BROW], 1e-12);
        LayerSetting one = low.setting().withMask(new Mask(Set.of(), Set.of("jawDrop")));
        assertEquals(0.1, mixed(low, new Flat(one, 0.1))[JAW], 1e-12);
    }

    @Test
    void weightsRunOverTime() {
        Curve rising = new Curve(List.of(new Key(0, 0, Key.Way.LINEAR, 0, 0), new Key(2, 1, Key.Way.LINEAR, 0, 0)));
        Flat layer = flat(Blend.OVERRIDE, 0.8)
                .with(LayerSetting.of("Flat", Blend.OVERRIDE).withWeight(rising));
        assertEquals(0.4, mixed(layer)[JAW], 1e-12);
        Shifted later = new Shifted(layer, 0.5, LayerSetting.always(0.5));
        assertEquals(0.1, mixed(later)[JAW], 1e-12, "a quarter of the way, half of it let through");
    }

    /** A kind that nobody knew plays in a line like those that ship, and closures hold under it. */
    @Test
    void anUnknownKindPlaysInALine() {
        var timing = Lines.spoken("pam the fog bell", 0.07);
        Flat smile = new Flat(
                LayerSetting.of("Smile", Blend.ADD).withMask(new Mask(Set.of(), Set.of("lipCornerPuller.L"))), 0.5);
        Layers layers = Layers.usual().plus(4, smile);
        Performance plain = Performance.of(
                ODILE,
                FittedChart.standard(ODILE),
                new Score(
                        timing,
                        Lines.quiet(timing),
                        MouthWork.STANDARD,
                        FrameRate.FILM,
                        Layers.usual().plans()));
        Performance smiling = plain.after(plain.score().withLayers(layers.plans()));
        int corner = ODILE.channelIndex().get("lipCornerPuller.L");
        double ah = timing.words().get(1).phones().getLast().range().middle();
        assertTrue(Acted.at(smiling, ah)[corner] > Acted.at(plain, ah)[corner] + 0.3);
        assertTrue(Acted.scene(smiling).why(0, corner, ah).reasons().stream()
                .anyMatch(r -> r.layer().equals("Smile")));
    }

    @Test
    void changesAreStretches() {
        Changes changes = Changes.between(List.of(1, 2, 3, 4), List.of(1, 2, 9, 4), n -> new TimeRange(n, n + 1));
        assertEquals(List.of(new TimeRange(3, 4), new TimeRange(9, 10)), changes.ranges());
        assertTrue(changes.later(5).touch(8.5, 8.6));
        assertTrue(!changes.touch(5, 8) && Changes.EVERYWHERE.touch(0, 0));
        assertTrue(Changes.between(List.of(1), List.of(1), n -> new TimeRange(0, 0))
                .none());
        assertArrayEquals(mixed(), new double[ODILE.channels().size()]);
    }
}
