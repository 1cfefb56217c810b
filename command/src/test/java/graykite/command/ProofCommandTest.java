package graykite.command;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import graykite.acting.Clip;
import graykite.edit.ClipEdit;
import graykite.edit.Edit;
import graykite.edit.LineEdit;
import graykite.edit.MouthEdit;
import graykite.edit.ReviewEdit;
import graykite.format.ProjectFiles;
import graykite.mouth.MouthSettings;
import graykite.project.Project;
import graykite.project.Reference;
import graykite.project.SoundFile;
import java.io.ByteArrayOutputStream;
import java.io.InputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The proof without a window: on the demo, on planted faults, as tables and a page, and comments that travel. */
class ProofCommandTest {
    @TempDir
    Path folder;

    private final PrintStream realOut = System.out;
    private final PrintStream realErr = System.err;
    private final ByteArrayOutputStream out = new ByteArrayOutputStream();
    private final ByteArrayOutputStream err = new ByteArrayOutputStream();
    private Path file;

    @BeforeEach
    void begin() throws Exception {
        System.setOut(new PrintStream(out, true, StandardCharsets.UTF_8));
        System.setErr(new PrintStream(err, true, StandardCharsets.UTF_8));
        file = folder.resolve("ferry.kite");
        ProjectFiles.save(demo(), file);
    }

    @AfterEach
    void end() {
        System.setOut(realOut);
        System.setErr(realErr);
    }

    private static Project demo() throws Exception {
        try (InputStream in = ProjectFiles.class.getResourceAsStream("/graykite/demo/demo.kite")) {
            return ProjectFiles.read(in, "demo.kite");
        }
    }

    private int proof(Object... more) {
        String[] all = new String[more.length + 2];
        all[0] = "proof";
        all[1] = file.toString();
        for (int i = 0; i < more.length; i++) {
            all[i + 2] = more[i].toString();
        }
        out.reset();
        err.reset();
        return Main.run(all);
    }

    private void plant(Edit... edits) throws Exception {
        Project project = ProjectFiles.open(file);
        for (Edit edit : edits) {
            project = edit.apply(project);
        }
        ProjectFiles.save(project, file);
    }

    private List<String> notes() {
        return Arrays.stream(out.toString(StandardCharsets.UTF_8).split("\\R"))
                .filter(l -> !l.isBlank())
                .toList();
    }

    /** Our own demo passes: nobody has anything to say about how it speaks and acts. */
    @Test
    void theDemoPasses() {
        assertEquals(0, proof(), err::toString);
        assertEquals(List.of(), notes());
        assertTrue(err.toString().contains("Brine"), "what cannot be measured on drawings is said");
    }

    @Test
    void plantedFaultsAreListedMendedAndHandedOn() throws Exception {
        plant(
                new MouthEdit.SetMouth("line-5", MouthSettings.STANDARD.withLead(-0.15)),
                new ClipEdit.AddClip(
                        "line-2", "", 4.2, 5.4, Clip.Look.of("Glad").withEases(0, 0)),
                new LineEdit.SetReference(
                        "line-3",
                        Optional.of(Reference.of(folder.resolve("gone.mp4").toString()))));
        Path table = folder.resolve("notes.csv");
        Path json = folder.resolve("notes.json");
        Path page = folder.resolve("notes.html");
        assertEquals(0, proof("-o", table, "-o", json, "-o", page), err::toString);
        List<String> notes = notes();
        assertTrue(
                notes.stream().anyMatch(n -> n.matches("00:00:0\\d:\\d\\d\tshape-late\tfault\t5 .*\t.*ms after.*")),
                notes::toString);
        assertTrue(notes.stream().anyMatch(n -> n.contains("\tjump\tfault\t2 ")), notes::toString);
        assertTrue(notes.stream().anyMatch(n -> n.contains("\tfile-missing\t")), notes::toString);
        List<String> rows = Files.readAllLines(table);
        assertEquals("line,speaker,seconds,timecode,until,check,severity,about,note,meant so", rows.getFirst());
        assertEquals(notes.size() + 1, rows.size());
        JsonNode root = new ObjectMapper().readTree(json.toFile());
        assertEquals(notes.size(), root.path("open").asInt());
        String html = Files.readString(page);
        assertTrue(html.contains("Shape later than its sound") && html.contains("data:image/png;base64,"));
        assertFalse(html.contains("http"), "works without a network");
        inABrowser(page, notes.size());
        Path pdf = folder.resolve("notes.pdf");
        assertEquals(0, proof("-o", pdf), err::toString);
        assertTrue(new String(Files.readAllBytes(pdf), StandardCharsets.ISO_8859_1).startsWith("%PDF-"));
        try (PDDocument document = Loader.loadPDF(pdf.toFile())) {
            String text = new PDFTextStripper().getText(document);
            assertTrue(text.contains("Shape later than its sound") && text.contains("page 1 of"), text);
        }
        assertEquals(1, proof("-o", table), "nothing is replaced unasked");
        assertTrue(err.toString().contains("--overwrite"), err.toString());

        Path better = folder.resolve("better.kite");
        assertEquals(0, proof("--fix", "shape-late", "-o", better), err::toString);
        assertTrue(notes().stream().noneMatch(n -> n.contains("shape-late")), () -> notes().toString());
        assertEquals(
                MouthSettings.STANDARD.lead(),
                ProjectFiles.open(better)
                        .line("line-5")
                        .orElseThrow()
                        .mouth()
                        .settings()
                        .lead(),
                1e-9);
        assertEquals(2, proof("--fix", "everything"));
        assertTrue(err.toString().contains("--fix is one of word-missing, "), err.toString());
    }

    /** Opened in a real browser where there is one: its script ran, and every note is there. */
    private void inABrowser(Path page, int notes) throws Exception {
        Optional<Path> browser = Stream.of("chromium", "chromium-browser", "google-chrome")
                .map(n -> Path.of("/usr/bin", n))
                .filter(Files::isExecutable)
                .findFirst();
        if (browser.isEmpty()) {
            String html = Files.readString(page);
            assertEquals(notes, html.split("<article class=").length - 1);
            assertTrue(html.contains("<!DOCTYPE html>") && html.contains("prefers-color-scheme: dark"));
            return;
        }
        Path dom = folder.resolve("dom.html");
        Process process = new ProcessBuilder(
                        browser.get().toString(),
                        "--headless",
                        "--no-sandbox",
                        "--disable-gpu",
                        "--user-data-dir=" + folder.resolve("profile"),
                        "--dump-dom",
                        page.toUri().toString())
                .redirectOutput(dom.toFile())
                .redirectError(ProcessBuilder.Redirect.DISCARD)
                .start();
        assertTrue(process.waitFor(90, TimeUnit.SECONDS), "the browser ends");
        assertTrue(Files.readString(dom).contains("data-notes=\"" + notes + "\""), "the page came alive");
    }

    @Test
    void commentsTravelOutAndBack() throws Exception {
        plant(ReviewEdit.AddComment.said("line-1", 1.5, "Anke", "Look back, \"earlier\",\nplease."));
        Path table = folder.resolve("comments.csv");
        assertEquals(0, proof("--comments", table), err::toString);
        String text = Files.readString(table);
        Files.writeString(
                table, text.replace(",open", ",done") + ",\"2  It wasn't me\",,2.5,Jo,New from outside,open\r\n");
        Path back = folder.resolve("back.kite");
        assertEquals(0, proof("--take-comments", table, "-o", back), err::toString);
        Project after = ProjectFiles.open(back);
        assertTrue(after.line("line-1")
                .orElseThrow()
                .review()
                .comments()
                .getFirst()
                .done());
        assertEquals(
                "Look back, \"earlier\",\nplease.",
                after.line("line-1")
                        .orElseThrow()
                        .review()
                        .comments()
                        .getFirst()
                        .text());
        assertEquals(
                "New from outside",
                after.line("line-2")
                        .orElseThrow()
                        .review()
                        .comments()
                        .getFirst()
                        .text());
        Files.writeString(table, "line,comment,seconds\nNobody,Hm,1\n");
        assertEquals(1, proof("--take-comments", table, "-o", back, "--overwrite"));
        assertTrue(err.toString().contains("comments.csv: row 2: there is no line \"Nobody\""), err.toString());
    }

    /** One line that cannot be heard is said; the rest is looked at. */
    @Test
    void aDamagedRecordingStopsNothing() throws Exception {
        Project project = ProjectFiles.open(file);
        project = project.with(project.line("line-1")
                .orElseThrow()
                .withSound(new SoundFile("broken.wav", new byte[] {1, 2, 3}))
                .withTiming(project.line("line-1").orElseThrow().timing().orElseThrow()));
        ProjectFiles.save(project, file);
        plant(new ClipEdit.AddClip("line-2", "", 4.2, 5.4, Clip.Look.of("Glad").withEases(0, 0)));
        assertEquals(0, proof(), err::toString);
        assertTrue(err.toString().contains("broken.wav"), err.toString());
        assertTrue(notes().stream().anyMatch(n -> n.contains("jump")), () -> notes().toString());
    }
}
