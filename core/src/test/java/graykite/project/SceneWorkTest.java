package graykite.project;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.picture.Camera;
import graykite.project.SceneWork.Block;
import graykite.project.SceneWork.Standing;
import graykite.scene.Stand;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class SceneWorkTest {
    private static final SceneWork THREE =
            SceneWork.empty("s", "Night").withBlocks(List.of(new Block("a", 0), new Block("b", 2), new Block("c", 5)));

    private static List<Double> starts(SceneWork scene) {
        return scene.blocks().stream().map(Block::start).toList();
    }

    /** With ripple those that begin later go along, those before stay; gaps stay as they were. */
    @Test
    void ripples() {
        assertEquals(List.of(0.0, 3.5, 6.5), starts(THREE.moved("b", 3.5, true)));
        assertEquals(List.of(0.0, 3.5, 5.0), starts(THREE.moved("b", 3.5, false)));
        assertEquals(List.of(0.0, 0.5, 3.5), starts(THREE.moved("b", 0.5, true)), "back as well, into an overlap");
        assertThrows(IllegalArgumentException.class, () -> THREE.moved("z", 1, true));
        assertThrows(IllegalArgumentException.class, () -> THREE.moved("a", -1, false));
    }

    @Test
    void aLineStandsOnce() {
        assertEquals(3, THREE.with(new Block("b", 9)).blocks().size());
        assertEquals(9, THREE.with(new Block("b", 9)).block("b").orElseThrow().start());
        assertEquals(2, THREE.without("b").blocks().size());
        assertThrows(
                IllegalArgumentException.class, () -> THREE.withBlocks(List.of(new Block("a", 0), new Block("a", 1))));
    }

    /** Lines and characters that leave the project leave every scene. */
    @Test
    void whatLeavesTheProjectLeavesTheStage() {
        SceneWork staged = THREE.with(new Standing("pim", Optional.of(new Stand(1, 2, 3))))
                .with(new Standing("odile", Optional.empty()));
        Project project = Project.empty()
                .withLines(List.of(Line.empty("a", "A"), Line.empty("b", "B").withSpeaker("pim")))
                .with(staged);
        assertTrue(project.without("b").scene("s").orElseThrow().block("b").isEmpty());
        Project alone = project.withoutMember("pim");
        assertEquals(
                List.of("odile"),
                alone.scene("s").orElseThrow().people().stream()
                        .map(Standing::member)
                        .toList());
        assertEquals("odile", alone.speakerOf(alone.line("b").orElseThrow()).id());
    }

    @Test
    void viewsAreReplacedByName() {
        KeptView near = new KeptView(" Near ", Camera.MOUTH);
        Project project =
                Project.empty().with(new KeptView("Near", Camera.FRONT)).with(near);
        assertEquals(List.of(near), project.views());
        assertEquals("Near", near.name());
        assertThrows(IllegalArgumentException.class, () -> new KeptView(" ", Camera.FRONT));
    }
}
