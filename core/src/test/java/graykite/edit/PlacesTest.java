package graykite.edit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.acting.LookBlock;
import graykite.acting.LookPoint;
import graykite.acting.LooksPlan;
import graykite.base.BadInput;
import graykite.mouth.Lines;
import graykite.project.Line;
import graykite.project.Project;
import graykite.reading.Place;
import graykite.reading.Timing;
import graykite.reading.WordFinder;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class PlacesTest {
    private static final Timing READING = Lines.spoken("the fog bell rang before we moved", 0.08);
    private static final WordFinder WORDS = new WordFinder(READING);

    /** A place that hangs by the first word, far behind it, where others sound. */
    private static Place far() {
        double second = READING.words().get(2).start();
        return new Place(
                Optional.of(WORDS.anchor(0)),
                1,
                second - READING.words().getFirst().end(),
                second);
    }

    @Test
    void whatIsNotMovedHangsWhereItHung() {
        Place was = far();
        assertSame(was, Places.moved(was, was.in(WORDS), WORDS));
        Place moved = Places.moved(was, READING.words().get(3).start() + 0.01, WORDS);
        assertEquals(WORDS.anchor(3), moved.word().orElseThrow());
        assertEquals(0, Places.at(-3, WORDS).in(WORDS), 1e-9, "never before the line");
    }

    @Test
    void whatEndsBeforeItBeginsIsRefused() {
        Places.inOrder("A clip", 1, 1.5);
        BadInput said = assertThrows(BadInput.class, () -> Places.inOrder("A clip", 2, 1));
        assertTrue(said.getMessage().startsWith("A clip ends after it begins"), said.getMessage());
        assertThrows(BadInput.class, () -> Places.inOrder("A clip", 1, Double.NaN));
    }

    /** Another point, and the look still ends with the word that it ended with. */
    @Test
    void aLookThatOnlyLooksElsewhereStaysByItsWords() {
        Project one = Project.empty().with(Line.empty("a", "a").withTiming(READING));
        double end = READING.words().get(2).start();
        Project looked = new LookEdit.AddLook("a", 0, end, new LookPoint.Viewer(), 0.5).on(one);
        LooksPlan plan = looks(looked);
        Place by = far();
        Project hung = LineEdit.changed(
                looked,
                "a",
                LooksPlan.class,
                "",
                "looks",
                p -> p.with(0, new LookBlock(plan.looks().getFirst().from(), by, new LookPoint.Viewer(), 0.5)));
        Project changed = new LookEdit.ChangeLook("a", 0, 0, end, new LookPoint.Viewer(), 0.2).on(hung);
        assertEquals(by, looks(changed).looks().getFirst().to());
        assertEquals(0.2, looks(changed).looks().getFirst().head());
    }

    private static LooksPlan looks(Project project) {
        return project.line("a").orElseThrow().layers().first(LooksPlan.class).orElseThrow();
    }
}
