package graykite.format;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import graykite.picture.Backdrop;
import graykite.picture.Dressing;
import graykite.picture.Lighting;

/** How a stage is lit, and what is behind it, as JSON. */
final class DressingJson {
    private DressingJson() {}

    static void write(Dressing dressing, ObjectNode json) {
        json.put("light", dressing.lighting().mood().word());
        json.put("yaw", dressing.lighting().yaw())
                .put("pitch", dressing.lighting().pitch());
        json.put("background", dressing.backdrop().word());
    }

    /** What is left out is as usual. @throws IllegalArgumentException when it is no dressing */
    static Dressing read(JsonNode json) {
        Lighting usual = Lighting.USUAL;
        Lighting lighting = new Lighting(
                Lighting.Mood.of(json.path("light").asText(usual.mood().word())),
                json.path("yaw").asDouble(usual.yaw()),
                json.path("pitch").asDouble(usual.pitch()));
        return new Dressing(lighting, Backdrop.of(json.path("background").asText(Backdrop.FELT.word())));
    }
}
