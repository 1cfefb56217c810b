package graykite.edit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.acting.PoseKey;
import graykite.base.BadInput;
import graykite.edit.ActingEdit.KeyPose;
import graykite.edit.LineEdit.Retime;
import graykite.edit.LineEdit.SetRecording;
import graykite.edit.ReadingEdit.SetReading;
import graykite.mouth.Lines;
import graykite.mouth.TouchUp;
import graykite.project.Line;
import graykite.project.Project;
import graykite.project.SceneWork;
import graykite.project.SoundFile;
import graykite.reading.Anchor;
import graykite.reading.Timing;
import graykite.reading.WordFinder;
import graykite.scene.Stand;
import graykite.time.TimeMap;
import graykite.time.TimeRange;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** What edits do to what hangs on words, to the clock of a line, and to scenes. */
class EditsTest {
    private static final Timing READING = Lines.spoken("the fog bell rang before we moved the map", 0.07);
    private static final Project START =
            Project.empty().with(Line.empty("a", "First").withTiming(READING)).with(Line.empty("b", "Second"));

    private static Project after(Project project, Edit... edits) {
        Project now = project;
        for (Edit edit : edits) {
            now = edit.apply(now);
        }
        return now;
    }

    private static double keyTime(Project project) {
        Line line = project.line("a").orElseThrow();
        PoseKey key = line.keys().getFirst();
        return key.at().in(new WordFinder(line.timing().orElseThrow()));
    }

    /** A keyed look stays on its word through dragging, reading anew and a new take. */
    @Test
    void keysMoveWithTheirWords() {
        double rang = READING.words().get(3).start() + 0.04;
        Project keyed = after(START, new KeyPose("a", rang, "Glad", 1, 0.2));
        assertEquals(rang, keyTime(keyed), 1e-9);
        Random random = new Random(3);
        for (int i = 0; i < 20; i++) {
            Timing again = Lines.again(READING, random);
            double part = 0.04
                    / (READING.words().get(3).end() - READING.words().get(3).start());
            double expected = again.words().get(3).start()
                    + part * (again.words().get(3).end() - again.words().get(3).start());
            Project take = after(
                    keyed,
                    new SetRecording("a", new SoundFile("take.wav", new byte[i])),
                    new SetReading("a", again, false));
            assertEquals(expected, keyTime(take), 1e-9);
        }
        Project other = after(keyed, new SetReading("a", Lines.spoken("something else is said", 0.07), false));
        assertEquals(rang, keyTime(other), 1e-9, "without its word it stays where it was");
        assertTrue(other.line("a")
                .orElseThrow()
                .keys()
                .getFirst()
                .at()
                .isLost(new WordFinder(other.line("a").orElseThrow().timing().orElseThrow())));
    }

    /** A pause and a stretch move words, keys and what follows; taking them back brings everything back. */
    @Test
    void retimingMovesEverything() {
        double moved = READING.words().get(6).start() + 0.02;
        Project keyed = after(START, new KeyPose("a", moved, "Glad", 1, 0.2));
        double at = READING.words().get(4).start();
        TimeMap map = TimeMap.pausing(at, 0.5).then(TimeMap.stretching(new TimeRange(0, 0.2), 2));
        Project slow = after(keyed, new Retime("a", map));
        Timing now = slow.line("a").orElseThrow().timing().orElseThrow();
        assertEquals(READING.words().get(3).end() + 0.2, now.words().get(3).end(), 1e-9, "before the pause");
        assertEquals(at + 0.7, now.words().get(4).start(), 1e-9, "after it");
        assertEquals(READING.duration() + 0.7, now.duration(), 1e-9);
        assertEquals(moved + 0.7, keyTime(slow), 1e-9);
        Project back = after(slow, new Retime("a", TimeMap.SAME));
        Timing again = back.line("a").orElseThrow().timing().orElseThrow();
        for (int w = 0; w < READING.words().size(); w++) {
            assertEquals(READING.words().get(w).start(), again.words().get(w).start(), 1e-9);
            assertEquals(READING.words().get(w).end(), again.words().get(w).end(), 1e-9);
        }
        assertEquals(moved, keyTime(back), 1e-9);
        assertThrows(
                BadInput.class,
                () -> after(keyed, new Retime("a", TimeMap.stretching(new TimeRange(0, 1), 9))),
                "nobody speaks nine times as slowly");
    }

    @Test
    void aTouchUpTakesThePlaceOfOneThatIsThere() {
        TouchUp strong = TouchUp.on(Anchor.of(READING, 0, -1)).withStrength(1.5);
        Project once = after(START, new MouthEdit.Touch("a", 3, 1, strong));
        Project twice = after(once, new MouthEdit.Touch("a", 3, 1, strong.withStrength(0.5)));
        List<TouchUp> all = twice.line("a").orElseThrow().mouth().touchUps();
        assertEquals(1, all.size());
        assertEquals(0.5, all.getFirst().strength());
        assertEquals("rang", all.getFirst().at().word());
        Project gone = after(twice, new MouthEdit.Touch("a", 3, 1, strong.withStrength(1)));
        assertTrue(gone.line("a").orElseThrow().mouth().touchUps().isEmpty());
    }

    @Test
    void scenesKeepTheirOrderAndRipple() {
        Project scene = after(
                START,
                new SceneEdit.AddScene("s", "Both"),
                new SceneEdit.PlaceLine("s", "a", 0),
                new SceneEdit.PlaceLine("s", "Second", 4),
                new SceneEdit.PutOnStage("Both", "Pim Tarrant", Optional.of(new Stand(100, 0, 20))));
        SceneWork both = scene.scene("s").orElseThrow();
        assertEquals(List.of(new SceneWork.Block("a", 0), new SceneWork.Block("b", 4)), both.blocks());
        assertEquals("pim", both.people().getFirst().member());
        Project alone = after(scene, new SceneEdit.MoveLine("s", "a", 1, false));
        assertEquals(4, alone.scene("s").orElseThrow().block("b").orElseThrow().start());
        Project ripple = after(scene, new SceneEdit.MoveLine("s", "a", 1, true));
        assertEquals(5, ripple.scene("s").orElseThrow().block("b").orElseThrow().start());
        Project fewer = after(scene, new LineEdit.RemoveLine("a"));
        assertEquals(1, fewer.scene("s").orElseThrow().blocks().size());
        assertThrows(BadInput.class, () -> after(scene, new SceneEdit.PlaceLine("s", "nobody", 1)));
        assertThrows(BadInput.class, () -> after(scene, new SceneEdit.AddScene("s", "Again")));
        assertThrows(BadInput.class, () -> after(scene, new SceneEdit.MoveLine("s", "a", -3, false)));
    }

    @Test
    void linesAreOrderedCopiedAndGiven() {
        Project three = after(START, new LineEdit.CopyLine("First", "c"), new LineEdit.OrderLine("b", 0));
        assertEquals(
                List.of("b", "a", "c"), three.lines().stream().map(Line::id).toList());
        assertEquals(Optional.of(READING), three.line("c").orElseThrow().timing());
        Project given = after(three, new LineEdit.GiveLine("c", "Brine"));
        assertEquals("Brine", given.speakerOf(given.line("c").orElseThrow()).name());
        assertThrows(BadInput.class, () -> after(three, new LineEdit.GiveLine("c", "Nobody")));
        assertFalse(after(three, new LineEdit.RemoveLine("b")).line("b").isPresent());
    }
}
