package graykite.format;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import graykite.acting.Performed;
import graykite.base.BadInput;
import graykite.motion.Curve;
import graykite.motion.Keyed;
import graykite.motion.Motion;
import graykite.motion.Track;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Performances as JSON, and back: few keys stand there as they are, dense tracks on a shelf under their hash. */
final class MotionJson {
    private MotionJson() {}

    static void write(Performed what, ObjectNode json, Shelf shelf) {
        json.put("name", what.name()).put("from", what.from()).put("to", what.to());
        write(what.motion(), json, shelf);
    }

    static Performed read(JsonNode json, Shelf shelf) {
        Motion motion = motion(json, shelf);
        String name = json.path("name").asText();
        return new Performed(
                name.isBlank() ? "Performance" : name,
                motion,
                json.path("from").asDouble(0),
                json.path("to").asDouble(motion.duration()));
    }

    static void write(Motion motion, ObjectNode json, Shelf shelf) {
        switch (motion) {
            case Track track -> {
                byte[] bytes = TrackStore.bytes(track);
                json.put("track", shelf.keep(bytes, TrackStore.hash(bytes)));
            }
            case Keyed keyed -> {
                json.put("duration", keyed.duration());
                ObjectNode curves = json.putObject("curves");
                for (int c = 0; c < keyed.controls().size(); c++) {
                    CurveJson.write(
                            keyed.curves().get(c),
                            curves.putArray(keyed.controls().get(c)));
                }
            }
        }
    }

    /** A motion: on a shelf under a hash, in a file that a script names, or as keys. */
    static Motion motion(JsonNode json, Shelf shelf) {
        if (json.hasNonNull("track")) {
            String hash = EditFields.hash(json.path("track").asText());
            return TrackStore.read(shelf.content(hash), "The track " + hash.substring(0, 8));
        }
        if (json.hasNonNull("file")) {
            return TrackFiles.read(
                    shelf.file(json.path("file").asText()),
                    Optional.ofNullable(json.path("animation").textValue()));
        }
        if (!json.path("curves").isObject()) {
            throw new BadInput("a performance has a \"track\", a \"file\" or \"curves\".");
        }
        List<String> controls = new ArrayList<>();
        List<Curve> curves = new ArrayList<>();
        json.path("curves").properties().forEach(c -> {
            controls.add(c.getKey());
            curves.add(CurveJson.read(c.getValue()));
        });
        return new Keyed(json.path("duration").asDouble(0), controls, curves);
    }
}
