package graykite.workbench;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotSame;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.base.Progress;
import graykite.edit.ActingEdit;
import graykite.edit.Edit;
import graykite.edit.History;
import graykite.edit.LineEdit;
import graykite.edit.MouthEdit;
import graykite.edit.ReadingEdit;
import graykite.edit.SceneEdit;
import graykite.hearing.Recordings;
import graykite.layer.Changes;
import graykite.motion.Curve;
import graykite.motion.Key;
import graykite.mouth.Lines;
import graykite.mouth.MouthSettings;
import graykite.mouth.TouchUp;
import graykite.project.Line;
import graykite.project.Project;
import graykite.project.SoundFile;
import graykite.reading.Anchor;
import graykite.reading.Timing;
import graykite.scene.Scene;
import graykite.sound.Sound;
import graykite.time.TimeMap;
import graykite.time.TimeRange;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What comes of a project edit by edit is what comes of it from scratch; and what did not change is not made again. */
class WorkbenchTest {
    private static final Figures FIGURES = new Figures();
    private static Map<String, Sound> sounds;
    private static Project start;

    private final AtomicInteger decoded = new AtomicInteger();

    private Workbench workbench() {
        return new Workbench(
                (file, progress) -> {
                    decoded.incrementAndGet();
                    return sounds.get(file.name());
                },
                FIGURES);
    }

    /** Two of the LibriVox sentences (people's speech), and times for their words by rule. */
    @BeforeAll
    static void prepare() throws Exception {
        sounds = Map.of("0870", Recordings.human("0870"), "0880", Recordings.human("0880"));
        start = Project.empty()
                .with(line("a", "0870", "and mister john dashwood had then leisure to consider", "odile"))
                .with(line("b", "0880", "he was not an ill disposed young man", "pim"));
        start = new SceneEdit.AddScene("s", "Both").apply(start);
        start = new SceneEdit.PlaceLine("s", "a", 0).apply(start);
        start = new SceneEdit.PlaceLine("s", "b", 3).apply(start);
        start = new SceneEdit.PutOnStage("s", "brine", Optional.empty()).apply(start);
    }

    private static Line line(String id, String sound, String words, String speaker) {
        Timing spoken = Lines.spoken(words, 0.05);
        double duration = sounds.get(sound).duration();
        return Line.empty(id, id)
                .withSpeaker(speaker)
                .withSound(new SoundFile(sound, sound.getBytes(StandardCharsets.UTF_8)))
                .withScript(words)
                .withTiming(new Timing(spoken.words(), Math.max(duration, spoken.duration())));
    }

    private static Edit random(Project project, Random random) {
        String line = random.nextBoolean() ? "a" : "b";
        Line own = project.line(line).orElseThrow();
        Timing timing = own.timing().orElseThrow();
        int word = random.nextInt(timing.words().size());
        double at = timing.words().get(word).start();
        int phone = random.nextInt(timing.words().get(word).phones().size());
        return switch (random.nextInt(13)) {
            case 0, 1 -> new ReadingEdit.MoveStart(line, word, phone, at + 0.1 * random.nextGaussian());
            case 2 ->
                new ReadingEdit.MoveEnd(line, word, timing.words().get(word).end() + 0.05 * random.nextGaussian());
            case 3 ->
                new MouthEdit.Touch(
                        line,
                        word,
                        phone,
                        TouchUp.on(Anchor.of(timing, word, phone)).withStrength(2 * random.nextDouble()));
            case 4 -> new MouthEdit.SetMouth(line, MouthSettings.STANDARD.withStrength(0.5 + random.nextDouble() / 2));
            case 5 -> new ActingEdit.KeyPose(line, at, random.nextBoolean() ? "Glad" : "Angry", 1, 0.2);
            case 6 -> new ActingEdit.Vary(line, random.nextInt(1000));
            case 7 ->
                new MouthEdit.TakeOver(
                        line,
                        "jawDrop",
                        new Curve(List.of(
                                new Key(at, 0.1, Key.Way.SMOOTH, 0, 0),
                                new Key(at + 0.3, random.nextDouble(), Key.Way.LINEAR, 0, 0))));
            case 8 -> new LineEdit.SetGain(line, random.nextInt(12) - 6);
            case 9 -> new SceneEdit.MoveLine("s", line, 4 * random.nextDouble(), random.nextBoolean());
            case 10 ->
                new LineEdit.GiveLine(line, List.of("odile", "pim", "brine").get(random.nextInt(3)));
            case 11 ->
                new LineEdit.Retime(
                        line,
                        random.nextBoolean()
                                ? TimeMap.SAME
                                : TimeMap.pausing(0.5, 0.2).then(TimeMap.stretching(new TimeRange(1, 1.5), 1.3)));
            default -> new ReadingEdit.Pin(line, word, phone, random.nextBoolean());
        };
    }

    private static void assertAlike(Scene scratch, Scene stepwise, String what) {
        assertEquals(scratch.size(), stepwise.size());
        assertEquals(scratch.duration(), stepwise.duration(), 1e-9);
        for (double t = 0; t < scratch.duration(); t += 0.37) {
            for (int actor = 0; actor < scratch.size(); actor++) {
                // A mouth is moved again within 0.6 s of an edit; what smoothness carries further is below this.
                assertArrayEquals(scratch.at(actor, t), stepwise.at(actor, t), 3e-3, what + " at " + t);
            }
        }
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4})
    void stepByStepIsAsFromScratch(int seed) {
        Random random = new Random(seed);
        Workbench stepwise = workbench();
        History history = History.of(start);
        for (int i = 0; i < 25; i++) {
            if (random.nextInt(6) == 0) {
                history = history.jumped(random.nextInt(history.steps().size()));
            } else {
                history = history.edited(random(history.present(), random), random.nextInt(3));
            }
            Project now = history.present();
            // Asked for each time, so that each step goes on from the one before.
            Scene both = stepwise.scene(now, "s", Progress.none()).scene().orElseThrow();
            Scene alone = stepwise.line(now, "a", Progress.none()).scene().orElseThrow();
            if (i % 6 == 5) {
                Workbench scratch = workbench();
                String what = history.undoName();
                assertAlike(scratch.scene(now, "s", Progress.none()).scene().orElseThrow(), both, what);
                assertAlike(scratch.line(now, "a", Progress.none()).scene().orElseThrow(), alone, what);
            }
        }
    }

    /** One answer: a line in a scene moves as it does alone, later by its start. */
    @Test
    void aLineIsTheSameInAScene() {
        Workbench workbench = workbench();
        Scene alone = workbench.line(start, "b", Progress.none()).scene().orElseThrow();
        Scene both = workbench.scene(start, "s", Progress.none()).scene().orElseThrow();
        int pim = both.speakerOf("b");
        assertEquals(3, both.size(), "Brine listens");
        for (double t = 0.2; t < alone.duration() - 0.2; t += 0.11) {
            assertArrayEquals(alone.at(0, t), both.at(pim, 3 + t), 1e-9);
        }
    }

    @Test
    void whatDidNotChangeIsKept() {
        Workbench workbench = workbench();
        Staged first = workbench.scene(start, "s", Progress.none());
        assertEquals(2, decoded.get());
        Project vary = new ActingEdit.Vary("b", 5).apply(start);
        Staged second = workbench.scene(vary, "s", Progress.none());
        assertSame(first.sound().orElseThrow(), second.sound().orElseThrow(), "nothing is mixed anew");
        Project louder = new LineEdit.SetGain("a", 3).apply(vary);
        Staged third = workbench.scene(louder, "s", Progress.none());
        assertNotSame(second.sound().orElseThrow(), third.sound().orElseThrow());
        assertEquals(2, decoded.get(), "and nothing is decoded twice");
        assertSame(
                workbench.line(start, "a", Progress.none()).scene().orElseThrow(),
                workbench.line(vary, "a", Progress.none()).scene().orElseThrow(),
                "the other line is the very same");
    }

    /** After a drag head and blinks belong to the new times at once, and the scene says where it changed. */
    @Test
    void instinctsFollowADrag() {
        Workbench workbench = workbench();
        Scene before = workbench.line(start, "a", Progress.none()).scene().orElseThrow();
        double from = start.line("a")
                .orElseThrow()
                .timing()
                .orElseThrow()
                .words()
                .get(5)
                .start();
        Project moved = new ReadingEdit.MoveStart("a", 5, 0, from + 0.03).apply(start);
        Scene after = workbench.line(moved, "a", Progress.none()).scene().orElseThrow();
        Scene scratch = workbench().line(moved, "a", Progress.none()).scene().orElseThrow();
        for (double t = 0; t < after.duration(); t += 0.1) {
            assertArrayEquals(scratch.at(0, t), after.at(0, t), 3e-3);
        }
        Changes changes = after.since(before);
        assertFalse(changes.everywhere());
        assertTrue(changes.touch(from, from + 0.03));
        assertFalse(changes.touch(after.duration() - 0.3, after.duration()), "its end is as it was");
        for (double t = 0; t < after.duration(); t += 0.05) {
            if (!changes.touch(t, t)) {
                assertArrayEquals(before.at(0, t), after.at(0, t), 1e-9, "unchanged at " + t);
            }
        }
    }
}
