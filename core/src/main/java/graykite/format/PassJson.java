package graykite.format;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import graykite.acting.Pass;
import graykite.acting.PassesPlan;
import graykite.edit.PassEdit;
import graykite.layer.LayerSetting;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** Live passes and captures as JSON, and back; and the edits of them. */
final class PassJson {
    static final List<EditKind<?>> EDITS = List.of(
            new EditKind<>(
                    "add-pass",
                    PassEdit.AddPass.class,
                    (e, f) -> write(
                            e.look(),
                            f.put("line", e.line())
                                    .put("layer", e.layer())
                                    .put("from", e.from())
                                    .put("to", e.to())
                                    .json(),
                            f.shelf()),
                    f -> {
                        PassEdit.Look look = look(f.json(), f.shelf());
                        double from = f.number("from");
                        return new PassEdit.AddPass(
                                f.text("line"),
                                f.text("layer", ""),
                                from,
                                f.number("to", from + look.what().length()),
                                look);
                    }),
            new EditKind<>(
                    "change-pass",
                    PassEdit.ChangePass.class,
                    (e, f) -> write(
                            e.look(),
                            f.put("line", e.line())
                                    .put("layer", e.layer())
                                    .put("pass", e.pass())
                                    .put("from", e.from())
                                    .put("to", e.to())
                                    .json(),
                            f.shelf()),
                    f -> new PassEdit.ChangePass(
                            f.text("line"),
                            f.text("layer", ""),
                            f.whole("pass"),
                            f.number("from"),
                            f.number("to"),
                            look(f.json(), f.shelf()))),
            new EditKind<>(
                    "set-curve",
                    PassEdit.SetCurve.class,
                    (e, f) -> CurveJson.write(
                            e.curve(),
                            f.put("line", e.line())
                                    .put("layer", e.layer())
                                    .put("pass", e.pass())
                                    .put("control", e.control())
                                    .json()
                                    .putArray("keys")),
                    f -> new PassEdit.SetCurve(
                            f.text("line"),
                            f.text("layer", ""),
                            f.whole("pass"),
                            f.text("control"),
                            CurveJson.read(f.node("keys")))),
            new EditKind<>(
                    "remove-pass",
                    PassEdit.RemovePass.class,
                    (e, f) -> f.put("line", e.line()).put("layer", e.layer()).put("pass", e.pass()),
                    f -> new PassEdit.RemovePass(f.text("line"), f.text("layer", ""), f.whole("pass"))));

    private PassJson() {}

    static void write(PassesPlan plan, ObjectNode json, Shelf shelf) {
        ArrayNode passes = json.putArray("passes");
        for (Pass pass : plan.passes()) {
            ObjectNode node = passes.addObject();
            WordsJson.write(pass.from(), node.putObject("from"));
            WordsJson.write(pass.to(), node.putObject("to"));
            write(PassEdit.Look.of(pass), node, shelf);
        }
    }

    static PassesPlan read(LayerSetting setting, JsonNode json, Shelf shelf) {
        List<Pass> passes = new ArrayList<>();
        for (JsonNode pass : WordsJson.limited(json.path("passes"))) {
            passes.add(look(pass, shelf).at(WordsJson.place(pass.path("from")), WordsJson.place(pass.path("to"))));
        }
        return new PassesPlan(setting, passes);
    }

    private static void write(PassEdit.Look look, ObjectNode json, Shelf shelf) {
        MotionJson.write(look.what(), json.putObject("performance"), shelf);
        json.put("adds", look.adds()).put("ease", look.ease()).put("mouth", look.mouth());
        if (!look.weights().isEmpty()) {
            ObjectNode weights = json.putObject("weights");
            new TreeMap<>(look.weights()).forEach(weights::put);
        }
    }

    private static PassEdit.Look look(JsonNode json, Shelf shelf) {
        Map<String, Double> weights = new HashMap<>();
        json.path("weights")
                .properties()
                .forEach(w -> weights.put(w.getKey(), w.getValue().asDouble(1)));
        return new PassEdit.Look(
                MotionJson.read(json.path("performance"), shelf),
                json.path("adds").asBoolean(false),
                json.path("ease").asDouble(Pass.USUAL_EASE),
                json.path("mouth").asDouble(1),
                weights);
    }
}
