package graykite.command;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.tngtech.archunit.core.importer.ClassFileImporter;
import graykite.format.ChartFiles;
import graykite.format.DictionFiles;
import graykite.format.TimingReaders;
import graykite.format.character.CharacterStore;
import graykite.format.character.PlanFiles;
import graykite.hearing.SimulatedVoice;
import graykite.media.WavFiles;
import graykite.mouth.Diction;
import graykite.mouth.MouthChart;
import graykite.picture.Png;
import graykite.rig.Pose;
import graykite.text.Phone;
import java.io.ByteArrayOutputStream;
import java.io.FileInputStream;
import java.io.OutputStream;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
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
                2,
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
        assertTrue(Png.read(Files.readAllBytes(sheet)).height() > 1000);
        Path csv = folder.resolve("gull.csv");
        assertEquals(
                0, Main.run("speak", line.toString(), "--character", kept.toString(), "-o", csv.toString()), errors());
        List<String> rows = Files.readAllLines(csv);
        int mouth = List.of(rows.getFirst().split(",")).indexOf("mouth");
        assertTrue(mouth >= 0, rows.getFirst());
        assertTrue(
                rows.stream().skip(1).map(r -> r.split(",")[mouth]).distinct().count() >= 4, "drawings change");
    }

    /** A face of a plan: made, checked and saved; its whole plan is written and makes the same face. */
    @Test
    void facesOfPlans() throws Exception {
        Path plan = Files.writeString(folder.resolve("mate.json"), """
                {"format": "graykite-face", "version": 1, "like": "pim", "name": "Mate",
                 "shaping": {"age": 0.8, "width": 0.5}, "worn": [{"item": "spectacles"}]}""");
        Path kept = folder.resolve("mate.kite-character");
        assertEquals(0, Main.run("cast", "--new", plan.toString(), "--check", "-o", kept.toString()), errors());
        assertEquals(
                "Mate", CharacterStore.read(new FileInputStream(kept.toFile())).name());
        Path whole = folder.resolve("whole.json");
        assertEquals(0, Main.run("cast", "--new", plan.toString(), "-o", whole.toString()), errors());
        assertEquals(PlanFiles.read(plan), PlanFiles.read(whole));
        Path ours = folder.resolve("wren.json");
        assertEquals(0, Main.run("cast", "wren", "-o", ours.toString()), errors());
        assertEquals(PlanFiles.shipped("wren"), PlanFiles.read(ours));
        assertEquals(1, Main.run("cast", "brine", "-o", ours.toString()));
        assertTrue(errors().contains("brine is not made of a plan"), errors());
        assertEquals(2, Main.run("cast"), "neither a name nor a plan");
        assertEquals(2, Main.run("cast", "odile", "--new", plan.toString()), "both");
    }

    /** The rehearsal does the main job for the launcher. */
    @Test
    void theRehearsalSpeaksTheFirstLine() throws Exception {
        Path rehearsal = Files.createDirectory(folder.resolve("rehearsal"));
        assertEquals(0, Main.run("rehearse", rehearsal.toString()), errors());
        assertTrue(Files.readAllLines(rehearsal.resolve("line.csv")).size() > 150);
        assertTrue(Files.size(rehearsal.resolve("line.glb")) > 100_000);
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
        assertTrue(errors().contains("neither .kite-character, .glb nor .json"), errors());
    }

    private int speak(String out, String... more) {
        List<String> all = new ArrayList<>(List.of("speak", line.toString(), "--text", "the fog bell rang"));
        all.addAll(List.of(more));
        all.addAll(List.of("-o", folder.resolve(out).toString()));
        return Main.run(all.toArray(String[]::new));
    }

    private List<Double> jaw(String file) throws Exception {
        List<String> rows = Files.readAllLines(folder.resolve(file));
        int jaw = List.of(rows.getFirst().split(",")).indexOf("jawDrop");
        return rows.stream()
                .skip(1)
                .map(r -> Double.parseDouble(r.split(",")[jaw]))
                .toList();
    }

    private static double most(List<Double> values) {
        return values.stream().mapToDouble(v -> v).max().orElseThrow();
    }

    /** The mouth from the command line: a shout opens further than a whisper, held motion stands still between shapes. */
    @Test
    void dictionAndMotion() throws Exception {
        assertEquals(0, speak("whispered.csv", "--diction", "whispered"), errors());
        assertEquals(0, speak("shouted.csv", "--diction", "shouted"), errors());
        assertTrue(most(jaw("shouted.csv")) > 1.3 * most(jaw("whispered.csv")));
        assertEquals(0, speak("held.csv", "--motion", "held"), errors());
        assertTrue(jaw("held.csv").stream().distinct().count()
                < jaw("shouted.csv").stream().distinct().count() / 2);
        Path own = folder.resolve("own.kite-diction.json");
        DictionFiles.save(Diction.PLAIN.withStrength(0), own);
        assertEquals(0, speak("own.csv", "--diction", own.toString()), errors());
        assertTrue(most(jaw("own.csv")) < 0.3, "nothing but closures is left");
        assertEquals(0, speak("own2.csv", "--diction", own.toString(), "--strength", "1.2"), errors());
        assertTrue(most(jaw("own2.csv")) > most(jaw("own.csv")) + 0.3, "a strength of its own counts more");
    }

    @Test
    void charts() throws Exception {
        Path small = folder.resolve("small.kite-chart.json");
        ChartFiles.save(new ChartFiles.Saved(MouthChart.ofSize(6).withoutPhone(Phone.L), Map.of()), small);
        assertEquals(0, speak("small.csv", "--chart", small.toString()), errors());
        assertTrue(errors().contains("no shape for the sounds L"), errors());
        ChartFiles.save(new ChartFiles.Saved(MouthChart.standard(), Map.of("Ah", Pose.of("jawDrop", 1))), small);
        assertEquals(0, speak("wide.csv", "--chart", small.toString()), errors());
        assertEquals(0, speak("plain.csv"), errors());
        assertTrue(most(jaw("wide.csv")) > most(jaw("plain.csv")) + 0.05, "the file's pose counts");
        Path foreign = folder.resolve("foreign.kite-chart.json");
        ChartFiles.save(
                new ChartFiles.Saved(
                        MouthChart.standard().split("Ah", "Yawn", List.of(Phone.AA)),
                        Map.of("Yawn", Pose.of("beak", 1))),
                foreign);
        assertEquals(0, speak("foreign.csv", "--chart", foreign.toString()), errors());
        assertTrue(errors().contains("has no shape for Yawn"), errors());
    }

    /** Mistakes end with one line that says what would be right. */
    @Test
    void mistakesAboutTheMouth() throws Exception {
        assertEquals(2, speak("x.csv", "--motion", "wobbly"));
        assertTrue(errors().contains("--motion is flowing, crisp or held, not \"wobbly\""), errors());
        assertEquals(2, speak("x.csv", "--diction", "sung"));
        assertTrue(errors().contains("There is no diction \"sung\". They are plain, murmured"), errors());
        assertEquals(2, speak("x.csv", "--strength", "7"));
        assertTrue(errors().contains("between 0 and 1.5"), errors());
        assertEquals(2, speak("x.csv", "--lead", "50"));
        assertTrue(errors().contains("The lead lies between"), errors());
        Path broken = folder.resolve("broken.kite-chart.json");
        Files.writeString(broken, "{\"format\": \"graykite-chart\", \"version\": 1,\n \"shapes\": {");
        assertEquals(1, speak("x.csv", "--chart", broken.toString()));
        assertTrue(errors().contains("broken.kite-chart.json: is not valid JSON in line 2"), errors());
        assertEquals(
                1,
                speak("x.csv", "--chart", folder.resolve("none.kite-chart.json").toString()));
        assertTrue(errors().contains("none.kite-chart.json"), errors());
        assertFalse(Files.exists(folder.resolve("x.csv")));
        assertFalse(errors().contains("\tat "), errors());
    }
}
