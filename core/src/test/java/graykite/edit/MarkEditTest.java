package graykite.edit;

import static graykite.edit.Edited.after;
import static graykite.edit.Edited.line;
import static graykite.edit.Edited.refused;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.acting.Instincts;
import graykite.acting.Instincts.Kind;
import graykite.acting.InstinctsPlan;
import graykite.acting.Life;
import graykite.acting.LifeMarks;
import graykite.acting.Mark;
import graykite.edit.MarkEdit.AddMark;
import graykite.edit.MarkEdit.ChangeMark;
import graykite.edit.MarkEdit.GiveBackMarks;
import graykite.edit.MarkEdit.RemoveMark;
import graykite.edit.MarkEdit.TakeMarks;
import graykite.mouth.Lines;
import graykite.project.Project;
import graykite.reading.Place;
import graykite.reading.Timing;
import graykite.reading.WordFinder;
import graykite.sound.Loudness;
import graykite.sound.Sound;
import graykite.time.TimeMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class MarkEditTest {
    private static final Timing TIMING = Edited.READING;
    /** With a pause that has room for a breath. */
    private static final Timing PAUSING =
            TIMING.retimed(TimeMap.SAME, TimeMap.pausing(TIMING.words().get(3).start(), 0.7));

    private static final Loudness LOUDNESS = loudness();
    private static final WordFinder WORDS = new WordFinder(TIMING);

    /** Words that are louder by turns, so that some are stressed. */
    private static Loudness loudness() {
        float[] samples = new float[(int) (PAUSING.duration() * 2000)];
        for (int w = 0; w < PAUSING.words().size(); w++) {
            int from = (int) (2000 * PAUSING.words().get(w).start());
            int to = (int) (2000 * PAUSING.words().get(w).end());
            for (int i = from; i < to; i++) {
                samples[i] = (float) (Math.sin(i * 0.7) * (w % 3 == 1 ? 0.7 : 0.1));
            }
        }
        return Loudness.of(Sound.mono(samples, 2000));
    }

    private static InstinctsPlan plan(Project project) {
        return line(project).layers().first(InstinctsPlan.class).orElseThrow();
    }

    private static Life life(long seed) {
        return Life.generate(PAUSING, LOUDNESS, Instincts.of(seed));
    }

    private static double[] face(Life life, double time) {
        return new double[] {
            life.blinks().at(time),
            life.darts().at(time).yaw(),
            life.darts().at(time).pitch(),
            life.brows().at(time).left(),
            life.brows().at(time).right(),
            life.head().at(time).yaw(),
            life.head().at(time).pitch(),
            life.head().at(time).roll(),
            life.breaths().at(time)
        };
    }

    /** Taking over changes nothing that is seen, whatever was generated. */
    @ParameterizedTest
    @EnumSource(Kind.class)
    void takenOverItIsTheSame(Kind kind) {
        for (long seed = 1; seed <= 5; seed++) {
            Life life = life(seed);
            List<Mark> marks = LifeMarks.of(life, kind, new WordFinder(PAUSING));
            assertTrue(seed > 1 || !marks.isEmpty(), "there is something to take over");
            Life again = LifeMarks.with(life, Map.of(kind, marks), new WordFinder(PAUSING));
            for (double t = 0; t < PAUSING.duration(); t += 0.013) {
                double[] was = face(life, t);
                double[] now = face(again, t);
                for (int i = 0; i < was.length; i++) {
                    assertEquals(was[i], now[i], 1e-6, kind + " at " + t);
                }
            }
        }
    }

    @Test
    void aBlinkIsAddedMovedHeldAndRemoved() {
        Project taken = after(new TakeMarks("a", Kind.BLINKS, List.of(Mark.usual(Kind.BLINKS, Place.at(0.4, WORDS)))));
        Project two = after(taken, new AddMark("a", Kind.BLINKS, 1.2, List.of(0.08, 0.03, 0.15)));
        assertEquals(2, plan(two).own().get(Kind.BLINKS).size());
        Project held = after(two, new ChangeMark("a", Kind.BLINKS, 1, 1.0, List.of(0.08, 0.5, 0.15)));
        Life life = LifeMarks.with(life(1), plan(held).own(), WORDS);
        assertEquals(1, life.blinks().at(1.3), 1e-9, "held shut");
        assertEquals(0, life.blinks().at(0.9), 1e-9);
        assertTrue(life.blinks().at(0.47) > 0.5, "the other blink is where it was");
        Project one = after(held, new RemoveMark("a", Kind.BLINKS, 0));
        assertEquals(0, LifeMarks.with(life(1), plan(one).own(), WORDS).blinks().at(0.47), 1e-9);
        assertTrue(plan(after(one, new GiveBackMarks("a", Kind.BLINKS))).own().isEmpty());
        assertEquals(
                plan(one).own(), plan(after(one, new ActingEdit.Vary("a", 99))).own(), "Vary leaves what is own");
    }

    /** They hang on words: spoken later, they come later. */
    @Test
    void marksMoveWithTheirWords() {
        Mark mark = Mark.usual(Kind.HEAD, Place.at(1.0, WORDS));
        Timing slower = Lines.spoken("the fog bell rang before we moved the map", 0.14);
        double now = LifeMarks.placed(List.of(mark), Kind.HEAD, new WordFinder(slower))
                .getFirst()
                .time();
        int word = WORDS.nearest(1.0);
        assertTrue(now >= slower.words().get(word).start() - 0.1
                && now <= slower.words().get(word).end() + 0.1);
        assertTrue(now > 1.5);
    }

    @Test
    void figuresStayInTheirRanges() {
        Project wild =
                after(new TakeMarks("a", Kind.HEAD, List.of(new Mark(Place.at(1), List.of(99.0, 400.0, -400.0, 0.0)))));
        assertEquals(
                List.of(1.2, 30.0, -25.0, 0.0),
                plan(wild).own().get(Kind.HEAD).getFirst().figures());
        refused(
                "A mark of Head has 4 figures, not 1",
                new TakeMarks("a", Kind.HEAD, List.of(new Mark(Place.at(1), List.of(1.0)))));
    }

    @Test
    void refusals() {
        refused("Blinks are not taken over", new AddMark("a", Kind.BLINKS, 1, List.of(0.1, 0.1, 0.1)));
        Project taken = after(new TakeMarks("a", Kind.EYES, List.of()));
        refused(taken, "There is no mark 0 of eyes", new RemoveMark("a", Kind.EYES, 0));
        refused(taken, "There is no mark 3 of eyes", new ChangeMark("a", Kind.EYES, 3, 1, List.of(1.0, 1.0)));
        Project bare = after(new ActingEdit.RemoveLayer("a", 1));
        refused(bare, "no layer for what the face does by itself", new GiveBackMarks("a", Kind.EYES));
    }
}
