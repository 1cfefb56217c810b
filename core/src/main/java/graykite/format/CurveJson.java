package graykite.format;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import graykite.motion.Curve;
import graykite.motion.Key;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** A curve of keys as JSON, and back. */
final class CurveJson {
    private CurveJson() {}

    static Curve read(JsonNode json) {
        List<Key> keys = new ArrayList<>();
        for (JsonNode key : WordsJson.limited(json)) {
            keys.add(new Key(
                    key.path("time").asDouble(),
                    key.path("value").asDouble(),
                    way(key.path("way").asText("SMOOTH")),
                    key.path("in").asDouble(0),
                    key.path("out").asDouble(0)));
        }
        return new Curve(keys);
    }

    private static Key.Way way(String name) {
        for (Key.Way way : Key.Way.values()) {
            if (way.name().equals(name.toUpperCase(Locale.ROOT))) {
                return way;
            }
        }
        throw new IllegalArgumentException("A key is stepped, linear or smooth, not \"" + name + "\".");
    }

    static void write(Curve curve, ArrayNode json) {
        for (Key key : curve.keys()) {
            json.addObject()
                    .put("time", key.time())
                    .put("value", key.value())
                    .put("way", key.way().name())
                    .put("in", key.in())
                    .put("out", key.out());
        }
    }
}
