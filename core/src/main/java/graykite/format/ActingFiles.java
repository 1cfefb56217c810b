package graykite.format;

import com.fasterxml.jackson.core.JsonFactory;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.StreamReadConstraints;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import graykite.acting.CuesPlan;
import graykite.acting.InstinctsPlan;
import graykite.acting.LooksPlan;
import graykite.base.BadInput;
import graykite.layer.LayerSetting;
import graykite.layer.LayerSetting.Blend;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.function.BiFunction;

/**
 * Acting for the command line, in files of their own, as docs/acting.schema.json describes them: an object with "cues", with
 * "looks", or with what the instincts have.
 */
public final class ActingFiles {
    private static final long LARGEST = 16L << 20;

    private ActingFiles() {}

    /** @throws BadInput in one line that names the file */
    public static CuesPlan cues(Path file) {
        return read(file, "cues", "Cues", (setting, json) -> CueJson.read(setting, json, Shelf.none()));
    }

    /** @throws BadInput in one line that names the file */
    public static LooksPlan looks(Path file) {
        return read(
                file, "looks", "Look", (setting, json) -> new LooksPlan(setting, LookJson.looks(json.path("looks"))));
    }

    /** @throws BadInput in one line that names the file */
    public static InstinctsPlan instincts(Path file) {
        return read(file, "", "Instincts", InstinctsJson::read);
    }

    private static <T> T read(Path file, String needed, String layer, BiFunction<LayerSetting, JsonNode, T> make) {
        try {
            if (Files.size(file) > LARGEST) {
                throw BadInput.inFile(file, "is larger than 16 MB; that is no acting.");
            }
            JsonNode json = new ObjectMapper(JsonFactory.builder()
                            .streamReadConstraints(StreamReadConstraints.builder()
                                    .maxNestingDepth(40)
                                    .build())
                            .build())
                    .readTree(Files.readAllBytes(file));
            if (json == null
                    || !json.isObject()
                    || !needed.isEmpty() && !json.path(needed).isArray()) {
                throw BadInput.inFile(
                        file,
                        needed.isEmpty() ? "is no JSON object." : "has no list \"" + needed + "\" in a JSON object.");
            }
            return make.apply(LayerSetting.of(layer, Blend.ADD), json);
        } catch (JsonProcessingException broken) {
            int line = broken.getLocation() == null ? 1 : broken.getLocation().getLineNr();
            throw BadInput.inFile(file, "line " + line + ": is no valid JSON.", broken);
        } catch (IOException missing) {
            throw BadInput.inFile(file, "cannot be read. Check that it exists and may be opened.", missing);
        } catch (IllegalArgumentException outOfRange) {
            throw BadInput.inFile(file, outOfRange.getMessage(), outOfRange);
        }
    }
}
