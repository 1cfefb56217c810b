package graykite.format;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import graykite.project.Reference;
import java.util.Locale;
import java.util.stream.Stream;

/** Film or pictures that a line is acted after, as JSON, and back. */
final class ReferenceJson {
    private ReferenceJson() {}

    static void write(Reference reference, ObjectNode json) {
        json.put("path", reference.path()).put("offset", reference.offset()).put("opacity", reference.opacity());
        json.put("mirrored", reference.mirrored()).put("heard", reference.heard());
        json.put("place", reference.place().name().toLowerCase(Locale.ROOT));
    }

    static Reference read(JsonNode json) {
        String place = json.path("place").asText("beside").toUpperCase(Locale.ROOT);
        return new Reference(
                json.path("path").asText(),
                json.path("offset").asDouble(0),
                json.path("opacity").asDouble(0.5),
                json.path("mirrored").asBoolean(false),
                Stream.of(Reference.Place.values())
                        .filter(p -> p.name().equals(place))
                        .findFirst()
                        .orElseThrow(() -> new IllegalArgumentException(
                                "A reference is beside, behind or over the face, not \"" + place + "\".")),
                json.path("heard").asBoolean(false));
    }
}
