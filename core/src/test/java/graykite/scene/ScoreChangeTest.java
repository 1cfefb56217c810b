package graykite.scene;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.acting.Score;
import graykite.geometry.Vec;
import graykite.layer.Changes;
import graykite.mouth.Lines;
import graykite.mouth.MouthSettings;
import graykite.mouth.MouthWork;
import graykite.mouth.TouchUp;
import graykite.reading.Anchor;
import graykite.reading.Timing;
import graykite.reading.TimingEdits;
import graykite.sound.Loudness;
import graykite.time.FrameRate;
import graykite.time.TimeRange;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Where the mouth of a line moves otherwise after an edit, and where people stand. */
class ScoreChangeTest {
    private static final Timing LINE = Lines.spoken("boat ahead turn turn and turn", 0.1);
    private static final Loudness QUIET = Lines.quiet(LINE);
    private static final Score SCORE = new Score(LINE, QUIET, MouthWork.STANDARD, FrameRate.FILM, List.of());

    private static double start(int word) {
        return LINE.words().get(word).start();
    }

    private static double end(int word) {
        return LINE.words().get(word).end();
    }

    private static void assertIn(double from, double to, Changes changes) {
        assertEquals(1, changes.ranges().size());
        assertEquals(from, changes.ranges().getFirst().start(), 1e-9);
        assertEquals(to, changes.ranges().getFirst().end(), 1e-9);
    }

    private static TouchUp touchUp(int word) {
        return TouchUp.on(Anchor.of(LINE, word, -1)).withStrength(1.3);
    }

    @Test
    void aWordThatMovesChangesItsNeighboursToo() {
        Score moved = SCORE.withTiming(TimingEdits.endWord(LINE, end(3) - 0.05));
        assertIn(start(2), end(4), ScoreChange.ofMouth(SCORE, moved));
        assertIn(start(2), end(4), ScoreChange.ofMouth(moved, SCORE));
        Score first = SCORE.withTiming(TimingEdits.moveWord(LINE, 0, -0.1));
        assertIn(start(0) - 0.1, end(1), ScoreChange.ofMouth(SCORE, first));
        Score last = SCORE.withTiming(TimingEdits.moveWord(LINE, 5, 0.1));
        assertIn(start(4), end(5) + 0.1, ScoreChange.ofMouth(SCORE, last));
        assertTrue(ScoreChange.ofMouth(SCORE, SCORE.withTiming(LINE)).none());
    }

    @Test
    void whatCannotBeToldIsEverywhere() {
        Score fewer = SCORE.withTiming(TimingEdits.deleteWord(LINE, 1));
        assertTrue(ScoreChange.ofMouth(SCORE, fewer).everywhere());
        Score longer = SCORE.withTiming(new Timing(LINE.words(), LINE.duration() + 1));
        assertTrue(ScoreChange.ofMouth(SCORE, longer).everywhere());
        Score heard = new Score(LINE, Lines.quiet(LINE), MouthWork.STANDARD, FrameRate.FILM, List.of());
        assertTrue(ScoreChange.ofMouth(SCORE, heard).everywhere(), "another recording");
        Score faster = new Score(LINE, QUIET, MouthWork.STANDARD, FrameRate.THIRTY, List.of());
        assertTrue(ScoreChange.ofMouth(SCORE, faster).everywhere());
        Score strong = SCORE.withWork(MouthWork.of(MouthSettings.STANDARD.withStrength(1)));
        assertTrue(ScoreChange.ofMouth(SCORE, strong).everywhere());
        Score both =
                SCORE.withTiming(TimingEdits.moveWord(LINE, 0, -0.1)).withWork(MouthWork.STANDARD.plus(touchUp(2)));
        assertTrue(ScoreChange.ofMouth(SCORE, both).everywhere());
    }

    @Test
    void aTouchUpChangesItsWordAndBothNeighbours() {
        Score touched = SCORE.withWork(MouthWork.STANDARD.plus(touchUp(2)));
        assertIn(start(1), end(3), ScoreChange.ofMouth(SCORE, touched));
        assertIn(start(1), end(3), ScoreChange.ofMouth(touched, SCORE));
        Score held =
                SCORE.withWork(MouthWork.STANDARD.plus(touchUp(5).withHold(0.2).withShift(-0.05)));
        assertIn(start(4) - 0.25, end(5) + 0.25, ScoreChange.ofMouth(SCORE, held));
        Score early = SCORE.withWork(MouthWork.STANDARD.plus(touchUp(0).withHold(2)));
        assertIn(0, end(1) + 2, ScoreChange.ofMouth(SCORE, early));
        Score two = touched.withWork(touched.work().plus(touchUp(5)));
        assertIn(start(4), end(5), ScoreChange.ofMouth(touched, two));
    }

    /** One whose word is not there moves nothing, yet something is different. */
    @Test
    void aTouchUpThatWaits() {
        Timing other = Lines.spoken("drop the fenders", 0.1);
        Changes changes = ScoreChange.ofMouth(
                SCORE,
                SCORE.withWork(MouthWork.STANDARD.plus(
                        TouchUp.on(Anchor.of(other, 2, -1)).withStrength(1.3))));
        assertEquals(Changes.in(new TimeRange(0, 0)), changes);
    }

    // --- where people stand ------------------------------------------------------------------------------------------

    @Test
    void peopleStandSideBySide() {
        assertEquals(new Stand(0, 0, 0), Stand.of(0, 1));
        assertEquals(-142.5, Stand.of(0, 2).x());
        assertEquals(142.5, Stand.of(1, 2).x());
        assertEquals(285, Stand.of(2, 3).x());
        assertEquals(new Vec(285, 0, 0), Stand.of(2, 3).place());
    }

    /** Degrees to one's own left: facing the viewer, the one to the viewer's right is to the left. */
    @Test
    void whereTheOthersAre() {
        Stand me = Stand.MIDDLE;
        assertEquals(90, me.towards(new Stand(100, 0, 0)), 1e-9);
        assertEquals(-90, me.towards(new Stand(-100, 0, 0)), 1e-9);
        assertEquals(0, me.towards(new Stand(0, 100, 0)), 1e-9);
        assertEquals(45, me.towards(new Stand(100, 100, 0)), 1e-9);
        assertEquals(60, new Stand(0, 0, 30).towards(new Stand(100, 0, 0)), 1e-9);
        assertEquals(-100, new Stand(0, 0, -170).towards(new Stand(100, 0, 0)), 1e-9);
        assertThrows(IllegalArgumentException.class, () -> new Stand(20_001, 0, 0));
        assertThrows(IllegalArgumentException.class, () -> new Stand(0, -20_001, 0));
        assertThrows(IllegalArgumentException.class, () -> new Stand(0, 0, 181));
    }
}
