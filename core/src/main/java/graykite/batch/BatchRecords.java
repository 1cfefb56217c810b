package graykite.batch;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import graykite.base.AtomicFiles;
import graykite.batch.BatchResult.Written;
import graykite.delivery.NameTemplate;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What became of rows, a small file each in a hidden folder beside what is delivered. Runs that follow, and shards on other
 * machines, need nothing else of one another.
 */
public final class BatchRecords {
    private static final String FOLDER = ".kite-batch";

    private final ObjectMapper mapper = new ObjectMapper();
    private final Path folder;

    /** @param out folder of the delivery, which may take several tables */
    public BatchRecords(BatchTable table, Path out) {
        this.folder = out.resolve(FOLDER)
                .resolve(NameTemplate.safe(BatchRow.stem(table.file().toString())));
    }

    /** Where they lie. */
    public Path folder() {
        return folder;
    }

    private Path file(int row) {
        return folder.resolve(String.format(Locale.ROOT, "row-%07d.json", row));
    }

    /** Keeps what became of a row. */
    public void keep(BatchResult result) {
        ObjectNode json = json(result);
        result.picture().ifPresent(p -> json.put("picture", p));
        AtomicFiles.write(file(result.row()), out -> out.write(mapper.writeValueAsBytes(json)));
    }

    /** What became of a row in an earlier run; nothing where that is not known, or damaged. */
    public Optional<BatchResult> of(int row) {
        Path file = file(row);
        if (!Files.exists(file)) {
            return Optional.empty();
        }
        try {
            return Optional.of(result(mapper.readTree(Files.readAllBytes(file))));
        } catch (IOException | IllegalArgumentException damaged) {
            // A damaged record only means that the row is done again.
            System.getLogger(BatchRecords.class.getName())
                    .log(System.Logger.Level.WARNING, "Damaged record of row " + row, damaged);
            return Optional.empty();
        }
    }

    /** How many rows are over or begun. */
    public long count() {
        return eachRecord().count();
    }

    /** Another figure whenever anything was kept. */
    long stamp() {
        return eachRecord()
                .mapToLong(f -> 31L * f.getFileName().hashCode() + f.toFile().lastModified())
                .sum();
    }

    private Stream<Path> eachRecord() {
        if (!Files.isDirectory(folder)) {
            return Stream.empty();
        }
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(f -> f.getFileName().toString().startsWith("row-")).toList().stream();
        } catch (IOException vanished) {
            return Stream.empty();
        }
    }

    /** What a report says of a row. */
    static ObjectNode json(BatchResult r) {
        ObjectNode json = new ObjectNode(JsonNodeFactory.instance);
        json.put("row", r.row())
                .put("out", r.out())
                .put("state", r.state().name().toLowerCase(Locale.ROOT))
                .put("problem", r.problem());
        json.put("character", r.character()).put("script", r.script()).put("seconds", r.seconds());
        json.put("words", r.words())
                .put("doubts", r.doubts())
                .put("faults", r.faults())
                .put("notes", r.notes());
        json.put("firstNote", r.firstNote()).put("took", r.took()).put("inputs", r.inputs());
        ArrayNode files = json.putArray("files");
        r.files().forEach(f -> files.addObject().put("path", f.path()).put("bytes", f.bytes()));
        return json;
    }

    private static BatchResult result(JsonNode json) throws IOException {
        if (!json.isObject() || !json.has("inputs")) {
            throw new IOException("no record");
        }
        List<Written> files = new ArrayList<>();
        json.path("files")
                .forEach(f -> files.add(
                        new Written(f.path("path").asText(), f.path("bytes").asLong())));
        return new BatchResult(
                json.path("row").asInt(),
                json.path("out").asText(),
                json.path("inputs").asText(),
                BatchResult.State.valueOf(json.path("state").asText().toUpperCase(Locale.ROOT)),
                json.path("problem").asText(),
                json.path("character").asText(),
                json.path("script").asText(),
                json.path("seconds").asDouble(),
                json.path("words").asInt(),
                json.path("doubts").asInt(),
                json.path("faults").asInt(),
                json.path("notes").asInt(),
                json.path("firstNote").asText(),
                files,
                json.path("took").asDouble(),
                json.has("picture") ? Optional.of(json.path("picture").binaryValue()) : Optional.empty());
    }
}
