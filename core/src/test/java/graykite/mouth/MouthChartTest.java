package graykite.mouth;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.format.character.Cast;
import graykite.rig.Character;
import graykite.rig.Figures;
import graykite.rig.Pose;
import graykite.text.Phone;
import graykite.time.FrameRate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class MouthChartTest {
    private static final MouthChart STANDARD = MouthChart.standard();

    /** Small charts keep rest and both closing shapes (common practice), serve every phone and keep no idle shape. */
    @ParameterizedTest
    @ValueSource(ints = {6, 8, 10, 15})
    void smallChartsServeAllSounds(int size) {
        MouthChart chart = MouthChart.ofSize(size);
        assertEquals(size, chart.shapes().size());
        assertEquals(List.of(), chart.unmapped());
        assertEquals(List.of(), chart.unused());
        for (String kept : List.of("Rest", "Lips shut", "Lip to teeth")) {
            assertTrue(chart.shapes().containsKey(kept), kept);
        }
        assertEquals("Lips shut", chart.shapeOf(Phone.M));
    }

    /** Six shapes still tell an open, a spread and a round vowel apart. */
    @Test
    void vowelsStayApart() {
        MouthChart six = MouthChart.ofSize(6);
        assertEquals(
                3,
                List.of(Phone.AA, Phone.IY, Phone.UW).stream()
                        .map(six::shapeOf)
                        .distinct()
                        .count());
    }

    @Test
    void shapesAreSplitRenamedAndMerged() {
        MouthChart split = STANDARD.split("Hush", "Church", List.of(Phone.CH, Phone.JH));
        assertEquals("Church", split.shapeOf(Phone.CH));
        assertEquals("Hush", split.shapeOf(Phone.SH));
        assertEquals(16, split.shapes().size());
        MouthChart renamed = split.renamed("Church", "Chew");
        assertEquals(List.of(Phone.CH, Phone.JH), renamed.phonesOf("Chew"));
        MouthChart merged = renamed.merged("Chew", "Hush");
        assertEquals(STANDARD, merged);
        assertThrows(IllegalArgumentException.class, () -> STANDARD.renamed("Hush", "Hiss"));
        assertThrows(IllegalArgumentException.class, () -> STANDARD.merged("Rest", "Ah"));
        assertThrows(IllegalArgumentException.class, () -> STANDARD.split("Hush", "Hiss", List.of()));
        // A diphthong moves to another first shape and glides on.
        MouthChart moved = STANDARD.assigned(Phone.AY, "Oh");
        assertTrue(moved.of(Phone.AY).orElseThrow().glides());
        assertEquals("Oh", moved.shapeOf(Phone.AY));
        assertEquals("Ih", moved.of(Phone.AY).orElseThrow().steps().get(1).shape());
    }

    @Test
    void whatIsMissingIsListedAndProposed() {
        MouthChart chart = STANDARD.withoutPhone(Phone.CH).merged("Hush", "R");
        assertEquals(List.of(Phone.CH), chart.unmapped());
        assertEquals("Oo", chart.proposal(Phone.CH), "the nearest there is");
        assertEquals("Hush", STANDARD.withoutPhone(Phone.CH).proposal(Phone.CH));
        MouthChart mended = chart.assigned(Phone.CH, chart.proposal(Phone.CH));
        assertEquals(List.of(), mended.unmapped());
        MouthChart idle = STANDARD.assigned(Phone.R, "Hush").assigned(Phone.ER, "Hush");
        assertEquals(List.of("R"), idle.unused());
        assertEquals(2, STANDARD.differences(idle).size());
        assertEquals(List.of(), STANDARD.differences(MouthChart.standard()));
    }

    /** An unmapped sound shows as nothing at all: the mouth passes it over as if it were not there. */
    @Test
    void unmappedSoundsDoNothing() {
        MouthChart chart = STANDARD.withoutPhone(Phone.AE);
        FittedChart fitted = FittedChart.of(Figures.ODILE, chart);
        var timing = Lines.spoken("map", 0.1);
        Beats beats =
                Beats.of(timing, Lines.quiet(timing), fitted, MouthWork.STANDARD, FrameRate.FILM, MotionStyle.FLOWING);
        assertTrue(beats.list().get(3).targets().isEmpty());
        MouthMotion motion = new MouthMover(Figures.ODILE).move(beats);
        assertTrue(Lines.at(motion, "jawDrop", 0.3) < 0.2);
    }

    @Test
    void lackingPosesAreBorrowedAndNamed() {
        Map<String, Pose> poses = new HashMap<>(Figures.ODILE.poses());
        poses.remove("Oo");
        poses.put("R", Pose.of("no such channel", 1));
        Character half = Figures.ODILE.withPoses(poses);
        FittedChart fitted = FittedChart.of(half, STANDARD);
        assertEquals(List.of("R", "Oo"), fitted.borrowed());
        assertTrue(!fitted.poses().get("Oo").values().isEmpty());
        Character none = Figures.ODILE.withPoses(Map.of());
        assertEquals(14, FittedChart.standard(none).borrowed().size());
        assertEquals(List.of(), FittedChart.standard(Cast.byName("brine")).borrowed());
    }
}
