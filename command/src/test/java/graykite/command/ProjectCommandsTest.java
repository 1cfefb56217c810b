package graykite.command;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import graykite.format.ProjectFiles;
import graykite.format.TrackStore;
import graykite.hearing.SimulatedVoice;
import graykite.media.WavFiles;
import graykite.project.Line;
import graykite.project.Project;
import graykite.session.ProjectLock;
import java.io.ByteArrayOutputStream;
import java.io.OutputStream;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Projects made, changed and told about without a window. */
class ProjectCommandsTest {
    private static final String SCRIPT = """
            # the bell, spoken by Pim
            {"edit":"add-line","line":"bell","recording":{"file":"bell.wav"},"script":"The fog bell rang.","speaker":"pim"}

            {"edit":"read","line":"bell"}
            {"edit":"key-pose","line":"bell","time":0.4,"pose":"Glad","strength":0.8}
            {"edit":"add-scene","scene":"night"}
            {"edit":"place-line","scene":"night","line":"bell","start":1.5}
            """;

    @TempDir
    private Path folder;

    private final PrintStream realErr = System.err;
    private final PrintStream realOut = System.out;
    private final ByteArrayOutputStream err = new ByteArrayOutputStream();
    private final ByteArrayOutputStream out = new ByteArrayOutputStream();
    private Path project;
    private Path script;

    @BeforeEach
    void begin() throws Exception {
        System.setErr(new PrintStream(err, true));
        System.setOut(new PrintStream(out, true));
        project = folder.resolve("ferry.kite");
        script = Files.writeString(folder.resolve("edits.jsonl"), SCRIPT);
        try (OutputStream wav = Files.newOutputStream(folder.resolve("bell.wav"))) {
            WavFiles.write(SimulatedVoice.speak("the fog bell rang").sound(), wav);
        }
        assertEquals(0, run("new", "--fps", "24", "-o", project.toString()));
    }

    /** A capture beside the script lies on the line; another script names the same track by its hash. */
    @Test
    void capturesAreAppliedAndNamedAgain() throws Exception {
        Files.writeString(folder.resolve("nod.csv"), "time,headPitch,jaw_open\n0,0,0\n0.5,-8,0.4\n1,0,0\n");
        Files.writeString(
                script,
                SCRIPT + "{\"edit\":\"add-pass\",\"line\":\"bell\",\"from\":0.1,\"mouth\":0,"
                        + "\"performance\":{\"name\":\"Nod\",\"file\":\"nod.csv\"}}\n");
        Path acted = folder.resolve("acted.kite");
        assertEquals(0, run("apply", project.toString(), script.toString(), "-o", acted.toString()), err::toString);
        Project one = ProjectFiles.open(acted);
        assertEquals(1, one.tracks().count());
        assertEquals(
                List.of("headPitch", "jawDrop"),
                one.tracks().findFirst().orElseThrow().controls());
        byte[] bytes = TrackStore.bytes(one.tracks().findFirst().orElseThrow());
        Path more = Files.writeString(
                folder.resolve("more.jsonl"),
                "{\"edit\":\"keep-performance\",\"name\":\"Nod\",\"track\":\"" + TrackStore.hash(bytes) + "\"}\n");
        Path kept = folder.resolve("kept.kite");
        assertEquals(0, run("apply", acted.toString(), more.toString(), "-o", kept.toString()), err::toString);
        assertEquals("Nod", ProjectFiles.open(kept).performances().getFirst().name());
        Files.writeString(folder.resolve("nod.csv"), "time,headPitch\n0,zero\n");
        assertEquals(
                1,
                run(
                        "apply",
                        project.toString(),
                        script.toString(),
                        "-o",
                        folder.resolve("x.kite").toString()));
        assertTrue(
                err.toString().contains("nod.csv, row 2, column 2")
                        || err.toString().contains("row 2, column 2"),
                err.toString());
    }

    @AfterEach
    void end() {
        System.setErr(realErr);
        System.setOut(realOut);
    }

    private int run(String... arguments) {
        return Main.run(arguments);
    }

    private int apply() {
        return run("apply", project.toString(), script.toString(), "-o", project.toString());
    }

    @Test
    void fromNothingToAScene() throws Exception {
        assertEquals(0, apply(), err.toString());
        assertTrue(out.toString().contains("5 edits applied"), out.toString());
        Project made = ProjectFiles.open(project);
        assertEquals("24", made.rate().toString());
        Line bell = made.line("bell").orElseThrow();
        assertEquals(4, bell.timing().orElseThrow().words().size());
        assertEquals("Glad", bell.keys().getFirst().pose());
        assertEquals(1.5, made.scenes().getFirst().blocks().getFirst().start());
        out.reset();
        assertEquals(0, run("info", project.toString(), "--json"));
        JsonNode told = new ObjectMapper().readTree(out.toString());
        assertEquals("pim", told.at("/lines/0/speaker").asText());
        assertEquals(4, told.at("/lines/0/words").asInt());
        assertEquals("night", told.at("/scenes/0/id").asText());
        assertEquals(3, told.at("/cast").size());
        out.reset();
        assertEquals(0, run("info", project.toString()));
        assertTrue(out.toString().contains("4 words"), out.toString());
    }

    /** A faulty line names its number, and nothing is changed. */
    @Test
    void faultyScriptsChangeNothing() throws Exception {
        byte[] before = Files.readAllBytes(project);
        for (String faulty : new String[] {
            "{\"edit\":\"set-gain\",\"line\":\"nobody\",\"gain\":3}",
            "{\"edit\":\"fly\",\"line\":\"bell\"}",
            "{\"edit\":\"set-gain\",\"line\":\"bell\",\"gain\":\"loud\"}",
            "{\"edit\":\"key-pose\",\"line\":\"bell\",\"time\":-4,\"pose\":\"Glad\"}",
            "{ half",
            "[]"
        }) {
            err.reset();
            Files.writeString(script, SCRIPT + faulty + "\n");
            assertEquals(1, apply(), faulty);
            assertTrue(err.toString().contains("line 8"), err.toString());
            assertEquals(1, err.toString().strip().lines().count(), err.toString());
            assertArrayEquals(before, Files.readAllBytes(project));
        }
    }

    @Test
    void whatIsThereIsNotReplacedUnasked() throws Exception {
        assertEquals(1, run("new", "-o", project.toString()));
        assertTrue(err.toString().contains("is there already"), err.toString());
        Path other = Files.copy(project, folder.resolve("other.kite"));
        assertEquals(1, run("apply", project.toString(), script.toString(), "-o", other.toString()));
        assertEquals(
                0,
                run("apply", project.toString(), script.toString(), "-o", other.toString(), "--overwrite"),
                err::toString);
        assertEquals(1, ProjectFiles.open(other).lines().size());
        assertEquals(0, ProjectFiles.open(project).lines().size());
    }

    @Test
    void projectsThatAreOpenAreLeftAlone() throws Exception {
        try (ProjectLock held = ProjectLock.take(project, "Brine").orElseThrow()) {
            assertTrue(ProjectLock.holder(project).isPresent(), held::toString);
            assertEquals(1, apply());
            assertTrue(err.toString().contains("Brine"), err.toString());
        }
        assertEquals(0, apply(), err.toString());
    }
}
