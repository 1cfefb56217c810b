package graykite.format;

import static graykite.base.HandFile.MAPPER;
import static graykite.base.HandFile.mistake;
import static graykite.base.HandFile.number;
import static graykite.base.HandFile.parse;
import static graykite.base.HandFile.write;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import graykite.base.BadInput;
import graykite.format.character.RigJson;
import graykite.mouth.MotionStyle;
import graykite.mouth.MouthChart;
import graykite.mouth.MouthShape;
import graykite.mouth.PhoneShape;
import graykite.mouth.PhoneShape.Firmness;
import graykite.mouth.Viseme;
import graykite.rig.Character;
import graykite.rig.Pose;
import graykite.text.Phone;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * Mouth charts (docs/chart.schema.json) as files of their own, meant to be read and
 * edited by hand: a mistake is named with its place.
 */
public final class ChartFiles {
    public static final String CHART = ".kite-chart.json";

    /**
     * A chart with the poses that its shapes had on the character it was made on.
     *
     * @param poses by shape; may be empty
     */
    public record Saved(MouthChart chart, Map<String, Pose> poses) {
        public Saved {
            poses = Collections.unmodifiableMap(new TreeMap<>(poses));
        }

        /** The poses of this file that a character can take, since it has their channels. */
        public Map<String, Pose> usableOn(Character character) {
            Map<String, Pose> usable = new TreeMap<>();
            poses.forEach((shape, pose) -> {
                if (pose.values().keySet().stream().allMatch(character::has)) {
                    usable.put(shape, pose);
                }
            });
            return usable;
        }

        /** A character with the poses of this file in place of its own, where it has their channels. */
        public Character posesOn(Character character) {
            Map<String, Pose> all = new TreeMap<>(character.poses());
            all.putAll(usableOn(character));
            return character.withPoses(all);
        }
    }

    private ChartFiles() {}

    // --- charts ----------------------------------------------------------------------------------------------------

    public static void save(Saved saved, Path file) {
        ObjectNode json = chart(saved.chart());
        ObjectNode whole = MAPPER.createObjectNode();
        whole.put("format", "graykite-chart").put("version", 1);
        whole.setAll(json);
        if (!saved.poses().isEmpty()) {
            RigJson.write(saved.poses(), whole.putObject("poses"));
        }
        write(whole, file);
    }

    /**
     * @throws BadInput when the file is missing, damaged, or says something that no chart can
     */
    public static Saved open(Path file) {
        JsonNode json = parse(file, "graykite-chart", "mouth chart");
        try {
            return new Saved(chart(json), poses(json.path("poses")));
        } catch (IllegalArgumentException mistake) {
            throw BadInput.inFile(file, "holds a mistake: " + mistake.getMessage(), mistake);
        }
    }

    private static Map<String, Pose> poses(JsonNode json) {
        json.properties()
                .forEach(pose -> pose.getValue().properties().forEach(v -> {
                    if (!v.getValue().isNumber()) {
                        throw new IllegalArgumentException(
                                "poses, " + pose.getKey() + ", " + v.getKey() + ": a value is a number.");
                    }
                }));
        return RigJson.poses(json);
    }

    /** A chart as it stands in its own file and inside projects. */
    static ObjectNode chart(MouthChart chart) {
        ObjectNode json = MAPPER.createObjectNode();
        chart.motion().ifPresent(m -> json.put("motion", m.word()));
        ObjectNode shapes = json.putObject("shapes");
        for (MouthShape shape : chart.shapes().values()) {
            shapes.putObject(shape.name()).put("like", shape.kin().title()).put("strength", shape.strength());
        }
        ObjectNode sounds = json.putObject("sounds");
        chart.phones().forEach((phone, shape) -> {
            ObjectNode node = sounds.putObject(phone.name());
            ArrayNode steps = node.putArray("steps");
            for (PhoneShape.Step step : shape.steps()) {
                steps.addObject()
                        .put("shape", step.shape())
                        .put("share", step.share())
                        .put("from", step.from())
                        .put("to", step.to());
            }
            node.put("jaw", shape.firm().jaw())
                    .put("lips", shape.firm().lips())
                    .put("tongue", shape.firm().tongue());
            if (!shape.firm().channels().isEmpty()) {
                ObjectNode channels = node.putObject("channels");
                shape.firm().channels().forEach(channels::put);
            }
            if (shape.closure() != PhoneShape.Closure.NONE) {
                node.put("closure", shape.closure() == PhoneShape.Closure.LIPS ? "lips" : "lip to teeth");
            }
        });
        return json;
    }

    /** @throws IllegalArgumentException with the place and the mistake */
    static MouthChart chart(JsonNode json) {
        Map<String, MouthShape> shapes = new LinkedHashMap<>();
        json.path("shapes").properties().forEach(shape -> {
            String like = shape.getValue().path("like").asText(shape.getKey());
            Viseme kin = Viseme.named(like)
                    .orElseThrow(() -> mistake("shapes, " + shape.getKey() + ", like: \"" + like
                            + "\" is no standard shape; they are " + String.join(", ", titles())));
            shapes.put(
                    shape.getKey(),
                    new MouthShape(
                            shape.getKey(), kin, number(shape.getValue(), "strength", 1, "shapes, " + shape.getKey())));
        });
        Map<Phone, PhoneShape> phones = new EnumMap<>(Phone.class);
        json.path("sounds").properties().forEach(sound -> {
            String place = "sounds, " + sound.getKey();
            Phone phone = Phone.parse(sound.getKey())
                    .orElseThrow(
                            () -> mistake(place + ": is no sound; write them as in the CMU dictionary (AA, B, CH …)"));
            try {
                phones.put(phone, phoneShape(sound.getValue(), place));
            } catch (IllegalArgumentException wrong) {
                throw wrong.getMessage().startsWith(place) ? wrong : mistake(place + ": " + wrong.getMessage());
            }
        });
        Optional<MotionStyle> motion = Optional.empty();
        if (json.hasNonNull("motion")) {
            String word = json.path("motion").asText();
            motion = Optional.of(MotionStyle.parse(word)
                    .orElseThrow(() -> mistake("motion: is flowing, crisp or held, not \"" + word + "\"")));
        }
        return new MouthChart(phones, shapes, motion);
    }

    private static PhoneShape phoneShape(JsonNode json, String place) {
        List<PhoneShape.Step> steps = new ArrayList<>();
        for (JsonNode step : json.path("steps")) {
            if (!step.path("shape").isTextual()) {
                throw mistake(place + ", step " + (steps.size() + 1) + ": names no shape");
            }
            steps.add(new PhoneShape.Step(
                    step.path("shape").asText(),
                    number(step, "share", 1, place),
                    number(step, "from", 0, place),
                    number(step, "to", 1, place)));
        }
        Map<String, Double> channels = new TreeMap<>();
        json.path("channels")
                .properties()
                .forEach(c -> channels.put(c.getKey(), number(json.path("channels"), c.getKey(), 1, place)));
        String closure = json.path("closure").asText("");
        PhoneShape.Closure kind = switch (closure) {
            case "" -> PhoneShape.Closure.NONE;
            case "lips" -> PhoneShape.Closure.LIPS;
            case "lip to teeth" -> PhoneShape.Closure.LIP_TO_TEETH;
            default -> throw mistake(place + ", closure: is lips or lip to teeth, not \"" + closure + "\"");
        };
        return new PhoneShape(
                steps,
                new Firmness(
                        number(json, "jaw", 0.5, place),
                        number(json, "lips", 0.5, place),
                        number(json, "tongue", 0.5, place),
                        channels),
                kind);
    }

    private static List<String> titles() {
        return Arrays.stream(Viseme.values()).map(Viseme::title).toList();
    }
}
