package graykite.format.character;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import graykite.rig.Coupling;
import graykite.rig.Pose;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** Poses and couplings as JSON, and back; the same in projects and in the extras of glTF files. */
public final class RigJson {
    private RigJson() {}

    public static void write(Map<String, Pose> poses, ObjectNode json) {
        poses.forEach((name, pose) -> {
            ObjectNode values = json.putObject(name);
            pose.values().forEach(values::put);
        });
    }

    public static void write(List<Coupling> couplings, ArrayNode json) {
        for (Coupling coupling : couplings) {
            ObjectNode rule = json.addObject()
                    .put("driver", coupling.driver())
                    .put("driven", coupling.driven())
                    .put("rule", coupling.rule().name());
            ArrayNode curve = rule.putArray("curve");
            coupling.curve().forEach(p -> curve.addArray().add(p.at()).add(p.figure()));
        }
    }

    public static Map<String, Pose> poses(JsonNode json) {
        Map<String, Pose> poses = new TreeMap<>();
        json.properties().forEach(pose -> poses.put(pose.getKey(), pose(pose.getValue())));
        return poses;
    }

    /** One pose: values by channel or role. */
    public static Pose pose(JsonNode json) {
        Map<String, Double> values = new TreeMap<>();
        json.properties().forEach(v -> values.put(v.getKey(), v.getValue().asDouble()));
        return new Pose(values);
    }

    /** @throws IllegalArgumentException when a rule is not a coupling */
    public static List<Coupling> couplings(JsonNode json) {
        List<Coupling> couplings = new ArrayList<>();
        for (JsonNode rule : json) {
            List<Coupling.Point> curve = new ArrayList<>();
            rule.path("curve")
                    .forEach(p -> curve.add(
                            new Coupling.Point(p.path(0).asDouble(), p.path(1).asDouble())));
            couplings.add(new Coupling(
                    rule.path("driver").asText(),
                    rule.path("driven").asText(),
                    Coupling.Rule.valueOf(rule.path("rule").asText()),
                    curve));
        }
        return couplings;
    }
}
