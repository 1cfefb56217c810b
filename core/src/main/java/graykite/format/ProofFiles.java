package graykite.format;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import graykite.base.AtomicFiles;
import graykite.base.BadInput;
import graykite.project.Comment;
import graykite.proof.ProofNote;
import graykite.proof.ProofReport;
import graykite.proof.ProofReport.OfLine;
import graykite.time.Timecode;
import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.BiFunction;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** What the proof says, as a table (CSV), JSON, a page to read in a browser (HTML, one file, works without a network), or a PDF. */
public final class ProofFiles {
    /** Endings of the files that it writes. */
    public static final List<String> ENDINGS = List.of(".html", ".pdf", ".csv", ".json");

    private ProofFiles() {}

    /** Makes the picture of a moment, a PNG; nothing where there is none. */
    public interface Pictures extends BiFunction<OfLine, Double, Optional<byte[]>> {}

    /**
     * Writes a report, whole or not at all.
     *
     * @param pictures of moments, for the page
     * @throws BadInput when the file ends in none of {@link #ENDINGS} or cannot be written
     */
    public static void write(ProofReport report, Pictures pictures, Path file) {
        String name = file.getFileName().toString().toLowerCase(Locale.ROOT);
        String ending = ENDINGS.stream()
                .filter(name::endsWith)
                .findFirst()
                .orElseThrow(() -> BadInput.inFile(file, "ends in none of .html .pdf .csv .json. Choose one of them."));
        AtomicFiles.write(file, out -> {
            switch (ending) {
                case ".csv" -> table(report, out);
                case ".json" -> json(report, out);
                case ".pdf" -> out.write(ProofPdf.of(report, pictures));
                default -> out.write(ProofPage.of(report, pictures).getBytes(StandardCharsets.UTF_8));
            }
        });
    }

    /** What shows a note best: its middle, and the start of what lasts long. */
    static double moment(ProofNote note) {
        double length = note.range().end() - note.range().start();
        return note.range().start() + Math.min(length, 1) / 2;
    }

    /** A time of a line on its own clock. */
    static String timecode(ProofReport report, double seconds) {
        return Timecode.at(seconds, 0, report.rate());
    }

    private static void table(ProofReport report, OutputStream out) throws IOException {
        Writer writer = new OutputStreamWriter(out, StandardCharsets.UTF_8);
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader(
                        "line",
                        "speaker",
                        "seconds",
                        "timecode",
                        "until",
                        "check",
                        "severity",
                        "about",
                        "note",
                        "meant so")
                .get();
        CSVPrinter printer = new CSVPrinter(writer, format);
        for (OfLine line : report.lines()) {
            for (ProofNote note : line.proof().notes()) {
                printer.printRecord(
                        line.line().title().strip(),
                        line.speaker(),
                        seconds(note.range().start()),
                        timecode(report, note.time()),
                        seconds(note.range().end()),
                        note.rule().id(),
                        note.rule().severity().name().toLowerCase(Locale.ROOT),
                        note.rule().about().name().toLowerCase(Locale.ROOT),
                        note.says(),
                        note.meantSo().orElse(""));
            }
        }
        printer.flush();
    }

    static String seconds(double time) {
        return String.format(Locale.ROOT, "%.3f", time);
    }

    private static void json(ProofReport report, OutputStream out) throws IOException {
        ObjectNode root = new ObjectMapper().createObjectNode();
        root.put("title", report.title()).put("rate", report.rate().toString()).put("open", report.open());
        ArrayNode lines = root.putArray("lines");
        for (OfLine line : report.lines()) {
            ObjectNode node = lines.addObject();
            node.put("id", line.line().id()).put("title", line.line().title().strip());
            node.put("speaker", line.speaker());
            ArrayNode notes = node.putArray("notes");
            for (ProofNote note : line.proof().notes()) {
                ObjectNode one = notes.addObject();
                one.put("from", note.range().start()).put("to", note.range().end());
                one.put("check", note.rule().id());
                one.put("severity", note.rule().severity().name().toLowerCase(Locale.ROOT));
                one.put("about", note.rule().about().name().toLowerCase(Locale.ROOT));
                one.put("note", note.says());
                note.meantSo().ifPresent(m -> one.put("meantSo", m));
                ArrayNode fixes = one.putArray("fixes");
                note.fixes().forEach(f -> fixes.add(f.title()));
            }
            ArrayNode unmeasured = node.putArray("unmeasured");
            line.proof().unmeasured().forEach(unmeasured::add);
            ArrayNode comments = node.putArray("comments");
            for (Comment comment : line.line().review().comments()) {
                comments.addObject()
                        .put("time", comment.at().in(line.line().words()))
                        .put("author", comment.author())
                        .put("text", comment.text())
                        .put("done", comment.done());
            }
        }
        new ObjectMapper().writerWithDefaultPrettyPrinter().writeValue(out, root);
    }
}
