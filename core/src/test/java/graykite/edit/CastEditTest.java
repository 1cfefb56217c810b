package graykite.edit;

import static graykite.edit.Edited.READING;
import static graykite.edit.Edited.START;
import static graykite.edit.Edited.after;
import static graykite.edit.Edited.line;
import static graykite.edit.Edited.refused;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.edit.CastEdit.AddMember;
import graykite.edit.CastEdit.NameMember;
import graykite.edit.CastEdit.RemoveMember;
import graykite.edit.CastEdit.RemovePose;
import graykite.edit.CastEdit.RenameShape;
import graykite.edit.CastEdit.SetChart;
import graykite.edit.CastEdit.SetLibrary;
import graykite.edit.CastEdit.SetPose;
import graykite.edit.CastEdit.ShapeFace;
import graykite.format.character.PlanFiles;
import graykite.mouth.MouthChart;
import graykite.mouth.TouchUp;
import graykite.people.plan.PersonPlan;
import graykite.people.plan.Slider;
import graykite.project.Member;
import graykite.project.Project;
import graykite.reading.Anchor;
import graykite.rig.Pose;
import graykite.scene.Stand;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class CastEditTest {
    private static final Pose POUT = Pose.of("lipPucker", 0.8);

    private static Member odile(Project project) {
        return project.member("odile").orElseThrow();
    }

    @Test
    void somebodyIsBroughtInNamedAndTakenOut() {
        Member mate = new Member("mate", "The mate", new Member.Shipped("pim"), Optional.empty());
        Project four = after(new AddMember(mate));
        assertEquals(4, four.cast().size());
        Project named = after(four, new NameMember("the mate", "Tarrant the elder"));
        assertEquals("Tarrant the elder", named.member("mate").orElseThrow().name());
        Project given = after(named, new LineEdit.GiveLine("a", "mate"));
        Project gone = after(given, new RemoveMember("mate"));
        assertEquals("odile", gone.speakerOf(line(gone)).id(), "their lines go to the first of the cast");
        refused("no character", new NameMember("nobody", "x"));
        refused(four, "id \"mate\" already", new AddMember(mate));
        refused("name", new NameMember("odile", " "));
    }

    /** A face of one's own keeps its poses while it is shaped; one that came finished is not shaped. */
    @Test
    void aCarvedFaceIsShaped() {
        PersonPlan wren = PlanFiles.shipped("wren");
        Project with = after(new AddMember(new Member("own", "Own", new Member.Carved(wren), Optional.empty())));
        Project posed = after(with, new SetPose("own", "Pout", POUT));
        PersonPlan older = wren.with(Slider.AGE, 0.5);
        Member shaped =
                after(posed, new ShapeFace("own", older, "Older")).member("own").orElseThrow();
        assertEquals(new Member.Carved(older), shaped.source());
        assertTrue(shaped.library().orElseThrow().poses().keySet().containsAll(List.of("Pout", "Glad")));
        refused(posed, "came finished", new ShapeFace("odile", older, "Older"));
    }

    @Test
    void whoLeavesTheCastLeavesEveryStage() {
        Project staged = after(
                new SceneEdit.AddScene("s", "S"), new SceneEdit.PutOnStage("s", "pim", Optional.of(Stand.MIDDLE)));
        Project gone = after(staged, new RemoveMember("pim"));
        assertTrue(gone.scene("s").orElseThrow().people().isEmpty());
    }

    @Test
    void theLastOfACastStays() {
        Project one = after(new RemoveMember("pim"), new RemoveMember("brine"));
        refused(one, "stays", new RemoveMember("odile"));
    }

    @Test
    void posesJoinThoseThatTheFigureBrought() {
        Project now = after(new SetPose("odile", "Pout", POUT));
        Member.Library library = odile(now).library().orElseThrow();
        assertEquals(POUT, library.poses().get("Pout"));
        assertTrue(library.poses().containsKey("Glad"), "and lose none of them");
        Project gone = after(now, new RemovePose("odile", "Pout"));
        assertFalse(odile(gone).library().orElseThrow().poses().containsKey("Pout"));
        refused(now, "no pose \"Scowl\"", new RemovePose("odile", "Scowl"));
    }

    @Test
    void aLibraryIsReplacedAsAWhole() {
        Member.Library bare = new Member.Library(Map.of("Pout", POUT), Map.of(), List.of(), Optional.empty());
        SetLibrary edit = new SetLibrary("odile", bare, "Start anew");
        assertEquals("Start anew", edit.inWords());
        assertEquals(Optional.of(bare), odile(after(edit)).library());
    }

    @Test
    void aChartIsTheCharactersOwn() {
        MouthChart small = MouthChart.ofSize(8);
        Project now = after(new SetChart("odile", small));
        assertEquals(small, odile(now).chart());
        assertEquals(MouthChart.standard(), now.member("pim").orElseThrow().chart());
        assertTrue(odile(now).library().orElseThrow().poses().containsKey("Ah"));
    }

    @Test
    void aShapeIsRenamedWhereverItIsUsed() {
        TouchUp oh = TouchUp.on(Anchor.of(READING, 0, -1)).withShape(Optional.of("Oh"));
        Project touched = after(new LineEdit.GiveLine("a", "odile"), new MouthEdit.Touch("a", 1, 1, oh));
        Project now = after(touched, new RenameShape("odile", "Oh", "Round"));
        assertTrue(odile(now).chart().shapes().containsKey("Round"));
        assertFalse(odile(now).chart().shapes().containsKey("Oh"));
        assertEquals(
                odile(after(new SetPose("odile", "x", POUT)))
                        .library()
                        .orElseThrow()
                        .poses()
                        .get("Oh"),
                odile(now).library().orElseThrow().poses().get("Round"));
        assertEquals(
                Optional.of("Round"), line(now).mouth().touchUps().getFirst().shape());
        refused("no shape \"Nowhere\"", new RenameShape("odile", "Nowhere", "x"));
        refused("\"Ah\" already", new RenameShape("odile", "Oh", "Ah"));
    }

    @Test
    void othersKeepTheirShapesNames() {
        TouchUp oh = TouchUp.on(Anchor.of(READING, 0, -1)).withShape(Optional.of("Oh"));
        Project touched = after(new LineEdit.GiveLine("a", "pim"), new MouthEdit.Touch("a", 1, 1, oh));
        Project now = after(touched, new RenameShape("odile", "Oh", "Round"));
        assertEquals(Optional.of("Oh"), line(now).mouth().touchUps().getFirst().shape());
        assertTrue(START.member("pim").orElseThrow().chart().shapes().containsKey("Oh"));
    }
}
