package graykite.batch;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import graykite.base.AtomicFiles;
import graykite.batch.BatchResult.Written;
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

    /** @param out folder of the delivery */
    public BatchRecords(Path out) {
        this.folder = out.resolve(FOLDER);
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

    /** How many rows have a record. */
    public long count() {
        if (!Files.isDirectory(folder)) {
            return 0;
        }
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(f -> f.getFileName().toString().startsWith("row-"))
                    .count();
        } catch (IOException vanished) {
            return 0;
        }
    }

    /** What a report says of a row. */
    ObjectNode json(BatchResult r) {
        ObjectNode json = mapper.createObjectNode();
        json.put("row", r.row()).put("out", r.out()).put("good", r.good()).put("problem", r.problem());
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
                json.path("good").asBoolean(),
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
