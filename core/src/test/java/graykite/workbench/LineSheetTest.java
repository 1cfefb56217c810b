package graykite.workbench;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.base.BadInput;
import graykite.base.Progress;
import graykite.mouth.Lines;
import graykite.picture.Picture;
import graykite.project.Line;
import graykite.project.Project;
import graykite.project.SceneWork;
import graykite.project.SoundFile;
import graykite.reading.Timing;
import graykite.sound.Sound;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Pictures of moments, and all of a line on one sheet. */
class LineSheetTest {
    private static final Timing WORDS = Lines.spoken("we moved the big blue buoy", 0.09);
    private static final Line LINE = Line.empty("a", "A line")
            .withSpeaker("pim")
            .withSound(new SoundFile("a.wav", new byte[] {1}))
            .withScript("We moved the big blue buoy.")
            .withTiming(WORDS);
    private static final Project PROJECT = Project.empty().with(LINE);

    private final Moments moments =
            new Moments(new Workbench((file, progress) -> Sound.silence(WORDS.duration(), 8000), new Figures()));

    @Test
    void momentsDiffer() {
        Picture still = moments.of(PROJECT, LINE, false, 0, 64).orElseThrow();
        Picture open = moments.of(PROJECT, LINE, false, 0.5, 64).orElseThrow();
        Picture near = moments.of(PROJECT, LINE, true, 0.5, 64).orElseThrow();
        assertEquals(64, open.width());
        assertNotEquals(Arrays.hashCode(still.pixels()), Arrays.hashCode(open.pixels()));
        assertNotEquals(Arrays.hashCode(near.pixels()), Arrays.hashCode(open.pixels()));
        assertTrue(moments.of(PROJECT, LINE, false, 99, 64).isPresent(), "after the end the last one is seen");
        assertTrue(moments.of(PROJECT.with(Line.empty("b", "Unread")), Line.empty("b", "Unread"), false, 0, 64)
                .isEmpty());
    }

    /** One picture for each of its sounds, ten in a row. */
    @Test
    void oneForEachSound() {
        long sounds = WORDS.words().stream().mapToLong(w -> w.phones().size()).sum();
        assertTrue(sounds > 10 && sounds <= 20, "two rows: " + sounds);
        Picture sheet = new LineSheet(moments).of(PROJECT, LINE, Progress.none());
        assertEquals(1400, sheet.width());
        assertEquals(28 + 76 + 2 * (128 + 36 + 10) + 28, sheet.height());
        assertThrows(
                BadInput.class, () -> new LineSheet(moments).of(PROJECT, Line.empty("b", "Unread"), Progress.none()));
    }

    /** Every half second of everybody. */
    @Test
    void aSceneEveryHalfSecond() {
        SceneWork scene = new SceneWork("s", "Scene", List.of(), List.of(new SceneWork.Block("a", 0)));
        Project together = PROJECT.with(scene);
        int count = (int) Math.ceil(WORDS.duration() / 0.5);
        int rows = (count + 9) / 10;
        Picture sheet = new LineSheet(moments).ofScene(together, scene, Progress.none());
        assertEquals(28 + 76 + rows * (128 + 36 + 10) + 28, sheet.height());
        SceneWork nobody = new SceneWork("n", "Nobody", List.of(), List.of());
        assertThrows(
                BadInput.class, () -> new LineSheet(moments).ofScene(PROJECT.with(nobody), nobody, Progress.none()));
    }
}
