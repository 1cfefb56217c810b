package graykite.edit;

import static graykite.edit.Edited.after;
import static graykite.edit.Edited.line;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.acting.Instincts.Kind;
import graykite.acting.InstinctsPlan;
import graykite.acting.LifeMarks;
import graykite.acting.Mark;
import graykite.acting.PassesLayer;
import graykite.acting.PassesPlan;
import graykite.acting.Performed;
import graykite.motion.Track;
import graykite.project.Project;
import graykite.reading.Place;
import graykite.reading.WordFinder;
import graykite.time.TimeMap;
import graykite.time.TimeRange;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** Passes and marks hang on words: they go along when words are moved, and when the line is put on another clock. */
class RetimedActingTest {
    private static final double AT = Edited.READING.words().get(4).start();
    private static final Performed NOD =
            Performed.whole("Nod", new Track(10, List.of("headPitch"), new float[] {0, -5, -9, -3, 0}));
    private static final Project ACTED = after(
            new PassEdit.AddPass("a", "", AT, AT + 0.5, new PassEdit.Look(NOD, false, 0.1, 1, Map.of())),
            new MarkEdit.TakeMarks(
                    "a", Kind.BLINKS, List.of(Mark.usual(Kind.BLINKS, Place.at(AT, new WordFinder(Edited.READING))))));

    private static TimeRange pass(Project project) {
        PassesPlan plan = line(project).layers().first(PassesPlan.class).orElseThrow();
        var ready = PassesLayer.placed(plan.passes(), new WordFinder(Edited.reading(project)))
                .getFirst();
        return new TimeRange(ready.start(), ready.end());
    }

    private static double blink(Project project) {
        InstinctsPlan plan = line(project).layers().first(InstinctsPlan.class).orElseThrow();
        return LifeMarks.placed(plan.own().get(Kind.BLINKS), Kind.BLINKS, new WordFinder(Edited.reading(project)))
                .getFirst()
                .time();
    }

    @Test
    void theyStandWhereTheyWerePut() {
        assertEquals(AT, pass(ACTED).start(), 1e-6);
        assertEquals(AT, blink(ACTED), 1e-6);
    }

    /** A pause of a second before the word, and everything after it comes a second later. */
    @Test
    void anotherClockTakesThemAlong() {
        Project paused = after(ACTED, new LineEdit.Retime("a", TimeMap.pausing(AT - 0.01, 1)));
        assertEquals(AT + 1, pass(paused).start(), 0.03);
        assertEquals(0.5, pass(paused).length(), 0.03);
        assertEquals(AT + 1, blink(paused), 0.03);
        Project back = after(paused, new LineEdit.Retime("a", TimeMap.SAME));
        assertEquals(AT, pass(back).start(), 1e-6);
        assertEquals(AT, blink(back), 1e-6);
    }

    @Test
    void aWordThatIsMovedTakesThemAlong() {
        double room = Edited.READING.words().get(4).start()
                - Edited.READING.words().get(3).start();
        Project moved = after(ACTED, new ReadingEdit.MoveStart("a", 4, 0, AT - room / 4));
        assertTrue(
                pass(moved).start() < AT - room / 8,
                "from " + AT + " to " + pass(moved).start());
        assertTrue(blink(moved) < AT - room / 8);
    }
}
