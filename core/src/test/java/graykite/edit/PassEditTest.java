package graykite.edit;

import static graykite.edit.Edited.after;
import static graykite.edit.Edited.line;
import static graykite.edit.Edited.refused;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.acting.Pass;
import graykite.acting.PassesPlan;
import graykite.acting.Performed;
import graykite.edit.PassEdit.AddPass;
import graykite.edit.PassEdit.ChangePass;
import graykite.edit.PassEdit.Look;
import graykite.edit.PassEdit.RemovePass;
import graykite.layer.LayerSetting.Blend;
import graykite.motion.Track;
import graykite.project.Project;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class PassEditTest {
    private static final Performed NOD =
            Performed.whole("Nod", new Track(10, List.of("headPitch"), new float[] {0, -5, -9, -3, 0}));
    private static final Look LOOK = new Look(NOD, false, 0.1, 1, Map.of());

    private static PassesPlan passes(Project project) {
        return line(project).layers().first(PassesPlan.class).orElseThrow();
    }

    @Test
    void theFirstPassBringsItsLayer() {
        Project one = after(new AddPass("a", "", 0.2, 0.6, LOOK));
        assertEquals("Live", passes(one).setting().name());
        assertEquals(Blend.OVERRIDE, passes(one).setting().blend());
        Project two = after(one, new AddPass("a", "", 0.3, 0.9, LOOK));
        assertEquals(2, passes(two).passes().size());
        assertEquals(
                line(one).layers().plans().size(), line(two).layers().plans().size());
        Project other = after(two, new AddPass("a", "Extra", 0, 1, LOOK));
        assertEquals(
                1,
                ((PassesPlan) line(other).layers().plans().getLast()).passes().size());
    }

    @Test
    void changedAndRemoved() {
        Project one = after(new AddPass("a", "", 0.2, 0.6, LOOK));
        Pass before = passes(one).passes().getFirst();
        Project moved =
                after(one, new ChangePass("a", "", 0, 0.2, 0.9, new Look(NOD, true, 0.2, 0, Map.of("headPitch", 0.5))));
        Pass after = passes(moved).passes().getFirst();
        assertTrue(after.adds() && after.mouth() == 0 && after.weight("headPitch") == 0.5);
        assertEquals(before.from().part(), after.from().part(), 1e-9, "what was not moved hangs where it hung");
        assertEquals(List.of(), passes(after(moved, new RemovePass("a", "", 0))).passes());
    }

    @Test
    void refusals() {
        Project one = after(new AddPass("a", "", 0.2, 0.6, LOOK));
        refused("ends after it begins", new AddPass("a", "", 0.6, 0.6, LOOK));
        refused("The line has no passes.", new RemovePass("a", "", 0));
        refused(one, "There is no pass 1", new RemovePass("a", "", 1));
        refused(one, "There is no pass 4", new ChangePass("a", "", 4, 0, 1, LOOK));
        refused(one, "no layer for passes of the name \"Feel\"", new RemovePass("a", "Feel", 0));
    }

    @Test
    void performancesAreKeptForOtherLines() {
        Project kept = after(new ProjectEdit.KeepPerformance(NOD));
        Project two = after(kept, new ProjectEdit.KeepPerformance(NOD.named("a nod")));
        assertEquals(
                List.of("a nod", "Nod"),
                two.performances().stream().map(Performed::name).toList());
        assertEquals(
                2,
                after(two, new ProjectEdit.KeepPerformance(NOD)).performances().size(),
                "replaced by its name");
        assertEquals(
                1,
                after(two, new ProjectEdit.ForgetPerformance("Nod"))
                        .performances()
                        .size());
        refused(two, "no performance \"Shake\"", new ProjectEdit.ForgetPerformance("Shake"));
    }
}
