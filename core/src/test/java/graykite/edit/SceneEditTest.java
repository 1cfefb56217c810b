package graykite.edit;

import static graykite.edit.Edited.START;
import static graykite.edit.Edited.after;
import static graykite.edit.Edited.refused;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.edit.SceneEdit.AddScene;
import graykite.edit.SceneEdit.LeaveStage;
import graykite.edit.SceneEdit.MoveLine;
import graykite.edit.SceneEdit.NameScene;
import graykite.edit.SceneEdit.PlaceLine;
import graykite.edit.SceneEdit.PutOnStage;
import graykite.edit.SceneEdit.RemoveScene;
import graykite.edit.SceneEdit.TakeOut;
import graykite.project.Project;
import graykite.project.SceneWork;
import graykite.project.SceneWork.Block;
import graykite.scene.Stand;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class SceneEditTest {
    private static final Project BOTH =
            after(new AddScene("s", "On deck"), new PlaceLine("s", "a", 0), new PlaceLine("s", "b", 4));

    private static SceneWork scene(Project project) {
        return project.scene("s").orElseThrow();
    }

    @Test
    void scenesAreNamedAndDeleted() {
        assertEquals(
                "Below", scene(after(BOTH, new NameScene("on deck", "Below"))).title());
        assertTrue(after(BOTH, new RemoveScene("On deck")).scenes().isEmpty());
        assertEquals(START.lines(), after(BOTH, new RemoveScene("s")).lines(), "its lines stay");
        refused(BOTH, "no scene \"Ashore\"", new RemoveScene("Ashore"));
    }

    @Test
    void aLinePlacedAgainMoves() {
        Project moved = after(BOTH, new PlaceLine("s", "a", 9));
        assertEquals(List.of(new Block("b", 4), new Block("a", 9)), scene(moved).blocks());
        assertSame(BOTH, new PlaceLine("s", "a", 0).apply(BOTH));
    }

    @Test
    void onlyWhatComesLaterRipples() {
        Project three = after(BOTH, new LineEdit.CopyLine("a", "c"), new PlaceLine("s", "c", 8));
        Project moved = after(three, new MoveLine("s", "b", 5.5, true));
        assertEquals(
                List.of(new Block("a", 0), new Block("b", 5.5), new Block("c", 9.5)),
                scene(moved).blocks());
        Project back = after(three, new MoveLine("s", "c", 1, true));
        assertEquals(4, scene(back).block("b").orElseThrow().start(), "what came before it stays");
        refused(START, "no scene", new MoveLine("s", "a", 1, false));
    }

    @Test
    void aLineThatIsNotThereDoesNotMove() {
        Project one = after(BOTH, new TakeOut("s", "b"));
        assertEquals(List.of(new Block("a", 0)), scene(one).blocks());
        refused(one, "not in the scene", new MoveLine("s", "b", 1, false));
        assertSame(one, new TakeOut("s", "b").apply(one), "taking out what is out changes nothing");
    }

    @Test
    void nothingBeginsBeforeTheSceneOrTenHoursLater() {
        refused(BOTH, "36,000", new PlaceLine("s", "a", -0.1));
        refused(BOTH, "36,000", new MoveLine("s", "a", 36_001, false));
        refused(BOTH, "36,000", new PlaceLine("s", "a", Double.NaN));
    }

    @Test
    void peopleStandAndLeave() {
        Stand left = new Stand(-200, 0, 30);
        Project stood = after(BOTH, new PutOnStage("s", "Pim Tarrant", Optional.of(left)));
        assertEquals(Optional.of(left), scene(stood).people().getFirst().stand());
        Project beside = after(stood, new PutOnStage("s", "pim", Optional.empty()));
        assertEquals(1, scene(beside).people().size(), "nobody stands there twice");
        assertEquals(Optional.empty(), scene(beside).people().getFirst().stand());
        assertTrue(scene(after(beside, new LeaveStage("s", "pim"))).people().isEmpty());
        refused(BOTH, "no character", new PutOnStage("s", "Nobody", Optional.empty()));
    }
}
