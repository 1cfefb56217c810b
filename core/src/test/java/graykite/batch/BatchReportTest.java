package graykite.batch;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class BatchReportTest {
    @TempDir
    Path folder;

    private static BatchResult good(int row, String script) {
        return new BatchResult(
                row,
                "line" + row,
                "abc",
                BatchResult.State.GOOD,
                "",
                "Odile",
                script,
                2.5,
                3,
                1,
                0,
                2,
                "Never a hold",
                List.of(new BatchResult.Written("ch 1/line" + row + "#1.csv", 1234)),
                0.5,
                Optional.of(new byte[] {1, 2, 3}));
    }

    private static BatchRow row(int number) {
        return new BatchRow(number, Map.of("audio", "line" + number + ".wav"));
    }

    /** What was kept is what is read back; a damaged record only means that the row is done again. */
    @Test
    void records() throws Exception {
        BatchRecords records = new BatchRecords(new BatchTable(Path.of("night.csv"), List.of()), folder);
        assertEquals(Optional.empty(), records.of(2));
        BatchResult kept = good(2, "Hush.");
        records.keep(kept);
        BatchResult read = records.of(2).orElseThrow();
        assertEquals(kept.files(), read.files());
        assertEquals(kept.script(), read.script());
        assertEquals(3, read.picture().orElseThrow().length);
        assertEquals(1, records.count());
        Path file;
        try (var files = Files.list(records.folder())) {
            file = files.findFirst().orElseThrow();
        }
        long before = records.stamp();
        records.keep(BatchResult.begun(row(3), "abc"));
        assertFalse(records.of(3).orElseThrow().over());
        assertNotEquals(before, records.stamp());
        for (String damaged : new String[] {"", "{", "[]", "{\"row\":2}", "{\"inputs\":\"a\",\"state\":\"odd\"}"}) {
            Files.writeString(file, damaged);
            assertEquals(Optional.empty(), records.of(2), damaged);
        }
    }

    /** Table, JSON and page say the same of good, failed and waiting rows. */
    @Test
    void threeFormsOfOneReport() throws Exception {
        BatchReport report = new BatchReport(
                "night & day",
                List.of(
                        new BatchReport.Row(row(2), Optional.of(good(2, "\"Hush\", she said."))),
                        new BatchReport.Row(
                                row(3), Optional.of(BatchResult.failed(row(3), "", "row 3, audio: is <gone>.", 0.1))),
                        new BatchReport.Row(row(4), Optional.empty())));
        report.write(folder);
        List<CSVRecord> rows = CSVParser.parse(
                        Files.readString(folder.resolve("report.csv")),
                        CSVFormat.RFC4180
                                .builder()
                                .setHeader()
                                .setSkipHeaderRecord(true)
                                .get())
                .getRecords();
        assertEquals(
                List.of("good", "failed", "waiting"),
                rows.stream().map(r -> r.get("status")).toList());
        assertEquals("row 3, audio: is <gone>.", rows.get(1).get("problem"));
        JsonNode json =
                new ObjectMapper().readTree(folder.resolve("report.json").toFile());
        assertEquals(1, json.path("good").asInt());
        assertEquals("Hush", json.path("rows").path(0).path("script").asText().substring(1, 5));
        String page = Files.readString(folder.resolve("report.html"));
        assertTrue(page.contains("night &amp; day"));
        assertTrue(page.contains("is &lt;gone&gt;."), "what people wrote stays text");
        assertTrue(page.contains("href=\"ch%201/line2%231.csv\""), "links lead to the files");
        assertFalse(page.contains("{{"), "nothing is left to be filled in");
        assertFalse(page.contains("http://") || page.contains("https://"), "it works offline");
        assertEquals(1, page.split("data:image/png;base64,", -1).length - 1);
    }
}
