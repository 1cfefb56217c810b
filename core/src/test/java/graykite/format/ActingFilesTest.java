package graykite.format;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion;
import graykite.acting.Cue;
import graykite.acting.CuesPlan;
import graykite.acting.Instincts.Kind;
import graykite.acting.InstinctsPlan;
import graykite.acting.LookPoint;
import graykite.acting.LooksPlan;
import graykite.base.BadInput;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class ActingFilesTest {
    private static final String CUES = """
            {"cues": [
              {"name": "Brow", "at": "question", "pose": "Curious", "offset": -0.4},
              {"name": "Sigh", "at": {"tag": "sigh"}, "pose": "Tired", "left": 0.8, "right": 0.5, "chance": 0.5}
            ]}
            """;
    private static final String LOOKS = """
            {"looks": [
              {"from": 0.2, "to": 1.4, "at": {"name": "Left", "yaw": 30, "pitch": 0}, "head": 0.3},
              {"from": 1.4, "to": 2, "at": {"name": "Viewer"}}
            ]}
            """;
    private static final String INSTINCTS = """
            {"seed": 5, "mood": 0.5, "instincts": {"blinks": {"seed": 5, "amount": 0.5, "locked": false}},
             "marks": {"head": [{"at": {"time": 0.4}, "travel": 0.2, "yaw": 8, "pitch": -4, "roll": 0}]}}
            """;

    @TempDir
    private Path folder;

    private Path file(String text) throws IOException {
        return Files.writeString(folder.resolve("acting.json"), text);
    }

    @Test
    void eachIsReadAsItSays() throws IOException {
        CuesPlan cues = ActingFiles.cues(file(CUES));
        assertEquals(2, cues.cues().size());
        assertEquals(Cue.Mark.QUESTION, cues.cues().getFirst().at());
        LooksPlan looks = ActingFiles.looks(file(LOOKS));
        assertEquals(new LookPoint.Viewer(), looks.looks().get(1).point());
        assertEquals(1.4, looks.looks().getFirst().to().time());
        InstinctsPlan instincts = ActingFiles.instincts(file(INSTINCTS));
        assertEquals(0.5, instincts.instincts().mood());
        assertEquals(0.5, instincts.instincts().of(Kind.BLINKS).amount());
        assertEquals(8, instincts.own().get(Kind.HEAD).getFirst().figures().get(1));
    }

    @Test
    void theyFitTheSchema() throws IOException {
        JsonSchema schema = JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012)
                .getSchema(Files.readString(Path.of("../docs/acting.schema.json")));
        for (String text : new String[] {CUES, LOOKS, INSTINCTS}) {
            assertEquals(Set.of(), schema.validate(new ObjectMapper().readTree(text)), text);
        }
        assertTrue(
                !schema.validate(new ObjectMapper().readTree("{\"mood\": 3}")).isEmpty());
    }

    @Test
    void badFilesGetOneClearLine() throws IOException {
        says("has no list \"cues\"", () -> ActingFiles.cues(file("{}")));
        says("has no list \"looks\"", () -> ActingFiles.looks(file("[]")));
        says("is no JSON object", () -> ActingFiles.instincts(file("3")));
        says("line 2: is no valid JSON", () -> ActingFiles.cues(file("{\n\"cues\": [")));
        says("between 0 and 2", () -> ActingFiles.instincts(file("{\"instincts\":{\"head\":{\"amount\":9}}}")));
        says(
                "A clip is that of an expression",
                () -> ActingFiles.cues(file("{\"cues\":[{\"name\":\"x\",\"at\":\"stop\"}]}")));
        says("cannot be read", () -> ActingFiles.cues(folder.resolve("gone").resolve("acting.json")));
    }

    private interface Reading {
        void run() throws IOException;
    }

    private static void says(String part, Reading reading) {
        String message = assertThrows(BadInput.class, reading::run).getMessage();
        assertTrue(message.contains(part) && message.contains("acting.json"), message);
        assertEquals(1, message.lines().count());
    }
}
