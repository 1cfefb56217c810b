package graykite.edit;

import static graykite.edit.Edited.READING;
import static graykite.edit.Edited.after;
import static graykite.edit.Edited.line;
import static graykite.edit.Edited.refused;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.acting.Clip;
import graykite.acting.ClipsPlan;
import graykite.acting.Cue;
import graykite.acting.CueSpots.Spot;
import graykite.acting.CueSpots.State;
import graykite.acting.CuesPlan;
import graykite.edit.CueEdit.RemoveCue;
import graykite.edit.CueEdit.SetCue;
import graykite.edit.CueEdit.SpreadCues;
import graykite.edit.CueEdit.SwitchCue;
import graykite.edit.CueEdit.TakeCue;
import graykite.mouth.Lines;
import graykite.project.Project;
import graykite.reading.TimedWord;
import graykite.reading.Timing;
import graykite.reading.WordFinder;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class CueEditTest {
    private static final Cue WAIT = Cue.of("Wait", new Cue.Pause(0.01), Clip.Look.of("Thoughtful"));
    private static final Cue BROW = Cue.of("Brow", Cue.Mark.QUESTION, Clip.Look.of("Curious"));

    private static CuesPlan cues(Project project) {
        return line(project).layers().first(CuesPlan.class).orElseThrow();
    }

    private static List<State> states(Project project) {
        return cues(project).spots(new WordFinder(Edited.reading(project)), Lines.quiet(READING)).stream()
                .map(Spot::state)
                .toList();
    }

    @Test
    void cuesAreSetReplacedAndRemoved() {
        Project one = after(new SetCue("a", BROW), new SetCue("a", WAIT));
        assertEquals(CueEdit.LAYER, cues(one).setting().name());
        assertEquals(List.of(BROW, WAIT), cues(one).cues());
        assertEquals(5, line(one).layers().plans().size(), "one layer holds them all");
        Project longer = after(one, new SetCue("a", BROW.withTimes(-0.2, 2)));
        assertEquals(2, cues(longer).cues().getFirst().length());
        assertEquals(
                List.of(WAIT), cues(after(longer, new RemoveCue("a", "Brow"))).cues());
    }

    /** Every line gets them; what a line has of its own stays. */
    @Test
    void cuesGoToEveryLine() {
        Cue own = Cue.of("Own", Cue.Mark.STOP, Clip.Look.of("Glad"));
        Project all = after(new SetCue("a", BROW), new SetCue("b", own), new SpreadCues("a"));
        CuesPlan other =
                all.line("b").orElseThrow().layers().first(CuesPlan.class).orElseThrow();
        assertEquals(List.of(own, BROW), other.cues());
        assertEquals(all, after(all, new SpreadCues("a")), "twice is once");
    }

    @Test
    void onePlaceIsSwitchedOffAndTaken() {
        Project marked = after(new SetCue("a", Cue.of("Beat", new Cue.Tag("beat"), Clip.Look.of("Wry"))));
        assertTrue(states(marked).isEmpty(), "no tag, no place");
        List<TimedWord> words = new ArrayList<>(READING.words());
        TimedWord last = words.removeLast();
        words.add(new TimedWord(last.text(), "[beat]", last.phones(), last.source(), last.fit()));
        Project tagged = after(marked, new ReadingEdit.SetReading("a", new Timing(words, READING.duration()), false));
        assertEquals(List.of(State.COMES), states(tagged));
        int word = READING.words().size() - 1;
        Project off = after(tagged, new SwitchCue("a", "Beat", word, false, 0));
        assertEquals(List.of(State.OFF), states(off));
        assertEquals(List.of(State.COMES), states(after(off, new SwitchCue("a", "Beat", word, true, 0))));
        Project taken = after(tagged, new TakeCue("a", "Beat", word, 2, 2.8, Clip.Look.of("Wry")));
        assertEquals(List.of(State.OFF), states(taken));
        assertEquals(
                1,
                line(taken)
                        .layers()
                        .first(ClipsPlan.class)
                        .orElseThrow()
                        .clips()
                        .size());
        assertFalse(line(tagged).layers().first(ClipsPlan.class).isPresent());
    }

    @Test
    void whatIsNotThereIsRefused() {
        Project one = after(new SetCue("a", BROW));
        refused("no cue \"Brow\"", new RemoveCue("a", "Brow"));
        refused("has no cues", new SpreadCues("a"));
        refused(one, "no cue \"Other\"", new SwitchCue("a", "Other", 0, false, 0));
        refused(one, "no word 99", new SwitchCue("a", "Brow", 99, false, 0));
        refused(one, "no word -1", new SwitchCue("a", "Brow", -1, true, 0));
        refused(one, "10 s", new SwitchCue("a", "Brow", 0, true, 11));
        refused(one, "ends after it begins", new TakeCue("a", "Brow", 0, 2, 2, Clip.Look.of("Wry")));
    }
}
