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
import graykite.picture.Camera;
import graykite.project.KeptView;
import graykite.project.Project;
import graykite.text.Phone;
import graykite.text.Pronunciation;
import graykite.time.FrameRate;
import java.util.List;
import java.util.Map;
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
}
