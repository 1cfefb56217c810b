package graykite.command;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.command.Spoken.Said;
import graykite.format.ChartFiles;
import graykite.format.DictionFiles;
import graykite.format.character.Cast;
import graykite.format.character.LandmarkFiles;
import graykite.geometry.Vec;
import graykite.mouth.MouthChart;
import graykite.picture.Camera;
import graykite.picture.Png;
import graykite.picture.Renderer;
import graykite.picture.SurfacePick;
import graykite.rig.Character;
import graykite.rig.Deformer;
import graykite.rig.Part;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Every command that the README shows under "Without a window" is run as it stands there, and writes what it says. */
class ReadmeCommandsTest {
    private static final Pattern COMMAND = Pattern.compile("(?m)^ {4}\\./kite ([^\\n]+)");
    /** Options after which stands what is written. */
    private static final Set<String> WRITTEN = Set.of("-o", "--sheet");

    private static final Pattern WORD = Pattern.compile("\"([^\"]*)\"|(\\S+)");

    @TempDir
    private static Path folder;

    private static Set<String> files;

    @BeforeAll
    static void layOut() throws Exception {
        Spoken.say(folder, "line", "The fog bell rang.");
        Files.createDirectory(folder.resolve("folder"));
        Spoken.say(folder.resolve("folder"), "one", "Boat ahead.");
        Files.createDirectory(folder.resolve("recordings"));
        Spoken.say(folder.resolve("recordings"), "two", "Who rang?");
        text("lines.csv", "audio,script\nline.wav,line.txt\n");
        text("looks.json", "{\"looks\":[{\"from\":0.1,\"to\":0.9,\"at\":{\"name\":\"Left\",\"yaw\":30,\"pitch\":0}}]}");
        text("cues.json", "{\"cues\":[{\"name\":\"Brow\",\"at\":\"question\",\"pose\":\"Curious\",\"length\":0.8}]}");
        text("calm.json", "{\"instincts\":{\"head\":{\"amount\":0.3}}}");
        text("edits.jsonl", "{\"edit\":\"name-project\",\"title\":\"Night ferry\"}\n");
        text("poses.txt", "0 neutral\n5 jawOpen\n");
        ChartFiles.save(new ChartFiles.Saved(MouthChart.standard(), Map.of()), folder.resolve("odile.kite-chart.json"));
        DictionFiles.save(DictionFiles.shipped().get("shouted"), folder.resolve("storm.kite-diction.json"));
        try (var plan = Character.class.getResourceAsStream("/graykite/people/wren.json")) {
            Files.write(folder.resolve("mate.json"), plan.readAllBytes());
        }
        assertEquals(0, Spoken.run("cast", "odile", "-o", at("head.glb")).code());
        assertEquals(
                0, Spoken.run("speak", at("line.wav"), "-o", at("poses.glb")).code());
        drawings();
        face();
        Ferry.save(folder.resolve("ferry.kite"));
        try (Stream<Path> all = Files.list(folder)) {
            files = new TreeSet<>(all.map(f -> f.getFileName().toString()).toList());
        }
    }

    private static void text(String name, String text) throws IOException {
        Files.writeString(folder.resolve(name), text);
    }

    private static String at(String name) {
        return folder.resolve(name).toString();
    }

    /** A head of two shapes, too plain for anything but being read. */
    private static void drawings() throws IOException {
        Path shapes = Files.createDirectory(folder.resolve("shapes_folder"));
        Files.writeString(shapes.resolve("neutral.obj"), "v 0 0 0\nv 0.2 0 0\nv 0.2 0.2 0\nv 0 0.2 0\nf 1 2 3 4\n");
        Files.writeString(shapes.resolve("jawOpen.obj"), "v 0 -0.06 0\nv 0.2 0 0\nv 0.2 0.2 0\nv 0 0.2 0\nf 1 2 3 4\n");
    }

    /** Pim as a portrait and as a bare head, with landmarks on both. */
    private static void face() throws IOException {
        Character pim = Cast.byName("pim");
        Camera camera = new Camera(new Vec(0, -12, 20), 0, 0, 1400, 330);
        Files.write(
                folder.resolve("face.png"),
                Png.bytes(new Renderer()
                        .draw(new Deformer(pim).deform(new double[pim.channels().size()]), camera, 500, 500)));
        Map<String, Vec> marks = new HashMap<>();
        pim.landmarks().forEach((name, p) -> {
            double[] pixel = SurfacePick.seen(p, camera, 500, 500);
            marks.put(name, new Vec(pixel[0], pixel[1], 0));
        });
        LandmarkFiles.write(marks, folder.resolve("face.json"));
        LandmarkFiles.write(pim.landmarks(), folder.resolve("bare.json"));
        Part skin = pim.parts().get(pim.lips().orElseThrow().part());
        StringBuilder obj = new StringBuilder();
        float[] p = skin.positions();
        for (int i = 0; i < p.length; i += 3) {
            obj.append(String.format(Locale.ROOT, "v %.4f %.4f %.4f%n", p[i], p[i + 1], p[i + 2]));
        }
        int[] t = skin.triangles();
        for (int i = 0; i < t.length; i += 3) {
            obj.append(String.format(Locale.ROOT, "f %d %d %d%n", t[i] + 1, t[i + 1] + 1, t[i + 2] + 1));
        }
        Files.writeString(folder.resolve("bare.obj"), obj);
    }

    /** A command's words; what names a file is one in the folder, and so is what is written. */
    private static List<String> words(String line) {
        List<String> words = new ArrayList<>();
        Matcher word = WORD.matcher(line.split(" {2,}\\(| {3,}")[0]);
        while (word.find()) {
            String plain = word.group(1) == null ? word.group(2) : word.group(1);
            boolean out = !words.isEmpty() && WRITTEN.contains(words.getLast());
            words.add(files.contains(plain) || out ? at(plain) : plain);
        }
        return words;
    }

    @Test
    void everyCommandDoesWhatItSays() throws IOException {
        String readme =
                Files.readString(Path.of("").toAbsolutePath().getParent().resolve("README.md"));
        String shown =
                readme.substring(readme.indexOf("## Without a window"), readme.indexOf("`--help` tells the rest"));
        Matcher command = COMMAND.matcher(shown);
        Set<String> before = here();
        int run = 0;
        List<String> wrong = new ArrayList<>();
        while (command.find()) {
            List<String> words = words(command.group(1));
            // The package is built of jars, which are not made yet when tests run; the launcher's own test makes it.
            if (words.getFirst().equals("package")) {
                continue;
            }
            run++;
            int to = words.indexOf("-o") + 1;
            if (to > 0
                    && !files.contains(folder.relativize(Path.of(words.get(to))).toString())) {
                delete(Path.of(words.get(to)));
            }
            Said said = Spoken.run(words.toArray(String[]::new));
            if (said.code() != 0) {
                wrong.add(command.group(1) + ": " + said.code() + " " + said.err());
            } else if (to > 0 && !Files.exists(Path.of(words.get(to)))) {
                wrong.add(command.group(1) + ": wrote nothing");
            }
        }
        assertEquals(List.of(), wrong);
        assertTrue(run >= 22, run + " commands");
        assertTrue(Files.exists(folder.resolve("shapes.png")), "the sheet is written too");
        assertEquals(before, here(), "and nothing is left where the tests run");
    }

    private static Set<String> here() throws IOException {
        try (Stream<Path> all = Files.list(Path.of(""))) {
            return new TreeSet<>(all.map(Path::toString).toList());
        }
    }

    /** Commands are shown one by one: each writes as if the others had not. */
    private static void delete(Path written) throws IOException {
        if (Files.isDirectory(written)) {
            try (Stream<Path> parts = Files.list(written)) {
                for (Path part : parts.toList()) {
                    delete(part);
                }
            }
        }
        Files.deleteIfExists(written);
    }
}
