package graykite.scene;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import graykite.acting.Clip;
import graykite.acting.ClipsPlan;
import graykite.acting.LookBlock;
import graykite.acting.LookPoint;
import graykite.acting.LooksPlan;
import graykite.acting.Pass;
import graykite.acting.PassesPlan;
import graykite.edit.Edit;
import graykite.format.EditJson;
import graykite.format.ProjectFiles;
import graykite.format.Shelf;
import graykite.format.character.Cast;
import graykite.project.Line;
import graykite.project.Project;
import graykite.rig.Character;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;

/** The demo is acted, and its acting is what the file of edits beside its recordings says. */
class DemoActingTest {
    private static final Path EDITS = Path.of("../demo/acting.jsonl");

    private static Project demo() throws IOException {
        try (InputStream in = ProjectFiles.class.getResourceAsStream("/graykite/demo/demo.kite")) {
            return ProjectFiles.read(in, "demo.kite");
        }
    }

    /** Every feeling is one that the speaker has, and everybody who is looked at is in the cast. */
    @Test
    void everyLineFeelsAndLooks() throws IOException {
        Project demo = demo();
        for (Line line : demo.lines()) {
            Character who = Cast.byName(demo.speakerOf(line).id());
            List<Clip> clips =
                    line.layers().first(ClipsPlan.class).orElseThrow().clips();
            assertTrue(clips.size() >= 2, line.title() + ": a feeling that turns");
            for (Clip clip : clips) {
                String name = clip.look().content().name();
                assertTrue(who.poses().containsKey(name), who.name() + " has no " + name);
            }
            List<LookBlock> looks =
                    line.layers().first(LooksPlan.class).orElseThrow().looks();
            assertTrue(looks.size() >= 3, line.title() + ": away and back");
            for (LookBlock look : looks) {
                if (look.point() instanceof LookPoint.Person person) {
                    assertTrue(demo.member(person.member()).isPresent(), person.member());
                    assertNotEquals(line.speaker(), person.member(), "nobody looks at themselves");
                }
            }
        }
    }

    /** What the file names lies beside it. */
    private static Shelf beside() {
        Shelf shelf = mock(Shelf.class);
        when(shelf.file(anyString())).thenAnswer(asked -> EDITS.resolveSibling(asked.getArgument(0, String.class)));
        return shelf;
    }

    @Test
    void oneHeadIsPerformed() throws IOException {
        Line shout = demo().lines().get(3);
        List<Pass> passes = shout.layers().first(PassesPlan.class).orElseThrow().passes();
        assertEquals(1, passes.size());
        assertEquals(
                List.of("headYaw", "headPitch", "headRoll"),
                passes.getFirst().what().motion().controls());
    }

    /** Taken off and done again from its file, the acting is the same. */
    @Test
    void itIsWhatItsFileSays() throws IOException {
        Project demo = demo();
        Project again = demo.withLines(demo.lines().stream()
                .map(l -> {
                    Line bare = l;
                    while (bare.layers().plans().getLast() instanceof ClipsPlan
                            || bare.layers().plans().getLast() instanceof LooksPlan
                            || bare.layers().plans().getLast() instanceof PassesPlan) {
                        bare = bare.withLayers(
                                bare.layers().without(bare.layers().plans().size() - 1));
                    }
                    return bare;
                })
                .toList());
        EditJson json = new EditJson(beside());
        for (String text : Files.readAllLines(EDITS)) {
            if (!text.isBlank() && !text.startsWith("#")) {
                Edit edit = json.read(text);
                again = edit.apply(again);
            }
        }
        assertEquals(demo.scenes(), again.scenes());
        for (Line line : demo.lines()) {
            assertEquals(line.layers(), again.line(line.id()).orElseThrow().layers(), line.title());
        }
    }
}
