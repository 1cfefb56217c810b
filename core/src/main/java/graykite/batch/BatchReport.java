package graykite.batch;

import com.fasterxml.jackson.core.util.DefaultPrettyPrinter;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import graykite.base.AtomicFiles;
import java.io.IOException;
import java.io.OutputStreamWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/**
 * What became of a whole table, whoever did its rows.
 *
 * @param title of the table
 * @param rows in the order of the table; without a result where nobody has done them yet
 */
public record BatchReport(String title, List<Row> rows) {
    /** A row with what became of it. */
    public record Row(BatchRow row, Optional<BatchResult> result) {}

    public BatchReport {
        rows = List.copyOf(rows);
    }

    /** Gathers what is known of a table. */
    public static BatchReport of(BatchTable table, BatchRecords records) {
        return new BatchReport(
                BatchRow.stem(table.file().toString()),
                table.rows().stream()
                        .map(r -> new Row(
                                r,
                                records.of(r.number())
                                        .filter(known ->
                                                known.over() && known.out().equals(r.out()))))
                        .toList());
    }

    public long good() {
        return rows.stream()
                .filter(r -> r.result.map(BatchResult::good).orElse(false))
                .count();
    }

    public long failed() {
        return rows.stream()
                .filter(r -> r.result.map(x -> !x.good()).orElse(false))
                .count();
    }

    public long waiting() {
        return rows.stream().filter(r -> r.result.isEmpty()).count();
    }

    /** Writes report.csv, report.json and report.html into a folder. */
    public void write(Path folder) {
        AtomicFiles.write(folder.resolve("report.csv"), out -> {
            CSVPrinter printer = new CSVPrinter(new OutputStreamWriter(out, StandardCharsets.UTF_8), CSVFormat.RFC4180);
            csv(printer);
            printer.flush();
        });
        AtomicFiles.write(folder.resolve("report.json"), out -> {
            ObjectMapper mapper = new ObjectMapper();
            mapper.writer(new DefaultPrettyPrinter()).writeValue(out, json(mapper));
        });
        AtomicFiles.write(
                folder.resolve("report.html"),
                out -> out.write(BatchPage.of(this).getBytes(StandardCharsets.UTF_8)));
    }

    /** Writes it again until it says all that is known: other shards may end meanwhile. */
    public static BatchReport writeNewest(BatchTable table, BatchRecords records, Path folder) {
        while (true) {
            long known = records.stamp();
            BatchReport report = of(table, records);
            report.write(folder);
            if (records.stamp() == known) {
                return report;
            }
        }
    }

    private void csv(CSVPrinter printer) throws IOException {
        printer.printRecord(
                "row",
                "out",
                "status",
                "character",
                "seconds",
                "words",
                "doubts",
                "faults",
                "notes",
                "first_note",
                "files",
                "took",
                "problem");
        for (Row row : rows) {
            if (row.result.isEmpty()) {
                printer.printRecord(row.row.number(), row.row.out(), "waiting", "", "", "", "", "", "", "", "", "", "");
                continue;
            }
            BatchResult r = row.result.get();
            printer.printRecord(
                    r.row(),
                    r.out(),
                    r.good() ? "good" : "failed",
                    r.character(),
                    decimal(r.seconds()),
                    r.words(),
                    r.doubts(),
                    r.faults(),
                    r.notes(),
                    r.firstNote(),
                    r.files().stream().map(BatchResult.Written::path).collect(Collectors.joining(" ")),
                    decimal(r.took()),
                    r.problem());
        }
    }

    private ObjectNode json(ObjectMapper mapper) {
        ObjectNode json = mapper.createObjectNode();
        json.put("format", "graykite-batch-report").put("version", 1).put("table", title);
        json.put("good", good()).put("failed", failed()).put("waiting", waiting());
        ArrayNode list = json.putArray("rows");
        for (Row row : rows) {
            list.add(row.result
                    .map(BatchRecords::json)
                    .orElseGet(() -> mapper.createObjectNode()
                            .put("row", row.row.number())
                            .put("out", row.row.out())
                            .put("waiting", true)));
        }
        return json;
    }

    /** Rows that failed, for messages. */
    public List<BatchResult> failures() {
        List<BatchResult> failures = new ArrayList<>();
        rows.forEach(r -> r.result.filter(x -> !x.good()).ifPresent(failures::add));
        return failures;
    }

    static String decimal(double value) {
        return String.format(Locale.ROOT, "%.2f", value);
    }
}
