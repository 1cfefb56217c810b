package graykite.edit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.base.BadInput;
import graykite.edit.LineEdit.AddLine;
import graykite.edit.LineEdit.SetGain;
import graykite.edit.ProjectEdit.NameProject;
import graykite.edit.ReadingEdit.MoveStart;
import graykite.project.Line;
import graykite.project.Project;
import graykite.reading.TimingTest;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class HistoryTest {
    private static final Project READ =
            Project.empty().with(Line.empty("a", "A").withTiming(TimingTest.sample()));

    @Test
    void goesBackAndForth() {
        History history = History.of(Project.empty());
        assertFalse(history.canUndo());
        history = history.edited(new NameProject("A"));
        history = history.edited(new NameProject("B"));
        assertEquals("B", history.present().title());
        assertEquals("Name the project", history.undoName());
        history = history.undone();
        assertEquals("A", history.present().title());
        assertEquals("B", history.redone().present().title());
        history = history.edited(new NameProject("C"));
        assertFalse(history.canRedo());
        for (int i = 0; i < 1000; i++) {
            history = history.edited(new NameProject("t" + i));
        }
        assertEquals(History.MOST, history.steps().size());
        assertEquals("t999", history.present().title());
        assertEquals("t600", history.jumped(0).present().title());
    }

    /** A drag is as if it had gone straight to where it ends: where it came by leaves no trace. */
    @Test
    void aDragIsOneEdit() {
        History history = History.of(READ);
        double start =
                READ.lines().getFirst().timing().orElseThrow().words().get(1).start();
        for (int i = 1; i <= 20; i++) {
            history = history.edited(new MoveStart("a", 1, 0, start + 0.004 * i), 7);
        }
        assertEquals(2, history.steps().size());
        assertEquals(1, history.steps().getLast().done().size());
        Project straight = new MoveStart("a", 1, 0, start + 0.08).apply(READ);
        assertEquals(straight, history.present());
        assertSame(READ, history.undone().present());
    }

    /** Edits of one gesture that are about different things all stay, and undo as one. */
    @Test
    void aGestureOfSeveralThings() {
        History history = History.of(Project.empty());
        for (int i = 0; i < 3; i++) {
            history = history.edited(new AddLine("l" + i, "Line " + i, Optional.empty(), "", ""), 4);
        }
        history = history.edited(new SetGain("l0", 3), 4);
        history = history.edited(new SetGain("l0", 5), 4);
        assertEquals(3, history.present().lines().size());
        assertEquals(5, history.present().line("l0").orElseThrow().voice().gain());
        assertEquals(4, history.edits(1, 2).size());
        assertEquals("Add Line 0 and 3 more", history.undoName());
        assertTrue(history.undone().present().lines().isEmpty());
    }

    @Test
    void whatChangesNothingIsNoStep() {
        History history = History.of(READ);
        assertSame(history, history.edited(new SetGain("a", 0)));
        History.Step step = history.steps().getFirst();
        assertThrows(BadInput.class, () -> History.of(READ).edited(new SetGain("nobody", 1)));
        assertThrows(BadInput.class, () -> History.of(READ).edited(new SetGain("a", 900)));
        assertThrows(BadInput.class, () -> History.of(READ).edited(new MoveStart("a", 99, 0, 1)));
        assertSame(READ, step.project());
    }
}
