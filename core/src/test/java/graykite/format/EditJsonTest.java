package graykite.format;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion;
import graykite.acting.Clip;
import graykite.acting.Cue;
import graykite.acting.Instincts;
import graykite.acting.Instincts.Kind;
import graykite.acting.InstinctsPlan;
import graykite.acting.Layers;
import graykite.acting.LookPoint;
import graykite.acting.Mark;
import graykite.acting.NeutralPlan;
import graykite.acting.Performed;
import graykite.base.BadInput;
import graykite.edit.ActingEdit;
import graykite.edit.CastEdit;
import graykite.edit.ClipEdit;
import graykite.edit.CueEdit;
import graykite.edit.Edit;
import graykite.edit.LineEdit;
import graykite.edit.LookEdit;
import graykite.edit.MarkEdit;
import graykite.edit.MouthEdit;
import graykite.edit.PassEdit;
import graykite.edit.ProjectEdit;
import graykite.edit.ReadingEdit;
import graykite.edit.ReviewEdit;
import graykite.edit.SceneEdit;
import graykite.format.character.PlanFiles;
import graykite.geometry.Vec;
import graykite.layer.LayerSetting;
import graykite.layer.LayerSetting.Blend;
import graykite.motion.Curve;
import graykite.motion.Key;
import graykite.motion.Keyed;
import graykite.motion.Track;
import graykite.mouth.Diction;
import graykite.mouth.MotionStyle;
import graykite.mouth.MouthChart;
import graykite.mouth.MouthSettings;
import graykite.mouth.TouchUp;
import graykite.people.plan.Slider;
import graykite.picture.Backdrop;
import graykite.picture.Camera;
import graykite.picture.Dressing;
import graykite.picture.Lighting;
import graykite.project.Comment;
import graykite.project.KeptView;
import graykite.project.Member;
import graykite.project.Reference;
import graykite.project.SoundFile;
import graykite.reading.Anchor;
import graykite.reading.Place;
import graykite.reading.TimingTest;
import graykite.rig.Pose;
import graykite.scene.Stand;
import graykite.text.Language;
import graykite.text.Phone;
import graykite.text.Pronunciation;
import graykite.time.FrameRate;
import graykite.time.TimeMap;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Every edit there is: to JSON and back, as the published schema says. */
class EditJsonTest {
    private static final Pronunciation FOG = new Pronunciation(List.of(Phone.F, Phone.AA, Phone.G));
    private static final Curve CURVE =
            new Curve(List.of(new Key(0.2, 0.1, Key.Way.SMOOTH, 0, 1.5), new Key(0.5, 0.4, Key.Way.STEPPED, -1, 0)));
    private static final Member.Library LIBRARY = new Member.Library(
            Map.of("Glad", Pose.of("lipCornerPuller", 0.8)), Map.of(), List.of(), Optional.of(MouthChart.ofSize(8)));
    private static final Anchor WORD = Anchor.of(TimingTest.sample(), 1, -1);

    private static final Performed DENSE =
            Performed.whole("Nod", new Track(30, List.of("headPitch", "lidClose.L"), new float[] {0, 0, -5, 1, -2, 0}));
    private static final Performed FEW = Performed.whole("Yes", new Keyed(1, List.of("headPitch"), List.of(CURVE)));

    private static final Dressing LAMP = new Dressing(Lighting.of("lamp,-20.5,60"), Backdrop.NIGHT);

    /** One or two of every kind. */
    static final List<Edit> ALL = List.of(
            new ProjectEdit.NameProject("Ferry \"night\""),
            new ProjectEdit.SetRate(FrameRate.parse("29.97")),
            new ProjectEdit.SayWord("fog", FOG),
            new ProjectEdit.ForgetWord("fog"),
            new ProjectEdit.KeepView(new KeptView("Over the rail", Camera.PROFILE)),
            new ProjectEdit.ForgetView("Over the rail"),
            new ProjectEdit.DressStage("", LAMP),
            new ProjectEdit.DressStage("x", LAMP.before(Backdrop.even(0x203040))),
            new ProjectEdit.KeepVersion("First pass", 1_790_000_000_000L),
            new ProjectEdit.ForgetVersion("First pass"),
            new ProjectEdit.GoBackTo("First pass"),
            new ProjectEdit.KeepPerformance(DENSE),
            new ProjectEdit.KeepPerformance(FEW),
            new ProjectEdit.ForgetPerformance("Yes"),
            new ProjectEdit.SetWords(Map.of("fog", FOG)),
            new LineEdit.AddLine("x", "A", Optional.of(new SoundFile("a.wav", new byte[] {1, 2})), "Fog.", "pim"),
            new LineEdit.AddLine("y", "B", Optional.empty(), "", ""),
            new LineEdit.RemoveLine("x"),
            new LineEdit.CopyLine("x", "z"),
            new LineEdit.OrderLine("x", 3),
            new LineEdit.NameLine("x", "New"),
            new LineEdit.GiveLine("x", "odile"),
            new LineEdit.SetRecording("x", new SoundFile("b.flac", new byte[] {9})),
            new LineEdit.SetScript("x", "The fog\nbell.", true),
            new LineEdit.SetGain("x", -3.5),
            new LineEdit.SetStartFrame("x", 86_400),
            new LineEdit.SetChannel("x", Optional.of(1)),
            new LineEdit.SetChannel("x", Optional.empty()),
            new LineEdit.SetReference(
                    "x",
                    Optional.of(Reference.of("take 3.mp4")
                            .withOffset(-0.4)
                            .withPlace(Reference.Place.BEHIND)
                            .withMirrored(true))),
            new LineEdit.SetReference("x", Optional.empty()),
            new LineEdit.SetLanguage("x", Language.ENGLISH),
            new LineEdit.Retime("x", TimeMap.pausing(1, 0.5)),
            new ReadingEdit.SetReading("x", TimingTest.sample(), true),
            new ReadingEdit.ClearReading("x", 2),
            new ReadingEdit.MoveStart("x", 1, 0, 0.7),
            new ReadingEdit.MoveEnd("x", 1, 0.9),
            new ReadingEdit.MoveWord("x", 1, -0.02),
            new ReadingEdit.Pin("x", 1, -1, true),
            new ReadingEdit.ChangeSound("x", 1, 0, Phone.SH),
            new ReadingEdit.InsertSound("x", 1, 0, Phone.IY),
            new ReadingEdit.DeleteSound("x", 1, 0),
            new ReadingEdit.SplitWord("x", 1, 1, "b", "ell"),
            new ReadingEdit.JoinWords("x", 0),
            new ReadingEdit.DeleteWord("x", 2),
            new ReadingEdit.WriteWord("x", 2),
            new ReadingEdit.InsertWord("x", 1, "fog", FOG),
            new ReadingEdit.MarkWord("x", "fog", ",", FOG, 0.4, 2),
            new ReadingEdit.EndWord("x", 0.8),
            new MouthEdit.SetMouth(
                    "x", MouthSettings.STANDARD.withLead(0.02).withMotion(Optional.of(MotionStyle.CRISP))),
            new MouthEdit.AddSection("x", 0, 1, Diction.PLAIN.withOpen(1.5), Optional.of(MotionStyle.HELD), 0.3),
            new MouthEdit.ChangeSection("x", 0, Diction.PLAIN.withWide(1.5), Optional.empty(), 0.2),
            new MouthEdit.RemoveSection("x", 0),
            new MouthEdit.Touch("x", 1, 0, TouchUp.on(WORD).withStrength(1.4).withShape(Optional.of("Oh"))),
            new MouthEdit.MuteTouch("x", 0, true),
            new MouthEdit.RemoveTouch("x", 0),
            new MouthEdit.TakeOver("x", "jawDrop", CURVE),
            new MouthEdit.ChangeCurve("x", 0, CURVE),
            new MouthEdit.GiveBack("x", 0),
            new ActingEdit.Vary("x", 77),
            new ActingEdit.KeyPose("x", 1.5, "Glad", 0.8, 0.3),
            new ActingEdit.ChangeKey("x", 0, 1.6, "Angry", 1, 0.25),
            new ActingEdit.RemoveKey("x", 0),
            new ActingEdit.AddLayer("x", 2, Layers.usual().plans().get(3)),
            new ActingEdit.ChangeLayer("x", 1, Layers.usual().plans().get(1)),
            new ActingEdit.ChangeLayer(
                    "x",
                    1,
                    new InstinctsPlan(
                            LayerSetting.of("Instincts", Blend.ADD),
                            4,
                            Instincts.of(4)
                                    .with(Kind.HEAD, new Instincts.Figures(9, 0.5, true))
                                    .withMood(0.4),
                            Map.of(Kind.BREATH, List.of(Mark.usual(Kind.BREATH, Place.at(0.3)))))),
            new MarkEdit.TakeMarks(
                    "x", Kind.HEAD, List.of(Mark.usual(Kind.HEAD, Place.at(0.3)), Mark.usual(Kind.HEAD, Place.at(1)))),
            new MarkEdit.AddMark("x", Kind.BLINKS, 0.6, List.of(0.08, 0.1, 0.2)),
            new MarkEdit.ChangeMark("x", Kind.HEAD, 0, 0.5, List.of(0.2, 4.0, -3.0, 1.0)),
            new MarkEdit.RemoveMark("x", Kind.HEAD, 1),
            new MarkEdit.GiveBackMarks("x", Kind.HEAD),
            new ReviewEdit.MeanSo("x", "frozen", 1.5, "She holds her breath"),
            new ReviewEdit.TakeBackMeantSo("x", 0),
            new ReviewEdit.AddComment(
                    "x",
                    "c",
                    0.7,
                    "Anke",
                    "Higher",
                    List.of(new Comment.Stroke(
                            List.of(new Comment.Stroke.Dot(0.1, -0.2), new Comment.Stroke.Dot(0.3, 0)))),
                    Optional.of(Camera.PROFILE)),
            new ReviewEdit.ChangeComment("x", "c", 0.9, "Lower", true),
            new ReviewEdit.RemoveComment("x", "c"),
            new ActingEdit.AddLayer("x", 9, new NeutralPlan(LayerSetting.of("Neutral", Blend.OVERRIDE), 0.4)),
            new ActingEdit.RemoveLayer("x", 1),
            new ActingEdit.OrderLayer("x", 1, 3),
            new ClipEdit.AddClip("x", "", 0.5, 2, Clip.Look.of("Wry").withAmounts(1, 0.4)),
            new ClipEdit.AddClip(
                    "x",
                    "Feel",
                    1,
                    3,
                    Clip.Look.of("Wry")
                            .withContent(new Clip.Own("Mine", Pose.of("browLowerer.L", 0.7)))
                            .withEases(0, 1)),
            new ClipEdit.ChangeClip(
                    "x", "Feel", 0, 0.6, 2.5, Clip.Look.of("Glad").withMouth(0)),
            new ClipEdit.RemoveClip("x", "", 1),
            new ClipEdit.AddClip("x", "", 0.5, 2, Clip.Look.of("Yes").withContent(FEW)),
            new PassEdit.AddPass("x", "", 0.5, 2, new PassEdit.Look(DENSE, false, 0.1, 0.5, Map.of("headPitch", 0.4))),
            new PassEdit.AddPass("x", "Live", 0.1, 1, new PassEdit.Look(FEW, true, 0, 1, Map.of())),
            new PassEdit.ChangePass("x", "", 0, 0.2, 1, new PassEdit.Look(FEW, true, 0, 1, Map.of())),
            new PassEdit.SetCurve("x", "Live", 1, "headPitch", CURVE),
            new PassEdit.RemovePass("x", "", 0),
            new LookEdit.AddLook("x", 0.5, 2, new LookPoint.Person("pim"), 0.5),
            new LookEdit.AddLook("x", 0.5, 2, new LookPoint.Viewer(), 0.2),
            new LookEdit.ChangeLook("x", 0, 0.5, 2, new LookPoint.Spot("Bell", new Vec(400, 100, 200)), 1),
            new LookEdit.ChangeLook("x", 0, 0.5, 2, new LookPoint.Toward("Off stage", 40, -5), 0),
            new LookEdit.RemoveLook("x", 0),
            new CueEdit.SetCue("x", new Cue("Brow", Cue.Mark.QUESTION, Clip.Look.of("Curious"), -0.4, 0.9, 0.8, 0.3)),
            new CueEdit.SetCue("x", Cue.of("Beat", new Cue.Stress(), Clip.Look.of("Resolute"))),
            new CueEdit.SetCue("x", Cue.of("Wait", new Cue.Pause(0.5), Clip.Look.of("Thoughtful"))),
            new CueEdit.SetCue("x", Cue.of("Sigh", new Cue.Tag("sigh"), Clip.Look.of("Tired"))),
            new CueEdit.SpreadCues("x"),
            new CueEdit.RemoveCue("x", "Brow"),
            new CueEdit.SwitchCue("x", "Brow", 3, false, -0.1),
            new CueEdit.TakeCue("x", "Brow", 3, 0.5, 1.2, Clip.Look.of("Curious")),
            new CastEdit.AddMember(new Member("o", "Other", new Member.Shipped("pim"), Optional.of(LIBRARY))),
            new CastEdit.AddMember(new Member(
                    "own",
                    "Own",
                    new Member.Carved(PlanFiles.shipped("sprat").with(Slider.AGE, -0.5)),
                    Optional.empty())),
            new CastEdit.ShapeFace("own", PlanFiles.shipped("wren").with(Slider.NOSE, 0.5), "Shape the nose"),
            new CastEdit.RemoveMember("o"),
            new CastEdit.NameMember("o", "Somebody"),
            new CastEdit.SetLibrary("o", LIBRARY, "Poses"),
            new CastEdit.SetPose("o", "Glad", Pose.of("jawDrop", 0.2)),
            new CastEdit.RemovePose("o", "Glad"),
            new CastEdit.SetChart("o", MouthChart.ofSize(10)),
            new CastEdit.RenameShape("o", "Hush", "Shy"),
            new SceneEdit.AddScene("s", "Night"),
            new SceneEdit.RemoveScene("s"),
            new SceneEdit.NameScene("s", "Day"),
            new SceneEdit.PlaceLine("s", "x", 2.5),
            new SceneEdit.MoveLine("s", "x", 3.5, true),
            new SceneEdit.TakeOut("s", "x"),
            new SceneEdit.PutOnStage("s", "pim", Optional.of(new Stand(10, 20, -30))),
            new SceneEdit.PutOnStage("s", "odile", Optional.empty()),
            new SceneEdit.LeaveStage("s", "pim"));

    /** What is stored under hashes, in memory. */
    static class Memory implements Shelf {
        private final Map<String, byte[]> kept = new HashMap<>();

        @Override
        public String keep(byte[] content, String hash) {
            kept.put(hash, content);
            return hash;
        }

        @Override
        public byte[] content(String hash) {
            return Optional.ofNullable(kept.get(hash)).orElseThrow(() -> new BadInput("nothing under " + hash));
        }

        @Override
        public Path file(String named) {
            return Path.of(named);
        }
    }

    private final EditJson json = new EditJson(new Memory());

    @Test
    void everyEditComesBack() {
        for (Edit edit : ALL) {
            String line = json.write(edit);
            assertEquals(1, line.lines().count(), line);
            assertEquals(edit, json.read(line), line);
        }
    }

    @Test
    void noneIsForgotten() {
        Set<String> tried = new TreeSet<>();
        for (Edit edit : ALL) {
            tried.add(json.write(edit).replaceFirst("^\\{\"edit\":\"([^\"]+)\".*", "$1"));
        }
        assertEquals(new TreeSet<>(EditJson.names()), tried);
        long kinds = Stream.of(Edit.class.getPermittedSubclasses())
                .mapToLong(group -> group.getPermittedSubclasses().length)
                .sum();
        assertEquals(kinds, EditJson.names().size(), "every kind of edit has a form in files");
    }

    @Test
    void theyFitTheSchema() throws Exception {
        JsonSchema schema = JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012)
                .getSchema(Files.readString(Path.of("../docs/edits.schema.json")));
        for (Edit edit : ALL) {
            JsonNode node = new ObjectMapper().readTree(json.write(edit));
            assertEquals(Set.of(), schema.validate(node), node.toString());
        }
        JsonNode wrong = new ObjectMapper().readTree("{\"edit\":\"set-gain\",\"line\":\"x\"}");
        assertTrue(!schema.validate(wrong).isEmpty());
    }

    @Test
    void whatIsWrongIsSaid() {
        assertSays("is no JSON", "{\"edit\":");
        assertSays("is no JSON object", "[1, 2]");
        assertSays("\"edit\" is missing", "{}");
        assertSays("there is no edit \"jump\"", "{\"edit\":\"jump\"}");
        assertSays("\"gain\" is missing", "{\"edit\":\"set-gain\",\"line\":\"x\"}");
        assertSays("\"gain\" is a number", "{\"edit\":\"set-gain\",\"line\":\"x\",\"gain\":\"loud\"}");
        assertSays("\"word\" is a whole number", "{\"edit\":\"join-words\",\"line\":\"x\",\"word\":1.5}");
        assertSays("no sound \"Q\"", "{\"edit\":\"say-word\",\"word\":\"x\",\"said\":\"Q\"}");
        assertSays(
                "nothing under",
                "{\"edit\":\"set-recording\",\"line\":\"x\",\"recording\":{\"sha256\":\"" + "0".repeat(64) + "\"}}");
        assertSays("is no SHA-256", "{\"edit\":\"set-recording\",\"line\":\"x\",\"recording\":{\"sha256\":\"../x\"}}");
        assertSays(
                "kind of layer", "{\"edit\":\"add-layer\",\"line\":\"x\",\"layer\":{\"kind\":\"fog\",\"name\":\"f\"}}");
    }

    /** What acting may get wrong, each with what is wrong about it. */
    @Test
    void whatIsWrongInActingIsSaid() {
        String keys = "{\"duration\":1,\"curves\":{\"headYaw\":[{\"time\":0,\"value\":1}]}}";
        String pass = "{\"edit\":\"add-pass\",\"line\":\"x\",\"from\":0,\"performance\":";
        assertTrue(json.read(pass + keys + "}") instanceof PassEdit.AddPass);
        assertSays("no instinct \"nose\"", "{\"edit\":\"give-back-marks\",\"line\":\"x\",\"kind\":\"nose\"}");
        assertSays("\"from\" is missing", "{\"edit\":\"add-pass\",\"line\":\"x\",\"performance\":" + keys + "}");
        assertSays("is no SHA-256", pass + "{\"track\":\"../../etc\"}}");
        assertSays("nothing under", pass + "{\"track\":\"" + "0".repeat(64) + "\"}}");
        assertSays(
                "lasts up to four hours", pass + "{\"duration\":99999,\"curves\":{\"a\":[{\"time\":0,\"value\":1}]}}}");
        assertSays("A curve has a key", pass + "{\"duration\":1,\"curves\":{\"a\":[]}}}");
        assertSays("for each of its 1 to", pass + "{\"duration\":1,\"curves\":{}}}");
        assertSays(
                "The part of a performance",
                pass + "{\"from\":3,\"duration\":1,\"curves\":{\"a\":[{\"time\":0,\"value\":1}]}}}");
        assertSays(
                "beside, behind or over",
                "{\"edit\":\"set-reference\",\"line\":\"x\",\"reference\":{\"path\":\"a.mp4\",\"place\":\"under\"}}");
        assertSays("names a file", "{\"edit\":\"set-reference\",\"line\":\"x\",\"reference\":{\"path\":\" \"}}");
        assertSays(
                "between 0 and 1",
                "{\"edit\":\"set-reference\",\"line\":\"x\",\"reference\":{\"path\":\"a.mp4\",\"opacity\":3}}");
        assertSays(
                "The mood counts",
                "{\"edit\":\"add-layer\",\"line\":\"x\",\"layer\":{\"kind\":\"instincts\",\"name\":\"I\",\"mood\":7}}");
    }

    private void assertSays(String part, String line) {
        String said = assertThrows(BadInput.class, () -> json.read(line)).getMessage();
        assertTrue(said.contains(part), said);
    }
}
