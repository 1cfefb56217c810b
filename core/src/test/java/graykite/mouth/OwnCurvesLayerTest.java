package graykite.mouth;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.layer.Changes;
import graykite.layer.LayerSetting;
import graykite.layer.LayerSetting.Blend;
import graykite.motion.Curve;
import graykite.motion.Key;
import graykite.reading.Timing;
import graykite.reading.WordFinder;
import graykite.rig.Character;
import graykite.rig.Figures;
import graykite.time.TimeRange;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A curve of one's own from 0.4 to 0.8 s, at 0.6 all along; it blends over 40 ms at either end. */
class OwnCurvesLayerTest {
    private static final Character ODILE = Figures.ODILE;
    private static final int JAW = ODILE.channelIndex().get("jawDrop");
    private static final Timing LINE = Lines.spoken("the map up by the lamp", 0.08);
    private static final WordFinder WORDS = new WordFinder(LINE);
    private static final LayerSetting SETTING = LayerSetting.of("Own curves", Blend.OVERRIDE);

    private static TakenCurve own(String channel, double from, double to, double value) {
        return TakenCurve.of(
                channel,
                new Curve(
                        List.of(new Key(from, value, Key.Way.LINEAR, 0, 0), new Key(to, value, Key.Way.LINEAR, 0, 0))),
                WORDS);
    }

    private static OwnCurvesLayer layer(TakenCurve... curves) {
        return new OwnCurvesLayer(SETTING, ODILE, List.of(curves), WORDS);
    }

    /** What is asked of the jaw where 0.2 lies below and 0.4 was asked before, or nothing. */
    private static double asked(OwnCurvesLayer layer, double time, double before) {
        double[] below = new double[ODILE.channels().size()];
        double[] asked = new double[below.length];
        Arrays.fill(below, 0.2);
        Arrays.fill(asked, before);
        layer.ask(time, below, asked);
        return asked[JAW];
    }

    @Test
    void itTakesThePlaceOfWhatWasAsked() {
        OwnCurvesLayer layer = layer(own("jawDrop", 0.4, 0.8, 0.6));
        assertEquals(0.4, asked(layer, 0.39, 0.4), 0);
        assertEquals(0.4, asked(layer, 0.4, 0.4), 1e-8);
        assertEquals(0.45, asked(layer, 0.41, 0.4), 1e-8);
        assertEquals(0.6, asked(layer, 0.44, 0.4), 1e-8);
        assertEquals(0.6, asked(layer, 0.6, 0.4), 1e-8);
        assertEquals(0.5, asked(layer, 0.78, 0.4), 1e-8);
        assertEquals(0.4, asked(layer, 0.81, 0.4), 0);
    }

    @Test
    void orOfWhatLiesBelow() {
        OwnCurvesLayer layer = layer(own("jawDrop", 0.4, 0.8, 0.6));
        assertEquals(0.4, asked(layer, 0.42, Double.NaN), 1e-8);
        assertEquals(0.6, asked(layer, 0.6, Double.NaN), 1e-8);
        assertTrue(Double.isNaN(asked(layer, 0.9, Double.NaN)), "beyond its stretch it asks for nothing");
    }

    @Test
    void aCurveThatFitsNobodyWaits() {
        assertEquals(0.4, asked(layer(own("no such channel", 0.4, 0.8, 0.6)), 0.6, 0.4), 0);
        OwnCurvesLayer gone = new OwnCurvesLayer(
                SETTING,
                ODILE,
                List.of(own("jawDrop", 0.4, 0.8, 0.6)),
                new WordFinder(Lines.spoken("nothing of it", 0.1)));
        assertEquals(0.4, asked(gone, 0.6, 0.4), 0);
    }

    @Test
    void whatHasChanged() {
        OwnCurvesLayer one = layer(own("jawDrop", 0.4, 0.8, 0.6));
        assertEquals(Changes.NONE, one.since(layer(own("jawDrop", 0.4, 0.8, 0.6))));
        OwnCurvesLayer two = layer(own("jawDrop", 0.4, 0.8, 0.6), own("lipPucker", 0.9, 1.2, 0.3));
        assertEquals(List.of(new TimeRange(0.9, 1.2)), two.since(one).ranges());
        assertEquals(List.of(new TimeRange(0.9, 1.2)), one.since(two).ranges());
        assertEquals(Changes.EVERYWHERE, one.since(new OwnCurvesLayer(SETTING.withName("x"), ODILE, List.of(), WORDS)));
        assertEquals("Own curves", one.why(JAW, 0.6, 0.2).getFirst().layer());
        assertEquals(0.2, one.why(JAW, 0.6, 0.2).getFirst().adds());
        assertEquals(SETTING, one.setting());
    }
}
