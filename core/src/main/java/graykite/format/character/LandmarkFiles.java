package graykite.format.character;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import graykite.base.AtomicFiles;
import graykite.base.BadInput;
import graykite.geometry.Vec;
import graykite.rig.Landmarks;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Map;

/** Landmarks as JSON: a name and its two or three figures; pixels on a picture, millimetres on a head. */
public final class LandmarkFiles {
    private LandmarkFiles() {}

    public static void write(Map<String, Vec> marks, Path file) {
        ObjectMapper mapper = new ObjectMapper();
        ObjectNode json = mapper.createObjectNode();
        marks.forEach((name, p) -> {
            ArrayNode at = json.putArray(name);
            at.add(p.x()).add(p.y()).add(p.z());
        });
        AtomicFiles.write(
                file, out -> out.write(mapper.writerWithDefaultPrettyPrinter().writeValueAsBytes(json)));
    }

    /** @throws BadInput when it is no list of landmarks */
    public static Map<String, Vec> read(Path file) {
        JsonNode json;
        try {
            if (Files.size(file) > 1 << 20) {
                throw BadInput.inFile(file, "is too large for a list of landmarks.");
            }
            json = new ObjectMapper().readTree(Files.readAllBytes(file));
        } catch (JsonProcessingException broken) {
            throw BadInput.inFile(
                    file,
                    "line "
                            + (broken.getLocation() == null
                                    ? 1
                                    : broken.getLocation().getLineNr()) + " is not valid JSON.",
                    broken);
        } catch (IOException missing) {
            throw BadInput.inFile(file, "cannot be read. Check that it exists and may be opened.", missing);
        }
        if (json == null || !json.isObject()) {
            throw BadInput.inFile(file, "holds no landmarks. Write \"chin\": [x, y] for each.");
        }
        Map<String, Vec> marks = new LinkedHashMap<>();
        json.properties().forEach(mark -> {
            if (!Landmarks.NAMES.contains(mark.getKey())) {
                throw BadInput.inFile(file, "there is no landmark \"" + mark.getKey() + "\".");
            }
            double x = mark.getValue().path(0).asDouble(Double.NaN);
            double y = mark.getValue().path(1).asDouble(Double.NaN);
            double z = mark.getValue().path(2).asDouble(0);
            if (!Double.isFinite(x) || !Double.isFinite(y) || !Double.isFinite(z)) {
                throw BadInput.inFile(file, "the landmark \"" + mark.getKey() + "\" has no place; write [x, y].");
            }
            marks.put(mark.getKey(), new Vec(x, y, z));
        });
        return marks;
    }
}
