package graykite.format;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import graykite.acting.LookBlock;
import graykite.acting.LookPoint;
import graykite.edit.LookEdit;
import graykite.geometry.Vec;
import java.util.ArrayList;
import java.util.List;

/** Looks as JSON, and back; and how their edits stand in files. */
final class LookJson {
    static final List<EditKind<?>> EDITS = List.of(
            new EditKind<>(
                    "add-look",
                    LookEdit.AddLook.class,
                    (e, f) -> write(f.put("line", e.line()), e.from(), e.to(), e.point(), e.head()),
                    f -> new LookEdit.AddLook(
                            f.text("line"),
                            f.number("from"),
                            f.number("to"),
                            point(f.node("at")),
                            f.number("head", LookBlock.USUAL_HEAD))),
            new EditKind<>(
                    "change-look",
                    LookEdit.ChangeLook.class,
                    (e, f) ->
                            write(f.put("line", e.line()).put("look", e.look()), e.from(), e.to(), e.point(), e.head()),
                    f -> new LookEdit.ChangeLook(
                            f.text("line"),
                            f.whole("look"),
                            f.number("from"),
                            f.number("to"),
                            point(f.node("at")),
                            f.number("head", LookBlock.USUAL_HEAD))),
            new EditKind<>(
                    "remove-look",
                    LookEdit.RemoveLook.class,
                    (e, f) -> f.put("line", e.line()).put("look", e.look()),
                    f -> new LookEdit.RemoveLook(f.text("line"), f.whole("look"))));

    private LookJson() {}

    private static void write(EditFields f, double from, double to, LookPoint point, double head) {
        f.put("from", from).put("to", to).put("head", head);
        write(point, f.object("at"));
    }

    static List<LookBlock> looks(JsonNode json) {
        List<LookBlock> looks = new ArrayList<>();
        for (JsonNode look : WordsJson.limited(json)) {
            looks.add(new LookBlock(
                    WordsJson.place(look.path("from")),
                    WordsJson.place(look.path("to")),
                    point(look.path("at")),
                    look.path("head").asDouble(LookBlock.USUAL_HEAD)));
        }
        return looks;
    }

    static void write(List<LookBlock> looks, ArrayNode json) {
        for (LookBlock look : looks) {
            ObjectNode node = json.addObject();
            WordsJson.write(look.from(), node.putObject("from"));
            WordsJson.write(look.to(), node.putObject("to"));
            write(look.point(), node.putObject("at"));
            node.put("head", look.head());
        }
    }

    /** @throws IllegalArgumentException when it says nothing that can be looked at */
    static LookPoint point(JsonNode json) {
        if (json.hasNonNull("person")) {
            return new LookPoint.Person(json.path("person").asText());
        }
        String name = json.isTextual() ? json.asText() : json.path("name").asText();
        if (json.has("x") || json.has("z")) {
            return new LookPoint.Spot(
                    name,
                    new Vec(
                            json.path("x").asDouble(0),
                            json.path("y").asDouble(0),
                            json.path("z").asDouble(0)));
        }
        if (json.has("yaw") || json.has("pitch")) {
            return new LookPoint.Toward(
                    name, json.path("yaw").asDouble(0), json.path("pitch").asDouble(0));
        }
        return LookPoint.USUAL.stream()
                .filter(p -> p.name().equalsIgnoreCase(name))
                .findFirst()
                .orElseThrow(
                        () -> new IllegalArgumentException("One looks at a person, a place (x, y, z), a direction (yaw,"
                                + " pitch), or at Viewer, Left, Right, Up, Down or Away; not at \"" + name + "\"."));
    }

    static void write(LookPoint point, ObjectNode json) {
        switch (point) {
            case LookPoint.Viewer v -> json.put("name", v.name());
            case LookPoint.Toward t ->
                json.put("name", t.name()).put("yaw", t.yaw()).put("pitch", t.pitch());
            case LookPoint.Person p -> json.put("person", p.member());
            case LookPoint.Spot s ->
                json.put("name", s.name())
                        .put("x", s.place().x())
                        .put("y", s.place().y())
                        .put("z", s.place().z());
        }
    }
}
