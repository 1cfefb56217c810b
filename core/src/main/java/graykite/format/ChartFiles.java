package graykite.format;

import com.fasterxml.jackson.core.JsonFactory;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.StreamReadConstraints;
import com.fasterxml.jackson.core.StreamReadFeature;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import graykite.base.AtomicFiles;
import graykite.base.BadInput;
import graykite.format.character.RigJson;
import graykite.mouth.Diction;
import graykite.mouth.MotionStyle;
import graykite.mouth.MouthChart;
import graykite.mouth.MouthShape;
import graykite.mouth.PhoneShape;
import graykite.mouth.PhoneShape.Firmness;
import graykite.mouth.Viseme;
import graykite.rig.Character;
import graykite.rig.Pose;
import graykite.text.Phone;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
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
 * Mouth charts (docs/chart.schema.json) and dictions (docs/diction.schema.json) as files of their own, meant to be read and
 * edited by hand: a mistake is named with its place.
 */
public final class ChartFiles {
    public static final String CHART = ".kite-chart.json";
    public static final String DICTION = ".kite-diction.json";

    private static final ObjectMapper MAPPER = new ObjectMapper(JsonFactory.builder()
            .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
            .streamReadConstraints(
                    StreamReadConstraints.builder().maxNestingDepth(12).build())
            .build());
    private static final int LARGEST = 4 << 20;

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
        json.properties().forEach(pose -> pose.getValue().properties().forEach(v -> {
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
        PhoneShape.Closure kind =
                switch (closure) {
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

    // --- dictions --------------------------------------------------------------------------------------------------

    public static void save(Diction diction, Path file) {
        ObjectNode json = MAPPER.createObjectNode();
        json.put("format", "graykite-diction").put("version", 1);
        MouthJson.write(diction, json);
        write(json, file);
    }

    /** @throws BadInput when the file is missing, damaged, or out of range */
    public static Diction openDiction(Path file) {
        JsonNode json = parse(file, "graykite-diction", "diction");
        try {
            return checkedDiction(json);
        } catch (IllegalArgumentException mistake) {
            throw BadInput.inFile(file, "holds a mistake: " + mistake.getMessage(), mistake);
        }
    }

    private static Diction checkedDiction(JsonNode json) {
        for (String name : List.of("strength", "open", "wide", "firm", "round", "smooth")) {
            number(json, name, 1, "diction");
        }
        json.path("shapes").properties().forEach(s -> number(json.path("shapes"), s.getKey(), 1, "shapes"));
        return MouthJson.diction(json);
    }

    /** The dictions that ship with Gray Kite, in the order of lists. */
    public static Map<String, Diction> shippedDictions() {
        Map<String, Diction> all = new LinkedHashMap<>();
        for (String name :
                List.of("plain", "murmured", "whispered", "projected", "shouted", "clipped", "drawled", "smiling")) {
            try (InputStream in = ChartFiles.class.getResourceAsStream("/graykite/dictions/" + name + DICTION)) {
                all.put(name, checkedDiction(MAPPER.readTree(in)));
            } catch (IOException impossible) {
                throw new IllegalStateException(impossible);
            }
        }
        return Collections.unmodifiableMap(all);
    }

    // --- reading and writing ---------------------------------------------------------------------------------------

    private static JsonNode parse(Path file, String format, String what) {
        try {
            if (Files.size(file) > LARGEST) {
                throw BadInput.inFile(file, "is too large for a " + what + ": more than 4 MB.");
            }
            JsonNode json = MAPPER.readTree(Files.readAllBytes(file));
            if (json == null
                    || !json.isObject()
                    || !json.path("format").asText("").equals(format)) {
                throw BadInput.inFile(
                        file, "is not a " + what + ": it should begin with \"format\": \"" + format + "\".");
            }
            if (json.path("version").asInt(0) != 1) {
                throw BadInput.inFile(
                        file, "was saved by another Gray Kite (version " + json.path("version") + ", not 1).");
            }
            return json;
        } catch (JsonProcessingException broken) {
            int line = broken.getLocation() == null ? 1 : broken.getLocation().getLineNr();
            throw BadInput.inFile(
                    file, "is not valid JSON in line " + line + ": " + broken.getOriginalMessage() + ".", broken);
        } catch (IOException missing) {
            throw BadInput.inFile(file, "cannot be read. Check that it exists and may be opened.", missing);
        }
    }

    private static double number(JsonNode json, String name, double usual, String place) {
        if (!json.has(name)) {
            return usual;
        }
        if (!json.path(name).isNumber()) {
            throw mistake(place + ", " + name + ": is a number, not " + json.path(name));
        }
        return json.path(name).asDouble();
    }

    private static IllegalArgumentException mistake(String text) {
        return new IllegalArgumentException(text + ".");
    }

    private static void write(ObjectNode json, Path file) {
        AtomicFiles.write(
                file, out -> out.write(MAPPER.writerWithDefaultPrettyPrinter().writeValueAsBytes(json)));
    }
}
