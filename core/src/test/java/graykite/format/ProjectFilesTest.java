package graykite.format;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.acting.PoseKey;
import graykite.base.AtomicFiles;
import graykite.base.BadInput;
import graykite.edit.LineEdit;
import graykite.edit.ProjectEdit;
import graykite.edit.ReviewEdit;
import graykite.format.character.Cast;
import graykite.format.character.PlanFiles;
import graykite.motion.Curve;
import graykite.motion.Key;
import graykite.mouth.Diction;
import graykite.mouth.MotionStyle;
import graykite.mouth.MouthChart;
import graykite.mouth.MouthSettings;
import graykite.mouth.MouthWork;
import graykite.mouth.Section;
import graykite.mouth.TakenCurve;
import graykite.mouth.TouchUp;
import graykite.people.plan.Slider;
import graykite.picture.Backdrop;
import graykite.picture.Camera;
import graykite.picture.Dressing;
import graykite.picture.Lighting;
import graykite.project.Comment;
import graykite.project.KeptView;
import graykite.project.Line;
import graykite.project.Member;
import graykite.project.Project;
import graykite.project.SceneWork;
import graykite.project.SoundFile;
import graykite.reading.Anchor;
import graykite.reading.Timing;
import graykite.reading.TimingTest;
import graykite.reading.WordFinder;
import graykite.rig.Character;
import graykite.rig.Coupling;
import graykite.rig.Pose;
import graykite.scene.Stand;
import graykite.time.FrameRate;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class ProjectFilesTest {
    /** Something of everything that can be decided about a mouth. */
    private static MouthWork work() {
        Timing timing = TimingTest.sample();
        Diction loud = Diction.PLAIN.withOpen(1.6).withShape("Ah", 1.2);
        Curve curve = new Curve(
                List.of(new Key(0.2, 0.1, Key.Way.SMOOTH, 0, 1.5), new Key(0.5, 0.4, Key.Way.STEPPED, -1, 0)));
        return new MouthWork(
                MouthSettings.STANDARD
                        .withDiction(loud)
                        .withLead(0.04)
                        .withLeastHold(3)
                        .withMotion(Optional.of(MotionStyle.CRISP))
                        .withPop(1.5)
                        .withStick(3),
                List.of(new Section(
                        Anchor.of(timing, 0, -1),
                        Anchor.of(timing, 1, -1),
                        Diction.PLAIN.withSmooth(2),
                        Optional.of(MotionStyle.HELD),
                        0.3)),
                List.of(
                        TouchUp.on(Anchor.of(timing, 1, 0))
                                .withShape(Optional.of("Oo"))
                                .withHold(0.1),
                        TouchUp.on(Anchor.of(timing, 2, -1))
                                .withBlend(Optional.of(new TouchUp.Blend("Ah", 0.3)))
                                .withPose(Optional.of(Pose.of("jawDrop", 0.3)))
                                .withStrength(1.3)
                                .withLength(0.8)
                                .withShift(-0.02)
                                .withRemoved(true)
                                .withMuted(true)),
                List.of(TakenCurve.of("jawDrop", curve, new WordFinder(timing))));
    }

    private static Project sample() {
        Line line = Line.empty("a b/c", "Line \"one\"")
                .withSound(new SoundFile("take 1.wav", new byte[] {1, 2, 3, 4}))
                .withScript("fog bell map")
                .withTiming(TimingTest.sample())
                .withMouth(work())
                .withSeed(42);
        return new Project("Ferry", Project.OUR_CAST, FrameRate.parse("23.976"), List.of(), List.of(), Map.of())
                .with(line)
                .with(new KeptView("Over the rail", Camera.THREE_QUARTER.zoomed(0.5)))
                .with(Line.empty("second", "Empty"))
                .dressed("second", Dressing.USUAL.before(Backdrop.PAPER).lit(Lighting.of("fog")));
    }

    @Test
    void comesBackWhole(@TempDir Path folder) {
        Path file = folder.resolve("deep/ferry.kite");
        ProjectFiles.save(sample(), file);
        assertEquals(sample(), ProjectFiles.open(file));
        ProjectFiles.save(sample().withTitle("Other"), file);
        assertEquals("Other", ProjectFiles.open(file).title());
    }

    @Test
    void damagedFilesGetOneClearLine(@TempDir Path folder) throws IOException {
        Path file = folder.resolve("ferry.kite");
        ProjectFiles.save(sample(), file);
        byte[] whole = Files.readAllBytes(file);
        Files.write(file, Arrays.copyOf(whole, whole.length / 3));
        assertTrue(message(file).startsWith("ferry.kite"));
        Files.writeString(file, "not a zip at all");
        assertTrue(message(file).contains("not a Gray Kite project"));
        zip(file, "project.json", "{\"version\": 1, \"lines\": [");
        assertTrue(message(file).contains("not valid JSON"));
        zip(file, "project.json", "{\"version\": 99}");
        assertTrue(message(file).contains("newer"));
        zip(file, "project.json", "{\"version\":1,\"lines\":[{\"id\":\"x\",\"sound\":{\"entry\":\"sounds/no.wav\"}}]}");
        assertTrue(message(file).contains("sounds/no.wav"));
        zip(file, "project.json", "{\"version\":1,\"lines\":[{\"id\":\"x\",\"mouth\":{\"strength\":900}}]}");
        assertTrue(message(file).contains("Strength"));
        zip(file, "project.json", "[".repeat(5000));
        assertThrows(BadInput.class, () -> ProjectFiles.open(file));
        assertTrue(message(folder.resolve("none.kite")).contains("none.kite"));
    }

    /** Parts that nothing names cost no memory, and endless ones end. */
    @Test
    void foreignPartsAreNotKept(@TempDir Path folder) throws IOException {
        Path good = folder.resolve("good.kite");
        ProjectFiles.save(sample(), good);
        Path stuffed = folder.resolve("stuffed.kite");
        try (ZipFile from = new ZipFile(good.toFile());
                ZipOutputStream to = new ZipOutputStream(Files.newOutputStream(stuffed))) {
            byte[] zeros = new byte[1 << 20];
            for (int i = 0; i < 40; i++) {
                to.putNextEntry(new ZipEntry("stuffing/" + i));
                for (int mb = 0; mb < 50; mb++) {
                    to.write(zeros);
                }
                to.closeEntry();
            }
            for (ZipEntry entry : from.stream().toList()) {
                to.putNextEntry(new ZipEntry(entry.getName()));
                to.write(from.getInputStream(entry).readAllBytes());
                to.closeEntry();
            }
        }
        assertEquals(sample(), ProjectFiles.open(stuffed));
        try (ZipOutputStream to = new ZipOutputStream(Files.newOutputStream(stuffed))) {
            for (int i = 0; i <= 20_000; i++) {
                to.putNextEntry(new ZipEntry("sounds/" + i));
                to.closeEntry();
            }
        }
        assertTrue(message(stuffed).contains("more than 20,000 parts"), message(stuffed));
    }

    /** Any bytes flipped anywhere: either the project or one clear line, nothing else. */
    @Test
    void flippedBytesNeverCrash(@TempDir Path folder) throws IOException {
        Path file = folder.resolve("whole.kite");
        ProjectFiles.save(sample(), file);
        byte[] good = Files.readAllBytes(file);
        Random random = new Random(17);
        int opened = 0;
        for (int i = 0; i < 600; i++) {
            byte[] bad = good.clone();
            for (int k = 0; k <= random.nextInt(4); k++) {
                bad[random.nextInt(bad.length)] ^= (byte) (1 << random.nextInt(8));
            }
            try {
                ProjectFiles.read(new ByteArrayInputStream(bad), "fuzz.kite");
                opened++;
            } catch (BadInput clear) {
                assertTrue(clear.getMessage().startsWith("fuzz.kite"), clear.getMessage());
            }
        }
        assertTrue(opened < 600);
    }

    /** What is saved fits the published schema, by a validator of its own. */
    @Test
    void documentsFitTheSchema(@TempDir Path folder) throws IOException {
        Path file = folder.resolve("ferry.kite");
        Project project = sample().with(Project.OUR_CAST
                .getFirst()
                .withLibrary(new Member.Library(
                        Map.of("Squint", Pose.of("lidTightener", 0.8)),
                        Map.of(),
                        List.of(),
                        Optional.of(MouthChart.ofSize(6)))));
        ProjectFiles.save(project, file);
        try (var zip = new ZipFile(file.toFile())) {
            var json = new com.fasterxml.jackson.databind.ObjectMapper()
                    .readTree(zip.getInputStream(zip.getEntry("project.json")));
            var schema = com.networknt.schema.JsonSchemaFactory.getInstance(
                            com.networknt.schema.SpecVersion.VersionFlag.V202012)
                    .getSchema(Files.readString(Path.of("../docs/project.schema.json")));
            assertEquals(Set.of(), schema.validate(json));
        }
    }

    private static String message(Path file) {
        return assertThrows(BadInput.class, () -> ProjectFiles.open(file)).getMessage();
    }

    private static void zip(Path file, String entry, String text) throws IOException {
        try (ZipOutputStream zip = new ZipOutputStream(Files.newOutputStream(file))) {
            zip.putNextEntry(new ZipEntry(entry));
            zip.write(text.getBytes());
            zip.closeEntry();
        }
    }

    @Test
    void aFailedSaveLeavesTheOldFile(@TempDir Path folder) throws IOException {
        Path file = folder.resolve("a.txt");
        Files.writeString(file, "old");
        assertThrows(
                BadInput.class,
                () -> AtomicFiles.write(file, out -> {
                    out.write(1);
                    throw new IOException("disk full");
                }));
        assertEquals("old", Files.readString(file));
        try (var files = Files.list(folder)) {
            assertEquals(1, files.count());
        }
    }

    @Test
    void projectsKeepTheirOrder() {
        Project project = sample();
        assertEquals(
                "Renamed",
                project.with(project.lines().getFirst().withTitle("Renamed"))
                        .lines()
                        .getFirst()
                        .title());
        assertEquals(1, project.without("second").lines().size());
        assertThrows(
                IllegalArgumentException.class,
                () -> new Project(
                        "x",
                        Project.OUR_CAST,
                        FrameRate.THIRTY,
                        List.of(Line.empty("a", "1"), Line.empty("a", "2")),
                        List.of(),
                        Map.of()));
    }

    /** A cast with a figure of the user's own, decisions about one of ours, keyed poses and a scene come back. */
    @Test
    void theCastComesBack(@TempDir Path folder) {
        Character gull = Cast.byName("brine");
        Member own = new Member("own-1", "My gull", new Member.Own(gull), Optional.empty());
        Member odile = Project.OUR_CAST
                .getFirst()
                .withName("The captain")
                .withLibrary(new Member.Library(
                        Map.of("Squint", Pose.of("lidTightener", 0.8)),
                        Map.of("jawDrop", Pose.of("jawDrop", 0.9)),
                        List.of(Coupling.of("lipPucker", "jawDrop", Coupling.Rule.HOLDS_BACK, 0.5)),
                        Optional.of(MouthChart.ofSize(8).withMotion(Optional.of(MotionStyle.CRISP)))));
        Member carved = new Member(
                "own-2", "Mate", new Member.Carved(PlanFiles.shipped("pim").with(Slider.AGE, 0.75)), Optional.empty());
        Line line = Line.empty("a", "A")
                .withSpeaker("own-1")
                .withKeys(List.of(new PoseKey(2, "Glad", 0.7, 0.3), new PoseKey(1, "Squint", 1, 0.2)));
        SceneWork scene = new SceneWork(
                "s",
                "Both",
                List.of(
                        new SceneWork.Standing("odile", Optional.of(new Stand(-100, 20, 15))),
                        new SceneWork.Standing("pim", Optional.empty())),
                List.of(new SceneWork.Block("b", 1.5), new SceneWork.Block("a", 0)));
        Project before = Project.empty()
                .with(odile)
                .with(own)
                .with(carved)
                .with(line)
                .with(Line.empty("b", "B"))
                .with(scene);
        Path file = folder.resolve("cast.kite");
        ProjectFiles.save(before, file);
        Project after = ProjectFiles.open(file);
        assertEquals(odile, after.member("odile").orElseThrow());
        assertEquals(carved, after.member("own-2").orElseThrow());
        assertEquals(line, after.line("a").orElseThrow());
        assertEquals("My gull", after.speakerOf(after.line("a").orElseThrow()).name());
        Member.Own source = (Member.Own) after.member("own-1").orElseThrow().source();
        assertEquals(gull.channels(), source.figure().channels());
        assertEquals(gull.poses(), source.figure().poses());
        Character finished = odile.finished(Cast.byName("odile"));
        assertEquals("The captain", finished.name());
        assertEquals(Set.of("Squint"), finished.poses().keySet());
        Project without = after.withoutMember("own-1").withoutMember("pim");
        assertEquals("odile", without.speakerOf(without.line("a").orElseThrow()).id());
        assertEquals(1, without.scene("s").orElseThrow().people().size());
        assertEquals(scene, after.scene("s").orElseThrow());
        assertEquals(1, after.without("a").scene("s").orElseThrow().blocks().size());
    }

    /** Versions hold what they held, recordings included, and share them with the project in the file. */
    @Test
    void versionsAndReviewsAreKept(@TempDir Path folder) throws Exception {
        Project first = Project.empty()
                .with(Line.empty("a", "A line")
                        .withSound(new SoundFile("voice.wav", new byte[2000]))
                        .withTiming(Timing.empty(2)));
        Project kept = new ProjectEdit.KeepVersion("First pass", 5).apply(first);
        Project commented = new ReviewEdit.AddComment(
                        "a",
                        "c1",
                        1,
                        "Anke",
                        "Higher brows",
                        List.of(new Comment.Stroke(List.of(new Comment.Stroke.Dot(0.25, -0.5)))),
                        Optional.of(Camera.PROFILE))
                .apply(kept);
        commented = new ReviewEdit.MeanSo("a", "frozen", 0.5, "She listens").apply(commented);
        Project changed = new LineEdit.RemoveLine("a").apply(commented);
        Path file = folder.resolve("versions.kite");
        for (Project state : List.of(commented, changed)) {
            ProjectFiles.save(state, file);
            Project read = ProjectFiles.open(file);
            assertEquals(state.lines(), read.lines());
            assertEquals(state.versions(), read.versions());
            assertEquals(
                    first.lines(),
                    new ProjectEdit.GoBackTo("first pass").apply(read).lines());
        }
        long with = Files.size(file);
        ProjectFiles.save(commented.withVersions(List.of()), file);
        assertTrue(with < Files.size(file) + 1500, "the recording stands there once");
        assertThrows(BadInput.class, () -> new ProjectEdit.GoBackTo("Last").apply(first));
    }
}
