package graykite.command;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.tngtech.archunit.core.importer.ClassFileImporter;
import graykite.format.TimingReaders;
import graykite.media.WavFiles;
import graykite.speech.SimulatedVoice;
import java.io.ByteArrayOutputStream;
import java.io.OutputStream;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class MainTest {
    @TempDir
    static Path folder;

    private static Path line;
    private final PrintStream realErr = System.err;
    private final ByteArrayOutputStream err = new ByteArrayOutputStream();

    @BeforeAll
    static void record() throws Exception {
        line = folder.resolve("line.wav");
        try (OutputStream out = Files.newOutputStream(line)) {
            WavFiles.write(SimulatedVoice.speak("the fog bell rang").sound(), out);
        }
        Files.writeString(folder.resolve("line.txt"), "The fog bell rang!");
    }

    @BeforeEach
    void listen() {
        System.setErr(new PrintStream(err, true));
    }

    @AfterEach
    void stopListening() {
        System.setErr(realErr);
    }

    private String errors() {
        return err.toString();
    }

    @Test
    void timesPhonesWithTheScriptBesideTheSound() throws Exception {
        Path out = folder.resolve("line.ctm");
        assertEquals(0, Main.run("time", line.toString(), "--level", "phones", "-o", out.toString()), errors());
        List<TimingReaders.Token> tokens = TimingReaders.readCtm(Files.readString(out), "line.ctm");
        assertEquals(
                "DH AH F AA G B EH L R AE NG",
                String.join(
                        " ",
                        tokens.stream()
                                .map(TimingReaders.Token::text)
                                .filter(t -> !t.equals("SIL"))
                                .toList()));
    }

    @Test
    void speaksCurves() throws Exception {
        Path out = folder.resolve("line.csv");
        int code = Main.run(
                "speak",
                line.toString(),
                "--text",
                "the fog bell rang",
                "--fps",
                "24",
                "--lead",
                "2",
                "-o",
                out.toString());
        assertEquals(0, code, errors());
        List<String> rows = Files.readAllLines(out);
        assertTrue(rows.getFirst().startsWith("time,jawDrop"), rows.getFirst());
        assertTrue(rows.size() > 24);
    }

    /** Bad input: exit code 1 and one line that names the file; wrong usage: 2. */
    @Test
    void exitCodes() throws Exception {
        Path missing = folder.resolve("none.wav");
        assertEquals(
                1,
                Main.run(
                        "time",
                        missing.toString(),
                        "--text",
                        "x",
                        "-o",
                        folder.resolve("a.ctm").toString()));
        assertTrue(errors().startsWith("kite: none.wav"), errors());
        assertEquals(1, errors().lines().count());
        assertEquals(2, Main.run("time", line.toString()));
        assertEquals(2, Main.run("fly"));
        assertEquals(0, Main.run("--help"));
        assertEquals(
                1,
                Main.run("time", line.toString(), "-o", folder.resolve("a.doc").toString()));
        assertEquals(
                1,
                Main.run(
                        "speak",
                        line.toString(),
                        "--fps",
                        "fast",
                        "-o",
                        folder.resolve("a.csv").toString()));
        assertEquals(
                1,
                Main.run(
                        "speak",
                        line.toString(),
                        "--view",
                        "below",
                        "-o",
                        folder.resolve("a.mp4").toString()));
        assertFalse(errors().contains("\tat "), errors());
        assertFalse(Files.exists(folder.resolve("a.csv")));
    }

    @Test
    void drawsTheCast() {
        Path out = folder.resolve("sheet.png");
        assertEquals(0, Main.run("cast", "odile", "--sheet", out.toString()));
        assertTrue(Files.exists(out));
        assertEquals(1, Main.run("cast", "nobody"));
        assertTrue(errors().contains("odile"));
    }

    @Test
    void knowsNoWindow() {
        noClasses()
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("javafx..", "graykite.studio..")
                .check(new ClassFileImporter().importPackages("graykite.command"));
    }

    /** A character from the command line: saved, listed, checked, drawn, and a line spoken with it. */
    @Test
    void anyCharacter() throws Exception {
        Path glb = folder.resolve("gull.glb");
        assertEquals(0, Main.run("cast", "brine", "-o", glb.toString()), errors());
        Path kept = folder.resolve("gull.kite-character");
        assertEquals(0, Main.run("cast", glb.toString(), "--list", "--check", "-o", kept.toString()), errors());
        Path sheet = folder.resolve("gull.png");
        assertEquals(0, Main.run("cast", kept.toString(), "--sheet", sheet.toString()), errors());
        assertTrue(graykite.picture.Png.read(Files.readAllBytes(sheet)).height() > 1000);
        Path csv = folder.resolve("gull.csv");
        assertEquals(
                0, Main.run("speak", line.toString(), "--character", kept.toString(), "-o", csv.toString()), errors());
        List<String> rows = Files.readAllLines(csv);
        int mouth = List.of(rows.getFirst().split(",")).indexOf("mouth");
        assertTrue(mouth >= 0, rows.getFirst());
        assertTrue(
                rows.stream().skip(1).map(r -> r.split(",")[mouth]).distinct().count() >= 4, "drawings change");
    }

    @Test
    void charactersThatCannotBeUsed() throws Exception {
        Path broken = Files.write(folder.resolve("broken.glb"), new byte[] {'g', 'l', 'T', 'F', 2, 0, 0, 0, 9});
        assertEquals(1, Main.run("cast", broken.toString()));
        assertTrue(errors().contains("broken.glb: is cut off after 9 bytes"), errors());
        assertEquals(1, Main.run("cast", "nobody"));
        assertTrue(errors().contains("There is no character \"nobody\""), errors());
        assertEquals(
                1, Main.run("cast", "brine", "-o", folder.resolve("gull.fbx").toString()));
        assertTrue(errors().contains("neither .kite-character nor .glb"), errors());
    }
}
