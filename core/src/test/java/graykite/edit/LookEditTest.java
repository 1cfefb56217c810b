package graykite.edit;

import static graykite.edit.Edited.READING;
import static graykite.edit.Edited.after;
import static graykite.edit.Edited.line;
import static graykite.edit.Edited.refused;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.acting.LookPoint;
import graykite.acting.LooksPlan;
import graykite.edit.LookEdit.AddLook;
import graykite.edit.LookEdit.ChangeLook;
import graykite.edit.LookEdit.RemoveLook;
import graykite.mouth.Lines;
import graykite.project.Project;
import graykite.reading.Timing;
import graykite.reading.WordFinder;
import org.junit.jupiter.api.Test;

class LookEditTest {
    private static final LookPoint LEFT = LookPoint.USUAL.get(1);

    private static LooksPlan looks(Project project) {
        return line(project).layers().first(LooksPlan.class).orElseThrow();
    }

    @Test
    void looksAreAddedChangedAndRemoved() {
        Project one = after(new AddLook("a", 0.5, 1, LEFT, 0.5));
        assertEquals(LookEdit.LAYER, looks(one).setting().name());
        Project two = after(one, new AddLook("a", 1, 2, new LookPoint.Person("pim"), 0.2));
        assertEquals(2, looks(two).looks().size());
        assertEquals(5, line(two).layers().plans().size(), "one layer holds them all");
        Project changed = after(two, new ChangeLook("a", 0, 0.6, 1.4, new LookPoint.Viewer(), 1));
        assertEquals(new LookPoint.Viewer(), looks(changed).looks().getFirst().point());
        assertEquals(1, looks(changed).looks().getFirst().head());
        assertEquals(1, looks(after(two, new RemoveLook("a", 0))).looks().size());
        assertTrue(looks(after(one, new RemoveLook("a", 0))).looks().isEmpty());
    }

    @Test
    void whatCannotBeLookedAtIsRefused() {
        Project one = after(new AddLook("a", 0.5, 1, LEFT, 0.5));
        refused("ends after it begins", new AddLook("a", 1, 1, LEFT, 0.5));
        refused("no character \"Nobody\"", new AddLook("a", 0, 1, new LookPoint.Person("Nobody"), 0.5));
        refused("between 0 and 1", new AddLook("a", 0, 1, LEFT, 1.2));
        refused(one, "no look 1", new RemoveLook("a", 1));
        refused(one, "no look -1", new ChangeLook("a", -1, 0, 1, LEFT, 0.5));
        refused("no line", new AddLook("z", 0, 1, LEFT, 0.5));
    }

    @Test
    void looksStayOnTheirWords() {
        double bell = READING.words().get(2).start();
        Project one = after(new AddLook("a", bell, bell + 0.5, LEFT, 0.5));
        Timing slow = Lines.spoken("the fog bell rang before we moved the map", 0.13);
        Project again = after(one, new ReadingEdit.SetReading("a", slow, false));
        assertEquals(
                slow.words().get(2).start(),
                looks(again).looks().getFirst().from().in(new WordFinder(slow)),
                1e-9);
    }
}
