package graykite.format;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.acting.PoseKey;
import graykite.mouth.MotionStyle;
import graykite.mouth.MouthWork;
import graykite.project.Line;
import graykite.project.Project;
import graykite.project.SceneWork;
import graykite.reading.TimingTest;
import graykite.reading.WordFinder;
import graykite.time.FrameRate;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Projects that the versions of their time wrote, as they were stored. */
class OldProjectsTest {
    @TempDir
    private Path folder;

    private Project stored(int format) throws IOException {
        Path file = folder.resolve("format-" + format + ".kite");
        try (InputStream in = OldProjectsTest.class.getResourceAsStream("format-" + format + ".kite")) {
            Files.copy(in, file, StandardCopyOption.REPLACE_EXISTING);
        }
        return ProjectFiles.open(file);
    }

    /** Format 1 had one character for all and lines from the first demo. */
    @Test
    void beforeThereWasACast() throws IOException {
        Project project = stored(1);
        assertEquals("The night ferry", project.title());
        Line line = project.lines().getFirst();
        assertEquals("odile", project.speakerOf(line).id());
        assertEquals("line1-Odile.flac", line.sound().orElseThrow().name());
        assertTrue(line.timing().orElseThrow().words().size() > 5);
        assertTrue(project.scenes().isEmpty());
    }

    /** Keyed poses stay at their time and hang on their word; who was on stage with the line is a scene. */
    @ParameterizedTest
    @ValueSource(ints = {2, 3, 4})
    void companyBecomesAScene(int format) throws IOException {
        Project project = stored(format);
        assertEquals(FrameRate.parse("23.976"), project.rate());
        Line line = project.line("a b/c").orElseThrow();
        assertEquals(TimingTest.sample(), line.timing().orElseThrow());
        assertEquals(42, line.seed());
        assertEquals(4, line.sound().orElseThrow().content().length);
        PoseKey key = line.keys().getFirst();
        assertEquals("Glad", key.pose());
        assertEquals(0.8, key.strength());
        assertEquals(0.25, key.at().in(new WordFinder(line.timing().orElseThrow())), 1e-9);
        assertTrue(key.at().word().isPresent(), "it hangs on a word");
        SceneWork scene = project.scenes().getFirst();
        assertEquals(1.5, scene.block("second").orElseThrow().start());
        assertEquals(0, scene.block("a b/c").orElseThrow().start());
        assertTrue(scene.people().stream().anyMatch(p -> p.member().equals("brine")));
        assertEquals(
                "pim", project.speakerOf(project.line("second").orElseThrow()).id());
    }

    /** What was decided about mouths from format 3 on, and how loud a line is from format 4 on. */
    @Test
    void decisionsAreKept() throws IOException {
        for (int format = 3; format <= 4; format++) {
            MouthWork work = stored(format).line("a b/c").orElseThrow().mouth();
            assertEquals(0.04, work.settings().lead());
            assertEquals(MotionStyle.CRISP, work.settings().motion().orElseThrow());
            assertEquals(1.6, work.settings().diction().open());
            assertEquals(2, work.touchUps().size());
            assertEquals("Oo", work.touchUps().getFirst().shape().orElseThrow());
            assertEquals(0.3, work.sections().getFirst().blend());
            assertEquals(2, work.curves().getFirst().curve().keys().size());
        }
        assertEquals(3, stored(4).line("a b/c").orElseThrow().voice().gain());
    }
}
