package graykite.format;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import graykite.base.BadInput;
import graykite.edit.Edit;
import graykite.edit.LineEdit;
import graykite.edit.ReviewEdit;
import graykite.picture.Picture;
import graykite.picture.Png;
import graykite.project.Comment;
import graykite.project.Line;
import graykite.project.Project;
import graykite.proof.Fix;
import graykite.proof.Proof;
import graykite.proof.ProofNote;
import graykite.proof.ProofReport;
import graykite.proof.Rule;
import graykite.proof.Rules;
import graykite.reading.Place;
import graykite.time.FrameRate;
import graykite.time.TimeRange;
import java.io.Reader;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Notes as tables and pages; comments as a table that comes back. RFC 4180 for the tables. */
class ProofFilesTest {
    private static final Rule RULE = Rules.shipped().of("jump");
    private static final ProofFiles.Pictures NONE = (line, time) -> Optional.empty();

    @TempDir
    Path folder;

    private static ProofReport report(String says, String script) {
        ProofNote open = new ProofNote(
                RULE,
                new TimeRange(1.5, 1.6),
                Place.at(1.5),
                says,
                List.of(Fix.of("Ease it", new LineEdit.SetGain("a", 0))),
                Optional.empty());
        ProofNote meant = new ProofNote(RULE, new TimeRange(3, 3), Place.at(3), "Again", List.of(), Optional.of("So"));
        Line line = Line.empty("a", "1, \"the\" line").withScript(script);
        return new ProofReport(
                "Ferry <night>",
                FrameRate.FILM,
                List.of(new ProofReport.OfLine(line, "Odile", new Proof(List.of(open, meant), List.of("No lips")))));
    }

    private static final ProofReport REPORT = report("Comes, \"at\" once\nhere", "Hold <b>on</b> & wait");

    private List<CSVRecord> rows(Path file) throws Exception {
        try (Reader reader = Files.newBufferedReader(file);
                CSVParser rows = CSVParser.parse(
                        reader,
                        CSVFormat.RFC4180
                                .builder()
                                .setHeader()
                                .setSkipHeaderRecord(true)
                                .get())) {
            return rows.getRecords();
        }
    }

    @Test
    void aTable() throws Exception {
        Path file = folder.resolve("notes.csv");
        ProofFiles.write(REPORT, NONE, file);
        List<CSVRecord> rows = rows(file);
        assertEquals(2, rows.size());
        assertEquals("1, \"the\" line", rows.getFirst().get("line"));
        assertEquals("Comes, \"at\" once\nhere", rows.getFirst().get("note"));
        assertEquals("00:00:01:12", rows.getFirst().get("timecode"), "a second and a half at 24 a second");
        assertEquals("", rows.getFirst().get("meant so"));
        assertEquals("So", rows.getLast().get("meant so"));
    }

    @Test
    void asJson() throws Exception {
        Path file = folder.resolve("notes.json");
        ProofFiles.write(REPORT, NONE, file);
        JsonNode root = new ObjectMapper().readTree(file.toFile());
        assertEquals(1, root.path("open").asInt());
        JsonNode note = root.path("lines").path(0).path("notes").path(0);
        assertEquals("jump", note.path("check").asText());
        assertEquals("fault", note.path("severity").asText());
        assertEquals("Ease it", note.path("fixes").path(0).asText());
        assertEquals(
                "No lips", root.path("lines").path(0).path("unmeasured").path(0).asText());
    }

    /** Whatever people write stays text; nothing is fetched. */
    @Test
    void aPage() throws Exception {
        Path file = folder.resolve("notes.html");
        byte[] png = Png.bytes(new Picture(2, 2, new int[4]));
        ProofFiles.write(REPORT, (line, time) -> Optional.of(png), file);
        String page = Files.readString(file);
        assertTrue(page.contains("Hold &lt;b&gt;on&lt;/b&gt; &amp; wait"));
        assertFalse(page.contains("<b>on</b>"));
        assertTrue(page.contains("<title>Ferry &lt;night&gt;: proof</title>"));
        assertEquals(2, page.split("data:image/png;base64,").length - 1);
        assertFalse(page.contains("src=\"http") || page.contains("href="), "no network");
        assertTrue(page.contains("prefers-color-scheme: dark") && page.contains("@media print"));
        assertFalse(page.contains("{{"), "every place is filled");
        assertEquals("&#39;&quot;", Html.escaped("'\""));
    }

    /** Long words, unknown signs and many pages. */
    @Test
    void aPdf() throws Exception {
        Path file = folder.resolve("notes.pdf");
        ProofFiles.write(report("All is ɑ and \uD83D\uDE80 ".repeat(300), "x".repeat(400)), NONE, file);
        try (PDDocument document = Loader.loadPDF(file.toFile())) {
            String text = new PDFTextStripper().getText(document);
            assertTrue(document.getNumberOfPages() > 1);
            assertTrue(text.contains("page 1 of " + document.getNumberOfPages()));
            assertTrue(text.contains("ɑ and ?"), "what the font lacks is a question mark");
            assertTrue(text.contains("Because: So"));
        }
    }

    @Test
    void otherEndingsAreRefused() {
        Path file = folder.resolve("notes.docx");
        BadInput refused = assertThrows(BadInput.class, () -> ProofFiles.write(REPORT, NONE, file));
        assertTrue(refused.getMessage().startsWith("notes.docx: ends in none of"), refused.getMessage());
        assertFalse(Files.exists(file));
    }

    // --- comments --------------------------------------------------------------------------------------------------

    private static Project commented() {
        Project project = Project.empty().with(Line.empty("a", "First")).with(Line.empty("b", "Second"));
        return new ReviewEdit.AddComment("a", "c1", 1.25, "Jo", "Two\nlines, \"quoted\"", List.of(), Optional.empty())
                .apply(project);
    }

    @Test
    void commentsComeBackAsTheyWent() throws Exception {
        Path file = folder.resolve("comments.csv");
        CommentFiles.write(commented(), file);
        assertEquals(List.of(), CommentFiles.read(commented(), file), "nothing changed");
        Files.writeString(
                file, "\ufeff" + Files.readString(file).replace("1.250", "1.75").replace("open", "DONE"));
        Project after = commented();
        for (Edit edit : CommentFiles.read(after, file)) {
            after = edit.apply(after);
        }
        Comment comment = after.line("a").orElseThrow().review().comments().getFirst();
        assertTrue(comment.done());
        assertEquals(1.75, comment.at().time(), 1e-9);
        assertEquals("Two\nlines, \"quoted\"", comment.text());
    }

    @Test
    void newOnesComeInByTheNameOfTheirLine() throws Exception {
        Path file = Files.writeString(
                folder.resolve("new.csv"),
                "Line,Seconds,Author,Comment\nsecond,\"2,5\",Anke,Higher\nFirst,,,Lower\n,,,\n");
        List<Edit> edits = CommentFiles.read(commented(), file);
        assertEquals(2, edits.size());
        Project after = edits.get(0).apply(commented());
        assertEquals(
                2.5,
                after.line("b")
                        .orElseThrow()
                        .review()
                        .comments()
                        .getFirst()
                        .at()
                        .time(),
                1e-9);
    }

    private void refused(String table, String says) throws Exception {
        Path file = Files.writeString(folder.resolve("bad.csv"), table);
        BadInput refused = assertThrows(BadInput.class, () -> CommentFiles.read(commented(), file));
        assertTrue(refused.getMessage().startsWith("bad.csv: " + says), refused.getMessage());
    }

    @Test
    void damagedTablesAreRefused() throws Exception {
        refused("", "has no column \"line\"");
        refused("comment\nHm\n", "has no column \"line\"");
        refused("line,comment\nNobody,Hm\n", "row 2: there is no line \"Nobody\"");
        refused("line,comment,seconds\nFirst,Hm,soon\n", "row 2: \"soon\" is no number");
        refused("line,comment,seconds\nFirst,Hm,-4\n", "row 2: \"-4\" is no time");
        refused("line,comment\nFirst,\"Hm\n", "is no table of comments");
        Path binary = Files.write(folder.resolve("bytes.csv"), new byte[] {(byte) 0xff, (byte) 0xfe, 0, 1});
        assertThrows(BadInput.class, () -> CommentFiles.read(commented(), binary));
        assertThrows(BadInput.class, () -> CommentFiles.read(commented(), folder.resolve("nowhere.csv")));
    }
}
