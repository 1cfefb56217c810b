package graykite.edit;

import static graykite.edit.Edited.START;
import static graykite.edit.Edited.after;
import static graykite.edit.Edited.refused;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.edit.ProjectEdit.ForgetView;
import graykite.edit.ProjectEdit.ForgetWord;
import graykite.edit.ProjectEdit.KeepView;
import graykite.edit.ProjectEdit.NameProject;
import graykite.edit.ProjectEdit.SayWord;
import graykite.edit.ProjectEdit.SetRate;
import graykite.edit.ProjectEdit.SetWords;
import graykite.picture.Backdrop;
import graykite.picture.Camera;
import graykite.picture.Dressing;
import graykite.picture.Lighting;
import graykite.project.KeptView;
import graykite.project.Project;
import graykite.text.Phone;
import graykite.text.Pronunciation;
import graykite.time.FrameRate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class ProjectEditTest {
    private static final Pronunciation BOSUN =
            new Pronunciation(List.of(Phone.B, Phone.OW, Phone.S, Phone.AH, Phone.N));

    @Test
    void nameAndRate() {
        Project now = after(new NameProject("Night ferry"), new SetRate(FrameRate.FILM));
        assertEquals("Night ferry", now.title());
        assertEquals(FrameRate.FILM, now.rate());
        assertSame(START, new SetRate(START.rate()).apply(START));
    }

    @Test
    void wordsAreSaidInTheirOwnWay() {
        Project now = after(new SayWord("Boatswain", BOSUN));
        assertEquals(Map.of("boatswain", BOSUN), now.dictionary(), "however it is written");
        assertTrue(after(now, new ForgetWord("BOATSWAIN")).dictionary().isEmpty());
        assertEquals(
                Map.of("buoy", BOSUN),
                after(now, new SetWords(Map.of("buoy", BOSUN))).dictionary());
    }

    @Test
    void viewsAreKeptReplacedAndForgotten() {
        KeptView low = new KeptView(" Low ", Camera.FRONT.orbited(10, -20));
        Project now = after(new KeepView(low));
        assertEquals("Low", now.views().getFirst().name());
        Project again = after(now, new KeepView(new KeptView("Low", Camera.PROFILE)));
        assertEquals(List.of(new KeptView("Low", Camera.PROFILE)), again.views());
        assertTrue(after(again, new ForgetView("Low")).views().isEmpty());
        refused("no view \"Low\"", new ForgetView("Low"));
    }

    @Test
    void aProjectKeepsADozenViews() {
        Project full = START;
        for (int i = 0; i < Project.MOST_VIEWS; i++) {
            full = new KeepView(new KeptView("View " + i, Camera.FRONT)).apply(full);
        }
        refused(full, "12 views", new KeepView(new KeptView("One more", Camera.FRONT)));
        assertEquals(
                12,
                new KeepView(new KeptView("View 3", Camera.MOUTH))
                        .apply(full)
                        .views()
                        .size());
    }

    /** Light stays with its line: a copy has it too, a line that is deleted leaves none, and what is given to all replaces all. */
    @Test
    void lightStaysWithItsLine() {
        Dressing lamp = new Dressing(Lighting.of("lamp,10,20"), Backdrop.NIGHT);
        Dressing fog = new Dressing(Lighting.of("fog"), Backdrop.even(0x445566));
        Project two = new LineEdit.AddLine("b", "Other", Optional.empty(), "", "")
                .apply(new LineEdit.AddLine("a", "Bell", Optional.empty(), "", "").apply(Project.empty()));
        Project lit = new ProjectEdit.DressStage("Bell", lamp).apply(two);
        assertEquals(lamp, lit.dressing("a"));
        assertEquals(Dressing.USUAL, lit.dressing("b"));
        assertSame(lit, new ProjectEdit.DressStage("a", lamp).apply(lit), "nothing changes, so there is no step");
        assertEquals(lamp, new LineEdit.CopyLine("a", "c").apply(lit).dressing("c"));
        Project left = new LineEdit.RemoveLine("a").apply(lit);
        assertEquals(Map.of(), left.dressings());
        Project all = new ProjectEdit.DressStage("", fog).apply(lit);
        assertEquals(fog, all.dressing("a"));
        assertEquals(fog, all.dressing("b"));
        Project scene = new SceneEdit.AddScene("s", "Night").apply(all);
        assertEquals(
                lamp, new ProjectEdit.DressStage("Night", lamp).apply(scene).dressing("s"));
        refused(lit, "no line \"Nowhere\"", new ProjectEdit.DressStage("Nowhere", lamp));
    }
}
