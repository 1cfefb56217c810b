package graykite.batch;

import graykite.base.BadInput;
import graykite.format.ScriptFiles;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/**
 * A table of lines that are to be delivered, a row a line (docs/batch.md).
 *
 * @param file where it stands; files that it names are meant from there
 * @param rows in their order
 */
public record BatchTable(Path file, List<BatchRow> rows) {
    /** The columns; only audio is needed. */
    public static final List<String> COLUMNS = List.of(
            "audio",
            "script",
            "text",
            "character",
            "out",
            "language",
            "diction",
            "motion",
            "strength",
            "fps",
            "format",
            "size",
            "view",
            "gain",
            "channel",
            "seed",
            "edits");

    private static final long LARGEST = 512L << 20;
    private static final int MOST = 1_000_000;

    public BatchTable {
        rows = List.copyOf(rows);
    }

    /** Every recording of a folder as a row, for folders without a table. @throws BadInput when it holds none */
    public static BatchTable ofFolder(Path folder) {
        List<BatchRow> rows = new ArrayList<>();
        Map<String, Integer> outs = new HashMap<>();
        for (Path sound : Recordings.of(folder)) {
            rows.add(untaken(
                    new BatchRow(
                            rows.size() + 1, Map.of("audio", sound.getFileName().toString())),
                    outs));
        }
        // As if a table lay in it: files are meant from there.
        return new BatchTable(folder.resolve(folder.toAbsolutePath().normalize().getFileName()), rows);
    }

    /** Of two rows with one name the second is marked. */
    private static BatchRow untaken(BatchRow row, Map<String, Integer> outs) {
        Integer other = row.cell("audio").isPresent()
                ? outs.putIfAbsent(row.out().toLowerCase(Locale.ROOT), row.number())
                : null;
        return other == null ? row : row.taken(other);
    }

    /**
     * Reads a table: UTF-8, UTF-16 with a mark or Latin-1; cells parted by commas, semicolons or tabs.
     *
     * @throws BadInput when it is no table; what is wrong with single rows is said there
     */
    public static BatchTable read(Path file) {
        String text;
        try {
            if (Files.size(file) > LARGEST) {
                throw BadInput.inFile(file, "is larger than 512 MB. Split it.");
            }
            text = ScriptFiles.decode(Files.readAllBytes(file));
        } catch (IOException missing) {
            throw BadInput.inFile(file, "cannot be read. Check that it exists and may be opened.", missing);
        }
        if (text.indexOf(0) >= 0) {
            throw BadInput.inFile(file, "is no table: it holds bytes that no text has.");
        }
        String head = text.lines().findFirst().orElse("");
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setDelimiter(separator(head))
                .setIgnoreSurroundingSpaces(true)
                .setIgnoreEmptyLines(true)
                .get();
        try (CSVParser parser = CSVParser.parse(new StringReader(text), format)) {
            return new BatchTable(file, rows(file, parser));
        } catch (UncheckedIOException | IOException | IllegalStateException broken) {
            throw BadInput.inFile(
                    file, "is no table of comma-separated values: " + firstLine(broken.getMessage()) + ".", broken);
        }
    }

    private static String firstLine(String message) {
        return message == null
                ? "it cannot be parted into cells"
                : message.lines().findFirst().orElse("");
    }

    private static char separator(String head) {
        char best = ',';
        for (char candidate : new char[] {';', '\t'}) {
            if (count(head, candidate) > count(head, best)) {
                best = candidate;
            }
        }
        return best;
    }

    private static long count(String text, char sign) {
        return text.chars().filter(c -> c == sign).count();
    }

    private static List<BatchRow> rows(Path file, CSVParser parser) {
        List<String> columns = new ArrayList<>();
        List<BatchRow> rows = new ArrayList<>();
        Map<String, Integer> outs = new HashMap<>();
        for (CSVRecord record : parser) {
            if (columns.isEmpty()) {
                record.forEach(name -> columns.add(name.strip().toLowerCase(Locale.ROOT)));
                checkColumns(file, columns);
                continue;
            }
            if (rows.size() >= MOST) {
                throw BadInput.inFile(file, "has more than " + MOST + " rows. Split it.");
            }
            int number = (int) record.getRecordNumber();
            Map<String, String> cells = new LinkedHashMap<>();
            for (int c = 0; c < Math.min(columns.size(), record.size()); c++) {
                if (!record.get(c).isBlank()) {
                    cells.put(columns.get(c), record.get(c).strip());
                }
            }
            rows.add(untaken(new BatchRow(number, cells), outs));
        }
        if (columns.isEmpty()) {
            throw BadInput.inFile(file, "is empty. Its first row names the columns; only audio is needed.");
        }
        return rows;
    }

    private static void checkColumns(Path file, List<String> columns) {
        Set<String> seen = new HashSet<>();
        for (String column : columns) {
            if (!COLUMNS.contains(column)) {
                throw BadInput.inFile(
                        file,
                        "row 1 has a column \"" + column + "\". The columns are " + String.join(", ", COLUMNS) + ".");
            }
            if (!seen.add(column)) {
                throw BadInput.inFile(file, "row 1 names the column \"" + column + "\" twice.");
            }
        }
        if (!columns.contains("audio")) {
            throw BadInput.inFile(file, "row 1 has no column \"audio\". Name the columns there; only audio is needed.");
        }
    }

    /** The rows of one of several shards: every so many, so that long and short lines are shared evenly. */
    public List<BatchRow> shard(int index, int count) {
        List<BatchRow> some = new ArrayList<>();
        for (int r = index - 1; r < rows.size(); r += count) {
            some.add(rows.get(r));
        }
        return some;
    }

    /** Folder from which the files of the table are meant. */
    public Path folder() {
        Path parent = file.toAbsolutePath().getParent();
        return parent == null ? Path.of(".") : parent;
    }
}
