package graykite.edit;

import static graykite.edit.Edited.READING;
import static graykite.edit.Edited.START;
import static graykite.edit.Edited.after;
import static graykite.edit.Edited.line;
import static graykite.edit.Edited.refused;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.acting.Clip;
import graykite.acting.ClipsPlan;
import graykite.edit.ClipEdit.AddClip;
import graykite.edit.ClipEdit.ChangeClip;
import graykite.edit.ClipEdit.RemoveClip;
import graykite.layer.LayerSetting;
import graykite.layer.LayerSetting.Blend;
import graykite.mouth.Lines;
import graykite.project.Project;
import graykite.project.SoundFile;
import graykite.reading.Timing;
import graykite.reading.WordFinder;
import java.util.List;
import org.junit.jupiter.api.Test;

class ClipEditTest {
    private static final Clip.Look GLAD = Clip.Look.of("Glad");

    private static ClipsPlan clips(Project project) {
        return line(project).layers().first(ClipsPlan.class).orElseThrow();
    }

    private static double start(Project project, int clip) {
        return clips(project).clips().get(clip).from().in(new WordFinder(Edited.reading(project)));
    }

    @Test
    void theFirstClipBringsItsLayer() {
        Project one = after(new AddClip("a", "", 0.5, 1.5, GLAD));
        assertEquals(ClipEdit.USUAL_LAYER, clips(one).setting().name());
        assertEquals(line(one).layers().plans().getLast(), clips(one), "on top of all others");
        Project two = after(one, new AddClip("a", "", 2, 3, Clip.Look.of("Sad")));
        assertEquals(2, clips(two).clips().size());
        assertEquals(5, line(two).layers().plans().size());
        Project other = after(two, new AddClip("a", "Big feelings", 0, 1, GLAD));
        assertEquals(6, line(other).layers().plans().size(), "a layer of another name is made");
        assertEquals(2, clips(other).clips().size());
    }

    @Test
    void aNameThatIsTakenByAnotherKindOfLayerIsNotUsed() {
        Project named = after(new ActingEdit.ChangeLayer(
                "a",
                3,
                START.line("a").orElseThrow().layers().plans().get(3).with(LayerSetting.of("Feel", Blend.ADD))));
        assertEquals(
                "Feel 2",
                clips(after(named, new AddClip("a", "", 0, 1, GLAD))).setting().name());
    }

    @Test
    void clipsAreMovedStretchedAndRemoved() {
        Project one = after(new AddClip("a", "", 0.5, 1.5, GLAD));
        Project moved = after(one, new ChangeClip("a", "", 0, 1, 2.5, GLAD.withAmounts(1, 0.2)));
        assertEquals(1, start(moved, 0), 1e-9);
        assertEquals(0.2, clips(moved).clips().getFirst().look().right());
        Project stretched = after(one, new ChangeClip("a", "Feel", 0, 0.5, 2.5, GLAD));
        assertEquals(
                clips(one).clips().getFirst().from(),
                clips(stretched).clips().getFirst().from(),
                "hangs where it hung");
        assertTrue(clips(after(one, new RemoveClip("a", "", 0))).clips().isEmpty());
        refused(one, "no clip 1", new RemoveClip("a", "", 1));
        refused(one, "no clip 7", new ChangeClip("a", "", 7, 0, 1, GLAD));
        refused(one, "no layer for clips of the name \"Poses\"", new RemoveClip("a", "Poses", 0));
        refused("has no clips", new RemoveClip("a", "", 0));
        refused("ends after it begins", new AddClip("a", "", 2, 2, GLAD));
        refused("ends after it begins", new AddClip("a", "", 2, Double.NaN, GLAD));
    }

    /** A clip stays on its words through another take. */
    @Test
    void clipsSurviveANewTake() {
        double fog = READING.words().get(1).start();
        double rang = READING.words().get(3).end();
        Project one = after(new AddClip("a", "", fog, rang, GLAD));
        Timing slow = Lines.spoken("the fog bell rang before we moved the map", 0.12);
        Project take = after(
                one,
                new LineEdit.SetRecording("a", new SoundFile("take.wav", new byte[3])),
                new ReadingEdit.SetReading("a", slow, false));
        Clip clip = clips(take).clips().getFirst();
        assertEquals(slow.words().get(1).start(), clip.from().in(new WordFinder(slow)), 1e-9);
        assertEquals(slow.words().get(3).end(), clip.to().in(new WordFinder(slow)), 1e-9);
    }

    @Test
    void aLineThatIsNotReadHoldsClipsAtPlainTimes() {
        Project one = after(new AddClip("b", "", 0.5, 1.5, GLAD));
        ClipsPlan plan =
                one.line("b").orElseThrow().layers().first(ClipsPlan.class).orElseThrow();
        assertEquals(0.5, plan.clips().getFirst().from().time());
        assertEquals(List.of(), START.line("b").orElseThrow().keys());
    }

    /** A drag is one step of the history. */
    @Test
    void draggingJoins() {
        History history = History.of(after(new AddClip("a", "", 0.5, 1.5, GLAD)));
        for (int i = 1; i <= 5; i++) {
            history = history.edited(new ChangeClip("a", "", 0, 0.5 + 0.1 * i, 1.5 + 0.1 * i, GLAD), 7);
        }
        assertEquals(1, history.at());
        assertEquals(1, start(history.present(), 0), 1e-9);
    }
}
