package graykite.format.fuzz;

import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.junit.jupiter.api.Assertions.fail;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import graykite.base.BadInput;
import graykite.base.Progress;
import graykite.batch.BatchTable;
import graykite.edit.ReviewEdit;
import graykite.format.ChartFiles;
import graykite.format.CommentFiles;
import graykite.format.DictionFiles;
import graykite.format.DictionaryFiles;
import graykite.format.EditJson;
import graykite.format.ProjectFiles;
import graykite.format.ReadingImport;
import graykite.format.ScriptFiles;
import graykite.format.Shelf;
import graykite.format.TrackFiles;
import graykite.format.character.Cast;
import graykite.format.character.CharacterStore;
import graykite.format.character.FigureFiles;
import graykite.format.character.GltfFigureTest;
import graykite.format.character.LandmarkFiles;
import graykite.format.character.PlanFiles;
import graykite.geometry.Vec;
import graykite.mouth.MouthChart;
import graykite.picture.Picture;
import graykite.picture.Png;
import graykite.project.Project;
import graykite.text.LetterRules;
import graykite.text.Pronouncer;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.api.io.TempDir;

/**
 * Spoilt files of every kind that is read: each is opened, or refused with one clear message, and nothing else. A long run is
 * {@code -Dgraykite.fuzz=10000}, files of each kind.
 */
class FuzzTest {
    private static final int TIMES = Integer.getInteger("graykite.fuzz", 200);
    private static final ObjectMapper MAPPER = new ObjectMapper();

    @TempDir
    private static Path folder;

    /** Opens a spoilt file. */
    private interface Opening {
        void open(Path file) throws IOException;
    }

    /** Spoils a good file. */
    private interface Spoiling {
        byte[] spoil(Mutations by, byte[] good) throws IOException;
    }

    private static void fuzz(String name, byte[] good, Spoiling spoiling, Opening opening) throws IOException {
        Path file = folder.resolve(name);
        Files.write(file, good);
        opening.open(file);
        int refused = 0;
        for (int seed = 0; seed < TIMES; seed++) {
            byte[] bad = spoiling.spoil(new Mutations(seed), good);
            Files.write(file, bad);
            try {
                opening.open(file);
            } catch (BadInput clear) {
                refused++;
                boolean plain = !clear.getMessage().isBlank()
                        && clear.getMessage().lines().count() == 1
                        && clear.getMessage().length() < 1200;
                assertTrue(plain, name + ", " + seed + ": " + clear.getMessage());
            } catch (RuntimeException | StackOverflowError | OutOfMemoryError fault) {
                fail(name + ", " + seed + ": " + fault, fault);
            }
        }
        assertTrue(refused > 0, name + ": nothing was refused");
    }

    private static byte[] text(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }

    private static byte[] saved(String name, Consumer<Path> save) throws IOException {
        Path file = folder.resolve(name);
        save.accept(file);
        return Files.readAllBytes(file);
    }

    /** The demo with its document spoilt and zipped again. */
    @Test
    @Timeout(value = 30, unit = TimeUnit.MINUTES)
    void projects() throws IOException {
        Map<String, byte[]> parts = new LinkedHashMap<>();
        try (InputStream in = ProjectFiles.class.getResourceAsStream("/graykite/demo/demo.kite")) {
            ZipInputStream zip = new ZipInputStream(in);
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                parts.put(entry.getName(), zip.readAllBytes());
            }
        }
        fuzz(
                "project.kite",
                zipped(parts),
                (by, good) -> {
                    Map<String, byte[]> spoilt = new LinkedHashMap<>(parts);
                    spoilt.put("project.json", by.json(parts.get("project.json")));
                    return zipped(spoilt);
                },
                ProjectFiles::open);
    }

    private static byte[] zipped(Map<String, byte[]> parts) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            zip.setLevel(0);
            for (Map.Entry<String, byte[]> part : parts.entrySet()) {
                zip.putNextEntry(new ZipEntry(part.getKey()));
                zip.write(part.getValue());
                zip.closeEntry();
            }
        }
        return out.toByteArray();
    }

    @Test
    void chartsDictionsPlansAndLandmarks() throws IOException {
        fuzz(
                "a.chart.json",
                saved("chart.json", f -> ChartFiles.save(new ChartFiles.Saved(MouthChart.standard(), Map.of()), f)),
                Mutations::json,
                ChartFiles::open);
        fuzz(
                "a.diction.json",
                saved(
                        "diction.json",
                        f -> DictionFiles.save(
                                DictionFiles.shipped().values().iterator().next(), f)),
                Mutations::json,
                DictionFiles::open);
        fuzz(
                "a.plan.json",
                saved("plan.json", f -> PlanFiles.write(PlanFiles.shipped("odile"), f)),
                Mutations::json,
                PlanFiles::read);
        fuzz(
                "a.landmarks.json",
                saved(
                        "landmarks.json",
                        f -> LandmarkFiles.write(Map.of("chin", Vec.ZERO, "nose tip", new Vec(1, 2, 3)), f)),
                Mutations::json,
                LandmarkFiles::read);
    }

    /** Every edit that the demo is acted with. */
    @Test
    void edits() throws IOException {
        List<String> lines = Files.readAllLines(Path.of("../demo/acting.jsonl")).stream()
                .filter(l -> l.startsWith("{"))
                .toList();
        EditJson edits = new EditJson(new Shelf() {
            @Override
            public String keep(byte[] content, String hash) {
                throw new IllegalStateException("Nothing is kept here.");
            }

            @Override
            public byte[] content(String hash) {
                throw new BadInput("There is no recording here.");
            }

            @Override
            public Path file(String hash) {
                throw new BadInput("There is no recording here.");
            }
        });
        for (int i = 0; i < lines.size(); i += 9) {
            String line = lines.get(i);
            fuzz("edit-" + i + ".json", text(line), Mutations::json, f -> edits.read(Files.readString(f)));
        }
    }

    @Test
    void glTF() throws IOException {
        JsonNode good = MAPPER.readTree(GltfFigureTest.triangle("\"scene\":0,", ""));
        fuzz("head.gltf", MAPPER.writeValueAsBytes(good), Mutations::json, f -> FigureFiles.read(f, Progress.none()));
    }

    @Test
    void meshesWithTheirMaterials() throws IOException {
        Path own = Files.createDirectories(folder.resolve("obj"));
        Files.writeString(own.resolve("skin.mtl"), "newmtl red\nKd 1 0 0\nmap_Kd skin.png\n");
        String good =
                "mtllib skin.mtl\nv 0 0 0\nv 0.2 0 0\nv 0.2 0.2 0\nv 0 0.2 0\nvt 0 0\nvt 1 0\nvt 1 1\nvt 0 1\nusemtl red\n"
                        + "f 1/1 2/2 3/3 4/4\nf -1 -2 -3\nf 1/1/1 2/2/2 3//3\n";
        fuzz("obj/neutral.obj", text(good), Mutations::lines, f -> FigureFiles.read(own, Progress.none()));
        fuzz(
                "obj/skin.mtl",
                text("newmtl red\nKd 1 0 0\nmap_Kd skin.png\n\nnewmtl blue\nKd 0.5 0.5 1\n"),
                Mutations::lines,
                f -> {
                    Files.writeString(own.resolve("neutral.obj"), good);
                    FigureFiles.read(own, Progress.none());
                });
    }

    @Test
    void readingsScriptsAndWords() throws IOException {
        Pronouncer words = Pronouncer.shipped();
        fuzz(
                "a.ctm",
                text(";; comment\na 1 0.5 0.25 fog 0.9\na 1 0.75 0.5 bell\na 1 1.5 0.2 rang\n"),
                Mutations::lines,
                f -> ReadingImport.open(f, 4, words));
        fuzz(
                "a.csv",
                text("word,start,end\nfog,0.5,0.75\n\"bell, rang\",0.8,1.5\n"),
                Mutations::lines,
                f -> ReadingImport.open(f, 4, words));
        fuzz(
                "a.srt",
                text(
                        "1\n00:00:01,000 --> 00:00:02,000\n<i>The fog</i>\nbell\n\n2\n00:00:02,500 --> 00:00:03,000\nrang &amp; rang\n"),
                Mutations::lines,
                f -> ReadingImport.open(f, 4, words));
        fuzz(
                "b.vtt",
                text(
                        "WEBVTT\n\nNOTE no\n\n00:01.000 --> 00:02.000\n<v Pim>The fog\n\nb\n00:02.500 --> 00:03.000\nrang\n"),
                Mutations::bytes,
                ScriptFiles::read);
        fuzz(
                "a.dict",
                text(";;; own\nbosun B OW S AH N\nbosun(2) B AO S AH N\nniño\tˈniɲo\n"),
                Mutations::lines,
                DictionaryFiles::open);
        fuzz(
                "letters.txt",
                text("# own\n:V = a e i o u\n(ch) tʃ\n(c):V s\n(c) k\n(a) a\n_(h) -\n"),
                Mutations::lines,
                f -> LetterRules.read(Files.readString(f), "letters.txt"));
    }

    @Test
    void tablesAndTracks() throws IOException {
        fuzz(
                "lines.csv",
                text(
                        "audio,text,character,out,fps,seed\na.wav,Boat ahead,pim,x/a,24,3\nb.wav,\"Turn, turn\",odile,y/b,30,4\n"),
                Mutations::lines,
                BatchTable::read);
        fuzz(
                "capture.csv",
                text("time,jawDrop,lidClose.L\n0.0,0,0\n0.1,0.5,0.2\n0.2,1,0\n"),
                Mutations::lines,
                TrackFiles::read);
        Project demo = demo();
        Project commented = ReviewEdit.AddComment.said(demo.lines().getFirst().id(), 0.5, "Ann", "too wide")
                .apply(demo);
        fuzz(
                "comments.csv",
                saved("commented.csv", f -> CommentFiles.write(commented, f)),
                Mutations::lines,
                f -> CommentFiles.read(demo, f));
    }

    private static Project demo() throws IOException {
        try (InputStream in = ProjectFiles.class.getResourceAsStream("/graykite/demo/demo.kite")) {
            return ProjectFiles.read(in, "demo.kite");
        }
    }

    /** A folder of drawings of which one is spoilt. */
    @Test
    void drawings() throws IOException {
        Path own = Files.createDirectories(folder.resolve("drawings"));
        byte[] good = Png.bytes(new Picture(24, 24, new int[24 * 24]));
        for (String name : List.of("base.png", "mouth_ah.png", "mouth_oo.png")) {
            Files.write(own.resolve(name), good);
        }
        fuzz("drawings/mouth_rest.png", good, Mutations::bytes, f -> FigureFiles.read(own, Progress.none()));
    }

    /** Zipped characters and pictures, whose bytes anything may have happened to. */
    @Test
    void packedBytes() throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        CharacterStore.write(Cast.byName("brine"), out);
        byte[] good = out.toByteArray();
        for (int seed = 0; seed < Math.min(TIMES, 2000) / 10; seed++) {
            byte[] bad = new Mutations(seed).bytes(good);
            try {
                CharacterStore.read(new ByteArrayInputStream(bad));
            } catch (BadInput | IOException clear) {
                assertTrue(
                        clear.getMessage() == null || clear.getMessage().lines().count() <= 1);
            } catch (RuntimeException | OutOfMemoryError fault) {
                fail("brine, " + seed + ": " + fault, fault);
            }
        }
    }
}
