package graykite.format.character;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import graykite.figures.Placement;
import graykite.geometry.Vec;
import graykite.rig.Channel;
import graykite.rig.Character;
import graykite.rig.Corrective;
import graykite.rig.Joint;
import graykite.rig.LipLine;
import graykite.rig.Part;
import graykite.rig.Showing;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;

/**
 * What glTF has no place for (channels, what turns joints, poses, couplings, lips), written into the file's extras, where
 * other programs pass it over and Gray Kite finds it again.
 */
public final class KiteExtras {
    private static final String KEY = "grayKite";

    private KiteExtras() {}

    static boolean in(JsonNode document) {
        return document.path("extras").path(KEY).hasNonNull("channels");
    }

    /** Writes a character's decisions into the extras of a document. */
    public static void write(Character character, ObjectNode extras) {
        ObjectNode kite = extras.putObject(KEY);
        kite.put("name", character.name());
        kite.put("kind", character.kind().name());
        ArrayNode channels = kite.putArray("channels");
        for (Channel channel : character.channels()) {
            channels.addObject()
                    .put("name", channel.name())
                    .put("group", channel.group().name())
                    .put("min", channel.min())
                    .put("max", channel.max())
                    .put("describes", channel.describes());
        }
        ArrayNode joints = kite.putArray("joints");
        for (Joint joint : character.joints()) {
            ObjectNode json = joints.addObject().put("name", joint.name());
            ArrayNode turns = json.putArray("turns");
            joint.turns()
                    .forEach(t -> turns.addArray()
                            .add(t.channel())
                            .add(t.axis().name())
                            .add(t.degrees()));
            ArrayNode slides = json.putArray("slides");
            joint.slides()
                    .forEach(s -> slides.addArray()
                            .add(s.channel())
                            .add(s.axis().name())
                            .add(s.millimetres()));
        }
        RigJson.write(character.poses(), kite.putObject("poses"));
        RigJson.write(character.roles(), kite.putObject("roles"));
        RigJson.write(character.couplings(), kite.putArray("couplings"));
        character.lips().ifPresent(lips -> {
            ObjectNode json = kite.putObject("lips");
            json.put("part", character.parts().get(lips.part()).name());
            ints(lips.upper(), json.putArray("upper"));
            ints(lips.lower(), json.putArray("lower"));
        });
        ObjectNode landmarks = kite.putObject("landmarks");
        character
                .landmarks()
                .forEach((name, p) ->
                        landmarks.putArray(name).add(p.x()).add(p.y()).add(p.z()));
        ObjectNode showing = kite.putObject("showing");
        for (Part part : character.parts()) {
            part.looks()
                    .showing()
                    .ifPresent(
                            s -> showing.putArray(part.name()).add(s.channel()).add(s.number()));
        }
    }

    private static void ints(int[] values, ArrayNode json) {
        for (int value : values) {
            json.add(value);
        }
    }

    /** Puts the character together again. */
    static Character read(GltfFile file, GltfScene scene, GltfFigure figure) {
        JsonNode kite = file.json().path("extras").path(KEY);
        try {
            List<Channel> channels = new ArrayList<>();
            for (JsonNode c : kite.path("channels")) {
                channels.add(new Channel(
                        c.path("name").asText(),
                        Channel.Group.valueOf(c.path("group").asText()),
                        c.path("min").asDouble(),
                        c.path("max").asDouble(),
                        c.path("describes").asText()));
            }
            Set<String> names = new HashSet<>();
            channels.forEach(c -> names.add(c.name()));
            List<Corrective> correctives = new ArrayList<>();
            for (String target : figure.targetNames()) {
                String[] factors = target.split("\\*", 2);
                if (factors.length == 2 && names.contains(factors[0]) && names.contains(factors[1])) {
                    correctives.add(new Corrective(target, factors[0], factors[1]));
                }
            }
            return new Character(
                    kite.path("name").asText("figure"),
                    Character.Kind.valueOf(kite.path("kind").asText("MODELLED")),
                    channels,
                    joints(kite, scene),
                    parts(kite, figure),
                    correctives,
                    lips(kite, figure),
                    RigJson.poses(kite.path("poses")),
                    RigJson.poses(kite.path("roles")),
                    RigJson.couplings(kite.path("couplings")),
                    landmarks(kite));
        } catch (IllegalArgumentException broken) {
            throw file.fault("what Gray Kite wrote into it is damaged: " + broken.getMessage());
        }
    }

    private static List<Part> parts(JsonNode kite, GltfFigure figure) {
        List<Part> parts = new ArrayList<>();
        for (Part raw : figure.parts()) {
            Part part = Placement.METRES.placed(raw);
            JsonNode showing = kite.path("showing").path(part.name());
            parts.add(
                    showing.isArray()
                            ? new Part(
                                    part.name(),
                                    part.material(),
                                    part.joint(),
                                    part.positions(),
                                    part.colours(),
                                    part.triangles(),
                                    part.targets(),
                                    part.looks()
                                            .seenWhen(new Showing(
                                                    showing.path(0).asText(),
                                                    showing.path(1).asInt())))
                            : part);
        }
        return parts;
    }

    private static List<Joint> joints(JsonNode kite, GltfScene scene) {
        Map<String, JsonNode> written = new LinkedHashMap<>();
        kite.path("joints").forEach(j -> written.put(j.path("name").asText(), j));
        List<Joint> joints = new ArrayList<>();
        for (Joint plain : scene.joints(Placement.METRES)) {
            List<Joint.Turn> turns = new ArrayList<>();
            List<Joint.Slide> slides = new ArrayList<>();
            JsonNode json = written.get(plain.name());
            if (json != null) {
                json.path("turns")
                        .forEach(t -> turns.add(new Joint.Turn(
                                t.path(0).asText(),
                                Joint.Axis.valueOf(t.path(1).asText()),
                                t.path(2).asDouble())));
                json.path("slides")
                        .forEach(s -> slides.add(new Joint.Slide(
                                s.path(0).asText(),
                                Joint.Axis.valueOf(s.path(1).asText()),
                                s.path(2).asDouble())));
            }
            joints.add(new Joint(plain.name(), plain.parent(), plain.pivot(), turns, slides));
        }
        return joints;
    }

    private static Optional<LipLine> lips(JsonNode kite, GltfFigure figure) {
        JsonNode json = kite.path("lips");
        for (int p = 0; p < figure.parts().size(); p++) {
            if (figure.parts().get(p).name().equals(json.path("part").asText())) {
                return Optional.of(new LipLine(p, ints(json.path("upper")), ints(json.path("lower"))));
            }
        }
        return Optional.empty();
    }

    private static int[] ints(JsonNode json) {
        int[] values = new int[json.size()];
        for (int i = 0; i < values.length; i++) {
            values[i] = json.path(i).asInt(-1);
        }
        return values;
    }

    private static Map<String, Vec> landmarks(JsonNode kite) {
        Map<String, Vec> landmarks = new TreeMap<>();
        kite.path("landmarks")
                .properties()
                .forEach(l -> landmarks.put(
                        l.getKey(),
                        new Vec(
                                l.getValue().path(0).asDouble(),
                                l.getValue().path(1).asDouble(),
                                l.getValue().path(2).asDouble())));
        return landmarks;
    }
}
