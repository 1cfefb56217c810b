package graykite.base;

import com.fasterxml.jackson.core.JsonFactory;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.StreamReadConstraints;
import com.fasterxml.jackson.core.StreamReadFeature;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;

/** Small JSON files that people may edit by hand: a mistake is named with its place, sizes and depths are bounded. */
public final class HandFile {
    public static final ObjectMapper MAPPER = new ObjectMapper(JsonFactory.builder()
            .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
            .streamReadConstraints(
                    StreamReadConstraints.builder().maxNestingDepth(12).build())
            .build());
    private static final int LARGEST = 4 << 20;

    private HandFile() {}

    /**
     * @param format how the file names itself
     * @param what it is, for people
     */
    public static JsonNode parse(Path file, String format, String what) {
        try {
            if (Files.size(file) > LARGEST) {
                throw BadInput.inFile(file, "is too large for a " + what + ": more than 4 MB.");
            }
            JsonNode json = MAPPER.readTree(Files.readAllBytes(file));
            if (json == null
                    || !json.isObject()
                    || !json.path("format").asText("").equals(format)) {
                throw BadInput.inFile(
                        file, "is not a " + what + ": it should begin with \"format\": \"" + format + "\".");
            }
            if (json.path("version").asInt(0) != 1) {
                throw BadInput.inFile(
                        file, "was saved by another Gray Kite (version " + json.path("version") + ", not 1).");
            }
            return json;
        } catch (JsonProcessingException broken) {
            int line = broken.getLocation() == null ? 1 : broken.getLocation().getLineNr();
            throw BadInput.inFile(
                    file, "is not valid JSON in line " + line + ": " + broken.getOriginalMessage() + ".", broken);
        } catch (IOException missing) {
            throw BadInput.inFile(file, "cannot be read. Check that it exists and may be opened.", missing);
        }
    }

    /** A number, or the usual one where there is none. @throws IllegalArgumentException when it is something else */
    public static double number(JsonNode json, String name, double usual, String place) {
        if (!json.has(name)) {
            return usual;
        }
        if (!json.path(name).isNumber()) {
            throw mistake(place + ", " + name + ": is a number, not " + json.path(name));
        }
        return json.path(name).asDouble();
    }

    public static IllegalArgumentException mistake(String text) {
        return new IllegalArgumentException(text + ".");
    }

    public static void write(ObjectNode json, Path file) {
        AtomicFiles.write(
                file, out -> out.write(MAPPER.writerWithDefaultPrettyPrinter().writeValueAsBytes(json)));
    }
}
