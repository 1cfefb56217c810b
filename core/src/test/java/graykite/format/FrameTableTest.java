package graykite.format;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import graykite.acting.Score;
import graykite.mouth.FittedChart;
import graykite.mouth.MouthSettings;
import graykite.reading.TimingTest;
import graykite.rig.Character;
import graykite.rig.Figures;
import graykite.scene.Performance;
import graykite.scene.Scene;
import graykite.sound.Loudness;
import graykite.time.FrameRate;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A line of two seconds as frames. */
class FrameTableTest {
    private static final Character ODILE = Figures.ODILE;
    private static final Scene SCENE = Scene.solo(Performance.of(
            ODILE,
            FittedChart.standard(ODILE),
            new Score(TimingTest.sample(), Loudness.silent(2), MouthSettings.STANDARD, FrameRate.FILM, 3)));

    @Test
    void everyFrameIsTheSceneAtItsTime() {
        FrameTable table = FrameTable.of(SCENE, 0, FrameRate.FILM);
        assertEquals(48, table.rows().size());
        assertEquals(0, table.firstFrame());
        assertEquals(ODILE.channels().size(), table.channels().size());
        for (int f : new int[] {0, 7, 31, 47}) {
            assertArrayEquals(SCENE.at(0, f / 24.0), table.rows().get(f), 1e-12, "frame " + f);
        }
        FrameTable some = FrameTable.of(SCENE, 0, FrameRate.FILM, -2, 5, 1001);
        assertEquals(999, some.firstFrame());
        assertEquals(5, some.rows().size());
        assertArrayEquals(SCENE.at(0, -2 / 24.0), some.rows().getFirst(), 1e-12);
        assertArrayEquals(SCENE.at(0, 2 / 24.0), some.rows().getLast(), 1e-12);
        assertEquals(1003 / 24.0, some.timeOf(4), 1e-12);
        assertEquals(12, some.from(12).firstFrame());
        assertEquals(some.rows(), some.from(12).rows());
    }

    @Test
    void someChannels() {
        FrameTable table = new FrameTable(
                FrameRate.FILM, 5, List.of("a", "b", "c"), List.of(new double[] {1, 2, 3}, new double[] {4, 5, 6}));
        FrameTable some = table.only(n -> !n.equals("b"));
        assertEquals(List.of("a", "c"), some.channels());
        assertArrayEquals(new double[] {1, 3}, some.rows().getFirst());
        assertArrayEquals(new double[] {4, 6}, some.rows().getLast());
        assertEquals(5, some.firstFrame());
        assertEquals(0, new FrameTable(FrameRate.FILM, List.of(), List.of()).firstFrame());
    }

    /** The last frame covers the end; NTSC's 29.97 shows 30,000 frames in 1001 seconds. */
    @Test
    void howManyFrames() {
        assertEquals(1, FrameTable.frames(0, FrameRate.FILM));
        assertEquals(24, FrameTable.frames(1, FrameRate.FILM));
        assertEquals(25, FrameTable.frames(1.01, FrameRate.FILM));
        assertEquals(30_000, FrameTable.frames(1001, FrameRate.parse("29.97")));
        assertEquals(1_296_000, FrameTable.frames(6 * 3600, FrameRate.parse("60")));
        assertThrows(IllegalArgumentException.class, () -> FrameTable.frames(6 * 3600 + 1, FrameRate.parse("60")));
    }
}
