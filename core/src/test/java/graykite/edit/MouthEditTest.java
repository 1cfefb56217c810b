package graykite.edit;

import static graykite.edit.Edited.READING;
import static graykite.edit.Edited.after;
import static graykite.edit.Edited.line;
import static graykite.edit.Edited.refused;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.edit.MouthEdit.AddSection;
import graykite.edit.MouthEdit.ChangeCurve;
import graykite.edit.MouthEdit.ChangeSection;
import graykite.edit.MouthEdit.GiveBack;
import graykite.edit.MouthEdit.MuteTouch;
import graykite.edit.MouthEdit.RemoveSection;
import graykite.edit.MouthEdit.RemoveTouch;
import graykite.edit.MouthEdit.SetMouth;
import graykite.edit.MouthEdit.TakeOver;
import graykite.edit.MouthEdit.Touch;
import graykite.motion.Curve;
import graykite.motion.Key;
import graykite.mouth.Diction;
import graykite.mouth.MotionStyle;
import graykite.mouth.MouthSettings;
import graykite.mouth.MouthWork;
import graykite.mouth.Section;
import graykite.mouth.TakenCurve;
import graykite.mouth.TouchUp;
import graykite.project.Project;
import graykite.reading.Anchor;
import graykite.reading.WordFinder;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class MouthEditTest {
    private static final Diction SHOUTED = Diction.PLAIN.withOpen(1.4);
    private static final TouchUp STRONG = TouchUp.on(Anchor.of(READING, 0, -1)).withStrength(1.5);

    private static MouthWork work(Project project) {
        return line(project).mouth();
    }

    private static Curve curve(double from, double to) {
        return new Curve(List.of(new Key(from, 0.2, Key.Way.SMOOTH, 0, 0), new Key(to, 0.6, Key.Way.SMOOTH, 0, 0)));
    }

    @Test
    void theWholeLineIsSpokenDifferently() {
        MouthSettings settings = MouthSettings.STANDARD.withLead(0.03).withDiction(SHOUTED);
        assertEquals(settings, work(after(new SetMouth("a", settings))).settings());
    }

    @Test
    void sectionsAreCutChangedAndRemoved() {
        Project cut = after(new AddSection("a", 5, 3, SHOUTED, Optional.of(MotionStyle.CRISP), 0.1));
        Section section = work(cut).sections().getFirst();
        assertEquals("rang", section.first().word(), "from the earlier to the later, however they are named");
        assertEquals("we", section.last().word());
        Project soft = after(cut, new ChangeSection("a", 0, Diction.PLAIN, Optional.empty(), 0.4));
        assertEquals(Diction.PLAIN, work(soft).sections().getFirst().diction());
        assertEquals(0.4, work(soft).sections().getFirst().blend());
        assertEquals("rang", work(soft).sections().getFirst().first().word());
        assertTrue(work(after(soft, new RemoveSection("a", 0))).sections().isEmpty());
        refused(cut, "no section 1", new ChangeSection("a", 1, SHOUTED, Optional.empty(), 0.1));
        refused(cut, "no section -1", new RemoveSection("a", -1));
        refused("There is no word 9", new AddSection("a", 2, 9, SHOUTED, Optional.empty(), 0.1));
        refused("not read yet", new AddSection("b", 0, 0, SHOUTED, Optional.empty(), 0.1));
    }

    @Test
    void touchUpsAreMutedAndRemoved() {
        Project two = after(new Touch("a", 3, 1, STRONG), new Touch("a", 3, -1, STRONG.withShift(0.02)));
        assertEquals(2, work(two).touchUps().size(), "one on the sound and one on its word");
        Project muted = after(two, new MuteTouch("a", 0, true));
        assertTrue(work(muted).touchUps().getFirst().muted());
        assertEquals(work(two), work(after(muted, new MuteTouch("a", 0, false))));
        Project one = after(two, new RemoveTouch("a", 0));
        assertEquals(-1, work(one).touchUps().getFirst().at().phone());
        refused(two, "no touch-up 2", new RemoveTouch("a", 2));
        refused("no sound 3", new Touch("a", 1, 3, STRONG));
        refused("not read yet", new Touch("b", 0, 0, STRONG));
    }

    @Test
    void aTouchUpThatDoesNothingIsNotKept() {
        assertTrue(work(after(new Touch("a", 3, 1, STRONG.withStrength(1))))
                .touchUps()
                .isEmpty());
    }

    @Test
    void ownCurvesTakeTheOnesThatTheyOverlapIn() {
        Project one = after(new TakeOver("a", "jawDrop", curve(0.5, 1)));
        Project both = after(
                one, new TakeOver("a", "jawDrop", curve(1.2, 1.5)), new TakeOver("a", "lipPucker", curve(0.5, 1)));
        assertEquals(3, work(both).curves().size());
        Project joined = after(both, new TakeOver("a", "jawDrop", curve(0.8, 1.3)));
        assertEquals(
                List.of("lipPucker", "jawDrop"),
                work(joined).curves().stream().map(TakenCurve::channel).toList());
        Curve kept = work(joined).curves().getLast().in(new WordFinder(READING)).orElseThrow();
        assertEquals(0.8, kept.start(), 1e-6);
        assertEquals(1.3, kept.end(), 1e-6);
    }

    @Test
    void keysOfACurveChangeAndAreGivenBack() {
        Project one = after(new TakeOver("a", "jawDrop", curve(0.5, 1)));
        Project raised =
                after(one, new ChangeCurve("a", 0, curve(0.5, 1).with(0, new Key(0.5, 0.9, Key.Way.LINEAR, 0, 0))));
        assertEquals(
                0.9,
                work(raised)
                        .curves()
                        .getFirst()
                        .in(new WordFinder(READING))
                        .orElseThrow()
                        .at(0.5),
                1e-6);
        assertTrue(work(after(raised, new GiveBack("a", 0))).curves().isEmpty());
        refused(one, "no own curve 1", new GiveBack("a", 1));
        refused(one, "no own curve 3", new ChangeCurve("a", 3, curve(0, 1)));
        refused("not read yet", new TakeOver("b", "jawDrop", curve(0, 1)));
    }
}
