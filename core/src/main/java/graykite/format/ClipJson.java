package graykite.format;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import graykite.acting.Clip;
import graykite.acting.Performed;
import graykite.format.character.RigJson;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** Clips as JSON, and back. */
final class ClipJson {
    private ClipJson() {}

    static List<Clip> clips(JsonNode json, Shelf shelf) {
        List<Clip> clips = new ArrayList<>();
        for (JsonNode clip : WordsJson.limited(json)) {
            clips.add(
                    new Clip(WordsJson.place(clip.path("from")), WordsJson.place(clip.path("to")), look(clip, shelf)));
        }
        return clips;
    }

    static void write(List<Clip> clips, ArrayNode json, Shelf shelf) {
        for (Clip clip : clips) {
            ObjectNode node = json.addObject();
            WordsJson.write(clip.from(), node.putObject("from"));
            WordsJson.write(clip.to(), node.putObject("to"));
            write(clip.look(), node, shelf);
        }
    }

    /** What is seen of a clip, as fields of an object that may have others. */
    static Clip.Look look(JsonNode json, Shelf shelf) {
        String name = json.path("pose").asText();
        double amount = json.path("amount").asDouble(1);
        Clip.Content content = json.has("performance")
                ? MotionJson.read(json.path("performance"), shelf).named(name)
                : json.has("values") ? new Clip.Own(name, RigJson.pose(json.path("values"))) : new Clip.Linked(name);
        return new Clip.Look(
                content,
                json.path("easeIn").asDouble(Clip.USUAL_EASE),
                json.path("easeOut").asDouble(Clip.USUAL_EASE),
                json.path("left").asDouble(amount),
                json.path("right").asDouble(amount),
                json.path("mouth").asDouble(Clip.USUAL_MOUTH));
    }

    static void write(Clip.Look look, ObjectNode json, Shelf shelf) {
        json.put("pose", look.content().name());
        switch (look.content()) {
            case Clip.Linked linked -> {}
            case Clip.Own own -> RigJson.write(Map.of("values", own.pose()), json);
            case Performed performed -> MotionJson.write(performed, json.putObject("performance"), shelf);
        }
        json.put("easeIn", look.easeIn()).put("easeOut", look.easeOut());
        json.put("left", look.left()).put("right", look.right()).put("mouth", look.mouth());
    }
}
