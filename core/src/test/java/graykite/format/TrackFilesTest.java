package graykite.format;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.acting.Performed;
import graykite.base.BadInput;
import graykite.edit.Edit;
import graykite.edit.LineEdit;
import graykite.edit.PassEdit;
import graykite.edit.ProjectEdit;
import graykite.format.character.GltfFigureTest;
import graykite.motion.Thinning;
import graykite.motion.Track;
import graykite.project.Project;
import graykite.rig.Figures;
import graykite.time.FrameRate;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TrackFilesTest {
    @TempDir
    private Path folder;

    private Track read(String name, String text) throws IOException {
        Path file = folder.resolve(name);
        Files.writeString(file, text);
        return TrackFiles.read(file);
    }

    private static Track random(int controls, int samples) {
        SplittableRandom random = new SplittableRandom(5);
        float[] values = new float[controls * samples];
        for (int i = 0; i < values.length; i++) {
            values[i] = (float) random.nextDouble(-1, 1);
        }
        return new Track(
                60,
                Figures.ODILE.channelIndex().keySet().stream()
                        .sorted()
                        .limit(controls)
                        .toList(),
                values);
    }

    @Test
    void csvWithTimesComesIn() throws IOException {
        Track track = read("c.csv", "\uFEFFTime, headYaw ,mood\n0.00,0,1\n0.02,1,\n0.04,2,3\n0.06,3,3\n");
        assertEquals(List.of("headYaw", "mood"), track.controls());
        assertEquals(50, track.rate());
        assertEquals(4, track.samples());
        assertEquals(1, track.value(1, 1), "an empty place leaves it as it was");
        assertEquals(2, track.value(2, 0), 1e-6);
    }

    /** Names are ours where they say so: FACS numbers, and sides however they are written. */
    @Test
    void namesAreReadAsActions() throws IOException {
        Track track =
                read("n.csv", "time,Jaw_Open,AU12_L,AU12_R,left eye blink,temperature\n0,0,0,0,0,0\n1,1,1,1,1,1\n");
        assertEquals(
                List.of("jawDrop", "lipCornerPuller.L", "lipCornerPuller.R", "lidClose.L", "temperature"),
                track.controls());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "a.csv | frame,x\\n0,1\\n1,2 | no column \"time\"",
                "a.csv | time,x\\n0,1\\n1,oops | row 3, column 2: \"oops\" is no number",
                "a.csv | time,x\\nnever,1\\n1,1 | row 2, column 1: \"never\" is no number",
                "a.csv | time,x\\n0,1 | at least two rows",
                "a.csv | time,x\\n3,1\\n2,1\\n1,1 | at least two rows",
                "a.csv | time\\n0\\n1 | has 0 controls",
                "a.csv | time,x\\n0,1\\n99999,2 | up to four hours",
                "a.csv | '' | no column \"time\"",
                "a.txt | time,x\\n0,1 | Choose a .csv, .glb or .gltf file",
                "a.gltf | {\"asset\":{\"version\":\"2.0\"}} | has no animation"
            })
    void badFilesGetOneClearLine(String name, String text, String says) {
        String message = assertThrows(BadInput.class, () -> read(name, text.replace("\\n", "\n")))
                .getMessage();
        assertTrue(message.contains(name) && message.contains(says), message);
        assertEquals(1, message.lines().count());
    }

    @Test
    void whatIsWrittenComesBack() {
        Track track = random(52, 90);
        Path file = folder.resolve("out.csv");
        TrackFiles.write(track, 60, file);
        Track again = TrackFiles.read(file);
        assertEquals(track.controls(), again.controls());
        assertEquals(track.samples(), again.samples());
        for (int c = 0; c < 52; c++) {
            assertEquals(track.at(c, 0.7), again.at(c, 0.7), 2e-5);
        }
    }

    /** An animation as any program of the standard writes it: here by our own writer, which its validator accepts. */
    @Test
    void aGltfAnimationIsACapture() throws IOException {
        List<String> channels =
                Figures.ODILE.channels().stream().map(c -> c.name()).toList();
        List<double[]> rows = new ArrayList<>();
        for (int f = 0; f < 31; f++) {
            double[] row = new double[channels.size()];
            row[channels.indexOf("lipCornerPuller.L")] = f / 30.0;
            row[channels.indexOf("headYaw")] = 20 * Math.sin(f / 5.0);
            row[channels.indexOf("innerBrowRaiser.R")] = 0.4;
            rows.add(row);
        }
        Path file = folder.resolve("take.glb");
        try (OutputStream out = Files.newOutputStream(file)) {
            GltfWriter.write(Figures.ODILE, Optional.of(new FrameTable(FrameRate.THIRTY, channels, rows)), out);
        }
        Track track = TrackFiles.read(file);
        assertEquals(30, track.rate());
        assertEquals(31, track.samples());
        assertEquals(0.5, track.value(15, track.controls().indexOf("lipCornerPuller.L")), 1e-3);
        assertEquals(
                0.4, track.value(0, track.controls().indexOf("innerBrowRaiser.R")), 1e-3, "the first frame is no rest");
        assertEquals(20 * Math.sin(3), track.value(15, track.controls().indexOf("headYaw")), 0.05);
    }

    /** A file with several animations: each is read by its name, and what moves no face is passed over. */
    @Test
    void aGltfMayHoldSeveral() throws IOException {
        String moves = GltfFigureTest.triangle("\"animations\":[{\"samplers\"", """
                "animations":[
                  {"name":"Nod","samplers":[{"input":3,"output":4}],
                   "channels":[{"sampler":0,"target":{"node":0,"path":"rotation"}}]},
                  {"name":"Walk","samplers":[{"input":3,"output":1}],
                   "channels":[{"sampler":0,"target":{"node":1,"path":"translation"}}]},
                  {"samplers\"""");
        Path file = Files.writeString(folder.resolve("moves.gltf"), moves);
        Map<String, Track> all = TrackFiles.all(file);
        assertEquals(List.of("moves Nod", "moves animation 3"), List.copyOf(all.keySet()));
        assertEquals(List.of("headYaw"), all.get("moves Nod").controls());
        assertTrue(all.get("moves animation 3").controls().contains("jawDrop"));
        assertEquals(all.get("moves Nod"), TrackFiles.read(file, Optional.of("Nod")));
        BadInput none = assertThrows(BadInput.class, () -> TrackFiles.read(file, Optional.of("Run")));
        assertTrue(none.getMessage().contains("moves.gltf") && none.getMessage().contains("Nod, Walk, animation 3"));
        EditJson json = new EditJson(new EditJsonTest.Memory() {
            @Override
            public Path file(String named) {
                return folder.resolve(named);
            }
        });
        Edit edit = json.read(
                "{\"edit\":\"keep-performance\",\"name\":\"N\",\"file\":\"moves.gltf\",\"animation\":\"Nod\"}");
        assertEquals(
                all.get("moves Nod"),
                ((ProjectEdit.KeepPerformance) edit).performance().motion());
    }

    @Test
    void tracksAsBytes() {
        Track track = random(7, 40);
        byte[] bytes = TrackStore.bytes(track);
        assertEquals(track, TrackStore.read(bytes, "t"));
        assertEquals(TrackStore.hash(bytes), TrackStore.hash(TrackStore.bytes(TrackStore.read(bytes, "t"))));
        SplittableRandom random = new SplittableRandom(3);
        for (int i = 0; i < 400; i++) {
            byte[] broken = i % 2 == 0 ? Arrays.copyOf(bytes, random.nextInt(bytes.length)) : bytes.clone();
            if (i % 2 == 1) {
                broken[random.nextInt(60)] ^= (byte) (1 << random.nextInt(8));
            }
            try {
                TrackStore.read(broken, "t");
            } catch (BadInput said) {
                assertTrue(said.getMessage().startsWith("t: is "), said.getMessage());
            }
        }
    }

    private static Project performed() {
        Track dense = random(5, 30);
        Performed few = Performed.whole("few", Thinning.thinned(dense, c -> 0.2).motion());
        Project project = Project.empty();
        for (Edit edit : List.of(
                new LineEdit.AddLine("x", "A", Optional.empty(), "", ""),
                new PassEdit.AddPass(
                        "x",
                        "",
                        0,
                        1,
                        new PassEdit.Look(Performed.whole("dense", dense), true, 0.1, 0, Map.of("jawDrop", 0.5))),
                new PassEdit.AddPass("x", "", 0, 1, new PassEdit.Look(few, false, 0.1, 1, Map.of())),
                new ProjectEdit.KeepPerformance(Performed.whole("kept", dense)))) {
            project = edit.apply(project);
        }
        return project;
    }

    @Test
    void aProjectKeepsItsTracksOnce() throws IOException {
        Path file = folder.resolve("p.kite");
        ProjectFiles.save(performed(), file);
        assertEquals(performed(), ProjectFiles.open(file));
        try (ZipFile zip = new ZipFile(file.toFile())) {
            assertEquals(
                    1,
                    zip.stream().filter(e -> e.getName().startsWith("tracks/")).count());
        }
        Path without = folder.resolve("without.kite");
        try (ZipFile zip = new ZipFile(file.toFile());
                ZipOutputStream out = new ZipOutputStream(Files.newOutputStream(without))) {
            out.putNextEntry(new ZipEntry("project.json"));
            zip.getInputStream(zip.getEntry("project.json")).transferTo(out);
        }
        String message =
                assertThrows(BadInput.class, () -> ProjectFiles.open(without)).getMessage();
        assertTrue(message.startsWith("without.kite, line 1: its track"), message);
    }

    /** A script lays a file over a line, as long as it lasts. */
    @Test
    void aScriptNamesAFile() throws IOException {
        Files.writeString(folder.resolve("nod.csv"), "time,headPitch\n0,0\n0.5,-8\n1.5,0\n");
        EditJson json = new EditJson(new EditJsonTest.Memory() {
            @Override
            public Path file(String named) {
                return folder.resolve(named);
            }
        });
        Edit edit = json.read(
                "{\"edit\":\"add-pass\",\"line\":\"x\",\"from\":0.25,\"performance\":{\"file\":\"nod.csv\"}}");
        PassEdit.AddPass pass = (PassEdit.AddPass) edit;
        assertEquals(1.75, pass.to(), 0.51);
        assertEquals(List.of("headPitch"), pass.look().what().motion().controls());
        String message = assertThrows(
                        BadInput.class,
                        () -> json.read("{\"edit\":\"add-pass\",\"line\":\"x\",\"from\":0,\"performance\":{}}"))
                .getMessage();
        assertTrue(message.contains("a \"track\", a \"file\" or \"curves\""), message);
    }
}
