package graykite.acting;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.format.FrameTable;
import graykite.format.character.Cast;
import graykite.layer.LayerSetting;
import graykite.layer.LayerSetting.Blend;
import graykite.mouth.FittedChart;
import graykite.mouth.Lines;
import graykite.mouth.MouthSettings;
import graykite.reading.Place;
import graykite.reading.Timing;
import graykite.rig.Character;
import graykite.rig.Figures;
import graykite.rig.Pose;
import graykite.scene.Performance;
import graykite.scene.Scene;
import graykite.time.FrameRate;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Common practice: at rest some frames before the start, so that rigs are mended and motion blur begins on clean ground. */
class NeutralLayerTest {
    private static final Timing TIMING = Lines.spoken("hello there", 0.08);

    private static Scene scene(Character who, LayerPlan... more) {
        List<LayerPlan> layers = new ArrayList<>(Layers.usual().plans());
        layers.add(new ClipsPlan(
                LayerSetting.of("Feel", Blend.ADD),
                List.of(new Clip(
                        Place.at(0), Place.at(1), Clip.Look.of("Worried").withEases(0, 0.1)))));
        layers.addAll(List.of(more));
        return Scene.solo(Performance.of(
                who,
                FittedChart.standard(who),
                new Score(TIMING, Lines.quiet(TIMING), MouthSettings.STANDARD, FrameRate.FILM, 1).withLayers(layers)));
    }

    private static NeutralPlan plan(double seconds) {
        return new NeutralPlan(LayerSetting.of("Neutral", Blend.OVERRIDE), seconds);
    }

    @Test
    void theFaceIsAtRestThereAndComesToTheLine() {
        double frames = 10 / 24.0;
        Scene scene = scene(Figures.ODILE, plan(frames));
        for (double value : scene.at(0, -frames)) {
            assertEquals(0, value, 1e-9);
        }
        Scene without = scene(Figures.ODILE);
        for (double t : new double[] {0, 0.2, 0.5}) {
            double[] with = scene.at(0, t);
            double[] was = without.at(0, t);
            for (int c = 0; c < was.length; c++) {
                assertEquals(was[c], with[c], 1e-9, "in the line it does nothing");
            }
        }
        assertEquals(frames, scene.preRoll(0), 1e-9);
        assertEquals(0, without.preRoll(0));
        assertEquals(
                0,
                scene(Figures.ODILE, plan(1).with(plan(1).setting().withMuted(true)))
                        .preRoll(0),
                "muted");
    }

    @Test
    void whatIsDeliveredBeginsThere() {
        Scene scene = scene(Figures.ODILE, plan(10 / 24.0));
        FrameTable table = FrameTable.of(scene, 0, FrameRate.FILM);
        assertEquals(-10, table.firstFrame());
        assertEquals(-10 / 24.0, table.timeOf(0), 1e-9);
        for (double value : table.rows().getFirst()) {
            assertEquals(0, value, 1e-9);
        }
        FrameTable plain = FrameTable.of(scene(Figures.ODILE), 0, FrameRate.FILM);
        assertEquals(plain.rows().size() + 10, table.rows().size());
    }

    @Test
    void drawingsShowTheirRest() {
        Character brine = Cast.byName("brine");
        Scene scene = scene(brine, plan(0.5));
        double[] rest = brine.values(brine.poses().getOrDefault("Rest", Pose.REST));
        double[] before = scene.at(0, -0.5);
        int same = 0;
        for (int c = 0; c < rest.length; c++) {
            same += Math.abs(rest[c] - before[c]) < 1e-9 ? 1 : 0;
        }
        assertTrue(same >= rest.length - 1, same + " of " + rest.length + " channels rest");
        assertThrows(IllegalArgumentException.class, () -> plan(0));
    }
}
