package graykite.command;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.command.Spoken.Said;
import graykite.delivery.Kind;
import graykite.delivery.Order;
import graykite.delivery.OrderFiles;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class DeliverCommandTest {
    @TempDir
    static Path work;

    @TempDir
    Path folder;

    private static Path project;

    @BeforeAll
    static void makeProject() throws Exception {
        project = Ferry.save(work.resolve("ferry.kite"));
    }

    private Said deliver(String... more) {
        List<String> arguments = new ArrayList<>(List.of("deliver", project.toString(), "-o", folder.toString()));
        arguments.addAll(List.of(more));
        return Spoken.run(arguments.toArray(String[]::new));
    }

    private List<String> there() throws Exception {
        try (var files = Files.list(folder)) {
            return files.map(f -> f.getFileName().toString()).sorted().toList();
        }
    }

    /** Lines by name and number, a scene, several formats; what cannot be delivered is said and the rest is written. */
    @Test
    void linesAndScenes() throws Exception {
        Said said = deliver("--lines", "bell,2-3", "--scenes", "Quay", "--format", "csv,srt,wav", "--fps", "24");
        assertEquals(1, said.code());
        assertTrue(said.err().contains("\"Unread\" has no recording"), said.err());
        assertEquals(
                List.of(
                        "Bell.csv",
                        "Bell.srt",
                        "Bell.wav",
                        "Boat.csv",
                        "Boat.srt",
                        "Boat.wav",
                        "Quay-odile.csv",
                        "Quay-pim.csv",
                        "Quay.srt",
                        "Quay.wav"),
                there());
        assertEquals(10, said.out().lines().count(), "a line on the output for each file");
        String subtitles = Files.readString(folder.resolve("Quay.srt"));
        assertTrue(subtitles.contains("The fog bell rang.") && subtitles.contains("Boat ahead."), subtitles);
    }

    /** Nothing is replaced unasked, and nothing is begun when something would be. */
    @Test
    void nothingIsReplacedUnasked() throws Exception {
        Files.writeString(folder.resolve("Boat.csv"), "mine");
        Said refused = deliver("--lines", "1,2", "--format", "csv");
        assertEquals(1, refused.code());
        assertTrue(refused.err().startsWith("kite: Boat.csv: is there already"), refused.err());
        assertEquals(List.of("Boat.csv"), there());
        assertEquals(
                0, deliver("--lines", "1,2", "--format", "csv", "--overwrite").code());
        assertTrue(Files.size(folder.resolve("Boat.csv")) > 1000);
    }

    @Test
    void presetsRangesAndOthers() throws Exception {
        Path preset = work.resolve("mine" + OrderFiles.EXTENSION);
        OrderFiles.save(Order.of(Kind.CURVES_CSV).withNames("{number}_{line}_{speaker}"), preset);
        Said said = deliver(
                "--lines",
                "Bell",
                "--preset",
                preset.toString(),
                "--as",
                "pim,Odile Marsh",
                "--range",
                "10-19",
                "--channels",
                "jaw");
        assertEquals(0, said.code(), said.err());
        assertEquals(List.of("001_Bell_Odile_Marsh.csv", "001_Bell_Pim_Tarrant.csv"), there());
        assertEquals(
                11,
                Files.readAllLines(folder.resolve("001_Bell_Pim_Tarrant.csv")).size());
        Said dry = deliver("--lines", "Bell", "--preset", "For the engine", "--dry-run");
        assertEquals(3, dry.out().lines().count());
        assertEquals(2, there().size(), "a dry run writes nothing");
    }

    /** speak writes one file and says so; it replaces nothing unasked either. */
    @Test
    void speakWritesOneFile() throws Exception {
        Path sound = Spoken.say(work, "bell", "The bell rang.");
        Path out = folder.resolve("bell.mp4");
        Said two = Spoken.run("speak", sound.toString(), "-o", out.toString(), "--view", "front,profile");
        assertEquals(2, two.code());
        assertTrue(two.err().contains("one --view"), two.err());
        Path srt = folder.resolve("bell.srt");
        assertEquals(
                0, Spoken.run("speak", sound.toString(), "-o", srt.toString()).code());
        assertTrue(Files.readString(srt).contains("The bell rang."));
        Said again = Spoken.run("speak", sound.toString(), "-o", srt.toString());
        assertEquals(1, again.code());
        assertTrue(again.err().contains("--overwrite"), again.err());
    }

    @Test
    void mistakesAreOneLine() {
        for (String[] wrong : new String[][] {
            {"--lines", "Gone"},
            {"--lines", "9"},
            {"--scenes", "2"},
            {"--format", "avi"},
            {"--names", "a/b"},
            {"--names", "{who}"},
            {"--preset", "For nobody"},
            {"--range", "soon"},
            {"--as", "nobody"},
            {"--size", "63"},
        }) {
            Said said = deliver(wrong);
            // What the project does not have is bad input, a value that the option cannot have is wrong usage.
            boolean sought = List.of("--lines", "--scenes", "--as").contains(wrong[0]);
            assertEquals(sought ? 1 : 2, said.code(), String.join(" ", wrong));
            assertEquals(1, said.err().lines().count(), said.err());
            assertTrue(said.err().startsWith("kite: "), said.err());
        }
    }
}
